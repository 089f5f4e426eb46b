import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { shallowRef } from 'vue'
import StatesLeaf from '@/desk/leaves/states/StatesLeaf.vue'
import { plugins } from './plugins'
import { sheet } from './samples'

const { states, state } = vi.hoisted(() => ({ states: vi.fn(), state: vi.fn() }))
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    states,
    state,
    originalFile: (id: string) => `/file/${id}`,
    offer: () => Promise.resolve({ notations: [{ id: 'aiken', label: 'Aiken' }] }),
  },
}))
const say = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({
  useNotice: () => ({ say, asked: (call: () => Promise<unknown>) => call() }),
}))

describe('the earlier states', () => {
  const desk = {
    sheet: shallowRef(sheet()),
    settled: vi.fn(() => Promise.resolve()),
    replaceAll: vi.fn(),
    change: vi.fn(() => Promise.resolve(true)),
    undo: vi.fn(),
    keepAsSheet: vi.fn(() => Promise.resolve(true)),
  }
  const leaf = async () => {
    const wrapper = mount(StatesLeaf, { props: { desk: desk as never, sheetId: 's1' }, global: { plugins: plugins() } })
    await flushPromises()
    return wrapper
  }

  beforeEach(() => {
    vi.clearAllMocks()
    states.mockResolvedValue({
      states: [
        { id: 'b', at: new Date().toISOString(), reason: 'mend-of-many', notation: 'gift', questions: 28, sound: 12 },
        { id: 'a', at: new Date().toISOString(), reason: 'import', notation: 'aiken', questions: null, sound: null },
      ],
    })
    state.mockResolvedValue({
      text: 'as it was',
      differing: 14,
      places: [{ line: 3, before: 'was', after: 'is' }],
    })
  })

  it('are listed with their reason and how many questions were ready', async () => {
    const wrapper = await leaf()
    const rows = wrapper.findAll('.state').map((row) => row.text())
    expect(rows).toHaveLength(2)
    expect(rows[0]).toContain('before many places changed at once')
    expect(rows[0]).toContain('12 of 28 ready')
    expect(rows[1]).toContain('as it came')
    expect(wrapper.find('a').attributes('href')).toBe('/file/s1')
  })

  it('are shown against the text of today, one at a time', async () => {
    const wrapper = await leaf()
    await wrapper.findAll('.state')[1]?.trigger('click')
    await flushPromises()
    expect(state).toHaveBeenCalledWith('s1', 'a')
    expect(wrapper.find('.difference').text()).toContain('differs in 14 places')
    expect(wrapper.find('.difference').text()).toContain('in 13 more places')
    await wrapper.findAll('.state')[1]?.trigger('click')
    expect(wrapper.find('.difference').exists()).toBe(false)
  })

  it('are brought back as one step, or opened as a sheet of their own', async () => {
    const wrapper = await leaf()
    await wrapper.findAll('.state')[0]?.trigger('click')
    await flushPromises()
    const [back, beside] = wrapper.findAll('.doings button')
    await beside?.trigger('click')
    expect(desk.keepAsSheet).toHaveBeenCalledWith(expect.stringMatching(/^Swarms, today/), 'as it was', 'gift')
    await back?.trigger('click')
    await flushPromises()
    expect(desk.replaceAll).toHaveBeenCalledWith('as it was')
    expect(say).toHaveBeenCalledWith(expect.stringContaining('The text before is kept'), expect.any(Function))
    expect(states).toHaveBeenCalledTimes(2)
  })

  it('come back in the notation that they had', async () => {
    const wrapper = await leaf()
    expect(wrapper.findAll('.state')[1]?.text()).toContain('as it came · Aiken')
    await wrapper.findAll('.state')[1]?.trigger('click')
    await flushPromises()
    await wrapper.findAll('.doings button')[0]?.trigger('click')
    await flushPromises()
    expect(desk.change).toHaveBeenCalledExactlyOnceWith({ notation: 'aiken' })
    ;(say.mock.calls[0]?.[1] as () => void)()
    expect(desk.undo).toHaveBeenCalledOnce()
    expect(desk.change).toHaveBeenLastCalledWith({ notation: 'gift' })
  })

  it('cannot be brought back where nothing differs', async () => {
    state.mockResolvedValue({ text: 'the same', differing: 0, places: [] })
    const wrapper = await leaf()
    await wrapper.findAll('.state')[0]?.trigger('click')
    await flushPromises()
    expect(wrapper.find('.difference').text()).toContain('This is the text of today.')
    expect(wrapper.find('.doings button').attributes('disabled')).toBeDefined()
  })
})
