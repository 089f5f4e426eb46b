import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { type Edit, Problem } from '@/api/client'
import { useEdits } from '@/desk/useEdits'
import { plugins } from './plugins'

const said = vi.hoisted(() => vi.fn())
vi.mock('@/composables/useNotice', () => ({ useNotice: () => ({ say: said }) }))

const put = (text: string): { edits: Edit[] } => ({ edits: [{ from: 0, to: 0, text }] })

function open() {
  const server = { hash: 'h1', isSettled: true }
  const applyQuietly = vi.fn<(edits: readonly Edit[], event: string) => void>()
  const saving = { saved: () => Promise.resolve(), isSettled: () => server.isSettled, hash: () => server.hash }
  let edits!: ReturnType<typeof useEdits>
  mount(
    defineComponent(() => {
      edits = useEdits({ applyQuietly }, saving)
      return () => h('i')
    }),
    { global: { plugins: plugins() } },
  )
  const applied = () => applyQuietly.mock.calls.map(([list]) => list[0]?.text)
  return { edits, server, applied }
}

describe('edits that the server works out', () => {
  beforeEach(() => said.mockReset())

  it('are made one after the other, each on the text that the one before left', async () => {
    const { edits, server, applied } = open()
    const bases: string[] = []
    const ask = (text: string) => (base: string) => {
      bases.push(base)
      return Promise.resolve(put(text))
    }
    const first = edits.edited((base) => ask('a')(base).then((answer) => answer))
    const second = edits.edited((base) => {
      server.hash = 'h2'
      return ask('b')(base)
    })
    expect(await first).toBe(true)
    server.hash = 'h2'
    expect(await second).toBe(true)
    expect(bases).toEqual(['h1', 'h2'])
    expect(applied()).toEqual(['a', 'b'])
  })

  it('are asked for again where the text moved on meanwhile, by either side', async () => {
    const { edits, server, applied } = open()
    const ask = vi
      .fn<(base: string) => Promise<{ edits: Edit[] }>>()
      .mockImplementationOnce(() => {
        server.hash = 'h2'
        return Promise.resolve(put('old'))
      })
      .mockRejectedValueOnce(new Problem(409, 'The text has changed.'))
      .mockResolvedValue(put('new'))
    expect(await edits.edited(ask)).toBe(true)
    expect(ask.mock.calls.map(([base]) => base)).toEqual(['h1', 'h2', 'h2'])
    expect(applied()).toEqual(['new'])
  })

  it('are given up where the text never rests, or the server refuses', async () => {
    const { edits, server, applied } = open()
    server.isSettled = false
    expect(await edits.edited(() => Promise.resolve(put('x')))).toBe(false)
    expect(said).toHaveBeenLastCalledWith('Still reading: try again in a moment.')
    expect(await edits.edited(() => Promise.reject(new Problem(422, 'There is no question 9.')))).toBe(false)
    expect(said).toHaveBeenLastCalledWith('There is no question 9.')
    expect(applied()).toEqual([])
  })

  it('hold back whoever waits for everything, and nobody after they failed', async () => {
    const { edits } = open()
    let arrive: (answer: { edits: Edit[] }) => void = () => undefined
    const done = edits.edited(() => new Promise((resolve) => (arrive = resolve)))
    const waited = vi.fn<() => void>()
    void edits.settled().then(waited)
    await flushPromises()
    expect(waited).not.toHaveBeenCalled()
    arrive(put('a'))
    await done
    await flushPromises()
    expect(waited).toHaveBeenCalledOnce()
    await expect(edits.edited(() => Promise.reject(new TypeError('broken')))).rejects.toThrow('broken')
    expect(await edits.base()).toBe('h1')
  })

  it('that were worked out before are made only on the text that they are of', async () => {
    const { edits, server, applied } = open()
    expect(await edits.applied('h1', put('a').edits)).toBe(true)
    server.hash = 'h2'
    expect(await edits.applied('h1', put('b').edits)).toBe(false)
    expect(applied()).toEqual(['a'])
  })
})
