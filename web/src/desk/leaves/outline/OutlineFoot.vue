<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Outlook, SheetMarks } from '@/api/client'

/** What all questions come to, against what they should come to, and what blind guessing earns of it. */
const { questions, points, wanted, marks, isLate } = defineProps<{
  questions: number
  points: Outlook['points'] | null
  wanted: string | null
  marks: SheetMarks | null
  /** Whether it is not of the text as it stands yet. */
  isLate: boolean
}>()
const emit = defineEmits<{ want: [total: string] }>()
const { t } = useI18n()
const typed = ref(wanted ?? '')
watch(
  () => wanted,
  (now) => (typed.value = now ?? ''),
)
const isOff = computed(() => wanted !== null && points !== null && Number(points) !== Number(wanted))

function want(): void {
  const total = typed.value.trim().replace(',', '.')
  if (total !== (wanted ?? '')) emit('want', total)
}
</script>

<template>
  <footer class="outline-foot" :class="{ 'is-late': isLate }">
    <span>{{ t('shelf.questions', questions, { named: { n: questions.toLocaleString('en') } }) }}</span>
    <span v-if="points !== null" :class="{ 'is-off': isOff }">
      <b>{{ t('proof.points', Number(points), { named: { n: points } }) }}</b>
      <label>
        {{ t('outline.of') }}
        <input
          v-model="typed"
          type="text"
          inputmode="decimal"
          maxlength="10"
          :placeholder="t('outline.anyTotal')"
          :aria-label="t('outline.wanted')"
          @keydown.enter.prevent="want"
          @blur="want"
        />
      </label>
    </span>
    <span v-if="marks?.guess" class="guess">{{ t('findings.guess', { guess: marks.guess, total: marks.total }) }}</span>
  </footer>
</template>

<style scoped>
.outline-foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
  padding: 6px 20px;
  border-block-start: 1px solid var(--rule);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
}

/* The list fills the rest, not what stands last. */
footer.outline-foot:last-child {
  flex: none;
}

.outline-foot.is-late > span {
  opacity: 0.6;
}

.is-off b {
  color: var(--doubt);
}

label {
  margin-inline-start: 6px;
  color: var(--soft);
}

input {
  inline-size: 64px;
  min-block-size: 24px;
  border: 0;
  border-block-end: 1px solid var(--control);
  background: transparent;
  color: var(--ink);
  font: inherit;
  text-align: end;
}

.guess {
  margin-inline-start: auto;
  color: var(--soft);
}
</style>
