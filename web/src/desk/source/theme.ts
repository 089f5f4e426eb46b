import { EditorView } from '@codemirror/view'

/** The look of the source, from the tokens of the page; colours of marks stand in the page's own styles. */
export const theme = EditorView.theme({
  '&': { height: '100%', backgroundColor: 'var(--source)', color: 'var(--ink)', fontSize: '13px' },
  '&.cm-focused': { outline: 'none' },
  '.cm-scroller': {
    fontFamily: 'var(--font-source)',
    fontVariantLigatures: 'none',
    lineHeight: '21px',
    overflowX: 'hidden',
  },
  '.cm-content': { paddingBlock: '12px 40vh', caretColor: 'var(--dye)' },
  '.cm-line': { paddingInline: '10px 16px' },
  '.cm-cursor': { borderLeftColor: 'var(--dye)', borderLeftWidth: '2px' },
  '.cm-gutters': { backgroundColor: 'var(--source)', color: 'var(--faint)', border: 'none', fontSize: '11px' },
  '.cm-lineNumbers .cm-gutterElement': { paddingInline: '12px 4px', minWidth: '40px' },
  '.cm-activeLine, .cm-activeLineGutter': { backgroundColor: 'var(--line-wash)' },
  '.source-lit': { backgroundColor: 'var(--hint-wash)' },
  '&.cm-focused > .cm-scroller > .cm-selectionLayer .cm-selectionBackground, .cm-selectionBackground': {
    background: 'var(--selection)',
  },
  '.cm-panels': { backgroundColor: 'var(--desk)', color: 'var(--ink)', borderColor: 'var(--rule)' },
  '.cm-panels.cm-panels-bottom': { borderTop: '1px solid var(--rule)' },
  '.cm-panel.cm-search': { padding: '8px 12px', fontFamily: 'var(--font-apparatus)', fontSize: '13px' },
  '.cm-panel.cm-search input, .cm-panel.cm-search button': { fontFamily: 'inherit', fontSize: '13px' },
  '.cm-panel.cm-search label': { fontSize: '13px', whiteSpace: 'nowrap' },
  '.cm-panel.cm-search [name=close]': {
    fontSize: '20px',
    inset: '4px 8px auto auto',
    color: 'inherit',
    padding: '0 6px',
  },
  '.cm-textfield': {
    backgroundColor: 'var(--leaf)',
    border: '1px solid var(--control)',
    borderRadius: '4px',
    color: 'inherit',
  },
  '.cm-button': {
    backgroundImage: 'none',
    backgroundColor: 'var(--leaf)',
    border: '1px solid var(--control)',
    borderRadius: '4px',
    color: 'inherit',
  },
  '.cm-searchMatch': { backgroundColor: 'var(--doubt-wash)', outline: '1px solid var(--doubt)' },
  '.cm-searchMatch-selected': { backgroundColor: 'var(--dye-wash)', outline: '2px solid var(--dye)' },
})
