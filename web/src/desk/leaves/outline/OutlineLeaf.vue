<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Proposal } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import { type Change, type Proposed, useAmend } from '../../useAmend'
import type { Desk } from '../../useDesk'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import CategoryRow from './CategoryRow.vue'
import NamePanel from './NamePanel.vue'
import { pathOf, spelled, useCategories } from '../categories'
import { changeOf, type Column, COLUMNS, itemsOf, type OutlineItem, takesLetters } from './outline'
import OutlineFoot from './OutlineFoot.vue'
import OutlineRow from './OutlineRow.vue'
import PointsPanel from './PointsPanel.vue'
import SortPanel from './SortPanel.vue'
import { useGrid } from './useGrid'

/** The questions as a table that faces the source: named, scored and sorted one by one or many at once. */
const { desk, sheetId } = defineProps<{
  desk: Pick<
    Desk,
    'sheet' | 'change' | 'reading' | 'cursor' | 'goToBlock' | 'edited' | 'applied' | 'base' | 'undo' | 'count'
  >
  sheetId: string
}>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const { say, asked } = useNotice()
const { offer } = useOffer()
const { amend, proposed, textsOf } = useAmend(desk, sheetId)

const list = useTemplateRef('list')
const items = computed(() => itemsOf(desk.reading.value))
const grid = useGrid(
  items,
  computed(() => list.value ?? null),
)
const { row, column, isEditing, typed } = grid
const chosen = computed(() => [...grid.chosen.value].sort((a, b) => a - b))
/** What was chosen of a text that is another now means nothing. */
watch(
  () => desk.reading.value.blocks.filter(({ number }) => number !== null).length,
  () => grid.chooseNone(),
)

const notation = computed(() => offer.value.notations.find(({ id }) => id === desk.sheet.value?.notation))
const has = (part: 'title' | 'category' | 'points') => notation.value?.parts.includes(part) ?? true
const lacks = computed(() => (['title', 'category', 'points'] as const).filter((part) => !has(part)))
/** What the sheet can go on in, to have all of them. */
const fuller = computed(() => offer.value.notations.filter(({ parts }) => parts.includes('title')))

const { seen } = { seen: computed(() => desk.reading.value.seen) }
const paths = computed(() => [
  ...new Set(desk.reading.value.blocks.flatMap(({ category }) => (category.length ? [spelled(category)] : []))),
])
const categories = useCategories(desk.reading)

const panel = ref<'names' | 'points' | 'sort' | null>(null)
const proposal = shallowRef<Proposal | null>(null)
const values = computed(() => new Map(proposal.value?.values.map((value) => [value.question, value])))
const toggle = (which: typeof panel.value) => (panel.value = panel.value === which ? null : which)

const types = ref<readonly string[]>([])
/** A change that loses something: said before it is made. */
const losing = shallowRef<(Proposed & { number: number }) | null>(null)

async function open(): Promise<void> {
  const block = grid.current.value?.block
  const name = COLUMNS[column.value]
  if (!block?.body.question) {
    if (block?.kind === 'category') grid.edit(typed.value)
    return
  }
  const { type } = block.body.question
  const isFixed =
    (name === 'title' && !has('title')) ||
    (name === 'category' && !has('category')) ||
    (name === 'points' && (!has('points') || type === 'stimulus')) ||
    (name === 'right' && !takesLetters(block.body.question))
  if (isFixed) {
    isEditing.value = false
    say(t(name === 'right' ? 'outline.inText' : 'outline.hasNone', { notation: notation.value?.label ?? '' }))
    return
  }
  if (name === 'type') types.value = (await textsOf(block.number as number))?.types ?? []
  grid.edit(typed.value)
}

function press(event: KeyboardEvent): void {
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown') && !isEditing.value) {
    event.preventDefault()
    void moveCategory(event.key === 'ArrowDown' ? 1 : -1)
    return
  }
  if (!grid.press(event)) return
  event.preventDefault()
  if (isEditing.value) void open()
}

function pick(index: number, event: MouseEvent, at = column.value): void {
  if (event.shiftKey) grid.extendTo(index)
  else if (event.ctrlKey || event.metaKey) {
    grid.goTo(index, at)
    grid.toggle(index)
  } else if (!isEditing.value || row.value !== index || column.value !== at) grid.goTo(index, at)
  list.value?.scroller?.focus({ preventScroll: true })
}

function openAt(index: number, at: number): void {
  grid.goTo(index, at)
  void open()
}

/** The keys go back to the table. */
function leave(): void {
  grid.goTo(row.value)
  list.value?.scroller?.focus({ preventScroll: true })
}

