import { expect, type Page, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, drop, handOverAs, openLeaf, openSheet, pasteSheet, saved, source, textOf } from './desk'

const KEY = ['b', 'c', 'c', 'b', 'c', 'a', 'b', 'a', 'b', 'c']

/** Counts what the person does. */
class Hand {
  actions = 0

  async does(action: () => Promise<unknown>, until: () => Promise<unknown>): Promise<void> {
    this.actions += 1
    await action()
    await until()
  }
}

async function download(page: Page): Promise<string> {
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  return readFile(await file.path(), 'utf8')
}

test('ten questions of a word-processor file without a key, to GIFT on disk, in fifteen actions at most', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  const hand = new Hand()
  await hand.does(
    () => drop(page, 'Foundation paper 2016.docx', 'Dropped.docx'),
    () => expect(page.getByRole('button', { name: 'Use the tidied text' })).toBeFocused(),
  )
  await hand.does(
    () => page.keyboard.press('Enter'),
    () => expect(page.getByText('10 questions to mark')).toBeVisible(),
  )
  for (const [index, letter] of KEY.entries()) {
    await hand.does(
      () => page.keyboard.press(letter),
      () => expect(page.getByText(index === 9 ? 'All questions are marked.' : index === 8 ? '1 question to mark' : `${9 - index} questions to mark`)).toBeVisible(),
    )
  }
  await hand.does(
    () => page.getByRole('navigation', { name: 'Leaves' }).getByRole('link', { name: 'Hand over' }).click(),
    () => expect(page.getByRole('button', { name: /^GIFT/ })).toContainText('All 10 questions arrive whole.'),
  )
  await hand.does(
    () => handOverAs(page, /^GIFT/),
    () => expect(page.getByText('Nothing is lost.')).toBeVisible(),
  )
  let text = ''
  await hand.does(
    async () => (text = await download(page)),
    () => expect(page.locator('.expected-count')).toHaveText(/10 of 10/),
  )
  expect(text).toContain('Which bee lays the fertilised eggs of a colony? {\n  ~a drone\n  =the queen\n  ~a nurse bee\n  ~a guard\n}')
  expect(text.match(/^ {2}=/gm)).toHaveLength(10)
  expect(text).not.toMatch(/Name|Circle|Alder Vale/)
  expect(hand.actions).toBeLessThanOrEqual(15)
})

test('with a key at its end, in five actions at most', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  const hand = new Hand()
  await hand.does(
    () => drop(page, 'Spring test with key.odt', 'Dropped with key.odt'),
    () => expect(page.getByRole('button', { name: 'Use the tidied text' })).toBeFocused(),
  )
  await hand.does(
    () => page.keyboard.press('Enter'),
    () => expect(page.getByText('All questions are marked.')).toBeVisible(),
  )
  await hand.does(
    () => page.getByRole('navigation', { name: 'Leaves' }).getByRole('link', { name: 'Hand over' }).click(),
    () => expect(page.getByRole('button', { name: /^GIFT/ })).toContainText('10 questions arrive whole'),
  )
  await hand.does(
    () => handOverAs(page, /^GIFT/),
    () => expect(page.getByText('1 thing to know before you hand over')).toBeVisible(),
  )
  let text = ''
  await hand.does(
    async () => (text = await download(page)),
    () => expect(page.locator('.expected-count')).toHaveText(/10 of 10/),
  )
  expect(text).toContain('Drones have a sting. {FALSE}')
  expect(text).toContain('A queen takes about {=16 =sixteen} days from egg to emergence.')
  expect(hand.actions).toBeLessThanOrEqual(5)
})

test('a step and a single line can be refused; the original comes back', async ({ page }) => {
  await openSheet(page, 'Spring test with key')
  const before = await textOf(page)
  await openLeaf(page, 'Tidied')
  const tidied = page.getByRole('region', { name: 'The text, tidied' })
  await expect(tidied.locator('p', { hasText: '*a) in the super' })).toBeVisible()
  await page.getByRole('checkbox', { name: 'Answer key' }).uncheck()
  await expect(tidied.locator('p', { hasText: '*a) in the super' })).toHaveCount(0)
  await tidied.getByRole('button', { name: /^4 lines leave: title above the questions/ }).click()
  await expect(tidied.locator('del', { hasText: 'ALDER VALE BEEKEEPERS' })).toBeVisible()
  await tidied.getByRole('button', { name: 'Keep line 1 as is' }).click()
  await expect(tidied.locator('span', { hasText: 'ALDER VALE BEEKEEPERS' })).toBeVisible()
  await page.getByRole('button', { name: 'Use the tidied text' }).click()
  await expect(source(page)).toContainText('ALDER VALE BEEKEEPERS')
  await expect(source(page)).not.toContainText('Spring test for beginners')
  await openLeaf(page, 'Tidied')
  await page.getByRole('button', { name: 'Restore original' }).click()
  await saved(page)
  await expect.poll(() => textOf(page)).toBe(before)
})

