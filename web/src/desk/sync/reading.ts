import type { ChangeDesc } from '@codemirror/state'
import type { Block, Body, Finding, Level, Outlook, Reading, SheetMarks } from '@/api/client'

/** A block in its place: editor offsets of the text that was read. */
export interface PlacedBlock extends Block {
  /** Tells equal blocks apart: the name and which one of them it is. */
  key: string
  from: number
  to: number
  /** Its place among the questions, from 1; null where it is not counted. */
  number: number | null
  category: readonly string[]
  /** Of a large sheet, what is out of sight comes later: until then, the body is empty. */
  isRead: boolean
  body: Body
  /** What is said of it, by itself and among the others; without what is switched off. */
  findings: readonly Finding[]
  off: readonly Finding[]
}

/** What only all questions together show; it may be of an earlier text. */
export interface Seen {
  readonly ofSheet: readonly Finding[]
  /** By the key of the block. */
  readonly ofBlocks: ReadonlyMap<string, readonly Finding[]>
  readonly marks: SheetMarks | null
  /** Whether the questions were compared with each other; very many are not. */
  readonly isCompared: boolean
  /** Options that stood out in the document, by the number of their question. */
  readonly offered: Outlook['offered']
  /** What tidying would do, while the sheet waits for it. */
  readonly untidied: Outlook['untidied']
  /** What all questions are worth together; null until that is known. */
  readonly points: string | null
  readonly categories: Outlook['categories']
  /** Where each picture stands. */
  readonly pictures: Outlook['pictures']
}

/** What the server last said of the sheet. Immutable; a splice gives a new one. */
export interface SheetReading {
  readonly hash: string
  readonly digest: string
  readonly blocks: readonly PlacedBlock[]
  readonly bodies: ReadonlyMap<string, Body>
  /** Whether every block is read; what is counted is short of the whole until then. */
  readonly isWhole: boolean
  /** Whether the text is a list of questions at all. */
  readonly isRecognised: boolean
  readonly ofSheet: readonly Finding[]
  readonly seen: Seen
}

const NOTHING_SEEN: Seen = {
  ofSheet: [],
  ofBlocks: new Map(),
  marks: null,
  isCompared: true,
  offered: [],
  untidied: null,
  points: null,
  categories: [],
  pictures: [],
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

export const NOTHING_READ: SheetReading = {
  hash: '',
  digest: '',
  blocks: [],
  bodies: new Map(),
  isWhole: true,
  isRecognised: true,
  ofSheet: [],
  seen: NOTHING_SEEN,
}

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
  const { seen } = known
  const { hash, digest, isRecognised, ofSheet } = answer
  const isWhole = list.every(({ id }) => bodies.has(id))
  return { hash, digest, blocks: placed(list, bodies, seen), bodies, isWhole, isRecognised, ofSheet, seen }
}

/** The reading with the bodies of more of its blocks. */
export function withBodies(reading: SheetReading, more: readonly Body[]): SheetReading {
  const bodies = new Map(reading.bodies)
  for (const body of more) bodies.set(body.id, body)
  const isWhole = reading.blocks.every(({ id }) => bodies.has(id))
  return { ...reading, blocks: placed(reading.blocks, bodies, reading.seen), bodies, isWhole }
}

/** The first block that is not read, from one on and then from the start; −1 where all are. */
export function firstUnread({ blocks, isWhole }: SheetReading, from: number): number {
  if (isWhole) return -1
  const after = blocks.findIndex(({ isRead }, index) => index >= from && !isRead)
  return after < 0 ? blocks.findIndex(({ isRead }) => !isRead) : after
}

