<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'

/** A name while it is changed: Enter or leaving keeps it, Escape does not. What is empty, or as it was, changes nothing. */
const { name, label, maxLength } = defineProps<{ name: string; label: string; maxLength: number }>()
const emit = defineEmits<{ rename: [name: string]; end: [] }>()
const typed = ref(name)
let isOver = false

function end(keeps: boolean): void {
  // Going away takes the focus, too.
  if (isOver) return
  isOver = true
  const wanted = typed.value.trim()
  if (keeps && wanted && wanted !== name) emit('rename', wanted)
  emit('end')
}
</script>

<template>
  <InputText
    v-model="typed"
    autofocus
    size="small"
    :maxlength="maxLength"
    :aria-label="label"
    @keydown.enter.prevent="end(true)"
    @keydown.esc.stop="end(false)"
    @keydown.delete.stop
    @keydown.space.stop
    @blur="end(true)"
  />
</template>
