<script setup lang="ts">
/** A key and what it does; it can be pressed where the page itself does it. */
defineProps<{ keys: string; what: string; canBePressed: boolean }>()
defineEmits<{ press: [] }>()
</script>

<template>
  <button v-if="canBePressed" type="button" class="key-hint" @click="$emit('press')">
    <kbd>{{ keys }}</kbd> {{ what }}
  </button>
  <span v-else>
    <kbd v-for="key in keys.split(' ')" :key="key">{{ key }}</kbd> {{ what }}
  </span>
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
