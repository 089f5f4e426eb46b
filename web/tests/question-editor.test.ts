import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type Edit, Problem, type Question, type QuestionTexts } from '@/api/client'
import QuestionEditor from '@/desk/leaves/proof/QuestionEditor.vue'
import { plugins } from './plugins'

const { texts, amending } = vi.hoisted(() => ({ texts: vi.fn(), amending: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { texts, amending } }))
const say = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say, asked: (call: () => Promise<unknown>) => call() }),
}))

const TEXTS: QuestionTexts = {
  stem: 'Which bee?',
  title: null,
  category: ['Bees'],
  points: null,
  format: 'auto',
  explanation: null,
  kind: 'option',
  entries: [
    { text: 'worker', match: null, weight: '100/3', feedback: 'yes' },
    { text: 'drone', match: null, weight: '0', feedback: null },
  ],
  feedbackWhenRight: null,
  feedbackWhenWrong: null,
  parts: ['title', 'category', 'points', 'explanation', 'feedback', 'weight', 'format'],
  types: ['essay'],
}

function open(more: Partial<QuestionTexts> = {}) {
  texts.mockResolvedValue({ ...TEXTS, ...more })
  const edited = vi.fn(async (ask: (base: string) => Promise<{ edits: Edit[] }>) => {
    try {
      await ask('h1')
      return true
    } catch {
      return false
    }
  })
  const desk = { edited, applied: vi.fn(() => Promise.resolve(true)), base: () => Promise.resolve('h1'), undo: vi.fn() }
  const question = { type: 'choice', options: [{ key: true }, { key: false }], answer: null } as unknown as Question
  const wrapper = mount(QuestionEditor, {
    props: { desk, sheetId: 's1', question, number: 4, version: 'v1', at: 'stem', types: ['choice'] },
    global: { plugins: plugins(), stubs: { Select: { name: 'Select', template: '<i />' } } },
    attachTo: document.body,
  })
  return { wrapper, desk }
}

const field = (wrapper: ReturnType<typeof open>['wrapper'], label: string) =>
  wrapper.get<HTMLTextAreaElement>(`textarea[aria-label="${label}"]`)

describe('a question whose texts are changed', () => {
  beforeEach(() => {
    vi.clearAllMocks()
    amending.mockResolvedValue({ edits: [], question: 4, notes: [] })
  })

  it('shows them as written and takes one by Enter, with what it said before', async () => {
    const { wrapper } = open()
    await flushPromises()
    expect(document.activeElement).toBe(field(wrapper, 'Question text').element)
    await field(wrapper, 'Question text').setValue('Which one?')
    await field(wrapper, 'Question text').trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect(amending).toHaveBeenCalledWith('s1', {
      base: 'h1',
      question: 4,
      changes: [{ set: 'stem', to: 'Which one?' }],
      was: 'Which bee?',
    })
    wrapper.unmount()
  })

  it('takes the focus also where its texts come a moment later, and only once', async () => {
    texts.mockResolvedValueOnce(null)
    const { wrapper } = open()
    texts.mockResolvedValueOnce(null).mockResolvedValue(TEXTS)
    await flushPromises()
    expect(wrapper.find('textarea').exists()).toBe(false)
    await wrapper.setProps({ version: 'v2' })
    await flushPromises()
    await wrapper.setProps({ version: 'v3' })
    await flushPromises()
    expect(document.activeElement).toBe(field(wrapper, 'Question text').element)
    field(wrapper, 'Option B').element.focus()
    await wrapper.setProps({ version: 'v4' })
    await flushPromises()
    expect(document.activeElement).toBe(field(wrapper, 'Option B').element)
    wrapper.unmount()
  })

  it('asks for nothing where nothing is another, and Escape takes back what was typed', async () => {
    const { wrapper } = open()
    await flushPromises()
    await field(wrapper, 'Option A').trigger('blur')
    await field(wrapper, 'Option A').setValue('guest')
    await field(wrapper, 'Option A').trigger('keydown', { key: 'Escape' })
    await field(wrapper, 'Option A').trigger('blur')
    await flushPromises()
    expect(amending).not.toHaveBeenCalled()
    expect((field(wrapper, 'Option A').element as HTMLTextAreaElement).value).toBe('worker')
    wrapper.unmount()
  })

  it('keeps what was refused, and puts it in the second time', async () => {
    const { wrapper } = open()
    await flushPromises()
    amending.mockRejectedValueOnce(new Problem(422, 'This was changed in the text in the meantime: “theirs”.'))
    texts.mockResolvedValue({ ...TEXTS, stem: 'theirs' })
    await field(wrapper, 'Question text').setValue('mine')
    await field(wrapper, 'Question text').trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect((field(wrapper, 'Question text').element as HTMLTextAreaElement).value).toBe('mine')
    expect(field(wrapper, 'Question text').classes()).toContain('is-refused')
    await field(wrapper, 'Question text').trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect(amending).toHaveBeenLastCalledWith('s1', expect.objectContaining({ was: 'theirs' }))
    wrapper.unmount()
  })

  it('names what another type loses before it is lost', async () => {
    const { wrapper, desk } = open()
    await flushPromises()
    amending.mockResolvedValueOnce({
      edits: [{ from: 0, to: 1, text: '' }],
      question: 4,
      notes: ['Its answers are removed.'],
    })
    wrapper.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 'essay')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('Its answers are removed.')
    expect(desk.applied).not.toHaveBeenCalled()
    await wrapper.get('[role=alert] button').trigger('click')
    await flushPromises()
    expect(desk.applied).toHaveBeenCalledWith('h1', [{ from: 0, to: 1, text: '' }])
    wrapper.unmount()
  })

  it('offers only what the notation has a place for', async () => {
    const { wrapper } = open({ parts: [] })
    await flushPromises()
    expect(wrapper.findAll('textarea').map((one) => one.attributes('aria-label'))).toEqual([
      'Question text',
      'Option A',
      'Option B',
    ])
    wrapper.unmount()
  })

  it('moves an answer and the whole question by key', async () => {
    const { wrapper } = open()
    await flushPromises()
    await field(wrapper, 'Option A').trigger('keydown', { key: 'ArrowDown', altKey: true })
    await field(wrapper, 'Option A').trigger('keydown', { key: 'ArrowDown', altKey: true, shiftKey: true })
    await flushPromises()
    expect(amending.mock.calls.map(([, body]) => (body as { changes: unknown[] }).changes[0])).toEqual([
      { move: 'option', at: 'A', by: 1 },
      { move: 'question', to: 5 },
    ])
    wrapper.unmount()
  })
})
