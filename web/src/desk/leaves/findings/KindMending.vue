<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'
import type { Mended } from '@/api/client'
import ChangedLines from '@/parts/ChangedLines.vue'

/** What mending all findings of one kind would do, before it is done. */
const { mended } = defineProps<{ mended: Mended }>()
defineEmits<{ mend: []; cancel: [] }>()
const { t } = useI18n()
const times = mended.changes.reduce((sum, one) => sum + one.times, 0)
</script>

<template>
  <div class="kind-mending" role="group" :aria-label="t('findings.preview')">
    <ChangedLines :places="mended.places" />
    <p class="ways">
      <Button size="small" @click="$emit('mend')">{{ t('findings.mendThese', times) }}</Button>
      <Button size="small" severity="secondary" outlined @click="$emit('cancel')">{{ t('app.cancel') }}</Button>
    </p>
  </div>
</template>

<style scoped>
.kind-mending {
  margin-block: 8px;
  padding: 10px 12px;
  border: 1px solid var(--rule);
  border-radius: 4px;
}

.ways {
  display: flex;
  gap: 8px;
  margin-block-start: 10px;
}
</style>
