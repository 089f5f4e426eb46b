import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, shallowRef } from 'vue'
import type { Edit, SheetChange, TableReading, TableWish } from '@/api/client'
import ColumnsLeaf from '@/desk/leaves/columns/ColumnsLeaf.vue'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { plugins } from './plugins'
import { answer, sheet } from './samples'

const api = vi.hoisted(() => ({
  table: vi.fn<(id: string, wish: TableWish) => Promise<TableReading>>(),
  offer: () =>
    Promise.resolve({
      notations: [
        { id: 'starred', label: 'Starred list', canBeTidied: true },
        { id: 'gift', label: 'GIFT', canBeTidied: false },
        { id: 'gram', label: 'Gram', canBeTidied: false },
      ],
    }),
}))
vi.mock('@/api/client', async (real) => ({ ...(await real<object>()), api }))
const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say: said, asked: (call: () => Promise<unknown>) => call() }),
}))

const table: TableReading = {
  asTerms: false,
  mayBeTable: true,
  mayBeTerms: false,
  hasHead: true,
  edits: [{ from: 0, to: 5, text: 'Which? {=a ~b}' }],
  columns: [
    { holds: 'stem', heading: 'Question' },
    { holds: 'option 1', heading: 'A' },
    { holds: 'key', heading: 'Right' },
  ],
  rows: [
    { number: 2, cells: ['Which?', 'a', 'A'], becomes: 'choice', notes: [] },
    { number: 3, cells: ['Unit 2', '', ''], becomes: null, notes: ['Row 3 is not a question.'] },
  ],
  rowCount: 12,
  blocks: [],
  blockCount: 0,
  counts: [{ type: 'choice', count: 11 }],
  notes: ['Row 3 is not a question.'],
  losses: [],
}
const terms: TableReading = {
  ...table,
  asTerms: true,
  mayBeTerms: true,
  columns: [],
  rows: [],
  blocks: [
    {
      kind: 'choice',
      terms: [
        { term: 'drone', definition: 'a male bee' },
        { term: 'queen', definition: 'lays eggs' },
      ],
    },
    {
      kind: 'choice',
      terms: [
        { term: 'wax', definition: 'of combs' },
        { term: 'brood', definition: 'the young' },
      ],
    },
  ],
  blockCount: 2,
}

const steps: string[] = []
const desk = {
  sheet: shallowRef(sheet({ notation: 'starred', isTabular: true, awaitsTidying: true })),
  reading: shallowRef(spliced(NOTHING_READ, answer([], []))),
  hasFocus: () => false,
  base: () => Promise.resolve('h1'),
  applied: (_base: string, edits: readonly Edit[]) => {
    steps.push(`edits ${edits[0]?.text}`)
    return Promise.resolve(true)
  },
  change: (what: SheetChange) => {
    steps.push(JSON.stringify(what))
    return Promise.resolve(true)
  },
  undo: () => {
    steps.push('undo')
    return true
  },
}

async function opened(reading: TableReading) {
  api.table.mockResolvedValue(reading)
  const leaf = mount(ColumnsLeaf, {
    props: { desk, sheetId: 's1' },
    global: { plugins: plugins() },
    attachTo: document.body,
  })
  await flushPromises()
  return leaf
}
const lastWish = () => api.table.mock.lastCall?.[1]

vi.stubGlobal('matchMedia', () => ({
  matches: false,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
}))

beforeEach(() => {
  vi.clearAllMocks()
  steps.length = 0
  localStorage.clear()
})

describe('the columns of a table', () => {
  it('says what becomes of the rows, and what wants a look', async () => {
    const leaf = await opened(table)
    expect(leaf.find('.count').text()).toMatch(/^11 questions\s*11 × One answer$/)
    expect(leaf.findAll('tbody tr').map((row) => row.findAll('td')[0]?.text())).toEqual(['One answer', 'no question'])
    expect(leaf.find('.leaf-notes').text()).toContain('Row 3 is not a question.')
    expect(leaf.find('.more').text()).toBe('and 10 more rows')
    leaf.unmount()
  })

  it('asks again where a person says whether the first row holds headings', async () => {
    const leaf = await opened(table)
    expect(lastWish()?.hasHead).toBeNull()
    await leaf.find('.head-row input').setValue(false)
    await flushPromises()
    expect(lastWish()?.hasHead).toBe(false)
    leaf.unmount()
  })

  it('moves to another column what only one can hold', async () => {
    const leaf = await opened(table)
    const selects = leaf
      .findAllComponents({ name: 'Select' })
      .filter((one) => one.props('ariaLabel')?.startsWith('What column'))
    selects[1]?.vm.$emit('update:modelValue', 'key')
    await flushPromises()
    expect(lastWish()?.columns).toEqual(['stem', 'key', '-'])
    selects[2]?.vm.$emit('update:modelValue', 'option 2')
    await flushPromises()
    expect(lastWish()?.columns).toEqual(['stem', 'option 1', 'option 2'])
    leaf.unmount()
  })

  it('makes the questions, and takes them back in one step', async () => {
    const leaf = await opened(table)
    expect(document.activeElement?.textContent).toBe('Make the questions')
    await leaf.findAll('button').at(-1)?.trigger('click')
    await flushPromises()
    expect(steps).toEqual(['edits Which? {=a ~b}', '{"awaitsTidying":false,"notation":"gift"}'])
    expect(leaf.emitted('taken')).toHaveLength(1)
    await (said.mock.lastCall?.[1] as () => Promise<void>)()
    expect(steps.slice(2)).toEqual(['undo', '{"awaitsTidying":true,"notation":"starred"}'])
    desk.reading.value = spliced(NOTHING_READ, answer([], [], { hash: 'h2' }))
    await nextTick()
    expect(api.table).toHaveBeenCalledTimes(1)
    leaf.unmount()
  })

  it('asks what each block of terms becomes', async () => {
    const leaf = await opened(terms)
    expect(leaf.findAll('.block dt').map((one) => one.text())).toEqual(['drone', 'queen', 'wax', 'brood'])
    const ofBlock = leaf
      .findAllComponents({ name: 'Select' })
      .filter((one) => one.props('ariaLabel')?.startsWith('Block'))
    ofBlock[1]?.vm.$emit('update:modelValue', 'matching')
    await flushPromises()
    expect(lastWish()?.kinds).toEqual(['', 'matching'])
    await leaf.find('input[type=radio]').trigger('change')
    await flushPromises()
    expect(lastWish()?.asTerms).toBe(false)
    leaf.unmount()
  })
})
