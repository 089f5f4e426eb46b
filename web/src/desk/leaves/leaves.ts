import type { Component } from 'vue'
import type { Notation, Sheet } from '@/api/client'
import ColumnsLeaf from './columns/ColumnsLeaf.vue'
import FindingsLeaf from './findings/FindingsLeaf.vue'
import HandoverLeaf from './handover/HandoverLeaf.vue'
import type { LeafName } from './names'
import OutlineLeaf from './outline/OutlineLeaf.vue'
import ProofLeaf from './proof/ProofLeaf.vue'
import RehearsalLeaf from './rehearsal/RehearsalLeaf.vue'
import StatesLeaf from './states/StatesLeaf.vue'
import TidiedLeaf from './tidied/TidiedLeaf.vue'

interface Leaf {
  component: Component
  /** Whether a sheet has the leaf; all have it where this is left out. */
  isFor?: (notation: Notation, sheet: Sheet) => boolean
}

/** What is behind each name: tabs, keys and help are made of this table. */
export const LEAVES: Readonly<Record<LeafName, Leaf>> = {
  // Other notations have their fixes.
  tidied: { component: TidiedLeaf, isFor: ({ canBeTidied }) => canBeTidied },
  columns: { component: ColumnsLeaf, isFor: (_, { isTabular }) => isTabular },
  proof: { component: ProofLeaf },
  findings: { component: FindingsLeaf },
  outline: { component: OutlineLeaf },
  states: { component: StatesLeaf },
  rehearsal: { component: RehearsalLeaf },
  handover: { component: HandoverLeaf },
}
