import { describe, expect, it } from 'vitest'
import { followingTop, readingLine } from '@/desk/facing'
import { BEAD_DISTANCE, beadPlaces } from '@/desk/spine/layout'

describe('two sides that face one another', () => {
  it('read at the top when at the start, and at the foot when at the end', () => {
    expect(readingLine({ scrollTop: 0, clientHeight: 400, scrollHeight: 2_000 })).toBe(0)
    expect(readingLine({ scrollTop: 1_600, clientHeight: 400, scrollHeight: 2_000 })).toBe(2_000)
    expect(readingLine({ scrollTop: 0, clientHeight: 400, scrollHeight: 300 })).toBe(0)
  })

  it('bring what is read on one to the reading line of the other', () => {
    const source = { scrollTop: 500, clientHeight: 400, scrollHeight: 2_000 }
    const leaf = { scrollTop: 0, clientHeight: 600, scrollHeight: 5_000 }
    const y = readingLine(source)
    const top = followingTop(source, y, { top: y - 50, bottom: y + 50 }, { top: 1_000, bottom: 1_400 }, leaf)
    // Halfway through the item on both sides, at the same share of the view.
    expect(top + ((y - source.scrollTop) / 400) * 600).toBe(1_200)
  })

  it('meet at both ends', () => {
    const leaf = { scrollTop: 0, clientHeight: 600, scrollHeight: 5_000 }
    const item = { top: 100, bottom: 200 }
    expect(followingTop({ scrollTop: 0, clientHeight: 400, scrollHeight: 2_000 }, 0, item, item, leaf)).toBe(0)
    expect(followingTop({ scrollTop: 1_600, clientHeight: 400, scrollHeight: 2_000 }, 2_000, item, item, leaf)).toBe(
      4_400,
    )
  })
})

describe('beads', () => {
  const pair = (top: number, bottom: number) => ({
    left: { top, bottom },
    right: { top: top + 40, bottom: bottom + 40 },
  })

  it('hang halfway between text and outcome', () => {
    expect(beadPlaces([pair(0, 100)], 600)[0]?.y).toBe(70)
  })

  it('never lie on one another, and keep their order', () => {
    const ys = beadPlaces([pair(0, 20), pair(20, 40), pair(40, 60)], 600).map((place) => place.y)
    expect(ys[1]).toBeGreaterThanOrEqual((ys[0] as number) + BEAD_DISTANCE)
    expect(ys[2]).toBeGreaterThanOrEqual((ys[1] as number) + BEAD_DISTANCE)
  })

  it('are level with what is seen of a question that is larger than the view', () => {
    const tall = { left: { top: -1_000, bottom: 3_000 }, right: { top: -1_000, bottom: 3_000 } }
    expect(beadPlaces([tall], 600)[0]?.y).toBe(300)
  })
})
