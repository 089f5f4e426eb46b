<script setup lang="ts">
import Button from 'primevue/button'
import ProgressBar from 'primevue/progressbar'
import { useI18n } from 'vue-i18n'
import type { Arrival } from '@/composables/useBringIn'

defineProps<{ arrival: Arrival }>()
const emit = defineEmits<{ stop: [] }>()
const { t } = useI18n()
</script>

<template>
  <div class="arrival" role="status">
    <p>
      {{ t('arrival.reading', { name: arrival.name }) }}
      <span v-if="arrival.of > 1">{{ t('arrival.nth', { nth: arrival.nth, of: arrival.of }) }}</span>
    </p>
    <ProgressBar
      :mode="arrival.of > 1 ? 'determinate' : 'indeterminate'"
      :value="((arrival.nth - 0.5) / arrival.of) * 100"
      :show-value="false"
      :aria-label="t('arrival.progress')"
    />
    <Button size="small" severity="secondary" outlined @click="emit('stop')">{{ t('arrival.stop') }}</Button>
  </div>
</template>

<style scoped>
.arrival {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px 14px;
  /* What is read at once shows nothing. */
  animation: appear 0.1s 0.25s both;
}

.arrival p {
  grid-column: 1;
  overflow-wrap: anywhere;
}

.arrival span {
  color: var(--soft);
}

.arrival :deep(.p-progressbar) {
  grid-column: 1;
  block-size: 5px;
}

.arrival :deep(.p-button) {
  grid-area: 1 / 2 / 3 / 3;
}

@keyframes appear {
  from {
    opacity: 0;
  }
}
</style>
