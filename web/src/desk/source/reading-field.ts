import { ChangeSet, type ChangeDesc, StateEffect, StateField } from '@codemirror/state'
import { NOTHING_READ, type PlacedBlock, type SheetReading } from '../sync/reading'

/** The last reading, and what was typed since the text it is of. */
export interface ReadingInEditor {
  reading: SheetReading
  since: ChangeDesc
}

export const setReading = StateEffect.define<ReadingInEditor>()

export const readingField = StateField.define<ReadingInEditor>({
  create: (state) => ({ reading: NOTHING_READ, since: ChangeSet.empty(state.doc.length) }),
  update(value, transaction) {
    for (const effect of transaction.effects) {
      if (effect.is(setReading)) return effect.value
    }
    return transaction.docChanged
      ? { reading: value.reading, since: value.since.composeDesc(transaction.changes) }
      : value
  },
})

/** Where a block stands in the editor now. */
export function rangeOf({ since }: ReadingInEditor, block: PlacedBlock): { from: number; to: number } {
  return { from: since.mapPos(block.from, 1), to: Math.max(since.mapPos(block.from, 1), since.mapPos(block.to, -1)) }
}

/** A place of the editor in the text that was read. */
export function asRead({ since }: ReadingInEditor, offset: number): number {
  return since.empty ? offset : since.invertedDesc.mapPos(offset, 1)
}
