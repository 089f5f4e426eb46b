import { useResizeObserver } from '@vueuse/core'
import { type Ref, ref, type ShallowRef } from 'vue'

/** How tall an element is; the window's height until it was laid out once, since to ask at once would lay the page out twice. */
export function useHeight(element: Readonly<ShallowRef<HTMLElement | null>>): Readonly<Ref<number>> {
  const height = ref(window.innerHeight)
  useResizeObserver(element, ([entry]) => {
    if (entry) height.value = entry.contentRect.height
  })
  return height
}
