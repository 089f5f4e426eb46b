import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import FacingList from '@/desk/leaves/FacingList.vue'

/** Observers that tell what the test wants them to. */
const observers: { told: ResizeObserverCallback; of: Set<Element> }[] = []
class Observer {
  private readonly entry: (typeof observers)[number]
  constructor(told: ResizeObserverCallback) {
    this.entry = { told, of: new Set() }
    observers.push(this.entry)
  }
  observe(element: Element): void {
    this.entry.of.add(element)
  }
  unobserve(element: Element): void {
    this.entry.of.delete(element)
  }
  disconnect(): void {
    this.entry.of.clear()
  }
}

async function resized(element: Element, height: number): Promise<void> {
  for (const { told, of } of observers) {
    if (of.has(element))
      told(
        [
          {
            target: element,
            contentRect: { height },
            borderBoxSize: [{ blockSize: height }],
          } as unknown as ResizeObserverEntry,
        ],
        {} as ResizeObserver,
      )
  }
  await nextTick()
}

beforeEach(() => {
  observers.length = 0
  vi.stubGlobal('ResizeObserver', Observer)
})
afterEach(() => vi.unstubAllGlobals())

const things = (count: number) => Array.from({ length: count }, (_, index) => ({ key: `k${index}` }))

interface Exposed {
  indexAt: (y: number) => number
  extentOf: (index: number) => { top: number; bottom: number }
}

async function open(count: number, height = 300) {
  const shown = mount(FacingList, {
    props: { items: things(count), estimate: () => 100, label: 'Things' },
    slots: { default: ({ item }: { item: { key: string } }) => item.key, empty: () => 'Nothing here.' },
  })
  const list = shown.find('.facing-list').element as HTMLElement
  await nextTick()
  await resized(list, height)
  return {
    shown,
    list,
    view: shown.vm as unknown as Exposed,
    keys: () => shown.findAll('.item').map((item) => item.text()),
  }
}

async function scrolled(list: HTMLElement, to: number): Promise<void> {
  list.scrollTop = to
  list.dispatchEvent(new Event('scroll'))
  await nextTick()
}

describe('a list that faces the source', () => {
  it('draws what is in sight and a little around it, of a thousand', async () => {
    const { keys, list } = await open(1_000)
    expect(keys()).toEqual(['k0', 'k1', 'k2', 'k3', 'k4', 'k5', 'k6'])
    await scrolled(list, 50_000)
    expect(keys()[0]).toBe('k495')
    expect(keys().length).toBeLessThan(16)
  })

  it('draws everything for paper, and what is in sight after that', async () => {
    const { keys } = await open(1_000)
    window.dispatchEvent(new Event('beforeprint'))
    await nextTick()
    expect(keys()).toHaveLength(1_000)
    window.dispatchEvent(new Event('afterprint'))
    await nextTick()
    expect(keys()).toHaveLength(7)
  })

  it('draws a window full before it was laid out once', () => {
    const shown = mount(FacingList, { props: { items: things(50), estimate: () => 100, label: 'Things' } })
    expect(shown.findAll('.item').length).toBe(Math.floor((window.innerHeight + 400 - 14) / 100) + 1)
  })

  it('says where each item lies, and which one begins at a height', async () => {
    const { view } = await open(1_000)
    expect(view.extentOf(3)).toEqual({ top: 314, bottom: 414 })
    expect([0, 113, 114, 50_000, 10_000_000].map(view.indexAt)).toEqual([0, 0, 1, 499, 999])
  })

  it('moves what is below once an item is as tall as it is', async () => {
    const { shown, view } = await open(20)
    await resized(shown.findAll('.item')[0]?.element as Element, 250)
    await nextTick()
    expect(view.extentOf(1).top).toBe(264)
    expect(shown.emitted('moved')?.length).toBeGreaterThan(0)
  })

  it('keeps the height of an item that is no longer drawn', async () => {
    const { shown, list, view } = await open(200)
    await resized(shown.findAll('.item')[0]?.element as Element, 250)
    await nextTick()
    await scrolled(list, 10_000)
    expect(shown.find('[data-key="k0"]').exists()).toBe(false)
    expect(view.extentOf(0)).toEqual({ top: 14, bottom: 264 })
  })

  it('leaves room below the last, so that it can be brought up to where one reads', async () => {
    const { shown } = await open(3, 1_000)
    expect((shown.find('.all').element as HTMLElement).style.height).toBe('714px')
  })

  it('tells that it moved when it is scrolled, and is reached and named by key', async () => {
    const { shown, list } = await open(1_000)
    const before = shown.emitted('moved')?.length ?? 0
    await scrolled(list, 200)
    expect(shown.emitted('moved')?.length).toBeGreaterThan(before)
    expect([list.tabIndex, list.getAttribute('role'), list.getAttribute('aria-label')]).toEqual([0, 'region', 'Things'])
  })

  it('says what is to be said where there is nothing', async () => {
    const { shown } = await open(0)
    expect(shown.text()).toBe('Nothing here.')
  })
})
