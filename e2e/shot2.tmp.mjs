import { chromium } from '@playwright/test'
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--headless','--no-sandbox','--disable-gpu'] })
const p = await b.newPage({ viewport: { width: 1280, height: 800 } })
await p.goto('http://127.0.0.1:8701/'); await p.getByRole('link',{name:'Swarms and spring'}).click(); await p.waitForTimeout(800)
await p.getByRole('link',{name:'Hand over'}).click(); await p.waitForTimeout(1500)
await p.screenshot({ path: '/tmp/x/h1.png' })
await p.getByRole('button',{name:/^Aiken/}).click(); await p.waitForTimeout(1200)
await p.screenshot({ path: '/tmp/x/h2.png' }); await b.close()
