import { useDebounceFn } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { Problem, type Proposal } from '@/api/client'
import type { AmendingDesk } from '../../useAmend'

/**
 * What many questions would become: asked for while a person chooses, shown in the rows, and taken as one step.
 *
 * What the server refuses is said where the choice is made.
 */
export function useProposal(
  desk: AmendingDesk,
  wish: () => unknown,
  ask: (base: string) => Promise<Proposal> | null,
  onShown: (proposal: Proposal | null) => void,
) {
  const found = shallowRef<(Proposal & { base: string; of: string }) | null>(null)
  const refusal = ref('')
  const of = () => JSON.stringify(wish())

  const look = useDebounceFn(async () => {
    const asked = of()
    const base = await desk.base()
    const call = ask(base)
    let answer: Proposal | null = null
    refusal.value = ''
    try {
      answer = call && (await call)
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      // The text became another: what is typed next asks again.
      if (error.status !== 409) refusal.value = error.message
    }
    if (of() !== asked) return
    found.value = answer && { ...answer, base, of: asked }
    onShown(answer)
  }, 200)
  watch(wish, look, { immediate: true, deep: true })
  onBeforeUnmount(() => onShown(null))

  /** Whether what is shown is what would be taken. */
  const isReady = computed(() => (found.value?.edits.length ?? 0) > 0 && found.value?.of === of())

  async function take(): Promise<boolean> {
    // Enter may be quicker than the answer.
    if (!isReady.value) await look()
    const { value } = found
    return value !== null && isReady.value && (await desk.applied(value.base, value.edits))
  }

  return { found, refusal, isReady, take, look }
}
