import { expect, test } from './story'
import { downloadButton, handOverAs, pasteSheet, source, textOf } from './desk'

const TYPES = ['One answer', 'Several answers', 'True or false', 'Typed answer', 'Number', 'Matching', 'Gap', 'Essay'] as const

test('a quiz of eight questions, one of each type, by keyboard alone, in Gram, then GIFT downloaded', async ({ page }) => {
  test.setTimeout(90_000)
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
  await page.keyboard.press('F9')
  await expect(source(page)).toBeFocused()
  // The notation is chosen by key, too.
  await page.getByRole('combobox', { name: 'Notation' }).focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('Gram')
  await page.keyboard.press('Enter')
  await source(page).focus()
  await page.keyboard.type('$ Bees / First steps\n\n')

  for (const [index, type] of TYPES.entries()) {
    await page.keyboard.press('Control+Space')
    await expect(page.getByRole('option', { name: type })).toBeVisible()
    for (let step = 0; step <= index; step += 1) await page.keyboard.press('ArrowDown')
    await expect(page.getByRole('option', { name: type })).toHaveAttribute('aria-selected', 'true')
    await page.keyboard.press('Enter')
    await page.keyboard.type(`Question ${index + 1}`)
    await page.keyboard.press('Tab')
    await page.keyboard.press('Escape')
    await page.keyboard.press('Control+End')
    await page.keyboard.press('Enter')
    await page.keyboard.press('Enter')
  }
  const text = await textOf(page)
  expect(text).toContain('$ Bees / First steps\n\nQuestion 1\n= right answer\n~ wrong answer\n~ another wrong answer\n\nQuestion 2\n')
  await expect(page.locator('.expected-count')).toContainText('8 of 8')

  await page.keyboard.press('F1')
  await page.getByLabel('Find an action').fill('Show Hand over')
  await page.keyboard.press('Enter')
  await handOverAs(page, /^GIFT/)
  await expect(downloadButton(page)).toBeEnabled()
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).press('Enter')])
  const { readFile } = await import('node:fs/promises')
  const gift = await readFile((await file.path()) as string, 'utf8')
  expect(gift).toContain('$CATEGORY: Bees/First steps\n\nQuestion 1 {\n  =right answer\n  ~wrong answer\n  ~another wrong answer\n}')
  expect(gift).toContain('~%50%right answer')
})

test('a category, a title and a weight are suggested where they are written, and never in the way', async ({ page }) => {
  await page.goto('/')
  await page.keyboard.press('F9')
  await expect(source(page)).toBeFocused()
  await page.keyboard.insertText('$CATEGORY: Hive/Wax\n\n::Wax – 01:: One? {T}\n\n')
  await page.keyboard.type('$CATEGORY: ')
  await expect(page.getByRole('option', { name: 'Hive/Wax', exact: true })).toBeVisible()
  // Nothing was chosen: Enter is a new line.
  await page.keyboard.press('Enter')
  await page.keyboard.press('Backspace')
  await page.keyboard.press('Control+Space')
  await expect(page.getByRole('option', { name: 'Hive/Wax', exact: true })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await page.keyboard.type('::')
  await expect(page.getByRole('option', { name: 'Wax – 02' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Which? {~%50%a ~%-100%b ~%')
  await expect(page.getByRole('option', { name: '50%', exact: true })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Tab')
  await page.keyboard.type('c}')
  await expect.poll(() => textOf(page)).toContain('$CATEGORY: Hive/Wax\n\n::Wax – 02:: Which? {~%50%a ~%-100%b ~%50%c}')

  // The strip of an empty sheet stays open and follows the cursor.
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText('Option C of question 2')).toBeVisible()
})

test('a formula is typeset where it can be read, and money is no formula', async ({ page }) => {
  const refused: string[] = []
  page.on('console', (message) => message.type() === 'error' && refused.push(message.text()))
  await pasteSheet(page, 'Formulas', 'A hive of $V = \\frac{m}{\\rho}$ costs $5 {=$\\sqrt\\{2\\}$ ~$\\frac\\{1$ ~$$x^2$$}\n')
  const proof = page.locator('.question-proof').first()
  await expect(proof.locator('.stem .katex')).toHaveCount(1)
  await expect(proof.locator('.stem')).toContainText('costs $5')
  await expect(proof.locator('.options .katex')).toHaveCount(2)
  await expect(proof.locator('.is-unreadable')).toHaveAttribute('title', /expected '}'/)
  // Its font has come from here, and nothing was refused.
  expect(await page.evaluate(() => document.fonts.ready.then((fonts) => [...fonts].some((font) => font.family.includes('KaTeX') && font.status === 'loaded')))).toBe(true)
  expect(refused).toEqual([])
})
