/** What the page itself brings along. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? ''

interface SheetAhead {
  id: string
  answer: Promise<Response>
}
declare global {
  interface Window {
    sheetAhead?: SheetAhead
  }
}

/** The server's answer about the sheet that the address names, which the page asked for before any script was read; given once. */
export function takeSheetAhead(id: string): Promise<Response> | null {
  const ahead = window.sheetAhead
  delete window.sheetAhead
  return ahead?.id === id ? ahead.answer : null
}
