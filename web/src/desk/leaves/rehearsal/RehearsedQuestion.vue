<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PlacedFinding } from '../../sync/reading'
import FindingNote from '../FindingNote.vue'
import type { Rehearsed } from './rehearsed'

/** What became of one question: in small what the receiver holds, or where it was cut off. */
defineProps<{
  item: Rehearsed
  /** What the check says of a question that does not arrive. */
  findings: readonly PlacedFinding[]
  isCurrent: boolean
}>()
defineEmits<{ go: []; mend: [placed: PlacedFinding] }>()
const { t } = useI18n()

/** A right answer stands out; of a typed one or a pair, all are. */
const isRight = (earns: string) => Number(earns) > 0
</script>

<template>
  <div class="rehearsed" :class="[`is-${item.fate}`, { 'is-current': isCurrent }]">
    <p v-if="item.received" class="what">
      <span class="number">{{ item.block.number }}.</span>
      <span class="stem" dir="auto"
        ><b v-if="item.received.title">{{ item.received.title }}</b> {{ item.received.stem }}</span
      >
      <span class="type">{{ t(`type.${item.received.type}`) }}</span>
    </p>
    <p v-if="item.received?.answers.length" class="answers">
      <span v-for="(answer, index) in item.received.answers" :key="index" :class="{ 'is-right': isRight(answer.earns) }"
        ><template v-if="isRight(answer.earns)">✓ </template
        >{{ item.received.type === 'true-false' ? t(`rehearsal.truth.${answer.text}`) : answer.text
        }}<small v-if="answer.earns !== '0' && answer.earns !== '100'">
          {{ t('proof.percent', { n: answer.earns }) }}</small
        ></span
      >
    </p>
    <dl v-if="item.differences.length" class="differences">
      <div v-for="(one, index) in item.differences" :key="index">
        <dt>{{ t(`rehearsal.what.${one.what}`) }}</dt>
        <dd>
          <span dir="auto">{{ one.theirs || t('rehearsal.nothing') }}</span>
          <small v-if="one.ours" dir="auto">{{ t('rehearsal.meant', { ours: one.ours }) }}</small>
        </dd>
      </div>
    </dl>
    <template v-if="item.refusal">
      <p class="what">
        <span class="number">{{ item.block.number }}.</span>
        <span class="reason">{{ t('rehearsal.refused', { reason: item.refusal.reason }) }}</span>
        <button type="button" class="text-button" @click="$emit('go')">
          {{ t('findings.line', { line: item.refusal.line }) }} <kbd v-if="isCurrent">Enter</kbd>
        </button>
      </p>
      <FindingNote
        v-for="placed in findings"
        :key="placed.key"
        :finding="placed.finding"
        @mend="$emit('mend', placed)"
      />
    </template>
    <p v-else-if="!item.received" class="what is-quiet">
      <span class="number">{{ item.block.number }}.</span>
      {{ t(`rehearsal.fate.${item.fate}`) }}
    </p>
  </div>
</template>

<style scoped>
.rehearsed {
  padding: 6px 22px 8px;
  border-inline-start: 3px solid transparent;
  font-size: 13.5px;
}

.rehearsed.is-current {
  border-inline-start-color: var(--thread);
}

.what {
  display: flex;
  align-items: baseline;
  gap: 8px;
}

.number {
  min-inline-size: 2.2em;
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}

.stem {
  flex: 1;
  font-family: var(--font-question);
  font-size: 15px;
  overflow-wrap: anywhere;
}

.type,
.is-quiet,
.answers,
small {
  color: var(--soft);
}

.type {
  font-size: 12.5px;
  white-space: nowrap;
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  padding-inline-start: calc(2.2em + 8px);
  overflow-wrap: anywhere;
}

.is-right {
  color: var(--ink);
}

/* The thread is cut here: what stands below does not get past it by itself. */
.is-refused {
  margin-block: 4px;
  border-block: 2px dashed var(--fault);
  background: var(--fault-wash);
}

.reason {
  flex: 1;
  color: var(--fault);
  font-weight: 650;
}

.is-not-reached,
.is-given-back {
  opacity: 0.85;
}

.differences {
  margin: 4px 0 0 calc(2.2em + 8px);
  padding: 4px 10px;
  border-inline-start: 3px solid var(--doubt);
  background: var(--doubt-wash);
}

.differences div {
  display: flex;
  gap: 10px;
}

dt {
  min-inline-size: 84px;
  color: var(--doubt);
  font-weight: 650;
}

dd {
  margin: 0;
  overflow-wrap: anywhere;
}

.answers small {
  margin-inline-start: 4px;
}

dd small {
  display: block;
  font-size: 12.5px;
}

kbd {
  font-family: var(--font-source);
  font-size: 11px;
}
</style>
