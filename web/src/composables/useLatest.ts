import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { Problem } from '@/api/client'

/**
 * Something that is asked for again and again while a person changes what it depends on. Answers may overtake each other:
 * only that to the latest question counts. What the server refuses leaves the answer before as it was.
 *
 * @param pause milliseconds without another wish before `soon` asks
 */
export function useLatest<T>(ask: () => Promise<T>, pause: number) {
  const answer = shallowRef<T | null>(null)
  const refusal = ref('')
  let latest = 0

  /** The answer, unless it was overtaken or refused. */
  async function now(): Promise<T | null> {
    const mine = ++latest
    let found: T | null = null
    let refused = ''
    try {
      found = await ask()
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      refused = error.message
    }
    if (mine !== latest) return null
    refusal.value = refused
    if (found) answer.value = found
    return found
  }

  /** What is on its way counts no more. */
  function forget(): void {
    latest += 1
    answer.value = null
    refusal.value = ''
  }
  onScopeDispose(() => (latest += 1))

  return { answer: shallowReadonly(answer), refusal: readonly(refusal), now, soon: useDebounceFn(now, pause), forget }
}
