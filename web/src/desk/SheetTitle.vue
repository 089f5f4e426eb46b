<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import NameField from '@/parts/NameField.vue'

const { title } = defineProps<{ title: string }>()
const emit = defineEmits<{ rename: [title: string] }>()
const { t } = useI18n()
const isRenaming = ref(false)
</script>

<template>
  <h1 class="sheet-title">
    <NameField
      v-if="isRenaming"
      :name="title"
      :label="t('desk.rename')"
      :max-length="200"
      @rename="emit('rename', $event)"
      @end="isRenaming = false"
    />
    <button v-else type="button" :title="t('shelf.rename')" @click="isRenaming = true">{{ title }}</button>
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
