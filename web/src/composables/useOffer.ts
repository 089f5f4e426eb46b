import { shallowRef } from 'vue'
import { api, type Offer } from '@/api/client'

const offer = shallowRef<Offer>({ notations: [], targets: [], encodings: [], samples: [] })
let asked: Promise<void> | null = null

/** The notations, targets and encodings there are: asked for once, shared by all pages. */
export function useOffer() {
  asked ??= api.offer().then(
    (answer) => {
      offer.value = answer
    },
    () => {
      asked = null
    },
  )
  const labelOf = (id: string) => offer.value.notations.find((notation) => notation.id === id)?.label ?? id
  return { offer, labelOf, whenOffered: asked }
}
