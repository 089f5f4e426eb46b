import { describe, expect, it } from 'vitest'
import type { SittingQuestion } from '@/api/client'
import { handedIn, isAnswered, withLetter } from '@/sitting/sitting'

const question = (type: SittingQuestion['type']): SittingQuestion => ({
  number: 3,
  type,
  points: '1',
  stem: '',
  isTyped: false,
  options: [],
  prompts: [],
  matches: [],
})

describe('what is answered', () => {
  it('is one letter of a choice, and any of several answers', () => {
    expect(withLetter({ letters: ['A'] }, 'B', false)).toEqual({ letters: ['B'] })
    expect(withLetter({ letters: ['C'] }, 'A', true)).toEqual({ letters: ['A', 'C'] })
    expect(withLetter({ letters: ['A', 'C'] }, 'A', true)).toEqual({ letters: ['C'] })
  })

  it('counts once there is something in it', () => {
    expect([undefined, {}, { letters: [] }, { text: '  ' }, { matches: { a: '' } }].map(isAnswered)).toEqual(
      Array(5).fill(false),
    )
    expect([{ truth: false }, { text: 'x' }, { letters: ['A'] }, { matches: { a: '1' } }].map(isAnswered)).toEqual(
      Array(4).fill(true),
    )
  })

  it('is handed in with its tries, without what was left open, and never for a text', () => {
    expect(handedIn(question('matching'), { matches: { queen: '16 days', drone: '' } }, 2)).toEqual({
      number: 3,
      tries: 2,
      matches: { queen: '16 days' },
    })
    expect(handedIn(question('choice'), undefined, 1)).toEqual({ number: 3, tries: 1 })
    expect(handedIn(question('stimulus'), undefined, 1)).toBeNull()
  })
})
