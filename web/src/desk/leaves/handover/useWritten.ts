import { readonly, type Ref, ref, shallowRef, watch } from 'vue'
import { api, Problem, type Written } from '@/api/client'
import type { Desk } from '../../useDesk'

/** Each block of the sheet in the chosen notation: asked for whole once, then taken from what comes with each reading. */
export function useWritten(desk: Desk, sheetId: string, target: Readonly<Ref<string>>) {
  const written = shallowRef<ReadonlyMap<string, Written>>(new Map())
  const problem = ref<string | null>(null)

  async function ask(): Promise<void> {
    desk.setTarget(target.value)
    await desk.settled()
    const wanted = target.value
    try {
      const answer = await api.handover(sheetId, wanted)
      if (wanted !== target.value) return
      written.value = new Map(answer.blocks.map((block) => [block.id, block.written]))
      problem.value = null
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (wanted === target.value) problem.value = error.message
    }
  }

  watch(target, ask, { immediate: true })
  watch(
    () => desk.sheet.value?.notation,
    (now, before) => before && now !== before && ask(),
  )
  watch(desk.reading, ({ bodies }) => {
    const next = new Map<string, Written>()
    let isMissing = false
    for (const [id, body] of bodies) {
      const one = written.value.get(id) ?? body.written
      if (one) next.set(id, one)
      else isMissing = true
    }
    written.value = next
    if (isMissing) void ask()
  })

  return { written, problem: readonly(problem), stop: () => desk.setTarget(null) }
}
