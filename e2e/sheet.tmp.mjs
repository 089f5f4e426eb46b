import { chromium } from '@playwright/test'
import { readFileSync } from 'node:fs'
const base = process.argv[2]
const only = process.argv[3]?.split(',')
const id = { gift: '01a21f88-5d64-70e1-94cb-a23f0fcc6789', aiken:'01a21f88-5d54-7bf5-89a9-b3ab79bd815f', key:'01a21f88-5d2b-7286-9815-cc25e98b8173', win:'01a21f88-5d50-7253-8374-20169cc16cc1' }
const views = { shelf: '/', proof: `/sheets/${id.gift}/proof`, findings:`/sheets/${id.gift}/findings`, handover:`/sheets/${id.gift}/handover`, tidied:`/sheets/${id.key}/tidied`, proofwait:`/sheets/${id.key}/proof`, guide:'/guide', guidepage:'/guide/2-tidy' }
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--headless','--no-sandbox','--disable-gpu','--disable-background-networking'] })
for (const [name, path] of Object.entries(views)) { if (only && !only.includes(name)) continue
  const shots=[]
  for (const [w,h,dark] of [[1024,700,false],[390,844,false],[390,844,true],[1024,700,true]]) {
    const p = await b.newPage({ viewport:{width:w,height:h}, colorScheme: dark?'dark':'light' })
    await p.goto(base+path); await p.waitForTimeout(1300)
    shots.push([w,h,(await p.screenshot()).toString('base64')]); await p.close()
  }
  const p = await b.newPage({ viewport:{width:1024+390+390+30,height:844} })
  await p.setContent(`<body style="margin:0;background:#888;display:flex;gap:10px">${shots.slice(0,3).map(([w,h,s])=>`<img width=${w} height=${h} src="data:image/png;base64,${s}">`).join('')}</body>`)
  await p.waitForTimeout(300)
  await p.screenshot({ path:`/tmp/x/look/${name}.png` })
  await p.setContent(`<body style="margin:0"><img src="data:image/png;base64,${shots[3][2]}"></body>`); await p.setViewportSize({width:1024,height:700}); await p.waitForTimeout(200); await p.screenshot({ path:`/tmp/x/look/${name}-dark.png` })
  await p.close()
}
await b.close()
