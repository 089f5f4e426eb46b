<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import RadioButton from 'primevue/radiobutton'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Proposal } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { AmendingDesk } from '../../useAmend'
import OutlinePanel from './OutlinePanel.vue'
import { useProposal } from './useProposal'

/** The same points for each, or a total that is shared evenly; the rows show them before they are taken. */
const { desk, sheetId, chosen, wanted } = defineProps<{
  desk: AmendingDesk
  sheetId: string
  chosen: readonly number[]
  /** The total that is wanted for the sheet. */
  wanted: string | null
}>()
const emit = defineEmits<{ show: [proposal: Proposal | null]; close: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const STEPS = [
  { value: '1', label: '1' },
  { value: '0.5', label: '½' },
  { value: '0.25', label: '¼' },
] as const

const way = ref<'each' | 'total'>(wanted === null || chosen.length ? 'each' : 'total')
const each = ref('1')
const total = ref(wanted ?? '')
const step = ref<'1' | '0.5' | '0.25'>('1')
const all = ref(false)
const decimal = (typed: string) => typed.trim().replace(',', '.')
const isNumber = (typed: string) => /^\d{1,7}(\.\d{1,2})?$/.test(decimal(typed))
const questions = computed(() => (chosen.length ? [...chosen] : null))
const { proposal, refusal, isReady, take } = useProposal(
  desk,
  () => [way.value, each.value, total.value, step.value, all.value, questions.value],
  (base) => {
    if (way.value === 'each')
      return isNumber(each.value)
        ? api.scoring(sheetId, { base, each: decimal(each.value), step: '1', all: true, questions: questions.value })
        : null
    return isNumber(total.value)
      ? api.scoring(sheetId, { base, total: decimal(total.value), step: step.value, all: all.value })
      : null
  },
  (proposal) => emit('show', proposal),
)
const count = computed(() => proposal.value?.values.length ?? 0)

async function score(): Promise<void> {
  if (!(await take())) return
  const times = count.value
  say(t('outline.scored', times), () => desk.undo())
  emit('close')
}
</script>

<template>
  <OutlinePanel
    :refusal="refusal"
    :notes="proposal?.notes ?? []"
    :action="t('outline.score', count)"
    :is-ready="isReady"
    @take="score"
    @close="emit('close')"
  >
    <label><RadioButton v-model="way" value="each" name="way" /> {{ t('outline.each') }}</label>
    <InputText
      v-model="each"
      size="small"
      class="figure"
      inputmode="decimal"
      :aria-label="t('outline.each')"
      :disabled="way !== 'each'"
    />
    <label><RadioButton v-model="way" value="total" name="way" /> {{ t('outline.total') }}</label>
    <InputText
      v-model="total"
      size="small"
      class="figure"
      inputmode="decimal"
      :aria-label="t('outline.total')"
      :disabled="way !== 'total'"
    />
    <template v-if="way === 'total'">
      <label
        >{{ t('outline.step') }}
        <Select
          v-model="step"
          size="small"
          :options="[...STEPS]"
          option-label="label"
          option-value="value"
          :aria-label="t('outline.step')"
      /></label>
      <label><Checkbox v-model="all" binary /> {{ t('outline.shareAll') }}</label>
    </template>
  </OutlinePanel>
</template>

<style scoped>
.figure {
  inline-size: 64px;
  text-align: end;
}
</style>
