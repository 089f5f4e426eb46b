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
    const [claimed] = await new UnsavedWork('sheet', 'alive').claim()
    expect(claimed?.work).toEqual(work)
    held.push({ name: 'notagram.tab.alive' })
    expect(await new UnsavedWork('sheet', 'third').claim()).toEqual([])
    claimed?.settle()
    held.length = 0
    expect(await new UnsavedWork('sheet', 'third').claim()).toEqual([])
  })

  it('is claimed again by the next tab where it could not be settled', async () => {
    new UnsavedWork('sheet', 'dead').keep(work)
    await new UnsavedWork('sheet', 'unlucky').claim()
    expect((await new UnsavedWork('sheet', 'next').claim()).map((claimed) => claimed.work)).toEqual([work])
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
