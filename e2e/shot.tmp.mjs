import { chromium } from '@playwright/test'
const [,, url, out, opts='{}'] = process.argv
const o = JSON.parse(opts)
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--headless','--no-sandbox','--disable-gpu','--disable-background-networking'] })
const p = await b.newPage({ viewport: { width: o.w ?? 1280, height: o.h ?? 800 }, colorScheme: o.dark ? 'dark':'light' })
await p.goto(url); await p.waitForTimeout(o.wait ?? 1500)
if (o.js) { console.log(JSON.stringify(await p.evaluate(o.js))); await p.waitForTimeout(400) }
if (o.keys) for (const k of o.keys) { await p.keyboard.press(k); await p.waitForTimeout(250) }
await p.screenshot({ path: out }); await b.close()
