import { describe, expect, it } from 'vitest'
import { asTake, categoriesOf } from '@/desk/leaves/rehearsal/draw'

const block = (number: number | null, ...category: string[]) => ({ number, category })

describe('where questions are drawn from', () => {
  it('is each category with its parents, once, in the order of the text', () => {
    const blocks = [
      block(1),
      block(2, 'Hive', 'Castes'),
      block(null, 'Empty'),
      block(3, 'Hive', 'A/B'),
      block(4, 'Wax'),
    ]
    expect(categoriesOf(blocks)).toEqual([
      { name: 'Hive', label: 'Hive' },
      { name: 'Hive/Castes', label: 'Hive / Castes' },
      { name: 'Hive/A//B', label: 'Hive / A/B' },
      { name: 'Wax', label: 'Wax' },
    ])
  })

  it('goes to the server a line each', () => {
    expect(
      asTake([
        { count: 5, from: 'Hive/Castes', isWithin: false },
        { count: 3, from: 'Wax', isWithin: true },
        { count: 2, from: '', isWithin: true },
      ]),
    ).toBe('5 Hive/Castes\n3 Wax/*\n2 *')
  })
})
