import { execFileSync } from 'node:child_process'
import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, handOverAs, openLeaf, openSheet, pasteSheet, saved, source } from './desk'

test('convert GIFT to Aiken and see the losses', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await openLeaf(page, 'Hand over')
  const choice = page.getByRole('region', { name: 'Where does it go?' })
  await expect(choice.getByRole('button', { name: /^GIFT, cleaned up/ })).toContainText('All 16 questions arrive whole.')
  await expect(choice.getByRole('button', { name: /^Aiken/ })).toContainText(/of 16 questions arrive whole.*change.*cannot go/)
  await handOverAs(page, /^GIFT/)
  await expect(page.getByText('Nothing is lost.')).toBeVisible()
  await page.getByRole('button', { name: 'Hand over as GIFT. Choose another target' }).click()
  await handOverAs(page, /^Aiken/)

  const losses = page.locator('.losses details')
  await expect(losses.first()).toContainText('Dropped')
  const several = losses.first().getByRole('listitem').filter({ hasText: 'allows one right answer' })
  await several.getByRole('button', { name: 'Question 2', exact: true }).click()
  await expect(page.locator('.status-bar')).toContainText('question 2 · Several answers')
  await expect(losses.first()).toContainText('no matching')
  await losses.nth(1).locator('summary').click()
  await expect(losses.nth(1)).toContainText('True or false becomes a choice between two options.')

  const [download] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(download.suggestedFilename()).toBe('Castes and their work (Aiken).txt')
  const text = await readFile(await download.path(), 'utf8')
  expect(text).toContain('How many queens does a honey bee colony usually have?\nA. one\nB. two\n')
  expect(text).toContain('A drone can sting.\nA. True\nB. False\nANSWER: B\n')
  expect(text).not.toContain('emergence')
})

test('what is typed shows at once in the other notation', async ({ page }) => {
  await pasteSheet(page, 'Live', 'Which bee mates?\nA. worker\nB. drone\nANSWER: B\n')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^GIFT/)
  await expect(page.locator('.written pre')).toHaveText('Which bee mates? {\n  ~worker\n  =drone\n}')
  await source(page).press('Control+Home')
  await page.keyboard.type('Now: ')
  await expect(page.locator('.written pre')).toHaveText('Now: Which bee mates? {\n  ~worker\n  =drone\n}')
  await saved(page)
})

test('a Starred list is written in the style that its author likes', async ({ page }) => {
  await pasteSheet(page, 'In style', '::Legs:: How many legs? {=six ~four}\n')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^Starred list/)
  const written = page.getByRole('region', { name: 'Hand over' }).locator('pre')
  await expect(written).toHaveText('1. How many legs?\n*a. six\nb. four')
  await page.getByRole('combobox', { name: 'Letters' }).click()
  await page.getByRole('option', { name: 'A)', exact: true }).click()
  await page.getByRole('combobox', { name: 'After the stem' }).click()
  await page.getByRole('option', { name: 'a blank line' }).click()
  await expect(written).toHaveText('1. How many legs?\n\n*A) six\nB) four')
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(await readFile(await file.path(), 'utf8')).toBe('1. How many legs?\n\n*A) six\nB) four\n')
})

test('what would be empty cannot be downloaded, and the reason is said', async ({ page }) => {
  await pasteSheet(page, 'Only an essay', 'Tell of the queen. {}\n')
  await openLeaf(page, 'Hand over')
  await expect(page.getByRole('button', { name: /^Aiken/ })).toContainText('0 of 1 questions arrive whole')
  await handOverAs(page, /^Aiken/)
  await expect(page.getByText('No question can go, so there is nothing to download.')).toBeVisible()
  await expect(downloadButton(page)).toBeDisabled()
})

test('Gram is written on the left, and its GIFT watched on the right', async ({ page }) => {
  await pasteSheet(page, 'In Gram', 'Which bee lays the eggs?\n= the queen\n~ a drone\n')
  await expect(page.locator('.notation')).toContainText('Gram')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^GIFT/)
  const written = page.locator('.written pre')
  await expect(written).toHaveText('Which bee lays the eggs? {\n  =the queen\n  ~a drone\n}')
  await source(page).press('Control+End')
  await page.keyboard.type('~ a worker\n\nPick.\n= a\n= b\n= c\n= d\n~ e\n~ f\n~ g')
  await expect(written.first()).toHaveText('Which bee lays the eggs? {\n  =the queen\n  ~a drone\n  ~a worker\n}')
  await expect(written.nth(1)).toContainText('~%25%d\n  ~%-33.33333%e')
  await saved(page)
  const [download] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(await readFile(await download.path(), 'utf8')).toContain('  ~%-33.33333%g\n}\n')
})

test('a paper in two versions is seen as it will print, and taken away', async ({ page }) => {
  await openSheet(page, 'Castes and their work')
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^Paper/)
  const paper = page.frameLocator('iframe[title="The paper as it will print"]')
  await expect(paper.getByRole('heading', { name: 'Castes and their work' })).toBeVisible()
  await expect(paper.getByText('Answers')).toHaveCount(0)
  await page.getByRole('combobox', { name: 'Answer key' }).click()
  await page.getByRole('option', { name: 'on the last page' }).click()
  await page.getByRole('combobox', { name: 'Versions' }).click()
  await page.getByRole('option', { name: 'A and B' }).click()
  await expect(paper.getByRole('heading', { name: 'Castes and their work · Version B: Answers' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Print' })).toBeEnabled()
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(file.suggestedFilename()).toBe('Castes and their work (Paper).html')

  const sheet = await page.context().newPage()
  await sheet.setContent(await readFile(await file.path(), 'utf8'))
  readsAsTwoVersions(await sheet.pdf({ format: 'A4' }))
  await sheet.close()

  await page.getByRole('combobox', { name: 'File' }).click()
  await page.getByRole('option', { name: 'PDF' }).click()
  await expect(downloadButton(page)).toContainText('.pdf')
  const [pdf] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(pdf.suggestedFilename()).toBe('Castes and their work (Paper).pdf')
  readsAsTwoVersions(await readFile(await pdf.path()))
  await expect(downloadButton(page)).toBeEnabled()
})

/** As a second reader has the pages: Debian's pdftotext (poppler). */
function readsAsTwoVersions(pdf: Buffer): void {
  const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' })
  const papers = text.split(/^ *Name +Class +Date$/m).slice(1)
  expect(papers).toHaveLength(2)
  const all = Array.from({ length: 15 }, (_, index) => index + 1)
  for (const [place, paper] of papers.entries()) {
    const [questions = '', key = ''] = paper.split(`Version ${'AB'[place]}: Answers`)
    expect([...questions.matchAll(/^ *(\d{1,2})\. /gm)].map((match) => Number(match[1]))).toEqual(all)
    expect([...key.matchAll(/(?<!\S)(\d{1,2})\. (?=\S)/g)].map((match) => Number(match[1])).sort((one, other) => one - other)).toEqual(all)
    expect(questions).toMatch(/How many queens does a honey bee colony usually have\?\s+A\.\s+one/)
    expect(questions).toMatch(/What is a male honey bee called\?/)
    expect(key).toMatch(/drone \/ a drone \/ the drone/)
  }
}
