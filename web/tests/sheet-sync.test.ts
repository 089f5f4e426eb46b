import { ChangeSet } from '@codemirror/state'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem, type Saved } from '@/api/client'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { type SaveState, SheetSync, type SyncDoors } from '@/desk/sync/sheet-sync'

const answer = (hash: string): Saved => ({
  savedAt: '2026-11-25T10:00:00Z',
  reading: {
    hash,
    digest: `d${hash}`,
    splice: { keepStart: 0, keepEnd: 0, put: [] },
    bodies: [],
    isRecognised: true,
    ofSheet: [],
  },
})

const insert = (length: number, at: number, text: string) => ChangeSet.of({ from: at, insert: text }, length)

describe('what is typed', () => {
  const save = vi.fn<SyncDoors['save']>()
  const keep = vi.fn<SyncDoors['keep']>()
  const onConflict = vi.fn()
  const states: SaveState[] = []
  let sync: SheetSync

  beforeEach(() => {
    vi.useFakeTimers()
    save.mockReset()
    keep.mockReset()
    onConflict.mockReset()
    states.length = 0
    sync = new SheetSync(
      { save, keep, onConflict, onReading: () => undefined, onState: (state) => states.push(state) },
      0,
    )
    sync.begin(spliced(NOTHING_READ, answer('1').reading), 3)
  })

  it('travels as edits on the text that both sides know', async () => {
    save.mockResolvedValue(answer('2'))
    sync.typed(insert(3, 3, 'x'))
    sync.typed(insert(4, 4, 'y'))
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()
    expect(save.mock.calls[0]?.[0]).toMatchObject({ base: '1', digest: 'd1', edits: [{ from: 3, to: 3, text: 'xy' }] })
    expect(states.at(-1)).toBe('saved')
    expect(keep).toHaveBeenLastCalledWith(null)
  })

  it('lets go first what somebody waits for, and is sent right after', async () => {
    save.mockResolvedValue(answer('2'))
    let arrive: () => void = () => undefined
    sync.typed(insert(3, 3, ':'))
    sync.letFirst(new Promise<void>((resolve) => (arrive = resolve)))
    sync.typed(insert(4, 4, 'x'))
    await vi.advanceTimersByTimeAsync(150)
    expect(save).not.toHaveBeenCalled()
    arrive()
    await vi.advanceTimersByTimeAsync(1)
    expect(save.mock.calls[0]?.[0]).toMatchObject({ edits: [{ from: 3, to: 3, text: ':x' }] })
  })

  it('waits for no answer that does not come, and goes on trying while the server is in trouble', async () => {
    save.mockRejectedValueOnce(new Problem(0, 'The server does not answer.')).mockResolvedValue(answer('2'))
    sync.typed(insert(3, 3, '{'))
    sync.letFirst(new Promise(() => undefined))
    await vi.advanceTimersByTimeAsync(300)
    expect(save).toHaveBeenCalledOnce()
    sync.typed(insert(4, 4, '{'))
    sync.letFirst(new Promise(() => undefined))
    await vi.advanceTimersByTimeAsync(10_000)
    expect(states.at(-1)).toBe('saved')
  })

  it('waits while a request is under way, and goes on from its answer', async () => {
    let arrive: (saved: Saved) => void = () => undefined
    save.mockReturnValueOnce(new Promise((resolve) => (arrive = resolve))).mockResolvedValue(answer('3'))
    sync.typed(insert(3, 0, 'a'))
    await vi.advanceTimersByTimeAsync(100)
    sync.typed(insert(4, 4, 'b'))
    sync.typed(insert(5, 5, 'c'))
    await vi.advanceTimersByTimeAsync(1_000)
    expect(save).toHaveBeenCalledOnce()
    expect(sync.pending.toJSON()).toEqual([[0, 'a'], 3, [0, 'bc']])
    arrive(answer('2'))
    await vi.runAllTimersAsync()
    expect(save.mock.calls[1]?.[0]).toMatchObject({ base: '2', edits: [{ from: 4, to: 4, text: 'bc' }] })
    expect(sync.isSettled).toBe(true)
  })

  it('is sent again under the same name until it is answered', async () => {
    save
      .mockRejectedValueOnce(new Problem(0, 'gone'))
      .mockRejectedValueOnce(new Problem(502, 'bad'))
      .mockResolvedValue(answer('2'))
    sync.typed(insert(3, 0, 'a'))
    await vi.advanceTimersByTimeAsync(100)
    expect(states.at(-1)).toBe('offline')
    sync.typed(insert(4, 0, 'b'))
    await vi.runAllTimersAsync()
    const names = save.mock.calls.map(([sent]) => sent.changeId)
    expect(names).toHaveLength(4)
    expect(new Set(names.slice(0, 3)).size).toBe(1)
    expect(save.mock.calls[3]?.[0].edits).toEqual([{ from: 0, to: 0, text: 'b' }])
    expect(states.at(-1)).toBe('saved')
  })

  it('is kept until the server has it', () => {
    sync.typed(insert(3, 1, 'z'))
    expect(keep).toHaveBeenLastCalledWith({ base: '1', changes: [1, [0, 'z'], 2] })
  })

  it('never overwrites another text: both are offered, and nothing more is sent', async () => {
    save.mockRejectedValue(new Problem(409, 'changed', { hash: '9', text: 'theirs' }))
    sync.typed(insert(3, 0, 'a'))
    await vi.runAllTimersAsync()
    expect(onConflict).toHaveBeenCalledWith({ hash: '9', text: 'theirs' })
    sync.typed(insert(4, 0, 'b'))
    await vi.runAllTimersAsync()
    expect(save).toHaveBeenCalledOnce()
    expect(sync.pending.newLength).toBe(5)
  })

  it.each([
    ['a full disk', new Problem(503, 'full')],
    ['a conflict about nothing', new Problem(409, 'changed', { hash: '1', text: '' })],
  ])('gives a server in trouble longer and longer pauses: %s', async (_name, problem) => {
    save.mockRejectedValue(problem)
    sync.typed(insert(3, 0, 'a'))
    await vi.advanceTimersByTimeAsync(60_000)
    expect(save.mock.calls.length).toBeLessThan(8)
    expect(states.filter((state) => state === 'saving')).toHaveLength(1)
    expect(states.at(-1)).toBe('offline')
    for (let keys = 0; keys < 20; keys += 1) sync.nudge()
    expect(save.mock.calls.length).toBeLessThan(8)
    expect(onConflict).not.toHaveBeenCalled()

    save.mockResolvedValue(answer('2'))
    sync.retry()
    await vi.advanceTimersByTimeAsync(100)
    expect(states.at(-1)).toBe('saved')
  })

  it('waits while the sheet is off the shelf, and goes on when it is back', async () => {
    save.mockRejectedValueOnce(new Problem(404, 'off')).mockResolvedValue(answer('2'))
    sync.typed(insert(3, 0, 'a'))
    await vi.runAllTimersAsync()
    expect(states.at(-1)).toBe('gone')
    sync.resume()
    await vi.runAllTimersAsync()
    expect(states.at(-1)).toBe('saved')
  })

  it('lets those go on that wait for it, at once where there is trouble', async () => {
    const waited = vi.fn<() => void>()
    void sync.whenSettled().then(waited)
    await vi.advanceTimersByTimeAsync(0)
    expect(waited).toHaveBeenCalledTimes(1)

    let arrive: (saved: Saved) => void = () => undefined
    save.mockReturnValueOnce(new Promise((resolve) => (arrive = resolve)))
    sync.typed(insert(3, 3, 'x'))
    void sync.whenSettled().then(waited)
    await vi.advanceTimersByTimeAsync(0)
    expect(save).toHaveBeenCalledOnce()
    expect(waited).toHaveBeenCalledTimes(1)
    arrive(answer('2'))
    await vi.advanceTimersByTimeAsync(0)
    expect(waited).toHaveBeenCalledTimes(2)

    save.mockRejectedValueOnce(new Problem(0, 'The server does not answer.'))
    sync.typed(insert(4, 4, 'y'))
    void sync.whenSettled().then(waited)
    await vi.advanceTimersByTimeAsync(0)
    expect(waited).toHaveBeenCalledTimes(3)
  })

  it('lets them go on after a few seconds where a request hangs', async () => {
    save.mockReturnValue(new Promise(() => undefined))
    sync.typed(insert(3, 3, 'x'))
    const waited = vi.fn<() => void>()
    void sync.whenSettled().then(waited)
    await vi.advanceTimersByTimeAsync(2_900)
    expect(waited).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(200)
    expect(waited).toHaveBeenCalledOnce()
  })
})
