import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { useRouter } from 'vue-router'
import { type Created, Problem } from '@/api/client'
import { useBringIn } from '@/composables/useBringIn'
import { plugins } from './plugins'

const api = vi.hoisted(() => ({ bringIn: vi.fn(), takeOff: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api }))

/** Each file waits until the test lets it come, or refuses it. */
let underWay: {
  name: string
  comes: (untidy?: boolean) => Promise<unknown>
  fails: (message: string) => Promise<unknown>
}[]
const done = vi.fn()
let unmount = () => {}

beforeEach(() => {
  underWay = []
  done.mockReset()
  api.takeOff.mockReset().mockResolvedValue(undefined)
  api.bringIn.mockReset().mockImplementation(
    (file: File) =>
      new Promise<Created>((resolve, reject) => {
        underWay.push({
          name: file.name,
          comes: (untidy = false) => (resolve({ id: `id of ${file.name}`, untidy } as Created), flushPromises()),
          fails: (message) => (reject(new Problem(422, message)), flushPromises()),
        })
      }),
  )
})
afterEach(() => unmount())

function open() {
  let found!: ReturnType<typeof useBringIn>
  const push = vi.fn()
  const wrapper = mount(
    defineComponent({
      setup() {
        found = useBringIn(done)
        useRouter().push = push
        return () => h('div')
      },
    }),
    { global: { plugins: plugins() } },
  )
  unmount = () => wrapper.unmount()
  return { ...found, push }
}

const file = (name: string) => new File(['x'], name)
const at = (index: number) => underWay[index] as (typeof underWay)[number]

function dropped(...files: File[]): Event {
  const event = new Event('drop', { bubbles: true, cancelable: true })
  Object.assign(event, { dataTransfer: { files, types: ['Files'] } })
  window.dispatchEvent(event)
  return event
}

describe('bringing in', () => {
  it('opens a file that comes alone, a printed test where it is tidied', async () => {
    const { bringIn, push } = open()
    void bringIn([file('a.txt')])
    await at(0).comes()
    expect(push).toHaveBeenLastCalledWith({ name: 'desk', params: { id: 'id of a.txt', leaf: 'proof' } })
    void bringIn([file('b.docx')])
    await at(1).comes(true)
    expect(push).toHaveBeenLastCalledWith({ name: 'desk', params: { id: 'id of b.docx', leaf: 'tidied' } })
    expect(done).not.toHaveBeenCalled()
  })

  it('takes several one after the other, says which, and names each that does not come', async () => {
    const { bringIn, arrival, refusals, push } = open()
    void bringIn([file('a.txt'), file('b.pdf'), file('c.txt')])
    expect(arrival.value).toEqual({ name: 'a.txt', nth: 1, of: 3 })
    await at(0).comes()
    expect(arrival.value).toEqual({ name: 'b.pdf', nth: 2, of: 3 })
    await at(1).fails('This is a PDF.')
    await at(2).comes()
    expect(refusals.value).toEqual([{ name: 'b.pdf', message: 'This is a PDF.' }])
    expect(arrival.value).toBeNull()
    expect(done).toHaveBeenCalledExactlyOnceWith(2)
    expect(push).not.toHaveBeenCalled()
  })

  it('lets files that come meanwhile follow', async () => {
    const { bringIn, arrival } = open()
    void bringIn([file('a.txt')])
    void bringIn([file('b.txt')])
    expect(api.bringIn).toHaveBeenCalledOnce()
    expect(arrival.value).toEqual({ name: 'a.txt', nth: 1, of: 2 })
    await at(0).comes()
    await at(1).comes()
    expect(done).toHaveBeenCalledExactlyOnceWith(2)
  })

  it('stops: what came stays, what was under way is taken off again, the rest does not come', async () => {
    const { bringIn, stop, arrival } = open()
    void bringIn([file('a.txt'), file('b.txt'), file('c.txt')])
    await at(0).comes()
    stop()
    expect(arrival.value).toBeNull()
    await at(1).comes()
    expect(api.takeOff).toHaveBeenCalledExactlyOnceWith('id of b.txt')
    expect(api.bringIn).toHaveBeenCalledTimes(2)
    expect(done).toHaveBeenCalledExactlyOnceWith(1)
  })

  it('says nothing of a refusal that comes after the stop', async () => {
    const { bringIn, stop, refusals } = open()
    void bringIn([file('a.txt')])
    stop()
    await at(0).fails('Too late.')
    expect(refusals.value).toEqual([])
  })

  it('begins anew after a stop, while the old file is still under way', async () => {
    const { bringIn, stop, arrival, push } = open()
    void bringIn([file('a.txt')])
    stop()
    void bringIn([file('b.txt')])
    expect(arrival.value?.name).toBe('b.txt')
    await at(0).comes()
    expect(arrival.value?.name).toBe('b.txt')
    await at(1).comes()
    expect(push).toHaveBeenCalledExactlyOnceWith({ name: 'desk', params: { id: 'id of b.txt', leaf: 'proof' } })
  })

  it('takes what is dropped anywhere, and leaves a dragged text alone', async () => {
    const { isOver } = open()
    const over = new Event('dragover', { cancelable: true })
    Object.assign(over, { dataTransfer: { types: ['Files'] } })
    window.dispatchEvent(over)
    expect([isOver.value, over.defaultPrevented]).toEqual([true, true])
    expect(dropped(file('a.txt')).defaultPrevented).toBe(true)
    expect(isOver.value).toBe(false)
    expect(underWay.map(({ name }) => name)).toEqual(['a.txt'])
    expect(dropped().defaultPrevented).toBe(false)
  })

  it('knows that a file that was dragged over the page has left it', () => {
    const { isOver } = open()
    isOver.value = true
    window.dispatchEvent(Object.assign(new Event('dragleave'), { relatedTarget: null }))
    expect(isOver.value).toBe(false)
  })
})
