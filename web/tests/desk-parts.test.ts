import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import DeskBanner from '@/desk/DeskBanner.vue'
import LeafTabs from '@/desk/leaves/LeafTabs.vue'
import type { SaveState } from '@/desk/sync/sheet-sync'
import { useOneLeaf } from '@/desk/useOneLeaf'
import { plugins } from './plugins'

const global = { plugins: plugins() }

describe('the line over the book', () => {
  const putBack = vi.fn<() => Promise<void>>()
  const tryAgain = vi.fn()
  const banner = (state: SaveState, more: object = {}) =>
    mount(DeskBanner, {
      global,
      props: {
        desk: { saveState: ref(state), saveMessage: ref('The disk is full.'), putBack, tryAgain },
        isOver: false,
        arrival: null,
        refusals: [],
        ...more,
      },
    })

  it('says nothing while all is well', () => {
    expect(banner('saved').text()).toBe('')
  })

  it('says that the text is kept while the server is away', () => {
    const alert = banner('offline').find('[role=alert]')
    expect(alert.text()).toContain('The disk is full.')
    expect(alert.text()).toContain('kept in this browser')
  })

  it('offers to put a sheet back, and to try again what was refused', async () => {
    await banner('gone').find('button').trigger('click')
    expect(putBack).toHaveBeenCalledOnce()
    await banner('refused').find('button').trigger('click')
    expect(tryAgain).toHaveBeenCalledOnce()
  })

  it('names each file that did not come, until it was seen', async () => {
    const wrapper = banner('saved', {
      refusals: [
        { name: 'a.pdf', message: 'This is a PDF.' },
        { name: 'b.doc', message: 'This is an old file.' },
      ],
    })
    expect(wrapper.text()).toContain('“a.pdf” was not added This is a PDF.')
    expect(wrapper.text()).toContain('“b.doc”')
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('seen')).toHaveLength(1)
  })

  it('shows a file on its way before anything else, and can stop it', async () => {
    const wrapper = banner('offline', { arrival: { name: 'a.docx', nth: 1, of: 1 } })
    expect(wrapper.text()).toContain('Adding “a.docx” …')
    expect(wrapper.text()).not.toContain('of 1')
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('stop')).toHaveLength(1)
  })
})

describe('the tabs of the leaves', () => {
  const tabs = (hasSource: boolean, source = false) =>
    mount(LeafTabs, {
      global,
      props: {
        count: { isWhole: true, questions: 30, sound: 28, fault: 2, doubt: 0, hint: 1 },
        names: ['proof', 'findings'],
        open: 'findings',
        hasSource,
        source,
        to: (name: string) => `/sheets/1/${name}`,
      },
    })

  it('lead to addresses, mark the open one, and count what there is to say', () => {
    const wrapper = tabs(false)
    expect(wrapper.findAll('a').map((link) => link.attributes('href'))).toEqual([
      '/sheets/1/proof',
      '/sheets/1/findings',
    ])
    expect(wrapper.find('[aria-current=page]').text()).toContain('Findings')
    expect(wrapper.findAll('.badge').map((badge) => badge.classes()[1])).toEqual(['is-fault', 'is-hint'])
    expect(wrapper.find('.badge').text()).toBe('22 faults')
    expect(wrapper.find('button').exists()).toBe(false)
  })

  it('hold the source as well where there is room for one leaf only', async () => {
    const wrapper = tabs(true)
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('update:source')).toEqual([[true]])
    await wrapper.setProps({ source: true })
    expect(wrapper.find('.is-open').text()).toBe('Source')
    await wrapper.find('a').trigger('click')
    expect(wrapper.emitted('update:source')?.at(-1)).toEqual([false])
  })
})

describe('one leaf at a time', () => {
  let isNarrow = true
  beforeEach(() => {
    vi.stubGlobal('matchMedia', () => ({
      matches: isNarrow,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }))
  })

  function open() {
    const led = ref(0)
    const showCursor = vi.fn()
    let found: ReturnType<typeof useOneLeaf> | undefined
    mount(
      defineComponent(() => {
        found = useOneLeaf({ led, showCursor })
        return () => h('i')
      }),
    )
    return { led, showCursor, found: found as ReturnType<typeof useOneLeaf> }
  }

  it('brings the source into sight where somebody is led to a place', async () => {
    isNarrow = true
    const { led, showCursor, found } = open()
    expect(found.isSourceOpen.value).toBe(false)
    led.value += 1
    await flushPromises()
    expect(found.isSourceOpen.value).toBe(true)
    expect(showCursor).toHaveBeenCalledOnce()
  })

  it('leaves everything in sight where there is room', async () => {
    isNarrow = false
    const { led, showCursor, found } = open()
    led.value += 1
    await nextTick()
    expect(found.isSourceOpen.value).toBe(false)
    expect(showCursor).not.toHaveBeenCalled()
  })
})
