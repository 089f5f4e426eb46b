import { useEventListener } from '@vueuse/core'

/** Keys of the whole page, such as F8 or Shift+F8. They work wherever the cursor is, except in an open dialog. */
export function useFunctionKeys(keys: Record<string, () => void>): void {
  useEventListener(window, 'keydown', (event) => {
    const name = (event.shiftKey ? 'Shift+' : '') + event.key
    const run = keys[name]
    if (!run || event.ctrlKey || event.altKey || event.metaKey || event.defaultPrevented) return
    if (document.querySelector('[role=dialog]')) return
    event.preventDefault()
    run()
  })
}
