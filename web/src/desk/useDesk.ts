import { api, type Edit, type Place, Problem } from '@/api/client'
import { computed, shallowReadonly, shallowRef } from 'vue'
import { countOf, findingsOf, NOTHING_READ, offOf, type SheetReading } from './sync/reading'
import { useEdits } from './useEdits'
import { useMending } from './useMending'
import { useOutlook } from './useOutlook'
import { usePlaces } from './usePlaces'
import { useRest } from './useRest'
import { useSaving } from './useSaving'
import { useSheetFile } from './useSheetFile'
import { useSource } from './useSource'

/** A sheet that is open on the desk: its editor, what the server reads in it, and what can be done with it. */
export function useDesk(id: string) {
  const reading = shallowRef<SheetReading>(NOTHING_READ)
  const findings = computed(() => findingsOf(reading.value))

  const source = useSource((changes, isMendOfMany) => saving.typed(changes, isMendOfMany), placeAt)
  const saving = useSaving(id, {
    text: source.text,
    onReading(next, pending) {
      const { hash, digest, isWhole } = reading.value
      const isNew = next.hash !== hash || next.digest !== digest || next.isWhole !== isWhole
      source.show(next, pending.desc)
      reading.value = next
      if (!next.isWhole) rest.ask()
      else if (isNew) outlook.lookAround()
    },
  })
  const rest = useRest(id, saving, () => source.cursor.value)
  const outlook = useOutlook(id, saving.see)
  const places = usePlaces(source.view, reading, findings, source.cursor)
  const edits = useEdits(source, saving)
  const file = useSheetFile(id, { source, saving, edits, places, lookAround: outlook.lookAround })
  const mending = useMending(id, { source, edits, places, findings, change: file.change })

  /**
   * What the server makes of a place in the text as it stands, saved or not; null where it cannot say, which is not worth a
   * word.
   */
  async function placeAt(offset: number, isUnderstood = false): Promise<Place | null> {
    const ask = (base: string, unsaved: Edit[]) => api.place(id, { base, offset, edits: unsaved, isUnderstood })
    try {
      const asked = ask(saving.hash(), saving.unsavedEdits())
      saving.letFirst(asked)
      return await asked
    } catch (error) {
      if (!(error instanceof Problem)) throw error
    }
    try {
      // It was just saved.
      return await ask(await edits.base(), [])
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      return null
    }
  }

  /** Puts an example below the question at the cursor, with blank lines around it. */
  function insertExample(text: string): void {
    const block = reading.value.blocks[source.cursor.value.block]
    const range = block && block.kind !== 'blank' ? places.rangeNow(block) : null
    source.insertBelow(range?.to ?? null, text)
  }

  /** Puts a text below everything else, with a blank line before it; where it begins. */
  function append(text: string): number {
    return source.insertQuietly(source.doc()?.length ?? 0, text.trimEnd())
  }

  return {
    reading: shallowReadonly(reading),
    findings,
    count: computed(() => countOf(reading.value)),
    off: computed(() => offOf(reading.value)),
    // The source
    view: source.view,
    cursor: source.cursor,
    moved: source.moved,
    doc: source.doc,
    hasFocus: source.hasFocus,
    showCursor: source.showCursor,
    replaceAll: source.replaceAll,
    goToLine: source.goToLine,
    light: source.light,
    undo: source.undo,
    redo: source.redo,
    search: source.search,
    focusSource: source.focusSource,
    insertExample,
    placeAt,
    insertBelow: source.insertQuietly,
    append,
    lookAround: outlook.lookAround,
    ...places,
    // What is on the server
    saveState: saving.saveState,
    saveMessage: saving.saveMessage,
    savedAt: saving.savedAt,
    conflict: saving.conflict,
    tryAgain: saving.tryAgain,
    setTarget: saving.setTarget,
    ...file,
    // Changes that the server works out
    ...edits,
    ...mending,
  }
}

export type Desk = ReturnType<typeof useDesk>
