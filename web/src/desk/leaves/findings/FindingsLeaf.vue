<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOffer } from '@/composables/useOffer'
import type { PlacedFinding } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { Mending } from '../../useMending'
import FacingList from '../FacingList.vue'
import FindingNote from '../FindingNote.vue'
import LeafFrame from '../LeafFrame.vue'
import KindMending from './KindMending.vue'
import { type FindingsItem, kindOf, useFindingsList } from './useFindingsList'

/** What is wrong or doubtful: by question in the order of the text, or by kind. */
const { desk } = defineProps<{
  desk: Pick<
    Desk,
    | 'sheet'
    | 'reading'
    | 'doc'
    | 'findings'
    | 'off'
    | 'count'
    | 'atCursor'
    | 'goToFinding'
    | 'mend'
    | 'mendAll'
    | 'mending'
    | 'applyMending'
    | 'setOff'
    | 'setOffHere'
  >
}>()
const emit = defineEmits<{ moved: []; chooseEncoding: [] }>()
const { t } = useI18n()
const { offer } = useOffer()
const list = useTemplateRef('list')
const LEVELS = ['fault', 'doubt', 'hint'] as const
const GROUPINGS = ['question', 'kind'] as const

const { level, grouping, sought, shown, items, nameOf } = useFindingsList(desk.findings)
const safe = computed(() => desk.findings.value.filter(({ finding }) => finding.fix?.safe).length)
const offCount = computed(() => [...desk.off.value.values()].reduce((sum, times) => sum + times, 0))
const note = computed(
  () => offer.value.notations.find((notation) => notation.id === desk.sheet.value?.notation)?.switchOff ?? null,
)
const marks = computed(() => {
  const { marks: found } = desk.reading.value.seen
  return found && found.guess !== null && found.total !== '0' ? found : null
})
const halfChance = computed(() => {
  const chance = marks.value?.halfChance
  if (!chance) return null
  if (chance.least !== chance.most) return t('findings.between', { least: chance.least, most: chance.most })
  return chance.most === '0' ? t('findings.hardly') : t('proof.percent', { n: chance.most })
})

function lineOf(placed: PlacedFinding): number {
  const doc = desk.doc()
  return doc ? doc.lineAt(Math.min(doc.length, placed.from)).number : 1
}

const preview = ref<{ code: string; mended: Mending } | null>(null)
watch(
  () => desk.reading.value.hash,
  () => (preview.value = null),
)

async function showMending(code: string): Promise<void> {
  const mended = await desk.mending(code)
  if (mended) preview.value = { code, mended }
}

function mendKind(): void {
  if (preview.value) desk.applyMending(preview.value.mended)
  preview.value = null
}

const isOfEncoding = ({ finding }: PlacedFinding) =>
  finding.code === 'text.not-utf8' || finding.code === 'text.undecodable'

/** Up and down go from finding to finding, with the source following; Enter goes there. */
const current = ref<string | null>(null)
function move(direction: 1 | -1): void {
  const all = shown.value
  if (!all.length) return
  const at = all.findIndex((placed) => placed.key === current.value)
  const next =
    all[at < 0 ? (direction === 1 ? 0 : all.length - 1) : Math.min(all.length - 1, Math.max(0, at + direction))]
  if (!next) return
  current.value = next.key
  desk.goToFinding(next, true)
  const index = items.value.findIndex((item) => item.findings.some((placed) => placed.key === next.key))
  const extent = list.value?.extentOf(index)
  if (extent && grouping.value === 'kind') list.value?.scrollTo(Math.max(0, extent.top - 120))
}

function enter(event: KeyboardEvent): void {
  if (event.target !== list.value?.scroller) return
  const placed = shown.value.find((one) => one.key === current.value)
  if (!placed) return
  // Else the key would go on to the source and write a line break over what is chosen there.
  event.preventDefault()
  desk.goToFinding(placed)
}

const isHere = (placed: PlacedFinding) => desk.atCursor.value === placed.finding

defineExpose({ list, items })
</script>

