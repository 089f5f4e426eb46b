import { type Ref, watch } from 'vue'
import { api, type RehearsalWish } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

/** Milliseconds without a change before the sheet is handed over again. */
const PAUSE = 400

/** What arrives at the receiver, anew whenever the text or the receiver changes. */
export function useRehearsal(
  desk: Pick<Desk, 'reading' | 'settled'>,
  sheetId: string,
  wish: Readonly<Ref<RehearsalWish>>,
) {
  const { say } = useNotice()
  const { answer, refusal, now, soon } = useLatest(async () => {
    await desk.settled()
    return api.rehearsal(sheetId, wish.value)
  }, PAUSE)

  watch(wish, now, { immediate: true })
  watch(() => desk.reading.value.hash, soon)
  watch(refusal, (reason) => reason && say(reason))
  // What was typed meanwhile counts as well.
  watch(answer, (rehearsal) => rehearsal?.hash !== desk.reading.value.hash && void soon())

  return answer
}
