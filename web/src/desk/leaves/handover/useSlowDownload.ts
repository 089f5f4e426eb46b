import { onScopeDispose, readonly, ref } from 'vue'
import { api, Problem } from '@/api/client'

/** A file that takes seconds to write: the person sees that it is under way, and may stop it. */
export function useSlowDownload(onProblem: (message: string) => void) {
  const writing = ref<string | null>(null)
  let run: AbortController | null = null

  /** Saves what stands at an address; a second one takes the place of the first. */
  async function take(address: string, name: string): Promise<void> {
    stop()
    const mine = (run = new AbortController())
    writing.value = name
    try {
      const blob = await api.file(address, mine.signal)
      if (run === mine) save(URL.createObjectURL(blob), name)
    } catch (error) {
      if (run !== mine) return
      if (!(error instanceof Problem)) throw error
      onProblem(error.message)
    } finally {
      if (run === mine) stop()
    }
  }

  function stop(): void {
    run?.abort()
    run = null
    writing.value = null
  }
  onScopeDispose(stop)

  return { writing: readonly(writing), take, stop }
}

/** As the browser saves what a link leads to. */
export function save(address: string, name = ''): void {
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  if (address.startsWith('blob:')) setTimeout(() => URL.revokeObjectURL(address))
}
