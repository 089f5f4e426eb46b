import type { TidyRow } from '@/api/client'

type Part = TidyRow['parts'][number]

/** What stands on the tidied page, in its order: lines with what is new and gone in them, the spaces between, and lines that leave. */
export type Entry =
  | { kind: 'line'; key: string; row: TidyRow; lines: Part[][] }
  | { kind: 'space'; key: string; row: TidyRow }
  | { kind: 'leaving'; key: string; rows: TidyRow[] }

/** Lines that leave one after the other are told together; blank ones among them say nothing. */
export function entriesOf(rows: readonly TidyRow[]): Entry[] {
  const entries: Entry[] = []
  for (const row of rows) {
    const key = String(row.line)
    if (row.leaves) {
      const last = entries.at(-1)
      // What no step took out went up to the line before, and is shown there.
      if (textOf(row.parts).trim() === '' || !row.steps.length) continue
      if (last?.kind === 'leaving') last.rows.push(row)
      else entries.push({ kind: 'leaving', key, rows: [row] })
      continue
    }
    const lines = linesOf(row.parts)
    entries.push(lines.every(isBlank) ? { kind: 'space', key, row } : { kind: 'line', key, row, lines })
  }
  return entries
}

const textOf = (parts: readonly Part[]): string => parts.map(({ text }) => text).join('')

export const isBlank = (parts: readonly Part[]): boolean => textOf(parts).trim() === ''

/** The parts line by line: a line feed that is new begins another line of the page. */
function linesOf(parts: readonly Part[]): Part[][] {
  const lines: Part[][] = [[]]
  for (const part of parts) {
    part.text.split('\n').forEach((text, index) => {
      if (index > 0) lines.push([])
      // Blanks that left would be a line through nothing.
      const shown = part.kind === 'gone' ? text.replace(/^\s+|\s+$/g, '') : text
      if (shown !== '') lines.at(-1)?.push({ kind: part.kind, text: shown })
    })
  }
  return lines
}
