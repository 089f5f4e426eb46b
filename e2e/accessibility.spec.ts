import { checkerOf, contrastOf } from './checker'
import { expect, test } from './story'
import { drop, handOverAs, openLeaf, openSheet, pasteSheet, source } from './desk'

for (const colorScheme of ['light', 'dark'] as const) {
  test(`shelf and desk obey the rules of access, ${colorScheme}`, async ({ page }) => {
    test.setTimeout(240_000)
    await page.emulateMedia({ colorScheme })
    // What is further down is of the same kinds, and takes the checker as long again.
    await page.setViewportSize({ width: 1280, height: 560 })
    // Only colours differ between light and dark.
    const checker = () => (colorScheme === 'light' ? checkerOf(page) : contrastOf(page))
    // What is around a leaf is looked at once.
    const ofLeaf = () => checker().include('.leaf')
    await page.goto('/')
    await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
    expect((await checker().analyze()).violations).toEqual([])

    await openSheet(page, 'Swarms and spring')
    for (const leaf of ['Proof', 'Findings', 'Names & points', 'Earlier', 'Rehearsal', 'Hand over'] as const) {
      await openLeaf(page, leaf)
      await expect(page.locator('.leaf').getByLabel(leaf === 'Hand over' ? 'Where does it go?' : leaf, { exact: true })).toBeVisible()
      await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)))
      expect((await (leaf === 'Proof' ? checker() : ofLeaf()).analyze()).violations).toEqual([])
    }
    await openLeaf(page, 'Proof')
    await page.getByText('A prime swarm leaves with the old queen.', { exact: true }).dblclick()
    await expect(page.getByRole('textbox', { name: 'Question text' })).toBeFocused()
    expect((await ofLeaf().analyze()).violations).toEqual([])
    await page.keyboard.press('Escape')
    // The rest is made of the same colours.
    if (colorScheme === 'dark') return
    await openLeaf(page, 'Hand over')
    await handOverAs(page, /^Aiken/)
    await expect(page.getByText(/things to know before/).first()).toBeVisible()
    expect((await ofLeaf().analyze()).violations).toEqual([])
    await openSheet(page, 'Swarm week')
    await openLeaf(page, 'Tidied')
    await expect(page.getByRole('button', { name: 'Use the tidied text' })).toBeVisible()
    expect((await ofLeaf().analyze()).violations).toEqual([])
    await openLeaf(page, 'Proof')
    await page.getByRole('button', { name: 'Paste an answer key …' }).click()
    await page.getByRole('textbox', { name: 'Answer key' }).fill('1 A 9 B')
    await expect(page.getByRole('dialog')).toContainText('This key marks 1 question.')
    const ofDialog = () => checker().include('[role=dialog]')
    expect((await ofDialog().analyze()).violations).toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
    await openSheet(page, 'A year with bees')
    await page.getByRole('region', { name: 'Pictures of this sheet' }).getByRole('button', { name: /^Insert/ }).first().click()
    await expect(page.getByRole('dialog', { name: 'Insert a picture' })).toBeVisible()
    expect((await ofDialog().include('.picture-strip').analyze()).violations).toEqual([])
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toBeHidden()
    await page.keyboard.press('F1')
    await expect(page.getByRole('dialog')).toBeVisible()
    expect((await ofDialog().analyze()).violations).toEqual([])
    await page.keyboard.press('Escape')
    await page.goto('/')
    await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
    await drop(page, 'Honey questions.xlsx', 'Club evening.xlsx')
    await expect(page.getByRole('button', { name: 'Make the questions' })).toBeEnabled()
    expect((await ofLeaf().analyze()).violations).toEqual([])
  })
}

test('everything is reached by key', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('link', { name: 'Swarms and spring' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  // What is the next row depends on what other stories have added.
  await page.getByRole('link', { name: 'Swarms and spring', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.cm-content')).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.locator('.spine-strip button').first()).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.getByRole('region', { name: 'Proof' })).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.locator('.leaf .tools button, .leaf .tools input').first()).toBeFocused()
  await page.keyboard.press('F6')
  await expect(page.locator('.cm-content')).toBeFocused()

  await page.keyboard.press('F1')
  await page.getByLabel('Find an action').fill('Show the Findings')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Findings' })).toBeFocused()
})

test('the line at the foot speaks of the question that is marked; help leads to the guide', async ({ page, context }) => {
  await pasteSheet(page, 'At the foot', '1. Which?\na. x\nb. y\n\n2. Bees fly.\nTrue   False\n')
  await openLeaf(page, 'Proof')
  await page.getByRole('button', { name: 'Next unmarked question' }).click()
  await expect(page.locator('.status-bar')).toContainText('marking · question 1 · One answer')
  await page.keyboard.press('b')
  await expect(page.locator('.status-bar')).toContainText('marking · question 2 · True or false')
  await source(page).click()
  await expect(page.locator('.status-bar')).toContainText(/line \d+, column \d+/)

  await page.keyboard.press('F1')
  await expect(page.getByRole('dialog')).toContainText('mark the answer with this letter as right')
  const [guide] = await Promise.all([context.waitForEvent('page'), page.getByRole('link', { name: 'Read the guide' }).click()])
  await guide.getByRole('navigation').getByRole('link', { name: '2 · Tidy' }).click()
  await expect(guide.getByRole('heading', { name: '2 · Tidy' })).toBeVisible()
  const picture = guide.getByRole('img').first()
  expect(await picture.evaluate((element: HTMLImageElement) => element.naturalWidth)).toBe(1280)
  expect((await checkerOf(guide).analyze()).violations).toEqual([])
})
