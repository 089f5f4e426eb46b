/** One side of the open book, as far as scrolling together goes. */
export interface Side {
  scrollTop: number
  clientHeight: number
  scrollHeight: number
}

/** Where an item lies on its side, in pixels from the top of all content. */
export interface Extent {
  top: number
  bottom: number
}

/** How far down the view the reading line is: at the top when at the start, at the foot when at the end, between in between. */
export function readingLine({ scrollTop, clientHeight, scrollHeight }: Side): number {
  const range = scrollHeight - clientHeight
  const progress = range > 0 ? Math.min(1, Math.max(0, scrollTop / range)) : 0
  return scrollTop + progress * clientHeight
}

/**
 * How far to scroll one side so that the item at the other's reading line is at its own.
 *
 * @param y what is at the driving side's reading line
 * @param from the item there, or the space between two
 * @param to the same on the side that follows
 */
export function followingTop(driver: Side, y: number, from: Extent, to: Extent, follower: Side): number {
  const range = follower.scrollHeight - follower.clientHeight
  // Both ends meet, whatever stands before the first item or after the last.
  if (driver.scrollTop <= 0) return 0
  if (driver.scrollTop >= driver.scrollHeight - driver.clientHeight - 1) return Math.max(0, range)
  const share = from.bottom > from.top ? Math.min(1, Math.max(0, (y - from.top) / (from.bottom - from.top))) : 0
  const target = to.top + share * (to.bottom - to.top)
  const line = y - driver.scrollTop
  const top = target - (line / driver.clientHeight) * follower.clientHeight
  return Math.min(Math.max(0, top), Math.max(0, range))
}
