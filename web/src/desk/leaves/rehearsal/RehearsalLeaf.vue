<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import ToggleSwitch from 'primevue/toggleswitch'
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { RehearsalWish } from '@/api/client'
import { useOffer } from '@/composables/useOffer'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import DrawPanel from './DrawPanel.vue'
import { isFileRefused, rehearsed, type Rehearsed } from './rehearsed'
import RehearsedQuestion from './RehearsedQuestion.vue'
import { useRehearsal } from './useRehearsal'

/** The import before the import: what a receiver takes, what it does not, and what arrives as something else. */
const { desk, sheetId } = defineProps<{
  desk: Pick<Desk, 'sheet' | 'reading' | 'findings' | 'settled' | 'goToBlock' | 'goToFinding' | 'goToLine' | 'mend'>
  sheetId: string
}>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const { offer } = useOffer()
const router = useRouter()
const list = useTemplateRef('list')
const BEHAVIOURS = ['stop-keep', 'stop-drop', 'skip'] as const

const chosen = useLocalStorage<string | null>(`notagram.rehearsed-as.${sheetId}`, null)
const onFault = useLocalStorage<NonNullable<RehearsalWish['onFault']>>('notagram.on-fault', 'stop-keep')
const anyEncoding = useLocalStorage('notagram.any-encoding', false)
const wish = computed<RehearsalWish>(() => ({
  to: chosen.value,
  onFault: onFault.value,
  anyEncoding: anyEncoding.value,
}))
const rehearsal = useRehearsal(desk, sheetId, wish)

const targets = computed(() =>
  offer.value.targets
    .filter(({ canBeRehearsed }) => canBeRehearsed)
    .map(({ id, label }) => ({
      id,
      label: id === desk.sheet.value?.notation ? t('rehearsal.asItIs', { notation: label }) : label,
    })),
)
const behaviours = computed(() => BEHAVIOURS.map((id) => ({ id, label: t(`rehearsal.behaviour.${id}`) })))
/** Only a file that is no UTF-8 leaves a choice. */
const hasOtherBytes = computed(() => {
  const name = desk.sheet.value?.encoding.name
  return name !== undefined && name !== 'UTF-8'
})

const items = computed(() => (rehearsal.value ? rehearsed(desk.reading.value.blocks, rehearsal.value) : []))
const arrived = computed(() => rehearsal.value?.taken.length ?? 0)
const changed = computed(() => items.value.filter(({ fate }) => fate === 'different').length)
const firstRefused = computed(() => items.value.find(({ fate }) => fate === 'refused') ?? null)
/** What stops the receiver without being a question: a text between them, or the whole file. */
const outside = computed(() => rehearsal.value?.refused.filter(({ number }) => number === null) ?? [])
const extra = computed(() => rehearsal.value?.different.filter(({ number }) => number === null) ?? [])
const isWhole = computed(
  () =>
    !!rehearsal.value &&
    arrived.value > 0 &&
    arrived.value === rehearsal.value.questions &&
    !changed.value &&
    !extra.value.length &&
    !outside.value.length,
)

const findingsOf = (block: PlacedBlock) =>
  desk.findings.value.filter((placed) => placed.block?.key === block.key && placed.finding.level === 'fault')

const isDrawing = ref(false)
const current = ref<string | null>(null)
const isCurrent = (item: Rehearsed) => item.key === (current.value ?? firstRefused.value?.key)

/** One key from what did not arrive to its place in the source, where F2 fixes it. */
function go(item: Rehearsed | null): void {
  if (!item) return
  current.value = item.key
  const [placed] = findingsOf(item.block)
  if (placed) desk.goToFinding(placed)
  else desk.goToBlock(item.block)
}

function move(direction: 1 | -1): void {
  const cut = items.value.filter(({ fate }) => fate === 'refused' || fate === 'different')
  const at = cut.findIndex(isCurrent)
  const next = cut[Math.min(cut.length - 1, Math.max(0, at + direction))]
  if (!next) return
  current.value = next.key
  const extent = list.value?.extentOf(items.value.indexOf(next))
  if (extent) list.value?.scrollTo(Math.max(0, extent.top - 120))
}

function enter(event: KeyboardEvent): void {
  if (event.target !== list.value?.scroller) return
  event.preventDefault()
  go(items.value.find(isCurrent) ?? null)
}

function estimate({ fate, received, differences, block }: Rehearsed): number {
  return (
    34 +
    (received?.answers.length ? 22 : 0) +
    differences.length * 40 +
    (fate === 'refused' ? 12 + findingsOf(block).length * 46 : 0)
  )
}

/** What was typed a moment ago is sat as well. */
async function sit(questions: string): Promise<void> {
  await desk.settled()
  await router.push({ name: 'sitting', params: { id: sheetId }, query: questions ? { questions } : {} })
}

