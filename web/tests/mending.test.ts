import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, defineComponent, h, shallowRef } from 'vue'
import type { Edit, Finding, SheetChange } from '@/api/client'
import { findingsOf, NOTHING_READ, type PlacedFinding, spliced } from '@/desk/sync/reading'
import { useMending } from '@/desk/useMending'
import { plugins } from './plugins'
import { answer, body, finding } from './samples'

const mending = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { mending } }))
const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say: said, asked: (call: () => Promise<unknown>) => call() }),
}))

const fix = (more: Partial<NonNullable<Finding['fix']>> = {}): Finding['fix'] => ({
  label: 'Add a blank line',
  safe: true,
  edits: [{ from: 1, to: 1, text: '\n' }],
  of: 'text',
  ...more,
})

function open(ofQuestion: Finding[], ofSheet: Finding[] = []) {
  const read = answer([{ id: 'one', length: 5, kind: 'question' }], [body('one', { findings: ofQuestion })], {
    ofSheet,
  })
  const reading = shallowRef(spliced(NOTHING_READ, read))
  const findings = computed(() => findingsOf(reading.value))
  const apply = vi.fn<(edits: readonly Edit[], event: string, isMany?: boolean) => void>()
  const change = vi.fn<(what: SheetChange) => Promise<boolean>>().mockResolvedValue(true)
  const here: { finding?: PlacedFinding; start: number | null; base: string } = { start: 10, base: 'h1' }
  let found!: ReturnType<typeof useMending>
  mount(
    defineComponent(() => {
      found = useMending('s1', {
        source: { apply, undo: () => true },
        edits: {
          settled: () => Promise.resolve(),
          base: () => Promise.resolve('h1'),
          isStill: (base) => base === here.base,
        },
        places: { findingHere: () => here.finding, placeNow: () => here.start },
        findings,
        change,
      })
      return () => h('i')
    }),
    { global: { plugins: plugins() } },
  )
  return { ...found, findings, apply, change, here }
}

describe('fixes', () => {
  beforeEach(() => {
    said.mockReset()
    mending.mockReset()
  })

  it('are made where the question stands now, as one step', async () => {
    const desk = open([finding({ fix: fix() })])
    desk.here.finding = desk.findings.value[0]
    await desk.mendHere()
    expect(desk.apply).toHaveBeenCalledExactlyOnceWith([{ from: 11, to: 11, text: '\n' }], 'input.mend')
  })

  it('are not made in a question that was typed in since, nor where a person must decide', async () => {
    const desk = open([finding({ fix: fix() }), finding({ advice: 'Decide which you mean.' })])
    desk.here.start = null
    desk.here.finding = desk.findings.value[0]
    await desk.mendHere()
    expect(said).toHaveBeenLastCalledWith('Still reading: try again in a moment.')
    desk.here.finding = desk.findings.value[1]
    await desk.mendHere()
    expect(said).toHaveBeenLastCalledWith('Fix this one yourself: Decide which you mean.')
    expect(desk.apply).not.toHaveBeenCalled()
  })

  it('say so where there is nothing at the cursor, or take what concerns the file', async () => {
    const nothing = open([])
    await nothing.mendHere()
    expect(said).toHaveBeenLastCalledWith('No problems found.')
    const ofFile = open([], [finding({ fix: fix({ of: 'encoding', edits: [] }) })])
    await ofFile.mendHere()
    await flushPromises()
    expect(ofFile.change).toHaveBeenCalledExactlyOnceWith({ plainUtf8: true })
    expect(said).toHaveBeenLastCalledWith('Your download will be saved as UTF-8.')
  })

  it('that are safe are made all at once, in the text and of the file, and can be taken back', async () => {
    mending.mockResolvedValue({
      edits: [{ from: 0, to: 1, text: '' }],
      changes: [{ code: 'x.y', times: 2 }],
      places: [],
      plainUtf8: false,
    })
    const desk = open([finding({ fix: fix() })], [finding({ fix: fix({ of: 'line-endings' }) })])
    await desk.mendAll()
    expect(mending).toHaveBeenCalledExactlyOnceWith('s1', 'h1', null)
    expect(desk.apply).toHaveBeenCalledExactlyOnceWith([{ from: 0, to: 1, text: '' }], 'input.mend', true)
    expect(said).toHaveBeenCalledWith('2 problems fixed.', expect.any(Function))
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ oneLineEnding: true })
  })

  it('are left alone where the text moved on since they were worked out', () => {
    const desk = open([])
    desk.here.base = 'h2'
    const found = {
      base: 'h1',
      edits: [{ from: 0, to: 1, text: '' }],
      changes: [{ code: 'x.y', times: 1 }],
      places: [],
      plainUtf8: false,
    }
    expect(desk.applyMending(found)).toBe(true)
    expect(desk.applyMending({ ...found, edits: [] })).toBe(false)
    expect(desk.apply).not.toHaveBeenCalled()
  })
})