/** The reading with what all its questions together show, if that is of the same text. */
export function withOutlook(reading: SheetReading, outlook: Outlook): SheetReading {
  if (outlook.hash !== reading.hash) return reading
  const keys = new Map(reading.blocks.map((block) => [block.number, block.key]))
  const ofBlocks = new Map<string, Finding[]>()
  const ofSheet: Finding[] = []
  for (const { question, finding } of outlook.findings) {
    const key = question === null ? undefined : keys.get(question)
    if (key === undefined) ofSheet.push(finding)
    else ofBlocks.set(key, [...(ofBlocks.get(key) ?? []), finding])
  }
  const { marks, isCompared, offered, untidied, points, categories, pictures } = outlook
  const seen = { ofSheet, ofBlocks, marks, isCompared, offered, untidied, points, categories, pictures }
  return { ...reading, blocks: placed(reading.blocks, reading.bodies, seen), seen }
}

function placed(list: readonly Block[], bodies: ReadonlyMap<string, Body>, seen: Seen): PlacedBlock[] {
  const times = new Map<string, number>()
  let from = 0
  let number = 0
  let category: readonly string[] = []
  return list.map(({ id, length, kind }) => {
    const before = times.get(id) ?? 0
    times.set(id, before + 1)
    const known = bodies.get(id)
    const body = known ?? { id, ...UNREAD }
    category = body.category ?? category
    const isCounted = kind === 'question' || kind === 'broken'
    const key = `${id}.${before}`
    const more = seen.ofBlocks.get(key)
    const all = more ? [...body.findings, ...more].sort((one, other) => one.from - other.from) : body.findings
    const block = {
      id,
      length,
      kind: body.kind === 'blank' ? kind : body.kind,
      key,
      from,
      to: from + length,
      number: isCounted ? ++number : null,
      category,
      isRead: known !== undefined,
      body,
      findings: all.some((finding) => finding.off) ? all.filter((finding) => !finding.off) : all,
      off: all.filter((finding) => finding.off),
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

export type State = 'sound' | 'hint' | 'doubt' | 'fault' | 'broken' | 'unread'

export function stateOf(block: PlacedBlock): State {
  if (block.kind === 'broken') return 'broken'
  if (!block.isRead) return 'unread'
  return worst(block.findings) ?? 'sound'
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
  const ofSheet = ofWhole(reading).map((finding, index) => ({
    key: `sheet.${index}`,
    finding,
    block: null,
    from: finding.from,
    to: finding.to,
  }))
  const ofBlocks = reading.blocks.flatMap((block) =>
    block.findings.map((finding, index) => ({
      key: `${block.key}.${index}`,
      finding,
      block,
      from: block.from + finding.from,
      to: block.from + finding.to,
    })),
  )
  return [...ofSheet, ...ofBlocks]
}

function ofWhole(reading: SheetReading): Finding[] {
  return [...reading.ofSheet, ...reading.seen.ofSheet].filter((finding) => !finding.off)
}

/** How many findings of each kind are switched off. */
export function offOf(reading: SheetReading): Map<string, number> {
  const off = new Map<string, number>()
  const all = [...reading.ofSheet, ...reading.seen.ofSheet].filter((finding) => finding.off)
  for (const { code } of [...all, ...reading.blocks.flatMap((block) => block.off)])
    off.set(code, (off.get(code) ?? 0) + 1)
  return off
}

export interface Count {
  /** Whether all is read that is counted. */
  isWhole: boolean
  questions: number
  sound: number
  fault: number
  doubt: number
  hint: number
}

export function countOf(reading: SheetReading): Count {
  const count = { isWhole: reading.isWhole, questions: 0, sound: 0, fault: 0, doubt: 0, hint: 0 }
  for (const block of reading.blocks) {
    if (block.number !== null) {
      count.questions += 1
      const state = stateOf(block)
      if (reading.isRecognised && !['broken', 'fault', 'unread'].includes(state)) count.sound += 1
    }
  }
  for (const { finding } of findingsOf(reading)) count[finding.level] += 1
  return count
}

/** Whether what was typed since the reading touches a stretch of it: then what was said of it is out of date. */
export function isTouched(since: ChangeDesc, from: number, to: number): boolean {
  return since.touchesRange(from, to) !== false
}
