import { expect, type Page, test } from './story'
import { readFile } from 'node:fs/promises'
import { downloadButton, handOverAs, openLeaf, pasteSheet, saved, source, textOf } from './desk'

const hive = new URL('../app/demo/hive-parts.png', import.meta.url)

/** Pastes or drops a file, as the clipboard and the desktop give it. */
async function give(page: Page, how: 'paste' | 'drop', name: string, type: string, bytes: Buffer): Promise<void> {
  await source(page).evaluate(
    (content, { how, name, type, base64 }) => {
      const file = new File([Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))], name, { type })
      const data = new DataTransfer()
      data.items.add(file)
      const { left, top } = content.getBoundingClientRect()
      content.dispatchEvent(
        how === 'paste'
          ? new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
          : new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true, clientX: left + 60, clientY: top + 12 }),
      )
    },
    { how, name, type, base64: bytes.toString('base64') },
  )
}

test('a picture is pasted, seen, and handed over', async ({ page }) => {
  await pasteSheet(page, 'Pictured', 'What is this?\n= a hive\n~ a skep\n~ a smoker\n')
  await expect(page.getByRole('combobox', { name: 'Notation' })).toHaveText('Gram')
  await source(page).press('Control+Home')
  await page.keyboard.press('End')
  await page.keyboard.type(' ')
  await give(page, 'paste', 'image.png', 'image/png', await readFile(hive))
  const dialog = page.getByRole('dialog', { name: 'Insert a picture' })
  await expect(dialog).toContainText('image.png · 480 × 360 · 4 kB')
  await dialog.getByLabel('What does it show?').fill('A [new] hive')
  await page.keyboard.press('Enter')
  await expect.poll(() => textOf(page)).toContain('What is this? ![A (new) hive](image.png)\n')
  await saved(page)

  const shown = page.locator('.leaf').getByRole('img', { name: 'A (new) hive' })
  await expect(shown).toBeVisible()
  expect(await shown.evaluate((picture: HTMLImageElement) => picture.naturalWidth)).toBe(480)
  const strip = page.getByRole('region', { name: 'Pictures of this sheet' })
  await expect(strip.getByRole('listitem')).toContainText('in question 1')
  await expect(strip.getByRole('button', { name: /^Remove/ })).toHaveCount(0)

  await openLeaf(page, 'Hand over')
  await handOverAs(page, /^GIFT/)
  await expect(page.locator('.losses')).toContainText('The picture “image.png” stays here')
  const way = page.getByRole('combobox', { name: 'Pictures' })
  await way.click()
  await page.getByRole('option', { name: 'inside the text' }).click()
  await expect(page.getByText('Nothing is lost.')).toBeVisible()
  const [file] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(await readFile(await file.path(), 'utf8')).toContain(`<img src="data:image/png;base64,${(await readFile(hive)).toString('base64')}" alt="A (new) hive">`)
  await way.click()
  await page.getByRole('option', { name: 'in a zip with the text' }).click()
  await expect(page.getByRole('button', { name: 'Copy', exact: true })).toHaveCount(0)
  const [zip] = await Promise.all([page.waitForEvent('download'), downloadButton(page).click()])
  expect(zip.suggestedFilename()).toBe('Pictured (GIFT).zip')
  expect((await readFile(await zip.path())).subarray(0, 2).toString()).toBe('PK')
})

test('a picture is dropped, left, refused, removed and put back', async ({ page }) => {
  await pasteSheet(page, 'Dropped', 'What is this? {=a hive ~a skep ~a smoker}\n')
  const dialog = page.getByRole('dialog', { name: 'Insert a picture' })
  await give(page, 'drop', 'map.svg', 'image/svg+xml', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'))
  await expect(page.getByText('“map.svg” is an SVG drawing')).toBeVisible()
  await give(page, 'drop', 'Hive Parts.png', 'image/png', await readFile(hive))
  await expect(dialog).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Pictures of this sheet' })).toHaveCount(0)
  expect(await textOf(page)).toBe('What is this? {=a hive ~a skep ~a smoker}\n')

  // By key, with the file chooser; waiting for it begins before the key, which is quicker than the browser is told of that.
  const choosing = page.waitForEvent('filechooser')
  await source(page).press('Control+Home')
  await source(page).press('F4')
  await (await choosing).setFiles(hive.pathname)
  await dialog.getByRole('button', { name: 'Insert without description' }).click()
  await expect.poll(() => textOf(page)).toContain('<img src="hive-parts.png" alt="">What is this?')
  await source(page).press('Control+z')
  await saved(page)
  const strip = page.getByRole('region', { name: 'Pictures of this sheet' })
  await strip.getByRole('button', { name: /^Remove hive-parts/ }).click()
  await expect(strip).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(strip.getByRole('listitem')).toContainText('not used')
  await strip.getByRole('button', { name: /^Insert hive-parts/ }).click()
  await dialog.getByLabel('What does it show?').fill('A hive')
  await page.keyboard.press('Enter')
  await expect(page.locator('.leaf').getByRole('img', { name: 'A hive' })).toBeVisible()
})
