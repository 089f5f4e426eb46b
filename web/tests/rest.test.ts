import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { api, type Body, Problem } from '@/api/client'
import { NOTHING_READ, spliced, withBodies } from '@/desk/sync/reading'
import { useRest } from '@/desk/useRest'
import { answer, body } from './samples'

const names = ['one', 'two', 'three', 'four']
const put = names.map((id) => ({ id, length: 1, kind: 'question' as const }))

describe('the rest of a large sheet', () => {
  const bodies = vi.spyOn(api, 'bodies')
  const scope = effectScope()
  let reading = NOTHING_READ
  const saving = {
    reading: () => reading,
    saved: vi.fn(() => Promise.resolve()),
    add: vi.fn((more: readonly Body[]) => void (reading = withBodies(reading, more))),
    target: () => null,
  }
  const asks = (block: number) => scope.run(() => useRest('s1', saving, () => ({ block })))?.ask()
  const froms = () => bodies.mock.calls.map(([, from]) => from)

  beforeEach(() => {
    vi.useFakeTimers()
    bodies.mockReset()
    saving.add.mockClear()
    reading = spliced(NOTHING_READ, answer(put, [body('one')]))
  })
  afterEach(() => void vi.useRealTimers())

  it('comes part after part until all is read', async () => {
    bodies.mockImplementation((_, from) =>
      Promise.resolve({ bodies: names.slice(from, from + 1).map((id) => body(id)) }),
    )
    asks(0)
    await vi.runAllTimersAsync()
    expect(froms()).toEqual([1, 2, 3])
    expect(reading.isWhole).toBe(true)
    expect(saving.saved).toHaveBeenCalled()
  })

  it('begins where the cursor is', async () => {
    bodies.mockImplementation((_, from) =>
      Promise.resolve({ bodies: names.slice(from, from + 2).map((id) => body(id)) }),
    )
    asks(2)
    await vi.runAllTimersAsync()
    expect(froms()).toEqual([2, 1])
    expect(reading.isWhole).toBe(true)
  })

  it('is asked for again after trouble, and not in a circle where the text is another by now', async () => {
    bodies.mockRejectedValueOnce(new Problem(0, 'gone')).mockResolvedValue({ bodies: [body('other')] })
    asks(0)
    await vi.advanceTimersByTimeAsync(100)
    expect(bodies).toHaveBeenCalledOnce()
    await vi.runAllTimersAsync()
    expect(bodies).toHaveBeenCalledTimes(2)
    expect(saving.add).not.toHaveBeenCalled()
  })
})
