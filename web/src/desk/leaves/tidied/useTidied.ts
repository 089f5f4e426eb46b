import { useDebounceFn } from '@vueuse/core'
import { computed, onScopeDispose, readonly, ref, type Ref, shallowReadonly, shallowRef, watch } from 'vue'
import type { Tidied, TidyRow } from '@/api/client'
import { api, Problem } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

/** What tidying makes of the source as it stands, without the steps and lines that the person refused. */
export function useTidied(
  desk: Pick<Desk, 'reading' | 'base'>,
  sheetId: string,
  /** The notation that the tidied text is to go on in; null for its own. */
  goesOnIn: Readonly<Ref<string | null>>,
) {
  const { asked } = useNotice()
  const tidied = shallowRef<(Tidied & { base: string }) | null>(null)
  const refusedSteps = ref<string[]>([])
  const refusedLines = ref<number[]>([])
  const isWorking = ref(true)
  let isOver = false
  let latest = 0

  async function work(): Promise<void> {
    isWorking.value = true
    const mine = ++latest
    const base = await desk.base()
    const answer = await asked(() => tidiedFrom(base))
    // Another step may have been refused meanwhile: the last answer is the one that counts.
    if (isOver || mine !== latest) return
    // A text that was typed in meanwhile is tidied again after its own reading.
    if (answer) tidied.value = { ...answer, base }
    isWorking.value = false
  }

  async function tidiedFrom(base: string): Promise<Tidied | null> {
    try {
      return await api.tidying(sheetId, {
        base,
        refusedSteps: refusedSteps.value,
        refusedLines: refusedLines.value,
        goesOnIn: goesOnIn.value,
      })
    } catch (error) {
      // The text that has come in between is tidied once it is read: nobody need hear of this one.
      if (error instanceof Problem && error.status === 409 && (await desk.base()) !== base) return null
      throw error
    }
  }
  const workSoon = useDebounceFn(work, 250)

  watch(
    () => desk.reading.value.hash,
    (hash, before) => {
      if (before && hash !== tidied.value?.base) refusedLines.value = []
      void workSoon()
    },
  )
  watch(goesOnIn, () => void work())
  void work()
  onScopeDispose(() => (isOver = true))

  const changes = computed(() => tidied.value?.steps.reduce((sum, step) => sum + step.changes, 0) ?? 0)

  function toggleStep(name: string): void {
    refusedSteps.value = toggled(refusedSteps.value, name)
    void work()
  }

  function toggleLine({ line }: TidyRow): void {
    refusedLines.value = toggled(refusedLines.value, line)
    void work()
  }

  return {
    tidied: shallowReadonly(tidied),
    refusedSteps: readonly(refusedSteps),
    refusedLines: readonly(refusedLines),
    isWorking: readonly(isWorking),
    changes,
    toggleStep,
    toggleLine,
  }
}

function toggled<T>(list: readonly T[], one: T): T[] {
  return list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
}
