import { expect, type Page, test } from './story'
import { openLeaf, openSheet, pasteSheet, saved, source, textOf } from './desk'

const QUESTIONS = Array.from({ length: 60 }, (_, index) => {
  const number = index + 1
  return number % 3 === 0
    ? `::Number ${number}:: Statement ${number} is true. {T}`
    : `::Number ${number}:: Which of these is number ${number}? {\n  =the right one of ${number}\n  ~a wrong one\n  ~another wrong one\n  ~still another\n}`
}).join('\n\n')

/** Where the title of a question stands on each side, from the top of the page; null where it is not drawn. */
async function places(page: Page, number: number): Promise<{ left: number | null; right: number | null }> {
  return page.evaluate((wanted) => {
    const line = [...document.querySelectorAll('.cm-line')].find((element) => element.textContent?.startsWith(`::Number ${wanted}::`))
    const title = [...document.querySelectorAll('.question-proof h3 b')].find((element) => element.textContent === `Number ${wanted}`)
    return { left: line?.getBoundingClientRect().top ?? null, right: title?.getBoundingClientRect().top ?? null }
  }, number)
}

/** Both sides come to rest with the question that is read on one of them beside itself, far below the first ones. */
async function meet(page: Page, read: () => string | undefined): Promise<void> {
  await expect(async () => {
    const number = Number(await page.evaluate(read))
    expect(number).toBeGreaterThan(5)
    const { left, right } = await places(page, number)
    expect(Math.abs((left ?? -9_999) - (right ?? 9_999))).toBeLessThan(160)
  }).toPass({ timeout: 8_000 })
}

test('both sides scroll together, question by question', async ({ page }) => {
  await pasteSheet(page, 'Facing', `${QUESTIONS}\n`)
  await expect(page.locator('.expected-count')).toHaveText(/60 of 60/)

  // The person moves the left side: what is read there is read on the right.
  await page.mouse.move(300, 400)
  await page.mouse.wheel(0, 2_500)
  await meet(page, () => /Number (\d+)/.exec([...document.querySelectorAll('.cm-line')].find((line) => line.getBoundingClientRect().top > 380 && line.textContent?.startsWith('::'))?.textContent ?? '')?.[1])

  // And the other way round.
  await page.mouse.move(1_000, 400)
  await page.mouse.wheel(0, 2_000)
  await meet(page, () => /(\d+)/.exec([...document.querySelectorAll('.question-proof h3 b')].find((title) => title.getBoundingClientRect().top > 380)?.textContent ?? '')?.[1])

  // Both ends meet.
  await page.mouse.wheel(0, 100_000)
  await expect.poll(() => places(page, 60)).toEqual({ left: expect.any(Number), right: expect.any(Number) })
})

test('a bead brings its question to the cursor, and brackets stand beside both sides', async ({ page }) => {
  await pasteSheet(page, 'Beads', `${QUESTIONS}\n`)
  await page.getByRole('button', { name: /^Question 3:/ }).click()
  await expect(page.locator('.status-bar')).toContainText('question 3 · True or false')
  await expect(source(page)).toBeFocused()
  await expect(page.locator('.cm-activeLine')).toContainText('::Number 3::')
  await expect(page.getByRole('button', { name: /^Question 3:/ })).toHaveAttribute('aria-current', 'true')

  // The left bracket begins where the question does, the right one where its outcome does.
  const { left, right } = await places(page, 3)
  const brackets = await page.evaluate(() => {
    const bead = [...document.querySelectorAll<HTMLElement>('.spine-strip .bead')].findIndex((element) => element.textContent?.trim() === '3')
    const tie = document.querySelectorAll('.spine-strip .tie')[bead]
    return [...(tie?.querySelectorAll('path:not(.thread)') ?? [])].map((path) => path.getBoundingClientRect().top)
  })
  expect(Math.abs((brackets[0] ?? 0) - (left ?? 999))).toBeLessThan(12)
  expect(Math.abs((brackets[1] ?? 0) - (right ?? 999))).toBeLessThan(12)
})

