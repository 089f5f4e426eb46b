import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose, readonly, ref, type Ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api, type TableReading, type TableWish } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

export type Wish = Omit<TableWish, 'base'>

/** What the rows of the source become, as the person wants them read. */
export function useTable(desk: Pick<Desk, 'reading' | 'base'>, sheetId: string, wish: Readonly<Ref<Wish>>) {
  const { asked } = useNotice()
  const table = shallowRef<(TableReading & { base: string }) | null>(null)
  const isWorking = ref(true)
  let isOver = false
  let latest = 0
  let last: Promise<void> = Promise.resolve()

  function work(): Promise<void> {
    return (last = ask())
  }

  async function ask(): Promise<void> {
    if (isOver) return
    isWorking.value = true
    const mine = ++latest
    const base = await desk.base()
    const answer = await asked(() => api.table(sheetId, { base, ...wish.value }))
    // Something else may have been chosen meanwhile: the last answer is the one that counts.
    if (isOver || mine !== latest) return
    if (answer) table.value = { ...answer, base }
    isWorking.value = false
  }

  watch(() => desk.reading.value.hash, useDebounceFn(work, 250))
  watch(wish, work)
  void work()
  /** The source is about to become something else: nothing more is asked. */
  const stop = () => (isOver = true)
  onScopeDispose(stop)

  return {
    table: shallowReadonly(table),
    isWorking: readonly(isWorking),
    /** Until what was chosen last is answered. */
    whenDone: () => last,
    stop,
  }
}
