<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { LETTERS, type ListStyle } from './list-style'

/** How a Starred list is written. */
const style = defineModel<ListStyle>({ required: true })
const { t } = useI18n()

const stars = computed(() => [
  { value: false, label: t('handover.style.before') },
  { value: true, label: t('handover.style.after') },
])
function set(change: Partial<ListStyle>): void {
  style.value = { ...style.value, ...change }
}
</script>

<template>
  <div class="list-style" role="group" :aria-label="t('handover.style.title')">
    <label for="list-letters">{{ t('handover.style.letters') }}</label>
    <Select
      size="small"
      label-id="list-letters"
      :aria-label="t('handover.style.letters')"
      :options="[...LETTERS]"
      :model-value="style.letters"
      @update:model-value="set({ letters: $event })"
    />
    <label for="list-stars">{{ t('handover.style.stars') }}</label>
    <Select
      size="small"
      label-id="list-stars"
      :aria-label="t('handover.style.stars')"
      :options="stars"
      option-label="label"
      option-value="value"
      :model-value="style.starsAfter"
      @update:model-value="set({ starsAfter: $event })"
    />
    <label
      ><Checkbox binary size="small" :model-value="style.points" @update:model-value="set({ points: $event })" />{{
        t('handover.style.points')
      }}</label
    >
    <label
      ><Checkbox
        binary
        size="small"
        :model-value="style.blankAfterStem"
        @update:model-value="set({ blankAfterStem: $event })"
      />{{ t('handover.style.blank') }}</label
    >
  </div>
</template>

<style scoped>
.list-style {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 0 20px 8px;
  color: var(--soft);
  font-size: 13px;
}

.list-style label {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
</style>
