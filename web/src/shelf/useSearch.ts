import { useDebounceFn } from '@vueuse/core'
import { computed, ref, shallowReadonly, shallowRef, watch } from 'vue'
import { api, type Search } from '@/api/client'
import { useNotice } from '@/composables/useNotice'

const PAUSE = 250

/** Looks for what is typed in the questions of all sheets. */
export function useSearch() {
  const { asked } = useNotice()
  const wanted = ref('')
  const found = shallowRef<Search | null>(null)
  const words = computed(() => wanted.value.trim())

  const look = useDebounceFn(async () => {
    const mine = words.value
    if (mine === '') return
    const answer = await asked(() => api.search(mine))
    if (answer && mine === words.value) found.value = answer
  }, PAUSE)
  watch(words, (now) => {
    if (now === '') found.value = null
    else void look()
  })

  return { wanted, words, found: shallowReadonly(found) }
}
