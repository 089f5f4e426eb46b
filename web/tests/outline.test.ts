import { describe, expect, it } from 'vitest'
import { ref, shallowRef } from 'vue'
import type { Question } from '@/api/client'
import { pathOf } from '@/desk/leaves/categories'
import { changeOf, itemsOf, type OutlineItem, rightOf } from '@/desk/leaves/outline/outline'
import { useGrid } from '@/desk/leaves/outline/useGrid'
import { NOTHING_READ, spliced } from '@/desk/sync/reading'
import { answer, body } from './samples'

const question = (more: Partial<Question>): Question => ({
  type: 'choice',
  title: null,
  points: null,
  stem: 'Which?',
  options: [],
  accepted: [],
  pairs: [],
  answer: null,
  feedbackWhenRight: null,
  feedbackWhenWrong: null,
  explanation: null,
  isMarked: true,
  marks: null,
  ...more,
})
const options = (...keys: boolean[]) => keys.map((key) => ({ html: 'o', key, weight: '0', feedback: null }))
const bodies = [
  body('c', { kind: 'category', category: ['Bees'] }),
  body('q', { question: question({}) }),
  body('b', { kind: 'blank' }),
  body('r', { question: question({}) }),
]
const items = itemsOf(
  spliced(
    NOTHING_READ,
    answer(
      bodies.map(({ id, kind }) => ({ id, length: 4, kind })),
      bodies,
    ),
  ),
)

describe('the outline', () => {
  it('has a row for each question and for where a category begins', () => {
    expect(items.map(({ block }) => [block.kind, block.number])).toEqual([
      ['category', null],
      ['question', 1],
      ['question', 2],
    ])
  })

  it('shows right answers in short', () => {
    expect(rightOf(question({ options: options(true, false, true) }))).toBe('A C')
    expect(rightOf(question({ type: 'true-false', answer: false }))).toBe('F')
    expect(
      rightOf(
        question({
          accepted: [
            { text: 'four', weight: '100', feedback: null },
            { text: '4', weight: '100', feedback: null },
          ],
        }),
      ),
    ).toBe('four …')
    expect(rightOf(question({ type: 'essay' }))).toBe('')
  })

  it('makes a change of what is typed into a cell', () => {
    expect(changeOf('title', ' Drones ', question({}))).toEqual({ set: 'title', to: 'Drones' })
    expect(changeOf('title', ' ', question({}))).toEqual({ set: 'title', to: null })
    expect(changeOf('points', '2,5', question({}))).toEqual({ set: 'points', to: '2.5' })
    expect(changeOf('category', 'Bees / km/h', question({}))).toEqual({ set: 'category', to: ['Bees', 'km/h'] })
    expect(changeOf('right', 'a, c', question({ options: options(false, false, false) }))).toEqual({
      set: 'key',
      to: ['A', 'C'],
    })
    expect(changeOf('right', 'f', question({ type: 'true-false' }))).toEqual({ set: 'key', to: false })
    expect(changeOf('right', 'x', question({ type: 'true-false' }))).toBeNull()
    expect(changeOf('type', 'choice', question({}))).toBeNull()
    expect(changeOf('type', 'essay', question({}))).toEqual({ set: 'type', to: 'essay' })
  })

  it('parts a path at slashes with spaces only', () => {
    expect(pathOf('A / B/C /  D')).toEqual(['A', 'B/C', 'D'])
    expect(pathOf(' / ')).toEqual([])
  })
})

describe('keys in the table', () => {
  const grid = () => useGrid(shallowRef<readonly OutlineItem[]>(items), ref(null))
  const key = (name: string, more: Partial<KeyboardEvent> = {}) => ({ key: name, ...more }) as KeyboardEvent

  it('go through its cells and stop at its edges', () => {
    const { press, row, column } = grid()
    for (const name of ['ArrowDown', 'ArrowRight', 'PageDown', 'ArrowRight']) expect(press(key(name))).toBe(true)
    expect([row.value, column.value]).toEqual([2, 2])
    press(key('Home'))
    press(key('ArrowUp'))
    expect(row.value).toBe(0)
    expect(press(key('Tab'))).toBe(false)
  })

  it('choose questions, never the lines between', () => {
    const { press, chosen, goTo } = grid()
    press(key('ArrowDown', { shiftKey: true }))
    expect([...chosen.value]).toEqual([1])
    press(key('ArrowDown', { shiftKey: true }))
    expect([...chosen.value]).toEqual([1, 2])
    press(key('Escape'))
    goTo(2)
    press(key(' '))
    expect([...chosen.value]).toEqual([2])
    press(key('a', { ctrlKey: true }))
    expect([...chosen.value]).toEqual([1, 2])
  })

  it('begin to change a cell, which then has them', () => {
    const { press, isEditing, typed, goTo } = grid()
    press(key('x'))
    expect([isEditing.value, typed.value]).toEqual([true, 'x'])
    expect(press(key('ArrowDown'))).toBe(false)
    goTo(0)
    press(key('Enter'))
    expect([isEditing.value, typed.value]).toEqual([true, null])
  })
})
