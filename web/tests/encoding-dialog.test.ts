import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { Decoding, Sheet } from '@/api/client'
import EncodingDialog from '@/desk/EncodingDialog.vue'
import { plugins } from './plugins'

const decoding = vi.hoisted(() => vi.fn<(id: string, encoding: string) => Promise<Decoding>>())
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { decoding },
}))
vi.mock('@/composables/useOffer', () => ({
  useOffer: () => ({
    offer: {
      value: {
        notations: [],
        encodings: [
          { name: 'windows-1252', label: 'Windows-1252 (Western Europe)' },
          { name: 'macintosh', label: 'Mac Roman' },
        ],
      },
    },
  }),
}))

const sheet = {
  id: 's1',
  encoding: { name: 'windows-1252', label: 'Windows-1252 (Western Europe)' },
  certainty: 'guess',
} as Sheet

const Chooser = {
  props: { modelValue: { type: String, default: '' } },
  emits: ['update:modelValue'],
  template: '<button class="pick" @click="$emit(\'update:modelValue\', \'macintosh\')">{{ modelValue }}</button>',
}
const Frame = { emits: ['show'], template: '<div><slot /><slot name="footer" /></div>' }

function dialog() {
  return mount(EncodingDialog, {
    props: { sheet, modelValue: true },
    global: { plugins: plugins(), stubs: { Dialog: Frame, Select: Chooser } },
  })
}

beforeEach(() => decoding.mockReset())

async function choose(shown: ReturnType<typeof dialog>): Promise<void> {
  await shown.find('.pick').trigger('click')
  await vi.waitFor(() => expect(decoding).toHaveBeenCalled())
  await flushPromises()
  await nextTick()
}

describe('another encoding', () => {
  it('says what was found and how sure that is', () => {
    expect(dialog().text()).toContain('The file may be in Windows-1252 (Western Europe), but this is a guess.')
  })

  it('shows the lines that would change before anything is changed', async () => {
    decoding.mockResolvedValue({
      encoding: { name: 'macintosh', label: 'Mac Roman' },
      lost: 0,
      differing: 2,
      lines: [{ line: 7, before: 'Königin', after: 'Kˆnigin' }],
    })
    const shown = dialog()
    await choose(shown)
    expect(decoding).toHaveBeenCalledWith('s1', 'macintosh')
    expect(shown.text()).toContain('2 lines would change')
    expect(shown.find('del').text()).toBe('ö')
    expect(shown.emitted('choose')).toBeUndefined()
  })

  it('warns of what would be lost, and hands the choice on', async () => {
    decoding.mockResolvedValue({
      encoding: { name: 'macintosh', label: 'Mac Roman' },
      lost: 3,
      differing: 1,
      lines: [],
    })
    const shown = dialog()
    await choose(shown)
    expect(shown.text()).toContain('3 characters would be lost.')
    await shown.findAll('button').at(-1)?.trigger('click')
    expect(shown.emitted('choose')).toEqual([['macintosh']])
  })
})
