import { useDebounceFn } from '@vueuse/core'
import { type Ref, ref, watch } from 'vue'
import type { Desk } from './useDesk'

/** What the reader makes of the place at the cursor, while somebody wants to know. */
export function useAtHand(
  desk: Pick<Desk, 'cursor' | 'reading' | 'view' | 'placeAt'>,
  isWanted: Readonly<Ref<boolean>>,
) {
  const understood = ref('')
  let nth = 0

  const look = useDebounceFn(async () => {
    const { value: view } = desk.view
    if (!isWanted.value || !view) return
    nth += 1
    const own = nth
    const place = await desk.placeAt(view.state.selection.main.head, true)
    if (own === nth && place?.understood) understood.value = place.understood
  }, 150)
  watch([desk.cursor, desk.reading, isWanted], look, { immediate: true })

  return understood
}
