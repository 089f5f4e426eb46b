import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, shallowRef } from 'vue'
import { pathOf, spelled, useCategories } from '@/desk/leaves/categories'
import { NOTHING_READ, type SheetReading, spliced } from '@/desk/sync/reading'
import { plugins } from './plugins'
import { answer, body } from './samples'

const bodies = [
  body('a', { kind: 'category', category: ['Bees', 'Castes'] }),
  body('b', { kind: 'category', category: ['Wax'] }),
  body('c', { kind: 'category', category: ['Bees', 'Castes'] }),
]
const read = spliced(
  NOTHING_READ,
  answer(
    bodies.map(({ id, kind }) => ({ id, length: 4, kind })),
    bodies,
  ),
)
const categories = [
  { path: ['Bees', 'Castes'], questions: 1200, points: '1201.5' },
  { path: ['Wax'], questions: 1, points: '1' },
]
const reading: SheetReading = { ...read, seen: { ...read.seen, categories } }

describe('categories', () => {
  it('say where they begin how much they hold, and later that they go on', () => {
    const Beginnings = defineComponent(() => {
      const { sumsOf, isScattered } = useCategories(shallowRef(reading))
      return () => h('p', [...reading.blocks.map(sumsOf), isScattered.value].join(' | '))
    })
    expect(mount(Beginnings, { global: { plugins: plugins() } }).text()).toBe(
      '1,200 questions · 1201.5 points | 1 question · 1 point | goes on here | true',
    )
  })

  it('are typed as they are shown; a slash without spaces is part of a name', () => {
    expect(pathOf(spelled(['Bees', 'km/h']))).toEqual(['Bees', 'km/h'])
    expect(pathOf(' / ')).toEqual([])
  })
})
