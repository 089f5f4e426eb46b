import { test as base } from '@playwright/test'

export { expect, type Page } from '@playwright/test'

/** The server of one worker. Each has a shelf of its own, since stories put sheets on it and take them off. */
export const addressOf = (worker: number) => `http://127.0.0.1:${8610 + worker}`

export const test = base.extend({
  baseURL: async ({}, use, { parallelIndex }) => {
    await use(addressOf(parallelIndex))
  },
})
