<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onScopeDispose, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type TidyRow } from '@/api/client'
import { useOffer } from '@/composables/useOffer'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import { type Entry, entriesOf, isBlank } from './page'
import PageEntry from './PageEntry.vue'
import StepList from './StepList.vue'
import { useTidied } from './useTidied'

/** The text as it would stand, as a page to read beside the source, with each step that did something. */
const { desk, sheetId } = defineProps<{
  desk: Pick<
    Desk,
    | 'sheet'
    | 'reading'
    | 'doc'
    | 'hasFocus'
    | 'base'
    | 'applied'
    | 'change'
    | 'goToLine'
    | 'light'
    | 'replaceAll'
    | 'undo'
  >
  sheetId: string
}>()
const emit = defineEmits<{ moved: []; taken: [] }>()
const { t } = useI18n()
const { say, asked } = useNotice()
const { offer } = useOffer()
/** Its own notation, whichever that is; a choice without a value would be shown as none. */
const OWN = 'own'
/** What the tidied text goes on in. */
const chosen = useLocalStorage('notagram.tidied-as', OWN)
const notation = computed(() => offer.value.notations.find(({ id }) => id === desk.sheet.value?.notation))
/** Its own notation, and those that hold more. */
const notations = computed(() => [
  { id: OWN, label: notation.value?.label ?? '' },
  ...offer.value.notations.filter(({ id, parts }) => parts.includes('title') && id !== notation.value?.id),
])
const goesOnIn = computed(() => notations.value.find(({ id }) => id !== OWN && id === chosen.value) ?? null)
const { tidied, refusedSteps, refusedLines, isWorking, changes, toggleStep, toggleLine } = useTidied(
  desk,
  sheetId,
  computed(() => goesOnIn.value?.id ?? null),
)
const list = useTemplateRef('list')
/** What was left out of the document, and what the tidied text leaves where it is. */
const notes = computed(() => [...(desk.sheet.value?.notes ?? []), ...(tidied.value?.notes ?? [])])
const labels = computed(() => Object.fromEntries((tidied.value?.steps ?? []).map(({ name, label }) => [name, label])))
const take = useTemplateRef<{ $el: HTMLElement }>('take')

interface TidiedItem extends FacingItem {
  entries: Entry[]
}

let last: TidiedItem[] = []
/** What becomes of each block that the source was read as, so that both sides can be level. */
const items = computed<TidiedItem[]>(() => {
  const found = tidied.value
  const doc = desk.doc()
  if (!found || !doc) return []
  // Until what is being typed was tidied, what stood before stays; so it does while the source is shorter than what was read.
  const { hash, blocks } = desk.reading.value
  if (found.base !== hash || (blocks.at(-1)?.to ?? 0) > doc.length) return last
  const groups: { key: string; block: FacingItem['block']; rows: TidyRow[] }[] = []
  for (const block of blocks) {
    const from = doc.lineAt(block.from).number - 1
    const ofBlock = found.rows.slice(from, doc.lineAt(Math.max(block.from, block.to - 1)).number)
    const previous = groups.at(-1)
    if (block.kind === 'blank' && previous) previous.rows.push(...ofBlock)
    else groups.push({ key: block.key, block, rows: ofBlock })
  }
  last = groups.map(({ key, block, rows }) => ({ key, block, entries: entriesOf(rows) }))
  return last
})

const opened = ref<ReadonlySet<string>>(new Set())
function fold(key: string): void {
  const next = new Set(opened.value)
  if (!next.delete(key)) next.add(key)
  opened.value = next
}

const heightOf = (entry: Entry): number => {
  if (entry.kind === 'space') return 9
  if (entry.kind === 'leaving') return 24 + (opened.value.has(entry.key) ? 21 * entry.rows.length : 0)
  return entry.lines.reduce((sum, parts) => sum + (isBlank(parts) ? 9 : 21), 0)
}
const estimate = ({ entries }: TidiedItem) => entries.reduce((sum, entry) => sum + heightOf(entry), 0)

const lit = ref<string | null>(null)
/** The lines of the source that a step changes. */
const linesOf = (step: string) =>
  (tidied.value?.rows ?? []).filter(({ steps }) => steps.includes(step)).map(({ line }) => line)

function light(step: string | null): void {
  lit.value = step
  desk.light(step === null ? [] : linesOf(step))
}
onScopeDispose(() => desk.light([]))

