import { expect, test } from './story'
import { openLeaf, pasteSheet, saved, source, textOf } from './desk'

const MIXED = [1, 2, 3].map((number) => `Which bee is number ${number}? {=a${number} =b${number} ~c${number}}`).join('\n\n')

test('mend all of a kind after seeing before and after, and take it back in one step', async ({ page }) => {
  await pasteSheet(page, 'Mixed marks', MIXED)
  await openLeaf(page, 'Findings')
  await page.getByRole('button', { name: 'By kind' }).click()
  await page.getByRole('button', { name: 'Fix all 3' }).click()
  const preview = page.getByRole('group', { name: 'Before and after' })
  await expect(preview).toContainText('~%50%')
  await expect(preview.locator('li')).toHaveCount(3)
  expect(await textOf(page)).toBe(MIXED)

  await preview.getByRole('button', { name: 'Fix these 3' }).click()
  await expect(source(page)).toContainText('~%50%a1 ~%50%b1 ~%-100%c1')
  await saved(page)
  await source(page).focus()
  await page.keyboard.press('Control+z')
  expect(await textOf(page)).toBe(MIXED)
})

test('switch a kind of finding off in the sheet and in one place, see that it is off, switch it on again', async ({
  page,
}) => {
  await pasteSheet(page, 'Two options', 'Who winters in the old skep? {=a queen ~a drone}\n\nWho rests on the garden bell? {=a worker ~a moth}\n')
  await openLeaf(page, 'Findings')
  const hints = page.locator('.finding-note.is-hint')
  const hint = page.locator('.one', { has: hints }).first()
  await expect(hints).toHaveCount(2)
  await hint.hover()
  await hint.getByRole('button', { name: 'Switch off here' }).click()
  await expect(hints).toHaveCount(1)
  expect(await textOf(page)).toMatch(/^\/\/ notagram-off craft\.too-few-options\nWho winters in the old skep\?/)
  await expect(page.getByText('1 finding is switched off')).toBeVisible()

  await hint.hover()
  await hint.getByRole('button', { name: 'Switch off in this sheet' }).click()
  await expect(hints).toHaveCount(0)
  await page.getByText('2 findings are switched off').click()
  await page.getByRole('button', { name: 'Switch on again' }).click()
  await expect(hints).toHaveCount(1)
})

test('what is asked twice on the shelf is named, with where', async ({ page }) => {
  await pasteSheet(page, 'Spring exam', 'Which insect pollinates the old quince at the gate? {=the mason bee ~a wasp ~a fly}\n')
  await saved(page)
  await pasteSheet(page, 'Summer exam', 'Which insects pollinate the old quince at the gate? {=the mason bee ~a moth ~a fly}\n')
  await openLeaf(page, 'Findings')

  await expect(page.locator('.finding-note.is-doubt')).toContainText('question 1 of “Spring exam”')
})

test('go through the findings by key alone, search them, and mend one', async ({ page }) => {
  await pasteSheet(page, 'By key', 'One? {T}\nTwo? {F}\n\nThree? {=a ~b ~\n~c}\n')
  await openLeaf(page, 'Findings')
  await page.getByRole('searchbox', { name: 'Search the findings' }).fill('blank line')
  // Both questions that touch are at fault, and one mending helps both.
  await expect(page.locator('.finding-note')).toHaveCount(2)
  await page.getByRole('region', { name: 'Findings' }).focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('.status-bar')).toContainText('line 1')
  await page.keyboard.press('Enter')
  await expect(source(page)).toBeFocused()
  await page.keyboard.press('F2')
  await expect(page.locator('.finding-note')).toHaveCount(0)
  expect(await textOf(page)).toContain('One? {T}\n\nTwo? {F}')
})

test('what blind guessing earns stands over the findings', async ({ page }) => {
  await pasteSheet(page, 'Guesses', Array.from({ length: 10 }, (_, n) => `Which is bee ${n}? {=a ~b ~c ~d}`).join('\n\n'))
  await openLeaf(page, 'Findings')

  await expect(page.locator('.marks')).toHaveText('Guessing earns 2.5 of 10 points on average. Chance of half marks by guessing: 8 %.')
})

test('what was typed while the mending was worked out stays whole, and the mending is asked for again', async ({ page }) => {
  await pasteSheet(page, 'Typed meanwhile', 'One? {T}\nTwo? {F}\n')
  await openLeaf(page, 'Findings')
  let release = () => {}
  const isTyped = new Promise<void>((resolve) => (release = resolve))
  await page.route('**/mending', async (route) => {
    await isTyped
    await route.continue()
  })
  await page.getByRole('button', { name: /Fix all safe problems/ }).click()
  await source(page).press('Control+Home')
  await page.keyboard.type('Typed. ', { delay: 10 })
  release()
  await expect(page.getByText('try again in a moment').or(page.getByText('changed since'))).toBeVisible()
  expect(await textOf(page)).toBe('Typed. One? {T}\nTwo? {F}\n')

  await page.unroute('**/mending')
  await saved(page)
  await page.getByRole('button', { name: /Fix all safe problems/ }).click()
  await expect.poll(() => textOf(page)).toBe('Typed. One? {T}\n\nTwo? {F}\n')
})
