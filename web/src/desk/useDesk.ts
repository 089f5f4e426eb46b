import { redo, undo } from '@codemirror/commands'
import { openSearchPanel } from '@codemirror/search'
import { ChangeSet, type TransactionSpec } from '@codemirror/state'
import { EditorView, type ViewUpdate } from '@codemirror/view'
import { useDebounceFn, useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Edit, type Fix, type Mended, Problem, type Sheet } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { nonce } from '@/page'
import { createEditor, fromServer, mendOfMany } from './source/editor'
import { asRead, readingField, setReading } from './source/reading-field'
import {
  blockIndexAt,
  countOf,
  findingsOf,
  isTouched,
  NOTHING_READ,
  offOf,
  type PlacedFinding,
  type SheetReading,
  spliced,
} from './sync/reading'
import { type Conflict, type SaveState, SheetSync } from './sync/sheet-sync'
import { UnsavedWork } from './sync/unsaved'
import { type Cursor, usePlaces } from './usePlaces'

/** What mending would do to the text that `base` names. */
export type Mending = Mended & { base: string }

const KEEP_TEXT_AFTER = 400
const LOOK_AROUND_AFTER = 500
const MOST_TRIES = 10

/** A sheet that is open on the desk: its editor, what the server reads in it, and what can be done with it. */
export function useDesk(id: string) {
  const { t, tm } = useI18n()
  const { say, withdrawUndo } = useNotice()

  const sheet = shallowRef<Sheet | null>(null)
  const problem = ref<string | null>(null)
  const reading = shallowRef<SheetReading>(NOTHING_READ)
  const saveState = ref<SaveState>('saved')
  const saveMessage = ref<string | null>(null)
  const savedAt = ref<string | null>(null)
  const conflict = shallowRef<Conflict | null>(null)
  const cursor = shallowRef<Cursor>({ line: 1, column: 1, block: -1 })
  const view = shallowRef<EditorView | null>(null)
  /** Rises whenever the source was scrolled, typed in or laid out anew. */
  const moved = ref(0)

  const unsaved = new UnsavedWork(id, crypto.randomUUID())
  unsaved.holdTab()
  let kept: { base: string; changes: unknown } | null = null
  let keepTextTimer: ReturnType<typeof setTimeout> | null = null

  const sync = new SheetSync(
    {
      save: async (body) => {
        const saved = await api.save(id, body)
        savedAt.value = saved.savedAt
        return saved
      },
      onReading(next, pending) {
        const isNew = next.hash !== reading.value.hash || next.digest !== reading.value.digest
        view.value?.dispatch({ effects: setReading.of({ reading: next, since: pending.desc }) })
        reading.value = next
        lookAtCursor()
        if (isNew) lookAround()
      },
      onState(state, message) {
        saveState.value = state
        saveMessage.value = message
      },
      onConflict(found) {
        conflict.value = found
      },
      keep(work) {
        kept = work
        if (!work) {
          unsaved.clear()
          return
        }
        // The changes at once, since a tab can die without a word; the whole text a moment later.
        unsaved.keep({ ...work, text: null })
        keepTextTimer ??= setTimeout(keepNow, KEEP_TEXT_AFTER)
      },
    },
    0,
  )

  let looking = new AbortController()

  /** Asks for what only all questions together show, once nothing is typed for a moment. */
  const lookAround = useDebounceFn(async () => {
    looking.abort()
    looking = new AbortController()
    const { signal } = looking
    try {
      sync.see(await api.outlook(id, signal))
    } catch (error) {
      // It is asked for again after the next change; until then, what was seen before stands.
      if (!signal.aborted && !(error instanceof Problem)) throw error
    }
  }, LOOK_AROUND_AFTER)

  function keepNow(): void {
    if (keepTextTimer) clearTimeout(keepTextTimer)
    keepTextTimer = null
    if (kept && view.value) unsaved.keep({ ...kept, text: view.value.state.doc.toString() })
  }
  useEventListener(window, 'pagehide', keepNow)
  useEventListener(document, 'visibilitychange', keepNow)
  useEventListener(window, 'online', () => sync.retry())

  async function open(parent: HTMLElement): Promise<void> {
    let found: Sheet
    try {
      found = await api.sheet(id)
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      problem.value = error.message
      return
    }
    sheet.value = found
    savedAt.value = found.changedAt
    view.value = createEditor(parent, {
      doc: found.text,
      label: t('desk.sourceLabel', { title: found.title }),
      nonce,
      phrases: Object.fromEntries(Object.entries(tm('editor') as Record<string, string>)),
      onUpdate: updated,
    })
    view.value.scrollDOM.addEventListener('scroll', () => (moved.value += 1), { passive: true })
    sync.begin(spliced(NOTHING_READ, found.reading), view.value.state.doc.length)
    await recover(found)
  }

  /** Puts in again what a closed tab or a dead server left in this browser. */
  async function recover(found: Sheet): Promise<void> {
    for (const { work, settle } of await unsaved.claim()) {
      if (work.base === found.reading.hash && view.value && sync.isSettled) {
        try {
          view.value.dispatch({ changes: ChangeSet.fromJSON(work.changes) })
          say(t('save.recovered'))
          settle()
          continue
        } catch {
          // The changes do not fit after all: the whole text is offered instead.
        }
      }
      const isThere = work.text === null || work.text === view.value?.state.doc.toString()
      // Where it cannot be put on the shelf now, it is tried again when the sheet is opened the next time.
      if (isThere || (await keepAsSheet(t('conflict.mineName', { title: found.title }), work.text ?? ''))) settle()
    }
  }

  function updated(update: ViewUpdate): void {
    if (update.docChanged) {
      // A message's way back is the way back from what it says, and from nothing that came after it.
      withdrawUndo()
      for (const transaction of update.transactions) {
        if (transaction.docChanged && !transaction.annotation(fromServer)) {
          sync.typed(transaction.changes, transaction.annotation(mendOfMany) ?? false)
        }
      }
    }
    if (update.docChanged || update.selectionSet) lookAtCursor()
    if (update.docChanged || update.geometryChanged || update.viewportChanged) moved.value += 1
  }

  function lookAtCursor(): void {
    if (!view.value) return
    const { state } = view.value
    const head = state.selection.main.head
    const line = state.doc.lineAt(head)
    const read = state.field(readingField)
    cursor.value = {
      line: line.number,
      // People count characters, not the editor's units.
      column: [...line.text.slice(0, head - line.from)].length + 1,
      block: blockIndexAt(read.reading.blocks, asRead(read, head)),
    }
  }

  const findings = computed(() => findingsOf(reading.value))
  const count = computed(() => countOf(reading.value))
  const off = computed(() => offOf(reading.value))
  const places = usePlaces(view, reading, findings, cursor)
  const { rangeNow, findingHere } = places

  /** Mends at the cursor; what was just typed there is read first. */
  async function mendHere(): Promise<void> {
    if (!sync.isSettled) await settled()
    const placed = findingHere() ?? findings.value.find((one) => !one.block && one.finding.fix)
    if (placed) mend(placed)
    else say(t('desk.noFindings'))
  }

  /** Makes the edits of one fix, as one step that undo takes back. */
  function mend({ finding, block }: PlacedFinding): void {
    const { value } = view
    const { fix } = finding
    if (!fix) {
      say(t('desk.noFix', { advice: finding.advice }))
      return
    }
    if (fix.of !== 'text' || !block) {
      void mendFile(fix.of)
      return
    }
    const { since } = value?.state.field(readingField) ?? {}
    if (!value || !since || isTouched(since, block.from, block.to)) {
      say(t('desk.stale'))
      return
    }
    const start = since.mapPos(block.from, 1)
    apply(
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
    await settled()
    const base = sync.reading.hash
    const answer = await asked(() => api.mending(id, base, code))
    return answer && { ...answer, base }
  }

  /** Makes the edits as one step that undo takes back; none if anything was typed since they were worked out. */
  function applyMending(answer: Mending): boolean {
    const times = answer.changes.reduce((sum, one) => sum + one.times, 0)
    if (!answer.edits.length) return false
    if (!sync.isSettled || sync.reading.hash !== answer.base) {
      say(t('desk.stale'))
      return true
    }
    apply(answer.edits, 'input.mend', true)
    say(t('desk.mended', times), () => view.value && undo(view.value))
    return true
  }

  /** What the server was asked to work out and is not in the text yet. */
  let edits: Promise<unknown> = Promise.resolve()

  /**
   * Asks the server for edits of the text as it stands, and makes them as one step that undo takes back.
   *
   * One after the other, each on the text that the one before left; whatever was typed meanwhile, it is asked again.
   */
  function edited(ask: (base: string) => Promise<{ edits: Edit[] }>): Promise<boolean> {
    const done = edits.then(() => editedNow(ask))
    edits = done.catch(() => false)
    return done
  }

  async function editedNow(ask: (base: string) => Promise<{ edits: Edit[] }>): Promise<boolean> {
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      await synced()
      const base = sync.reading.hash
      let answer: { edits: Edit[] }
      try {
        answer = await ask(base)
      } catch (error) {
        if (!(error instanceof Problem)) throw error
        if (error.status === 409) continue
        say(error.message)
        return false
      }
      if (sync.isSettled && sync.reading.hash === base) return make(answer.edits)
    }
    say(t('desk.stale'))
    return false
  }

  /** Makes edits that were worked out before, if the text is still the one that `base` names. */
  async function applied(base: string, found: readonly Edit[]): Promise<boolean> {
    await settled()
    if (sync.isSettled && sync.reading.hash === base) return make(found)
    say(t('desk.stale'))
    return false
  }

  function make(found: readonly Edit[]): boolean {
    const focused = document.activeElement
    apply(found, 'input.mark')
    if (focused instanceof HTMLElement) focused.focus({ preventScroll: true })
    return true
  }

  /** The hash of the text that the server has, once it has all that was typed. */
  async function base(): Promise<string> {
    await settled()
    return sync.reading.hash
  }

  /** Puts another text in the place of the whole one, as one step that undo takes back. */
  function replaceAll(text: string): void {
    if (!view.value) return
    apply([{ from: 0, to: view.value.state.doc.length, text }], 'input', true)
  }

  function goToLine(line: number): void {
    const { value } = view
    if (!value || line > value.state.doc.lines) return
    const { from } = value.state.doc.line(line)
    value.dispatch({ selection: { anchor: from }, effects: EditorView.scrollIntoView(from, { y: 'center' }) })
  }

  /** Switches a kind of finding off or on for the whole sheet. */
  function setOff(code: string, isOff: boolean): Promise<boolean> {
    const codes = (sheet.value?.switchedOff ?? []).filter((one) => one !== code)
    return change({ switchedOff: isOff ? [...codes, code] : codes })
  }

  /** Writes a note above the question that switches a kind of finding off there. */
  function setOffHere({ finding, block }: PlacedFinding, note: string): void {
    const range = block && rangeNow(block)
    if (!range || !view.value) return
    const before = view.value.state.sliceDoc(Math.max(0, range.from - 1), range.from)
    const lead = before === '' || before === '\n' ? '' : '\n\n'
    apply([{ from: range.from, to: range.from, text: `${lead}${note}${finding.code}\n` }], 'input')
    say(t('desk.offHere'), () => view.value && undo(view.value))
  }

  function apply(edits: readonly Edit[], userEvent: string, isMany = false): void {
    const first = edits[0]
    if (!view.value || !first) return
    const spec: TransactionSpec = {
      changes: edits.map(({ from, to, text }) => ({ from, to, insert: text })),
      userEvent,
      annotations: mendOfMany.of(isMany),
      scrollIntoView: !isMany,
    }
    view.value.dispatch(spec)
    view.value.focus()
  }

  /** Puts an example where the cursor is, with blank lines around it. */
  function insertExample(text: string): void {
    const { value } = view
    if (!value) return
    const { state } = value
    const block = reading.value.blocks[cursor.value.block]
    const range = block && block.kind !== 'blank' ? rangeNow(block) : null
    const at = range ? range.to : state.selection.main.head
    const before = state.sliceDoc(0, at)
    const after = state.sliceDoc(at, at + 2)
    const lead = before === '' || before.endsWith('\n\n') ? '' : before.endsWith('\n') ? '\n' : '\n\n'
    const tail = after === '' ? '\n' : after.startsWith('\n') ? '' : '\n\n'
    value.dispatch({
      changes: { from: at, insert: lead + text + tail },
      selection: { anchor: at + lead.length },
      scrollIntoView: true,
      userEvent: 'input',
    })
    value.focus()
  }

  /** Waits until the server has everything that was typed, marked and mended; at most a few seconds. */
  async function settled(): Promise<void> {
    await edits
    await synced()
  }

  async function synced(): Promise<void> {
    for (let tries = 0; !sync.isSettled && tries < 60; tries += 1) {
      sync.nudge()
      await new Promise((resolve) => setTimeout(resolve, 50))
    }
  }

  async function asked<T>(call: () => Promise<T>): Promise<T | null> {
    try {
      return await call()
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      say(error.message)
      return null
    }
  }

  /** Sets something on the sheet; the answer is the sheet as it is then, read anew. */
  async function change(what: Parameters<typeof api.change>[1]): Promise<boolean> {
    await settled()
    const next = await asked(() => api.change(id, what))
    if (!next || !view.value) return false
    sheet.value = next
    if (next.text !== view.value.state.doc.toString() && sync.isSettled) {
      view.value.dispatch({
        changes: { from: 0, to: view.value.state.doc.length, insert: next.text },
        annotations: fromServer.of(true),
        userEvent: 'input.decode',
      })
    }
    if (sync.isSettled) sync.begin(spliced(NOTHING_READ, next.reading), view.value.state.doc.length)
    void lookAround()
    return true
  }

  async function keepAsSheet(title: string, text: string): Promise<boolean> {
    const created = await asked(() => api.createBeside(id, title, text, sheet.value?.notation ?? null))
    if (created) say(t('conflict.done', { title: created.title }))
    return created !== null
  }

  /** Settles a conflict: one text stays, the other becomes a sheet of its own. */
  async function settle(keep: 'mine' | 'theirs'): Promise<void> {
    const found = conflict.value
    if (!found || !view.value || !sheet.value) return
    const mine = view.value.state.doc.toString()
    const { title } = sheet.value
    const isKept =
      keep === 'mine'
        ? await keepAsSheet(t('conflict.theirsName', { title }), found.text)
        : await keepAsSheet(t('conflict.mineName', { title }), mine)
    if (!isKept) return
    const fresh = await asked(() => api.sheet(id))
    if (!fresh) return
    view.value.dispatch({
      changes: { from: 0, to: view.value.state.doc.length, insert: fresh.text },
      annotations: fromServer.of(true),
    })
    sync.begin(spliced(NOTHING_READ, fresh.reading), view.value.state.doc.length)
    if (keep === 'mine') view.value.dispatch({ changes: { from: 0, to: view.value.state.doc.length, insert: mine } })
    conflict.value = null
  }

  async function putBack(): Promise<void> {
    if ((await asked(() => api.putBack(id))) !== null || saveState.value === 'gone') sync.resume()
  }

  onScopeDispose(() => {
    looking.abort()
    keepNow()
    sync.nudge()
    view.value?.destroy()
  })

  return {
    sheet: shallowReadonly(sheet),
    problem: readonly(problem),
    reading: shallowReadonly(reading),
    findings,
    count,
    off,
    saveState: readonly(saveState),
    saveMessage: readonly(saveMessage),
    savedAt: readonly(savedAt),
    conflict: shallowReadonly(conflict),
    cursor: shallowReadonly(cursor),
    view,
    moved: readonly(moved),
    open,
    ...places,
    mend,
    mendHere,
    mendAll,
    mending,
    applyMending,
    edited,
    applied,
    asked,
    base,
    replaceAll,
    goToLine,
    setOff,
    setOffHere,
    insertExample,
    change,
    settle,
    settled,
    putBack,
    tryAgain: () => sync.resume(),
    setTarget: (target: string | null) => (sync.target = target),
    undo: () => view.value && undo(view.value),
    redo: () => view.value && redo(view.value),
    search: () => view.value && openSearchPanel(view.value),
    focusSource: () => view.value?.focus(),
  }
}

export type Desk = ReturnType<typeof useDesk>
