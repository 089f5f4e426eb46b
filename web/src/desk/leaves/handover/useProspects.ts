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

  async function ask(): Promise<void> {
    if (isOver || !isChoosing.value) return
    await desk.settled()
    if (of === desk.reading.value.hash) return
    const found = await asked(() => api.prospects(sheetId))
    if (isOver || !found) return
    of = found.hash
    prospects.value = new Map(found.targets.map((one) => [one.target, one]))
  }

  watch(isChoosing, ask, { immediate: true })
  watch(() => desk.reading.value.hash, useDebounceFn(ask, PAUSE))
  onScopeDispose(() => (isOver = true))

  return shallowReadonly(prospects)
}
