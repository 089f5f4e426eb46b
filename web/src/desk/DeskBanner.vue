<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'
import type { Arrival, Refusal } from '@/composables/useBringIn'
import ArrivalNote from '@/parts/ArrivalNote.vue'
import type { Desk } from './useDesk'

/** One line over the book for what cannot wait: files on their way, or text that the server does not take. */
defineProps<{
  desk: Pick<Desk, 'saveState' | 'saveMessage' | 'putBack' | 'tryAgain'>
  isOver: boolean
  arrival: Arrival | null
  refusals: readonly Refusal[]
}>()
const emit = defineEmits<{ stop: []; seen: [] }>()
const { t } = useI18n()
</script>

<template>
  <div v-if="isOver" class="banner">{{ t('shelf.dropNow') }}</div>
  <div v-else-if="arrival" class="banner is-quiet">
    <ArrivalNote class="arriving" :arrival="arrival" @stop="emit('stop')" />
  </div>
  <div v-else-if="refusals.length" class="banner" role="alert">
    <span v-for="refusal in refusals" :key="refusal.name"
      ><b>{{ t('shelf.refused', { name: refusal.name }) }}</b> {{ refusal.message }}</span
    >
    <Button size="small" severity="secondary" outlined @click="emit('seen')">{{ t('app.close') }}</Button>
  </div>
  <div v-else-if="desk.saveState.value === 'offline'" class="banner" role="alert">
    {{ t('save.offline', { message: desk.saveMessage.value ?? '' }) }}
  </div>
  <div v-else-if="desk.saveState.value === 'gone'" class="banner" role="alert">
    {{ t('save.goneTitle') }}
    <Button size="small" severity="secondary" outlined @click="desk.putBack()">{{ t('save.putBack') }}</Button>
  </div>
  <div v-else-if="desk.saveState.value === 'refused'" class="banner" role="alert">
    {{ t('save.refusedTitle', { message: desk.saveMessage.value }) }}
    <Button size="small" severity="secondary" outlined @click="desk.tryAgain()">{{ t('save.tryAgain') }}</Button>
  </div>
</template>

<style scoped>
.banner {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 20px;
  background: var(--doubt-wash);
  border-block-end: 1px solid var(--doubt);
}

.banner.is-quiet {
  background: var(--leaf);
  border-block-end-color: var(--rule);
}

.banner .arriving {
  inline-size: min(560px, 100%);
}
</style>
