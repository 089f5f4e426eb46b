/** A day as people say it, near ones by name. */
export function when(
  iso: string,
  words: { today: (time: string) => string; yesterday: string },
  now = new Date(),
): string {
  const date = new Date(iso)
  const day = (of: Date) => new Date(of.getFullYear(), of.getMonth(), of.getDate()).getTime()
  const days = Math.round((day(now) - day(date)) / 86_400_000)
  if (days === 0) return words.today(date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }))
  if (days === 1) return words.yesterday
  const isThisYear = date.getFullYear() === now.getFullYear()
  return date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: isThisYear ? undefined : 'numeric' })
}
