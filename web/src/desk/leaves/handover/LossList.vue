<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { PlacedBlock } from '../../sync/reading'
import LossName from './LossName.vue'
import type { SharedLoss } from './losses'

/** Each loss once, with the questions that it befalls; each of them also stands at its question. */
defineProps<{ losses: readonly SharedLoss[]; label: string }>()
const emit = defineEmits<{ chosen: [block: PlacedBlock] }>()
const { t } = useI18n()

/** More numbers than these lead nobody anywhere. */
const SHOWN = 40

const nameOf = ({ number }: PlacedBlock) =>
  number === null ? t('handover.otherText') : t('handover.question', { number })

const howMany = (blocks: readonly PlacedBlock[]) =>
  t(blocks.every(({ number }) => number !== null) ? 'handover.questions' : 'handover.places', { n: blocks.length })
</script>

<template>
  <ul tabindex="0" :aria-label="label">
    <li v-for="{ loss, blocks } in losses" :key="`${loss.kind} ${loss.message}`">
      <LossName :kind="loss.kind" />
      <p v-if="blocks.length === 1">
        <button type="button" class="text-button" @click="emit('chosen', blocks[0]!)">{{ nameOf(blocks[0]!) }}</button>
        {{ loss.message }}
      </p>
      <div v-else>
        <p>{{ loss.message }}</p>
        <p class="where">
          <span class="many">{{ howMany(blocks) }}</span>
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
          <span v-if="blocks.length > SHOWN" class="many">{{ t('handover.more', { n: blocks.length - SHOWN }) }}</span>
        </p>
      </div>
    </li>
  </ul>
</template>

<style scoped>
ul {
  max-block-size: 148px;
  margin: 2px 0 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 68px 1fr;
  gap: 8px;
  align-items: baseline;
}

.where {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  column-gap: 3px;
}

.many {
  color: var(--soft);
}

p > button:only-child {
  margin-inline-end: 8px;
}

button {
  min-inline-size: 24px;
}
</style>
