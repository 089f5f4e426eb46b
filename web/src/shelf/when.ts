// One of each for all rows: to make one takes longer than a row does.
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' })
const DAY_AND_YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

/** A day as people say it, near ones by name. */
export function when(
  iso: string,
  words: { today: (time: string) => string; yesterday: string },
  now = new Date(),
): string {
  const date = new Date(iso)
  const day = (of: Date) => new Date(of.getFullYear(), of.getMonth(), of.getDate()).getTime()
  const days = Math.round((day(now) - day(date)) / 86_400_000)
  if (days === 0) return words.today(TIME.format(date))
  if (days === 1) return words.yesterday
  return (date.getFullYear() === now.getFullYear() ? DAY : DAY_AND_YEAR).format(date)
}
