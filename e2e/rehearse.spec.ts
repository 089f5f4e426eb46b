import { openSheet } from './desk'
import { expect, test } from './story'

test('an import that stops at question 20 of 50 is led to, fixed by key, and rehearsed again', async ({ page }) => {
  await openSheet(page, 'Winter course')
  await page.getByRole('link', { name: 'Rehearsal' }).click()
  const told = page.locator('.told')
  await expect(told).toContainText('19 of 50 questions arrive.')
  await expect(told).toContainText('The import stops at question 20; 30 questions are never reached.')
  await expect(told).toContainText('Winter course / Castes 18')

  // One key leads to the place, another mends it.
  await page.getByRole('region', { name: 'Rehearsal' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.status-bar, footer').last()).toContainText('question 20')
  await page.keyboard.press('F2')
  await expect(told).toContainText('41 of 50 questions arrive.')
  await expect(told).toContainText('The import stops at question 42; 8 questions are never reached.')
  await page.getByRole('button', { name: 'Go to question 42' }).click()
  await expect(page.getByText('Cut off here: No weight between the two %.')).toBeVisible()

  await page.getByRole('combobox', { name: 'At a fault, the receiver' }).click()
  await page.getByRole('option', { name: 'leaves the question out' }).click()
  await expect(told).toContainText('49 of 50 questions arrive.')
  await page.getByRole('combobox', { name: 'Import as' }).click()
  await page.getByRole('option', { name: 'Aiken' }).click()
  await expect(page.getByText('Not in the file: it cannot be written in this form.').first()).toBeVisible()
})
