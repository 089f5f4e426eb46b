import type { State } from '@/desk/sync/reading'

/** A state's shape as a path around a middle: circle, triangle or square; a small circle until it is read. */
export function beadPath(state: State, size: number, x = 0, y = 0): string {
  if (state === 'doubt') return `M${x} ${y - size * 0.58}l${size * 0.58} ${size * 1.04}h${-size * 1.16}z`
  if (state === 'fault' || state === 'broken') {
    const side = size * 0.84
    return `M${x - side / 2} ${y - side / 2}h${side}v${side}h${-side}z`
  }
  const radius = state === 'unread' ? size / 3 : size / 2
  const half = `a${radius} ${radius} 0 1 0`
  return `M${x - radius} ${y}${half} ${2 * radius} 0${half} ${-2 * radius} 0z`
}
