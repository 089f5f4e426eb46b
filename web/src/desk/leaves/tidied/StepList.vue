<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Tidied } from '@/api/client'

/** The steps that did something: each can be refused, lights its places, and leads from one to the next. */
defineProps<{ steps: readonly Tidied['steps'][number][]; refused: readonly string[]; notes: readonly string[] }>()
const emit = defineEmits<{
  toggle: [step: string]
  light: [step: string | null]
  go: [step: string, direction: 1 | -1]
}>()
const { t } = useI18n()

function onKey(event: KeyboardEvent, step: string): void {
  const direction = { ArrowRight: 1, ArrowLeft: -1 }[event.key] as 1 | -1 | undefined
  if (!direction) return
  event.preventDefault()
  emit('go', step, direction)
}
</script>

<template>
  <div class="step-list">
    <ul v-if="steps.length" :aria-label="t('tidied.steps')">
      <li
        v-for="step in steps"
        :key="step.name"
        @pointerenter="emit('light', step.name)"
        @pointerleave="emit('light', null)"
        @focusin="emit('light', step.name)"
        @focusout="emit('light', null)"
        @keydown="onKey($event, step.name)"
      >
        <label>
          <input type="checkbox" :checked="!refused.includes(step.name)" @change="emit('toggle', step.name)" />
          {{ step.label }}
        </label>
        <button
          v-if="step.changes"
          type="button"
          :title="t('tidied.goNext')"
          :aria-label="t('tidied.goNextOf', { step: step.label, n: step.changes })"
          @click="emit('go', step.name, 1)"
        >
          {{ step.changes }}
        </button>
        <span v-else>–</span>
      </li>
    </ul>
    <p v-for="note in notes" :key="note" class="note">{{ note }}</p>
  </div>
</template>

<style scoped>
.step-list {
  padding: 2px 20px 10px;
  border-block-end: 1px solid var(--rule);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  max-block-size: 22vh;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  gap: 4px;
  min-block-size: 24px;
}

label {
  display: flex;
  align-items: center;
  gap: 6px;
}

input {
  accent-color: var(--ink);
}

li > button,
li > span {
  min-inline-size: 24px;
  min-block-size: 24px;
  border: 0;
  padding: 0 4px;
  background: transparent;
  color: var(--soft);
  font: inherit;
  font-variant-numeric: tabular-nums;
}

li > button {
  cursor: pointer;
  text-decoration: underline dotted var(--control);
  text-underline-offset: 3px;
}

.note {
  margin-block-start: 6px;
  color: var(--soft);
  font-size: 13px;
}
</style>
