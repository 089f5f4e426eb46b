<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'

/** Says above a question that nobody has read it, until somebody has. */
defineProps<{ number: number }>()
const emit = defineEmits<{ read: []; remove: [] }>()
const { t } = useI18n()
</script>

<template>
  <p class="draft">
    <span>{{ t('draft.isDraft') }}</span>
    <Button size="small" :aria-label="t('draft.readOf', { number })" @click="emit('read')">{{
      t('draft.read')
    }}</Button>
    <Button
      size="small"
      severity="secondary"
      outlined
      :aria-label="t('draft.takeOutOf', { number })"
      @click="emit('remove')"
      >{{ t('draft.takeOut') }}</Button
    >
  </p>
</template>

<style scoped>
.draft {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  margin-block: 2px 6px;
  padding: 4px 10px;
  border-inline-start: 3px solid var(--doubt);
  background: var(--doubt-wash);
  font-size: 13.5px;
}
</style>
