import { computed, shallowRef, watch } from 'vue'
import { api, type Passage, Problem } from '@/api/client'
import type { Desk } from '../../useDesk'

/** The code of what is said of a draft until somebody has read it. */
export const UNREAD = 'draft.unread'

/** The drafts that nobody has read yet, with the passages that they were made from. */
export function useUnread(desk: Pick<Desk, 'reading' | 'edited' | 'settled' | 'lookAround'>, sheetId: string) {
  /** Those just read, until the server says so as well. */
  const justRead = shallowRef<ReadonlySet<number>>(new Set())
  const passages = shallowRef<readonly Passage[]>([])

  const numbers = computed(() =>
    desk.reading.value.blocks.flatMap(({ number, findings }) =>
      number !== null && !justRead.value.has(number) && findings.some(({ code }) => code === UNREAD) ? [number] : [],
    ),
  )
  watch(
    () => desk.reading.value.seen,
    () => (justRead.value = new Set()),
  )
  watch(
    () => `${numbers.value.join()} ${desk.reading.value.hash}`,
    async () => {
      if (!numbers.value.length) {
        passages.value = []
        return
      }
      const of = desk.reading.value.hash
      try {
        await desk.settled()
        const found = await api.passages(sheetId)
        if (desk.reading.value.hash === of) passages.value = found.passages
      } catch (error) {
        // Drafts can be read without their passage; it is asked for again after the next change.
        if (!(error instanceof Problem)) throw error
      }
    },
    { immediate: true },
  )

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
