<script setup lang="ts">
import Button from 'primevue/button'
import { useI18n } from 'vue-i18n'

/** The frame of a choice about many questions: what is chosen, what would come of it, and the two ways out. */
const { refusal, notes, action, isReady } = defineProps<{
  refusal: string
  notes: readonly string[]
  action: string
  isReady: boolean
}>()
const emit = defineEmits<{ take: []; close: [] }>()
const { t } = useI18n()

function byEnter(event: KeyboardEvent): void {
  if (!(event.target instanceof HTMLInputElement) || event.target.type !== 'text') return
  event.preventDefault()
  emit('take')
}
</script>

<template>
  <form class="outline-panel" @submit.prevent="emit('take')" @keydown.esc.stop="emit('close')">
    <!-- A form whose button is not ready would not be sent by Enter. -->
    <div class="choices" @keydown.enter="byEnter"><slot /></div>
    <p v-if="refusal" class="refusal" role="alert">{{ refusal }}</p>
    <p v-for="note in notes" :key="note" class="note">{{ note }}</p>
    <div class="doings">
      <Button size="small" type="submit" :disabled="!isReady">{{ action }}</Button>
      <Button size="small" severity="secondary" outlined @click="emit('close')">{{ t('app.cancel') }}</Button>
    </div>
  </form>
</template>

<style scoped>
.outline-panel {
  padding: 10px 20px 12px;
  border-block: 1px solid var(--rule);
  background: var(--source);
  font-size: 13px;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

.choices :deep(label) {
  display: inline-flex;
  align-items: center;
  gap: 7px;
}

.choices :deep(p) {
  inline-size: 100%;
  margin: 0;
  color: var(--soft);
}

.refusal {
  margin-block: 8px 0;
  color: var(--fault);
}

.note {
  margin-block: 8px 0;
  color: var(--doubt);
}

.doings {
  display: flex;
  gap: 8px;
  margin-block-start: 10px;
}
</style>
