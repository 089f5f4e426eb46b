<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { spelled } from '../categories'
import CellField from './CellField.vue'

/** Where a category begins: its name, and what is filed under it wherever it stands. */
const { path, sums, isHere, isEditing, typed } = defineProps<{
  path: readonly string[]
  sums: string
  isHere: boolean
  isEditing: boolean
  typed: string | null
}>()
const emit = defineEmits<{ pick: [event: MouseEvent]; open: []; rename: [name: string]; leave: [] }>()
const { t } = useI18n()
const name = computed(() => spelled(path))
</script>

<template>
  <div
    role="row"
    class="category-row"
    :class="{ 'is-here': isHere }"
    @click="emit('pick', $event)"
    @dblclick="emit('open')"
  >
    <span :id="isHere ? 'outline-cell' : undefined" role="gridcell" class="name">
      <CellField
        v-if="isHere && isEditing"
        :value="name"
        :typed="typed"
        :label="t('outline.rename', { path: name })"
        @take="(text) => emit('rename', text)"
        @leave="emit('leave')"
      />
      <template v-else>{{ name || t('outline.noCategory') }}</template>
    </span>
    <span role="gridcell" class="sums">{{ sums }}</span>
  </div>
</template>

<style scoped>
.category-row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  min-block-size: 36px;
  padding: 8px 20px 2px 14px;
  border-inline-start: 2px solid transparent;
  cursor: default;
}

.category-row.is-here {
  border-color: var(--thread);
  background: var(--line-wash);
}

.name {
  flex: 1;
  min-inline-size: 0;
  color: var(--hint);
  font-weight: 600;
}

.sums {
  color: var(--soft);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
}
</style>
