import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { type Edit, Problem, type Proposal } from '@/api/client'
import { useProposal } from '@/desk/leaves/outline/useProposal'
import { plugins } from './plugins'

const edit: Edit = { from: 0, to: 1, text: 'x' }
const proposal = (...edits: Edit[]): Proposal => ({
  edits,
  values: edits.map(() => ({ question: 1, before: null, after: 'x' })),
  notes: [],
})

describe('what many questions would become', () => {
  const wish = ref('')
  const ask = vi.fn<(base: string) => Promise<Proposal> | null>()
  const applied = vi.fn<(base: string, edits: readonly Edit[]) => Promise<boolean>>()
  const shown: (Proposal | null)[] = []
  let base = 'h1'

  beforeEach(() => {
    vi.useFakeTimers()
    wish.value = 'a'
    base = 'h1'
    shown.length = 0
    ask.mockReset().mockResolvedValue(proposal(edit))
    applied.mockReset().mockResolvedValue(true)
  })
  afterEach(() => void vi.useRealTimers())

  function open() {
    let used: ReturnType<typeof useProposal> | null = null
    const wrapper = mount(
      defineComponent({
        setup() {
          used = useProposal(
            { edited: vi.fn(), applied, base: () => Promise.resolve(base), undo: vi.fn() },
            () => wish.value,
            ask,
            (found) => shown.push(found),
          )
          return () => null
        },
      }),
      { global: { plugins: plugins() } },
    )
    return { wrapper, use: () => used ?? expect.fail() }
  }
  const settle = async () => {
    await vi.advanceTimersByTimeAsync(200)
    await flushPromises()
  }

  it('is shown once it is known, and taken for the text that it was worked out for', async () => {
    const { use } = open()
    expect(use().isReady.value).toBe(false)
    await settle()
    expect([use().isReady.value, shown]).toEqual([true, [proposal(edit)]])
    base = 'h2'
    expect(await use().take()).toBe(true)
    expect(applied).toHaveBeenCalledWith('h1', [edit])
  })

  it('is asked for at once where Enter is quicker than the answer', async () => {
    const { use } = open()
    const taken = use().take()
    await flushPromises()
    expect(await taken).toBe(true)
    expect([ask.mock.calls.length, applied.mock.calls.length]).toEqual([1, 1])
  })

  it('is taken where what was typed just before Enter asks once more while the answer is on its way', async () => {
    const { use } = open()
    await settle()
    ask.mockClear()
    ask.mockImplementation(() => new Promise((resolve) => setTimeout(() => resolve(proposal(edit)), 500)))
    wish.value = 'b'
    await flushPromises()
    const taken = use().take()
    await vi.advanceTimersByTimeAsync(2_000)
    expect(await taken).toBe(true)
    expect(applied).toHaveBeenCalledTimes(1)
  })

  it('is not taken for another wish than the one that is shown', async () => {
    const { use } = open()
    await settle()
    wish.value = 'b'
    ask.mockResolvedValue(proposal())
    expect(use().isReady.value).toBe(false)
    expect(await use().take()).toBe(false)
    expect(applied).not.toHaveBeenCalled()
  })

  it('says what the server refuses, and shows nothing meanwhile', async () => {
    const { use } = open()
    await settle()
    ask.mockRejectedValue(new Problem(422, 'The pattern names no part.'))
    wish.value = '{nobody}'
    await settle()
    expect([use().refusal.value, use().proposal.value, shown.at(-1)]).toEqual([
      'The pattern names no part.',
      null,
      null,
    ])
    ask.mockResolvedValue(proposal(edit))
    wish.value = '{last}'
    await settle()
    expect([use().refusal.value, use().isReady.value]).toEqual(['', true])
  })

  it('says nothing where the text became another meanwhile', async () => {
    ask.mockRejectedValue(new Problem(409, 'This is another text.'))
    const { use } = open()
    await settle()
    expect([use().refusal.value, use().proposal.value]).toEqual(['', null])
  })

  it('wishes nothing where nothing is chosen, and is gone with its panel', async () => {
    ask.mockReturnValue(null)
    const { wrapper, use } = open()
    await settle()
    expect([use().isReady.value, use().proposal.value]).toEqual([false, null])
    wrapper.unmount()
    expect(shown.at(-1)).toBeNull()
  })
})
