import katex from 'katex'
import 'katex/dist/katex.min.css'

/** What is longer is no formula that somebody reads. */
const LONGEST = 5_000

/** Typesets the formulas in a part of the page; one that cannot be read stays as written, with the reason. */
export function typeset(formulas: Iterable<HTMLElement>): void {
  for (const formula of formulas) {
    const tex = formula.textContent ?? ''
    const isApart = formula.classList.contains('is-apart')
    try {
      if (tex.length > LONGEST) throw new RangeError(`${tex.length} characters`)
      katex.render(tex, formula, {
        displayMode: isApart,
        throwOnError: true,
        strict: 'ignore',
        trust: false,
        maxSize: 20,
        maxExpand: 200,
      })
    } catch (error) {
      formula.textContent = isApart ? `$$${tex}$$` : `$${tex}$`
      formula.classList.add('is-unreadable')
      formula.title = error instanceof Error ? error.message.replace(/^KaTeX parse error: /, '') : ''
    }
    formula.classList.add('is-typeset')
  }
}
