<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { AmendingDesk } from '../../useAmend'
import { pathOf, spelled } from '../categories'
import OutlinePanel from './OutlinePanel.vue'
import { useProposal } from './useProposal'

/** Puts the chosen questions into a category: at its end, or where they stand. */
const { desk, sheetId, chosen, paths } = defineProps<{
  desk: AmendingDesk
  sheetId: string
  chosen: readonly number[]
  paths: readonly string[]
}>()
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const typed = ref('')
const staysInPlace = ref(false)
const path = computed(() => pathOf(typed.value))
const { proposal, refusal, isReady, take } = useProposal(
  desk,
  () => [path.value, staysInPlace.value, chosen],
  (base) =>
    path.value.length && chosen.length
      ? api.filing(sheetId, {
          base,
          way: staysInPlace.value ? 'in-place' : 'into',
          questions: [...chosen],
          path: path.value,
          to: [],
          order: [],
        })
      : null,
  () => {},
)

async function sort(): Promise<void> {
  const where = spelled(path.value)
  const times = chosen.length
  if (!(await take())) return
  say(t('outline.sorted', { path: where }, times), () => desk.undo())
  emit('close')
}
</script>

<template>
  <OutlinePanel
    :refusal="refusal"
    :notes="proposal?.notes ?? []"
    :action="t('outline.sortInto', chosen.length)"
    :is-ready="isReady"
    @take="sort"
    @close="emit('close')"
  >
    <p v-if="!chosen.length">{{ t('outline.chooseFirst') }}</p>
    <label for="sort-path">{{ t('outline.path') }}</label>
    <InputText
      id="sort-path"
      v-model="typed"
      size="small"
      class="path"
      list="known-paths"
      spellcheck="false"
      autofocus
    />
    <datalist id="known-paths">
      <option v-for="one in paths" :key="one" :value="one" />
    </datalist>
    <label><Checkbox v-model="staysInPlace" binary /> {{ t('outline.inPlace') }}</label>
  </OutlinePanel>
</template>

<style scoped>
.path {
  inline-size: 240px;
}
</style>
