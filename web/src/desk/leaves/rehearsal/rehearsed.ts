import type { Rehearsal } from '@/api/client'
import type { PlacedBlock } from '../../sync/reading'
import type { FacingItem } from '../../useFacing'

type Received = Rehearsal['taken'][number]
type NotTaken = Rehearsal['refused'][number]
type Difference = Rehearsal['different'][number]

/** What became of one question; `given back` is what a receiver took and threw away when it stopped. */
export type Fate = 'taken' | 'different' | 'refused' | 'given-back' | 'not-reached'

export interface Rehearsed extends FacingItem {
  block: PlacedBlock
  fate: Fate
  received: Received | null
  refusal: NotTaken | null
  differences: readonly Difference[]
}

/** Whether the receiver cannot read the file at all. */
export const isFileRefused = ({ refused, stoppedAt, notReached, questions }: Rehearsal) =>
  refused.some(({ number }) => number === null) && stoppedAt === null && notReached === questions

/** Each question of the sheet with what became of it. */
export function rehearsed(blocks: readonly PlacedBlock[], of: Rehearsal): Rehearsed[] {
  const received = new Map(of.taken.map((one) => [one.number, one]))
  const refused = new Map(of.refused.map((one) => [one.number, one]))
  const different = (number: number) => of.different.filter((one) => one.number === number)
  const isWholeRefused = isFileRefused(of)
  return blocks
    .filter((block) => block.number !== null)
    .map((block) => {
      const number = block.number as number
      const refusal = refused.get(number) ?? null
      const differences = different(number)
      const isBeyond = of.stoppedAt !== null && number >= of.stoppedAt
      const fate: Fate = refusal
        ? 'refused'
        : received.has(number)
          ? differences.length
            ? 'different'
            : 'taken'
          : isBeyond || isWholeRefused
            ? 'not-reached'
            : 'given-back'
      return { key: block.key, block, fate, received: received.get(number) ?? null, refusal, differences }
    })
}
