<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Level } from '@/api/client'
import type { PlacedBlock, PlacedFinding } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import FindingNote from '../FindingNote.vue'
import LeafFrame from '../LeafFrame.vue'

/** What is wrong or doubtful, by question in the order of the text. */
const { desk } = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ moved: []; chooseEncoding: [] }>()
const { t } = useI18n()
const level = ref<Level | null>(null)
const list = useTemplateRef('list')

interface FindingsItem extends FacingItem {
  findings: PlacedFinding[]
}

const shown = computed(() => desk.findings.value.filter(({ finding }) => !level.value || finding.level === level.value))
const items = computed<FindingsItem[]>(() => {
  const groups = new Map<PlacedBlock | null, PlacedFinding[]>()
  for (const placed of shown.value) groups.set(placed.block, [...(groups.get(placed.block) ?? []), placed])
  return [...groups].map(([block, findings]) => ({ key: block?.key ?? 'sheet', block, findings }))
})
const safe = computed(() => desk.findings.value.filter(({ finding }) => finding.fix?.safe).length)
const LEVELS = ['fault', 'doubt', 'hint'] as const

function heading({ block }: FindingsItem): string {
  if (!block) return t('findings.wholeSheet')
  const title = block.body.question?.title
  if (block.kind === 'category') return t('findings.category', { category: block.category.join(' / ') })
  const question = block.number === null ? t('findings.noQuestion') : t('findings.question', { number: block.number })
  return title ? `${question} · ${title}` : question
}

function lineOf(placed: PlacedFinding): number {
  const doc = desk.view.value?.state.doc
  return doc ? doc.lineAt(Math.min(doc.length, placed.from)).number : 1
}

defineExpose({ list, items })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <div class="filter" role="group" :aria-label="t('findings.filter')">
        <button type="button" :aria-pressed="level === null" @click="level = null">
          {{ t('findings.all') }} {{ desk.findings.value.length }}
        </button>
        <button
          v-for="one in LEVELS"
          :key="one"
          type="button"
          :class="`is-${one}`"
          :aria-pressed="level === one"
          :disabled="desk.count.value[one] === 0"
          @click="level = one"
        >
          {{ t(`levels.${one}`, desk.count.value[one]) }}
        </button>
      </div>
      <Button size="small" :disabled="safe === 0" @click="desk.mendAll()"
        >{{ t('findings.mendAll') }} ({{ safe }})</Button
      >
    </template>
    <FacingList
      ref="list"
      :items="items"
      :estimate="(item: FindingsItem) => 34 + item.findings.length * 64"
      :label="t('desk.leaf.findings')"
      @moved="emit('moved')"
    >
      <template #default="{ item }">
        <div class="group">
          <h3>{{ heading(item) }}</h3>
          <div v-for="placed in item.findings" :key="placed.key" class="one">
            <FindingNote
              :finding="placed.finding"
              :is-here="desk.atCursor.value === placed.finding"
              show-advice
              @mend="desk.mend(placed)"
            />
            <p class="where">
              <button v-if="placed.block" type="button" @click="desk.goToFinding(placed)">
                {{ t('findings.line', { line: lineOf(placed) }) }}
              </button>
              <button v-else-if="placed.finding.code === 'text.not-utf8'" type="button" @click="emit('chooseEncoding')">
                {{ t('findings.otherEncoding') }}
              </button>
              <code>{{ placed.finding.code }}</code>
            </p>
          </div>
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ level ? t('findings.noneOfLevel') : t('findings.none') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.filter {
  margin-inline-end: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.filter button {
  border: 1px solid transparent;
  border-radius: 4px;
  min-block-size: 26px;
  padding: 2px 8px;
  background: transparent;
  color: var(--soft);
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}

.filter button:disabled {
  cursor: default;
}

.filter button.is-fault:enabled {
  color: var(--fault);
}

.filter button.is-doubt:enabled {
  color: var(--doubt);
}

.filter button.is-hint:enabled {
  color: var(--hint);
}

.filter button[aria-pressed='true'] {
  border-color: currentcolor;
  font-weight: 650;
}

.group {
  padding: 6px 22px 14px;
}

h3 {
  color: var(--soft);
  font-size: 13px;
  font-weight: 650;
}

.where {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-block-start: 2px;
  padding-inline-start: 15px;
  color: var(--soft);
  font-size: 12px;
}

.where button {
  min-block-size: 24px;
  border: 0;
  padding: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}

code {
  font-family: var(--font-source);
  font-size: 11px;
  line-height: 18px;
}
</style>
