import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { openLeaf, openSheet, pasteSheet, saved, source } from './desk'

test('convert GIFT to Aiken and see the losses', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await openLeaf(page, 'Hand over')
  await expect(page.getByText('Nothing is lost.')).toBeVisible()
  await page.getByRole('combobox', { name: 'Hand over as' }).click()
  await page.getByRole('option', { name: 'Aiken' }).click()

  const losses = page.locator('.losses li')
  await expect(losses.first()).toContainText('Dropped')
  await expect(losses.filter({ hasText: 'Question 2' })).toContainText('allows one right answer')
  await expect(losses.filter({ hasText: 'Question 5' })).toContainText('no matching')
  await expect(page.locator('.losses')).toContainText('True or false becomes a choice between two options.')

  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Download', exact: true }).click()])
  expect(download.suggestedFilename()).toBe('Castes and their work (Aiken).txt')
  const text = await readFile(await download.path(), 'utf8')
  expect(text).toContain('How many queens does a honey bee colony usually have?\nA. one\nB. two\n')
  expect(text).toContain('A drone can sting.\nA. True\nB. False\nANSWER: B\n')
  expect(text).not.toContain('emergence')
})

test('what is typed shows at once in the other notation', async ({ page }) => {
  await pasteSheet(page, 'Live', 'Which bee mates?\nA. worker\nB. drone\nANSWER: B\n')
  await openLeaf(page, 'Hand over')
  await page.getByRole('combobox', { name: 'Hand over as' }).click()
  await page.getByRole('option', { name: 'GIFT' }).click()
  await expect(page.locator('.written pre')).toHaveText('Which bee mates? {\n  ~worker\n  =drone\n}')
  await source(page).press('Control+Home')
  await page.keyboard.type('Now: ')
  await expect(page.locator('.written pre')).toHaveText('Now: Which bee mates? {\n  ~worker\n  =drone\n}')
  await saved(page)
})

test('a Starred list is written in the style that its author likes', async ({ page }) => {
  await pasteSheet(page, 'In style', '::Legs:: How many legs? {=six ~four}\n')
  await openLeaf(page, 'Hand over')
  await page.getByRole('combobox', { name: 'Hand over as' }).click()
  await page.getByRole('option', { name: 'Starred list' }).click()
  const written = page.getByRole('region', { name: 'Hand over' }).locator('pre')
  await expect(written).toHaveText('1. How many legs?\n*a. six\nb. four')
  await page.getByRole('combobox', { name: 'Letters' }).click()
  await page.getByRole('option', { name: 'A)', exact: true }).click()
  await page.getByRole('combobox', { name: 'After the stem' }).click()
  await page.getByRole('option', { name: 'a blank line' }).click()
  await expect(written).toHaveText('1. How many legs?\n\n*A) six\nB) four')
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Download', exact: true }).click()])
  expect(await readFile(await file.path(), 'utf8')).toBe('1. How many legs?\n\n*A) six\nB) four\n')
})
