import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, drop, handOverAs, openLeaf, source, textOf } from './desk'

test('a package is dropped, what it could not bring is named, and it goes out as another and comes back', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  await drop(page, 'Hive safety.zip', 'Hive safety.zip')
  await expect(page.locator('.expected-count')).toContainText('6 of 6')
  await expect(page.getByText('What to know about this file')).toBeVisible()
  await expect(page.getByText('so they came as comments: “Step by step”')).toBeVisible()
  await expect(page.getByRole('img', { name: 'A hive taken apart, its parts numbered' }).first()).toBeVisible()
  const text = await textOf(page)

  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^QTI 3\.0/)
  await expect(page.getByText('1 thing to know before you hand over')).toBeVisible()
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(file.suggestedFilename()).toBe('Hive safety (QTI 3.0).zip')
  const bytes = await readFile(await file.path())

  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  await page.locator('input[type=file]').first().setInputFiles({ name: 'Back again.zip', mimeType: 'application/zip', buffer: bytes })
  await expect(source(page)).toContainText('$CATEGORY: Opening a hive')
  await expect(page.locator('.expected-count')).toContainText('6 of 6')
  await expect(page.getByText('What to know about this file')).toBeHidden()
  expect(await textOf(page)).toBe(text.replace(/\/\/ Step by step\n(\/\/ .*\n)+\n/, ''))
})
