import { expect, test } from './story'
import { source, textOf } from './desk'

test('the shelf: example, rename by key, take off, undo', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: /GIFT: every type of question/ }).click()
  await expect(page.locator('.expected-count')).toHaveText(/9 of 9/)
  await page.getByRole('link', { name: 'Shelf', exact: true }).click()

  const row = page.getByRole('listitem').filter({ hasText: 'Example in GIFT' })
  await row.getByRole('link').focus()
  await page.keyboard.press('F2')
  await page.getByLabel('New name').fill('My first sheet')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: 'My first sheet' })).toBeFocused()
  await page.keyboard.press('Delete')
  await expect(page.getByRole('link', { name: 'My first sheet' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'My first sheet' })).toBeVisible()
})

test('a text pasted on the shelf is recognised and opened', async ({ page }) => {
  await page.goto('/')
  await page.evaluate(() => {
    const data = new DataTransfer()
    data.setData('text/plain', 'Which bee mates?\nA. worker\nB. drone\nANSWER: B\n')
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }))
  })
  await expect(page.getByRole('combobox', { name: 'Notation' })).toHaveText('Aiken')
  await page.getByRole('combobox', { name: 'Notation' }).click()
  await page.getByRole('option', { name: 'GIFT' }).click()
  await expect(page.locator('.question-proof')).toContainText('Text only')
})

test('keys work at once on the shelf, and Tab stops once in the list', async ({ page }) => {
  await page.goto('/')
  const links = page.locator('.sheet-row .title')
  await expect(links.first()).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(links.nth(1)).toBeFocused()
  await page.keyboard.press('Tab')
  await expect(page.getByText('Choose files')).toBeFocused()
  await page.keyboard.press('Shift+Tab')
  await expect(links.nth(1)).toBeFocused()
  await page.keyboard.press('F4')
  await expect(page.getByRole('searchbox')).toBeFocused()
  await page.keyboard.press('F9')
  await expect(page.getByText('Write a question on the left')).toBeVisible()
})

test('an empty sheet teaches, and an example can be inserted', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('complementary').getByRole('button', { name: 'GIFT', exact: true }).click()
  await expect(page.getByText('Write a question on the left')).toBeVisible()
  await page.getByRole('combobox', { name: 'Example of the type' }).click()
  await page.getByRole('option', { name: 'True or false' }).click()
  await page.getByRole('button', { name: 'Insert example' }).click()
  await expect(source(page)).toContainText('A drone has a sting.')
  await page.getByRole('button', { name: 'Insert example' }).click()
  await expect(page.locator('.expected-count')).toHaveText(/2 of 2/)
  expect(await textOf(page)).toMatch(/^A drone.*\}\n\nA drone.*\}\n$/s)
})

test('the expected number is asked for and held against what was read', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('link', { name: 'Honey and hive products' }).click()
  await page.locator('.expected-count').click()
  await page.getByLabel('How many questions did you write?').fill('12')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Set', exact: true }).click()
  await expect(page.locator('.expected-count')).toContainText('12 expected')
  await page.getByRole('navigation', { name: 'Leaves' }).getByRole('link', { name: /Findings/ }).click()
  await expect(page.getByText('You expected 12 questions, but there are 10.')).toBeVisible()
})

test('a dialog leaves the cursor where it was put, from its first moment', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Paste text' }).click()
  await page.getByLabel('Name of the sheet').focus()
  await page.keyboard.type('Drones in summer', { delay: 25 })
  await expect(page.getByLabel('Name of the sheet')).toHaveValue('Drones in summer')
  await expect(page.getByLabel('Your text')).toHaveValue('')
})
