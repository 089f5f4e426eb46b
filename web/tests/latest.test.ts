import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type EffectScope, effectScope } from 'vue'
import { Problem } from '@/api/client'
import { useLatest } from '@/composables/useLatest'

interface Call {
  done: (answer: string) => void
  failed: (reason: unknown) => void
}

describe('what is asked for again and again', () => {
  let scope: EffectScope
  let calls: Call[]
  const use = () =>
    scope.run(() =>
      useLatest(() => new Promise<string>((resolve, reject) => calls.push({ done: resolve, failed: reject })), 200),
    ) as ReturnType<typeof useLatest<string>>

  beforeEach(() => {
    scope = effectScope()
    calls = []
    vi.useFakeTimers()
  })
  afterEach(() => {
    scope.stop()
    vi.useRealTimers()
  })

  it('is the answer to the latest question, whichever comes first', async () => {
    const { answer, isAsking, now } = use()
    const first = now()
    const second = now()
    calls[1]?.done('second')
    await expect(second).resolves.toBe('second')
    calls[0]?.done('first')
    await expect(first).resolves.toBeNull()
    expect([answer.value, isAsking.value]).toEqual(['second', false])
  })

  it('is asked once for wishes that follow each other quickly', async () => {
    const { soon, isAsking } = use()
    void soon()
    void soon()
    await vi.advanceTimersByTimeAsync(199)
    expect([calls.length, isAsking.value]).toEqual([0, false])
    await vi.advanceTimersByTimeAsync(1)
    expect([calls.length, isAsking.value]).toEqual([1, true])
  })

  it('keeps the answer before where the server refuses, and says why until the next one', async () => {
    const { answer, refusal, now } = use()
    void now()
    calls[0]?.done('one')
    await flushPromises()
    void now()
    calls[1]?.failed(new Problem(422, 'Too many.'))
    await flushPromises()
    expect([answer.value, refusal.value]).toEqual(['one', 'Too many.'])
    void now()
    calls[2]?.done('three')
    await flushPromises()
    expect([answer.value, refusal.value]).toEqual(['three', ''])
  })

  it('says nothing of a refusal that was overtaken', async () => {
    const { answer, refusal, now } = use()
    void now()
    void now()
    calls[0]?.failed(new Problem(422, 'Too many.'))
    calls[1]?.done('two')
    await flushPromises()
    expect([answer.value, refusal.value]).toEqual(['two', ''])
  })

  it('forgets what is on its way', async () => {
    const { answer, isAsking, now, forget } = use()
    void now()
    forget()
    calls[0]?.done('late')
    await flushPromises()
    expect([answer.value, isAsking.value]).toEqual([null, false])
  })

  it('asks for nothing more once its page is left', async () => {
    const { answer, now } = use()
    void now()
    scope.stop()
    calls[0]?.done('late')
    await flushPromises()
    expect(answer.value).toBeNull()
  })

  it('hides no fault of our own', async () => {
    const { now } = use()
    const asked = now()
    calls[0]?.failed(new TypeError('x is undefined'))
    await expect(asked).rejects.toThrow('x is undefined')
  })
})
