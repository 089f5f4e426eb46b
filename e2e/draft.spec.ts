import { checkerOf } from './checker'
import { openLeaf, openSheet, pasteSheet, saved, source, textOf } from './desk'
import { expect, test } from './story'

const PASSAGE = `The apiary of the club

The queen is the mother of the whole colony. A worker is a female bee that gathers food. The drone is the male bee of the colony. A queen emerges after 16 days in her cell. A worker emerges after 21 days in its cell.`

test('a passage becomes a sheet of drafts, which are read one by one by key', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Draft from a passage …' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Your passage').fill(PASSAGE)
  await expect(dialog).toContainText('5 drafts')
  expect((await checkerOf(page).include('[role=dialog]').analyze()).violations).toEqual([])
  await dialog.getByRole('button', { name: 'Add the sheet' }).click()

  await expect(page.locator('.passage-panel')).toContainText('5 drafts to read.')
  await expect(page.locator('.passages')).toContainText('The queen is the mother of the whole colony.')
  await expect(page).toHaveTitle(/^The apiary of the club/)
  expect((await checkerOf(page).include('.leaf').analyze()).violations).toEqual([])
  for (const left of [4, 3]) {
    await page.keyboard.press('F9')
    await expect(page.locator('.passage-panel')).toContainText(`${left} drafts to read.`)
  }
  await expect(page.locator('mark.is-current')).toHaveText(/^The drone is|^A queen emerges/)
  await expect.poll(async () => (await textOf(page)).match(/\[tag:draft\]/g)?.length).toBe(3)

  // One is taken out, and comes back with the way back; the last is read with the mouse.
  await page.getByRole('button', { name: 'Take question 5 out' }).click()
  await expect(page.locator('.passage-panel')).toContainText('2 drafts to read.')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('.passage-panel')).toContainText('3 drafts to read.')
  for (const number of [3, 4, 5]) await page.getByRole('button', { name: `Mark question ${number} as read` }).click()
  await expect(page.locator('.passage-panel')).toBeHidden()
  await expect.poll(() => textOf(page)).not.toContain('[tag:draft]')
  await saved(page)
})

test('an assistant is asked by hand, and its reply goes below the questions of a sheet without comments', async ({ page }) => {
  await pasteSheet(page, 'Drafts in Aiken', 'Who stings?\nA. a drone\nB. a worker\nANSWER: B\n')
  await page.keyboard.press('F1')
  await page.getByLabel('Find an action').fill('Draft questions')
  await page.keyboard.press('Enter')
  const dialog = page.getByRole('dialog', { name: 'Draft questions from a passage' })
  await dialog.getByLabel('Your passage').fill(PASSAGE)
  await expect(dialog.getByRole('checkbox')).toHaveCount(1)
  await dialog.getByRole('button', { name: 'Ask an assistant' }).click()
  await dialog.getByLabel('For whom').fill('pupils aged 12')
  await expect(dialog.getByLabel('The request')).toContainText('for pupils aged 12')
  await dialog.getByLabel('The reply').fill('I cannot help with that.')
  await expect(dialog).toContainText('No question was found in this reply.')
  await dialog
    .getByLabel('The reply')
    .fill('Of course!\n\n**1. Which bee is the mother of the colony?**\nA) a worker\nB) the queen\nC) a drone\n\n**Answer Key**\n1. B\n\nHappy teaching!')
  await expect(dialog).toContainText('1 draft')
  await dialog.getByRole('button', { name: 'Add 1 draft' }).click()

  await expect(page.locator('.passage-panel')).toContainText('1 draft to read.')
  await expect(page.locator('.passages mark')).toHaveText('The queen is the mother of the whole colony.')
  expect(await textOf(page)).toContain('\n\nWhich bee is the mother of the colony?\nA. a worker\nB. the queen\nC. a drone\nANSWER: B')
  await saved(page)
  await page.reload()
  await openLeaf(page, 'Findings')
  await expect(page.getByText('Nobody has read this draft yet.')).toBeVisible()
  await openLeaf(page, 'Proof')
  await page.getByRole('button', { name: 'Mark question 2 as read' }).click()
  await page.reload()
  await expect(source(page)).toBeVisible()
  await expect(page.getByText('Question 2')).toBeVisible()
  await expect(page.locator('.passage-panel')).toBeHidden()
})

test('the demo has drafts with their passage', async ({ page }) => {
  await openSheet(page, 'How a colony lives')
  await expect(page.locator('.passage-panel')).toContainText('12 drafts to read.')
  await page.locator('mark', { hasText: 'Propolis is a sticky resin' }).click()
  await expect(page.locator('mark.is-current')).toContainText('Propolis')
})
