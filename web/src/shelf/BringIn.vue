<script setup lang="ts">
import Button from 'primevue/button'
import { useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Arrival } from '@/composables/useBringIn'
import { useOffer } from '@/composables/useOffer'
import ArrivalNote from '@/parts/ArrivalNote.vue'

defineProps<{ isOver: boolean; arrival: Arrival | null }>()
const emit = defineEmits<{
  files: [files: File[]]
  stop: []
  paste: []
  draft: []
  example: [notation: string]
  empty: [notation: string]
}>()

const { t, te } = useI18n()
const { offer } = useOffer()
const chooser = useTemplateRef('chooser')

/** What each notation looks like, at a glance. */
const SIGNS: Record<string, string> = {
  gift: '{=right ~wrong}',
  aiken: 'ANSWER: B',
  starred: '*b. right',
  gram: '= right',
}

function chosen(): void {
  emit('files', [...(chooser.value?.files ?? [])])
  if (chooser.value) chooser.value.value = ''
}
</script>

<template>
  <aside class="bring-in" :aria-label="t('shelf.putTitle')">
    <h2>{{ t('shelf.putTitle') }}</h2>
    <p class="lead">{{ t('shelf.putLead') }}</p>
    <div class="drop" :class="{ 'is-over': isOver }">
      <ArrivalNote v-if="arrival" class="arriving" :arrival="arrival" @stop="emit('stop')" />
      <p class="what">{{ isOver ? t('shelf.dropNow') : t('shelf.drop') }}</p>
      <p class="lead">{{ t('shelf.dropWhat') }}</p>
      <div class="ways">
        <Button size="small" @click="chooser?.click()">{{ t('shelf.choose') }}</Button>
        <Button size="small" severity="secondary" outlined @click="emit('paste')">{{ t('shelf.paste') }}</Button>
      </div>
      <input
        ref="chooser"
        type="file"
        multiple
        class="visually-hidden"
        tabindex="-1"
        :aria-label="t('shelf.choose')"
        @change="chosen"
      />
    </div>
    <i18n-t keypath="shelf.template" tag="p" class="lead template" scope="global">
      <template #xlsx><a href="/api/table-template.xlsx" download>XLSX</a></template>
      <template #csv><a href="/api/table-template.csv" download>CSV</a></template>
    </i18n-t>
    <p class="lead template">
      {{ t('shelf.orDraft') }}
      <button type="button" class="text-button" @click="emit('draft')">{{ t('draft.open') }}</button>
    </p>
    <h2>{{ t('shelf.orExample') }}</h2>
    <ul>
      <li v-for="notation in offer.notations" :key="notation.id">
        <button type="button" @click="emit('example', notation.id)">
          <code>{{ SIGNS[notation.id] ?? notation.label }}</code>
          <span>{{ te(`shelf.exampleOf.${notation.id}`) ? t(`shelf.exampleOf.${notation.id}`) : notation.label }}</span>
        </button>
      </li>
    </ul>
    <h2>{{ t('shelf.orEmpty') }}</h2>
    <div class="ways is-start">
      <Button
        v-for="notation in offer.notations"
        :key="notation.id"
        size="small"
        severity="secondary"
        outlined
        @click="emit('empty', notation.id)"
        >{{ notation.label }}</Button
      >
    </div>
  </aside>
</template>

<style scoped>
.bring-in h2 {
  font-family: var(--font-question);
  font-size: 18px;
  font-weight: 600;
}

.bring-in h2:not(:first-child) {
  margin-block: 28px 8px;
}

.lead {
  color: var(--soft);
}

.drop {
  margin-block-start: 16px;
  padding: 22px 16px;
  border: 1px dashed var(--thread);
  border-radius: 6px;
  background: color-mix(in srgb, var(--dye-wash) 35%, var(--leaf));
  text-align: center;
}

.drop.is-over {
  border: 2px solid var(--dye);
  padding: 21px 15px;
}

.arriving {
  margin-block-end: 16px;
  text-align: start;
}

.template {
  margin-block-start: 10px;
  font-size: 13.5px;
}

.what {
  font-family: var(--font-question);
  font-size: 17px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 8px;
  margin-block-start: 12px;
}

.ways.is-start {
  justify-content: start;
  margin-block-start: 0;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li button {
  display: grid;
  grid-template-columns: 122px 1fr;
  gap: 8px;
  inline-size: 100%;
  padding: 9px 0;
  border: 0;
  border-block-start: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

li button:hover span {
  text-decoration: underline;
}

code {
  color: var(--dye);
  font-family: var(--font-source);
  font-size: 12px;
  line-height: 20px;
}
</style>
