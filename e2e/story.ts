import { type BrowserContext, test as base } from '@playwright/test'

export { expect, type Page } from '@playwright/test'

/** The server of one worker. Each has a shelf of its own, since stories put sheets on it and take them off. */
export const addressOf = (worker: number) => `http://127.0.0.1:${8610 + worker}`

/** The stories of one worker share a browser's files of the application, as its visitor does, and nothing that was kept or left open. */
export const test = base.extend<object, { visitor: BrowserContext }>({
  visitor: [
    async ({ browser }, use, { parallelIndex, project }) => {
      const visitor = await browser.newContext({ ...project.use, baseURL: addressOf(parallelIndex) })
      await use(visitor)
      await visitor.close()
    },
    { scope: 'worker' },
  ],
  baseURL: async ({}, use, { parallelIndex }) => {
    await use(addressOf(parallelIndex))
  },
  context: async ({ visitor }, use, { parallelIndex }) => {
    await use(visitor)
    const cleaner = await visitor.newPage()
    const protocol = await visitor.newCDPSession(cleaner)
    await Promise.all(visitor.pages().filter((page) => page !== cleaner).map((page) => page.close()))
    await protocol.send('Storage.clearDataForOrigin', { origin: addressOf(parallelIndex), storageTypes: 'local_storage' })
    await cleaner.close()
  },
})
