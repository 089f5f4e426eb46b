// Takes the pictures of docs/screenshots from a demo that runs: node e2e/screenshots.mjs http://127.0.0.1:8600
import { chromium } from '@playwright/test'
import { CHROMIUM, FLAGS } from './browser.mjs'

const address = process.argv[2] ?? 'http://127.0.0.1:8600'
const folder = new URL('../docs/screenshots/', import.meta.url).pathname
const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS })

async function open(path, { dark = false } = {}) {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light',
    reducedMotion: 'reduce',
  })
  const page = await context.newPage()
  await page.goto(address + path)
  return page
}

async function take(name, page) {
  await page.mouse.move(640, 799)
  await page.waitForTimeout(1200)
  await page.screenshot({ path: `${folder}${name}.png` })
  await page.context().close()
}

const { sheets } = await (await fetch(`${address}/api/shelf`)).json()
const sheet = (title, leaf) => `/sheets/${sheets.find((one) => one.title.startsWith(title)).id}/${leaf}`
const desk = async (title, leaf, options) => {
  const page = await open(sheet(title, leaf), options)
  await page.locator('.cm-content').waitFor()
  await page.waitForTimeout(1200)
  return page
}

await take('shelf', await open('/'))

async function sampleTable() {
  const page = await open('/about:blank')
  await page.route('**/api/shelf', (route) => route.fulfill({ json: { sheets: [] } }))
  await page.goto(`${address}/`)
  await page.getByRole('button', { name: /^Honey questions/ }).click()
  await page.getByRole('row', { name: /What do bees make honey from/ }).waitFor()
  return page
}

const empty = await open('/about:blank')
await empty.route('**/api/shelf', (route) => route.fulfill({ json: { sheets: [] } }))
await empty.goto(`${address}/`)
await take('shelf-empty', empty)

await take('desk-proof', await desk('Swarms', 'proof'))
await take('desk-tidied', await desk('Spring', 'tidied'))
await take('desk-columns', await sampleTable())
await take('desk-findings', await desk('Swarms', 'findings'))
await take('desk-handover', await desk('Swarms', 'handover'))
const chosen = await desk('Swarms', 'handover')
await chosen.getByRole('button', { name: /^Aiken/ }).click()
await take('desk-losses', chosen)
const paper = await desk('A year', 'handover')
await paper.getByRole('button', { name: /^Paper/ }).click()
await paper.frameLocator('iframe').getByRole('heading', { name: 'A year with bees' }).waitFor()
await take('desk-paper', paper)
const gram = await desk('A year', 'handover')
await gram.getByRole('button', { name: /^GIFT/ }).click()
await take('desk-gram', gram)

const cut = await desk('Winter course', 'rehearsal')
await cut.getByRole('button', { name: 'Go to question 20' }).click()
await take('desk-rehearsal', cut)

const sitting = await open(sheet('Castes', 'rehearsal').replace('/sheets/', '/sittings/').replace('/rehearsal', ''))
await sitting.getByRole('checkbox', { name: 'Mix the options' }).uncheck()
await sitting.getByRole('button', { name: 'Begin' }).click()
const answerTo = (number) => sitting.getByRole('group', { name: `Question ${number}`, exact: true })
await answerTo(1).getByRole('radio', { name: /one$/ }).first().check()
await answerTo(2).getByRole('checkbox').first().check()
await answerTo(3).getByRole('radio').first().check()
await sitting.getByRole('button', { name: 'Hand in' }).click()
await sitting.locator('.result').waitFor()
await take('sitting', sitting)

await take('desk-outline', await desk('A year', 'outline'))
const changed = await desk('A year', 'proof')
await changed.getByText('Which of these does a colony need in').last().dblclick()
await changed.getByRole('textbox', { name: 'Question text' }).waitFor()
await take('desk-change', changed)
const pictured = await desk('A year', 'proof')
await pictured.getByRole('region', { name: 'Pictures of this sheet' }).getByRole('button', { name: '16' }).click()
await take('desk-insert', pictured)

// All of these change a sheet of the demo: they come last.
const drafts = await desk('How a colony', 'proof')
for (let read = 0; read < 3; read += 1) {
  await drafts.keyboard.press('F9')
  await drafts.waitForTimeout(1500)
}
await take('desk-drafts', drafts)

const earlier = await desk('Swarms', 'states')
await earlier.locator('.cm-line').nth(1).click()
await earlier.keyboard.press('Home')
await earlier.keyboard.type('\n// seen in May')
await earlier.waitForTimeout(1500)
await earlier.getByRole('button', { name: /as it came/ }).click()
await take('desk-earlier', earlier)

const encoding = await desk('Castes', 'findings')
await encoding.getByRole('button', { name: 'UTF-8' }).click()
await encoding.getByRole('combobox').last().click()
await encoding.getByRole('option', { name: /Windows-1252/ }).click()
await take('encoding', encoding)

const mark = await desk('Foundation', 'tidied')
await mark.getByRole('button', { name: 'Use the tidied text' }).click()
await mark.getByText('10 questions to mark').waitFor()
await mark.keyboard.press('b')
await mark.keyboard.press('c')
await take('desk-mark', mark)


await browser.close()
