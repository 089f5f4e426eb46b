<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Passage } from '@/api/client'
import { piecesOf } from './passage'

/** What the drafts were made from, while some are unread; the sentence of the one at hand is marked. */
const { passages, unread, current } = defineProps<{
  passages: readonly Passage[]
  unread: readonly number[]
  /** The question at hand. */
  current: number | null
}>()
const emit = defineEmits<{ go: [question: number] }>()
const { t } = useI18n()
const scroller = useTemplateRef('scroller')

/** The one that the question at hand came from comes first. */
const shown = computed(() =>
  [...passages]
    .sort((one, other) => Number(holds(other, current)) - Number(holds(one, current)))
    .map((passage) => piecesOf(passage, unread)),
)
const holds = (passage: Passage, question: number | null) => passage.origins.some((one) => one.question === question)

watch(
  () => [current, passages],
  async () => {
    await nextTick()
    const mark = scroller.value?.querySelector<HTMLElement>('.is-current')
    if (!mark || !scroller.value) return
    const { offsetTop, offsetHeight } = mark
    const { scrollTop, clientHeight } = scroller.value
    if (offsetTop < scrollTop || offsetTop + offsetHeight > scrollTop + clientHeight)
      scroller.value.scrollTop = Math.max(0, offsetTop - clientHeight / 3)
  },
  { immediate: true },
)
</script>

<template>
  <details class="passage-panel" open>
    <summary>
      <b>{{ t('draft.unread', unread.length) }}</b> {{ t('draft.howToRead') }}
    </summary>
    <div v-if="passages.length" ref="scroller" class="passages" tabindex="0" :aria-label="t('draft.passage')">
      <p v-for="(pieces, index) in shown" :key="index">
        <template v-for="piece in pieces" :key="piece.from"
          ><mark
            v-if="piece.question !== null"
            :class="{ 'is-current': piece.question === current }"
            :title="t('draft.goTo', { number: piece.question })"
            @click="emit('go', piece.question)"
            >{{ piece.text }}</mark
          ><template v-else>{{ piece.text }}</template></template
        >
      </p>
    </div>
  </details>
</template>

<style scoped>
.passage-panel {
  padding: 6px 20px 8px;
  border-block-end: 1px solid var(--rule);
  background: var(--doubt-wash);
  font-size: 13.5px;
}

summary {
  cursor: pointer;
}

.passages {
  position: relative;
  max-block-size: min(160px, 22vh);
  margin-block-start: 6px;
  overflow: auto;
  padding: 6px 14px;
  background: var(--leaf);
  font-family: var(--font-question);
  font-size: 14.5px;
  line-height: 1.5;
}

p {
  margin: 0;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

mark {
  border-block-end: 1px dotted var(--control);
  background: transparent;
  color: inherit;
  cursor: pointer;
}

mark.is-current {
  border-block-end: 2px solid var(--dye);
  background: var(--dye-wash);
}

@media print {
  .passage-panel {
    display: none;
  }
}
</style>
