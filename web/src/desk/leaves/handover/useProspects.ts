import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose, type Ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api, type Prospect } from '@/api/client'
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
  const { asked } = useNotice()
  const prospects = shallowRef<ReadonlyMap<string, Prospect>>(new Map())
  let of = ''
  let isOver = false
  let latest = 0

  async function ask(): Promise<void> {
    if (isOver || !isChoosing.value) return
    const mine = ++latest
    await desk.settled()
    if (of === desk.reading.value.hash) return
    const found = await asked(() => api.prospects(sheetId))
    // An answer may be overtaken by that to a later question.
    if (isOver || mine !== latest || !found) return
    of = found.hash
    prospects.value = new Map(found.targets.map((one) => [one.target, one]))
    // What was typed or marked meanwhile counts as well.
    if (of !== desk.reading.value.hash) void askSoon()
  }
  const askSoon = useDebounceFn(ask, PAUSE)

  watch(isChoosing, ask, { immediate: true })
  watch(() => desk.reading.value.hash, askSoon)
  onScopeDispose(() => (isOver = true))

  return shallowReadonly(prospects)
}
