import { useToast } from 'primevue/usetoast'
import { useI18n } from 'vue-i18n'
import { Problem } from '@/api/client'

/** Whether what stands at the foot of the page offers a way back. There is one such place. */
let offersUndo = false

/** Says a thing at the foot of the page, with a way back where there is one. */
export function useNotice() {
  const toast = useToast()
  const { t } = useI18n()

  function say(summary: string, undo?: () => unknown): void {
    toast.removeGroup('undo')
    offersUndo = undo !== undefined
    const detail = undo && {
      label: t('app.undo'),
      run: () => {
        toast.removeGroup('undo')
        void undo()
      },
    }
    toast.add({ group: 'undo', severity: 'secondary', summary, detail, life: undo ? 12_000 : 6_000, closable: true })
  }

  /** Takes a way back away that would lead elsewhere by now. */
  function withdrawUndo(): void {
    if (offersUndo) toast.removeGroup('undo')
    offersUndo = false
  }

  /** The answer of a call; null where the server refused it, which is then said. */
  async function asked<T>(call: () => Promise<T>): Promise<T | null> {
    try {
      return await call()
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      say(error.message)
      return null
    }
  }

  return { say, withdrawUndo, asked }
}
