import { expect, test } from './story'
import { pasteSheet, saved, source, textOf } from './desk'

test('two tabs: neither overwrites the other', async ({ page, context }) => {
  await pasteSheet(page, 'Two tabs', 'One? {T}\n')
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(source(other)).toContainText('One?')

  await source(page).press('Control+End')
  await page.keyboard.type('\nFirst tab? {T}\n')
  await saved(page)
  await source(other).press('Control+End')
  await other.keyboard.type('\nSecond tab? {F}\n')

  const dialog = other.getByRole('dialog', { name: 'Two versions of this sheet' })
  await expect(dialog).toContainText('First tab?')
  await expect(dialog).toContainText('Second tab?')
  await dialog.getByRole('button', { name: 'Keep what is saved' }).click()
  await expect(dialog).toBeHidden()
  expect(await textOf(other)).toBe('One? {T}\n\nFirst tab? {T}\n')

  await other.goto('/')
  await other.getByRole('link', { name: 'Two tabs (typed here)' }).click()
  await expect(source(other)).toContainText('Second tab?')
})

test('server gone and back: nothing typed is lost', async ({ page }) => {
  await pasteSheet(page, 'Server gone', 'One? {T}\n')
  await page.route('**/api/**', (route) => route.abort('connectionrefused'))
  await source(page).press('Control+End')
  await page.keyboard.type('\nTyped in the dark? {T}\n')
  await expect(page.getByRole('alert')).toContainText('kept in this browser')
  await page.keyboard.type('\nAnd more? {F}\n')

  // An answer that got lost on its way back must not be applied twice.
  await page.unroute('**/api/**')
  let isFirst = true
  await page.route('**/edits', async (route) => {
    if (!isFirst) return route.continue()
    isFirst = false
    await route.fetch()
    return route.abort('connectionreset')
  })
  // It is tried again after a pause that grows.
  await expect(page.locator('.save-note')).toHaveText(/^Saved/, { timeout: 20_000 })
  await page.reload()
  await expect(page.locator('.expected-count')).toHaveText(/3 of 3/)
  expect(await textOf(page)).toBe('One? {T}\n\nTyped in the dark? {T}\n\nAnd more? {F}\n')
})

test('a tab closed while the server is gone gives its text back', async ({ page, context }) => {
  await pasteSheet(page, 'Closed tab', 'One? {T}\n')
  const address = page.url()
  await page.route('**/api/**', (route) => route.abort('connectionrefused'))
  await source(page).press('Control+End')
  await page.keyboard.type('\nTyped before closing? {T}\n')
  // A request that is held back when its page is closed would be let through.
  await expect(page.getByRole('alert')).toContainText('kept in this browser')
  await page.close({ runBeforeUnload: false })

  const again = await context.newPage()
  await again.goto(address)
  await expect(again.getByText('We restored what you typed')).toBeVisible()
  await saved(again)
  await again.reload()
  await expect(source(again)).toContainText('Typed before closing?')
})

test('a sheet taken off in another tab can be put back with what was typed', async ({ page, context }) => {
  await pasteSheet(page, 'Taken off', 'One? {T}\n')
  const other = await context.newPage()
  await other.goto('/')
  await other.getByRole('listitem').filter({ hasText: 'Taken off' }).hover()
  await other.getByRole('button', { name: 'Remove Taken off' }).click()
  await expect(other.getByRole('link', { name: 'Taken off', exact: true })).toBeHidden()

  await source(page).press('Control+End')
  await page.keyboard.type('\nTwo? {T}\n')
  await page.getByRole('button', { name: 'Put it back' }).click()
  await saved(page)
  await other.reload()
  await expect(other.getByRole('link', { name: 'Taken off', exact: true })).toBeVisible()
})
