<script setup lang="ts">
import Button from 'primevue/button'
import ProgressBar from 'primevue/progressbar'
import { useI18n } from 'vue-i18n'

/** Something that takes a while, how far it is (of 1; null where nobody knows), and a way to stop it. */
const { share = null } = defineProps<{ share?: number | null }>()
const emit = defineEmits<{ stop: [] }>()
const { t } = useI18n()
</script>

<template>
  <div class="work" role="status">
    <p><slot /></p>
    <ProgressBar
      :mode="share === null ? 'indeterminate' : 'determinate'"
      :value="(share ?? 0) * 100"
      :show-value="false"
      :aria-label="t('work.progress')"
    />
    <Button size="small" severity="secondary" outlined @click="emit('stop')">{{ t('work.stop') }}</Button>
  </div>
</template>

<style scoped>
.work {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px 14px;
  /* What is read at once shows nothing. */
  animation: appear 0.1s 0.25s both;
}

.work p {
  grid-column: 1;
  overflow-wrap: anywhere;
}

.work :deep(.p-progressbar) {
  grid-column: 1;
  block-size: 5px;
}

.work :deep(.p-button) {
  grid-area: 1 / 2 / 3 / 3;
}

@keyframes appear {
  from {
    opacity: 0;
  }
}
</style>
