import { EditorView } from '@codemirror/view'
import { useMediaQuery } from '@vueuse/core'
import { nextTick, ref, watch } from 'vue'
import type { Desk } from './useDesk'

/** On a phone, one leaf is open at a time, and the source is one of them. */
export function useOneLeaf(desk: Desk) {
  const isNarrow = useMediaQuery('(width < 760px)')
  const isSourceOpen = ref(false)

  // Whoever is led to a place sees it.
  watch(desk.led, async () => {
    if (!isNarrow.value || isSourceOpen.value) return
    isSourceOpen.value = true
    await nextTick()
    const view = desk.view.value
    view?.dispatch({ effects: EditorView.scrollIntoView(view.state.selection.main.head, { y: 'center' }) })
    view?.focus()
  })

  return { isNarrow, isSourceOpen }
}
