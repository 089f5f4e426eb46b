<script setup lang="ts">
import { nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'

/**
 * One text of a question as written: Enter and leaving take what is typed, Escape leaves it as it was, Shift and Enter
 * break the line. What was refused stays typed.
 */
const {
  value,
  label,
  placeholder = '',
  take,
} = defineProps<{
  value: string | null
  label: string
  placeholder?: string
  /** Whether it was taken; told what the text said when it was last seen. */
  take: (text: string, was: string) => Promise<boolean>
}>()
const emit = defineEmits<{ leave: [] }>()
const text = ref(value ?? '')
/** What is being changed. */
let was = value ?? ''
const isRefused = ref(false)
const field = useTemplateRef('field')

function grow(): void {
  const element = field.value
  if (!element) return
  element.style.blockSize = 'auto'
  element.style.blockSize = `${element.scrollHeight}px`
}
onMounted(grow)
watch(text, () => void nextTick(grow))

watch(
  () => value,
  (now) => {
    const isUntouched = text.value === was
    if (isUntouched) was = text.value = now ?? ''
  },
)

let isTaking = false
async function end(): Promise<void> {
  const typed = text.value.trim()
  if (isTaking || typed === was.trim()) return
  isTaking = true
  const isTaken = await take(typed, was)
  isTaking = false
  isRefused.value = !isTaken
  // What it says now was told: the same again is meant to replace that.
  was = isTaken ? typed : (value ?? '')
}

function leave(): void {
  if (text.value.trim() === was.trim() && !isRefused.value) {
    emit('leave')
    return
  }
  text.value = was = value ?? ''
  isRefused.value = false
}
</script>

<template>
  <textarea
    ref="field"
    v-model="text"
    class="edit-field"
    :class="{ 'is-refused': isRefused }"
    rows="1"
    spellcheck="true"
    dir="auto"
    :aria-label="label"
    :placeholder="placeholder || undefined"
    @keydown.enter.exact.prevent="end"
    @keydown.esc.prevent.stop="leave"
    @blur="end"
  />
</template>

<style scoped>
.edit-field {
  display: block;
  inline-size: 100%;
  min-block-size: 28px;
  border: 0;
  border-block-end: 1px dotted var(--control);
  padding: 2px 4px;
  overflow: hidden;
  background: transparent;
  color: inherit;
  font: inherit;
  resize: none;
}

/* What is not there yet stays quiet. */
.edit-field:placeholder-shown {
  border-block-end-color: transparent;
}

.edit-field:hover {
  background: var(--line-wash);
}

.edit-field:focus {
  border-block-end: 1px solid var(--dye);
  background: var(--line-wash);
  outline: none;
}

.edit-field:focus-visible {
  outline: 2px solid var(--dye);
  outline-offset: 0;
}

.edit-field.is-refused {
  border-block-end: 1px solid var(--fault);
  background: var(--fault-wash);
}

.edit-field::placeholder {
  color: var(--soft);
  font-style: italic;
}
</style>
