<script setup lang="ts">
defineProps<{ keys: string; what: string }>()
defineEmits<{ press: [] }>()
</script>

<template>
  <button type="button" class="key-hint" @click="$emit('press')">
    <kbd>{{ keys }}</kbd> {{ what }}
  </button>
</template>

<style scoped>
.key-hint {
  border: 0;
  padding: 2px 0;
  background: transparent;
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.key-hint:hover {
  color: var(--ink);
}
</style>