async function take(item: OutlineItem, name: Column, text: string, then: 'down' | 'right' | 'left' | 'stay') {
  const { number, body } = item.block
  const step = { down: [1, 0], right: [0, 1], left: [0, -1], stay: [0, 0] }[then] as [number, number]
  if (then === 'stay') isEditing.value = false
  else {
    grid.goTo(row.value + step[0], column.value + step[1])
    list.value?.scroller?.focus({ preventScroll: true })
  }
  if (number === null || !body.question) return
  const change = changeOf(name, text, body.question)
  const before = {
    title: body.question.title ?? '',
    category: spelled(item.block.category),
    points: body.question.points ?? '',
  }
  if (!change || (name in before && before[name as keyof typeof before] === text.trim())) return
  if (name === 'type') await changeType(number, change)
  else await amend(number, [change])
}

/** What another type loses is named first. */
async function changeType(number: number, change: Change): Promise<void> {
  const found = await proposed(number, [change])
  if (!found) return
  if (found.notes.length) losing.value = { ...found, number }
  else await desk.applied(found.base, found.edits)
}

async function takeLosing(): Promise<void> {
  const found = losing.value
  losing.value = null
  if (found && (await desk.applied(found.base, found.edits)))
    say(t('outline.changed', { number: found.number }), () => desk.undo())
}

async function file(wish: Omit<Parameters<typeof api.filing>[1], 'base'>, done: string): Promise<void> {
  if (await desk.edited((base) => api.filing(sheetId, { base, ...wish }))) say(done, () => desk.undo())
}

async function rename(item: OutlineItem, name: string): Promise<void> {
  isEditing.value = false
  list.value?.scroller?.focus({ preventScroll: true })
  const path = [...item.block.category]
  const to = pathOf(name)
  if (!to.length || spelled(to) === spelled(path)) return
  await file({ way: 'rename', questions: [], path, to, order: [] }, t('outline.renamed', { path: spelled(to) }))
}

/** Alt and an arrow move the category of the row before or behind its neighbour. */
async function moveCategory(by: 1 | -1): Promise<void> {
  const block = grid.current.value?.block
  if (!block || block.kind !== 'category') return
  const order = seen.value.categories.map(({ path }) => path).filter((path) => path.length)
  const at = order.findIndex((path) => spelled(path) === spelled(block.category))
  const [taken] = order.splice(at, 1)
  if (at < 0 || !taken || at + by < 0 || at + by > order.length) return
  order.splice(at + by, 0, taken)
  await file({ way: 'order', questions: [], path: [], to: [], order }, t('outline.moved', { path: spelled(taken) }))
  const now = items.value.findIndex(
    (item) => item.block.kind === 'category' && spelled(item.block.category) === spelled(taken),
  )
  if (now >= 0) grid.goTo(now)
}

const gather = () => file({ way: 'gather', questions: [], path: [], to: [], order: [] }, t('outline.gathered'))

const leaving = shallowRef<{ id: string; label: string; losses: string[] } | null>(null)
/** What the other notation cannot hold is named first. */
async function askToGoOn({ id, label }: { id: string; label: string }): Promise<void> {
  // What is typed is on the server by then.
  await desk.base()
  const found = await asked(() => api.goingOn(sheetId, id))
  if (found?.losses.length) leaving.value = { id, label, losses: found.losses }
  else if (found) await goOnAs(id, label)
}

async function goOnAs(id: string, label: string): Promise<void> {
  leaving.value = null
  if (await desk.change({ rewriteAs: id })) say(t('outline.goesOnAs', { notation: label }))
}

async function want(total: string): Promise<void> {
  await asked(async () => desk.change({ expectedPoints: total }))
}

const isLate = computed(() => !desk.reading.value.isWhole)
const estimate = ({ block }: OutlineItem) => (block.kind === 'category' ? 36 : 32)

defineExpose({ list, items })
</script>

