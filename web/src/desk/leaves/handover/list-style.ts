export const LETTERS = ['a.', 'a)', 'A.', 'A)'] as const

export interface ListStyle {
  letters: (typeof LETTERS)[number]
  starsAfter: boolean
  points: boolean
  blankAfterStem: boolean
}

export const USUAL_STYLE: ListStyle = { letters: 'a.', starsAfter: false, points: true, blankAfterStem: false }

/** The target as the server knows it: the notation, and the words for what differs from the usual style. */
export function styled(notation: string, style: ListStyle): string {
  const words = [
    style.letters === USUAL_STYLE.letters ? [] : [style.letters],
    style.starsAfter ? ['stars-after'] : [],
    style.points ? [] : ['no-points'],
    style.blankAfterStem ? ['blank-after-stem'] : [],
  ].flat()
  return words.length ? `${notation}:${words.join(',')}` : notation
}
