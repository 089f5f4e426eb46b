<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import BeadShape from '@/parts/BeadShape.vue'

/** What the beads mean, where they are: shape, colour and word. */
const STATES = ['sound', 'hint', 'doubt', 'fault', 'broken'] as const
const { t } = useI18n()
</script>

<template>
  <div class="bead-legend">
    <span>{{ t('shelf.legend') }}</span>
    <span v-for="state in STATES" :key="state" class="state">
      <svg width="14" height="14" viewBox="-7 -7 14 14" aria-hidden="true"><BeadShape :state="state" :size="10" /></svg>
      {{ t(`state.${state}`) }}
    </span>
  </div>
</template>

<style scoped>
.bead-legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  padding: 12px 26px;
  color: var(--soft);
  font-size: 13px;
}

.state {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
