import { useI18n } from 'vue-i18n'
import { api, type Edit, type QuestionTexts } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from './useDesk'

/** A change of one question, as the command line takes it too. */
export type Change = Readonly<Record<string, unknown>>

/** What a change would do, and what it would lose. */
export interface Proposed {
  base: string
  edits: Edit[]
  notes: readonly string[]
}

/** Where the question is now; nowhere if it was taken out. */
export interface Amended {
  question: number | null
}

export type AmendingDesk = Pick<Desk, 'edited' | 'applied' | 'base' | 'undo'>

/** Changes one question by edits that the server works out; each is one step that undo takes back. */
export function useAmend(desk: AmendingDesk, sheetId: string) {
  const { t } = useI18n()
  const { say, asked } = useNotice()

  /**
   * Null where it was not done, and why not is said. What the text said when a person began to change it tells whether it
   * still says that.
   */
  async function amend(
    question: number,
    changes: readonly Change[],
    was: string | null = null,
  ): Promise<Amended | null> {
    let notes: readonly string[] = []
    const amended: Amended = { question: null }
    const isDone = await desk.edited(async (base) => {
      const answer = await api.amending(sheetId, { base, question, changes: [...changes], was })
      ;({ notes, question: amended.question } = answer)
      return answer
    })
    if (!isDone) return null
    if (notes.length) say(notes.join(' '), () => desk.undo())
    return amended
  }

  /** Takes a question out, copies or moves it, with a way back at hand. */
  async function arrange(question: number, change: Change, done: string): Promise<Amended | null> {
    const amended = await amend(question, [change])
    if (amended) say(t(done, { number: question, to: amended.question ?? question }), () => desk.undo())
    return amended
  }

  async function proposed(question: number, changes: readonly Change[]): Promise<Proposed | null> {
    const base = await desk.base()
    const answer = await asked(() => api.amending(sheetId, { base, question, changes: [...changes], was: null }))
    return answer && { base, ...answer }
  }

  async function textsOf(question: number): Promise<QuestionTexts | null> {
    const base = await desk.base()
    return asked(() => api.texts(sheetId, base, question))
  }

  return { amend, arrange, proposed, textsOf }
}
