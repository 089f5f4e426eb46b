<script setup lang="ts">
import { useEventListener, useLocalStorage, useTitle } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Created, type Hit, Problem, type ShelfSheet } from '@/api/client'
import { useBringIn } from '@/composables/useBringIn'
import { type Action, useActionKeys } from '@/composables/actions'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import DraftDialog from '@/drafts/DraftDialog.vue'
import AppBar from '@/parts/AppBar.vue'
import HelpDialog from '@/parts/HelpDialog.vue'
import StatusBar from '@/parts/StatusBar.vue'
import BeadLegend from '@/shelf/BeadLegend.vue'
import BringIn from '@/shelf/BringIn.vue'
import ChosenBar from '@/shelf/ChosenBar.vue'
import GroupHead from '@/shelf/GroupHead.vue'
import PasteDialog from '@/shelf/PasteDialog.vue'
import SearchHits from '@/shelf/SearchHits.vue'
import SheetRow from '@/shelf/SheetRow.vue'
import { useSearch } from '@/shelf/useSearch'
import { firstRows, useFewAtFirst } from '@/shelf/useFewAtFirst'
import { type Section, sectionsOf, useShelf } from '@/shelf/useShelf'

const { t } = useI18n()
const { say } = useNotice()
const { offer, labelOf, whenOffered } = useOffer()
useTitle(`${t('app.shelf')} – ${t('app.name')}`)

const shelf = useShelf()
const { sheets, groups, unread, load } = shelf
const { wanted, words, found } = useSearch()
const isPasting = ref(false)
const isDrafting = ref(false)
const isHelpOpen = ref(false)

const shown = computed(
  () => sheets.value?.filter((sheet) => sheet.title.toLowerCase().includes(words.value.toLowerCase())) ?? [],
)
const sections = computed(() => sectionsOf(groups.value, shown.value, words.value !== ''))
const isOpen = ({ group }: Section) => !group?.isFolded || words.value !== ''
const most = useFewAtFirst(
  () => shown.value.length,
  () => words.value,
)
const rows = computed(() => firstRows(sections.value, most.value, isOpen))
const total = computed(() => (sheets.value ?? []).reduce((sum, sheet) => sum + sheet.count, 0))
const sound = computed(() => (sheets.value ?? []).reduce((sum, sheet) => sum + sheet.sound, 0))
void load().then(() => enterList())

const { refusals, isOver, arrival, open, bringIn, stop } = useBringIn(load)

function stopBringing(): void {
  stop()
  say(t('arrival.stopped'))
}

async function opened(name: string, made: Promise<Created>): Promise<void> {
  refusals.value = []
  try {
    open(await made)
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    refusals.value.push({ name, message: error.message })
  }
}

const make = (title: string | null, text: string, notation: string | null, html: string | null = null): Promise<void> =>
  opened(title ?? t('shelf.pastedText'), api.create(title, text, notation, html))

/** The notation of the last sheet that was begun empty: the next one begins in it, too. */
const newNotation = useLocalStorage('notagram.new-notation', 'gift')
function makeEmpty(notation: string): void {
  newNotation.value = notation
  void make(t('shelf.emptyName'), '', notation)
}

async function makeExample(id: string): Promise<void> {
  await whenOffered
  const notation = offer.value.notations.find((one) => one.id === id)
  const text = notation?.examples.map((example) => example.text).join('\n\n') ?? ''
  await make(t('shelf.exampleName', { notation: labelOf(id) }), `${text}\n`, id)
}

const picked = ref<ReadonlySet<string>>(new Set())
/** In the order of the shelf. */
const pickedIds = computed(() =>
  sections.value.flatMap((section) => section.sheets.map(({ id }) => id)).filter((id) => picked.value.has(id)),
)

function pick(id: string): void {
  const next = new Set(picked.value)
  if (!next.delete(id)) next.add(id)
  picked.value = next
}

/** Does something with all that are chosen, after which none is. */
async function withPicked(doing: (ids: readonly string[]) => Promise<unknown>): Promise<void> {
  await doing(pickedIds.value)
  picked.value = new Set()
}

