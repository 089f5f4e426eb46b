<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Action } from '@/composables/actions'
import KeyHint from './KeyHint.vue'

/** The keys that matter most on a page, and what is worth knowing at its end. */
defineProps<{ actions: readonly Action[] }>()
const { t } = useI18n()
</script>

<template>
  <footer class="status-bar">
    <template v-for="action in actions" :key="action.id">
      <KeyHint
        v-if="action.hint"
        :keys="action.keys"
        :what="t(action.hint)"
        :can-be-pressed="action.run !== undefined"
        @press="action.run?.()"
      />
    </template>
    <div class="end"><slot name="end" /></div>
  </footer>
</template>

<style scoped>
.status-bar {
  display: flex;
  align-items: center;
  gap: 20px;
  block-size: 32px;
  padding-inline: 20px;
  border-block-start: 1px solid var(--rule);
  background: var(--desk);
  color: var(--soft);
  font-size: 13px;
  white-space: nowrap;
  overflow: hidden;
}

.end {
  margin-inline-start: auto;
  overflow: hidden;
  text-overflow: ellipsis;
}

/* A phone has none of these keys. */
@media (width < 760px) {
  .status-bar {
    display: none;
  }
}
</style>
