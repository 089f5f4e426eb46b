import { defaultKeymap, history, historyKeymap, indentWithTab } from '@codemirror/commands'
import { search, searchKeymap } from '@codemirror/search'
import { Annotation, EditorState, type Extension } from '@codemirror/state'
import {
  drawSelection,
  EditorView,
  highlightActiveLine,
  highlightActiveLineGutter,
  highlightSpecialChars,
  keymap,
  lineNumbers,
  type ViewUpdate,
} from '@codemirror/view'
import { highlighting } from './highlighting'
import { litLines } from './lit-lines'
import { readingField } from './reading-field'
import { type AskPlace, suggesting } from './suggesting'
import { theme } from './theme'

/** Marks a change that came from the server, and so must not be sent to it. */
export const fromServer = Annotation.define<boolean>()

/** Marks a change that mends many findings at once. */
export const mendOfMany = Annotation.define<boolean>()

interface EditorOptions {
  doc: string
  label: string
  nonce: string
  phrases: Record<string, string>
  onUpdate: (update: ViewUpdate) => void
  ask: AskPlace
}

export function createEditor(
  parent: HTMLElement,
  { doc, label, nonce, phrases, onUpdate, ask }: EditorOptions,
): EditorView {
  const extensions: Extension[] = [
    EditorView.cspNonce.of(nonce),
    EditorState.phrases.of(phrases),
    history(),
    lineNumbers(),
    highlightSpecialChars({
      // A page break, or a character that nobody sees: a quiet dot with its name.
      render: (_code, description) => {
        const dot = document.createElement('span')
        dot.textContent = '•'
        dot.title = description ?? ''
        dot.style.color = 'var(--soft)'
        return dot
      },
    }),
    highlightActiveLine(),
    highlightActiveLineGutter(),
    drawSelection(),
    EditorView.lineWrapping,
    EditorView.perLineTextDirection.of(true),
    search({ top: false }),
    // Its keys go before those of the editor, while it is open.
    suggesting(ask),
    // Tab leaves the editor after Escape, as the editor's own help says; F-keys are the desk's.
    keymap.of([
      ...searchKeymap.filter((binding) => !/F\d/.test(binding.key ?? '')),
      ...historyKeymap,
      ...defaultKeymap,
      indentWithTab,
    ]),
    EditorView.contentAttributes.of({
      'aria-label': label,
      tabindex: '0',
      spellcheck: 'false',
      autocapitalize: 'off',
      translate: 'no',
    }),
    readingField,
    litLines,
    highlighting,
    theme,
    EditorView.updateListener.of(onUpdate),
  ]
  return new EditorView({ parent, state: EditorState.create({ doc, extensions }) })
}
