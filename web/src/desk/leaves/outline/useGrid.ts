import { computed, ref, type Ref } from 'vue'
import type { FacingSide } from '../../useFacing'
import { COLUMNS, type OutlineItem } from './outline'

/** How many rows a page key goes. */
const PAGE = 10

/** Where one is in the outline, and which questions are chosen: a table that keys go through. */
export function useGrid(items: Readonly<Ref<readonly OutlineItem[]>>, list: Readonly<Ref<FacingSide | null>>) {
  const row = ref(0)
  const column = ref(0)
  const isEditing = ref(false)
  /** What was typed to begin with; null shows what is there. */
  const typed = ref<string | null>(null)
  const chosen = ref<ReadonlySet<number>>(new Set())
  /** Where choosing with Shift began. */
  let anchor: number | null = null

  const current = computed(() => items.value[Math.min(row.value, items.value.length - 1)] ?? null)

  function reveal(): void {
    const side = list.value
    if (!side?.scroller) return
    const { top, bottom } = side.extentOf(row.value)
    const { scrollTop, clientHeight } = side.scroller
    if (top < scrollTop) side.scrollTo(Math.max(0, top - 8))
    else if (bottom > scrollTop + clientHeight) side.scrollTo(bottom - clientHeight + 8)
  }

  function goTo(nextRow: number, nextColumn = column.value): void {
    row.value = Math.max(0, Math.min(items.value.length - 1, nextRow))
    column.value = Math.max(0, Math.min(COLUMNS.length - 1, nextColumn))
    isEditing.value = false
    typed.value = null
    reveal()
  }

  function edit(first: string | null = null): void {
    typed.value = first
    isEditing.value = true
  }

  const numberAt = (at: number) => items.value[at]?.block.number ?? null

  function toggle(at = row.value): void {
    const number = numberAt(at)
    if (number === null) return
    const next = new Set(chosen.value)
    if (!next.delete(number)) next.add(number)
    chosen.value = next
    anchor = at
  }

  /** From where choosing began up to a row. */
  function extendTo(at: number): void {
    anchor ??= row.value
    const [from, to] = [Math.min(anchor, at), Math.max(anchor, at)]
    const numbers = items.value
      .slice(from, to + 1)
      .flatMap(({ block }) => (block.number === null ? [] : [block.number]))
    chosen.value = new Set(numbers)
    goTo(at)
  }

  function chooseAll(): void {
    chosen.value = new Set(items.value.flatMap(({ block }) => (block.number === null ? [] : [block.number])))
  }

  function chooseNone(): void {
    chosen.value = new Set()
    anchor = null
  }

  /** Whether a key meant something here. */
  function press(event: KeyboardEvent): boolean {
    if (event.altKey || event.metaKey || event.isComposing || isEditing.value) return false
    if (event.ctrlKey) {
      if (event.key !== 'a') return false
      chooseAll()
      return true
    }
    const step = { ArrowDown: 1, ArrowUp: -1, PageDown: PAGE, PageUp: -PAGE }[event.key]
    if (step !== undefined) {
      const at = Math.max(0, Math.min(items.value.length - 1, row.value + step))
      if (event.shiftKey) extendTo(at)
      else goTo(at)
    } else if (event.key === 'ArrowRight') goTo(row.value, column.value + 1)
    else if (event.key === 'ArrowLeft') goTo(row.value, column.value - 1)
    else if (event.key === 'Home') goTo(0)
    else if (event.key === 'End') goTo(items.value.length - 1)
    else if (event.key === ' ') toggle()
    else if (event.key === 'Escape' && chosen.value.size) chooseNone()
    else if (event.key === 'Enter') edit()
    else if (event.key.length === 1 && event.key !== ' ') edit(event.key)
    else return false
    return true
  }

  return { row, column, isEditing, typed, chosen, current, goTo, edit, toggle, extendTo, chooseNone, press }
}

export type Grid = ReturnType<typeof useGrid>
