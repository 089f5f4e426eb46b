import { checkerOf } from './checker'
import { openSheet } from './desk'
import { expect, test } from './story'

test('a sheet is sat by keyboard alone, nothing gives an answer away, and marks have their reasons', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await page.getByRole('link', { name: 'Rehearsal' }).click()
  const asked: string[] = []
  page.on('response', async (response) => {
    if (response.url().includes('/api/') && /json/.test(response.headers()['content-type'] ?? '')) {
      asked.push(`${response.url()} ${await response.text().catch(() => '')}`)
    }
  })
  await page.getByRole('button', { name: 'Sit it as a pupil' }).click()
  await page.waitForURL('**/sittings/*')
  await page.reload()
  asked.length = 0

  // Nothing but keys from here on: the options as they stand, two tries.
  await expect(page.getByRole('button', { name: 'Begin' })).toBeFocused()
  await page.getByRole('checkbox', { name: 'Mix the options' }).focus()
  await page.keyboard.press('Space')
  await page.keyboard.press('Tab')
  await page.keyboard.press('2')
  await expect(page.getByLabel('Tries for each question')).toHaveValue('2')
  await page.getByRole('button', { name: 'Begin' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Castes and their work' })).toBeVisible()
  await page.keyboard.press('B')
  await page.keyboard.press('Tab')
  await expect(page.getByText('1 of 15 answered')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.locator('.marked').first()).toContainText(/Right|Wrong/)
  for (const answer of asked) expect(answer).not.toMatch(/"(?:isKey|key|weight|right":\[)/)

  // It waits where it was left.
  await page.reload()
  await expect(page.getByText('1 of 15 answered')).toBeVisible()
  expect((await checkerOf(page).analyze()).violations).toEqual([])
  await page.getByRole('button', { name: 'Hand in' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: / of \d+ points/ })).toBeVisible()
  await expect(page.locator('.marked').nth(2)).toContainText('No answer.')
  await expect(page.locator('.marked').nth(2)).toContainText('Right:')
  await page.getByRole('button', { name: 'Throw away' }).click()
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible()
})

test('one question is tried where it stands in the Proof', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await page.getByRole('button', { name: 'Try question 1', exact: true }).click()
  const trial = page.getByRole('form', { name: 'Try question 1' })
  await expect(trial.getByRole('group', { name: 'Question 1' })).toBeVisible()
  await expect(trial.locator('.marked')).toHaveCount(0)
  await page.keyboard.press('B')
  await page.keyboard.press('Enter')
  await expect(trial.locator('.marked')).toContainText(/Right|Wrong/)
  await trial.getByRole('button', { name: 'Try again' }).click()
  await expect(trial.locator('.marked')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await expect(trial).toBeHidden()
  await expect(page.getByRole('button', { name: 'Try question 1', exact: true })).toBeAttached()
})

test('questions are drawn from three categories, and sat', async ({ page }) => {
  await openSheet(page, 'Winter course')
  await page.getByRole('link', { name: 'Rehearsal' }).click()
  await page.getByRole('button', { name: 'Draw …' }).click()
  const panel = page.getByRole('region', { name: 'Draw questions at random' })
  await panel.getByLabel('From where, line 1').selectOption('Winter course/Castes')
  for (const [line, category] of [
    [2, 'Winter course/Wax and comb'],
    [3, 'Winter course/The year'],
  ] as const) {
    await panel.getByRole('button', { name: 'Draw from another category, too' }).click()
    // The whole course overlaps with its parts, until a part is chosen.
    await expect(panel.getByRole('alert')).toContainText('could both draw question')
    await panel.getByLabel(`From where, line ${line}`).selectOption(category)
  }
  await expect(panel).toContainText('of 18: each has a chance of 27.8 %')
  await expect(panel).toContainText('Every draw is worth 7 points.')
  await panel.getByLabel('How many, line 1').fill('60')
  await expect(panel.getByRole('alert')).toContainText('asks for more than there are: 18 questions can be drawn there.')
  await panel.getByLabel('How many, line 1').fill('2')
  await expect(panel).toContainText('Every draw is worth 4 points.')
  await panel.getByRole('button', { name: 'Sit these' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('0 of 4 answered')).toBeVisible()
})
