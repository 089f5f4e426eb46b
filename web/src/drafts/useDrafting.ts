import { computed, reactive, type Ref, ref, watch } from 'vue'
import { api, type Drafts, type DraftsWish, type QuestionType } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import { useOffer } from '@/composables/useOffer'

type DraftType = NonNullable<DraftsWish['types']>[number]

/** What can be drafted, in the order in which it is offered. */
const TYPES: readonly DraftType[] = ['gap', 'true-false', 'choice']
/** Milliseconds without a change before it is drafted anew. */
const PAUSE = 300
/** What a person who empties the field gets. */
const USUAL_COUNT = 10

/** Who drafts: the plain rules that come along, or an assistant elsewhere. */
export type Drafter = 'here' | 'assistant'

/** What a person wants drafted from which passage, and what comes of it. */
export function useDrafting(notation: Readonly<Ref<string>>, first: () => number) {
  const { offer } = useOffer()
  const passage = ref('')
  const drafter = ref<Drafter>('here')
  const wish = reactive({
    count: USUAL_COUNT as number | null,
    types: [...TYPES] as DraftType[],
    audience: '',
    language: '',
    reply: '',
  })

  /** Those that the notation has. */
  const offered = computed(() => {
    const held = offer.value.notations.find(({ id }) => id === notation.value)?.examples.map(({ type }) => type)
    return TYPES.filter((type) => held?.includes(type as QuestionType) ?? true)
  })
  const asked = (): DraftsWish => ({
    passage: passage.value,
    notation: notation.value,
    count: wish.count ?? USUAL_COUNT,
    types: wish.types.filter((type) => offered.value.includes(type)),
    audience: wish.audience.trim() || null,
    language: wish.language.trim() || null,
    reply: drafter.value === 'assistant' ? wish.reply : null,
    first: first(),
  })
  const wantsDrafts = () => (drafter.value === 'here' ? passage.value : wish.reply).trim() !== ''
  const wantsRequest = () => drafter.value === 'assistant' && passage.value.trim() !== ''

  const drafting = useLatest(() => api.drafts(asked()), PAUSE)
  const requesting = useLatest(() => api.draftRequest(asked()), PAUSE)
  watch(
    () => JSON.stringify(asked()),
    () => {
      if (wantsDrafts()) void drafting.soon()
      else drafting.forget()
      if (wantsRequest()) void requesting.soon()
      else requesting.forget()
    },
  )

  function clear(): void {
    passage.value = wish.reply = ''
  }

  return {
    passage,
    drafter,
    wish,
    offered,
    drafts: computed<Drafts | null>(() =>
      drafting.refusal.value || !wantsDrafts() ? null : (drafting.answer.value as Drafts | null),
    ),
    refusal: computed(() => (wantsDrafts() ? drafting.refusal.value : requesting.refusal.value)),
    request: computed(() => (wantsRequest() ? (requesting.answer.value?.text ?? '') : '')),
    clear,
  }
}