const pathOf = (path: readonly string[]) => (path.length ? path.join(' / ') : t('rehearsal.noCategory'))

defineExpose({ list, items })
</script>

<template>
  <LeafFrame @keydown.down.prevent="move(1)" @keydown.up.prevent="move(-1)" @keydown.enter="enter">
    <template #tools>
      <label class="choice"
        >{{ t('rehearsal.as') }}
        <Select
          :model-value="rehearsal?.to ?? chosen"
          :options="targets"
          option-value="id"
          option-label="label"
          size="small"
          :aria-label="t('rehearsal.as')"
          @update:model-value="chosen = $event"
        />
      </label>
      <label class="choice"
        >{{ t('rehearsal.onFault') }}
        <Select
          v-model="onFault"
          :options="behaviours"
          option-value="id"
          option-label="label"
          size="small"
          :aria-label="t('rehearsal.onFault')"
        />
      </label>
      <label v-if="hasOtherBytes"
        ><ToggleSwitch v-model="anyEncoding" size="small" /> {{ t('rehearsal.anyEncoding') }}</label
      >
      <Button size="small" severity="secondary" outlined :aria-expanded="isDrawing" @click="isDrawing = !isDrawing">{{
        t('draw.open')
      }}</Button>
      <Button size="small" severity="secondary" outlined @click="sit('')">{{ t('sitting.open') }}</Button>
    </template>
    <template #notice>
      <DrawPanel v-if="isDrawing" :desk="desk" :sheet-id="sheetId" @sit="sit" />
      <div v-if="rehearsal" class="told" :class="{ 'is-whole': isWhole }" aria-live="polite">
        <h3>
          {{ t('rehearsal.arrive', { arrived }, rehearsal.questions) }}
          <span v-if="changed" class="changed">{{ t('rehearsal.changed', changed) }}</span>
        </h3>
        <p v-for="(one, index) in outside" :key="index">
          <template v-if="isFileRefused(rehearsal)">{{ t('rehearsal.wholeFile', { reason: one.reason }) }}</template>
          <template v-else>
            {{ t('rehearsal.outside', { line: one.line, reason: one.reason }) }}
            <button
              v-if="rehearsal.to === desk.sheet.value?.notation"
              type="button"
              class="text-button"
              @click="desk.goToLine(one.line)"
            >
              {{ t('rehearsal.goToLine', { line: one.line }) }}
            </button>
          </template>
        </p>
        <p v-for="(one, index) in extra" :key="`extra ${index}`">{{ t('rehearsal.extra', { text: one.theirs }) }}</p>
        <p v-if="firstRefused">
          {{
            t(
              `rehearsal.first.${onFault}`,
              {
                number: firstRefused.block.number,
                rest: rehearsal.notReached,
              },
              rehearsal.notReached,
            )
          }}
          <button type="button" class="text-button" @click="go(firstRefused)">
            {{ t('rehearsal.goToFirst', { number: firstRefused.block.number }) }}
          </button>
        </p>
        <p v-else-if="isWhole">{{ t('rehearsal.whole') }}</p>
        <ul v-if="rehearsal.categories.length > 1 || rehearsal.categories[0]?.path.length" class="categories">
          <li v-for="filed in rehearsal.categories" :key="filed.path.join('/')">
            {{ pathOf(filed.path) }} <b>{{ filed.questions }}</b>
          </li>
        </ul>
      </div>
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('desk.leaf.rehearsal')" @moved="emit('moved')">
      <template #default="{ item }">
        <RehearsedQuestion
          :item="item"
          :findings="item.fate === 'refused' ? findingsOf(item.block) : []"
          :is-current="isCurrent(item)"
          @go="go(item)"
          @mend="desk.mend"
        />
      </template>
      <template #empty>
        <p class="empty">{{ rehearsal ? t('rehearsal.empty') : t('rehearsal.working') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.choice,
label {
  display: flex;
  align-items: center;
  gap: 6px;
}

.choice:first-child {
  margin-inline-end: auto;
}

.told {
  margin-inline: 20px;
  margin-block-end: 6px;
  padding: 6px 12px;
  border-inline-start: 3px solid var(--fault);
  background: var(--fault-wash);
  font-size: 13px;
}

.told.is-whole {
  border-color: var(--rule);
  background: var(--source);
}

h3 {
  font-size: 14px;
  font-weight: 650;
}

.changed {
  color: var(--doubt);
}

.categories {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 4px 0 0;
  padding: 0;
  color: var(--soft);
  list-style: none;
}

.categories b {
  color: var(--ink);
  font-variant-numeric: tabular-nums;
}
</style>
