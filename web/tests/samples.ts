import type { Block, Body, Finding, Reading } from '@/api/client'

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

/** The editor measures; jsdom has nothing to measure. */
export function measureNothing(): void {
  Range.prototype.getClientRects = () => [] as unknown as DOMRectList
  Range.prototype.getBoundingClientRect = () => new DOMRect()
}
