import { onScopeDispose, readonly, ref, watch } from 'vue'
import type { Section } from './useShelf'

const AT_ONCE = 40
const PAUSE = 25

/** How many rows of a long shelf stand: those in sight at once, the others soon after; again where another list is wanted. */
export function useFewAtFirst(total: () => number, list: () => unknown) {
  const most = ref(AT_ONCE)
  let timer: ReturnType<typeof setTimeout> | undefined

  function grow(): void {
    if (most.value >= total()) return
    most.value += AT_ONCE
    timer = setTimeout(grow, PAUSE)
  }
  watch([list, total], ([now], [before]) => {
    if (now !== before) most.value = AT_ONCE
    clearTimeout(timer)
    timer = setTimeout(grow, PAUSE)
  })
  onScopeDispose(() => clearTimeout(timer))

  return readonly(most)
}

/** The first rows of the sections; what is folded takes none. */
export function firstRows(
  sections: readonly Section[],
  most: number,
  isOpen: (section: Section) => boolean,
): Section[] {
  let left = most
  return sections.map((section) => {
    if (!isOpen(section)) return section
    const sheets = section.sheets.slice(0, Math.max(0, left))
    left -= section.sheets.length
    return { ...section, sheets }
  })
}