test('the right answers can be hidden, and stay hidden on the next sheet', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await expect(page.locator('.bubble.is-key').first()).toBeVisible()
  await page.getByRole('switch', { name: 'Right answers' }).click()
  await expect(page.locator('.bubble.is-key')).toHaveCount(0)
  await expect(page.locator('.question-proof').first()).not.toContainText('A colony keeps two only')
  await openSheet(page, 'Honey and hive products')
  await expect(page.locator('.question-proof').first()).toBeVisible()
  await expect(page.locator('.bubble.is-key')).toHaveCount(0)
})

test('the leaf is part of the address, and the page is titled by its sheet', async ({ page }) => {
  await openSheet(page, 'Swarms and spring')
  await openLeaf(page, 'Findings')
  await expect(page).toHaveURL(/\/findings$/)
  await expect(page).toHaveTitle('Swarms and spring – Notagram')
  await page.reload()
  await expect(page.getByRole('region', { name: 'Findings' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Findings' })).toHaveAttribute('aria-current', 'page')
})

test('findings are filtered by level, and lead to their line', async ({ page }) => {
  await openSheet(page, 'Swarms and spring')
  await openLeaf(page, 'Findings')
  await page.getByRole('button', { name: /^\d+ doubts$/ }).click()
  await expect(page.locator('.finding-note.is-fault')).toHaveCount(0)
  await expect(page.locator('.finding-note.is-doubt').first()).toContainText('add up to 75 %')
  await page.getByRole('button', { name: /^\d+ faults$/ }).click()
  await page.getByRole('button', { name: 'line 13' }).click()
  await expect(page.locator('.status-bar')).toContainText('line 13')
  await expect(page.locator('.key')).toHaveText('F2')
  await page.keyboard.press('F2')
  await expect(page.getByRole('button', { name: 'line 13' })).toBeHidden()
  expect(await textOf(page)).toContain('{=a virgin queen ~the old queen}')
  await page.keyboard.press('Control+z')
  await saved(page)
})

test('find and replace works in the source', async ({ page }) => {
  await pasteSheet(page, 'Replace', 'One bee? {T}\n\nTwo bees? {F}\n')
  await source(page).press('Control+f')
  await page.getByPlaceholder('Find').fill('bee')
  await page.getByPlaceholder('Replace').fill('wasp')
  await page.getByRole('button', { name: 'replace all' }).click()
  await expect.poll(() => textOf(page)).toBe('One wasp? {T}\n\nTwo wasps? {F}\n')
  await expect(page.locator('.question-proof .stem').first()).toHaveText('One wasp?')
  await saved(page)
})

test('no rule of the page’s own policy is broken, and nothing is asked of other machines', async ({ page }) => {
  const complaints: string[] = []
  page.on('console', (message) => ['error', 'warning'].includes(message.type()) && complaints.push(message.text()))
  page.on('pageerror', (error) => complaints.push(error.message))
  page.on('request', (request) => !request.url().startsWith('http://127.0.0.1:') && complaints.push(request.url()))
  await openSheet(page, 'Bees in many tongues')
  for (const leaf of ['Findings', 'Hand over', 'Proof'] as const) await openLeaf(page, leaf)
  await page.keyboard.press('F1')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.getByRole('button', { name: 'Switch to dark', exact: true }).click()
  await expect(page.locator('html')).toHaveClass(/dark/)
  expect(complaints).toEqual([])
})

test('on a phone, one leaf is open at a time, and a finding leads to the source', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await openOnPhone(page, 'Swarms and spring')
  await expect(source(page)).toBeHidden()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  await openLeaf(page, 'Findings')
  await page.getByRole('button', { name: 'line 13' }).click()
  await expect(source(page)).toBeInViewport()
  await expect(page.locator('.cm-activeLine')).toContainText('Who leaves with the second swarm')
  await openLeaf(page, 'Hand over')
  await expect(source(page)).toBeHidden()
})

async function openOnPhone(page: Page, title: string): Promise<void> {
  await page.goto('/')
  await page.getByRole('link', { name: title, exact: true }).click()
  await expect(page.locator('.expected-count')).toBeVisible()
}
