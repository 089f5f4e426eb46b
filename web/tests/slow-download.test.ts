import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope } from 'vue'
import { useSlowDownload } from '@/desk/leaves/handover/useSlowDownload'

describe('a file that takes long to write', () => {
  const said: string[] = []
  const saved: string[] = []
  let answers: ((response: Response) => void)[] = []
  let scope: EffectScope
  const use = () =>
    scope.run(() => useSlowDownload((message) => said.push(message))) as ReturnType<typeof useSlowDownload>

  beforeEach(() => {
    said.length = saved.length = 0
    answers = []
    scope = effectScope()
    vi.stubGlobal(
      'fetch',
      vi.fn(
        (_address: string, { signal }: { signal: AbortSignal }) =>
          new Promise<Response>((resolve, reject) => {
            answers.push(resolve)
            signal.addEventListener('abort', () => reject(new DOMException('', 'AbortError')))
          }),
      ),
    )
    URL.createObjectURL = () => 'blob:one'
    URL.revokeObjectURL = () => undefined
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      saved.push(this.download)
    })
  })
  afterEach(() => {
    scope.stop()
    vi.unstubAllGlobals()
  })

  it('is said to be under way until it is saved under its name', async () => {
    const { writing, take } = use()
    const taken = take('/api/paper', 'Test.pdf')
    expect(writing.value).toBe('Test.pdf')
    answers[0]?.(new Response('%PDF'))
    await taken
    expect(saved).toEqual(['Test.pdf'])
    expect(writing.value).toBeNull()
  })

  it('is not saved once somebody stopped it, or asked for another', async () => {
    const { writing, take, stop } = use()
    const first = take('/api/paper', 'A.pdf')
    const second = take('/api/paper', 'B.pdf')
    await first
    expect(writing.value).toBe('B.pdf')
    stop()
    await second
    expect(writing.value).toBeNull()
    answers[1]?.(new Response('%PDF'))
    await flushPromises()
    expect([saved, said]).toEqual([[], []])
  })

  it('says why it cannot be had', async () => {
    const { writing, take } = use()
    const taken = take('/api/paper', 'Test.pdf')
    answers[0]?.(Response.json({ message: 'This sheet is no longer there.' }, { status: 404 }))
    await taken
    expect([saved, said, writing.value]).toEqual([[], ['This sheet is no longer there.'], null])
  })
})
