import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Created, Problem } from '@/api/client'

export interface Refusal {
  name: string
  message: string
}

/** Puts files on the shelf, wherever they are dropped; one alone opens at once. */
export function useBringIn(onMany: () => unknown) {
  const router = useRouter()
  const refusals = ref<Refusal[]>([])
  const isOver = ref(false)

  function open(sheet: Created): void {
    void router.push({ name: 'desk', params: { id: sheet.id, leaf: sheet.untidy ? 'tidied' : 'proof' } })
  }

  /** Of several, each that can be read lies on the shelf then. */
  async function bringIn(files: File[]): Promise<void> {
    refusals.value = []
    const created: Created[] = []
    for (const file of files) {
      try {
        created.push(await api.bringIn(file))
      } catch (error) {
        if (!(error instanceof Problem)) throw error
        refusals.value.push({ name: file.name, message: error.message })
      }
    }
    const [only] = created
    if (only && files.length === 1) open(only)
    else await onMany()
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
      void bringIn([...event.dataTransfer.files])
    },
    { capture: true },
  )

  return { refusals, isOver, open, bringIn }
}
