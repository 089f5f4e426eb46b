import type { Passage } from '@/api/client'

/** A stretch of a passage: the sentence of a draft, or what stands between two of them. */
export interface Piece {
  from: number
  text: string
  /** The draft that was made from it. */
  question: number | null
}

/** A passage in pieces, one for the sentence of each draft that nobody has read; of several from one sentence, the first. */
export function piecesOf({ text, origins }: Passage, unread: readonly number[]): Piece[] {
  const pieces: Piece[] = []
  let done = 0
  for (const { question, from, to } of origins) {
    if (from < done || !unread.includes(question)) continue
    if (from > done) pieces.push({ from: done, text: text.slice(done, from), question: null })
    pieces.push({ from, text: text.slice(from, to), question })
    done = to
  }
  if (done < text.length) pieces.push({ from: done, text: text.slice(done), question: null })
  return pieces
}
