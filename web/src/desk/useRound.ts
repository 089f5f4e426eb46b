/** A place of the desk that the focus goes round through. */
export interface Stop {
  /** The element that holds the place, if it is there now. */
  within: () => Element | null | undefined
  focus: () => void
}

/** Takes the focus from where it is to the next place that is there, from the last on to the first. */
export function goRound(stops: readonly Stop[]): void {
  const here = stops.findIndex(({ within }) => within()?.contains(document.activeElement))
  for (let step = 1; step <= stops.length; step += 1) {
    const stop = stops[(here + step + stops.length) % stops.length]
    if (!stop?.within()) continue
    stop.focus()
    if (stop.within()?.contains(document.activeElement)) return
  }
}

/** The first thing in an element that can have the focus. */
export const firstIn = (element: Element | null | undefined): HTMLElement | null =>
  element?.querySelector<HTMLElement>('button:not(:disabled), a[href], input, [tabindex="0"]') ?? null
