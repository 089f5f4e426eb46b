import type { Loss, Written } from '@/api/client'
import type { PlacedBlock } from '../../sync/reading'

/** One loss, and all blocks that it befalls, in their order. */
export interface SharedLoss {
  loss: Loss
  blocks: PlacedBlock[]
}

/** All losses of one kind. */
export interface LossGroup {
  kind: Loss['kind']
  /** How many blocks any of them befalls. */
  places: number
  losses: SharedLoss[]
}

const KINDS = ['dropped', 'changed', 'refused', 'reduced'] as const

/** What is lost, kind by kind, each thing once, the gravest first. */
export function lossesByKind(items: readonly { block: PlacedBlock; written: Written | null }[]): LossGroup[] {
  const shared = new Map<string, SharedLoss>()
  for (const { block, written } of items) {
    for (const loss of written?.losses ?? []) {
      const key = `${loss.kind} ${loss.message}`
      const known = shared.get(key)
      if (!known) shared.set(key, { loss, blocks: [block] })
      else if (known.blocks.at(-1) !== block) known.blocks.push(block)
    }
  }
  return KINDS.map((kind) => {
    const losses = [...shared.values()].filter(({ loss }) => loss.kind === kind)
    return { kind, losses, places: new Set(losses.flatMap(({ blocks }) => blocks)).size }
  }).filter(({ losses }) => losses.length > 0)
}
