/** The leaves of the right side, in the order of their tabs; each is an address of its own. */
export const LEAF_NAMES = [
  'tidied',
  'columns',
  'proof',
  'findings',
  'outline',
  'states',
  'rehearsal',
  'handover',
] as const
export type LeafName = (typeof LEAF_NAMES)[number]

/** Where a sheet opens. */
export const FIRST_LEAF: LeafName = 'proof'
