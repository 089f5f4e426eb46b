import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import LyingSpine from '@/shelf/LyingSpine.vue'
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
  it('shows a bead for each question', () => {
    const spine = mount(LyingSpine, { props: { states: 'ssdfb' } })
    expect(spine.findAll('.bead-shape').map((bead) => bead.classes().find((name) => name.startsWith('is-')))).toEqual([
      'is-sound',
      'is-sound',
      'is-doubt',
      'is-fault',
      'is-broken',
    ])
  })

  it('is a line with marks where there are many, each as bad as the worst it stands for', () => {
    const states = `${'s'.repeat(500)}dbf${'s'.repeat(497)}`
    const spine = mount(LyingSpine, { props: { states } })
    expect(spine.findAll('.bead-shape')).toHaveLength(0)
    expect(spine.findAll('.mark').map((mark) => mark.classes())).toEqual([['mark', 'is-broken']])
  })
})
