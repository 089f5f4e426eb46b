<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PlacedBlock } from '../../sync/reading'
import LossName from './LossName.vue'
import type { LossGroup } from './losses'

/** The losses kind by kind, each with the questions that it befalls; each also stands at its question. */
defineProps<{ groups: readonly LossGroup[]; label: string }>()
const emit = defineEmits<{ chosen: [block: PlacedBlock] }>()
const { t } = useI18n()

/** More numbers than these lead nobody anywhere. */
const SHOWN = 40

const nameOf = ({ number }: PlacedBlock) =>
  number === null ? t('handover.otherText') : t('handover.question', { number })
</script>

<template>
  <div class="loss-list" tabindex="0" role="group" :aria-label="label">
    <details v-for="({ kind, places, losses }, index) in groups" :key="kind" :open="index === 0">
      <summary><LossName :kind="kind" /> {{ t(`handover.inPlaces.${kind}`, places) }}</summary>
      <ul>
        <li v-for="{ loss, blocks } in losses" :key="loss.message">
          {{ loss.message }}
          <span class="where">
            <button
              v-for="block in blocks.slice(0, SHOWN)"
              :key="block.key"
              type="button"
              class="text-button"
              :aria-label="nameOf(block)"
              @click="emit('chosen', block)"
            >
              {{ block.number ?? nameOf(block) }}
            </button>
            <template v-if="blocks.length > SHOWN">{{ t('handover.more', { n: blocks.length - SHOWN }) }}</template>
          </span>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.loss-list {
  max-block-size: min(300px, 38vh);
  overflow-y: auto;
}

summary {
  min-block-size: 24px;
  cursor: pointer;
}

ul {
  margin: 0 0 4px;
  padding: 0 0 0 16px;
  list-style: none;
}

.where {
  display: inline-flex;
  flex-wrap: wrap;
  column-gap: 6px;
  color: var(--soft);
}

button {
  min-inline-size: 24px;
  min-block-size: 24px;
}
</style>
