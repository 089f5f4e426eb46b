import AxeBuilder from '@axe-core/playwright'
import type { Page } from './story'

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

/** No frame of ours comes from elsewhere: its answers need no page of their own to be put together. */
const onPage = (page: Page) => new AxeBuilder({ page }).setLegacyMode(true)

/** The accessibility checker on a page. */
export const checkerOf = (page: Page) => onPage(page).withTags(RULES)

/** For a page that was checked in other colours. */
export const contrastOf = (page: Page) => onPage(page).withRules('color-contrast')
