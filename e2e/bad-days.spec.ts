import { spawn, type ChildProcess, execFileSync } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync, appendFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { CHROMIUM, FLAGS } from './browser.mjs'
import { addressOf, expect, test } from './story'
import { saved, source, textOf } from './desk'

/** A disk of its own, small enough to fill, with a server whose sheets are on it. */
class SmallDisk {
  readonly folder = '/tmp/notagram-e2e-disk'
  readonly address = 'http://127.0.0.1:8615'
  private server: ChildProcess | null = null

  async start(): Promise<void> {
    this.unmount()
    mkdirSync(this.folder, { recursive: true })
    this.mount('-t', 'tmpfs', '-o', 'size=8m,mode=777', 'tmpfs', this.folder)
    this.server = spawn('../bin/demo', ['--port=8615'], { env: { ...process.env, DATABASE_PATH: `${this.folder}/sheets.db` }, stdio: 'ignore' })
    await expect.poll(() => fetch(`${this.address}/api/shelf`).then((answer) => answer.status, () => 0), { timeout: 60_000 }).toBe(200)
  }

  fill(): void {
    const file = `${this.folder}/fill`
    writeFileSync(file, '')
    for (const size of [100_000, 4_096, 1]) {
      try {
        for (;;) appendFileSync(file, Buffer.alloc(size))
      } catch {
        // No more of this size goes on it.
      }
    }
  }

  empty(): void {
    rmSync(`${this.folder}/fill`)
  }

  /** While a request still writes, the disk is busy. */
  async remount(mode: 'ro' | 'rw'): Promise<void> {
    await expect(() => this.mount('-o', `remount,${mode}`, this.folder)).toPass({ timeout: 15_000 })
  }

  async stop(): Promise<void> {
    const { server } = this
    if (server && server.exitCode === null) {
      const isOver = new Promise((resolve) => server.once('exit', resolve))
      server.kill('SIGTERM')
      await isOver
    }
    this.unmount()
  }

  private mount(...options: string[]): void {
    this.asRoot('mount', options)
  }

  private unmount(): void {
    try {
      this.asRoot('umount', ['-l', this.folder])
    } catch {
      // It was not there.
    }
  }

  private asRoot(command: string, options: string[]): void {
    if (process.getuid?.() === 0) execFileSync(command, options, { stdio: 'pipe' })
    else execFileSync('sudo', ['-n', command, ...options], { stdio: 'pipe' })
  }
}

test('a disk that is full, and one that may only be read: said, waited for, and nothing is lost', async ({ page }) => {
  test.setTimeout(180_000)
  const disk = new SmallDisk()
  await disk.start()
  try {
    await page.goto(disk.address)
    await page.getByRole('link', { name: 'Swarms and spring', exact: true }).click()
    await source(page).press('Control+End')
    await page.keyboard.type('\nBefore? {T}\n')
    await saved(page)

    disk.fill()
    let saves = 0
    page.on('request', (request) => (saves += request.url().endsWith('/edits') ? 1 : 0))
    await page.keyboard.type('\nOn a full disk? {T}\n')
    await expect(page.getByRole('alert')).toContainText('the disk is full')
    await expect(page.getByRole('alert')).toContainText('Your text is kept in this browser')
    await page.waitForTimeout(5_000)
    expect(saves).toBeLessThan(6)
    // Reading goes on meanwhile.
    expect((await fetch(`${disk.address}/api/shelf`)).status).toBe(200)
    disk.empty()
    await expect(page.locator('.save-note')).toHaveText(/^Saved/, { timeout: 30_000 })

    await disk.remount('ro')
    await page.keyboard.type('\nOn a disk to read? {T}\n')
    await expect(page.getByRole('alert')).toContainText('the disk is read-only')
    await disk.remount('rw')
    await expect(page.locator('.save-note')).toHaveText(/^Saved/, { timeout: 30_000 })
    await page.reload()
    await expect(source(page)).toBeVisible()
    expect(await textOf(page)).toMatch(/Before\? \{T\}\n\nOn a full disk\? \{T\}\n\nOn a disk to read\? \{T\}\n$/)
  } finally {
    await disk.stop()
  }
})

test('a page of another name that leads here is not served', async ({}, { parallelIndex }) => {
  const port = new URL(addressOf(parallelIndex)).port
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: [...FLAGS, '--host-resolver-rules=MAP evil.example 127.0.0.1'],
  })
  try {
    const page = await browser.newPage()
    const answer = await page.goto(`http://evil.example:${port}/`)
    expect(answer?.status()).toBe(400)
    expect(await page.locator('#app').count()).toBe(0)
    const stolen = await page.evaluate(async () => {
      const headers = { 'csrf-token': 'e'.repeat(36), 'content-type': 'application/json' }
      const shelf = await fetch('/api/shelf')
      const written = await fetch('/api/sheets', { method: 'POST', headers, body: JSON.stringify({ title: 'x', text: 'x' }) })
      return [shelf.status, written.status, await shelf.text()]
    })
    expect(stolen.slice(0, 2)).toEqual([400, 400])
    expect(stolen[2]).not.toContain('Swarms')
    expect((await (await browser.newPage()).goto(`http://localhost:${port}/`))?.status()).toBe(200)
  } finally {
    await browser.close()
  }
})
