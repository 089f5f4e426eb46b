import { expect, test } from './story'
import { openLeaf, pasteSheet, textOf } from './desk'

/** So many questions, parted into categories by every so many. */
function questions(categories: readonly string[], of: number): string {
  return categories
    .map((name, at) =>
      [`$CATEGORY: ${name}`, ...Array.from({ length: of }, (_, index) => `Is this ${at * of + index + 1}? {T}`)].join('\n\n'),
    )
    .join('\n\n')
}

test('forty questions are named by pattern in three categories', async ({ page }) => {
  const text = `${questions(['Hive/Bees', 'Hive/Wax'], 13)}\n\n${questions(['Honey'], 14)}\n`
  await pasteSheet(page, 'Forty', text)
  await openLeaf(page, 'Names & points')
  await page.getByRole('button', { name: 'Name …' }).click()
  await expect(page.getByRole('row', { name: /^Choose question 1 / }).locator('ins')).toHaveText('Bees – 01')
  await page.getByLabel('Name them').fill('{path}: {x}')
  await expect(page.getByRole('alert')).toContainText('A pattern has no part {x}.')
  await page.getByLabel('Name them').fill('{last} {nnn}')
  await page.getByRole('button', { name: 'Name 40 questions' }).click()

  await expect.poll(() => textOf(page)).toContain('$CATEGORY: Hive/Wax\n\n::Wax 001:: Is this 14? {T}')
  expect(await textOf(page)).toContain('::Honey 014:: Is this 14? {T}')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => textOf(page)).toBe(text)
})

test('rows are changed, chosen and sorted by keyboard alone', async ({ page }) => {
  await pasteSheet(page, 'Rows', `${questions(['Bees', 'Wax'], 2)}\n`)
  await openLeaf(page, 'Names & points')
  const grid = page.getByRole('grid', { name: 'Names & points' })
  await grid.focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.type('First of all')
  await page.keyboard.press('Enter')
  await expect.poll(() => textOf(page)).toContain('::First of all:: Is this 1? {T}')
  // The field went, and the keys are in the row below.
  await expect(grid).toBeFocused()
  for (let step = 0; step < 4; step += 1) await page.keyboard.press('ArrowRight')
  await page.keyboard.type('3')
  await page.keyboard.press('Enter')
  await expect.poll(() => textOf(page)).toContain('// (3 points)\nIs this 2? {T}')
  await expect(page.locator('.outline-foot')).toContainText('6 points')

  await page.keyboard.press('Home')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(page.getByText('1 question chosen')).toBeVisible()
  await page.getByRole('button', { name: 'Sort …' }).press('Enter')
  await page.getByLabel('Category', { exact: true }).fill('Wax')
  await page.keyboard.press('Enter')
  await expect.poll(() => textOf(page)).toMatch(/\$CATEGORY: Wax\n\nIs this 3\? \{T\}\n\nIs this 4\? \{T\}\n\n::First of all::/)

  await grid.focus()
  await page.keyboard.press('Home')
  await page.keyboard.press('Alt+ArrowDown')
  await expect(grid.getByRole('row').first()).toContainText('Wax')
  expect(await textOf(page)).toMatch(/^\$CATEGORY: Wax/)
  await page.keyboard.press('Enter')
  await page.keyboard.type(' and')
  await page.keyboard.press('Escape')
  await expect(grid).toBeFocused()
  await page.keyboard.press('Control+a')
  await expect(page.getByText('4 questions chosen')).toBeVisible()
})

test('points are shared out to come to a total', async ({ page }) => {
  await pasteSheet(page, 'Total', `${questions(['Bees'], 4)}\n`)
  await openLeaf(page, 'Names & points')
  await page.getByLabel('What all points should come to').fill('10')
  await page.keyboard.press('Enter')
  await openLeaf(page, 'Findings')
  await expect(page.getByText('The points come to 4, not to 10.')).toBeVisible()
  await openLeaf(page, 'Names & points')
  await page.getByRole('button', { name: 'Points …' }).click()
  await expect(page.getByText('Points become a comment, which quiz systems skip.')).toBeVisible()
  await page.getByRole('button', { name: 'Set the points of 4 questions' }).click()
  await expect(page.locator('.outline-foot')).toContainText('10 points')
  expect(await textOf(page)).toMatch(/3 points.*3 points.*2 points.*2 points/s)
})

test('a sheet without titles goes on in a notation that has them', async ({ page }) => {
  await pasteSheet(page, 'Plain', 'Which bee mates?\nA. drone\nB. worker\nANSWER: A\n')
  await openLeaf(page, 'Names & points')
  await expect(page.getByText('Aiken has no titles, categories, points.')).toBeVisible()
  await page.getByRole('button', { name: 'Go on in Gram' }).click()
  await expect.poll(() => textOf(page)).toBe('Which bee mates?\n= drone\n~ worker\n')
  await openLeaf(page, 'Earlier')
  await expect(page.getByRole('button', { name: /before it went on in another notation/ })).toBeVisible()
})
