import { computed, onBeforeUnmount, watch } from 'vue'
import { Problem, type Proposal } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import type { AmendingDesk } from '../../useAmend'

/** Milliseconds without a change before it is asked what would come of it. */
const PAUSE = 200

/** What was proposed for which text and which wish; nothing where nothing is wished that could be. */
interface Found {
  proposal: Proposal | null
  base: string
  of: string
}

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
  const of = () => JSON.stringify(wish())

  async function found(): Promise<Found> {
    const asked = of()
    const base = await desk.base()
    const call = ask(base)
    try {
      return { proposal: call && (await call), base, of: asked }
    } catch (error) {
      // The text became another: what is typed next asks again.
      if (error instanceof Problem && error.status === 409) return { proposal: null, base, of: asked }
      throw error
    }
  }
  const { answer, refusal, now, soon, forget } = useLatest(found, PAUSE)
  watch(wish, soon, { immediate: true, deep: true })
  watch([answer, refusal], () => onShown(refusal.value ? null : (answer.value?.proposal ?? null)))
  let isOpen = true
  onBeforeUnmount(() => {
    isOpen = false
    forget()
    onShown(null)
  })

  const proposal = computed(() => (refusal.value ? null : (answer.value?.proposal ?? null)))
  /** Whether what is shown is what would be taken. */
  const isReady = computed(() => (proposal.value?.edits.length ?? 0) > 0 && answer.value?.of === of())

  async function take(): Promise<boolean> {
    // Enter may be quicker than the answer, and what was typed just before it may overtake the one that is asked for here.
    let isAnswered = isReady.value
    while (!isAnswered && isOpen) isAnswered = (await now()) !== null || refusal.value !== ''
    const { base } = answer.value ?? {}
    return base !== undefined && isReady.value && (await desk.applied(base, proposal.value?.edits ?? []))
  }

  return { proposal, refusal, isReady, take }
}