const join = () =>
  opened(
    t('shelf.emptyName'),
    api.gather(
      pickedIds.value.map((sheet) => ({ sheet })),
      sheets.value?.find(({ id }) => id === pickedIds.value[0])?.title ?? null,
    ),
  )

/** The questions of each sheet together, in the order in which they were found. */
function gather(hits: readonly Hit[]): void {
  const bySheet = new Map<string, number[]>()
  for (const { sheet, question } of hits)
    if (question !== null) bySheet.set(sheet, [...(bySheet.get(sheet) ?? []), question])
  const from = [...bySheet].map(([sheet, questions]) => ({ sheet, questions }))
  void opened(t('shelf.emptyName'), api.gather(from, wanted.value.trim()))
}

const heads = useTemplateRef<{ startRenaming: () => void }[]>('heads')
async function newGroup(): Promise<void> {
  await shelf.addGroup(t('shelf.newGroup'))
  await nextTick()
  heads.value?.at(-1)?.startRenaming()
}

const DRAGGED = 'application/x-notagram-sheet'
const dragged = (event: DragEvent): boolean => event.dataTransfer?.types.includes(DRAGGED) ?? false

function drag(event: DragEvent, { id }: ShelfSheet): void {
  const ids = picked.value.has(id) ? pickedIds.value : [id]
  event.dataTransfer?.setData(DRAGGED, JSON.stringify(ids))
}

function drop(event: DragEvent, group: string | null): void {
  const data = event.dataTransfer?.getData(DRAGGED)
  if (!data) return
  event.preventDefault()
  picked.value = new Set()
  void shelf.putInto(JSON.parse(data) as string[], group)
}

useEventListener(window, 'paste', (event) => {
  if (event.target instanceof HTMLElement && event.target.matches('input, textarea')) return
  const files = [...(event.clipboardData?.files ?? [])]
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (files.length) void bringIn(files)
  else if (text.trim()) void make(null, text, null, event.clipboardData?.getData('text/html') || null)
})

useEventListener(window, 'keydown', (event) => {
  const isElsewhere = event.target instanceof HTMLElement && event.target.closest('input, textarea, [role=dialog]')
  if (isElsewhere || event.ctrlKey || event.altKey || event.metaKey) return
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (event.key === 'Escape') picked.value = new Set()
  if (step === undefined) return
  event.preventDefault()
  moveBy(step)
})

const list = useTemplateRef('list')
/** What keys are about, a sheet or a group; the first, until another was. */
const chosen = ref<string | null>(null)
const stops = computed(() =>
  rows.value.flatMap((section) => [
    ...(section.group ? [section.group.id] : []),
    ...(isOpen(section) ? section.sheets.map(({ id }) => id) : []),
  ]),
)
const chosenHere = computed(() => stops.value.find((id) => id === chosen.value) ?? stops.value[0])

const stopAt = (index: number) => list.value?.querySelectorAll<HTMLElement>('[data-stop]')[index]

function moveBy(step: number): void {
  const index = stops.value.findIndex((id) => id === chosenHere.value)
  const isIn = list.value?.contains(document.activeElement)
  stopAt(Math.min(stops.value.length - 1, Math.max(0, isIn ? index + step : index)))?.focus()
}

/** Keys work at once: whoever is nowhere yet is in the list. */
async function enterList(): Promise<void> {
  await nextTick()
  if (document.activeElement === document.body) stopAt(0)?.focus({ preventScroll: true })
}

/** A sheet that moves to another group keeps the focus. */
async function shift(sheet: ShelfSheet, step: 1 | -1): Promise<void> {
  await shelf.shift(sheet, step)
  await nextTick()
  stopAt(stops.value.indexOf(sheet.id))?.focus()
}

const field = useTemplateRef<{ $el: HTMLInputElement }>('field')

