import { useEventListener } from '@vueuse/core'

/** Something that a page can do: it stands in the help, perhaps in the status bar, and has its keys. */
export interface Action {
  id: string
  /** As they are shown, such as “Shift F8”; none where it has no key. */
  keys: string
  /** Without it, another part of the page listens to the keys. */
  run?: () => void
  /** What the status bar calls it, for those that stand there. */
  hint?: string
}

const LETTER = /^Ctrl ([A-Z])$/

/**
 * Runs actions by their keys. Function keys work wherever the cursor is, except in an open dialog; letters with Ctrl only
 * where nothing is typed, since fields and the source have their own.
 */
export function useActionKeys(actions: readonly Action[]): void {
  const byKey = new Map(actions.filter(({ run }) => run).map((action) => [action.keys, action]))

  function named(event: KeyboardEvent): string {
    if (/^F\d+$/.test(event.key)) return `${event.shiftKey ? 'Shift ' : ''}${event.key}`
    // Redo has two spellings.
    const letter = event.shiftKey && event.key.toUpperCase() === 'Z' ? 'Y' : event.key.toUpperCase()
    return `Ctrl ${letter}`
  }

  useEventListener(window, 'keydown', (event) => {
    const name = named(event)
    const action = byKey.get(name)
    const isLetter = LETTER.test(name)
    const hasModifier = event.ctrlKey || event.metaKey
    if (!action?.run || event.altKey || event.defaultPrevented || isLetter !== hasModifier) return
    if (document.querySelector('[role=dialog]')) return
    const { target } = event
    if (isLetter && target instanceof HTMLElement && target.closest('input, textarea, .cm-editor')) return
    event.preventDefault()
    action.run()
  })
}
