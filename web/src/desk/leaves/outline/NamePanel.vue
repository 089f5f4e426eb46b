<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Proposal } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { AmendingDesk } from '../../useAmend'
import OutlinePanel from './OutlinePanel.vue'
import { useProposal } from './useProposal'

/** Titles by a pattern; the rows show them before they are taken. */
const { desk, sheetId, chosen } = defineProps<{ desk: AmendingDesk; sheetId: string; chosen: readonly number[] }>()
const emit = defineEmits<{ show: [proposal: Proposal | null]; close: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const PARTS = ['{last}', '{path}', '{n}', '{nn}', '{nnn}', '{words}']

const pattern = ref('{last} – {nn}')
const all = ref(false)
const questions = computed(() => (chosen.length ? [...chosen] : null))
const { proposal, refusal, isReady, take } = useProposal(
  desk,
  () => [pattern.value, all.value, questions.value],
  (base) => api.naming(sheetId, { base, pattern: pattern.value, all: all.value, questions: questions.value }),
  (proposal) => emit('show', proposal),
)
const count = computed(() => proposal.value?.values.length ?? 0)

async function name(): Promise<void> {
  if (!(await take())) return
  const times = count.value
  say(t('outline.named', times), () => desk.undo())
  emit('close')
}
</script>

<template>
  <OutlinePanel
    :refusal="refusal"
    :notes="proposal?.notes ?? []"
    :action="t('outline.name', count)"
    :is-ready="isReady"
    @take="name"
    @close="emit('close')"
  >
    <label for="name-pattern">{{ t('outline.pattern') }}</label>
    <InputText id="name-pattern" v-model="pattern" size="small" class="pattern" spellcheck="false" autofocus />
    <span class="parts">
      <button
        v-for="part in PARTS"
        :key="part"
        type="button"
        :title="t(`outline.part.${part.slice(1, -1)}`)"
        @click="pattern += part"
      >
        {{ part }}
      </button>
    </span>
    <label><Checkbox v-model="all" binary /> {{ t('outline.nameAll') }}</label>
  </OutlinePanel>
</template>

<style scoped>
.pattern {
  inline-size: 220px;
  font-family: var(--font-source);
  font-variant-ligatures: none;
}

.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.parts button {
  min-block-size: 24px;
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--leaf);
  color: var(--soft);
  font-family: var(--font-source);
  font-size: 12px;
  cursor: pointer;
}
</style>
