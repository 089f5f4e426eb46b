<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import FindingNote from '../FindingNote.vue'
import LeafFrame from '../LeafFrame.vue'
import QuestionProof from './QuestionProof.vue'

/** Each question as a pupil sees it; what cannot be read stands in its place with its source and reason. */
const { desk } = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const showAnswers = useLocalStorage('notagram.show-answers', true)
const list = useTemplateRef('list')

interface ProofItem extends FacingItem {
  block: PlacedBlock
}

const items = computed<ProofItem[]>(() =>
  desk.reading.value.blocks
    .filter((block) => block.kind !== 'blank' && block.kind !== 'comment')
    .map((block) => ({ key: block.key, block })),
)

function sourceOf(block: PlacedBlock): string {
  const range = desk.rangeNow(block)
  return range ? (desk.view.value?.state.sliceDoc(range.from, range.to).trimEnd() ?? '') : ''
}

function estimate({ block }: ProofItem): number {
  const { question } = block.body
  const { findings } = block
  const answers = question
    ? question.options.length + question.pairs.length + (question.type === 'true-false' ? 1 : 0)
    : 2
  return block.kind === 'category' ? 40 : 76 + answers * 28 + findings.length * 46
}

const isHere = (block: PlacedBlock) => desk.reading.value.blocks[desk.cursor.value.block] === block

defineExpose({ list, items })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <label><ToggleSwitch v-model="showAnswers" size="small" /> {{ t('proof.showAnswers') }}</label>
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('desk.leaf.proof')" @moved="emit('moved')">
      <template #default="{ item: { block } }">
        <p v-if="block.kind === 'category'" class="category">{{ block.category.join(' / ') }}</p>
        <div v-else class="proofed" :class="{ 'is-here': isHere(block) }">
          <QuestionProof
            v-if="block.body.question"
            :question="block.body.question"
            :number="block.number"
            :show-answers="showAnswers"
          />
          <div v-else class="broken" :class="{ 'is-stray': block.kind === 'stray' }">
            <p>{{ block.kind === 'stray' ? t('proof.stray') : t('proof.broken') }}</p>
            <pre dir="auto">{{ sourceOf(block) }}</pre>
          </div>
          <FindingNote
            v-for="(finding, index) in block.findings"
            :key="index"
            :finding="finding"
            :is-here="desk.atCursor.value === finding"
            @mend="desk.mend({ key: '', finding, block, from: block.from + finding.from, to: block.from + finding.to })"
          />
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ t('proof.empty') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
label {
  display: flex;
  align-items: center;
  gap: 8px;
}

.proofed {
  margin-inline: 6px 16px;
  padding: 6px 14px 14px;
  border-inline-start: 2px solid transparent;
}

.proofed.is-here {
  border-color: var(--thread);
}

.category {
  margin: 8px 22px 4px;
  color: var(--hint);
  font-weight: 600;
}

.broken {
  padding: 8px 12px;
  border: 1px dashed var(--fault);
  border-radius: 4px;
}

.broken.is-stray {
  border-color: var(--control);
}

.broken p {
  color: var(--soft);
  font-size: 13px;
}

.broken pre {
  margin: 4px 0 0;
  max-block-size: 200px;
  overflow: hidden auto;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
