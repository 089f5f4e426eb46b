import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, handOverAs, openLeaf, openSheet, pasteSheet, saved, source } from './desk'

test('convert GIFT to Aiken and see the losses', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await openLeaf(page, 'Hand over')
  const choice = page.getByRole('region', { name: 'Where does it go?' })
  await expect(choice.getByRole('button', { name: /^GIFT, cleaned up/ })).toContainText('All 16 questions arrive whole.')
  await expect(choice.getByRole('button', { name: /^Aiken/ })).toContainText(/of 16 questions arrive whole.*change.*cannot go/)
  await handOverAs(page, /^GIFT/)
  await expect(page.getByText('Nothing is lost.')).toBeVisible()
  await page.getByRole('button', { name: 'Hand over as GIFT. Choose another target' }).click()
  await handOverAs(page, /^Aiken/)

  const losses = page.locator('.losses details')
  await expect(losses.first()).toContainText('Dropped')
  const several = losses.first().getByRole('listitem').filter({ hasText: 'allows one right answer' })
  await several.getByRole('button', { name: 'Question 2', exact: true }).click()
  await expect(page.locator('.status-bar')).toContainText('question 2 · Several answers')
  await expect(losses.first()).toContainText('no matching')
  await losses.nth(1).locator('summary').click()
  await expect(losses.nth(1)).toContainText('True or false becomes a choice between two options.')

  const [download] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(download.suggestedFilename()).toBe('Castes and their work (Aiken).txt')
  const text = await readFile(await download.path(), 'utf8')
  expect(text).toContain('How many queens does a honey bee colony usually have?\nA. one\nB. two\n')
  expect(text).toContain('A drone can sting.\nA. True\nB. False\nANSWER: B\n')
  expect(text).not.toContain('emergence')
})

test('what is typed shows at once in the other notation', async ({ page }) => {
  await pasteSheet(page, 'Live', 'Which bee mates?\nA. worker\nB. drone\nANSWER: B\n')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^GIFT/)
  await expect(page.locator('.written pre')).toHaveText('Which bee mates? {\n  ~worker\n  =drone\n}')
  await source(page).press('Control+Home')
  await page.keyboard.type('Now: ')
  await expect(page.locator('.written pre')).toHaveText('Now: Which bee mates? {\n  ~worker\n  =drone\n}')
  await saved(page)
})

test('a Starred list is written in the style that its author likes', async ({ page }) => {
  await pasteSheet(page, 'In style', '::Legs:: How many legs? {=six ~four}\n')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^Starred list/)
  const written = page.getByRole('region', { name: 'Hand over' }).locator('pre')
  await expect(written).toHaveText('1. How many legs?\n*a. six\nb. four')
  await page.getByRole('combobox', { name: 'Letters' }).click()
  await page.getByRole('option', { name: 'A)', exact: true }).click()
  await page.getByRole('combobox', { name: 'After the stem' }).click()
  await page.getByRole('option', { name: 'a blank line' }).click()
  await expect(written).toHaveText('1. How many legs?\n\n*A) six\nB) four')
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(await readFile(await file.path(), 'utf8')).toBe('1. How many legs?\n\n*A) six\nB) four\n')
})

test('what would be empty cannot be downloaded, and the reason is said', async ({ page }) => {
  await pasteSheet(page, 'Only an essay', 'Tell of the queen. {}\n')
  await openLeaf(page, 'Hand over')
  await expect(page.getByRole('button', { name: /^Aiken/ })).toContainText('0 of 1 questions arrive whole')
  await handOverAs(page, /^Aiken/)
  await expect(page.getByText('No question can go, so there is nothing to download.')).toBeVisible()
  await expect(downloadButton(page)).toBeDisabled()
})
