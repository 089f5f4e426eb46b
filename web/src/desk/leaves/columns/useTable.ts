import { onScopeDispose, type Ref, watch } from 'vue'
import { api, type TableWish } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

export type Wish = Omit<TableWish, 'base'>

/** Milliseconds without a change of the source before its rows are read anew. */
const PAUSE = 250

/** What the rows of the source become, as the person wants them read. */
export function useTable(desk: Pick<Desk, 'reading' | 'base'>, sheetId: string, wish: Readonly<Ref<Wish>>) {
  const { asked } = useNotice()
  let isOver = false

  const { answer, isAsking, now, soon } = useLatest(async () => {
    if (isOver) return null
    const base = await desk.base()
    const table = await asked(() => api.table(sheetId, { base, ...wish.value }))
    return table && { ...table, base }
  }, PAUSE)

  let last: Promise<unknown> = now()
  watch(
    () => desk.reading.value.hash,
    () => (last = soon()),
  )
  watch(wish, () => (last = now()))
  /** The source is about to become something else: nothing more is asked. */
  const stop = () => (isOver = true)
  onScopeDispose(stop)

  return {
    table: answer,
    isWorking: isAsking,
    /** Until what was chosen last is answered. */
    whenDone: () => last,
    stop,
  }
}
