import { ChangeSet } from '@codemirror/state'
import { describe, expect, it } from 'vitest'
import type { Reading } from '@/api/client'
import {
  blockIndexAt,
  countOf,
  findingsOf,
  firstUnread,
  isTouched,
  NOTHING_READ,
  spliced,
  stateOf,
  withBodies,
} from '@/desk/sync/reading'
import { body } from './samples'

const doubt = {
  code: 'a.b',
  level: 'doubt',
  from: 1,
  to: 3,
  message: 'm',
  advice: 'a',
  fix: null,
  off: false,
  other: null,
} as const

const first: Reading = {
  hash: 'h1',
  digest: 'd1',
  splice: {
    keepStart: 0,
    keepEnd: 0,
    put: [
      { id: 'cat', length: 10, kind: 'category' },
      { id: 'gap', length: 1, kind: 'blank' },
      { id: 'one', length: 20, kind: 'question' },
      { id: 'gap', length: 1, kind: 'blank' },
      { id: 'two', length: 30, kind: 'broken' },
    ],
  },
  bodies: [
    body('cat', { kind: 'category', category: ['Swarms', 'Signs'] }),
    body('gap', { kind: 'blank' }),
    body('one', { findings: [doubt] }),
    body('two', { kind: 'broken' }),
  ],
  isRecognised: true,
  ofSheet: [],
}

describe('a reading', () => {
  const reading = spliced(NOTHING_READ, first)

  it('places its blocks, numbers what authors count, and files it', () => {
    expect(reading.blocks.map(({ from, to, number }) => [from, to, number])).toEqual([
      [0, 10, null],
      [10, 11, null],
      [11, 31, 1],
      [31, 32, null],
      [32, 62, 2],
    ])
    expect(reading.blocks[2]?.category).toEqual(['Swarms', 'Signs'])
  })

  it('tells equal blocks apart', () => {
    expect(new Set(reading.blocks.map((block) => block.key)).size).toBe(5)
  })

  it('counts what is sound: a doubt is, a broken block is not', () => {
    expect(countOf(reading)).toEqual({ isWhole: true, questions: 2, sound: 1, fault: 0, doubt: 1, hint: 0 })
    expect(reading.blocks.filter((block) => block.number).map(stateOf)).toEqual(['doubt', 'broken'])
  })

  it('gives findings their place in the sheet', () => {
    expect(findingsOf(reading).map(({ from, to }) => [from, to])).toEqual([[12, 14]])
  })

  it('keeps what a splice keeps, with the bodies it had', () => {
    const next = spliced(reading, {
      hash: 'h2',
      digest: 'd2',
      splice: { keepStart: 2, keepEnd: 2, put: [{ id: 'new', length: 5, kind: 'question' }] },
      bodies: [body('new')],
      isRecognised: true,
      ofSheet: [],
    })
    expect(next.blocks.map((block) => block.id)).toEqual(['cat', 'gap', 'new', 'gap', 'two'])
    expect(next.blocks.at(-1)?.from).toBe(17)
    expect([...next.bodies.keys()]).toEqual(['cat', 'gap', 'new', 'two'])
    expect(next.blocks.at(-1)?.body.kind).toBe('broken')
  })

  it('finds the block at a place', () => {
    expect([0, 10, 11, 31, 61, 99].map((offset) => blockIndexAt(reading.blocks, offset))).toEqual([0, 1, 2, 3, 4, 4])
    expect(blockIndexAt([], 0)).toBe(-1)
  })

  it('knows whether it was typed in since', () => {
    const since = ChangeSet.of({ from: 15, insert: 'x' }, 62).desc
    expect(isTouched(since, 11, 31)).toBe(true)
    expect(isTouched(since, 32, 62)).toBe(false)
  })
})

describe('a sheet whose end is not read yet', () => {
  const opened = spliced(NOTHING_READ, { ...first, bodies: first.bodies.slice(0, 2) })

  it('knows how many questions there are, and calls none of them ready', () => {
    expect(opened.isWhole).toBe(false)
    expect(opened.blocks.map(({ number }) => number)).toEqual([null, null, 1, null, 2])
    expect(opened.blocks.filter(({ number }) => number !== null).map(stateOf)).toEqual(['unread', 'broken'])
    expect(countOf(opened)).toMatchObject({ isWhole: false, questions: 2, sound: 0 })
  })

  it('asks for what is not read from a place on, and then from the start', () => {
    expect(firstUnread(opened, 0)).toBe(2)
    expect(firstUnread(opened, 3)).toBe(4)
    const more = withBodies(opened, first.bodies.slice(3))
    expect(firstUnread(more, 4)).toBe(2)
    expect(more.isWhole).toBe(false)
  })

  it('is the same in the end as if it had come at once', () => {
    const whole = withBodies(opened, first.bodies.slice(2))
    expect(whole).toEqual(spliced(NOTHING_READ, first))
    expect(firstUnread(whole, 0)).toBe(-1)
  })

  it('stays short of the whole through a change elsewhere', () => {
    const changed = spliced(opened, {
      ...first,
      splice: { keepStart: 1, keepEnd: 3, put: [{ id: 'new', length: 2, kind: 'question' }] },
      bodies: [body('new')],
    })
    expect(changed.isWhole).toBe(false)
    expect(changed.blocks.map(({ isRead }) => isRead)).toEqual([true, true, false, true, false])
  })
})
