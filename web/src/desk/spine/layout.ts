/** A stretch on each side, in pixels from the top of the spine; null where it is out of sight. */
export interface Bracket {
  top: number
  bottom: number
}

export interface BeadPlace {
  left: Bracket
  right: Bracket
  /** The middle of the bead. */
  y: number
}

/** How far apart the middles of two beads are at the least. */
export const BEAD_DISTANCE = 28

/**
 * Where the beads of the blocks in sight go: level with the middle of what is seen of both sides, in order, none over another.
 */
export function beadPlaces(pairs: readonly { left: Bracket; right: Bracket }[], height: number): BeadPlace[] {
  const places = pairs.map(({ left, right }) => ({
    left,
    right,
    y: (middle(left, height) + middle(right, height)) / 2,
  }))
  for (let index = 1; index < places.length; index += 1) {
    const place = places[index] as BeadPlace
    place.y = Math.max(place.y, (places[index - 1] as BeadPlace).y + BEAD_DISTANCE)
  }
  // Pushed below the foot, the last ones push back.
  for (let index = places.length - 1; index >= 0; index -= 1) {
    const place = places[index] as BeadPlace
    const next = places[index + 1]
    const lowest = next ? next.y - BEAD_DISTANCE : height - BEAD_DISTANCE / 2
    const isInSight = place.left.top < height || place.right.top < height
    if (isInSight && place.y > lowest) place.y = lowest
  }
  return places
}

function middle({ top, bottom }: Bracket, height: number): number {
  const seenTop = Math.max(0, Math.min(height, top))
  const seenBottom = Math.max(0, Math.min(height, bottom))
  return seenBottom > seenTop ? (seenTop + seenBottom) / 2 : (top + bottom) / 2
}

/** The line from a bracket to a bead: straight out, then over in a curve. */
export function thread(fromX: number, fromY: number, toX: number, toY: number): string {
  const bend = (toX - fromX) * 0.6
  return `M${fromX} ${fromY}C${fromX + bend} ${fromY} ${toX - bend} ${toY} ${toX} ${toY}`
}

/** A bracket that opens towards the middle. */
export function bracket(x: number, { top, bottom }: Bracket, tick: number): string {
  return `M${x - tick} ${top + 3}H${x}V${bottom - 3}H${x - tick}`
}
