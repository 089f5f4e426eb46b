<script setup lang="ts">
import { nextTick, onMounted, ref, useTemplateRef } from 'vue'

/** A cell while it is changed: Enter and Tab take what is typed, Escape leaves it as it was. */
const {
  value,
  typed,
  label,
  suggestions = null,
} = defineProps<{
  value: string
  /** What was typed to begin with; null begins with what is there. */
  typed: string | null
  label: string
  suggestions?: readonly string[] | null
}>()
const emit = defineEmits<{ take: [text: string, then: 'down' | 'right' | 'left' | 'stay']; leave: [] }>()
const text = ref(typed ?? value)
const field = useTemplateRef('field')
let isOver = false

onMounted(async () => {
  await nextTick()
  field.value?.focus({ preventScroll: true })
  if (typed === null) field.value?.select()
})

function take(then: 'down' | 'right' | 'left' | 'stay'): void {
  if (isOver) return
  isOver = true
  emit('take', text.value, then)
}

function leave(): void {
  isOver = true
  emit('leave')
}

const list = `paths-${Math.random().toString(36).slice(2)}`
</script>

<template>
  <span class="cell-field">
    <input
      ref="field"
      v-model="text"
      type="text"
      maxlength="2000"
      spellcheck="false"
      :aria-label="label"
      :list="suggestions ? list : undefined"
      @keydown.enter.prevent.stop="take('down')"
      @keydown.tab.prevent.stop="take($event.shiftKey ? 'left' : 'right')"
      @keydown.esc.prevent.stop="leave"
      @keydown.stop
      @blur="take('stay')"
      @click.stop
    />
    <datalist v-if="suggestions" :id="list">
      <option v-for="one in suggestions" :key="one" :value="one" />
    </datalist>
  </span>
</template>

<style scoped>
input {
  inline-size: 100%;
  min-block-size: 26px;
  border: 1px solid var(--dye);
  border-radius: 3px;
  padding: 1px 6px;
  background: var(--leaf);
  color: var(--ink);
  font: inherit;
}
</style>
