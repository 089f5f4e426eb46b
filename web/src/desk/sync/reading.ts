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
}

/** What the server last said of the sheet. Immutable; a splice gives a new one. */
export interface SheetReading {
  readonly hash: string
  readonly digest: string
  readonly blocks: readonly PlacedBlock[]
  readonly bodies: ReadonlyMap<string, Body>
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
  return { hash, digest, blocks: placed(list, bodies, seen), bodies, isRecognised, ofSheet, seen }
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
  const { marks, isCompared, offered, untidied } = outlook
  const seen = { ofSheet, ofBlocks, marks, isCompared, offered, untidied }
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
    const body = bodies.get(id) ?? { id, ...UNREAD }
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

export type State = 'sound' | 'hint' | 'doubt' | 'fault' | 'broken'

export function stateOf(block: PlacedBlock): State {
  if (block.kind === 'broken') return 'broken'
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
      if (reading.isRecognised && state !== 'broken' && state !== 'fault') count.sound += 1
    }
  }
  for (const { finding } of findingsOf(reading)) count[finding.level] += 1
  return count
}

/** Whether what was typed since the reading touches a stretch of it: then what was said of it is out of date. */
export function isTouched(since: ChangeDesc, from: number, to: number): boolean {
  return since.touchesRange(from, to) !== false
}
