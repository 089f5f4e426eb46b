import { expect, test } from './story'
import { readFileSync } from 'node:fs'
import { source } from './desk'

/**
 * The attack inputs of a sanitiser's own tests (Debian golang-github-microcosm-cc-bluemonday-dev, BSD-3), read from the
 * package; and a few of our own. The browser is the judge: nothing runs, nothing is loaded, nothing leaves its place.
 */
function attacks(): string[] {
  const file = readFileSync('/usr/share/gocode/src/github.com/microcosm-cc/bluemonday/sanitize_test.go', 'utf8')
  const literals = [...file.matchAll(/\bin:\s*(`[^`]*`|"(?:[^"\\]|\\.)*")/g)].map((match) => match[1] as string)
  const inputs = literals.map((literal) => (literal.startsWith('`') ? literal.slice(1, -1) : (JSON.parse(literal.replace(/\\x([0-9a-f]{2})/gi, '\\u00$1').replace(/\\'/g, "'")) as string)))
  return [
    ...inputs,
    '<img src=x onerror="window.hacked=1">',
    '<svg onload="window.hacked=1">',
    '<a href="javascript:window.hacked=1">click</a>',
    '<div style="position:fixed;inset:0;background:red">over all</div>',
    '<img src="https://example.org/pixel.png"><link rel=stylesheet href="https://example.org/x.css">',
    '</div></div></section><h1 id="app" class="app-bar">out of its place</h1>',
    '<base href="https://example.org/"><meta http-equiv=refresh content="0;url=https://example.org">',
    '<iframe srcdoc="<script>parent.hacked=1</script>"></iframe>',
  ]
}

test('markup from a question runs nothing, loads nothing, and stays in its place', async ({ page, request }) => {
  test.setTimeout(150_000)
  const outside: string[] = []
  page.on('request', (one) => {
    if (!one.url().startsWith('http://127.0.0.1:') && !one.url().startsWith('data:')) outside.push(one.url())
  })
  page.on('dialog', async (dialog) => {
    outside.push(`dialog: ${dialog.message()}`)
    await dialog.dismiss()
  })
  const escape = (text: string) => text.replace(/[~=#{}:\\]/g, '\\$&').replace(/\s*[\r\n\0]\s*/g, '\\n')
  const inputs = attacks()
  expect(inputs.length).toBeGreaterThan(100)
  // Each in Markdown, and without a format, where HTML is shown.
  const text = inputs.map((input) => `${escape(input)} {=[markdown]${escape(input)} ~no}`).join('\n\n')
  const created = await request.post('/api/sheets', {
    headers: { 'csrf-token': 'e'.repeat(36), 'sec-fetch-site': 'same-origin' },
    data: { title: 'Hostile', text, notation: 'gift' },
  })
  expect(created.ok()).toBe(true)
  const { id } = (await created.json()) as { id: string }
  // A tall page needs fewer turns to show everything.
  await page.setViewportSize({ width: 1280, height: 3200 })
  await page.goto(`/sheets/${id}/proof`)
  await expect(source(page)).toBeVisible()

  const list = page.getByRole('region', { name: 'Proof' })
  await list.focus()
  const bar = await page.locator('.app-bar').boundingBox()
  let isAtEnd = false
  while (!isAtEnd) {
    const seen = await list.evaluate(async (element) => {
      // What has come into sight stands after the next picture, and after another one where its height was not known.
      for (let pictures = 0; pictures < 3; ++pictures) await new Promise((resolve) => requestAnimationFrame(resolve))
      const isAtEnd = element.scrollTop + element.clientHeight >= element.scrollHeight - 1
      element.scrollTop += element.clientHeight
      return {
        isAtEnd,
        questions: element.querySelectorAll('.question-proof').length,
        hostile: element.querySelectorAll('.pupil :is(script, style, iframe, object, embed, svg, form, input, link, base, meta), .pupil [style], .pupil [id], .pupil [onerror]').length,
      }
    })
    expect(seen.questions).toBeGreaterThan(0)
    expect(seen.hostile).toBe(0)
    isAtEnd = seen.isAtEnd
  }
  expect(await page.evaluate(() => (window as unknown as { hacked?: number }).hacked)).toBeUndefined()
  expect(await page.locator('.app-bar').count()).toBe(1)
  expect(await page.locator('.app-bar').boundingBox()).toEqual(bar)
  expect(outside).toEqual([])
})

test('long words, wide pictures and stacked marks stay in their place', async ({ page, request }) => {
  const marks = `e${'\u0301\u0302\u0303\u0304'.repeat(40)}`
  const word = 'x'.repeat(300)
  const picture = 'data:image/gif;base64,R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw'
  const text = `::${word}:: Which bee mates? {
=drone#[html]<pre>${word}</pre>
~worker#${word}
~${marks}#${marks.repeat(8)}
####[html]<img src\\="${picture}" width\\="2400" height\\="60" alt\\="wide"><table><tr><td>${word}</td></tr></table>
}

::${marks}:: After ${marks.repeat(20)}? {T#${marks}#[html]<pre>${word}</pre>}

Match. {=${word} -> ${word} =a -> ${marks.repeat(6)} =b -> c}

Type. {=${word} =${marks} =x#${word}}
`
  const created = await request.post('/api/sheets', {
    headers: { 'csrf-token': 'e'.repeat(36), 'sec-fetch-site': 'same-origin' },
    data: { title: 'Awkward', text, notation: 'gift' },
  })
  const { id } = (await created.json()) as { id: string }
  await page.setViewportSize({ width: 1024, height: 3000 })
  await page.goto(`/sheets/${id}/proof`)
  await expect(page.locator('.question-proof')).toHaveCount(4)

  const measured = await page.evaluate(() => {
    const right = document.querySelector('.question-proof')?.getBoundingClientRect().right ?? 0
    const texts = [...document.querySelectorAll('.question-proof :is(h3, .question-text, .pupil, .aside)')]
    const scroller = document.querySelector('.cm-scroller')
    return {
      page: document.documentElement.scrollWidth,
      tooWide: texts.filter((text) => text.getBoundingClientRect().right > right + 1).map((text) => text.className),
      unclipped: texts.filter((text) => text.matches('.question-text') && getComputedStyle(text).contain !== 'paint').length,
      source: scroller ? scroller.scrollWidth - scroller.clientWidth : -1,
    }
  })
  expect(measured).toEqual({ page: 1024, tooWide: [], unclipped: 0, source: 0 })
})
