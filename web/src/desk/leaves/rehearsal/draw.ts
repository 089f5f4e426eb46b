import type { PlacedBlock } from '../../sync/reading'

export interface DrawLine {
  count: number
  /** The whole name of a category; empty for the whole sheet. */
  from: string
  /** Whether its subcategories count, too. */
  isWithin: boolean
}

/** A slash inside a name is doubled, as the notations write it. */
const nameOf = (path: readonly string[]) => path.map((part) => part.replaceAll('/', '//')).join('/')

/** The categories of a sheet with their parents, each once, in the order of the text. */
export function categoriesOf(
  blocks: readonly Pick<PlacedBlock, 'number' | 'category'>[],
): { name: string; label: string }[] {
  const known = new Map<string, string>()
  for (const { number, category } of blocks) {
    if (number === null) continue
    category.forEach((_, depth) => {
      const path = category.slice(0, depth + 1)
      known.set(nameOf(path), path.join(' / '))
    })
  }
  return [...known].map(([name, label]) => ({ name, label }))
}

/** As the server takes them: one line each. */
export function asTake(lines: readonly DrawLine[]): string {
  return lines
    .map(({ count, from, isWithin }) => `${count} ${from === '' ? '*' : `${from}${isWithin ? '/*' : ''}`}`)
    .join('\n')
}
