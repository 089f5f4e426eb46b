import { beforeEach, describe, expect, it, vi } from 'vitest'
import { UnsavedWork } from '@/desk/sync/unsaved'

describe('unsaved work', () => {
  const held: { name: string }[] = []

  beforeEach(() => {
    localStorage.clear()
    held.length = 0
    vi.stubGlobal('navigator', { locks: { query: () => Promise.resolve({ held }), request: () => Promise.resolve() } })
  })

  const work = { base: 'h', changes: [1, [0, 'x']], text: 'ax' }

  it('of a tab that is gone is claimed once', async () => {
    new UnsavedWork('sheet', 'dead').keep(work)
    expect(await new UnsavedWork('sheet', 'alive').claim()).toEqual([work])
    expect(await new UnsavedWork('sheet', 'alive').claim()).toEqual([])
  })

  it('of a living tab, or of another sheet, is left alone', async () => {
    held.push({ name: 'notagram.tab.living' })
    new UnsavedWork('sheet', 'living').keep(work)
    new UnsavedWork('other', 'dead').keep(work)
    expect(await new UnsavedWork('sheet', 'mine').claim()).toEqual([])
  })

  it('is gone once it is saved', async () => {
    const unsaved = new UnsavedWork('sheet', 'dead')
    unsaved.keep(work)
    unsaved.clear()
    expect(await new UnsavedWork('sheet', 'alive').claim()).toEqual([])
  })

  it('keeps the changes even where there is no room for the text', () => {
    const kept: string[] = []
    const full = {
      setItem: (_key: string, value: string) => {
        if (value.includes('"text":"')) throw new DOMException('full', 'QuotaExceededError')
        kept.push(value)
      },
    } as unknown as Storage
    new UnsavedWork('sheet', 'tab', full).keep(work)
    expect(JSON.parse(kept[0] ?? '')).toEqual({ ...work, text: null })
  })
})
