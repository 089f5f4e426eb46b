<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Loss } from '@/api/client'

/** What sort of loss it is, in its colour. */
defineProps<{ kind: Loss['kind'] }>()
const { t } = useI18n()
</script>

<template>
  <b :class="`is-${kind}`">{{ t(`handover.kind.${kind}`) }}</b>
</template>

<style scoped>
.is-dropped,
.is-refused {
  color: var(--fault);
}

.is-changed {
  color: var(--doubt);
}

.is-reduced {
  color: var(--hint);
}
</style>
