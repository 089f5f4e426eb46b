<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'

const { title } = defineProps<{ title: string }>()
const emit = defineEmits<{ rename: [title: string] }>()
const { t } = useI18n()
const draft = ref<string | null>(null)

function end(keep: boolean): void {
  const next = draft.value?.trim()
  draft.value = null
  if (keep && next && next !== title) emit('rename', next)
}
</script>

<template>
  <h1 class="sheet-title">
    <InputText
      v-if="draft !== null"
      v-model="draft"
      autofocus
      size="small"
      maxlength="200"
      :aria-label="t('desk.rename')"
      @keydown.enter="end(true)"
      @keydown.esc="end(false)"
      @blur="draft === null || end(true)"
    />
    <button v-else type="button" :title="t('shelf.rename')" @click="draft = title">{{ title }}</button>
  </h1>
</template>

<style scoped>
.sheet-title {
  min-inline-size: 0;
}

button {
  max-inline-size: 100%;
  padding: 2px 6px;
  border: 0;
  border-radius: 4px;
  background: transparent;
  color: var(--bar-ink);
  font: inherit;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: text;
}

button:hover {
  background: #ffffff1a;
}
</style>
