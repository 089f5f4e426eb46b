import { computed, shallowRef, watch } from 'vue'
import { api, type Passage } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import type { Desk } from '../../useDesk'

/** Milliseconds without a change before the passages are asked for again. */
const PAUSE = 500

/** The code of what is said of a draft until somebody has read it. */
export const UNREAD = 'draft.unread'

/** The drafts that nobody has read yet, with the passages that they were made from. */
export function useUnread(desk: Pick<Desk, 'reading' | 'edited' | 'settled' | 'lookAround'>, sheetId: string) {
  /** Those just read, until the server says so as well. */
  const justRead = shallowRef<ReadonlySet<number>>(new Set())
  const numbers = computed(() =>
    desk.reading.value.blocks.flatMap(({ number, findings }) =>
      number !== null && !justRead.value.has(number) && findings.some(({ code }) => code === UNREAD) ? [number] : [],
    ),
  )
  watch(
    () => desk.reading.value.seen,
    () => (justRead.value = new Set()),
  )
  // Drafts can be read without their passage: that it cannot be had is not worth a word.
  const { answer, now, soon, forget } = useLatest(async () => {
    await desk.settled()
    return api.passages(sheetId)
  }, PAUSE)
  watch(
    () => [numbers.value.join(), desk.reading.value.hash],
    () => {
      if (!numbers.value.length) forget()
      else if (answer.value) void soon()
      else void now()
    },
    { immediate: true },
  )
  const passages = computed<readonly Passage[]>(() => answer.value?.passages ?? [])

  /** Somebody has read it. */
  async function read(number: number): Promise<void> {
    justRead.value = new Set(justRead.value).add(number)
    await desk.edited((base) => api.readDraft(sheetId, base, number))
    await desk.settled()
    // Where the sheet knew it, not the text, nothing was typed.
    desk.lookAround()
  }

  return { numbers, passages, read }
}
