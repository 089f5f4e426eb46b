<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ShelfGroup } from '@/api/client'

/** What can be done with the sheets that are chosen. */
const { count, groups } = defineProps<{ count: number; groups: readonly ShelfGroup[] }>()
const emit = defineEmits<{ join: []; copy: []; put: [group: string | null]; takeOff: []; clear: [] }>()
const { t } = useI18n()

const places = computed(() => [...groups.map(({ id, name }) => ({ id, name })), { id: '', name: t('shelf.noGroup') }])
</script>

<template>
  <div class="chosen-bar" role="group" :aria-label="t('shelf.chosen', count)">
    <b aria-live="polite">{{ t('shelf.chosen', count) }}</b>
    <Button v-if="count > 1" size="small" @click="emit('join')">{{ t('shelf.join') }}</Button>
    <Button size="small" severity="secondary" outlined @click="emit('copy')">{{ t('shelf.copy') }}</Button>
    <Select
      v-if="groups.length"
      size="small"
      :aria-label="t('shelf.moveTo')"
      :placeholder="t('shelf.moveTo')"
      :options="places"
      option-label="name"
      option-value="id"
      :model-value="null"
      @update:model-value="emit('put', $event || null)"
    />
    <Button size="small" severity="secondary" outlined @click="emit('takeOff')">{{ t('shelf.takeOff') }}</Button>
    <Button size="small" severity="secondary" outlined @click="emit('clear')">{{ t('shelf.clear') }}</Button>
  </div>
</template>

<style scoped>
.chosen-bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 8px 26px;
  border-block-start: 1px solid var(--rule);
  background: var(--line-wash);
}

b {
  margin-inline-end: 8px;
  font-weight: 650;
}
</style>
