import { useI18n } from 'vue-i18n'
import { type Edit, Problem } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Saving } from './useSaving'
import type { Source } from './useSource'

const MOST_TRIES = 10

/**
 * Edits that the server works out, one after the other: each on the text that the one before left, whatever is typed
 * meanwhile.
 */
export function useEdits(source: Pick<Source, 'applyQuietly'>, saving: Pick<Saving, 'saved' | 'isSettled' | 'hash'>) {
  const { t } = useI18n()
  const { say } = useNotice()

  /** What the server was asked to work out and is not in the text yet. */
  let queue: Promise<unknown> = Promise.resolve()

  const isStill = (base: string) => saving.isSettled() && saving.hash() === base

  /** Asks for edits of the text as it stands, and makes them as one step that undo takes back. */
  function edited(ask: (base: string) => Promise<{ edits: Edit[] }>): Promise<boolean> {
    const done = queue.then(() => editedNow(ask))
    queue = done.catch(() => false)
    return done
  }

  async function editedNow(ask: (base: string) => Promise<{ edits: Edit[] }>): Promise<boolean> {
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      await saving.saved()
      const base = saving.hash()
      let answer: { edits: Edit[] }
      try {
        answer = await ask(base)
      } catch (error) {
        if (!(error instanceof Problem)) throw error
        if (error.status === 409) continue
        say(error.message)
        return false
      }
      if (isStill(base)) return make(answer.edits)
    }
    say(t('desk.stale'))
    return false
  }

  /** Makes edits that were worked out before, if the text is still the one that $base names. */
  async function applied(base: string, edits: readonly Edit[]): Promise<boolean> {
    await settled()
    if (isStill(base)) return make(edits)
    say(t('desk.stale'))
    return false
  }

  function make(edits: readonly Edit[]): boolean {
    source.applyQuietly(edits, 'input.mark')
    return true
  }

  /** Until the server has everything that was typed, marked and mended, or there is trouble with it. */
  async function settled(): Promise<void> {
    await queue
    await saving.saved()
  }

  /** The hash of the text that the server has, once it has all that was typed. */
  async function base(): Promise<string> {
    await settled()
    return saving.hash()
  }

  return { edited, applied, settled, base, isStill }
}

export type Edits = ReturnType<typeof useEdits>
