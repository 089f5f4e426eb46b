<script setup lang="ts">
import Select from 'primevue/select'
import { useI18n } from 'vue-i18n'
import type { StyleChoice } from '@/api/client'
import { type StyleWords, wordOf } from './target-style'

/** In what style the target is written, for those that have one. */
const { styles } = defineProps<{
  styles: readonly StyleChoice[]
  hasPictures: boolean
  /** How large the file becomes, in words. */
  size: string | null
}>()
const words = defineModel<StyleWords>({ required: true })
const { t } = useI18n()

function choose(index: number, word: string): void {
  words.value = styles.map((choice, at) => (at === index ? word : wordOf(choice, words.value[at])))
}
</script>

<template>
  <div class="target-style" role="group" :aria-label="t('handover.style')">
    <div v-for="(choice, index) in styles" v-show="hasPictures || !choice.isOfPictures" :key="choice.label">
      <span aria-hidden="true">{{ choice.label }}</span>
      <Select
        size="small"
        :aria-label="choice.label"
        :options="choice.values"
        option-label="label"
        data-key="word"
        :model-value="choice.values.find(({ word }) => word === wordOf(choice, words[index]))"
        @update:model-value="choose(index, $event.word)"
      />
    </div>
    <span v-if="hasPictures && size">{{ t('handover.size', { size }) }}</span>
  </div>
</template>

<style scoped>
.target-style {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 0 20px 8px;
  color: var(--soft);
  font-size: 13px;
}

.target-style > div {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
