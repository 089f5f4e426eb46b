<script setup lang="ts">
import { useEventListener, useLocalStorage, useTitle } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Created, Problem, type ShelfSheet } from '@/api/client'
import { useBringIn } from '@/composables/useBringIn'
import { type Action, useActionKeys } from '@/composables/actions'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import AppBar from '@/parts/AppBar.vue'
import HelpDialog from '@/parts/HelpDialog.vue'
import StatusBar from '@/parts/StatusBar.vue'
import BeadLegend from '@/shelf/BeadLegend.vue'
import BringIn from '@/shelf/BringIn.vue'
import PasteDialog from '@/shelf/PasteDialog.vue'
import SheetRow from '@/shelf/SheetRow.vue'

const { t } = useI18n()
const { say } = useNotice()
const { offer, labelOf, whenOffered } = useOffer()
useTitle(`${t('app.shelf')} – ${t('app.name')}`)

const sheets = ref<ShelfSheet[] | null>(null)
const unread = ref<string | null>(null)
const isPasting = ref(false)
const isHelpOpen = ref(false)
const wanted = ref('')

const shown = computed(
  () => sheets.value?.filter((sheet) => sheet.title.toLowerCase().includes(wanted.value.trim().toLowerCase())) ?? [],
)
const total = computed(() => (sheets.value ?? []).reduce((sum, sheet) => sum + sheet.count, 0))
const sound = computed(() => (sheets.value ?? []).reduce((sum, sheet) => sum + sheet.sound, 0))

async function load(): Promise<void> {
  try {
    sheets.value = (await api.shelf()).sheets
    unread.value = null
  } catch (error) {
    unread.value = error instanceof Problem ? error.message : String(error)
  }
}
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

async function rename(sheet: ShelfSheet, title: string): Promise<void> {
  await api.change(sheet.id, { title })
  await load()
}

async function takeOff(sheet: ShelfSheet): Promise<void> {
  await api.takeOff(sheet.id)
  await load()
  say(t('shelf.takenOff', { title: sheet.title }), async () => {
    await api.putBack(sheet.id)
    await load()
  })
}

useEventListener(window, 'paste', (event) => {
  if (event.target instanceof HTMLElement && event.target.matches('input, textarea')) return
  const files = [...(event.clipboardData?.files ?? [])]
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (files.length) void bringIn(files)
  else if (text.trim()) void make(null, text, null, event.clipboardData?.getData('text/html') || null)
})

useEventListener(window, 'keydown', (event) => {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  const isElsewhere = event.target instanceof HTMLElement && event.target.closest('input, textarea, [role=dialog]')
  if (step === undefined || isElsewhere || event.ctrlKey || event.altKey || event.metaKey) return
  event.preventDefault()
  moveBy(step)
})

const list = useTemplateRef('list')
/** The sheet that keys are about; the first, until another was. */
const chosen = ref<string | null>(null)
const chosenHere = computed(() => (shown.value.find(({ id }) => id === chosen.value) ?? shown.value[0])?.id)

const linkOf = (index: number) => list.value?.querySelectorAll<HTMLElement>('.sheet-row .title')[index]

function moveBy(step: number): void {
  const index = shown.value.findIndex(({ id }) => id === chosenHere.value)
  const isIn = list.value?.contains(document.activeElement)
  linkOf(Math.min(shown.value.length - 1, Math.max(0, isIn ? index + step : index)))?.focus()
}

/** Keys work at once: whoever is nowhere yet is in the list. */
async function enterList(): Promise<void> {
  await nextTick()
  if (document.activeElement === document.body) linkOf(0)?.focus({ preventScroll: true })
}

const field = useTemplateRef<{ $el: HTMLInputElement }>('field')

const actions: Action[] = [
  { id: 'choose', keys: '↑ ↓', hint: 'shelf.choosing' },
  { id: 'open', keys: 'Enter', hint: 'shelf.opening' },
  { id: 'rename', keys: 'F2', hint: 'shelf.renaming' },
  { id: 'takeOff', keys: 'Del', hint: 'shelf.removing' },
  { id: 'new', keys: 'F9', hint: 'shelf.newSheet', run: () => makeEmpty(newNotation.value) },
  { id: 'paste', keys: 'Ctrl V', hint: 'shelf.pasting' },
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
          <InputText ref="field" v-model="wanted" size="small" type="search" :placeholder="t('shelf.find')" />
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
          <h1>
            {{ t('shelf.title') }} <span>{{ t('shelf.sheets', sheets.length) }}</span>
          </h1>
          <ul ref="list">
            <SheetRow
              v-for="sheet in shown"
              :key="sheet.id"
              :sheet="sheet"
              :is-chosen="sheet.id === chosenHere"
              @focusin="chosen = sheet.id"
              @rename="rename(sheet, $event)"
              @take-off="takeOff(sheet)"
            />
          </ul>
          <p v-if="!shown.length" class="none">{{ t('shelf.findNone') }}</p>
          <BeadLegend />
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
  border-block-end: 1px solid var(--rule);
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
