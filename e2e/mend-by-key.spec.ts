import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { openLeaf, pasteSheet, saved, source, textOf } from './desk'

const BROKEN = `Which bee mates?
a) worker
B. drone
answer b
Which bee forages?
A. worker

B. drone
ANSWER: A

Who guards the hive? {=workers ~drones
`

test('paste a broken text, mend it by key, download it', async ({ page }) => {
  await pasteSheet(page, 'Guards', `One? {=a1 ~b1\n\n::Two:: Which? {\n  =yes\n\n  ~no\n}\nThree? {T}\n`)
  await expect(page.locator('.expected-count')).toHaveText(/0 of 3/)

  // The cursor is at the start; the first finding is the brace.
  await page.keyboard.press('F8')
  await expect(page.locator('.status-bar')).toContainText('line 1')
  await page.keyboard.press('F2')
  await expect(page.locator('.expected-count')).toHaveText(/1 of 3/)
  await page.keyboard.press('F8')
  await page.keyboard.press('F2')
  await expect(page.getByText('There is a blank line between the answers.')).toHaveCount(0)
  await page.keyboard.press('F8')
  await page.keyboard.press('F2')
  await expect(page.locator('.expected-count')).toHaveText(/3 of 3/)
  await saved(page)
  expect(await textOf(page)).toBe(`One? {=a1 ~b1}\n\n::Two:: Which? {\n  =yes\n  ~no\n}\n\nThree? {T}\n`)

  // A mend is one step that undo takes back.
  await page.keyboard.press('Control+z')
  await expect(page.locator('.expected-count')).toHaveText(/1 of 3|2 of 3/)
  await page.keyboard.press('Control+y')
  await expect(page.locator('.expected-count')).toHaveText(/3 of 3/)

  await openLeaf(page, 'Hand over')
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Download my own text, fixed' }).click()])
  expect(download.suggestedFilename()).toBe('Guards.txt')
  expect(await readFile(await download.path(), 'utf8')).toBe(`One? {=a1 ~b1}\n\n::Two:: Which? {\n  =yes\n  ~no\n}\n\nThree? {T}\n`)
})

test('mend all that is safe at once, and take it back', async ({ page }) => {
  await pasteSheet(page, 'Mates', BROKEN.split('\n\nWho')[0] + '\n')
  await openLeaf(page, 'Findings')
  const before = await textOf(page)
  await page.getByRole('button', { name: /Fix all safe problems/ }).click()
  await expect(page.locator('.expected-count')).toHaveText(/2 of 2/)
  expect(await textOf(page)).toBe('Which bee mates?\nA. worker\nB. drone\nANSWER: B\n\nWhich bee forages?\nA. worker\nB. drone\nANSWER: A\n')
  // That a story beside this one asks the same on its sheet is a doubt, and nothing of this one.
  await expect(page.locator('.finding-note.is-fault')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(() => textOf(page)).toBe(before)
  await saved(page)
})

test('typing goes on while the sheet is read, and the spine follows', async ({ page }) => {
  await pasteSheet(page, 'Typing', 'One? {T}\n')
  await source(page).press('Control+End')
  await page.keyboard.type('\nWhich bee has a sting? {=the worker ~the drone}\n\nOpen? {=', { delay: 5 })
  await expect(page.getByRole('button', { name: 'Question 3: cannot be read' })).toBeVisible()
  await page.keyboard.type('a}')
  await expect(page.getByRole('button', { name: 'Question 3: ready' })).toBeVisible()
  await expect(page.locator('.question-proof')).toHaveCount(3)
  await saved(page)
})

test('F2 right after typing mends what was typed, once it is read', async ({ page }) => {
  await pasteSheet(page, 'Just typed', 'One? {T}\n')
  await saved(page)
  await page.keyboard.press('Control+End')
  await page.keyboard.type('\nTwo? {#34,5}')
  await page.keyboard.press('F2')
  await expect(source(page)).toContainText('Two? {#34.5}')
})
