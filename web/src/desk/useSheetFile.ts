import { ChangeSet } from '@codemirror/state'
import { readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, Problem, type Sheet, type SheetChange } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { NOTHING_READ, type PlacedFinding, spliced } from './sync/reading'
import type { Claimed } from './sync/unsaved'
import type { Edits } from './useEdits'
import type { Places } from './usePlaces'
import type { Saving } from './useSaving'
import type { Source } from './useSource'

/** What the sheet's file needs of the desk. */
export interface SheetFileDoors {
  source: Pick<Source, 'open' | 'text' | 'length' | 'apply' | 'replaceAll' | 'typeAgain' | 'setFromServer' | 'undo'>
  saving: Pick<
    Saving,
    'begin' | 'claimUnsaved' | 'isSettled' | 'hash' | 'conflict' | 'clearConflict' | 'saveState' | 'tryAgain'
  >
  edits: Pick<Edits, 'settled'>
  places: Pick<Places, 'rangeNow'>
  lookAround: () => void
}

/** The sheet itself: it is opened, set in another way, put back, and told from another text of its name. */
export function useSheetFile(id: string, { source, saving, edits, places, lookAround }: SheetFileDoors) {
  const { t } = useI18n()
  const { say, asked } = useNotice()

  const sheet = shallowRef<Sheet | null>(null)
  const problem = ref<string | null>(null)

  async function open(parent: HTMLElement): Promise<void> {
    try {
      sheet.value = await api.sheet(id)
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      problem.value = error.message
      return
    }
    const found = sheet.value
    source.open(parent, found.text, found.title)
    saving.begin(spliced(NOTHING_READ, found.reading), source.length(), found.changedAt)
    for (const claim of await saving.claimUnsaved()) await recover(claim, found)
  }

  /** Puts in again what a closed tab or a dead server left in this browser. */
  async function recover({ work, settle: forget }: Claimed, found: Sheet): Promise<void> {
    if (work.base === found.reading.hash && saving.isSettled()) {
      try {
        source.typeAgain(ChangeSet.fromJSON(work.changes))
        say(t('save.recovered'))
        forget()
        return
      } catch {
        // The changes do not fit after all: the whole text is offered instead.
      }
    }
    const isThere = work.text === null || work.text === source.text()
    // Where it cannot be put on the shelf now, it is tried again when the sheet is opened the next time.
    if (isThere || (await keepAsSheet(t('conflict.mineName', { title: found.title }), work.text ?? ''))) forget()
  }

  async function keepAsSheet(title: string, text: string, notation = sheet.value?.notation ?? null): Promise<boolean> {
    const created = await asked(() => api.createBeside(id, title, text, notation))
    if (created) say(t('conflict.done', { title: created.title }))
    return created !== null
  }

  /** Sets something on the sheet; the answer is the sheet as it is then, read anew. */
  async function change(what: SheetChange): Promise<boolean> {
    await edits.settled()
    return shown(saving.hash(), await asked(() => api.change(id, what)))
  }

  /** Shows the sheet as the server has it. */
  async function refresh(): Promise<boolean> {
    await edits.settled()
    return shown(saving.hash(), await asked(() => api.sheet(id)))
  }

  /** @param before names the text that the server had when it was asked */
  async function shown(before: string, next: Sheet | null): Promise<boolean> {
    if (!next) return false
    sheet.value = next
    if (saving.isSettled()) {
      // What was saved while the answer was on its way is not in it, and must not be taken back.
      if (saving.hash() !== before) return refresh()
      source.setFromServer(next.text)
      saving.begin(spliced(NOTHING_READ, next.reading), source.length())
    }
    lookAround()
    return true
  }

  /** Switches a kind of finding off or on for the whole sheet. */
  function setOff(code: string, isOff: boolean): Promise<boolean> {
    const codes = (sheet.value?.switchedOff ?? []).filter((one) => one !== code)
    return change({ switchedOff: isOff ? [...codes, code] : codes })
  }

  /** Writes a comment above the question that switches a kind of finding off there. */
  function setOffHere({ finding, block }: PlacedFinding, note: string): void {
    const at = block && places.rangeNow(block)?.from
    if (at === null || at === undefined) return
    const before = (source.text() ?? '').slice(Math.max(0, at - 1), at)
    const lead = before === '' || before === '\n' ? '' : '\n\n'
    source.apply([{ from: at, to: at, text: `${lead}${note}${finding.code}\n` }], 'input')
    say(t('desk.offHere'), () => source.undo())
  }

  /** Settles a conflict: one text stays, the other becomes a sheet of its own. */
  async function settle(keep: 'mine' | 'theirs'): Promise<void> {
    const found = saving.conflict.value
    const mine = source.text()
    if (!found || mine === null || !sheet.value) return
    const { title } = sheet.value
    const isKept =
      keep === 'mine'
        ? await keepAsSheet(t('conflict.theirsName', { title }), found.text)
        : await keepAsSheet(t('conflict.mineName', { title }), mine)
    if (!isKept) return
    const fresh = await asked(() => api.sheet(id))
    if (!fresh) return
    source.setFromServer(fresh.text)
    saving.begin(spliced(NOTHING_READ, fresh.reading), source.length())
    if (keep === 'mine') source.replaceAll(mine)
    saving.clearConflict()
  }

  async function putBack(): Promise<void> {
    if ((await asked(() => api.putBack(id))) !== null || saving.saveState.value === 'gone') saving.tryAgain()
  }

  return {
    sheet: shallowReadonly(sheet),
    problem: readonly(problem),
    open,
    change,
    refresh,
    setOff,
    setOffHere,
    settle,
    keepAsSheet,
    putBack,
  }
}
