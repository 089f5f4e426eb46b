import { Text } from '@codemirror/state'
import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, shallowRef } from 'vue'
import type { Edit, SheetChange, Tidied } from '@/api/client'
import TidiedLeaf from '@/desk/leaves/tidied/TidiedLeaf.vue'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { plugins } from './plugins'
import { answer, body, sheet } from './samples'

const api = vi.hoisted(() => ({ tidying: vi.fn(), original: vi.fn() }))
vi.mock('@/api/client', async (real) => ({ ...(await real<object>()), api }))
const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say: said, asked: (call: () => Promise<unknown>) => call() }),
}))

const SOURCE = 'Spring test\n\n__ 1. Which bee mates?\na. worker  b. drone\n'
const row = (line: number, before: string, after: string[], ...steps: string[]) => ({ line, before, after, steps })
const tidying: Tidied = {
  edits: [{ from: 0, to: 13, text: '' }],
  rows: [
    row(1, 'Spring test', [], 'Title above the questions'),
    row(2, '', [], 'Blank lines'),
    row(3, '__ 1. Which bee mates?', ['1. Which bee mates?'], 'Answer blanks'),
    row(4, 'a. worker  b. drone', ['a. worker', 'b. drone'], 'Options side by side'),
  ],
  title: 'Spring test',
  steps: [
    { name: 'titles', label: 'Title above the questions', changes: 1, refused: 0 },
    { name: 'option-columns', label: 'Options side by side', changes: 1, refused: 0 },
  ],
  notes: [],
}

const read = answer(
  [
    { id: 'title', length: 12, kind: 'stray' },
    { id: 'gap', length: 1, kind: 'blank' },
    { id: 'one', length: SOURCE.length - 13, kind: 'question' },
  ],
  [body('title', { kind: 'stray' }), body('one')],
)

/** Draws everything: there are no heights here to tell what is in sight. */
const List = defineComponent({
  props: { items: { type: Array, required: true } },
  setup:
    (props, { slots }) =>
    () =>
      h('div', props.items.length ? props.items.map((item) => slots.default?.({ item })) : slots.empty?.()),
})

const desk = {
  applied: vi.fn<(base: string, edits: readonly Edit[]) => Promise<boolean>>(),
  change: vi.fn<(what: SheetChange) => Promise<boolean>>(),
  replaceAll: vi.fn<(text: string) => void>(),
  goToLine: vi.fn<(line: number) => void>(),
  undo: () => true,
  base: () => Promise.resolve('h1'),
  reading: shallowRef(spliced(NOTHING_READ, read)),
  doc: () => Text.of(SOURCE.split('\n')),
  hasFocus: () => true,
  sheet: shallowRef(sheet({ title: 'Pasted on 25 November', notes: ['Comments were left out.'] })),
}

async function open() {
  const shown = mount(TidiedLeaf, {
    props: { desk, sheetId: 's1' },
    global: { plugins: plugins(), stubs: { FacingList: List } },
  })
  await flushPromises()
  const button = (name: string) => shown.findAll('button').find((one) => one.text() === name)
  return { shown, button }
}

beforeEach(() => {
  for (const mock of [desk.applied, desk.change, desk.replaceAll, desk.goToLine, said, api.original]) mock.mockReset()
  api.tidying.mockReset().mockResolvedValue(tidying)
  desk.applied.mockResolvedValue(true)
  desk.sheet.value = { ...desk.sheet.value, title: 'Pasted on 25 November', fileName: null }
})

