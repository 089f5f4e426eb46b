<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { SaveState } from './sync/sheet-sync'

const { state, savedAt } = defineProps<{ state: SaveState; savedAt: string | null }>()
const { t } = useI18n()

const text = computed(() => {
  switch (state) {
    case 'saved': {
      const time = savedAt ? new Date(savedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) : ''
      return t('save.saved', { time })
    }
    case 'offline':
      return t('save.offlineShort')
    default:
      return t(`save.${state}`)
  }
})
</script>

<template>
  <span class="save-note" :class="`is-${state}`" role="status">{{ text }}</span>
</template>

<style scoped>
.save-note {
  color: var(--bar-soft);
  font-size: 13px;
  white-space: nowrap;
}

.is-offline,
.is-conflict,
.is-gone,
.is-refused {
  padding: 2px 8px;
  border-radius: 4px;
  background: #f0bd5b;
  color: #1d1a2b;
}
</style>
