import { EditorSelection } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { computed, type Ref, ref, type ShallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useNotice } from '@/composables/useNotice'
import { rangeOf, readingField } from './source/reading-field'
import { isTouched, type PlacedBlock, type PlacedFinding, type SheetReading } from './sync/reading'

export interface Cursor {
  line: number
  column: number
  /** The block it is in, by its place in the list; −1 where there is none. */
  block: number
}

/** Finds places of the reading in the source as it stands now, and goes to them. */
export function usePlaces(
  view: Readonly<ShallowRef<EditorView | null>>,
  reading: Readonly<Ref<SheetReading>>,
  findings: Readonly<Ref<PlacedFinding[]>>,
  cursor: Readonly<Ref<Cursor>>,
) {
  const { t } = useI18n()
  const { say } = useNotice()

  /** How often somebody was led to a place: where the source is not in sight, it comes into sight. */
  const led = ref(0)

  /** The finding that was gone to last: the next one may begin at the same place. */
  let last: string | null = null

  function rangeNow(block: PlacedBlock): { from: number; to: number } | null {
    const state = view.value?.state.field(readingField)
    return state ? rangeOf(state, block) : null
  }

  /** Where a block begins now; null where it was typed in since it was read. */
  function placeNow(block: PlacedBlock): number | null {
    const state = view.value?.state.field(readingField)
    return !state || isTouched(state.since, block.from, block.to) ? null : state.since.mapPos(block.from, 1)
  }

  function goTo(offset: number, end = offset, keepsFocus = false): void {
    const { value } = view
    if (!value) return
    value.dispatch({
      selection: EditorSelection.single(offset, end),
      effects: EditorView.scrollIntoView(offset, { y: 'center' }),
    })
    if (keepsFocus) return
    led.value += 1
    value.focus()
  }

  function goToFinding(placed: PlacedFinding, keepsFocus = false): void {
    last = placed.key
    const state = view.value?.state.field(readingField)
    if (state)
      goTo(
        state.since.mapPos(placed.from, 1),
        Math.max(state.since.mapPos(placed.from, 1), state.since.mapPos(placed.to, -1)),
        keepsFocus,
      )
  }

  function goToBlock(block: PlacedBlock): void {
    const range = rangeNow(block)
    if (range) goTo(range.from)
  }

  /** Goes to the finding after or before the cursor, from the last on to the first; to hints once nothing worse is left. */
  function step(direction: 1 | -1): void {
    const state = view.value?.state
    if (!state) return
    const ofBlocks = findings.value.filter((placed) => placed.block)
    const worse = ofBlocks.filter(({ finding }) => finding.level !== 'hint')
    const list = worse.length ? worse : ofBlocks
    if (!list.length) {
      const [whole] = findings.value
      say(whole ? whole.finding.message : t('desk.noFindings'))
      return
    }
    const { since } = state.field(readingField)
    const { from, head } = state.selection.main
    const here = Math.min(from, head)
    const at = (placed: PlacedFinding) => since.mapPos(placed.from, 1)
    const isBehind = (placed: PlacedFinding, index: number) => {
      const isNext = index > list.findIndex(({ key }) => key === last)
      return at(placed) > here || (at(placed) === here && placed.key !== last && isNext)
    }
    const next = direction === 1 ? list.find(isBehind) : list.findLast((placed) => at(placed) < here)
    goToFinding(next ?? ((direction === 1 ? list[0] : list.at(-1)) as PlacedFinding))
  }

  /** The finding at the cursor: the one whose stretch holds it, else the first of its block with a fix. */
  function findingHere(): PlacedFinding | undefined {
    const state = view.value?.state
    if (!state) return undefined
    const { since } = state.field(readingField)
    const { from, to } = state.selection.main
    const touching = findings.value.filter(
      (placed) => placed.block && since.mapPos(placed.from, 1) <= to && since.mapPos(placed.to, -1) >= from,
    )
    const inBlock = findings.value.filter((placed) => placed.block === reading.value.blocks[cursor.value.block])
    return (
      touching.find((placed) => placed.finding.fix) ??
      touching[0] ??
      inBlock.find((placed) => placed.finding.fix) ??
      inBlock[0]
    )
  }

  /** What F2 would mend now. */
  const atCursor = computed(() => {
    void cursor.value
    void reading.value
    return findingHere()?.finding ?? null
  })

  return { led, rangeNow, placeNow, goToBlock, goToFinding, step, findingHere, atCursor }
}

export type Places = ReturnType<typeof usePlaces>
