<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { Finding } from '@/api/client'

/** One thing that the check says, with its fix. */
const {
  finding,
  isHere = false,
  showAdvice = false,
} = defineProps<{ finding: Finding; isHere?: boolean; showAdvice?: boolean }>()
defineEmits<{ mend: [] }>()
const { t } = useI18n()
const router = useRouter()

/** The address of another sheet that it speaks of: it opens beside this one. */
const other = computed(() => {
  if (!finding.other) return null
  const { sheet, question } = finding.other
  const query = question === null ? {} : { question }
  return router.resolve({ name: 'desk', params: { id: sheet, leaf: 'proof' }, query }).href
})
</script>

<template>
  <div class="finding-note" :class="`is-${finding.level}`">
    <p>
      <span class="level">{{ t(`level.${finding.level}`) }}</span>
      {{ finding.message }}
      <a v-if="other" :href="other" target="_blank">{{ t('findings.beside') }}</a>
      <span v-if="showAdvice || !finding.fix" class="advice">{{ finding.advice }}</span>
    </p>
    <Button v-if="finding.fix" size="small" class="fix" :title="finding.advice" @click="$emit('mend')">
      {{ finding.fix.label }} <span v-if="isHere" class="key">F2</span>
    </Button>
  </div>
</template>

<style scoped>
.finding-note {
  display: flex;
  align-items: center;
  gap: 14px;
  margin-block-start: 8px;
  padding: 6px 12px;
  border-inline-start: 3px solid;
  font-size: 13px;
}

.finding-note p {
  flex: 1;
  color: var(--ink);
}

.level {
  margin-inline-end: 4px;
  font-weight: 700;
}

.advice {
  display: block;
  color: var(--soft);
}

.is-fault {
  border-color: var(--fault);
  background: var(--fault-wash);
}

.is-fault .level {
  color: var(--fault);
}

.is-doubt {
  border-color: var(--doubt);
  background: var(--doubt-wash);
}

.is-doubt .level {
  color: var(--doubt);
}

.is-hint {
  border-color: var(--hint);
  background: var(--hint-wash);
}

.is-hint .level {
  color: var(--hint);
}

.fix {
  flex: none;
  max-inline-size: 50%;
}

.key {
  margin-inline-start: 4px;
  color: var(--bar-dye);
  font-size: 12px;
}

:root.dark .key {
  color: #4a2999;
}
</style>
