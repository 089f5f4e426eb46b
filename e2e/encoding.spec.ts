import { expect, test } from './story'
import { readFile } from 'node:fs/promises'
import { openLeaf, saved, textOf } from './desk'

const TEXT = 'Où est l’abeille ? {=ici ~là}\n'
// In Windows-1252, ù is F9, ’ is 92, à is E0.
const BYTES = Buffer.from(TEXT.replace('ù', '\u00f9').replace('’', '\u0092'), 'latin1')

test('drop a Windows-1252 file, get UTF-8', async ({ page }) => {
  await page.goto('/')
  const transfer = await page.evaluateHandle((bytes) => {
    const data = new DataTransfer()
    data.items.add(new File([new Uint8Array(bytes)], 'Abeilles.txt', { type: 'text/plain' }))
    return data
  }, [...BYTES])
  await page.dispatchEvent('body', 'dragover', { dataTransfer: transfer })
  await expect(page.getByText('Drop to add')).toBeVisible()
  await page.dispatchEvent('body', 'drop', { dataTransfer: transfer })

  await expect(page.locator('.question-proof .stem')).toHaveText('Où est l’abeille ?')
  await openLeaf(page, 'Findings')
  await expect(page.getByText('Windows-1252 (Western Europe), and is not in UTF-8').or(page.getByText('The file seems to be in Windows-1252 (Western Europe), not in UTF-8'))).toBeVisible()

  // A wrong choice shows at once, and can be taken back.
  await page.getByRole('button', { name: 'Choose another encoding' }).click()
  await page.getByRole('combobox', { name: 'Encoding' }).click()
  await page.getByRole('option', { name: 'Windows-1251 (Cyrillic)' }).click()
  await page.getByRole('button', { name: 'Re-read in this encoding' }).click()
  await expect.poll(() => textOf(page)).toBe('Oщ est l’abeille ? {=ici ~lа}\n')
  await page.getByRole('button', { name: 'Windows-1251 (Cyrillic)' }).click()
  await page.getByRole('combobox', { name: 'Encoding' }).click()
  await page.getByRole('option', { name: 'Windows-1252 (Western Europe)' }).click()
  await page.getByRole('button', { name: 'Re-read in this encoding' }).click()
  await expect.poll(() => textOf(page)).toBe(TEXT)

  await page.getByRole('button', { name: 'Save as UTF-8' }).click()
  await expect(page.locator('.finding-note:not(.is-hint)')).toHaveCount(0)
  await saved(page)
  await openLeaf(page, 'Hand over')
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Download my own text, fixed' }).click()])
  expect(download.suggestedFilename()).toBe('Abeilles.txt')
  expect(await readFile(await download.path())).toEqual(Buffer.from(TEXT, 'utf8'))
})

test('a file that cannot be read is refused with what to do instead', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('complementary').locator('input[type=file]').setInputFiles([
    { name: 'Old test.docx', mimeType: 'application/octet-stream', buffer: Buffer.from('PK\u0003\u0004 [Content_Types].xml word/document.xml', 'latin1') },
    { name: 'Noise.txt', mimeType: 'text/plain', buffer: Buffer.from(Array.from({ length: 4000 }, (_, index) => (index * 7) % 32)) },
  ])
  await expect(page.getByRole('alert').filter({ hasText: 'Old test.docx' })).toContainText('save it again')
  await expect(page.getByRole('alert').filter({ hasText: 'Noise.txt' })).toContainText('does not look like text')
})