const actions: Action[] = [
  { id: 'choose', keys: '↑ ↓', hint: 'shelf.choosing' },
  { id: 'open', keys: 'Enter', hint: 'shelf.opening' },
  { id: 'rename', keys: 'F2', hint: 'shelf.renaming' },
  { id: 'takeOff', keys: 'Del', hint: 'shelf.removing' },
  { id: 'pick', keys: 'Space', hint: 'shelf.picking' },
  { id: 'shift', keys: 'Alt ↑ ↓' },
  { id: 'new', keys: 'F9', hint: 'shelf.newSheet', run: () => makeEmpty(newNotation.value) },
  { id: 'paste', keys: 'Ctrl V', hint: 'shelf.pasting' },
  { id: 'draft', keys: '', run: () => (isDrafting.value = true) },
  { id: 'find', keys: 'F4', hint: 'shelf.finding', run: () => field.value?.$el.focus() },
  { id: 'help', keys: 'F1', hint: 'desk.helpAndKeys', run: () => (isHelpOpen.value = true) },
]
useActionKeys(actions)
</script>

<template>
  <div class="shelf-page">
    <AppBar @help="isHelpOpen = true">
      <template #end>
        <label v-if="sheets?.length" class="find">
          <span class="visually-hidden">{{ t('shelf.find') }}</span>
          <InputText
            ref="field"
            v-model="wanted"
            size="small"
            type="search"
            :placeholder="t('shelf.find')"
            @keydown.esc="wanted = ''"
          />
        </label>
      </template>
    </AppBar>
    <main>
      <section class="sheets" :aria-label="t('shelf.title')">
        <div v-for="refusal in refusals" :key="refusal.name" class="refusal" role="alert">
          <b>{{ t('shelf.refused', { name: refusal.name }) }}</b>
          <p>{{ refusal.message }}</p>
        </div>
        <div v-if="unread" class="refusal" role="alert">
          <b>{{ t('shelf.unread') }}</b>
          <p>{{ unread }}</p>
          <Button size="small" severity="secondary" outlined @click="load">{{ t('shelf.again') }}</Button>
        </div>
        <template v-if="sheets?.length">
          <div class="top">
            <h1>
              {{ t('shelf.title') }} <span :title="t('shelf.sheetAbout')">{{ t('shelf.sheets', sheets.length) }}</span>
            </h1>
            <Button size="small" severity="secondary" text @click="newGroup">{{ t('shelf.newGroup') }}</Button>
          </div>
          <ChosenBar
            v-if="pickedIds.length"
            :count="pickedIds.length"
            :groups="groups"
            @join="join"
            @copy="withPicked(shelf.copy)"
            @put="(group) => withPicked((ids) => shelf.putInto(ids, group))"
            @take-off="withPicked(shelf.takeOff)"
            @clear="picked = new Set()"
          />
          <div ref="list">
            <section
              v-for="(section, index) in rows"
              :key="section.group?.id ?? 'none'"
              @dragover="dragged($event) && $event.preventDefault()"
              @drop="drop($event, section.group?.id ?? null)"
            >
              <GroupHead
                v-if="section.group"
                ref="heads"
                :group="section.group"
                :count="sections[index]?.sheets.length ?? 0"
                :is-chosen="section.group.id === chosenHere"
                @focusin="chosen = section.group.id"
                @fold="shelf.changeGroup(section.group.id, { isFolded: !section.group.isFolded })"
                @rename="shelf.changeGroup(section.group.id, { name: $event })"
                @move="shelf.moveGroup(section.group, $event)"
                @remove="shelf.removeGroup(section.group)"
              />
              <h2 v-else-if="sections.length > 1" class="others">{{ t('shelf.noGroup') }}</h2>
              <ul v-if="isOpen(section)">
                <SheetRow
                  v-for="sheet in section.sheets"
                  :key="sheet.id"
                  :sheet="sheet"
                  :is-chosen="sheet.id === chosenHere"
                  :is-picked="picked.has(sheet.id)"
                  @focusin="chosen = sheet.id"
                  @rename="shelf.rename(sheet.id, $event)"
                  @take-off="shelf.takeOff([sheet.id])"
                  @pick="pick(sheet.id)"
                  @shift="shift(sheet, $event)"
                  @drag="drag($event, sheet)"
                />
              </ul>
            </section>
          </div>
          <p v-if="!shown.length && !found?.hits.length" class="none">{{ t('shelf.findNone') }}</p>
          <SearchHits v-if="found" :found="found" @gather="gather" />
          <BeadLegend v-else />
        </template>
        <div v-else-if="sheets" class="teaching">
          <h1>{{ t('shelf.emptyTitle') }}</h1>
          <p>{{ t('shelf.emptyLead') }}</p>
          <h2>{{ t('shelf.orSample') }}</h2>
          <ul class="samples">
            <li v-for="sample in offer.samples" :key="sample.name">
              <button type="button" @click="opened(sample.fileName, api.bringInSample(sample.name))">
                <b>{{ sample.fileName }}</b>
                <span>{{ t(`shelf.sampleOf.${sample.name}`) }}</span>
              </button>
            </li>
          </ul>
        </div>
      </section>
      <BringIn
        :is-over="isOver"
        :arrival="arrival"
        @files="bringIn"
        @stop="stopBringing"
        @paste="isPasting = true"
        @draft="isDrafting = true"
        @example="makeExample"
        @empty="makeEmpty"
      />
    </main>
    <StatusBar :actions="actions">
      <template v-if="sheets" #end>
        {{ t('shelf.sheets', sheets.length) }} ·
        {{ t('shelf.questions', total, { named: { n: total.toLocaleString('en') } }) }} ·
        {{ t('shelf.allSound', { n: sound.toLocaleString('en') }) }}
      </template>
    </StatusBar>
    <PasteDialog v-model="isPasting" @paste="(title, text, html) => make(title, text, null, html)" />
    <DraftDialog
      v-model="isDrafting"
      @take="
        (drafts, passage, notation) =>
          opened(
            drafts.title ?? t('draft.name'),
            api.createOfDrafts(drafts.title ?? t('draft.name'), drafts, passage, notation),
          )
      "
    />
    <HelpDialog v-model="isHelpOpen" :actions="actions" />
  </div>
