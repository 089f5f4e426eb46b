import { onScopeDispose } from 'vue'
import { api, Problem } from '@/api/client'
import { firstUnread } from './sync/reading'
import type { Saving } from './useSaving'

const PAUSE_AFTER_TROUBLE = 3_000

/**
 * Asks for what of a large sheet did not come with its opening, part after part and from the cursor on. A part is asked for
 * while nothing waits to be saved.
 */
export function useRest(
  id: string,
  saving: Pick<Saving, 'reading' | 'saved' | 'add' | 'target'>,
  cursor: () => { block: number },
) {
  const left = new AbortController()
  let isUnderWay = false
  let timer: ReturnType<typeof setTimeout> | undefined

  async function ask(): Promise<void> {
    if (isUnderWay || left.signal.aborted) return
    isUnderWay = true
    clearTimeout(timer)
    try {
      for (let from = next(); from >= 0; from = next()) {
        await saving.saved()
        const { bodies } = await api.bodies(id, from, saving.target(), left.signal)
        const { bodies: known, blocks } = saving.reading()
        const wanted = new Set(blocks.map((block) => block.id))
        const news = bodies.filter((body) => wanted.has(body.id) && !known.has(body.id))
        // The text was changed elsewhere: the next reading asks again.
        if (!news.length) return
        saving.add(news)
      }
    } catch (error) {
      if (left.signal.aborted) return
      if (!(error instanceof Problem)) throw error
      timer = setTimeout(() => void ask(), PAUSE_AFTER_TROUBLE)
    } finally {
      isUnderWay = false
    }
  }
  const next = () => firstUnread(saving.reading(), cursor().block)

  onScopeDispose(() => {
    left.abort()
    clearTimeout(timer)
  })

  return { ask: () => void ask() }
}
