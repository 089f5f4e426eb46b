import { currentCompletions, startCompletion } from '@codemirror/autocomplete'
import { EditorView } from '@codemirror/view'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Place } from '@/api/client'
import { suggesting, template } from '@/desk/source/suggesting'

const suggestion = (more: Partial<Place['suggestions'][number]>): Place['suggestions'][number] => ({
  label: 'A',
  detail: null,
  from: 0,
  to: 0,
  text: 'A',
  fields: [],
  ...more,
})

let view: EditorView
afterEach(() => view?.destroy())

describe('suggestions at the cursor', () => {
  it('are filled in field by field, even where two say the same', () => {
    const text = '{=right ~wrong ~wrong}'
    const fields = [
      { from: 2, to: 7 },
      { from: 9, to: 14 },
      { from: 16, to: 21 },
    ]
    expect(template({ text, fields })).toBe('\\{=${1:right} ~${2:wrong} ~${3:wrong}\\}')
    expect(template({ text: 'Bees {x}', fields: [] })).toBe('Bees \\{x\\}')
  })

  it('are asked for by key anywhere, and by typing after a sign only', async () => {
    const ask = vi.fn(() => Promise.resolve({ understood: '', suggestions: [suggestion({ from: 8, to: 8 })] }))
    view = new EditorView({
      parent: document.body,
      doc: 'ANSWER: ',
      selection: { anchor: 8 },
      extensions: suggesting(ask),
    })
    view.dispatch({ changes: { from: 8, insert: 'x' }, selection: { anchor: 9 }, userEvent: 'input.type' })
    await new Promise((resolve) => setTimeout(resolve, 80))
    expect(ask).not.toHaveBeenCalled()
    startCompletion(view)
    await vi.waitFor(() => expect(currentCompletions(view.state).map(({ label }) => label)).toEqual([]))
    await vi.waitFor(() => expect(ask).toHaveBeenCalledWith(9))
  })

  it('show nothing where the server has nothing to say', async () => {
    const ask = vi.fn(() => Promise.resolve(null))
    view = new EditorView({ parent: document.body, doc: '::', selection: { anchor: 2 }, extensions: suggesting(ask) })
    startCompletion(view)
    await vi.waitFor(() => expect(ask).toHaveBeenCalled())
    expect(currentCompletions(view.state)).toEqual([])
  })

  it('are asked for anew where typing went on before the server had nothing to say', async () => {
    const answers = [null, { understood: '', suggestions: [suggestion({ label: 'Title', from: 2, to: 2 })] }]
    let first = () => {}
    const held = new Promise<void>((resolve) => (first = resolve))
    const ask = vi.fn(async (offset: number) => {
      if (offset === 1) await held
      return answers[offset - 1] ?? null
    })
    view = new EditorView({ parent: document.body, extensions: suggesting(ask) })
    const type = (at: number) =>
      view.dispatch({ changes: { from: at, insert: ':' }, selection: { anchor: at + 1 }, userEvent: 'input.type' })
    type(0)
    await vi.waitFor(() => expect(ask).toHaveBeenCalledWith(1))
    type(1)
    first()
    await vi.waitFor(() => expect(currentCompletions(view.state).map(({ label }) => label)).toEqual(['Title']))
  })
})
