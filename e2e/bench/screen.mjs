// Opens large sheets and a long shelf in a real browser and presses keys: how long until the first proof stands, until the
// character is painted, and until the proof shows it.
import { chromium } from '@playwright/test'
import { CHROMIUM, FLAGS } from '../browser.mjs'
import { readFile } from 'node:fs/promises'

const PRESSES = 100
const SUGGESTIONS = 40
const OPENINGS = 5
const SHEETS = 500
const QUIET = 2_500
const [base, ...files] = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS })

const at = (times, share) => times.toSorted((one, other) => one - other)[Math.min(times.length - 1, Math.floor(share * times.length))]
const shown = (times) => `median ${at(times, 0.5).toFixed(0)} ms, 95th percentile ${at(times, 0.95).toFixed(0)} ms`

/** Waits in the page until the next frame is painted, or until the proof holds a text. */
const watch = () => {
  const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)))
  document.addEventListener(
    'keydown',
    async () => {
      const start = performance.now()
      await painted()
      window.pressed = { painted: performance.now() - start, start }
    },
    true,
  )
}

/** Clicks a link: milliseconds until what it leads to is painted. */
const clicked = ([link, sign]) =>
  new Promise((resolve) => {
    const start = performance.now()
    document.querySelector(link).click()
    const look = () => {
      if (document.querySelector(sign)) requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)))
      else setTimeout(look, 1)
    }
    look()
  })

const created = (page, title, text) =>
  page.evaluate(
    async (body) => {
      const answer = await fetch('/api/sheets', {
        method: 'POST',
        headers: { 'content-type': 'application/json', accept: 'application/json', 'csrf-token': crypto.randomUUID() },
        body: JSON.stringify(body),
      })
      return (await answer.json()).id
    },
    { title, text, notation: 'gift' },
  )

for (const file of files) {
  const text = await readFile(file, 'utf8')
  const questions = text.split('\n\n').filter(Boolean).length
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(watch)
  await page.goto(base)
  const id = await created(page, `Bench ${questions}`, text)
  const byAddress = []
  const fromShelf = []
  for (let time = 0; time < OPENINGS; time += 1) {
    await page.goto(base)
    await page.locator('.sheet-row').first().waitFor()
    // What the last opening left for the server to do is none of this one's.
    await page.waitForTimeout(QUIET)
    fromShelf.push(await page.evaluate(clicked, [`.sheet-row a[href*="${id}"]`, '.question-proof .stem']))
    await page.waitForTimeout(QUIET)
    const start = Date.now()
    await page.goto(`${base}/sheets/${id}/proof`)
    await page.locator('.question-proof .stem').first().waitFor()
    byAddress.push(Date.now() - start)
    await page.locator('.expected-count', { hasNotText: '…' }).waitFor()
  }
  await page.waitForTimeout(QUIET)

  // Into a stem near the top, whose proof is in sight.
  await page.locator('.cm-line', { hasText: 'A prime swarm of hive 1 leaves' }).click({ position: { x: 2, y: 8 } })
  const stem = page.locator('.question-proof .stem', { hasText: 'prime swarm of hive 1 leaves' })
  await stem.waitFor()
  const painted = []
  const proofed = []
  let typed = ''
  await page.keyboard.type('zz')
  for (let press = 0; press < PRESSES; press += 1) {
    typed += 'abcdefghij'[press % 10]
    const seen = page.evaluate(
      (wanted) =>
        new Promise((resolve) => {
          const look = () => {
            const found = [...document.querySelectorAll('.question-proof .stem')].some((one) => one.textContent.includes(wanted))
            if (found) requestAnimationFrame(() => setTimeout(() => resolve(performance.now())))
            else setTimeout(look, 1)
          }
          look()
        }),
      typed,
    )
    await page.keyboard.press('abcdefghij'[press % 10])
    const end = await seen
    const pressed = await page.evaluate(() => window.pressed)
    painted.push(pressed.painted)
    proofed.push(end - pressed.start)
  }
  console.log(`${questions} questions: first proof from the shelf in ${shown(fromShelf)}, by its address in ${shown(byAddress)}`)
  console.log(`${questions} questions: a key is painted in ${shown(painted)}; its proof stands in ${shown(proofed)} (${PRESSES} presses)`)

  // Below the last question, where a category begins: from the key to its suggestions.
  await page.keyboard.press('Control+End')
  await page.keyboard.type('\n\n$CATEGORY:')
  await page.waitForTimeout(QUIET)
  const suggested = []
  for (let time = 0; time < SUGGESTIONS; time += 1) {
    const seen = page.evaluate(
      () =>
        new Promise((resolve) => {
          const look = () => {
            if (document.querySelector('.cm-tooltip-autocomplete')) requestAnimationFrame(() => setTimeout(() => resolve(performance.now())))
            else setTimeout(look, 1)
          }
          look()
        }),
    )
    await page.keyboard.press('Space')
    const end = await seen
    suggested.push(end - (await page.evaluate(() => window.pressed.start)))
    await page.keyboard.press('Escape')
    await page.keyboard.press('Backspace')
    await page.waitForTimeout(300)
  }
  console.log(`${questions} questions: suggestions stand in ${shown(suggested)} (${SUGGESTIONS} times)`)
  await page.close()
}

const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(base)
const some = (await readFile(files[0], 'utf8')).split('\n\n').slice(0, 20).join('\n\n')
for (let number = 1; number <= SHEETS; number += 1) await created(page, `Hive ${number}`, some.replaceAll('hive', `hive ${number}`))
const ofShelf = []
for (let time = 0; time <= OPENINGS; time += 1) {
  await page.goto(base)
  await page.locator('.sheet-row a').first().click()
  await page.waitForTimeout(QUIET)
  ofShelf.push(await page.evaluate(clicked, ['a[href="/"]', '.sheet-row']))
}
// The first time, the sheets are read.
console.log(`The shelf of ${SHEETS} sheets: ${shown(ofShelf.slice(1))}`)
await browser.close()
