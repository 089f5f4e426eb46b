import { Text } from '@codemirror/state'
import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, shallowRef } from 'vue'
import type { Edit, SheetChange, Tidied, TidyRow } from '@/api/client'
import TidiedLeaf from '@/desk/leaves/tidied/TidiedLeaf.vue'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { plugins } from './plugins'
import { answer, body, sheet } from './samples'

const api = vi.hoisted(() => ({
  tidying: vi.fn(),
  original: vi.fn(),
  offer: () =>
    Promise.resolve({
      notations: [
        { id: 'starred', label: 'Starred list', parts: [] },
        { id: 'gift', label: 'GIFT', parts: ['title'] },
        { id: 'gram', label: 'Gram', parts: ['title'] },
      ],
    }),
}))
vi.mock('@/api/client', async (real) => ({ ...(await real<object>()), api }))
const said = vi.hoisted(() => vi.fn())
const failed = vi.fn<(error: unknown) => void>()
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say: said, asked: (call: () => Promise<unknown>) => call() }),
}))

const SOURCE = 'Spring test\n\n__ 1. Which bee mates?\na. worker  b. drone\n'
type Parts = TidyRow['parts']
const row = (line: number, parts: Parts, ...steps: string[]): TidyRow => ({
  line,
  parts,
  leaves: parts.every(({ kind }) => kind === 'gone'),
  steps,
})
const kept = (text: string) => ({ kind: 'kept' as const, text })
const fresh = (text: string) => ({ kind: 'new' as const, text })
const gone = (text: string) => ({ kind: 'gone' as const, text })
const tidying: Tidied = {
  edits: [{ from: 0, to: 13, text: '' }],
  rows: [
    row(1, [gone('Spring test')], 'titles'),
    row(2, [gone('')], 'blank-lines'),
    row(3, [gone('__ '), kept('1. Which bee mates?')], 'answer-rules'),
    row(4, [kept('a. worker'), gone('  '), fresh('\n'), kept('b. drone')], 'option-columns'),
  ],
  steps: [
    { name: 'titles', label: 'Title above the questions', changes: 1, refused: 0 },
    { name: 'option-columns', label: 'Options side by side', changes: 1, refused: 0 },
  ],
  notes: [],
  losses: [],
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
  light: vi.fn<(lines: readonly number[]) => void>(),
  change: vi.fn<(what: SheetChange) => Promise<boolean>>(),
  replaceAll: vi.fn<(text: string) => void>(),
  goToLine: vi.fn<(line: number) => void>(),
  undo: () => true,
  base: () => Promise.resolve('h1'),
  reading: shallowRef(spliced(NOTHING_READ, read)),
  doc: () => Text.of(SOURCE.split('\n')),
  hasFocus: () => true,
  sheet: shallowRef(sheet({ notes: ['Comments were left out.'], awaitsTidying: true, notation: 'starred' })),
}

/** Like the real one, it shows nothing for a choice without a value. */
const Chooser = {
  props: ['modelValue', 'options'],
  template: '<i>{{ modelValue && options.find(({ id }) => id === modelValue)?.label }}</i>',
}

async function open() {
  const shown = mount(TidiedLeaf, {
    props: { desk, sheetId: 's1' },
    global: { plugins: plugins(), stubs: { FacingList: List, Select: Chooser }, config: { errorHandler: failed } },
  })
  await flushPromises()
  const button = (name: string) => shown.findAll('button').find((one) => one.text() === name)
  return { shown, button }
}

beforeEach(() => {
  for (const mock of [
    failed,
    desk.applied,
    desk.change,
    desk.light,
    desk.replaceAll,
    desk.goToLine,
    said,
    api.original,
  ])
    mock.mockReset()
  api.tidying.mockReset().mockResolvedValue(tidying)
  desk.applied.mockResolvedValue(true)
  desk.change.mockResolvedValue(true)
  desk.sheet.value = { ...desk.sheet.value, awaitsTidying: true }
})

