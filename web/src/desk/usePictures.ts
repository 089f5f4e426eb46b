import { useEventListener } from '@vueuse/core'
import { computed, nextTick, readonly, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Picture } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from './useDesk'

/** A picture that is about to be put in, and where. */
export interface PictureEntry {
  picture: Picture
  offset: number
  /** Whether it comes with this entry, and goes if that comes to nothing. */
  isNew: boolean
}

type PicturesDesk = Pick<Desk, 'sheet' | 'reading' | 'view' | 'edited' | 'settled' | 'refresh' | 'undo' | 'focusSource'>

const isPicture = ({ type }: { type: string }) => type.startsWith('image/')

/** Pictures that are kept with a sheet: put into its text where the cursor is, or where they are dropped, and removed. */
export function usePictures(desk: PicturesDesk, sheetId: string) {
  const { t } = useI18n()
  const { say, asked } = useNotice()
  const entry = shallowRef<PictureEntry | null>(null)
  /** Those that wait until the one before is put in. */
  const waiting: File[] = []

  const pictures = computed(() => {
    const uses = new Map(desk.reading.value.seen.pictures.map((use) => [use.number, use]))
    return (desk.sheet.value?.pictures ?? []).map((picture) => ({ picture, use: uses.get(picture.number) ?? null }))
  })

  const cursor = () => desk.view.value?.state.selection.main.head ?? 0

  /** Keeps pictures and asks of each what it shows. */
  async function put(files: readonly File[], offset = cursor()): Promise<void> {
    waiting.push(...files)
    const file = entry.value ? undefined : waiting.shift()
    if (!file) return
    const known = new Set(desk.sheet.value?.pictures.map(({ number }) => number))
    const picture = await asked(() => api.addPicture(sheetId, file))
    if (picture) entry.value = { picture, offset, isNew: !known.has(picture.number) }
    else waiting.length = 0
  }

  /** Shows a picture that is kept at the cursor as well. */
  function putAgain(picture: Picture): void {
    entry.value = { picture, offset: cursor(), isNew: false }
  }

  async function enter(description: string): Promise<void> {
    const { value: what } = entry
    if (!what) return
    entry.value = null
    const { picture, offset } = what
    let behind = offset
    const isIn = await desk.edited(async (base) => {
      const answer = await api.pictureEntry(sheetId, picture.number, { base, offset, description })
      behind = offset + answer.edits.reduce((sum, { text }) => sum + text.length, 0)
      return answer
    })
    if (isIn) {
      desk.view.value?.dispatch({ selection: { anchor: behind } })
      await desk.refresh()
      // The list of pictures may have grown over the place.
      await nextTick()
      desk.view.value?.dispatch({ scrollIntoView: true })
      desk.focusSource()
    } else if (what.isNew) {
      await api.changePicture(sheetId, picture.number, true)
    }
    await put([], behind)
  }

  async function leave(): Promise<void> {
    const { value: what } = entry
    entry.value = null
    waiting.length = 0
    if (what?.isNew) await asked(() => api.changePicture(sheetId, what.picture.number, true))
    desk.focusSource()
  }

  async function change(picture: Picture, isRemoved: boolean): Promise<boolean> {
    await desk.settled()
    const isDone = (await asked(() => api.changePicture(sheetId, picture.number, isRemoved))) !== null
    if (isDone) await desk.refresh()
    return isDone
  }

  async function remove(picture: Picture): Promise<void> {
    if (await change(picture, true)) say(t('picture.removed', { name: picture.name }), () => change(picture, false))
  }

  /** Whether a drop is of pictures alone, which are put into the text then. */
  function takesDrop(files: readonly File[], event: DragEvent): boolean {
    if (!desk.view.value || !files.every(isPicture)) return false
    void put(files, desk.view.value.posAtCoords({ x: event.clientX, y: event.clientY }) ?? cursor())
    return true
  }

  // Before the editor takes what is pasted for text; where the clipboard has both, the text is meant.
  useEventListener(
    document,
    'paste',
    (event) => {
      const files = [...(event.clipboardData?.files ?? [])].filter(isPicture)
      const isInSource = event.target instanceof Node && (desk.view.value?.dom.contains(event.target) ?? false)
      if (!isInSource || !files.length || event.clipboardData?.getData('text/plain')) return
      event.preventDefault()
      event.stopPropagation()
      void put(files)
    },
    { capture: true },
  )

  return { pictures, entry: readonly(entry), put, putAgain, enter, leave, remove, takesDrop }
}

export type Pictures = ReturnType<typeof usePictures>
