// Writes core/fixtures/mathml.tsv: what KaTeX makes of formulas, in a line and by themselves. Run from web/, which has KaTeX:
//   node ../core/tests/Proof/make-mathml.mjs
import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const katex = createRequire(`${process.cwd()}/package.json`)('katex')
const fixtures = new URL('../../fixtures/', import.meta.url)
const valid = readFileSync(new URL('formulas.tsv', fixtures), 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('yes\t'))
  .map((line) => line.slice(4))
const more = [
  'x = \\frac{-b \\pm \\sqrt{b^2 - 4ac}}{2a}', '\\sum_{k=0}^{\\infty} \\frac{1}{k!} = e', '\\int_a^b f(x)\\,dx = F(b) - F(a)', 'a^2 + b^2 = c^2', 'x^12', 'x_12',
  "f''(x)", "f'^2", 'x_{1,2}', '3{,}5 \\cdot 10^{-3}', '1.5\\,\\text{mol/l}', '50\\,\\%', '\\{x \\in \\mathbb{N} \\mid x > 3\\}', '\\lim_{n \\to \\infty} \\left(1 + \\frac{1}{n}\\right)^n',
  '\\vec{F} = m \\cdot \\vec{a}', '\\Delta T = T_2 - T_1', '\\mathrm{H_2O}', '\\mathrm{2H_2 + O_2 \\rightarrow 2H_2O}', '\\sin^2 \\alpha + \\cos^2 \\alpha = 1', '\\log_{10} 1000 = 3',
  '\\begin{vmatrix} a & b \\\\ c & d \\end{vmatrix} = ad - bc', '\\begin{bmatrix} 1 & 0 \\\\ 0 & 1 \\end{bmatrix}', '\\sqrt{\\frac{a}{b}}', '\\sqrt[n]{a^m} = a^{\\frac{m}{n}}', 'A \\subseteq B \\Rightarrow A \\cap B = A',
  'a \\ne b', 'a \\not= b', 'x \\notin A', '\\overline{AB} \\parallel \\overline{CD}', 'y = mx + t', '|x - 3| \\leq 2', '\\lvert x \\rvert', 'P(A \\mid B)', '\\frac{\\partial f}{\\partial x}', '\\nabla \\cdot E',
  '\\alpha, \\beta, \\gamma', '\\Omega', '\\mathbf{A}x = b', '\\tilde{x}', '\\bar{x}', '\\ddot{x}', '\\underline{x}', 'a < b > c', 'n!', '5 : 3', 'x \\mapsto x^2', 'p \\land q \\lor \\neg r', 'A \\iff B',
  '\\prod_{i=1}^{n} i = n!', '\\min_{x} f(x)', '{}^{14}_{6}\\mathrm{C}', '\\operatorname{ggT}(a, b)', '\\bigcup_{i} A_i', '\\dots', 'a \\equiv b \\pmod{n}', '\\overset{!}{=}', 'x = y \\quad z', '2\\pi r',
]
const lines = [...new Set([...valid, ...more])].flatMap((tex) =>
  [false, true].map((displayMode) => {
    const [, math] = katex.renderToString(tex, { output: 'mathml', displayMode }).match(/(<math.*<\/math>)/s)
    return [tex, displayMode ? 'apart' : 'in-line', math.replace(/<annotation.*?<\/annotation>/s, '')].join('\t')
  }),
)
writeFileSync(new URL('mathml.tsv', fixtures), `# What KaTeX 0.19.1 makes of formulas; written by core/tests/Proof/make-mathml.mjs.\n${lines.join('\n')}\n`)
