import AxeBuilder from '@axe-core/playwright'
import { expect, test } from './story'
import { handOverAs, openLeaf, openSheet } from './desk'

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

for (const colorScheme of ['light', 'dark'] as const) {
  test(`shelf and desk obey the rules of access, ${colorScheme}`, async ({ page }) => {
    test.setTimeout(120_000)
    await page.emulateMedia({ colorScheme })
    // Only colours differ between light and dark.
    const checker = () => (colorScheme === 'light' ? new AxeBuilder({ page }).withTags(RULES) : new AxeBuilder({ page }).withRules('color-contrast'))
    await page.goto('/')
    await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
    expect((await checker().analyze()).violations).toEqual([])

    await openSheet(page, 'Swarms and spring')
    for (const leaf of ['Proof', 'Findings', 'Hand over'] as const) {
      await openLeaf(page, leaf)
      await expect(page.getByRole('region', { name: leaf })).toBeVisible()
      await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)))
      expect((await checker().analyze()).violations).toEqual([])
    }
    await handOverAs(page, /^Aiken/)
    await expect(page.getByText(/things to know before/).first()).toBeVisible()
    expect((await checker().analyze()).violations).toEqual([])
    await openSheet(page, 'Swarm week')
    await openLeaf(page, 'Tidied')
    await expect(page.getByRole('button', { name: 'Use the tidied text' })).toBeVisible()
    expect((await checker().analyze()).violations).toEqual([])
    await openLeaf(page, 'Proof')
    await page.getByRole('button', { name: 'Paste an answer key …' }).click()
    await page.getByRole('textbox', { name: 'Answer key' }).fill('1 A 9 B')
    await expect(page.getByRole('dialog')).toContainText('This key marks 1 question.')
    expect((await checker().analyze()).violations).toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
    await page.keyboard.press('F1')
    await expect(page.getByRole('dialog')).toBeVisible()
    expect((await checker().analyze()).violations).toEqual([])
  })
}

test('everything is reached by key', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.locator('.sheet-row .title').first().focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.locator('.cm-content')).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.getByRole('region', { name: 'Proof' })).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.locator('.cm-content')).toBeFocused()
})
