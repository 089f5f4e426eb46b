<script setup lang="ts">
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import Popover from 'primevue/popover'
import { ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Count } from './sync/reading'

/** The first thing people look for: how many are sound, of how many, and whether that is the number they wrote. */
const { count, expected } = defineProps<{ count: Count; expected: number | null }>()
const emit = defineEmits<{ expect: [number: number] }>()
const { t } = useI18n()
const popover = useTemplateRef('popover')
const wanted = ref<number | null>(null)
const form = useTemplateRef('form')

function toggle(event: Event): void {
  wanted.value = expected
  popover.value?.toggle(event)
}

function set(number: number | null): void {
  emit('expect', number ?? 0)
  popover.value?.hide()
}
</script>

<template>
  <button
    type="button"
    class="expected-count"
    :class="{
      'is-short': count.isWhole && count.sound < count.questions,
      'is-off': expected !== null && expected !== count.questions,
    }"
    :aria-label="t('desk.countLabel', { sound: count.isWhole ? count.sound : '…', questions: count.questions })"
    @click="toggle"
  >
    <b>{{
      t('desk.count', {
        sound: count.isWhole ? count.sound.toLocaleString('en') : '…',
        questions: count.questions.toLocaleString('en'),
      })
    }}</b>
    <span v-if="expected !== null && expected !== count.questions">{{ t('desk.expected', { expected }) }}</span>
  </button>
  <Popover ref="popover" @show="form?.querySelector('input')?.focus()">
    <form ref="form" class="expected-form" @submit.prevent="set(wanted)">
      <label for="expected-number">{{ t('desk.expectedTitle') }}</label>
      <p>{{ t('desk.expectedLead') }}</p>
      <div>
        <InputNumber
          v-model="wanted"
          input-id="expected-number"
          size="small"
          :min="1"
          :max="1000000"
          :use-grouping="false"
          fluid
        />
        <Button type="submit" size="small">{{ t('desk.set') }}</Button>
        <Button size="small" severity="secondary" outlined @click="set(null)">{{ t('desk.expectedNone') }}</Button>
      </div>
    </form>
  </Popover>
</template>

<style scoped>
.expected-count {
  display: grid;
  place-content: center;
  inline-size: 100%;
  block-size: 100%;
  padding: 0;
  border: 0;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 12px;
  line-height: 1.2;
  text-align: center;
  cursor: pointer;
}

/* The ring lies within: the head of the spine ends where the button does. */
.expected-count:focus-visible {
  outline-offset: -3px;
}

.expected-count b {
  font-weight: 700;
  text-decoration: underline dotted var(--control);
  text-underline-offset: 3px;
}

.is-short b {
  color: var(--fault);
}

.expected-count span {
  color: var(--doubt);
  font-size: 11px;
}

.expected-form {
  inline-size: 300px;
  padding: 4px;
}

.expected-form label {
  font-weight: 650;
}

.expected-form p {
  margin-block-end: 8px;
  color: var(--soft);
  font-size: 13px;
}

.expected-form div {
  display: flex;
  gap: 6px;
  white-space: nowrap;
}

.expected-form :deep(.p-inputnumber) {
  inline-size: 96px;
}
</style>
