import { computed, type Ref, watch } from 'vue'
import { api, type Prospect } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

/** Milliseconds without a change before the targets are weighed again. */
const PAUSE = 400

/** How many questions would arrive how, by target; worked out only while somebody chooses. */
export function useProspects(
  desk: Pick<Desk, 'reading' | 'settled'>,
  sheetId: string,
  isChoosing: Readonly<Ref<boolean>>,
) {
  const { say } = useNotice()
  const { answer, refusal, now, soon } = useLatest(async () => {
    await desk.settled()
    return api.prospects(sheetId)
  }, PAUSE)
  const isOutOfDate = () => isChoosing.value && answer.value?.hash !== desk.reading.value.hash

  watch(isChoosing, () => isOutOfDate() && void now(), { immediate: true })
  // What was typed or marked while they were weighed counts as well.
  watch([() => desk.reading.value.hash, answer], () => isOutOfDate() && void soon())
  watch(refusal, (reason) => reason && say(reason))

  return computed<ReadonlyMap<string, Prospect>>(
    () => new Map(answer.value?.targets.map((one) => [one.target, one] as const)),
  )
}