<template>
  <LeafFrame class="outline-leaf">
    <template #tools>
      <span class="about" aria-live="polite">{{
        chosen.length ? t('outline.chosen', chosen.length) : t('outline.about')
      }}</span>
      <Button
        v-if="has('title')"
        size="small"
        severity="secondary"
        outlined
        :aria-expanded="panel === 'names'"
        @click="toggle('names')"
        >{{ t('outline.names') }}</Button
      >
      <Button
        v-if="has('points')"
        size="small"
        severity="secondary"
        outlined
        :aria-expanded="panel === 'points'"
        @click="toggle('points')"
        >{{ t('outline.points') }}</Button
      >
      <Button
        v-if="has('category')"
        size="small"
        severity="secondary"
        outlined
        :aria-expanded="panel === 'sort'"
        @click="toggle('sort')"
        >{{ t('outline.sort') }}</Button
      >
      <Button v-if="categories.isScattered.value" size="small" severity="secondary" outlined @click="gather">{{
        t('outline.gather')
      }}</Button>
    </template>
    <template #notice>
      <NamePanel
        v-if="panel === 'names'"
        :desk="desk"
        :sheet-id="sheetId"
        :chosen="chosen"
        @show="proposal = $event"
        @close="panel = null"
      />
      <PointsPanel
        v-else-if="panel === 'points'"
        :desk="desk"
        :sheet-id="sheetId"
        :chosen="chosen"
        :wanted="desk.sheet.value?.expectedPoints ?? null"
        @show="proposal = $event"
        @close="panel = null"
      />
      <SortPanel
        v-else-if="panel === 'sort'"
        :desk="desk"
        :sheet-id="sheetId"
        :chosen="chosen"
        :paths="paths"
        @close="panel = null"
      />
      <div v-if="losing" class="bar" role="alert">
        <span>{{ t('outline.losing', { number: losing.number }) }} {{ losing.notes.join(' ') }}</span>
        <Button size="small" @click="takeLosing">{{ t('outline.changeAnyway') }}</Button>
        <Button size="small" severity="secondary" outlined @click="losing = null">{{ t('app.cancel') }}</Button>
      </div>
      <div v-if="leaving" class="bar" role="alert">
        <span>{{ t('tidied.losing', { notation: leaving.label }) }} {{ leaving.losses.join(' ') }}</span>
        <Button size="small" @click="goOnAs(leaving.id, leaving.label)">{{
          t('outline.goOnAnyway', { notation: leaving.label })
        }}</Button>
        <Button size="small" severity="secondary" outlined @click="leaving = null">{{ t('app.cancel') }}</Button>
      </div>
      <div v-else-if="lacks.length" class="bar">
        <span>{{
          t('outline.lacks', {
            notation: notation?.label ?? '',
            parts: lacks.map((part) => t(`outline.lack.${part}`)).join(', '),
          })
        }}</span>
        <Button
          v-for="one in fuller"
          :key="one.id"
          size="small"
          severity="secondary"
          outlined
          @click="askToGoOn(one)"
          >{{ t('outline.goOn', { notation: one.label }) }}</Button
        >
      </div>
      <div class="heads" aria-hidden="true">
        <span />
        <span v-for="name in COLUMNS" :key="name" :class="`is-${name}`">{{ t(`outline.column.${name}`) }}</span>
      </div>
    </template>
    <FacingList
      ref="list"
      role="grid"
      aria-multiselectable="true"
      :aria-activedescendant="items.length ? 'outline-cell' : undefined"
      :items="items"
      :estimate="estimate"
      :label="t('desk.leaf.outline')"
      @moved="emit('moved')"
      @keydown="press"
    >
      <template #default="{ item }">
        <CategoryRow
          v-if="item.block.kind === 'category'"
          :path="item.block.category"
          :sums="categories.sumsOf(item.block)"
          :is-here="items[row] === item"
          :is-editing="isEditing"
          :typed="typed"
          @pick="pick(items.indexOf(item), $event)"
          @open="openAt(items.indexOf(item), 0)"
          @rename="rename(item, $event)"
          @leave="leave"
        />
        <OutlineRow
          v-else
          :item="item"
          :is-here="items[row] === item"
          :column="column"
          :is-editing="isEditing"
          :typed="typed"
          :is-chosen="item.block.number !== null && grid.chosen.value.has(item.block.number)"
          :renamed="panel === 'names' ? values.get(item.block.number ?? 0) : undefined"
          :rescored="panel === 'points' ? values.get(item.block.number ?? 0) : undefined"
          :paths="paths"
          :types="types"
          @pick="(at, event) => pick(items.indexOf(item), event, at)"
          @toggle="grid.toggle(items.indexOf(item))"
          @open="(at) => openAt(items.indexOf(item), at)"
          @take="(name, text, then) => take(item, name, text, then)"
          @leave="leave"
        />
      </template>
      <template #empty>
        <p class="empty">{{ t('outline.empty') }}</p>
      </template>
    </FacingList>
    <OutlineFoot
      :questions="desk.count.value.questions"
      :points="seen.points"
      :wanted="desk.sheet.value?.expectedPoints ?? null"
      :marks="seen.marks"
      :is-late="isLate"
      @want="want"
    />
  </LeafFrame>
</template>

<style scoped>
.heads,
.outline-leaf :deep(.facing-list) {
  --outline-columns: 62px minmax(0, 1fr) 116px 104px 60px 58px;
}

.outline-leaf :deep(.facing-list) {
  flex: 1;
  min-block-size: 0;
}

.about {
  margin-inline-end: auto;
}

.heads {
  display: grid;
  grid-template-columns: var(--outline-columns);
  padding: 4px 14px 4px 12px;
  border-block-end: 1px solid var(--rule);
  color: var(--soft);
  font-size: 12px;
}

.heads span {
  padding-inline: 6px;
}

.heads .is-points {
  text-align: end;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 6px 20px;
  border-block-end: 1px solid var(--rule);
  background: var(--hint-wash);
  font-size: 13px;
}

@container leaf (width < 520px) {
  .heads,
  .outline-leaf :deep(.facing-list) {
    --outline-columns: 62px minmax(0, 1fr) 52px 52px;
  }

  .heads .is-type,
  .heads .is-category {
    display: none;
  }
}
</style>
