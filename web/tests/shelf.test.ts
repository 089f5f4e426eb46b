import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { ShelfGroup, ShelfSheet } from '@/api/client'
import LyingSpine from '@/shelf/LyingSpine.vue'
import { firstRows, useFewAtFirst } from '@/shelf/useFewAtFirst'
import type { Section } from '@/shelf/useShelf'
import { when } from '@/shelf/when'

describe('a day on the shelf', () => {
  const now = new Date(2026, 10, 25, 12, 0)
  const words = { today: (time: string) => `today ${time}`, yesterday: 'yesterday' }
  const say = (date: Date) => when(date.toISOString(), words, now)

  it('is named as people name it', () => {
    expect(say(new Date(2026, 10, 25, 9, 5))).toBe('today 09:05')
    expect(say(new Date(2026, 10, 24, 23, 59))).toBe('yesterday')
    expect(say(new Date(2026, 10, 12))).toBe('12 Nov')
    expect(say(new Date(2024, 0, 3))).toBe('3 Jan 2024')
  })
})

describe('a spine lying down', () => {
  it('shows a bead for each question, those of one state as one shape', () => {
    const spine = mount(LyingSpine, { props: { states: 'ssdsb' } })
    const beads = spine
      .findAll('.bead-shape')
      .map((bead) => [bead.classes().find((name) => name.startsWith('is-')), bead.attributes('d')?.match(/M/g)?.length])
    expect(beads).toEqual([
      ['is-sound', 3],
      ['is-doubt', 1],
      ['is-broken', 1],
    ])
  })

  it('is a line with marks where there are many, each as bad as the worst it stands for', () => {
    const states = `${'s'.repeat(500)}dbf${'s'.repeat(497)}`
    const spine = mount(LyingSpine, { props: { states } })
    expect(spine.findAll('.bead-shape')).toHaveLength(0)
    expect(spine.findAll('.mark').map((mark) => mark.classes())).toEqual([['mark', 'is-broken']])
  })
})

describe('the rows of a long shelf', () => {
  const row = (id: string, group: string | null) => ({ id, group }) as ShelfSheet
  const group = (id: string, isFolded: boolean): ShelfGroup => ({ id, name: id, isFolded })
  const sections = [
    { group: group('open', false), sheets: [row('a', 'open'), row('b', 'open')] },
    { group: group('folded', true), sheets: [row('c', 'folded')] },
    { group: null, sheets: [row('d', null), row('e', null)] },
  ]
  const isOpen = (section: Section) => !section.group?.isFolded
  const shown = (most: number) => firstRows(sections, most, isOpen).map(({ sheets }) => sheets.map(({ id }) => id))

  it('are few at first, over all groups together; what is folded takes none', () => {
    expect(shown(1)).toEqual([['a'], ['c'], []])
    expect(shown(3)).toEqual([['a', 'b'], ['c'], ['d']])
    expect(shown(9)).toEqual([['a', 'b'], ['c'], ['d', 'e']])
  })

  it('are all there soon after, and few again where another list is wanted', async () => {
    vi.useFakeTimers()
    const total = ref(0)
    const words = ref('')
    const scope = effectScope()
    const most = scope.run(() =>
      useFewAtFirst(
        () => total.value,
        () => words.value,
      ),
    )
    total.value = 500
    await nextTick()
    expect(most?.value).toBeLessThan(100)
    await vi.runAllTimersAsync()
    expect(most?.value).toBeGreaterThanOrEqual(500)
    words.value = 'bees'
    await nextTick()
    expect(most?.value).toBeLessThan(100)
    await vi.runAllTimersAsync()
    expect(most?.value).toBeGreaterThanOrEqual(500)
    scope.stop()
    vi.useRealTimers()
  })
})
