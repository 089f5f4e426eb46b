import { ChangeSet } from '@codemirror/state'
import type { EditorView } from '@codemirror/view'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, defineComponent, h, ref, shallowRef } from 'vue'
import type { Finding, Level } from '@/api/client'
import { createEditor } from '@/desk/source/editor'
import { readingField, setReading } from '@/desk/source/reading-field'
import { findingsOf, NOTHING_READ, type PlacedBlock, spliced } from '@/desk/sync/reading'
import { type Cursor, usePlaces } from '@/desk/usePlaces'
import { plugins } from './plugins'
import { answer, body, finding, measureNothing } from './samples'

const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({ useNotice: () => ({ say: said }) }))

beforeAll(measureNothing)

const TEXT = 'One? {T}\n\nTwo? {=a\n  ~b}\n\nThree.\n'
const fix = { label: 'Mend', safe: true, edits: [], of: 'text' } as Finding['fix']

const at = (level: Level, from: number, to: number, more: Partial<Finding> = {}) =>
  finding({ level, from, to, message: `${level} at ${from}`, ...more })

let view: EditorView
let unmount = () => {}

function open(findings: [Finding[], Finding[], Finding[]], ofSheet: Finding[] = []) {
  const read = answer(
    [
      { id: 'one', length: 9, kind: 'question' },
      { id: 'gap', length: 1, kind: 'blank' },
      { id: 'two', length: 15, kind: 'question' },
      { id: 'gap', length: 1, kind: 'blank' },
      { id: 'three', length: 7, kind: 'question' },
    ],
    ['one', 'two', 'three'].map((id, index) => body(id, { findings: findings[index] })),
    { ofSheet },
  )
  view = createEditor(document.body, {
    doc: TEXT,
    label: 'Source',
    nonce: 'n',
    phrases: {},
    onUpdate: () => {},
    ask: () => Promise.resolve(null),
  })
  const reading = shallowRef(spliced(NOTHING_READ, read))
  view.dispatch({ effects: setReading.of({ reading: reading.value, since: ChangeSet.empty(TEXT.length).desc }) })
  const cursor = ref<Cursor>({ line: 1, column: 1, block: 0 })
  let places!: ReturnType<typeof usePlaces>
  const wrapper = mount(
    defineComponent({
      setup() {
        places = usePlaces(
          shallowRef(view),
          reading,
          computed(() => findingsOf(reading.value)),
          cursor,
        )
        return () => h('div')
      },
    }),
    { global: { plugins: plugins() } },
  )
  unmount = () => wrapper.unmount()
  return { ...places, cursor, reading }
}

const selected = () => view.state.sliceDoc(view.state.selection.main.from, view.state.selection.main.to)
const type = (at: number, text: string) => view.dispatch({ changes: { from: at, insert: text } })

beforeEach(() => said.mockReset())
afterEach(() => {
  unmount()
  view.destroy()
})

describe('going from finding to finding', () => {
  it('goes forwards and backwards, and from the last on to the first', () => {
    const { step } = open([[at('fault', 0, 3)], [at('doubt', 6, 8)], [at('fault', 0, 5)]])
    // The first stands where the cursor is, and is not passed over.
    for (const place of ['One', '=a', 'Three', 'One']) {
      step(1)
      expect(selected()).toBe(place)
    }
    step(-1)
    expect(selected()).toBe('Three')
  })

  it('leaves hints for when nothing worse is left', () => {
    const { step } = open([[], [at('hint', 0, 3), at('fault', 6, 8)], [at('hint', 0, 5)]])
    step(1)
    step(1)
    expect(selected()).toBe('=a')
    unmount()
    view.destroy()
    const hints = open([[], [at('hint', 0, 3)], [at('hint', 0, 5)]])
    hints.step(1)
    hints.step(1)
    expect(selected()).toBe('Three')
  })

  it('finds its places in what was typed since', () => {
    const { step } = open([[], [at('fault', 6, 8)], []])
    type(0, 'Number ')
    type(view.state.doc.toString().indexOf('=a'), 'new ')
    step(1)
    expect(selected()).toBe('=a')
  })

  it('goes to a block, and counts as having led somebody there', async () => {
    const { goToBlock, led, reading } = open([[], [], []])
    goToBlock(reading.value.blocks[2] as PlacedBlock)
    expect(view.state.selection.main.from).toBe(10)
    expect(led.value).toBe(1)
    await flushPromises()
    expect(view.hasFocus).toBe(true)
  })

  it('says so where there is none, or what is said of the sheet as a whole', () => {
    open([[], [], []]).step(1)
    expect(said).toHaveBeenLastCalledWith('No problems found.')
    unmount()
    view.destroy()
    open([[], [], []], [at('doubt', 0, 0, { message: 'Twelve are expected.' })]).step(1)
    expect(said).toHaveBeenLastCalledWith('Twelve are expected.')
  })
})

describe('the finding at the cursor', () => {
  const put = (at: number) => view.dispatch({ selection: { anchor: at } })

  it('is the one whose stretch holds it, one with a fix first', () => {
    const { findingHere } = open([[], [at('doubt', 0, 8), at('fault', 6, 8, { fix }), at('hint', 9, 13)], []])
    put(17)
    expect(findingHere()?.finding.level).toBe('fault')
    put(20)
    expect(findingHere()?.finding.level).toBe('hint')
    put(11)
    expect(findingHere()?.finding.level).toBe('doubt')
  })

  it('is else the first of its block that has a fix', () => {
    const { findingHere, cursor } = open([[], [at('doubt', 0, 2), at('fault', 6, 8, { fix })], []])
    put(23)
    cursor.value = { line: 4, column: 4, block: 2 }
    expect(findingHere()?.finding.level).toBe('fault')
  })

  it('is none in a block without any', () => {
    const { findingHere, atCursor, cursor } = open([[], [at('fault', 6, 8)], []])
    put(30)
    cursor.value = { line: 6, column: 2, block: 4 }
    expect([findingHere(), atCursor.value]).toEqual([undefined, null])
  })

  it('follows its text', () => {
    const { findingHere } = open([[], [at('fault', 6, 8)], []])
    type(0, 'Once upon a time: ')
    put(18 + 17)
    expect(findingHere()?.finding.message).toBe('fault at 6')
    expect(view.state.field(readingField).since.mapPos(16, 1)).toBe(34)
  })
})
