import { expect, test } from './story'
import { openLeaf, pasteSheet, saved, source, textOf } from './desk'

test('an earlier state is compared, brought back, and left again', async ({ page }) => {
  await pasteSheet(page, 'Kept', 'Which bee mates? {=drone ~worker}\n\nBees fly. {T}\n')
  await source(page).press('Control+Home')
  await page.keyboard.type('Now: ')
  await saved(page)
  await openLeaf(page, 'Earlier')
  await page.getByRole('button', { name: /as it came/ }).click()
  await expect(page.getByText('Today’s text differs in 1 place.')).toBeVisible()
  await expect(page.locator('.difference ins')).toHaveText('Now: ')

  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect.poll(() => textOf(page)).toBe('Which bee mates? {=drone ~worker}\n\nBees fly. {T}\n')
  await expect(page.getByRole('button', { name: /before many places changed/ })).toBeVisible()
  await page.getByRole('button', { name: /before many places changed/ }).click()
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect.poll(() => textOf(page)).toMatch(/^Now: Which/)
  await saved(page)
  await page.reload()
  await expect(source(page)).toBeVisible()
  await expect.poll(() => textOf(page)).toMatch(/^Now: Which/)
})
