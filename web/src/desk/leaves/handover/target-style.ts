import type { StyleChoice, Target } from '@/api/client'

/** The words that a person chose for a target, one for each of its choices; fewer where choices were added since. */
export type StyleWords = readonly string[]

const usual = (choice: StyleChoice): string => choice.values[0]?.word ?? ''

/** The word in force for a choice: the usual one unless another was chosen that there still is. */
export const wordOf = (choice: StyleChoice, chosen: string | undefined): string =>
  choice.values.find(({ word }) => word === chosen)?.word ?? usual(choice)

/**
 * The target as the server knows it: its id, and the words for what differs from the usual style; how pictures go is
 * nothing to a sheet without any.
 */
export function styled({ id, styles }: Target, words: StyleWords, hasPictures: boolean): string {
  const others = styles.flatMap((choice, index) => {
    if (choice.isOfPictures && !hasPictures) return []
    const word = wordOf(choice, words[index])
    return word === usual(choice) ? [] : [word]
  })
  return others.length ? `${id}:${others.join(',')}` : id
}