<template>
  <LeafFrame @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.enter="enter">
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
          :title="t(`levels.about.${one}`)"
          :aria-pressed="level === one"
          :disabled="desk.count.value[one] === 0"
          @click="level = one"
        >
          {{ t(`levels.${one}`, desk.count.value[one]) }}
        </button>
      </div>
      <Button size="small" :disabled="safe === 0 || !desk.reading.value.isWhole" @click="desk.mendAll()"
        >{{ t('findings.mendAll') }} ({{ safe }})</Button
      >
      <div class="filter by" role="group" :aria-label="t('findings.grouping')">
        <button
          v-for="one in GROUPINGS"
          :key="one"
          type="button"
          :aria-pressed="grouping === one"
          @click="grouping = one"
        >
          {{ t(`findings.by.${one}`) }}
        </button>
      </div>
      <InputText
        v-model="sought"
        size="small"
        type="search"
        :placeholder="t('findings.find')"
        :aria-label="t('findings.find')"
      />
    </template>
    <template #notice>
      <p v-if="!desk.reading.value.isWhole" class="marks" role="status">{{ t('desk.unread') }}</p>
      <p v-if="marks" class="marks" :title="marks.halfChance?.exact ?? undefined">
        {{ t('findings.guess', { guess: marks.guess, total: marks.total }) }}
        <template v-if="halfChance !== null">{{ t('findings.half', { chance: halfChance }) }}</template>
      </p>
      <p v-if="!desk.reading.value.seen.isCompared" class="marks">{{ t('findings.notCompared') }}</p>
      <details v-if="offCount" class="off">
        <summary>{{ t('findings.off', offCount) }}</summary>
        <ul>
          <li v-for="[code, times] in desk.off.value" :key="code">
            {{ kindOf(code) }} <code>{{ code }}</code> · {{ times }}
            <button
              v-if="desk.sheet.value?.switchedOff.includes(code)"
              type="button"
              class="text-button"
              @click="desk.setOff(code, false)"
            >
              {{ t('findings.switchOn') }}
            </button>
            <span v-else>{{ t('findings.offInPlace') }}</span>
          </li>
        </ul>
      </details>
    </template>
    <FacingList
      ref="list"
      :items="items"
      :estimate="(item: FindingsItem) => (item.heading ? 34 : 0) + item.findings.length * 70"
      :label="t('desk.leaf.findings')"
      @moved="emit('moved')"
    >
      <template #default="{ item }">
        <div class="group" :class="{ 'is-kind': item.code }">
          <h3 v-if="item.heading">
            {{ item.heading }}
            <template v-if="item.code">
              <code>{{ item.code }}</code> · {{ item.all }}
              <span class="ways">
                <button v-if="item.mendable" type="button" class="text-button" @click="showMending(item.code)">
                  {{ t('findings.mendKind', item.mendable) }}
                </button>
                <button type="button" class="text-button" @click="desk.setOff(item.code, true)">
                  {{ t('findings.offInSheet') }}
                </button>
              </span>
            </template>
          </h3>
          <KindMending
            v-if="item.code && preview?.code === item.code"
            :mended="preview.mended"
            @mend="mendKind"
            @cancel="preview = null"
          />
          <div v-for="placed in item.findings" :key="placed.key" class="one" :class="{ 'is-current': isHere(placed) }">
            <FindingNote :finding="placed.finding" :is-here="isHere(placed)" show-advice @mend="desk.mend(placed)" />
            <p class="where">
              <button
                v-if="placed.block || placed.to > 0"
                type="button"
                class="text-button"
                @click="desk.goToFinding(placed)"
              >
                <template v-if="grouping === 'kind'">{{ nameOf(placed.block) }}, </template
                >{{ t('findings.line', { line: lineOf(placed) }) }}
              </button>
              <code v-if="grouping === 'question'">{{ placed.finding.code }}</code>
              <button v-if="isOfEncoding(placed)" type="button" class="text-button" @click="emit('chooseEncoding')">
                {{ t('findings.otherEncoding') }}
              </button>
              <template v-if="grouping === 'question'">
                <button type="button" class="text-button switch" @click="desk.setOff(placed.finding.code, true)">
                  {{ t('findings.offInSheet') }}
                </button>
                <button
                  v-if="note && placed.block?.number"
                  type="button"
                  class="text-button switch"
                  @click="desk.setOffHere(placed, note)"
                >
                  {{ t('findings.offHere') }}
                </button>
              </template>
            </p>
          </div>
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ level || sought ? t('findings.noneOfLevel') : t('findings.none') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.filter {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.filter:first-child {
  margin-inline-end: auto;
}

.by {
  margin-inline-end: auto;
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

@container leaf (width < 480px) {
  :deep(.p-inputtext) {
    flex: 1;
  }
}

.marks,
.off {
  padding: 2px 22px 4px;
  color: var(--soft);
  font-size: 13px;
}

.off summary {
  cursor: pointer;
}

.off ul {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}

.group {
  padding: 6px 22px 14px;
}

.group:not(:has(h3)) {
  padding-block: 0 10px;
}

.is-kind {
  padding-block: 16px 4px;
}

h3 {
  color: var(--soft);
  font-size: 13px;
  font-weight: 650;
}

h3 .ways {
  display: inline-flex;
  gap: 12px;
  margin-inline-start: 12px;
  font-weight: 400;
}

.is-current {
  box-shadow: -2px 0 0 0 var(--thread);
}

.where {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  margin-block-start: 2px;
  padding-inline-start: 15px;
  color: var(--soft);
  font-size: 12px;
}

/* What is rarely wanted shows where one looks. */
.switch {
  opacity: 0;
}

.one:hover .switch,
.one:focus-within .switch,
.is-current .switch {
  opacity: 1;
}

@media (hover: none) {
  .switch {
    opacity: 1;
  }
}

code {
  font-family: var(--font-source);
  font-size: 11px;
  line-height: 18px;
}
</style>
