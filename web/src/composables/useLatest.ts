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
  /** Whether the latest question is still without an answer. */
  const isAsking = ref(false)
  let latest = 0

  /** The answer, unless it was overtaken or refused. */
  async function now(): Promise<T | null> {
    const mine = ++latest
    isAsking.value = true
    let found: T | null = null
    let refused = ''
    try {
      found = await ask()
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      refused = error.message
    }
    if (mine !== latest) return null
    isAsking.value = false
    refusal.value = refused
    if (found) answer.value = found
    return found
  }

  /** What is on its way counts no more. */
  function forget(): void {
    latest += 1
    answer.value = null
    refusal.value = ''
    isAsking.value = false
  }
  onScopeDispose(() => (latest += 1))

  return {
    answer: shallowReadonly(answer),
    refusal: readonly(refusal),
    isAsking: readonly(isAsking),
    now,
    soon: useDebounceFn(now, pause),
    forget,
  }
}
