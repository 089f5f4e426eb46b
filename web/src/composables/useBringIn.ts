import { useEventListener } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Created, Problem } from '@/api/client'

export interface Refusal {
  name: string
  message: string
}

/** A file on its way to the shelf, alone or as one of several. */
export interface Arrival {
  name: string
  /** From 1. */
  nth: number
  of: number
}

interface Run {
  files: File[]
  created: Created[]
  isStopped: boolean
}

/**
 * Puts files on the shelf, wherever they are dropped; one alone opens at once.
 *
 * @param onDone    what follows where none opens, with how many have come
 * @param takesDrop whether the page does something else with what is dropped
 */
export function useBringIn(
  onDone: (come: number) => unknown,
  takesDrop: (files: readonly File[], event: DragEvent) => boolean = () => false,
) {
  const router = useRouter()
  const refusals = ref<Refusal[]>([])
  const isOver = ref(false)
  const arrival = shallowRef<Arrival | null>(null)
  let run: Run | null = null

  function open(sheet: Created): void {
    void router.push({ name: 'desk', params: { id: sheet.id, leaf: sheet.untidy ? 'tidied' : 'proof' } })
  }

  async function bringOne(file: File, of: Run): Promise<void> {
    try {
      const sheet = await api.bringIn(file)
      // It was under way when the person stopped.
      if (of.isStopped) await api.takeOff(sheet.id)
      else of.created.push(sheet)
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (!of.isStopped) refusals.value.push({ name: file.name, message: error.message })
    }
  }

  /** Of several, each that can be read lies on the shelf then. Those that come meanwhile follow. */
  async function bringIn(files: File[]): Promise<void> {
    if (!files.length) return
    if (run) {
      run.files.push(...files)
      if (arrival.value) arrival.value = { ...arrival.value, of: run.files.length }
      return
    }
    refusals.value = []
    const mine: Run = (run = { files: [...files], created: [], isStopped: false })
    try {
      for (const [index, file] of mine.files.entries()) {
        if (mine.isStopped) break
        arrival.value = { name: file.name, nth: index + 1, of: mine.files.length }
        await bringOne(file, mine)
      }
    } finally {
      if (run === mine) run = arrival.value = null
    }
    const [only] = mine.created
    if (only && mine.files.length === 1) open(only)
    else await onDone(mine.created.length)
  }

  /** What is on the shelf already stays; the file that is being read and those after it do not come. */
  function stop(): void {
    if (run) run.isStopped = true
    run = arrival.value = null
  }

  useEventListener(window, 'dragover', (event) => {
    if (!event.dataTransfer?.types.includes('Files')) return
    event.preventDefault()
    isOver.value = true
  })
  useEventListener(window, 'dragleave', (event) => {
    if (event.relatedTarget === null) isOver.value = false
  })
  // Before the editor takes a file for text to put in.
  useEventListener(
    window,
    'drop',
    (event) => {
      if (!event.dataTransfer?.files.length) return
      event.preventDefault()
      event.stopPropagation()
      isOver.value = false
      const files = [...event.dataTransfer.files]
      if (!takesDrop(files, event)) void bringIn(files)
    },
    { capture: true },
  )

  return { refusals, isOver, arrival, open, bringIn, stop }
}
