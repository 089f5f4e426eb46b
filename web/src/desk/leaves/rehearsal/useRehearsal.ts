import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose, type Ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api, type Rehearsal, type RehearsalWish } from '@/api/client'
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
  const { asked } = useNotice()
  const rehearsal = shallowRef<Rehearsal | null>(null)
  let isOver = false
  let latest = 0

  async function ask(): Promise<void> {
    const mine = ++latest
    await desk.settled()
    if (isOver || mine !== latest) return
    const found = await asked(() => api.rehearsal(sheetId, wish.value))
    // An answer may be overtaken by that to a later question.
    if (isOver || mine !== latest || !found) return
    rehearsal.value = found
    // What was typed meanwhile counts as well.
    if (found.hash !== desk.reading.value.hash) void askSoon()
  }
  const askSoon = useDebounceFn(ask, PAUSE)

  watch(wish, ask, { immediate: true })
  watch(() => desk.reading.value.hash, askSoon)
  onScopeDispose(() => (isOver = true))

  return shallowReadonly(rehearsal)
}
