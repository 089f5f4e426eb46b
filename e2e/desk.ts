import { readFile } from 'node:fs/promises'
import { expect, type Page } from './story'

const DEMO = new URL('../app/demo/', import.meta.url).pathname

/** The source of the sheet that is open. */
export const source = (page: Page) => page.locator('.cm-content')

export const saved = (page: Page) => expect(page.locator('.save-note')).toHaveText(/^Saved/)

/** Opens a demo sheet by its name on the shelf. */
export async function openSheet(page: Page, title: string): Promise<void> {
  await page.goto('/')
  await page.getByRole('link', { name: title, exact: true }).click()
  await expect(source(page)).toBeVisible()
  await expect(page.locator('.expected-count')).toBeVisible()
}

/** Puts a text on the shelf as one pastes it, and opens it. */
export async function pasteSheet(page: Page, title: string, text: string): Promise<void> {
  await page.goto('/')
  await page.getByRole('button', { name: 'Paste text' }).click()
  await page.getByLabel('Your text').fill(text)
  await page.getByLabel('Name of the sheet').fill(title)
  await page.getByRole('button', { name: 'Add the sheet' }).click()
  await expect(source(page)).toBeVisible()
}

/** Drops a file of the demo under a name of its own. */
export async function drop(page: Page, file: string, name: string): Promise<void> {
  const bytes = (await readFile(DEMO + file)).toString('base64')
  await page.evaluate(
    ({ bytes: encoded, name: fileName }) => {
      const data = new DataTransfer()
      data.items.add(new File([Uint8Array.from(atob(encoded), (one) => one.charCodeAt(0))], fileName))
      window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, cancelable: true }))
    },
    { bytes, name },
  )
}

export async function openLeaf(page: Page, name: 'Tidied' | 'Columns' | 'Proof' | 'Findings' | 'Names & points' | 'Rehearsal' | 'Hand over' | 'Earlier'): Promise<void> {
  await page.getByRole('navigation', { name: 'Leaves' }).getByRole('link', { name }).click()
}

/** Chooses where the sheet goes, on the leaf Hand over. */
export async function handOverAs(page: Page, target: string | RegExp): Promise<void> {
  await page.getByRole('region', { name: 'Where does it go?' }).getByRole('button', { name: target }).click()
  // The keys are on what was chosen by then, and stay where a story puts them next.
  await expect(page.getByRole('button', { name: /^Hand over as .* Choose another target$/ })).toBeFocused()
}

export const downloadButton = (page: Page) => page.getByRole('button', { name: /^Download “/ })

/** What the editor holds, line by line. */
export const textOf = (page: Page) => page.evaluate(() => {
  const content = document.querySelector('.cm-content') as unknown as { cmTile?: { view: unknown }; cmView?: { view: unknown } }
  const view = (content.cmTile ?? content.cmView)?.view as { state: { doc: { toString: () => string } } }
  return view.state.doc.toString()
})
