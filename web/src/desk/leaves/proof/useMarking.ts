import { useEventListener } from '@vueuse/core'
import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api, type Question } from '@/api/client'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'

type Mark = { keys: number[] } | { truth: boolean | null } | { forms: string }

/** The question with a mark that the server has not confirmed yet, so that a key press shows at once. */
export function withMark(question: Question, mark: Mark | undefined): Question {
  if (!mark) return question
  if ('keys' in mark) {
    const several = mark.keys.length > 1
    return {
      ...question,
      type: several ? 'multiple-response' : question.type === 'multiple-response' ? 'choice' : question.type,
      marks: null,
      isMarked: mark.keys.length > 0,
      options: question.options.map((option, index) => {
        const key = mark.keys.includes(index)
        return { ...option, key, weight: key ? '100' : '0' }
      }),
    }
  }
  if ('truth' in mark) return { ...question, answer: mark.truth, isMarked: mark.truth !== null }
  return { ...question, isMarked: mark.forms !== '' }
}

/** Goes down the questions and marks their answers by key or pointer, by edits to the source. */
export function useMarking(
  desk: Pick<Desk, 'reading' | 'edited' | 'settled'>,
  sheetId: string,
  reveal: (block: PlacedBlock) => void,
  open: (number: number) => void = () => {},
) {
  /** The question that letters go to, by number; null while nobody marks. */
  const current = ref<number | null>(null)
  /** The question that was marked last by letter, which Shift adds to; null once somebody went elsewhere. */
  const last = ref<number | null>(null)
  const pending = shallowRef<ReadonlyMap<number, Mark>>(new Map())

  const questions = computed(() =>
    desk.reading.value.blocks.filter((block) => block.number !== null && block.body.question !== null),
  )
  const questionOf = (number: number) => questions.value.find((block) => block.number === number)?.body.question ?? null
  const unmarked = computed(() =>
    questions.value
      .filter(
        ({ number, body }) =>
          number !== null && body.question && !withMark(body.question, pending.value.get(number)).isMarked,
      )
      .map(({ number }) => number as number),
  )
  const offered = computed(() => new Map(desk.reading.value.seen.offered.map(({ question, keys }) => [question, keys])))

  function goTo(number: number | null): void {
    current.value = number
    const block = questions.value.find((one) => one.number === number)
    if (block) reveal(block)
  }

  /** The next question to mark after a number, from the last on to the first. */
  function next(after = current.value ?? 0): void {
    const [first] = unmarked.value
    goTo(unmarked.value.find((number) => number > after) ?? first ?? null)
  }

  function step(direction: 1 | -1): void {
    last.value = null
    const numbers = questions.value.map(({ number }) => number as number)
    const at = numbers.indexOf(current.value ?? 0)
    goTo(numbers[Math.min(numbers.length - 1, Math.max(0, at + direction))] ?? null)
  }

  async function mark(number: number, what: Mark): Promise<void> {
    pending.value = new Map(pending.value).set(number, what)
    await desk.edited((base) =>
      api.marking(sheetId, {
        base,
        question: number,
        ...('truth' in what ? { truth: what.truth, unmark: what.truth === null } : { unmark: false, ...what }),
      }),
    )
    await desk.settled()
    if (pending.value.get(number) === what) {
      const left = new Map(pending.value)
      left.delete(number)
      pending.value = left
    }
  }

  /** Marks an option, or takes its mark away; with others, if it is added. */
  function toggle(number: number, index: number, adds: boolean): void {
    const question = questionOf(number)
    if (!question?.options[index]) return
    const now = withMark(question, pending.value.get(number)).options.flatMap((option, at) => (option.key ? [at] : []))
    const isKey = now.includes(index)
    const keys = isKey ? now.filter((at) => at !== index) : adds ? [...now, index].sort((a, b) => a - b) : [index]
    const goesOn = current.value === number && !isKey && !adds
    last.value = keys.length ? number : null
    void mark(number, { keys })
    if (goesOn) next(number)
  }

  function truth(number: number, value: boolean): void {
    const question = questionOf(number)
    if (!question) return
    const now = withMark(question, pending.value.get(number)).answer
    const goesOn = current.value === number && now !== value
    void mark(number, { truth: now === value ? null : value })
    if (goesOn) next(number)
  }

  function forms(number: number, written: string): void {
    const said = written.trim()
    if (said) void mark(number, { forms: said })
    next(number)
  }

  useEventListener(window, 'keydown', (event) => {
    const { target } = event
    if (event.ctrlKey || event.altKey || event.metaKey || event.isComposing) return
    if (
      target instanceof HTMLElement &&
      target.closest('input, textarea, select, button, a, [role=combobox], [role=dialog], .cm-editor')
    )
      return
    if (event.key === 'Enter') {
      last.value = null
      // There is nothing to skip at a question that is marked: its texts are wanted.
      const isMarked = current.value !== null && !unmarked.value.includes(current.value)
      if (current.value !== null && (event.shiftKey || isMarked)) open(current.value)
      else next()
    } else if (event.key === 'ArrowDown') step(1)
    else if (event.key === 'ArrowUp') step(-1)
    else if (!/^[a-z]$/i.test(event.key) || !letter(event.key.toLowerCase(), event.shiftKey)) return
    event.preventDefault()
  })

  function letter(key: string, adds: boolean): boolean {
    const here = current.value ?? unmarked.value[0]
    const number = adds ? (last.value ?? here) : here
    const question = number === undefined ? null : questionOf(number)
    if (number === undefined || !question) return false
    current.value = here ?? number
    const index = key.charCodeAt(0) - 97
    if (question.type === 'true-false') {
      if (key === 't' || key === 'f') truth(number, key === 't')
      return key === 't' || key === 'f'
    }
    if (!question.options[index]) return false
    toggle(number, index, adds)
    return true
  }

  return {
    current,
    /** Whether anything here has a right answer. */
    hasAny: computed(() =>
      questions.value.some(({ body }) => !['stimulus', 'essay'].includes(body.question?.type ?? '')),
    ),
    last: readonly(last),
    pending: shallowReadonly(pending),
    unmarked,
    offered,
    next,
    goTo,
    toggle,
    truth,
    forms,
    /** Begins with the first question that has no mark. */
    begin: () => next(0),
    takeOffered: () => {
      for (const [number, keys] of offered.value) void mark(number, { keys: [...keys] })
    },
  }
}
