import type { Loss, Written } from '@/api/client'
import type { PlacedBlock } from '../../sync/reading'

/** One loss, and all blocks that it befalls, in their order. */
export interface SharedLoss {
  loss: Loss
  blocks: PlacedBlock[]
}

const KINDS = ['dropped', 'changed', 'refused', 'reduced'] as const

/** What is lost, each thing once, the gravest first. */
export function lossesByGravity(items: readonly { block: PlacedBlock; written: Written | null }[]): SharedLoss[] {
  const shared = new Map<string, SharedLoss>()
  for (const { block, written } of items) {
    for (const loss of written?.losses ?? []) {
      const key = `${loss.kind} ${loss.message}`
      const known = shared.get(key)
      if (!known) shared.set(key, { loss, blocks: [block] })
      else if (known.blocks.at(-1) !== block) known.blocks.push(block)
    }
  }
  return KINDS.flatMap((kind) => [...shared.values()].filter(({ loss }) => loss.kind === kind))
}
