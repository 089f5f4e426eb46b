// Opens large sheets in a real browser and presses keys: how long until the first proof stands, until the character is
// painted, and until the proof shows it.
import { chromium } from '@playwright/test'
import { readFile } from 'node:fs/promises'

const PRESSES = 200
const [base, ...files] = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic'] })

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

for (const file of files) {
  const text = await readFile(file, 'utf8')
  const questions = text.split('\n\n').filter(Boolean).length
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(watch)
  await page.goto(base)
  const id = await page.evaluate(async (body) => {
    const answer = await fetch('/api/sheets', {
      method: 'POST',
      headers: { 'content-type': 'application/json', accept: 'application/json', 'csrf-token': crypto.randomUUID() },
      body: JSON.stringify(body),
    })
    return (await answer.json()).id
  }, { title: `Bench ${questions}`, text, notation: 'gift' })
  const start = Date.now()
  await page.goto(`${base}/sheets/${id}/proof`)
  await page.locator('.question-proof .stem').first().waitFor()
  const opened = Date.now() - start

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
  console.log(`${questions} questions: first proof after ${opened} ms; a key is painted in ${shown(painted)}; its proof stands in ${shown(proofed)} (${PRESSES} presses)`)
  await page.close()
}
await browser.close()
