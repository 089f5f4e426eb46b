import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, shallowRef } from 'vue'
import type { Edit, Question } from '@/api/client'
import { useMarking, withMark } from '@/desk/leaves/proof/useMarking'
import { NOTHING_READ, type SheetReading, spliced } from '@/desk/sync/reading'
import { answer, body } from './samples'

const marking = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { marking } }))

function question(type: Question['type'], keys: boolean[], more: Partial<Question> = {}): Question {
  return {
    type,
    title: null,
    points: null,
    stem: 'Which?',
    options: keys.map((key, index) => ({ html: `o${index}`, weight: key ? '100' : '0', key, feedback: null })),
    accepted: [],
    pairs: [],
    answer: null,
    feedbackWhenRight: null,
    feedbackWhenWrong: null,
    explanation: null,
    isMarked: keys.includes(true),
    marks: null,
    ...more,
  }
}

function open(...questions: Question[]) {
  const bodies = questions.map((of, index) => body(`b${index}`, { question: of }))
  const read = answer(
    bodies.map(({ id }) => ({ id, length: 1, kind: 'question' })),
    bodies,
  )
  const reading = shallowRef<SheetReading>(spliced(NOTHING_READ, read))
  const edited = vi.fn((ask: (base: string) => Promise<{ edits: Edit[] }>) => ask('h1').then(() => true))
  const desk = { reading, edited, settled: () => Promise.resolve() }
  const seen: (number | null)[] = []
  let found!: ReturnType<typeof useMarking>
  const wrapper = mount(
    defineComponent({
      setup() {
        found = useMarking(desk, 's1', (one) => seen.push(one.number))
        return () => h('div')
      },
    }),
  )
  return { found, seen, reading, wrapper }
}

const press = (key: string, more: KeyboardEventInit = {}) =>
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }))

describe('marking by key', () => {
  afterEach(() => vi.clearAllMocks())

  it('adds with Shift to the question that was marked last, until somebody goes elsewhere', () => {
    marking.mockReturnValue(new Promise(() => {}))
    const { found, wrapper } = open(
      question('choice', [false, false, false]),
      question('choice', [false, false, false]),
      question('choice', [false, false, false]),
    )
    found.begin()
    press('a')
    expect([found.current.value, found.last.value]).toEqual([2, 1])
    press('C', { shiftKey: true })
    expect(found.pending.value.get(1)).toEqual({ keys: [0, 2] })
    expect(found.pending.value.has(2)).toBe(false)
    expect([found.current.value, found.last.value]).toEqual([2, 1])

    press('ArrowDown')
    expect([found.current.value, found.last.value]).toEqual([3, null])
    press('B', { shiftKey: true })
    expect(found.pending.value.get(3)).toEqual({ keys: [1] })
    wrapper.unmount()
  })

  it('marks with a letter, shows it at once and goes on to the next without a mark', async () => {
    marking.mockReturnValue(new Promise(() => {}))
    const { found, wrapper } = open(
      question('choice', [false, false]),
      question('choice', [true, false]),
      question('true-false', []),
    )
    found.begin()
    expect(found.current.value).toBe(1)
    press('b')
    expect(found.current.value).toBe(3)
    expect(found.unmarked.value).toEqual([3])
    await flushPromises()
    expect(marking).toHaveBeenCalledWith('s1', { base: 'h1', question: 1, keys: [1], unmark: false })
    press('f')
    expect(found.unmarked.value).toEqual([])
    wrapper.unmount()
  })

  it('adds with Shift and takes a mark away with the same letter', async () => {
    marking.mockResolvedValue({ edits: [] })
    const { found, wrapper } = open(question('choice', [true, false, false]))
    found.goTo(1)
    press('C', { shiftKey: true })
    await flushPromises()
    press('a')
    await flushPromises()
    expect(marking.mock.calls.map(([, body]) => (body as { keys: number[] }).keys)).toEqual([[0, 2], []])
    wrapper.unmount()
  })

  it('leaves letters that name no option, and keys with Ctrl, alone', () => {
    const { found, wrapper } = open(question('choice', [false, false]))
    found.begin()
    press('x')
    press('a', { ctrlKey: true })
    expect(marking).not.toHaveBeenCalled()
    wrapper.unmount()
  })

  it('goes up and down by arrows, and sends typed answers as they were written', async () => {
    marking.mockResolvedValue({ edits: [] })
    const { found, seen, wrapper } = open(question('short-answer', []), question('choice', [true, false]))
    found.begin()
    press('ArrowDown')
    press('ArrowUp')
    expect(seen).toEqual([1, 2, 1])
    found.forms(1, ' four / 4 /')
    await flushPromises()
    expect(marking).toHaveBeenCalledWith('s1', { base: 'h1', question: 1, forms: 'four / 4 /', unmark: false })
    wrapper.unmount()
  })

  it('shows a mark before the server has said it', () => {
    const shown = (one: Question, mark: Parameters<typeof withMark>[1]) => withMark(one, mark).isMarked
    expect(shown(question('true-false', []), { truth: false })).toBe(true)
    expect(shown(question('true-false', [], { answer: false, isMarked: true }), { truth: null })).toBe(false)
    expect(shown(question('gap', []), { forms: 'four' })).toBe(true)
    expect(shown(question('choice', [true, false]), { keys: [] })).toBe(false)
    expect(withMark(question('choice', [true, false, false]), { keys: [0, 2] }).type).toBe('multiple-response')
  })
})
