import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Edit, KeyMarking } from '@/api/client'
import KeyDialog from '@/desk/leaves/proof/KeyDialog.vue'
import { plugins } from './plugins'

const key = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { key } }))

const mark = (question: number, more: Partial<KeyMarking['marks'][number]> = {}) => ({
  question,
  answer: 'B',
  replaces: false,
  isNew: true,
  ...more,
})
const marking = (more: Partial<KeyMarking> = {}): KeyMarking => ({
  marks: [],
  misfits: [],
  unmarked: 0,
  edits: [],
  ...more,
})

const applied = vi.fn<(base: string, edits: readonly Edit[]) => Promise<boolean>>()
const desk = { base: () => Promise.resolve('h1'), applied, undo: () => true }

function dialog() {
  const shown = mount(KeyDialog, {
    props: { desk, sheetId: 's1', modelValue: true },
    global: {
      plugins: plugins(),
      stubs: { Dialog: { template: '<div><slot /><slot name="footer" /></div>' } },
    },
  })
  const text = shown.find('textarea')
  const take = () => shown.findAll('button').at(-1) as NonNullable<ReturnType<typeof shown.find>>
  return { shown, text, take }
}

async function typed(text: ReturnType<typeof dialog>['text'], list: string): Promise<void> {
  await text.setValue(list)
  await vi.advanceTimersByTimeAsync(250)
  await flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers()
  key.mockReset()
  applied.mockReset().mockResolvedValue(true)
})
afterEach(() => vi.useRealTimers())

describe('a key list', () => {
  it('says first what it marks, what it replaces, what does not fit and what is left', async () => {
    key.mockResolvedValue(
      marking({
        marks: [mark(1), mark(2, { replaces: true, answer: 'C' }), mark(3, { isNew: false })],
        misfits: ['Number 9: there is no such question.'],
        unmarked: 2,
      }),
    )
    const { shown, text } = dialog()
    await typed(text, '1 B 2 C 3 A 9 A')
    expect(key).toHaveBeenCalledExactlyOnceWith('s1', 'h1', '1 B 2 C 3 A 9 A')
    expect(shown.findAll('[aria-live] p').map((line) => line.text())).toEqual([
      'This key marks 2 questions. 1 question already has this answer. 2 questions stay unmarked.',
      'Question 2: C replaces your mark.',
      'Number 9: there is no such question.',
    ])
    expect(applied).not.toHaveBeenCalled()
  })

  it('marks them in one change, closes, and is empty the next time', async () => {
    key.mockResolvedValue(marking({ marks: [mark(1)], edits: [{ from: 3, to: 3, text: '*' }] }))
    const { shown, text, take } = dialog()
    await typed(text, '1 B')
    await take().trigger('click')
    await flushPromises()
    expect(applied).toHaveBeenCalledExactlyOnceWith('h1', [{ from: 3, to: 3, text: '*' }])
    expect(shown.emitted('update:modelValue')).toEqual([[false]])
    expect((text.element as HTMLTextAreaElement).value).toBe('')
  })

  it('stays open with its text where the sheet is another by now', async () => {
    key.mockResolvedValue(marking({ marks: [mark(1)] }))
    applied.mockResolvedValue(false)
    const { shown, text, take } = dialog()
    await typed(text, '1 B')
    await take().trigger('click')
    await flushPromises()
    expect(shown.emitted('update:modelValue')).toBeUndefined()
    expect((text.element as HTMLTextAreaElement).value).toBe('1 B')
  })

  it('takes nothing that is not said yet of what stands there', async () => {
    key.mockResolvedValue(marking({ marks: [mark(1)] }))
    const { text, take } = dialog()
    await typed(text, '1 B')
    expect(take().attributes('disabled')).toBeUndefined()
    await text.setValue('1 C')
    expect(take().attributes('disabled')).toBeDefined()
    await text.trigger('keydown', { key: 'Enter', ctrlKey: true })
    expect(applied).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(250)
    await flushPromises()
    await text.trigger('keydown', { key: 'Enter', ctrlKey: true })
    expect(applied).toHaveBeenCalledOnce()
  })

  it('leaves an answer aside that comes for an older list', async () => {
    const late: ((value: KeyMarking) => void)[] = []
    key.mockImplementation(() => new Promise<KeyMarking>((resolve) => late.push(resolve)))
    const { shown, text } = dialog()
    await typed(text, '1 B')
    await typed(text, '1 B 2 C')
    late[1]?.(marking({ marks: [mark(1), mark(2)] }))
    await flushPromises()
    late[0]?.(marking({ marks: [mark(1)] }))
    await flushPromises()
    expect(shown.text()).toContain('This key marks 2 questions.')
  })

  it('has nothing to take where nothing is new', async () => {
    key.mockResolvedValue(marking({ marks: [mark(1, { isNew: false })] }))
    const { shown, text, take } = dialog()
    await typed(text, '1 B')
    expect(shown.text()).toContain('This key marks nothing. 1 question already has this answer.')
    expect(take().attributes('disabled')).toBeDefined()
  })
})
