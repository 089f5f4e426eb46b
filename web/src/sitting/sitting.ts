import type { GivenAnswer, SittingQuestion } from '@/api/client'

/** What is typed or chosen so far for one question. */
export interface Answer {
  letters?: string[]
  truth?: boolean
  text?: string
  matches?: Record<string, string>
}

export interface SittingSettings {
  isOneByOne: boolean
  shuffles: boolean
  /** 0 for any number. */
  tries: number
  cost: '0' | '10' | '100/3'
  belowZero: 'no' | 'question' | 'sheet'
}

export const SETTINGS: SittingSettings = { isOneByOne: false, shuffles: true, tries: 1, cost: '100/3', belowZero: 'no' }

export function isAnswered(answer: Answer | undefined): boolean {
  if (!answer) return false
  const { letters, truth, text, matches } = answer
  return !!letters?.length || truth !== undefined || !!text?.trim() || Object.values(matches ?? {}).some(Boolean)
}

/** As the server takes it; nothing for a text without an answer. */
export function handedIn(
  { number, type }: SittingQuestion,
  answer: Answer | undefined,
  tries: number,
): GivenAnswer | null {
  if (type === 'stimulus') return null
  if (!isAnswered(answer)) return { number, tries }
  const matches = Object.fromEntries(Object.entries(answer?.matches ?? {}).filter(([, match]) => match))
  return { number, tries, ...answer, ...(answer?.matches ? { matches } : {}) }
}

/** A letter picks one option, or ticks another box; the same letter takes it back. */
export function withLetter(answer: Answer | undefined, letter: string, isSeveral: boolean): Answer {
  const letters = answer?.letters ?? []
  if (!isSeveral) return { letters: [letter] }
  return { letters: letters.includes(letter) ? letters.filter((one) => one !== letter) : [...letters, letter].sort() }
}
