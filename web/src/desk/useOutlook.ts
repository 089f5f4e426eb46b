import { useDebounceFn } from '@vueuse/core'
import { onScopeDispose } from 'vue'
import { api, type Outlook, Problem } from '@/api/client'

const LOOK_AROUND_AFTER = 500

/** Asks for what only all questions together show, once nothing is typed for a moment. */
export function useOutlook(id: string, see: (outlook: Outlook) => void) {
  let looking = new AbortController()

  const lookAround = useDebounceFn(async () => {
    looking.abort()
    looking = new AbortController()
    const { signal } = looking
    try {
      see(await api.outlook(id, signal))
    } catch (error) {
      // It is asked for again after the next change; until then, what was seen before stands.
      if (!signal.aborted && !(error instanceof Problem)) throw error
    }
  }, LOOK_AROUND_AFTER)

  onScopeDispose(() => looking.abort())

  return { lookAround: () => void lookAround() }
}
