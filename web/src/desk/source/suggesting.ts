import {
  acceptCompletion,
  autocompletion,
  type Completion,
  type CompletionContext,
  type CompletionResult,
  closeCompletion,
  moveCompletionSelection,
  snippet,
  startCompletion,
} from '@codemirror/autocomplete'
import type { Extension } from '@codemirror/state'
import { EditorView, keymap } from '@codemirror/view'
import type { Place } from '@/api/client'

/** What the server says of a place; null while it cannot. */
export type AskPlace = (offset: number) => Promise<Place | null>

/** Signs after which something is worth suggesting; whether it is, the server says. */
const SIGN = /[:%[{]$|[:$] $/

/** A suggestion as the editor fills it in: its fields are gone through by Tab, each by itself. */
export function template({ text, fields }: Pick<Place['suggestions'][number], 'text' | 'fields'>): string {
  const literal = (piece: string) => piece.replace(/[{}]/g, '\\$&')
  let written = ''
  let at = 0
  fields.forEach(({ from, to }, index) => {
    written += `${literal(text.slice(at, from))}\${${index + 1}:${text.slice(from, to).replace(/[{}]/g, '')}}`
    at = to
  })
  return written + literal(text.slice(at))
}

/** In the order in which they come. */
function completion(suggestion: Place['suggestions'][number], index: number): Completion {
  const { label, detail, from, to, text, fields } = suggestion
  const fill = snippet(template(suggestion))
  return {
    label,
    ...(detail === null ? {} : { detail }),
    boost: Math.max(-99, 99 - index),
    apply(view, chosen, _from, now) {
      // What was typed since belongs to it.
      const end = Math.max(now, to)
      if (fields.length) fill(view, chosen, from, end)
      else
        view.dispatch({
          changes: { from, to: end, insert: text },
          selection: { anchor: from + text.length },
          userEvent: 'input.complete',
        })
    },
  }
}

/**
 * Suggestions at the cursor: asked for by key, or after a sign. They are never in the way: Enter is a new line until one was
 * chosen by arrow.
 */
export function suggesting(ask: AskPlace): Extension {
  async function source({ state, pos, explicit, view }: CompletionContext): Promise<CompletionResult | null> {
    if (!explicit && !SIGN.test(state.sliceDoc(Math.max(0, pos - 2), pos))) return null
    const place = await ask(pos)
    const [first] = place?.suggestions ?? []
    if (place && first) {
      return {
        from: Math.min(first.from, pos),
        options: place.suggestions.map(completion),
        // A space after a sign, and another sign, begin something else.
        validFor: /^(?! )[\p{L}\p{N} /.–-]*$/u,
      }
    }
    // The editor asks anew after an answer that no longer holds, but not after none.
    return view?.state.doc.eq(state.doc) ? null : { from: pos, options: [], validFor: () => false }
  }
  return [
    autocompletion({
      override: [source],
      defaultKeymap: false,
      selectOnOpen: false,
      icons: false,
      interactionDelay: 0,
      activateOnTypingDelay: 0,
    }),
    keymap.of([
      { key: 'Ctrl-Space', run: startCompletion },
      { key: 'Alt-/', run: startCompletion },
      { key: 'ArrowDown', run: moveCompletionSelection(true) },
      { key: 'ArrowUp', run: moveCompletionSelection(false) },
      { key: 'PageDown', run: moveCompletionSelection(true, 'page') },
      { key: 'PageUp', run: moveCompletionSelection(false, 'page') },
      { key: 'Enter', run: acceptCompletion },
      { key: 'Tab', run: acceptCompletion },
      { key: 'Escape', run: closeCompletion },
    ]),
    EditorView.theme({
      '.cm-tooltip.cm-tooltip-autocomplete': {
        border: '1px solid var(--control)',
        borderRadius: '4px',
        backgroundColor: 'var(--leaf)',
        color: 'var(--ink)',
      },
      '.cm-tooltip.cm-tooltip-autocomplete > ul': {
        fontFamily: 'var(--font-apparatus)',
        fontSize: '13.5px',
        maxHeight: '300px',
      },
      '.cm-tooltip-autocomplete > ul > li[role=option]': { padding: '4px 12px' },
      '.cm-tooltip-autocomplete > ul > li[aria-selected]': { backgroundColor: 'var(--dye-wash)', color: 'var(--ink)' },
      '.cm-completionMatchedText': { textDecoration: 'none', fontWeight: '700' },
      '.cm-completionDetail': { fontStyle: 'normal', color: 'var(--soft)' },
      '.cm-snippetField': { backgroundColor: 'var(--dye-wash)' },
      '.cm-snippetFieldPosition': { borderLeftColor: 'var(--dye)' },
    }),
  ]
}
