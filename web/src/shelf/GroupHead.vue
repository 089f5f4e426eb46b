<script setup lang="ts">
import Button from 'primevue/button'
import { nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ShelfGroup } from '@/api/client'
import NameField from '@/parts/NameField.vue'

/** The head of a group: it folds it, is renamed, and moves among the others. */
const { group, count, isChosen = false } = defineProps<{ group: ShelfGroup; count: number; isChosen?: boolean }>()
const emit = defineEmits<{ fold: []; rename: [name: string]; move: [step: 1 | -1]; remove: [] }>()
const { t } = useI18n()
const isRenaming = ref(false)
const fold = useTemplateRef('fold')

function endRenaming(): void {
  isRenaming.value = false
  void nextTick(() => fold.value?.focus())
}

function onKey(event: KeyboardEvent): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key] as 1 | -1 | undefined
  if (step && event.altKey) emit('move', step)
  else if (event.key === 'F2') isRenaming.value = true
  else if (event.key === 'Delete') emit('remove')
  else return
  event.preventDefault()
  event.stopPropagation()
}

defineExpose({ startRenaming: () => (isRenaming.value = true) })
</script>

<template>
  <div class="group-head">
    <NameField
      v-if="isRenaming"
      :name="group.name"
      :label="t('shelf.groupName')"
      :max-length="100"
      @rename="emit('rename', $event)"
      @end="endRenaming"
    />
    <h2 v-else>
      <button
        ref="fold"
        type="button"
        class="fold"
        data-stop
        :tabindex="isChosen ? 0 : -1"
        :aria-expanded="!group.isFolded"
        @click="emit('fold')"
        @keydown="onKey"
      >
        <span class="sign" aria-hidden="true">{{ group.isFolded ? '▸' : '▾' }}</span>
        {{ group.name }}
        <span class="count">{{ t('shelf.sheets', count) }}</span>
      </button>
    </h2>
    <span class="doings">
      <Button
        size="small"
        text
        severity="secondary"
        tabindex="-1"
        :aria-label="t('shelf.groupUp', { name: group.name })"
        @click="emit('move', -1)"
        >↑</Button
      >
      <Button
        size="small"
        text
        severity="secondary"
        tabindex="-1"
        :aria-label="t('shelf.groupDown', { name: group.name })"
        @click="emit('move', 1)"
        >↓</Button
      >
      <Button
        size="small"
        text
        severity="secondary"
        tabindex="-1"
        :aria-label="t('shelf.renameSheet', { title: group.name })"
        @click="isRenaming = true"
        >{{ t('shelf.rename') }}</Button
      >
      <Button
        size="small"
        text
        severity="secondary"
        tabindex="-1"
        :aria-label="t('shelf.removeGroup', { name: group.name })"
        @click="emit('remove')"
        >{{ t('shelf.takeOff') }}</Button
      >
    </span>
  </div>
</template>

<style scoped>
.group-head {
  display: flex;
  align-items: center;
  gap: 12px;
  min-block-size: 38px;
  padding-inline: 14px 26px;
  border-block-start: 1px solid var(--rule);
  background: var(--source);
}

h2 {
  flex: 1;
}

.fold {
  display: flex;
  align-items: baseline;
  gap: 8px;
  inline-size: 100%;
  min-block-size: 36px;
  border: 0;
  padding: 0 0 0 12px;
  background: transparent;
  color: inherit;
  font: inherit;
  font-weight: 650;
  line-height: 36px;
  text-align: start;
  cursor: pointer;
}

.fold:focus-visible {
  outline-offset: -2px;
}

.sign {
  inline-size: 12px;
  color: var(--soft);
}

.count {
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
}

.doings {
  display: none;
}

.group-head:hover .doings {
  display: flex;
}

@media (hover: none) {
  .doings {
    display: flex;
  }
}
</style>
