import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, drop, handOverAs, openLeaf, pasteSheet, source, textOf } from './desk'

test('a spreadsheet is dropped, a column is told, and its questions are made and taken back', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  await drop(page, 'Honey questions.xlsx', 'Club evening.xlsx')
  const make = page.getByRole('button', { name: 'Make the questions' })
  await expect(make).toBeFocused()
  await expect(page.getByText('10 questions', { exact: true })).toBeVisible()
  await expect(page.getByRole('row', { name: /What do bees make honey from/ })).toContainText('One answer')

  // The comments are not wanted.
  await page.getByRole('combobox', { name: 'What column 9 holds' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: '– left out –' }).click()
  await make.focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.expected-count')).toContainText('10 of 10')
  const text = await textOf(page)
  expect(text).toContain('$CATEGORY: Honey\n\n// (1 point)\nWhat do bees make honey from? {\n  ~pollen\n  =nectar')
  expect(text).not.toContain('Pollen feeds the brood.')

  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(source(page)).toContainText('Answer A')
  await openLeaf(page, 'Columns')
  await expect(page.getByText('10 questions', { exact: true })).toBeVisible()
})

test('a copied list of terms becomes matching, and goes out as a table', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
  await page.evaluate((text) => {
    const data = new DataTransfer()
    data.setData('text/plain', text)
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }))
  }, await readFile(new URL('../app/demo/Words of the hive.txt', import.meta.url), 'utf8'))
  await expect(page.getByText('12 questions', { exact: true })).toBeVisible()
  await page.getByRole('combobox', { name: 'Block 2 becomes' }).click()
  await page.getByRole('option', { name: 'one matching question' }).click()
  await expect(page.getByText('9 questions', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Make the questions' }).click()
  await expect(page.locator('.expected-count')).toContainText('9 of 9')
  expect(await textOf(page)).toContain('Match each definition with its term. {\n  =resin that bees gather to seal gaps -> propolis\n')

  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^CSV/)
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(file.suggestedFilename()).toMatch(/\.csv$/)
  expect(await readFile(await file.path(), 'utf8')).toContain(',,matching,Match each definition with its term.,,resin that bees gather to seal gaps -> propolis,')
})

test('what only looks like a list of terms can be tidied as a text', async ({ page }) => {
  await pasteSheet(page, 'Notes', 'Monday: open the hives\nTuesday: mend the frames\nWednesday: sow the clover\n')
  await expect(page.getByText('3 questions', { exact: true })).toBeVisible()
  await openLeaf(page, 'Tidied')
  await expect(page.getByText('Nothing to tidy in this text.').or(page.getByText('nothing changes')).first()).toBeVisible()
  await expect(page).toHaveURL(/\/tidied$/)
})
