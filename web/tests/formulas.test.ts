import katex from 'katex'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { typeset } from '@/parts/formulas'

const formula = (tex: string, isApart = false) => {
  const element = document.createElement('span')
  element.className = isApart ? 'formula is-apart' : 'formula'
  element.textContent = tex
  return element
}

describe('formulas in the Proof', () => {
  it('are typeset, inline or apart', () => {
    const parts = [formula('x^2'), formula('\\frac{a}{b}', true)]
    typeset(parts)
    expect(parts.map((part) => part.querySelector('.katex') !== null)).toEqual([true, true])
    expect(parts.map((part) => part.querySelector('.katex-display') !== null)).toEqual([false, true])
    expect(parts[0]?.querySelector('annotation')?.textContent).toBe('x^2')
  })

  it('stay as written where they cannot be read, with the reason', () => {
    const parts = [formula('\\frac{1}{'), formula('{'.repeat(10_000)), formula('\\href{javascript:alert(1)}{x}')]
    typeset(parts)
    expect(parts[0]?.textContent).toBe('$\\frac{1}{$')
    expect(parts[0]?.title).toContain("expected '}'")
    expect(parts[1]?.classList.contains('is-unreadable')).toBe(true)
    expect(parts[2]?.querySelector('a')).toBeNull()
  })

  it('are as readable to KaTeX as our rule was told', () => {
    const lines = readFileSync('../core/fixtures/formulas.tsv', 'utf8').split('\n').slice(1).filter(Boolean)
    expect(lines.length).toBeGreaterThan(100)
    const differing = lines.filter((line) => {
      const [isTaken, tex = ''] = line.split('\t')
      try {
        katex.renderToString(tex, { throwOnError: true, strict: 'ignore' })
        return isTaken !== 'yes'
      } catch {
        return isTaken !== 'no'
      }
    })
    expect(differing).toEqual([])
  })
})
