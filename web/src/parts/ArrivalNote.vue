<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Arrival } from '@/composables/useBringIn'
import WorkNote from './WorkNote.vue'

defineProps<{ arrival: Arrival }>()
const emit = defineEmits<{ stop: [] }>()
const { t } = useI18n()
</script>

<template>
  <WorkNote :share="arrival.of > 1 ? (arrival.nth - 0.5) / arrival.of : null" @stop="emit('stop')">
    {{ t('arrival.reading', { name: arrival.name }) }}
    <span v-if="arrival.of > 1">{{ t('arrival.nth', { nth: arrival.nth, of: arrival.of }) }}</span>
  </WorkNote>
</template>

<style scoped>
span {
  color: var(--soft);
}
</style>
