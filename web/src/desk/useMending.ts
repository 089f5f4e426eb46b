import type { Ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Fix, type Mended, type SheetChange } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { PlacedFinding } from './sync/reading'
import type { Edits } from './useEdits'
import type { Places } from './usePlaces'
import type { Source } from './useSource'

/** What mending would do to the text that $base names. */
export type Mending = Mended & { base: string }

/** What mending needs of the desk. */
export interface MendingDoors {
  source: Pick<Source, 'apply' | 'undo'>
  edits: Pick<Edits, 'settled' | 'base' | 'isStill'>
  places: Pick<Places, 'findingHere' | 'placeNow'>
  findings: Readonly<Ref<PlacedFinding[]>>
  change: (what: SheetChange) => Promise<boolean>
}

/** Fixes: the one at the cursor, all that are safe, or all of a kind. */
export function useMending(id: string, { source, edits, places, findings, change }: MendingDoors) {
  const { t } = useI18n()
  const { say, asked } = useNotice()

  /** Mends at the cursor; what was just typed there is read first. */
  async function mendHere(): Promise<void> {
    await edits.settled()
    const placed = places.findingHere() ?? findings.value.find((one) => !one.block && one.finding.fix)
    if (placed) mend(placed)
    else say(t('desk.noFindings'))
  }

  /** Makes the edits of one fix, as one step that undo takes back. */
  function mend({ finding, block }: PlacedFinding): void {
    const { fix } = finding
    if (!fix) {
      say(t('desk.noFix', { advice: finding.advice }))
      return
    }
    if (fix.of !== 'text' || !block) {
      void mendFile(fix.of)
      return
    }
    const start = places.placeNow(block)
    if (start === null) {
      say(t('desk.stale'))
      return
    }
    source.apply(
      fix.edits.map((edit) => ({ ...edit, from: edit.from + start, to: edit.to + start })),
      'input.mend',
    )
  }

  async function mendFile(of: Fix['of']): Promise<void> {
    if (of === 'line-endings') {
      if (await change({ oneLineEnding: true })) say(t('desk.oneLineEnding'))
    } else if (await change({ plainUtf8: true })) {
      say(t('desk.savedAs'))
    }
  }

  async function mendAll(): Promise<void> {
    const ofFile = new Set(findings.value.filter(({ block }) => !block).map(({ finding }) => finding.fix?.of))
    const answer = await mending(null)
    if (!answer) return
    const isMended = applyMending(answer)
    for (const of of ofFile) if (of && of !== 'text') await mendFile(of)
    if (!isMended && !ofFile.size) say(t('desk.nothingSafe'))
  }

  /** What mending would do: all that is safe, or every finding of a kind. */
  async function mending(code: string | null): Promise<Mending | null> {
    const base = await edits.base()
    const answer = await asked(() => api.mending(id, base, code))
    return answer && { ...answer, base }
  }

  /** Makes the edits as one step that undo takes back; none if anything was typed since they were worked out. */
  function applyMending(answer: Mending): boolean {
    const times = answer.changes.reduce((sum, one) => sum + one.times, 0)
    if (!answer.edits.length) return false
    if (!edits.isStill(answer.base)) {
      say(t('desk.stale'))
      return true
    }
    source.apply(answer.edits, 'input.mend', true)
    say(t('desk.mended', times), () => source.undo())
    return true
  }

  return { mend, mendHere, mendAll, mending, applyMending }
}
