import type { Block, Body, Finding, Reading, Sheet } from '@/api/client'

/** A fault; say what is else of it. */
export const finding = (more: Partial<Finding> = {}): Finding => ({
  code: 'x.y',
  level: 'fault',
  from: 0,
  to: 1,
  message: 'm',
  advice: 'a',
  fix: null,
  off: false,
  other: null,
  ...more,
})

/** The body of a question without tokens and findings; say what is else of it. */
export const body = (id: string, more: Partial<Body> = {}): Body => ({
  id,
  kind: 'question',
  tokens: [],
  findings: [],
  category: null,
  comments: [],
  question: null,
  written: null,
  ...more,
})

/** The first answer for a sheet of such blocks. */
export const answer = (put: Block[], bodies: Body[], more: Partial<Reading> = {}): Reading => ({
  hash: 'h1',
  digest: 'd1',
  splice: { keepStart: 0, keepEnd: 0, put },
  bodies,
  isRecognised: true,
  ofSheet: [],
  ...more,
})

/** A sheet in GIFT that is read as nothing; say what is else of it. */
export const sheet = (more: Partial<Sheet> = {}): Sheet => ({
  id: 's1',
  title: 'Swarms',
  notation: 'gift',
  fileName: null,
  encoding: { name: 'UTF-8', label: 'UTF-8' },
  hasBom: false,
  lineEnding: 'lf',
  expectedPoints: null,
  text: '',
  expected: null,
  switchedOff: [],
  awaitsTidying: false,
  isTabular: false,
  certainty: 'certain',
  notes: [],
  pictures: [],
  changedAt: '2026-11-25T10:00:00Z',
  reading: answer([], []),
  ...more,
})

/** What jsdom measures: nothing. */
class NoRectangles extends Array<DOMRect> implements DOMRectList {
  item = () => null
}

/** The editor measures; jsdom has nothing to measure. */
export function measureNothing(): void {
  Range.prototype.getClientRects = () => new NoRectangles()
  Range.prototype.getBoundingClientRect = () => new DOMRect()
}
