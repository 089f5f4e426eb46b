<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableReading } from '@/api/client'

/** The first rows of a table, with what each column holds above it. */
const { columns } = defineProps<{
  columns: TableReading['columns']
  rows: TableReading['rows']
  /** How many there are in all. */
  count: number
}>()
const emit = defineEmits<{ holds: [place: number, column: string] }>()
const { t } = useI18n()

const SINGLE = ['stem', 'key', 'category', 'title', 'type', 'points', 'feedback'] as const
const optionsUpTo = computed(() => {
  const numbers = columns.map(({ holds }) => Number(/^option (\d+)$/.exec(holds)?.[1] ?? 0))
  return Math.max(...numbers, 3) + 1
})
const choices = computed(() => {
  const numbers = Array.from({ length: optionsUpTo.value }, (_, index) => index + 1)
  return [
    { id: 'stem', label: t('columns.column.stem') },
    ...numbers.map((n) => ({ id: `option ${n}`, label: t('columns.column.option', { n }) })),
    ...SINGLE.slice(1).map((id) => ({ id, label: t(`columns.column.${id}`) })),
    ...numbers.map((n) => ({ id: `feedback ${n}`, label: t('columns.column.optionFeedback', { n }) })),
    { id: '-', label: t('columns.column.leftOut') },
  ]
})
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col" class="number">{{ t('columns.row') }}</th>
        <th scope="col">{{ t('columns.becomes') }}</th>
        <th v-for="(column, place) in columns" :key="place" scope="col" :class="{ 'is-out': column.holds === '-' }">
          <Select
            :model-value="column.holds"
            :options="choices"
            option-value="id"
            option-label="label"
            size="small"
            :aria-label="t('columns.holds', { n: place + 1 })"
            @update:model-value="emit('holds', place, $event)"
          />
          <span v-if="column.heading" class="heading">{{ column.heading }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.number">
        <th scope="row" class="number">{{ row.number }}</th>
        <td :class="row.becomes ? 'type' : 'nothing'" :title="row.notes.join(' ')">
          {{ row.becomes ? t(`type.${row.becomes}`) : t('columns.nothing') }}
        </td>
        <td
          v-for="(column, place) in columns"
          :key="place"
          dir="auto"
          :class="{ 'is-out': column.holds === '-', 'is-stem': column.holds === 'stem' }"
        >
          {{ row.cells[place] }}
        </td>
      </tr>
    </tbody>
  </table>
  <p v-if="count > rows.length" class="more">{{ t('columns.more', count - rows.length) }}</p>
</template>

<style scoped>
table {
  border-collapse: collapse;
  font-size: 13.5px;
}

th,
td {
  max-inline-size: 260px;
  padding: 5px 10px 5px 0;
  border-block-end: 1px solid var(--rule);
  text-align: start;
  vertical-align: top;
}

thead th {
  position: sticky;
  inset-block-start: -4px;
  background: var(--leaf);
  font-weight: 400;
  z-index: 1;
}

.heading {
  display: block;
  margin-block-start: 3px;
  overflow: hidden;
  color: var(--soft);
  font-size: 12.5px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

td {
  min-inline-size: 96px;
  overflow-wrap: anywhere;
  white-space: pre-line;
}

.is-stem {
  min-inline-size: 200px;
  font-family: var(--font-question);
  font-size: 15px;
}

.number {
  color: var(--soft);
  font-variant-numeric: tabular-nums;
  font-weight: 400;
}

.is-out {
  color: var(--faint);
  text-decoration: line-through;
  text-decoration-color: var(--control);
}

th.is-out {
  text-decoration: none;
}

.type {
  color: var(--soft);
  white-space: nowrap;
}

.nothing {
  color: var(--doubt);
  white-space: nowrap;
}

.more {
  margin-block-start: 8px;
  color: var(--soft);
  font-size: 13.5px;
}
</style>
