import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import button from '@primeuix/themes/aura/button'
import checkbox from '@primeuix/themes/aura/checkbox'
import dialog from '@primeuix/themes/aura/dialog'
import inputnumber from '@primeuix/themes/aura/inputnumber'
import inputtext from '@primeuix/themes/aura/inputtext'
import popover from '@primeuix/themes/aura/popover'
import progressbar from '@primeuix/themes/aura/progressbar'
import select from '@primeuix/themes/aura/select'
import selectbutton from '@primeuix/themes/aura/selectbutton'
import textarea from '@primeuix/themes/aura/textarea'
import toast from '@primeuix/themes/aura/toast'
import togglebutton from '@primeuix/themes/aura/togglebutton'
import toggleswitch from '@primeuix/themes/aura/toggleswitch'

const violet = {
  50: '#f6f2fd',
  100: '#ece6fa',
  200: '#d8cbf4',
  300: '#bda6fb',
  400: '#8d6fd6',
  500: '#5630b0',
  600: '#4a2999',
  700: '#3d2280',
  800: '#301b66',
  900: '#24144d',
  950: '#180d34',
}

const page = {
  surface: {
    0: '#ffffff',
    50: '#faf9fc',
    100: '#eeecf3',
    200: '#d9d5e4',
    300: '#c2bcd2',
    400: '#8d86a3',
    500: '#665f7b',
    600: '#5d5871',
    700: '#3b3549',
    800: '#24202f',
    900: '#1d1a2b',
    950: '#100e18',
  },
  primary: {
    color: 'var(--ink)',
    contrastColor: 'var(--on-ink)',
    hoverColor: 'var(--soft)',
    activeColor: 'var(--soft)',
  },
  text: { color: 'var(--ink)', hoverColor: 'var(--ink)', mutedColor: 'var(--soft)', hoverMutedColor: 'var(--ink)' },
  content: {
    background: 'var(--leaf)',
    hoverBackground: 'var(--line-wash)',
    borderColor: 'var(--rule)',
    color: 'var(--ink)',
    hoverColor: 'var(--ink)',
  },
  formField: {
    background: 'var(--leaf)',
    borderColor: 'var(--control)',
    hoverBorderColor: 'var(--soft)',
    focusBorderColor: 'var(--dye)',
    color: 'var(--ink)',
    placeholderColor: 'var(--faint)',
    iconColor: 'var(--soft)',
  },
  highlight: {
    background: 'var(--dye-wash)',
    focusBackground: 'var(--dye-wash)',
    color: 'var(--ink)',
    focusColor: 'var(--ink)',
  },
  overlay: {
    select: { background: 'var(--leaf)', borderColor: 'var(--control)', color: 'var(--ink)' },
    popover: { background: 'var(--leaf)', borderColor: 'var(--control)', color: 'var(--ink)' },
    modal: { background: 'var(--leaf)', borderColor: 'var(--control)', color: 'var(--ink)' },
  },
  mask: { background: 'rgba(16, 14, 24, 0.5)' },
}

/** The parts that are in use: the tokens of all others would be worked out at each start as well. */
const parts = {
  ...base,
  components: {
    button,
    checkbox,
    dialog,
    inputnumber,
    inputtext,
    popover,
    progressbar,
    select,
    selectbutton,
    textarea,
    toast,
    togglebutton,
    toggleswitch,
  },
}

/** PrimeVue's parts in our tokens: ink for what is pressed, flat, square-shouldered. */
export const preset = definePreset(parts, {
  primitive: { borderRadius: { none: '0', xs: '2px', sm: '3px', md: '4px', lg: '4px', xl: '6px' } },
  semantic: {
    primary: violet,
    focusRing: { width: '2px', style: 'solid', color: 'var(--dye)', offset: '2px' },
    formField: { paddingX: '10px', paddingY: '5px', sm: { fontSize: '13px', paddingX: '8px', paddingY: '3px' } },
    colorScheme: { light: page, dark: page },
  },
  components: {
    button: {
      root: {
        paddingX: '12px',
        paddingY: '5px',
        sm: { fontSize: '13px', paddingX: '10px', paddingY: '3px' },
        label: { fontWeight: '600' },
      },
      colorScheme: {
        light: { root: secondary(), outlined: outlined() },
        dark: { root: secondary(), outlined: outlined() },
      },
    },
    dialog: { title: { fontSize: '18px', fontWeight: '600' } },
    toast: { colorScheme: { light: notice(), dark: notice() } },
  },
})

function secondary() {
  return {
    secondary: {
      background: 'transparent',
      hoverBackground: 'var(--line-wash)',
      activeBackground: 'var(--dye-wash)',
      borderColor: 'var(--control)',
      hoverBorderColor: 'var(--soft)',
      activeBorderColor: 'var(--soft)',
      color: 'var(--ink)',
      hoverColor: 'var(--ink)',
      activeColor: 'var(--ink)',
    },
  }
}

function outlined() {
  return {
    secondary: {
      borderColor: 'var(--control)',
      color: 'var(--ink)',
      hoverBackground: 'var(--line-wash)',
      activeBackground: 'var(--dye-wash)',
    },
  }
}

function notice() {
  const quiet = {
    background: 'var(--ink)',
    borderColor: 'var(--ink)',
    color: 'var(--on-ink)',
    detailColor: 'var(--on-ink)',
    shadow: 'none',
    closeButton: { hoverBackground: 'transparent', focusRing: { color: 'var(--on-ink)', shadow: 'none' } },
  }
  return { blur: '0', info: quiet, secondary: quiet, error: quiet, warn: quiet, success: quiet }
}
