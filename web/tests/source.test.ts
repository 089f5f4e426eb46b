import { ChangeSet } from '@codemirror/state'
import type { EditorView } from '@codemirror/view'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import type { Reading } from '@/api/client'
import { createEditor } from '@/desk/source/editor'
import { asRead, rangeOf, readingField, setReading } from '@/desk/source/reading-field'
import { NOTHING_READ, type PlacedBlock, spliced } from '@/desk/sync/reading'
import { body, finding, measureNothing } from './samples'

beforeAll(measureNothing)

const TEXT = 'One? {T}\n\nTwo? {=a\n  ~b}\n'

const answer: Reading = {
  hash: 'h',
  digest: 'd',
  splice: {
    keepStart: 0,
    keepEnd: 0,
    put: [
      { id: 'one', length: 9, kind: 'question' },
      { id: 'gap', length: 1, kind: 'blank' },
      { id: 'two', length: 15, kind: 'question' },
    ],
  },
  bodies: [
    body('one', { tokens: [{ kind: 'answer', from: 5, to: 6 }], findings: [finding({ from: 5, to: 8 })] }),
    body('two', {
      tokens: [{ kind: 'answer', from: 5, to: 7 }],
      findings: [finding({ level: 'doubt', from: 5, to: 14 }), finding({ from: 14, to: 14 })],
    }),
  ],
  isRecognised: true,
  ofSheet: [],
}

let view: EditorView
const updates: string[] = []

function open(): EditorView {
  view = createEditor(document.body, {
    doc: TEXT,
    label: 'Source of a test',
    nonce: 'n',
    phrases: {},
    onUpdate: (update) => update.docChanged && updates.push(update.state.doc.toString()),
    ask: () => Promise.resolve(null),
  })
  const reading = spliced(NOTHING_READ, answer)
  view.dispatch({ effects: setReading.of({ reading, since: ChangeSet.empty(TEXT.length).desc }) })
  return view
}

const shown = (selector: string) => [...view.dom.querySelectorAll(selector)].map((element) => element.textContent)
const block = (index: number) => view.state.field(readingField).reading.blocks[index] as PlacedBlock

describe('the source', () => {
  afterEach(() => view.destroy())

  it('is named for those who cannot see it, and spells nothing for the author', () => {
    open()
    expect(view.contentDOM.getAttribute('aria-label')).toBe('Source of a test')
    expect(view.contentDOM.getAttribute('spellcheck')).toBe('false')
  })

  it('shows the marks that the server read', () => {
    open()
    expect(shown('.source-answer')).toEqual(['{', '{='])
  })

  it('underlines findings by their level, line by line and without the indent', () => {
    open()
    expect(shown('.source-finding.is-fault')).toEqual(['{T}'])
    expect(shown('.source-finding.is-doubt').join('')).toBe('{=a~b}')
  })

  it('marks the place where something is missing', () => {
    open()
    expect(view.dom.querySelectorAll('.source-missing.is-fault')).toHaveLength(1)
  })

  it('keeps colours where they belong while one types, and takes back what may be wrong', () => {
    open()
    view.dispatch({ changes: { from: 0, insert: 'Now: ' } })
    expect(shown('.source-answer')).toEqual(['{', '{='])
    // The first block was typed in: its findings are out of date. The second's are not.
    expect(shown('.source-finding.is-fault')).toEqual([])
    expect(shown('.source-finding.is-doubt').length).toBeGreaterThan(0)
    expect(updates.at(-1)).toMatch(/^Now: One/)
  })

  it('knows where a block stands after typing, and what a place was when it was read', () => {
    open()
    view.dispatch({ changes: { from: 0, insert: '12345' } })
    const state = view.state.field(readingField)
    expect(rangeOf(state, block(2))).toEqual({ from: 15, to: 30 })
    expect(asRead(state, 15)).toBe(10)
    expect(rangeOf(state, block(0)).to).toBe(14)
  })

  it('gives a block that was deleted an empty place', () => {
    open()
    view.dispatch({ changes: { from: 9, to: TEXT.length } })
    const range = rangeOf(view.state.field(readingField), block(2))
    expect(range.from).toBe(range.to)
  })
})