</template>

<style scoped>
.shelf-page {
  display: grid;
  grid-template: auto 1fr auto / minmax(0, 1fr);
  block-size: 100%;
}

main {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 276px;
  gap: 30px;
  padding: 22px 26px 0 22px;
  overflow: auto;
}

.sheets {
  align-self: start;
  min-block-size: calc(100% - 22px);
  background: var(--leaf);
}

.top {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  padding-inline-end: 14px;
}

.others {
  min-block-size: 38px;
  padding-inline: 26px;
  border-block-start: 1px solid var(--rule);
  background: var(--source);
  color: var(--soft);
  line-height: 38px;
}

.sheets h1 {
  padding: 18px 26px 8px;
  font-weight: 650;
}

.sheets h1 span {
  margin-inline-start: 6px;
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.none,
.teaching {
  padding: 26px;
}

.teaching {
  max-inline-size: 60ch;
}

.teaching h1 {
  padding: 0 0 6px;
  font-family: var(--font-question);
  font-size: 22px;
}

.teaching h2 {
  margin-block: 26px 6px;
  font-weight: 650;
}

.samples button {
  display: grid;
  grid-template-columns: 210px 1fr;
  gap: 4px 16px;
  inline-size: 100%;
  padding: 10px 0;
  border: 0;
  border-block-start: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

.samples b {
  font-weight: 600;
}

.samples span {
  color: var(--soft);
}

.samples button:hover b {
  text-decoration: underline;
}

.refusal {
  margin: 16px 26px 0;
  padding: 10px 14px;
  border-inline-start: 3px solid var(--fault);
  background: var(--fault-wash);
}

.find {
  flex: 0 1 240px;
  min-inline-size: 0;
}

.find :deep(input) {
  inline-size: 100%;
}

.find {
  --p-inputtext-background: transparent;
  --p-inputtext-color: var(--bar-ink);
  --p-inputtext-placeholder-color: var(--bar-soft);
  --p-inputtext-border-color: #4a4560;
}

@media (width < 900px) {
  main {
    display: block;
    padding: 12px;
  }

  .sheets {
    min-block-size: 0;
    margin-block-end: 26px;
  }
}
</style>