describe('the leaf Tidied', () => {
  it('shows beside each line what becomes of it', async () => {
    const { shown } = await open()
    const rows = shown
      .findAll('.row')
      .map((one) => [one.classes()[1], one.findAll('del, ins').map((part) => `${part.element.tagName} ${part.text()}`)])
    expect(rows).toEqual([
      ['is-gone', ['DEL Spring test']],
      ['is-blank', []],
      ['is-changed', ['DEL __ 1. Which bee mates?', 'INS 1. Which bee mates?']],
      ['is-changed', ['DEL a. worker  b. drone', 'INS a. worker', 'INS b. drone']],
    ])
    expect(shown.text()).toContain('2 changes')
    expect(shown.text()).toContain('Comments were left out.')
  })

  it('leads from a line to its place in the source', async () => {
    const { shown } = await open()
    await (shown.findAll('.line')[2] as NonNullable<ReturnType<typeof shown.find>>).trigger('click')
    expect(desk.goToLine).toHaveBeenCalledExactlyOnceWith(3)
  })

  it('leaves a line or a step out, and says how it is tidied again', async () => {
    const { shown } = await open()
    const leave = shown.find('[aria-label="Keep line 4 as is"]')
    expect(leave.attributes('title')).toBe('Options side by side')
    await leave.trigger('click')
    await flushPromises()
    expect(api.tidying).toHaveBeenLastCalledWith('s1', 'h1', [], [4])
    expect(shown.find('[aria-label="Tidy line 4"]').exists()).toBe(true)
    await shown.find('input[type=checkbox]').setValue(false)
    await flushPromises()
    expect(api.tidying).toHaveBeenLastCalledWith('s1', 'h1', ['titles'], [4])
  })

  it('takes the whole in one change that can be taken back, and names a pasted sheet by its title', async () => {
    const { shown, button } = await open()
    await button('Use the tidied text')?.trigger('click')
    await flushPromises()
    expect(desk.applied).toHaveBeenCalledExactlyOnceWith('h1', tidying.edits)
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ title: 'Spring test' })
    expect(said).toHaveBeenCalledExactlyOnceWith('The tidied text is now on the left.', expect.any(Function))
    expect(shown.emitted('taken')).toHaveLength(1)
  })

  it('leaves the name of a file, and one that a person gave', async () => {
    for (const named of [{ fileName: 'test.docx' }, { title: 'My test' }]) {
      desk.sheet.value = { ...desk.sheet.value, ...named }
      const { button } = await open()
      await button('Use the tidied text')?.trigger('click')
      await flushPromises()
    }
    expect(desk.applied).toHaveBeenCalledTimes(2)
    expect(desk.change).not.toHaveBeenCalled()
  })

  it('says nothing of a text that was not taken', async () => {
    desk.applied.mockResolvedValue(false)
    const { shown, button } = await open()
    await button('Use the tidied text')?.trigger('click')
    await flushPromises()
    expect(said).not.toHaveBeenCalled()
    expect(shown.emitted('taken')).toBeUndefined()
  })

  it('gives back the text as it came, or says that it stands there', async () => {
    api.original.mockResolvedValueOnce({ text: 'As it came\n' }).mockResolvedValueOnce({ text: SOURCE })
    const { button } = await open()
    await button('Restore the original')?.trigger('click')
    await flushPromises()
    expect(desk.replaceAll).toHaveBeenCalledExactlyOnceWith('As it came\n')
    await button('Restore the original')?.trigger('click')
    await flushPromises()
    expect(desk.replaceAll).toHaveBeenCalledOnce()
    expect(said).toHaveBeenLastCalledWith('This is the original text.')
  })

  it('has nothing to take where nothing changes', async () => {
    api.tidying.mockResolvedValue({ ...tidying, edits: [], steps: [], title: null, rows: [] })
    const { shown, button } = await open()
    expect(button('Use the tidied text')).toBeUndefined()
    expect(shown.text()).toContain('nothing changes')
  })

  it('keeps what it shows while something is typed, until that is tidied itself', async () => {
    const { shown } = await open()
    const later = { ...read, hash: 'h2', splice: { keepStart: 3, keepEnd: 0, put: [] } }
    desk.reading.value = { ...spliced(desk.reading.value, later), hash: 'h2' }
    await flushPromises()
    expect(shown.findAll('.row')).toHaveLength(4)
    desk.reading.value = spliced(NOTHING_READ, read)
  })
})
