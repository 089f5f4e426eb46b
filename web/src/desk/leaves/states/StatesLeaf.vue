<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type State, type StateText } from '@/api/client'
import { useOffer } from '@/composables/useOffer'
import { useNotice } from '@/composables/useNotice'
import ChangedLines from '@/parts/ChangedLines.vue'
import { when } from '@/shelf/when'
import type { Desk } from '../../useDesk'
import LeafFrame from '../LeafFrame.vue'

/** The texts that the sheet once had: shown against the one of today, brought back, or taken elsewhere. */
const { desk, sheetId } = defineProps<{
  desk: Pick<Desk, 'sheet' | 'change' | 'settled' | 'replaceAll' | 'undo' | 'keepAsSheet'>
  sheetId: string
}>()
const { t } = useI18n()
const { say, asked } = useNotice()
const { labelOf } = useOffer()

const states = shallowRef<readonly State[] | null>(null)
const chosen = ref<string | null>(null)
const shown = shallowRef<StateText | null>(null)

async function load(): Promise<void> {
  // What was typed is a state of its own only once the server has it.
  await desk.settled()
  states.value = (await asked(() => api.states(sheetId)))?.states ?? states.value ?? []
}
onMounted(load)

async function choose(id: string): Promise<void> {
  const isOpen = chosen.value === id
  chosen.value = isOpen ? null : id
  shown.value = null
  if (isOpen) return
  await desk.settled()
  const text = await asked(() => api.state(sheetId, id))
  if (chosen.value === id) shown.value = text
}

/** Today’s text is kept by the server before it goes. */
async function bringBack(state: State, text: string): Promise<void> {
  const notation = desk.sheet.value?.notation
  desk.replaceAll(text)
  const isOther = notation !== undefined && notation !== state.notation
  if (isOther) await desk.change({ notation: state.notation })
  say(t('states.back', { when: at(state) }), () => {
    desk.undo()
    if (isOther) void desk.change({ notation })
  })
  chosen.value = null
  await load()
}

const at = (state: State) =>
  when(state.at, { today: (time) => t('shelf.today', { time }), yesterday: t('shelf.yesterday') })
const nameOf = (state: State) => t('states.name', { title: desk.sheet.value?.title ?? '', when: at(state) })

function download(state: State, text: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }))
  link.download = `${nameOf(state)}.txt`
  link.click()
  URL.revokeObjectURL(link.href)
}

const more = computed(() => (shown.value ? shown.value.differing - shown.value.places.length : 0))

defineExpose({ list: null, items: [] })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <span class="about">{{ t('states.about') }}</span>
      <a class="text-button" :href="api.originalFile(sheetId)" download>{{ t('states.original') }}</a>
    </template>
    <div class="states" tabindex="0" :aria-label="t('desk.leaf.states')">
      <p v-if="states && !states.length" class="empty">{{ t('states.none') }}</p>
      <ol v-else-if="states">
        <li v-for="state in states" :key="state.id" :class="{ 'is-chosen': state.id === chosen }">
          <button type="button" class="state" :aria-expanded="state.id === chosen" @click="choose(state.id)">
            <b>{{ at(state) }}</b>
            <span
              >{{ t(`states.reason.${state.reason}`)
              }}<template v-if="state.notation !== desk.sheet.value?.notation">
                · {{ labelOf(state.notation) }}</template
              ></span
            >
            <span v-if="state.questions !== null" class="count">{{
              t('desk.count', { sound: state.sound ?? 0, questions: state.questions })
            }}</span>
          </button>
          <div v-if="state.id === chosen && shown" class="difference">
            <p v-if="!shown.differing">{{ t('states.same') }}</p>
            <template v-else>
              <p>{{ t('states.differs', shown.differing) }}</p>
              <ChangedLines :places="shown.places" />
              <p v-if="more > 0">{{ t('states.more', more) }}</p>
            </template>
            <div class="doings">
              <Button size="small" :disabled="!shown.differing" @click="bringBack(state, shown.text)">{{
                t('states.bringBack')
              }}</Button>
              <Button
                size="small"
                severity="secondary"
                outlined
                @click="desk.keepAsSheet(nameOf(state), shown.text, state.notation)"
                >{{ t('states.asSheet') }}</Button
              >
              <Button size="small" severity="secondary" outlined @click="download(state, shown.text)">{{
                t('states.download')
              }}</Button>
            </div>
          </div>
        </li>
      </ol>
    </div>
  </LeafFrame>
</template>

<style scoped>
.about {
  margin-inline-end: auto;
}

.text-button {
  line-height: 24px;
}

.states {
  overflow: hidden auto;
}

.states:focus-visible {
  outline-offset: -3px;
}

ol {
  margin: 0;
  padding: 0 20px 20px;
  list-style: none;
}

.state {
  display: grid;
  grid-template-columns: 110px 1fr auto;
  gap: 12px;
  inline-size: 100%;
  padding: 9px 12px;
  border: 0;
  border-block-start: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

.state:hover,
.is-chosen .state {
  background: var(--line-wash);
}

.state:focus-visible {
  outline-offset: -2px;
}

.state b {
  font-weight: 650;
}

.count {
  color: var(--soft);
  font-size: 13px;
}

.difference {
  padding: 8px 12px 16px;
}

.difference p {
  margin-block-end: 8px;
  color: var(--soft);
  font-size: 13px;
}

.doings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-block-start: 12px;
}

@container leaf (width < 420px) {
  .state {
    grid-template-columns: 1fr auto;
  }

  .state span:nth-of-type(1) {
    grid-row: 2;
  }
}
</style>