describe('the leaf Tidied', () => {
  it('reads like a page: each line once, with what is new and what left within it', async () => {
    const { shown } = await open()
    const lines = shown.findAll('.texts p').map((line) => line.text())
    expect(lines).toEqual(['__1. Which bee mates?', 'a. worker', 'b. drone'])
    expect(shown.findAll('.texts del').map((part) => part.text())).toEqual(['__'])
    expect(shown.text()).toContain('2 changes')
    expect(shown.text()).toContain('Comments were left out.')
  })

  it('folds the lines that leave into one that says what they are, and opens it', async () => {
    const { shown } = await open()
    const folded = shown.find('.fold')
    expect(folded.text()).toBe('1 line leaves: title above the questions')
    expect(shown.text()).not.toContain('Spring test')
    await folded.trigger('click')
    expect(shown.find('.is-gone del').text()).toBe('Spring test')
    await shown.find('[aria-label="Keep line 1 as is"]').trigger('click')
    expect(api.tidying).toHaveBeenLastCalledWith(
      's1',
      expect.objectContaining({ base: 'h1', refusedSteps: [], refusedLines: [1] }),
    )
  })

  it('does not tell of a line that went up to the one before it', async () => {
    api.tidying.mockResolvedValue({
      ...tidying,
      rows: [row(1, [kept('1. '), fresh('Which bee mates?')], 'numbers'), row(2, [gone('Which bee mates?')])],
    })
    const { shown } = await open()
    expect(shown.findAll('.texts p').map((line) => line.text())).toEqual(['1. Which bee mates?'])
    expect(shown.find('.fold').exists()).toBe(false)
  })

  it('lights the places of a step on both sides, while it is pointed at', async () => {
    const { shown } = await open()
    const step = shown.findAll('.step-list li')[1]
    await step?.trigger('pointerenter')
    expect(desk.light).toHaveBeenLastCalledWith([4])
    expect(shown.findAll('.is-lit')).toHaveLength(1)
    await step?.trigger('pointerleave')
    expect(desk.light).toHaveBeenLastCalledWith([])
  })

  it('goes from change to change of a step by key, and from the last to the first', async () => {
    api.tidying.mockResolvedValue({
      ...tidying,
      rows: tidying.rows.map((one) => ({ ...one, steps: ['titles'] })),
    })
    const { shown } = await open()
    const step = shown.find('.step-list li')
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']) await step.trigger('keydown', { key })
    expect(desk.goToLine.mock.calls).toEqual([[1], [2], [1], [4]])
    expect(shown.find('.is-at').text()).toContain('a. worker')
  })

  it('leads from a line to its place in the source', async () => {
    const { shown } = await open()
    await (shown.findAll('.number')[0] as NonNullable<ReturnType<typeof shown.find>>).trigger('click')
    expect(desk.goToLine).toHaveBeenCalledExactlyOnceWith(3)
  })

  it('leaves a line or a step out, and says how it is tidied again', async () => {
    const { shown } = await open()
    const leave = shown.find('[aria-label="Keep line 4 as is"]')
    expect(leave.attributes('title')).toBe('Options side by side')
    await leave.trigger('click')
    await flushPromises()
    expect(api.tidying).toHaveBeenLastCalledWith(
      's1',
      expect.objectContaining({ base: 'h1', refusedSteps: [], refusedLines: [4] }),
    )
    expect(shown.find('[aria-label="Tidy line 4"]').exists()).toBe(true)
    await shown.find('input[type=checkbox]').setValue(false)
    await flushPromises()
    expect(api.tidying).toHaveBeenLastCalledWith(
      's1',
      expect.objectContaining({ base: 'h1', refusedSteps: ['titles'], refusedLines: [4] }),
    )
  })

  it('takes the whole in one change that can be taken back, and waits no longer', async () => {
    const { shown, button } = await open()
    await button('Use the tidied text')?.trigger('click')
    await flushPromises()
    expect(desk.applied).toHaveBeenCalledExactlyOnceWith('h1', tidying.edits)
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ awaitsTidying: false })
    expect(said).toHaveBeenCalledExactlyOnceWith('The tidied text is now on the left.', expect.any(Function))
    expect(shown.emitted('taken')).toHaveLength(1)
  })

  it('goes on in its own notation where nobody chose another, and says which that is', async () => {
    const { shown } = await open()
    expect(shown.find('.as').text()).toContain('Starred list')
    expect(api.tidying).toHaveBeenCalledWith('s1', expect.objectContaining({ goesOnIn: null }))
  })

  it('goes on in a fuller notation by choice, with what that loses named first', async () => {
    localStorage.setItem('notagram.tidied-as', 'gram')
    api.tidying.mockResolvedValue({ ...tidying, losses: ['Question 2: Without T or F this becomes an essay.'] })
    const { shown, button } = await open()
    expect(api.tidying).toHaveBeenCalledWith('s1', expect.objectContaining({ goesOnIn: 'gram' }))
    expect(shown.find('[role=status]').text()).toContain('In Gram:Question 2: Without T or F this becomes an essay.')
    await button('Use the tidied text')?.trigger('click')
    await flushPromises()
    expect(desk.applied).toHaveBeenCalledExactlyOnceWith('h1', tidying.edits)
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ awaitsTidying: false, rewriteAs: 'gram' })
    expect(said.mock.calls[0]?.[0]).toContain('in Gram')
    expect(shown.emitted('taken')).toHaveLength(1)
    localStorage.clear()
  })

  it('is dismissed where the text is right as it is, and comes back by undo', async () => {
    const { shown, button } = await open()
    await button('Keep my text')?.trigger('click')
    await flushPromises()
    expect(desk.applied).not.toHaveBeenCalled()
    expect(shown.emitted('taken')).toHaveLength(1)
    ;(said.mock.calls[0]?.[1] as () => void)()
    expect(desk.change.mock.calls).toEqual([[{ awaitsTidying: false }], [{ awaitsTidying: true }]])
  })

  it('asks nothing of a sheet that does not wait', async () => {
    desk.sheet.value = { ...desk.sheet.value, awaitsTidying: false }
    const { button } = await open()
    expect(button('Keep my text')).toBeUndefined()
    await button('Use the tidied text')?.trigger('click')
    await flushPromises()
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
    await button('Restore original')?.trigger('click')
    await flushPromises()
    expect(desk.replaceAll).toHaveBeenCalledExactlyOnceWith('As it came\n')
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ awaitsTidying: true })
    await button('Restore original')?.trigger('click')
    await flushPromises()
    expect(desk.replaceAll).toHaveBeenCalledOnce()
    expect(said).toHaveBeenLastCalledWith('This is the original text.')
  })

  it('has nothing to take where nothing changes', async () => {
    api.tidying.mockResolvedValue({ ...tidying, edits: [], steps: [], rows: [] })
    const { shown, button } = await open()
    expect(button('Use the tidied text')).toBeUndefined()
    expect(shown.text()).toContain('nothing changes')
  })

  it('keeps what it shows while the source is shorter than what was read of it', async () => {
    const { shown } = await open()
    const before = shown.text()
    const whole = desk.doc
    desk.doc = () => Text.of(['Spring'])
    desk.reading.value = { ...desk.reading.value }
    await flushPromises()
    desk.doc = whole
    expect(shown.text()).toBe(before)
    expect(failed).not.toHaveBeenCalled()
  })

  it('keeps what it shows while something is typed, until that is tidied itself', async () => {
    const { shown } = await open()
    const later = { ...read, hash: 'h2', splice: { keepStart: 3, keepEnd: 0, put: [] } }
    desk.reading.value = { ...spliced(desk.reading.value, later), hash: 'h2' }
    await flushPromises()
    expect(shown.findAll('.texts p')).toHaveLength(3)
    desk.reading.value = spliced(NOTHING_READ, read)
  })
})
