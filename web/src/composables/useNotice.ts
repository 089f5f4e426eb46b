import { useToast } from 'primevue/usetoast'
import { useI18n } from 'vue-i18n'

/** Says a thing at the foot of the page, with a way back where there is one. */
export function useNotice() {
  const toast = useToast()
  const { t } = useI18n()

  function say(summary: string, undo?: () => unknown): void {
    toast.removeGroup('undo')
    const detail = undo && {
      label: t('app.undo'),
      run: () => {
        toast.removeGroup('undo')
        void undo()
      },
    }
    toast.add({ group: 'undo', severity: 'secondary', summary, detail, life: undo ? 12_000 : 6_000, closable: true })
  }

  return { say }
}
