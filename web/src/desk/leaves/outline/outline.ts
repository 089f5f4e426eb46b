import type { Question } from '@/api/client'
import type { PlacedBlock, SheetReading } from '../../sync/reading'
import { pathOf } from '../categories'
import type { FacingItem } from '../../useFacing'

/** A line of the outline: a question, or where a category begins. */
export interface OutlineItem extends FacingItem {
  block: PlacedBlock
}

/** What can be changed of a question in its row, in the order of the columns. */
export const COLUMNS = ['title', 'category', 'type', 'right', 'points'] as const
export type Column = (typeof COLUMNS)[number]

export function itemsOf({ blocks }: SheetReading): OutlineItem[] {
  return blocks
    .filter(({ kind, number }) => kind === 'category' || number !== null)
    .map((block) => ({ key: block.key, block }))
}

/** The right answers in short: letters, T or F, the first accepted one. */
export function rightOf(question: Question): string {
  if (question.answer !== null) return question.answer ? 'T' : 'F'
  const letters = question.options.flatMap(({ key }, index) => (key ? [String.fromCodePoint(65 + index)] : []))
  if (question.options.length) return letters.join(' ')
  const [first, ...rest] = question.accepted
  return first ? `${first.text}${rest.length ? ' …' : ''}` : ''
}

/** Whether right answers can be typed as letters or as T and F. */
export const takesLetters = (question: Question) => question.options.length > 0 || question.type === 'true-false'

/** The change of one question that typing something into a cell means; null where it means none. */
export function changeOf(column: Column, typed: string, question: Question): Record<string, unknown> | null {
  const text = typed.trim()
  if (column === 'title' || column === 'points') return { set: column, to: text === '' ? null : text.replace(',', '.') }
  if (column === 'category') return { set: 'category', to: pathOf(text) }
  if (column === 'type') return text === question.type ? null : { set: 'type', to: text }
  const letters = text.toUpperCase().match(/[A-Z]/g) ?? []
  if (question.type !== 'true-false') return { set: 'key', to: letters }
  return letters[0] === 'T' || letters[0] === 'F' ? { set: 'key', to: letters[0] === 'T' } : null
}
