import { useMediaQuery } from '@vueuse/core'
import { nextTick, ref, watch } from 'vue'
import type { Desk } from './useDesk'

/** On a phone, one leaf is open at a time, and the source is one of them. */
export function useOneLeaf(desk: Pick<Desk, 'led' | 'showCursor'>) {
  const isNarrow = useMediaQuery('(width < 760px)')
  const isSourceOpen = ref(false)

  // Whoever is led to a place sees it.
  watch(desk.led, async () => {
    if (!isNarrow.value || isSourceOpen.value) return
    isSourceOpen.value = true
    await nextTick()
    desk.showCursor()
  })

  return { isNarrow, isSourceOpen }
}
