import type { ChangeSet } from '@codemirror/state'
import { useEventListener } from '@vueuse/core'
import { onScopeDispose, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api, type Body, type Outlook } from '@/api/client'
import type { SheetReading } from './sync/reading'
import { type Conflict, editsOf, type SaveState, SheetSync } from './sync/sheet-sync'
import { type Claimed, UnsavedWork } from './sync/unsaved'

const KEEP_TEXT_AFTER = 400

/** What saving needs of the desk. */
export interface SavingDoors {
  /** The text as it stands in the editor; null while there is none. */
  text: () => string | null
  /** The reading of the text on the server, after $pending was typed on top of it. */
  onReading: (reading: SheetReading, pending: ChangeSet) => void
}

/** Carries what is typed to the server, says how that goes, and keeps in this browser what the server does not have yet. */
export function useSaving(id: string, { text, onReading }: SavingDoors) {
  const saveState = ref<SaveState>('saved')
  const saveMessage = ref<string | null>(null)
  const savedAt = ref<string | null>(null)
  const conflict = shallowRef<Conflict | null>(null)

  const unsaved = new UnsavedWork(id, crypto.randomUUID())
  unsaved.holdTab()
  let kept: { base: string; changes: unknown } | null = null
  let keepTextTimer: ReturnType<typeof setTimeout> | null = null

  const sync = new SheetSync(
    {
      save: async (body) => {
        const saved = await api.save(id, body)
        savedAt.value = saved.savedAt
        return saved
      },
      onReading,
      onState(state, message) {
        saveState.value = state
        saveMessage.value = message
      },
      onConflict(found) {
        conflict.value = found
      },
      keep(work) {
        kept = work
        if (!work) {
          unsaved.clear()
          return
        }
        // The changes at once, since a tab can die without a word; the whole text a moment later.
        unsaved.keep({ ...work, text: null })
        keepTextTimer ??= setTimeout(keepNow, KEEP_TEXT_AFTER)
      },
    },
    0,
  )

  function keepNow(): void {
    if (keepTextTimer) clearTimeout(keepTextTimer)
    keepTextTimer = null
    const now = text()
    if (kept && now !== null) unsaved.keep({ ...kept, text: now })
  }
  useEventListener(window, 'pagehide', keepNow)
  useEventListener(document, 'visibilitychange', keepNow)
  useEventListener(window, 'online', () => sync.retry())

  /** Starts from what the server has. */
  function begin(reading: SheetReading, length: number, changedAt: string | null = null): void {
    if (changedAt !== null) savedAt.value = changedAt
    sync.begin(reading, length)
  }

  onScopeDispose(() => {
    keepNow()
    sync.nudge()
  })

  return {
    saveState: readonly(saveState),
    saveMessage: readonly(saveMessage),
    savedAt: readonly(savedAt),
    conflict: shallowReadonly(conflict),
    begin,
    typed: (changes: ChangeSet, isMendOfMany: boolean) => sync.typed(changes, isMendOfMany),
    see: (outlook: Outlook) => sync.see(outlook),
    add: (bodies: readonly Body[]) => sync.add(bodies),
    reading: () => sync.reading,
    /** What a closed tab or a dead server left in this browser. */
    claimUnsaved: (): Promise<Claimed[]> => unsaved.claim(),
    isSettled: () => sync.isSettled,
    /** The hash of the text that the server has. */
    hash: () => sync.reading.hash,
    /** Until the server has all that was typed, or there is trouble with it. */
    saved: () => sync.whenSettled(),
    letFirst: (first: Promise<unknown>) => sync.letFirst(first),
    /** What was typed since the text that the server is known to have. */
    unsavedEdits: () => editsOf(sync.pending),
    clearConflict: () => (conflict.value = null),
    tryAgain: () => sync.resume(),
    setTarget: (target: string | null) => (sync.target = target),
    target: () => sync.target,
  }
}

export type Saving = ReturnType<typeof useSaving>
