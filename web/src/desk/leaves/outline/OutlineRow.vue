<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Proposal } from '@/api/client'
import BeadShape from '@/parts/BeadShape.vue'
import { stateOf } from '../../sync/reading'
import CellField from './CellField.vue'
import { type Column, COLUMNS, type OutlineItem, rightOf } from './outline'
import { spelled } from '../categories'

/** One question on one line. */
const { item, isHere, column, isEditing, typed, isChosen, renamed, rescored, paths, types } = defineProps<{
  item: OutlineItem
  /** Whether the keys are in this row. */
  isHere: boolean
  column: number
  isEditing: boolean
  typed: string | null
  isChosen: boolean
  /** What it would be called, and be worth. */
  renamed: Proposal['values'][number] | undefined
  rescored: Proposal['values'][number] | undefined
  paths: readonly string[]
  /** What it can become, once that is known. */
  types: readonly string[]
}>()
const emit = defineEmits<{
  pick: [column: number, event: MouseEvent]
  toggle: []
  open: [column: number]
  take: [column: Column, text: string, then: 'down' | 'right' | 'left' | 'stay']
  leave: []
}>()
const { t } = useI18n()

const question = computed(() => item.block.body.question)
const state = computed(() => stateOf(item.block))
const words = computed(() => {
  const html = question.value?.stem ?? ''
  return (
    new DOMParser().parseFromString(html, 'text/html').body.textContent?.trim().replace(/\s+/g, ' ').slice(0, 120) ?? ''
  )
})
const shown = computed<Record<Column, string>>(() => ({
  title: question.value?.title ?? '',
  category: spelled(item.block.category),
  type: question.value ? t(`type.${question.value.type}`) : '',
  right: question.value ? rightOf(question.value) : '',
  points: question.value && question.value.type !== 'stimulus' ? (question.value.points ?? '1') : '',
}))
const isAt = (index: number) => isHere && column === index
</script>

<template>
  <div role="row" class="outline-row" :class="{ 'is-here': isHere, 'is-chosen': isChosen }" :aria-selected="isChosen">
    <span role="rowheader" class="number">
      <input
        type="checkbox"
        tabindex="-1"
        :checked="isChosen"
        :aria-label="t('outline.choose', { number: item.block.number })"
        @click="emit('toggle')"
      />
      <svg width="14" height="14" viewBox="-8 -8 16 16" aria-hidden="true"><BeadShape :state="state" :size="12" /></svg>
      {{ item.block.number }}<span class="visually-hidden">, {{ t(`state.${state}`) }}</span>
    </span>
    <template v-if="question">
      <span
        v-for="(name, index) in COLUMNS"
        :id="isAt(index) ? 'outline-cell' : undefined"
        :key="name"
        role="gridcell"
        class="cell"
        :class="[`is-${name}`, { 'is-at': isAt(index) }]"
        :title="shown[name] || undefined"
        @click="emit('pick', index, $event)"
        @dblclick="emit('open', index)"
      >
        <select
          v-if="isAt(index) && isEditing && name === 'type'"
          :ref="(element) => (element as HTMLElement | null)?.focus()"
          :value="question.type"
          :aria-label="t('outline.column.type')"
          @click.stop
          @keydown.esc.prevent.stop="emit('leave')"
          @keydown.stop
          @change="emit('take', name, ($event.target as HTMLSelectElement).value, 'stay')"
          @blur="emit('leave')"
        >
          <option :value="question.type">{{ shown.type }}</option>
          <option v-for="one in types" :key="one" :value="one">{{ t(`type.${one}`) }}</option>
        </select>
        <CellField
          v-else-if="isAt(index) && isEditing"
          :value="name === 'points' ? (question.points ?? '') : shown[name]"
          :typed="typed"
          :label="t(`outline.column.${name}`)"
          :suggestions="name === 'category' ? paths : undefined"
          @take="(text, then) => emit('take', name, text, then)"
          @leave="emit('leave')"
        />
        <template v-else-if="name === 'title' && renamed">
          <del v-if="renamed.before">{{ renamed.before }}</del> <ins>{{ renamed.after }}</ins>
        </template>
        <template v-else-if="name === 'points' && rescored">
          <del v-if="rescored.before">{{ rescored.before }}</del> <ins>{{ rescored.after }}</ins>
        </template>
        <span v-else-if="name === 'title' && !shown.title" class="words" dir="auto">{{ words }}</span>
        <span v-else-if="name === 'points' && question.points === null" class="words">{{ shown.points }}</span>
        <span v-else dir="auto">{{ name === 'category' ? item.block.category.at(-1) : shown[name] }}</span>
      </span>
    </template>
    <span v-else role="gridcell" class="cell is-title words">{{ t('proof.broken') }}</span>
  </div>
</template>

<style scoped>
.outline-row {
  display: grid;
  grid-template-columns: var(--outline-columns);
  align-items: center;
  min-block-size: 32px;
  padding-inline: 10px 14px;
  border-inline-start: 2px solid transparent;
  font-size: 13.5px;
}

.outline-row.is-here {
  border-color: var(--thread);
  background: var(--line-wash);
}

.outline-row.is-chosen {
  background: var(--dye-wash);
}

.number {
  display: flex;
  align-items: center;
  gap: 5px;
  font-variant-numeric: tabular-nums;
}

.number input {
  inline-size: 14px;
  block-size: 14px;
  margin: 0;
  accent-color: var(--dye);
}

.cell {
  min-inline-size: 0;
  min-block-size: 26px;
  padding: 3px 6px;
  overflow: hidden;
  line-height: 20px;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: default;
}

.cell.is-at {
  border-radius: 3px;
  outline: 2px solid var(--dye);
  outline-offset: -2px;
}

.cell:has(input, select) {
  padding: 0;
  outline: none;
}

.cell.is-type,
.cell.is-category {
  color: var(--soft);
}

.cell.is-points {
  text-align: end;
  font-variant-numeric: tabular-nums;
}

.cell.is-right {
  color: var(--dye);
  font-weight: 600;
}

.words {
  color: var(--soft);
  font-style: italic;
}

del {
  color: var(--soft);
}

ins {
  background: var(--dye-wash);
  text-decoration: none;
}

select {
  inline-size: 100%;
  min-block-size: 26px;
  border: 1px solid var(--dye);
  border-radius: 3px;
  background: var(--leaf);
  color: var(--ink);
  font: inherit;
}

@container leaf (width < 520px) {
  .cell.is-type,
  .cell.is-category {
    display: none;
  }
}
</style>
