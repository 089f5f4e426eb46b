import { ChangeSet } from '@codemirror/state'
import { mount } from '@vue/test-utils'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { useSource } from '@/desk/useSource'
import { plugins } from './plugins'
import { answer, body, measureNothing } from './samples'

beforeAll(measureNothing)

let unmount = () => {}
afterEach(() => unmount())

function open(text: string) {
  const typed = vi.fn<(changes: ChangeSet, isMendOfMany: boolean) => void>()
  let source!: ReturnType<typeof useSource>
  const wrapper = mount(
    defineComponent(() => {
      source = useSource(typed, () => Promise.resolve(null))
      return () => h('i')
    }),
    { global: { plugins: plugins() } },
  )
  unmount = () => wrapper.unmount()
  source.open(document.body, text, 'Swarms')
  return { ...source, typed }
}

const put = (from: number, text: string, to = from) => [{ from, to, text }]

describe('the source', () => {
  it('tells what was typed, and nothing of what came from the server', () => {
    const { typed, apply, setFromServer, text } = open('abc')
    apply(put(3, 'd'), 'input')
    apply(put(0, '>'), 'input.mend', true)
    setFromServer('another')
    expect(text()).toBe('another')
    expect(typed.mock.calls.map(([changes, isMany]) => [changes.toJSON() as unknown, isMany])).toEqual([
      [[3, [0, 'd']], false],
      [[[0, '>'], 4], true],
    ])
  })

  it('makes many edits as one step that undo takes back', () => {
    const { apply, undo, redo, text } = open('a b c')
    apply([...put(0, 'A', 1), ...put(4, 'C', 5)], 'input.mend')
    expect(text()).toBe('A b C')
    undo()
    expect(text()).toBe('a b c')
    redo()
    expect(text()).toBe('A b C')
  })

  it('leaves the focus where somebody is at work', () => {
    const field = document.body.appendChild(document.createElement('input'))
    field.focus()
    const { applyQuietly, hasFocus } = open('abc')
    applyQuietly(put(0, 'x'), 'input.mark')
    expect([document.activeElement, hasFocus()]).toEqual([field, false])
    field.remove()
  })

  it('says where the cursor is, in characters and by the question that was read', () => {
    const { show, view, cursor } = open('One? {T}\n\n🐝 Two? {F}\n')
    const read = answer(
      [
        { id: 'one', length: 9, kind: 'question' },
        { id: 'gap', length: 1, kind: 'blank' },
        { id: 'two', length: 12, kind: 'question' },
      ],
      [body('one'), body('two')],
    )
    show(spliced(NOTHING_READ, read), ChangeSet.empty(22).desc)
    view.value?.dispatch({ selection: { anchor: 13 } })
    expect(cursor.value).toEqual({ line: 3, column: 3, block: 2 })
  })

  it('puts an example with blank lines around it, wherever the cursor is', () => {
    for (const [before, end, after] of [
      ['', null, 'X\n'],
      ['One.\n', 5, 'One.\n\nX\n'],
      ['One.\n\nTwo.\n', 5, 'One.\n\nX\n\nTwo.\n'],
    ] as const) {
      const { insertBelow, text } = open(before)
      insertBelow(end, 'X')
      expect(text()).toBe(after)
      unmount()
    }
  })
})
