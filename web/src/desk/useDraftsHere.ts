import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Drafts } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from './useDesk'

/** Puts drafts below the questions of the sheet, where somebody reads them. */
export function useDraftsHere(
  desk: Pick<Desk, 'append' | 'edited' | 'lookAround' | 'undo'>,
  sheetId: string,
  showProof: () => void,
) {
  const { t } = useI18n()
  const { say } = useNotice()
  const isDrafting = ref(false)

  async function addDrafts({ text, starts }: Drafts, passage: string): Promise<void> {
    const at = desk.append(text)
    showProof()
    await desk.edited(async (base) => {
      await api.keepDrafts(sheetId, { base, passage, drafts: starts.map((start) => at + start) })
      return { edits: [] }
    })
    desk.lookAround()
    say(t('draft.added', starts.length), () => desk.undo())
  }

  return { isDrafting, addDrafts }
}