test('an old test opens tidied until its tidied text is used; a step lights its places and is walked through by key', async ({ page }) => {
  await pasteSheet(
    page,
    'Autumn paper',
    'Autumn quiz\nName: ______\n\n____ 1. Which bee mates?\na) worker   b) drone\n____ 2. Which bee lays eggs?\na) queen   b) drone\n',
  )
  await page.goto('/')
  const row = page.getByRole('listitem').filter({ hasText: 'Autumn paper' })
  await expect(row).toContainText('not tidied yet')
  await row.getByRole('link').click()
  await expect(page).toHaveURL(/\/tidied$/)

  await openLeaf(page, 'Proof')
  await expect(page.getByText('This looks like a printed test that has not been tidied: 2 questions, 8 changes.')).toBeVisible()
  await page.getByRole('button', { name: 'Show the tidied text' }).click()
  const step = page.getByRole('checkbox', { name: 'Answer blanks' })
  await step.focus()
  await expect(page.locator('.source-lit')).toHaveCount(2)
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('line 6, column 1')).toBeVisible()
  await expect(page.locator('.entry.is-at')).toContainText('Which bee lays eggs?')

  await page.getByRole('button', { name: 'Use the tidied text' }).click()
  await expect(page.getByText('has not been tidied')).toBeHidden()
  await saved(page)
  await page.goto('/')
  await expect(row).not.toContainText('not tidied yet')
  await row.getByRole('link').click()
  await expect(page).toHaveURL(/\/proof$/)
})

test('rich text from the clipboard keeps its numbers, letters and emphasis', async ({ page }) => {
  await page.goto('/')
  await page.evaluate(() => {
    const data = new DataTransfer()
    data.setData('text/plain', 'Which bee mates?\nworker\ndrone\nWhich bee forages?\nworker\nqueen')
    data.setData(
      'text/html',
      '<ol><li>Which bee mates?<ol type="a"><li>worker</li><li><b>drone</b></li></ol></li><li>Which bee forages?<ol type="a"><li>worker</li><li>queen</li></ol></li></ol>',
    )
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }))
  })
  await expect(page.getByRole('combobox', { name: 'Notation' })).toHaveText('Starred list')
  await expect(source(page)).toContainText('b. drone')
  await openLeaf(page, 'Proof')
  await page.getByRole('button', { name: 'Mark them as right' }).click()
  await expect(source(page)).toContainText('*b. drone')
  await expect(page.getByText('1 question to mark')).toBeVisible()
})

test('a key list says what it will mark and what does not fit', async ({ page }) => {
  await page.goto('/')
  await drop(page, 'Foundation paper 2016.docx', 'Marked by key.docx')
  await page.getByRole('button', { name: 'Use the tidied text' }).click()
  await page.getByRole('button', { name: 'Paste an answer key …' }).click()
  await page.getByRole('textbox', { name: 'Answer key' }).fill('1 B  2 C  3 C\n4 Z, 44 A')
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('This key marks 3 questions.')
  await expect(dialog).toContainText('There is no question 44.')
  await expect(dialog).toContainText('Question 4 has no option Z.')
  await dialog.getByRole('button', { name: 'Mark the answers' }).click()
  await expect(page.getByText('7 questions to mark')).toBeVisible()
  await expect(source(page)).toContainText('*B. the queen')
  await page.keyboard.press('Control+z')
  await expect(page.getByText('10 questions to mark')).toBeVisible()
})

test('a file is dropped on an open sheet as well', async ({ page }) => {
  await openSheet(page, 'Swarms and spring')
  const before = await textOf(page)
  await drop(page, 'Swarm week.docx', 'Dropped on a desk.docx')
  await expect(page.getByRole('button', { name: 'Rename Dropped on a desk' }).or(page.getByText('Dropped on a desk'))).toBeVisible()
  await expect(source(page)).toContainText('Which sign tells that a colony will swarm soon?')
  await openSheet(page, 'Swarms and spring')
  expect(await textOf(page)).toBe(before)
})

test('an empty shelf offers old tests to try; one goes on in Gram at once, with its picture and bold answers', async ({ page }) => {
  await page.route('**/api/shelf', (route) => route.fulfill({ json: { sheets: [] } }))
  await page.goto('/')
  await page.getByRole('button', { name: /Swarm week.docx/ }).click()
  await page.getByRole('combobox', { name: 'What the tidied text becomes' }).click()
  await page.getByRole('option', { name: 'Gram' }).click()
  await page.getByRole('button', { name: 'Use the tidied text' }).click()
  await expect(page.getByRole('combobox', { name: 'Notation' })).toHaveText('Gram')
  await page.getByRole('button', { name: 'Mark them' }).click()
  await expect.poll(() => textOf(page)).toContain('\n= ')
  const picture = page.getByRole('img', { name: 'a cluster of bees hanging from a branch' })
  await expect(picture).toBeVisible()
  expect(await picture.evaluate((element: HTMLImageElement) => element.naturalWidth)).toBe(380)
  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^GIFT/)
  await expect(page.locator('.losses')).toContainText('“swarm.png” stays here')
})

test('bringing in is shown, and can be stopped', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  let answer = (): void => undefined
  const waits = new Promise<void>((resolve) => (answer = resolve))
  await page.route('**/api/files', async (route) => {
    await waits
    await route.continue()
  })
  const file = (name: string) => ({ name, mimeType: '', buffer: Buffer.from('1. Which?\n*a. x\nb. y\n') })
  await page.setInputFiles('input[type=file]', [file('Stopped one.txt'), file('Stopped two.txt')])
  await expect(page.getByRole('status').filter({ hasText: 'Adding “Stopped one.txt” … 1 of 2' })).toBeVisible()
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  const takenOff = page.waitForResponse((response) => response.request().method() === 'DELETE')
  answer()
  await takenOff
  await page.reload()
  await expect(page.getByRole('heading', { name: /The shelf/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Stopped/ })).toHaveCount(0)
})

test('a document that cannot be read is refused with what to do', async ({ page }) => {
  await page.goto('/')
  await page.setInputFiles('input[type=file]', { name: 'cut.docx', mimeType: '', buffer: Buffer.from('PK\x03\x04 word/document.xml and no more') })
  await expect(page.getByRole('alert')).toContainText('damaged or incomplete')
})
