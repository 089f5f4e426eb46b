import type { ChangeDesc } from '@codemirror/state'
import type { Block, Body, Finding, Level, Reading } from '@/api/client'

/** A block in its place: editor offsets of the text that was read. */
export interface PlacedBlock extends Block {
  /** Tells equal blocks apart: the name and which one of them it is. */
  key: string
  from: number
  to: number
  /** Its place among the questions, from 1; null where it is not counted. */
  number: number | null
  category: readonly string[]
  body: Body
}

/** What the server last said of the sheet. Immutable; a splice gives a new one. */
export interface SheetReading {
  readonly hash: string
  readonly digest: string
  readonly blocks: readonly PlacedBlock[]
  readonly bodies: ReadonlyMap<string, Body>
  readonly ofSheet: readonly Finding[]
}

const UNREAD: Omit<Body, 'id'> = {
  kind: 'blank',
  tokens: [],
  findings: [],
  category: null,
  comments: [],
  question: null,
  written: null,
}

export const NOTHING_READ: SheetReading = { hash: '', digest: '', blocks: [], bodies: new Map(), ofSheet: [] }

/** The reading that an answer makes of the one it was asked with. */
export function spliced(known: SheetReading, answer: Reading): SheetReading {
  const { keepStart, keepEnd, put } = answer.splice
  const list: Block[] = [
    ...known.blocks.slice(0, keepStart),
    ...put,
    ...(keepEnd > 0 ? known.blocks.slice(-keepEnd) : []),
  ]
  const bodies = new Map<string, Body>()
  const news = new Map(answer.bodies.map((body) => [body.id, body]))
  for (const { id } of list) {
    // What was written in another notation is asked for anew when it is wanted.
    const body = news.get(id) ?? known.bodies.get(id)
    if (body) bodies.set(id, body)
  }
  return { hash: answer.hash, digest: answer.digest, blocks: placed(list, bodies), bodies, ofSheet: answer.ofSheet }
}

function placed(list: readonly Block[], bodies: ReadonlyMap<string, Body>): PlacedBlock[] {
  const seen = new Map<string, number>()
  let from = 0
  let number = 0
  let category: readonly string[] = []
  return list.map(({ id, length, kind }) => {
    const times = seen.get(id) ?? 0
    seen.set(id, times + 1)
    const body = bodies.get(id) ?? { id, ...UNREAD }
    category = body.category ?? category
    const isCounted = kind === 'question' || kind === 'broken'
    const block = {
      id,
      length,
      kind: body.kind === 'blank' ? kind : body.kind,
      key: `${id}.${times}`,
      from,
      to: from + length,
      number: isCounted ? ++number : null,
      category,
      body,
    }
    from += length
    return block
  })
}

/** The last block that begins at or before a place; −1 where there is none. */
export function blockIndexAt(blocks: readonly PlacedBlock[], offset: number): number {
  let low = 0
  let high = blocks.length - 1
  let found = -1
  while (low <= high) {
    const middle = (low + high) >> 1
    if ((blocks[middle] as PlacedBlock).from <= offset) {
      found = middle
      low = middle + 1
    } else {
      high = middle - 1
    }
  }
  return found
}

export type State = 'sound' | 'hint' | 'doubt' | 'fault' | 'broken'

export function stateOf(block: PlacedBlock): State {
  if (block.kind === 'broken') return 'broken'
  return worst(block.body.findings) ?? 'sound'
}

export function worst(findings: readonly Finding[]): Level | null {
  const levels = findings.map((finding) => finding.level)
  return (['fault', 'doubt', 'hint'] as const).find((level) => levels.includes(level)) ?? null
}

/** A finding in its place, with the block it belongs to; none where it concerns the whole sheet. */
export interface PlacedFinding {
  key: string
  finding: Finding
  block: PlacedBlock | null
  from: number
  to: number
}

export function findingsOf(reading: SheetReading): PlacedFinding[] {
  const ofSheet = reading.ofSheet.map((finding, index) => ({
    key: `sheet.${index}`,
    finding,
    block: null,
    from: finding.from,
    to: finding.to,
  }))
  const ofBlocks = reading.blocks.flatMap((block) =>
    block.body.findings.map((finding, index) => ({
      key: `${block.key}.${index}`,
      finding,
      block,
      from: block.from + finding.from,
      to: block.from + finding.to,
    })),
  )
  return [...ofSheet, ...ofBlocks]
}

export interface Count {
  questions: number
  sound: number
  fault: number
  doubt: number
  hint: number
}

export function countOf(reading: SheetReading): Count {
  const count = { questions: 0, sound: 0, fault: 0, doubt: 0, hint: 0 }
  for (const block of reading.blocks) {
    if (block.number !== null) {
      count.questions += 1
      const state = stateOf(block)
      if (state !== 'broken' && state !== 'fault') count.sound += 1
    }
  }
  for (const { finding } of findingsOf(reading)) count[finding.level] += 1
  return count
}

/** Whether what was typed since the reading touches a stretch of it: then what was said of it is out of date. */
export function isTouched(since: ChangeDesc, from: number, to: number): boolean {
  return since.touchesRange(from, to) !== false
}
