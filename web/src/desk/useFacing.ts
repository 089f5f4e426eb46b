import { useEventListener } from '@vueuse/core'
import { type ComputedRef, type Ref, watch } from 'vue'
import { type Extent, followingTop, readingLine } from './facing'
import { blockIndexAt, type PlacedBlock } from './sync/reading'
import { asRead, readingField } from './source/reading-field'
import type { Desk } from './useDesk'

/** What a leaf lets others know of where its items lie. */
export interface FacingSide {
  scroller: HTMLElement | null
  indexAt: (y: number) => number
  extentOf: (index: number) => Extent
  scrollTo: (top: number) => void
}

/** An item of a leaf with the block it came from; items without one face nothing. */
export interface FacingItem {
  key: string
  block: PlacedBlock | null
}

/**
 * Scrolls the two sides together, question by question: what is at the reading line on the side that the person moves is
 * brought to the reading line of the other.
 */
export function useFacing(
  desk: Pick<Desk, 'reading' | 'view' | 'rangeNow'>,
  leaf: Readonly<Ref<FacingSide | null>>,
  items: ComputedRef<readonly FacingItem[]>,
  moved: Readonly<Ref<number>>,
) {
  let driver: 'source' | 'leaf' = 'source'

  function sourceExtent(block: PlacedBlock): Extent | null {
    const range = desk.rangeNow(block)
    const view = desk.view.value
    if (!range || !view || range.to > view.state.doc.length) return null
    // The line end of a block's last line belongs to it, but the line after does not.
    const end = Math.max(range.from, range.to - 1)
    return { top: view.lineBlockAt(range.from).top, bottom: view.lineBlockAt(end).bottom }
  }

  /** The last item whose block begins at or before a block of the source. */
  function itemAtBlock(block: number): number {
    const from = desk.reading.value.blocks[block]?.from ?? 0
    let found = -1
    let low = 0
    let high = items.value.length - 1
    while (low <= high) {
      const middle = (low + high) >> 1
      if ((items.value[middle]?.block?.from ?? -1) <= from) {
        found = middle
        low = middle + 1
      } else {
        high = middle - 1
      }
    }
    return found
  }

  function extents(index: number, isLeaf: boolean): Extent {
    const side = leaf.value
    const view = desk.view.value
    const end = isLeaf ? (side?.scroller?.scrollHeight ?? 0) : (view?.contentHeight ?? 0)
    const of = (at: number): Extent | null => {
      const item = items.value[at]
      if (!item) return null
      return isLeaf ? (side?.extentOf(at) ?? null) : item.block && sourceExtent(item.block)
    }
    const here = index < 0 ? { top: 0, bottom: 0 } : (of(index) ?? { top: 0, bottom: 0 })
    const next = of(index + 1)
    // A stretch reaches to the start of the next, so that the space between two is scrolled evenly.
    return { top: here.top, bottom: next?.top ?? end }
  }

  function follow(): void {
    const view = desk.view.value
    const side = leaf.value
    const scroller = side?.scroller
    if (!view || !side || !scroller) return
    const source = view.scrollDOM
    if (driver === 'source') {
      const y = readingLine(source)
      const state = view.state.field(readingField)
      const at = view.lineBlockAtHeight(y - view.documentPadding.top).from
      let index = itemAtBlock(blockIndexAt(state.reading.blocks, asRead(state, at)))
      // Above its first line, what is meant is the space before it.
      if (index >= 0 && y < padded(extents(index, false), view.documentPadding.top).top) index -= 1
      side.scrollTo(
        followingTop(
          source,
          y,
          padded(extents(index, false), view.documentPadding.top),
          extents(index, true),
          scroller,
        ),
      )
    } else {
      const y = readingLine(scroller)
      const index = items.value.length ? side.indexAt(y) : -1
      source.scrollTop = followingTop(
        scroller,
        y,
        extents(index, true),
        padded(extents(index, false), view.documentPadding.top),
        source,
      )
    }
  }

  const padded = ({ top, bottom }: Extent, padding: number): Extent => ({
    top: top + padding,
    bottom: bottom + padding,
  })

  function drive(side: 'source' | 'leaf'): void {
    driver = side
  }

  watch(moved, () => requestAnimationFrame(follow))
  for (const kind of ['wheel', 'pointerdown', 'touchstart', 'keydown', 'focusin'] as const) {
    useEventListener(
      document,
      kind,
      (event) => {
        const target = event.target as Node
        if (desk.view.value?.dom.contains(target)) drive('source')
        else if (leaf.value?.scroller?.contains(target)) drive('leaf')
      },
      { passive: true, capture: true },
    )
  }

  return { sourceExtent, drive, follow }
}
