import { flushPromises } from '@vue/test-utils'
import { effectScope, ref, shallowRef } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Rehearsal, RehearsalWish } from '@/api/client'
import { isFileRefused, rehearsed } from '@/desk/leaves/rehearsal/rehearsed'
import { useRehearsal } from '@/desk/leaves/rehearsal/useRehearsal'
import { NOTHING_READ, type PlacedBlock } from '@/desk/sync/reading'

const rehearsal = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: { rehearsal } }))
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ asked: (call: () => Promise<unknown>) => call() }),
}))

const received = (number: number) => ({ number, type: 'choice' as const, title: null, stem: `Q${number}`, answers: [] })
const trial = (of: Partial<Rehearsal>): Rehearsal => ({
  hash: 'h',
  to: 'gift',
  questions: 4,
  stoppedAt: null,
  notReached: 0,
  taken: [],
  refused: [],
  categories: [],
  different: [],
  ...of,
})
const blocks = [null, 1, 2, 3, 4].map((number) => ({ key: `${number}`, number }) as PlacedBlock)
const fates = (of: Partial<Rehearsal>) => rehearsed(blocks, trial(of)).map(({ fate }) => fate)

describe('what became of each question', () => {
  const refused = [{ number: 3, line: 9, reason: 'No.' }]

  it('is taken before the stop and never reached after it', () => {
    expect(fates({ taken: [received(1), received(2)], refused, stoppedAt: 3, notReached: 1 })).toEqual([
      'taken',
      'taken',
      'refused',
      'not-reached',
    ])
  })

  it('is thrown away where the receiver keeps nothing', () => {
    expect(fates({ refused, stoppedAt: 3, notReached: 1 })).toEqual([
      'given-back',
      'given-back',
      'refused',
      'not-reached',
    ])
  })

  it('is not reached from a text on that stops the receiver', () => {
    const stray = [{ number: null, line: 4, reason: 'No.' }]
    expect(fates({ taken: [received(1)], refused: stray, stoppedAt: 2, notReached: 3 })).toEqual([
      'taken',
      'not-reached',
      'not-reached',
      'not-reached',
    ])
  })

  it('is named where it arrives as another', () => {
    const different = [{ number: 2, what: 'title', ours: 'Wax', theirs: '' }]
    const all = rehearsed(blocks, trial({ taken: [1, 2, 3, 4].map(received), different }))
    expect(all.map(({ fate }) => fate)).toEqual(['taken', 'different', 'taken', 'taken'])
    expect(all[1]?.differences).toEqual(different)
  })

  it('is not reached in a file that cannot be read', () => {
    const file = trial({ refused: [{ number: null, line: 1, reason: 'Not UTF-8.' }], notReached: 4 })
    expect(isFileRefused(file)).toBe(true)
    expect(rehearsed(blocks, file).every(({ fate }) => fate === 'not-reached')).toBe(true)
  })
})

describe('the trial import', () => {
  beforeEach(() => {
    rehearsal.mockReset()
  })

  it('is made anew for another receiver, and an answer that was overtaken is dropped', async () => {
    const scope = effectScope()
    const wish = ref<RehearsalWish>({ onFault: 'stop-keep' })
    const reading = shallowRef({ ...NOTHING_READ, hash: 'h' })
    let answerFirst: (of: Rehearsal) => void = () => undefined
    rehearsal.mockReturnValueOnce(new Promise<Rehearsal>((resolve) => (answerFirst = resolve)))
    rehearsal.mockResolvedValueOnce(trial({ stoppedAt: null }))
    const found = scope.run(() => useRehearsal({ reading, settled: () => Promise.resolve() }, 'id', wish))
    await flushPromises()
    wish.value = { onFault: 'skip' }
    await flushPromises()
    answerFirst(trial({ stoppedAt: 2 }))
    await flushPromises()
    expect(rehearsal).toHaveBeenCalledTimes(2)
    expect(found?.value?.stoppedAt).toBeNull()
    scope.stop()
  })
})
