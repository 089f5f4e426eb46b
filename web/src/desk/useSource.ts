import { redo, undo } from '@codemirror/commands'
import { openSearchPanel } from '@codemirror/search'
import type { ChangeDesc, ChangeSet } from '@codemirror/state'
import { EditorView, type ViewUpdate } from '@codemirror/view'
import { onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Edit } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { nonce } from '@/page'
import { createEditor, fromServer, mendOfMany } from './source/editor'
import { light } from './source/lit-lines'
import { asRead, readingField, setReading } from './source/reading-field'
import type { AskPlace } from './source/suggesting'
import { blockIndexAt, type SheetReading } from './sync/reading'
import type { Cursor } from './usePlaces'

/** The editor of the left side: what is in it, where the cursor is, and changes to it. */
export function useSource(typed: (changes: ChangeSet, isMendOfMany: boolean) => void, ask: AskPlace) {
  const { t, tm } = useI18n()
  const { withdrawUndo } = useNotice()

  const view = shallowRef<EditorView | null>(null)
  const cursor = shallowRef<Cursor>({ line: 1, column: 1, block: -1 })
  /** Rises whenever the source was scrolled, typed in or laid out anew. */
  const moved = ref(0)

  function open(parent: HTMLElement, text: string, title: string): void {
    view.value = createEditor(parent, {
      doc: text,
      label: t('desk.sourceLabel', { title }),
      nonce,
      phrases: Object.fromEntries(Object.entries(tm('editor') as Record<string, string>)),
      onUpdate: updated,
      ask,
    })
    view.value.scrollDOM.addEventListener('scroll', () => (moved.value += 1), { passive: true })
  }

  function updated(update: ViewUpdate): void {
    if (update.docChanged) {
      // A message's way back is the way back from what it says, and from nothing that came after it.
      withdrawUndo()
      for (const transaction of update.transactions) {
        if (transaction.docChanged && !transaction.annotation(fromServer)) {
          typed(transaction.changes, transaction.annotation(mendOfMany) ?? false)
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

  /** Shows what was read of the text before $since was typed. */
  function show(reading: SheetReading, since: ChangeDesc): void {
    view.value?.dispatch({ effects: setReading.of({ reading, since }) })
    lookAtCursor()
  }

  const doc = () => view.value?.state.doc ?? null
  const text = () => doc()?.toString() ?? null
  const length = () => view.value?.state.doc.length ?? 0

  /** Makes edits as one step that undo takes back. */
  function apply(edits: readonly Edit[], userEvent: string, isMany = false): void {
    if (!view.value || !edits.length) return
    view.value.dispatch({
      changes: edits.map(({ from, to, text: insert }) => ({ from, to, insert })),
      userEvent,
      annotations: mendOfMany.of(isMany),
      scrollIntoView: !isMany,
    })
    view.value.focus()
  }

  /** The same, without taking the focus from where somebody is at work. */
  function applyQuietly(edits: readonly Edit[], userEvent: string): void {
    const focused = document.activeElement
    apply(edits, userEvent)
    if (focused instanceof HTMLElement) focused.focus({ preventScroll: true })
  }

  /** Puts another text in the place of the whole one, as one step that undo takes back. */
  function replaceAll(next: string): void {
    apply([{ from: 0, to: length(), text: next }], 'input', true)
  }

  /** Makes changes that somebody typed before; throws where they do not fit. */
  function typeAgain(changes: ChangeSet): void {
    view.value?.dispatch({ changes })
  }

  /** Shows the text that the server has; nothing of it is sent back. */
  function setFromServer(next: string): void {
    if (next === text()) return
    view.value?.dispatch({
      changes: { from: 0, to: length(), insert: next },
      annotations: fromServer.of(true),
      userEvent: 'input.decode',
    })
  }

  function goToLine(line: number): void {
    const { value } = view
    if (!value || line > value.state.doc.lines) return
    const { from } = value.state.doc.line(line)
    value.dispatch({ selection: { anchor: from }, effects: EditorView.scrollIntoView(from, { y: 'center' }) })
  }

  /** Lights lines, from 1, until others are. */
  function lightLines(lines: readonly number[]): void {
    view.value?.dispatch({ effects: light.of(lines) })
  }

  /** Brings the cursor into sight, where the source was out of it. */
  function showCursor(): void {
    const { value } = view
    value?.dispatch({ effects: EditorView.scrollIntoView(value.state.selection.main.head, { y: 'center' }) })
    value?.focus()
  }

  /** Puts a text below a place, with blank lines around it, and goes there. */
  function insertBelow(end: number | null, example: string): void {
    insertQuietly(end, example)
    view.value?.focus()
  }

  /** The same, but the focus stays where it is; where it begins. */
  function insertQuietly(end: number | null, example: string): number {
    const { value } = view
    if (!value) return 0
    const { state } = value
    const at = end ?? state.selection.main.head
    const before = state.sliceDoc(0, at)
    const after = state.sliceDoc(at, at + 2)
    const lead = before === '' || before.endsWith('\n\n') ? '' : before.endsWith('\n') ? '\n' : '\n\n'
    const tail = after === '\n\n' ? '' : after === '' || after.startsWith('\n') ? '\n' : '\n\n'
    value.dispatch({
      changes: { from: at, insert: lead + example + tail },
      selection: { anchor: at + lead.length },
      scrollIntoView: true,
      userEvent: 'input',
    })
    return at + lead.length
  }

  onScopeDispose(() => view.value?.destroy())

  return {
    view,
    cursor: shallowReadonly(cursor),
    moved: readonly(moved),
    open,
    show,
    text,
    length,
    apply,
    applyQuietly,
    replaceAll,
    typeAgain,
    setFromServer,
    goToLine,
    light: lightLines,
    insertBelow,
    insertQuietly,
    doc,
    hasFocus: () => view.value?.hasFocus ?? false,
    showCursor,
    undo: () => view.value && undo(view.value),
    redo: () => view.value && redo(view.value),
    search: () => view.value && openSearchPanel(view.value),
    focusSource: () => view.value?.focus(),
  }
}

export type Source = ReturnType<typeof useSource>