const at = ref<number | null>(null)
/** Brings the next or previous change of a step into sight on both sides. */
function go(step: string, direction: 1 | -1): void {
  const lines = linesOf(step)
  const here = at.value ?? 0
  const next =
    direction === 1
      ? (lines.find((line) => line > here) ?? lines[0])
      : (lines.findLast((line) => line < here) ?? lines.at(-1))
  if (next === undefined) return
  at.value = next
  desk.goToLine(next)
  const index = items.value.findIndex(({ entries }) =>
    entries.some((entry) => (entry.kind === 'leaving' ? entry.rows : [entry.row]).some(({ line }) => line === next)),
  )
  const side = list.value
  if (index >= 0 && side?.scroller)
    side.scrollTo(Math.max(0, side.extentOf(index).top - side.scroller.clientHeight * 0.3))
}

async function takeAll(): Promise<void> {
  const found = tidied.value
  const next = goesOnIn.value
  if (!found || !(await desk.applied(found.base, found.edits))) return
  if (next) {
    if (await desk.change({ awaitsTidying: false, rewriteAs: next.id }))
      say(t('tidied.takenAs', { notation: next.label }))
    emit('taken')
    return
  }
  if (desk.sheet.value?.awaitsTidying) void desk.change({ awaitsTidying: false })
  say(t('tidied.taken'), () => {
    desk.undo()
    void desk.change({ awaitsTidying: true })
  })
  emit('taken')
}

async function keep(): Promise<void> {
  if (!(await desk.change({ awaitsTidying: false }))) return
  say(t('tidied.kept'), () => void desk.change({ awaitsTidying: true }))
  emit('taken')
}

async function original(): Promise<void> {
  const found = await asked(() => api.original(sheetId))
  if (!found) return
  if (desk.doc()?.toString() === found.text) {
    say(t('tidied.isOriginal'))
    return
  }
  desk.replaceAll(found.text)
  void desk.change({ awaitsTidying: true })
  say(t('tidied.originalDone'), () => desk.undo())
}

// What was just brought in is one key away from being taken; whoever types in the source is left alone.
watch(
  tidied,
  (found, before) => {
    if (found && !before && !desk.hasFocus()) take.value?.$el.focus()
  },
  { flush: 'post' },
)

defineExpose({ list, items })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <span class="count" aria-live="polite">{{
        isWorking && !tidied ? t('tidied.working') : t('tidied.changes', changes)
      }}</span>
      <span class="spacer" />
      <Button size="small" severity="secondary" text @click="original">{{ t('tidied.original') }}</Button>
      <template v-if="changes > 0">
        <Button v-if="desk.sheet.value?.awaitsTidying" size="small" severity="secondary" outlined @click="keep">{{
          t('tidied.keep')
        }}</Button>
        <label class="as"
          >{{ t('tidied.as') }}
          <Select
            v-model="chosen"
            :options="notations"
            option-value="id"
            option-label="label"
            size="small"
            :aria-label="t('tidied.asWhat')"
          />
        </label>
        <Button ref="take" size="small" @click="takeAll">{{ t('tidied.take') }}</Button>
      </template>
    </template>
    <template #notice>
      <div v-if="goesOnIn && tidied?.losses.length" class="losing" role="status">
        <b>{{ t('tidied.losing', { notation: goesOnIn.label }) }}</b>
        <ul>
          <li v-for="loss in tidied.losses" :key="loss">{{ loss }}</li>
        </ul>
        {{ t('tidied.markFirst') }}
      </div>
      <StepList
        v-if="tidied && (tidied.steps.length || notes.length)"
        :steps="tidied.steps"
        :refused="refusedSteps"
        :notes="notes"
        @toggle="toggleStep"
        @light="light"
        @go="go"
      />
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('tidied.rows')" @moved="emit('moved')">
      <template #default="{ item }">
        <PageEntry
          v-for="entry in item.entries"
          :key="entry.key"
          :entry="entry"
          :labels="labels"
          :refused="refusedLines"
          :lit="lit"
          :at="at"
          :is-open="opened.has(entry.key)"
          @source="desk.goToLine"
          @toggle="toggleLine"
          @fold="fold(entry.key)"
        />
      </template>
      <template #empty>
        <p class="empty">{{ t(isWorking ? 'tidied.working' : 'tidied.none') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.spacer {
  flex: 1;
}

.losing {
  margin: 0 20px 8px;
  padding: 6px 12px;
  border-inline-start: 3px solid var(--doubt);
  background: var(--doubt-wash);
  font-size: 13.5px;
}

.losing ul {
  max-block-size: 120px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

.as {
  display: flex;
  align-items: center;
  gap: 6px;
  color: var(--soft);
}
</style>
