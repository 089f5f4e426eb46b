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

export type AmendingDesk = Pick<Desk, 'edited' | 'applied' | 'base' | 'undo'>

/** Changes one question by edits that the server works out; each is one step that undo takes back. */
export function useAmend(desk: AmendingDesk, sheetId: string) {
  const { t } = useI18n()
  const { say, asked } = useNotice()

  /** Whether it was done; why not is said. What the text said when a person began tells whether it is still that. */
  async function amend(question: number, changes: readonly Change[], was: string | null = null): Promise<boolean> {
    let notes: readonly string[] = []
    const isDone = await desk.edited(async (base) => {
      const answer = await api.amending(sheetId, { base, question, changes: [...changes], was })
      ;({ notes } = answer)
      return answer
    })
    if (isDone && notes.length) say(notes.join(' '), () => desk.undo())
    return isDone
  }

  /** Takes a question out, copies or moves it, with a way back at hand. */
  async function arrange(question: number, change: Change, done: string): Promise<boolean> {
    const isDone = await amend(question, [change])
    if (isDone) say(t(done, { number: question }), () => desk.undo())
    return isDone
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

export type Amend = ReturnType<typeof useAmend>
