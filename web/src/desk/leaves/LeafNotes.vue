<script setup lang="ts">
import { useI18n } from 'vue-i18n'

/** What was left out of a file on its way here, and what wants a look; shut where it is much. */
const { notes } = defineProps<{ notes: readonly string[] }>()
const { t } = useI18n()
</script>

<template>
  <details v-if="notes.length" class="leaf-notes" :open="notes.length < 4">
    <summary>{{ t('notes.title') }} ({{ notes.length }})</summary>
    <ul>
      <li v-for="note in notes" :key="note">{{ note }}</li>
    </ul>
  </details>
</template>

<style scoped>
.leaf-notes {
  margin: 0 20px 8px;
  padding: 6px 12px;
  border-inline-start: 3px solid var(--doubt);
  background: var(--doubt-wash);
  font-size: 13.5px;
}

summary {
  cursor: pointer;
}

ul {
  max-block-size: 130px;
  margin: 4px 0 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}
</style>
