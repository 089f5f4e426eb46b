<script setup lang="ts">
import { useEventListener, useTitle } from '@vueuse/core'
import ProgressBar from 'primevue/progressbar'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import { useBringIn } from '@/composables/useBringIn'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import ConflictDialog from '@/desk/ConflictDialog.vue'
import DeskBanner from '@/desk/DeskBanner.vue'
import EncodingDialog from '@/desk/EncodingDialog.vue'
import ExpectedCount from '@/desk/ExpectedCount.vue'
import { LEAVES } from '@/desk/leaves/leaves'
import LeafTabs from '@/desk/leaves/LeafTabs.vue'
import { LEAF_NAMES, type LeafName } from '@/desk/leaves/names'
import SaveNote from '@/desk/SaveNote.vue'
import SheetTitle from '@/desk/SheetTitle.vue'
import ExampleStrip from '@/desk/source/ExampleStrip.vue'
import PictureDialog from '@/desk/source/PictureDialog.vue'
import PictureStrip from '@/desk/source/PictureStrip.vue'
import SpineStrip from '@/desk/spine/SpineStrip.vue'
import { useAtHand } from '@/desk/useAtHand'
import { useDesk } from '@/desk/useDesk'
import { useDeskActions } from '@/desk/useDeskActions'
import { useDraftsHere } from '@/desk/useDraftsHere'
import DraftDialog from '@/drafts/DraftDialog.vue'
import { usePictures } from '@/desk/usePictures'
import { type FacingItem, type FacingSide, useFacing } from '@/desk/useFacing'
import { firstIn, goRound, type Stop } from '@/desk/useRound'
import { useOneLeaf } from '@/desk/useOneLeaf'
import AppBar from '@/parts/AppBar.vue'
import HelpDialog from '@/parts/HelpDialog.vue'
import StatusBar from '@/parts/StatusBar.vue'

const { id, leaf } = defineProps<{ id: string; leaf: LeafName }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const { say } = useNotice()
const { offer } = useOffer()

const desk = useDesk(id)
const pictures = usePictures(desk, id)
const { refusals, isOver, arrival, stop } = useBringIn((come) => {
  if (come && !refusals.value.length) void router.push('/')
}, pictures.takesDrop)
const pictureFile = useTemplateRef('pictureFile')

function picturesChosen(event: Event): void {
  const input = event.target as HTMLInputElement
  void pictures.put([...(input.files ?? [])])
  input.value = ''
}

function goToQuestion(number: number): void {
  const found = reading.value.blocks.find((one) => one.number === number)
  if (found) desk.goToBlock(found)
}
const { isNarrow, isSourceOpen } = useOneLeaf(desk)
const { sheet, reading, count, cursor } = desk
useTitle(computed(() => (sheet.value ? `${sheet.value.title} – ${t('app.name')}` : t('app.name'))))

const editor = useTemplateRef('editor')
const leafView = useTemplateRef<{
  list: FacingSide | null
  items: readonly FacingItem[]
  openKey?: () => void
  readDraft?: () => void
  /** The question that is being worked on there. */
  current?: number | null
}>('leafView')
const side = computed(() => leafView.value?.list ?? null)
const items = computed(() => leafView.value?.items ?? [])
const leafMoved = ref(0)
const moved = computed(() => desk.moved.value + leafMoved.value)
const facing = useFacing(desk, side, items, moved)

const isHelpOpen = ref(false)
const isChoosingEncoding = ref(false)
const showsExample = ref(false)

onMounted(async () => {
  if (editor.value) await desk.open(editor.value)
  showsExample.value = sheet.value !== null && reading.value.blocks.every((block) => block.kind === 'blank')
  await nextTick()
  const wanted = reading.value.blocks.find(({ number }) => number !== null && String(number) === route.query.question)
  if (wanted) desk.goToBlock(wanted)
  else if (leaf !== 'tidied' && leaf !== 'columns') desk.focusSource()
})

// A new leaf starts level with the source.
watch(
  () => [leaf, side.value],
  () => facing.drive('source'),
)

const block = computed(() => reading.value.blocks[cursor.value.block])
const isInSource = ref(false)
useEventListener(
  document,
  'focusin',
  ({ target }) => (isInSource.value = target instanceof Node && (desk.view.value?.dom.contains(target) ?? false)),
)
const marked = computed(() => (isInSource.value ? null : (leafView.value?.current ?? null)))
/** What the line at the foot speaks of: the question that is marked, else the one at the cursor. */
const worked = computed(
  () => reading.value.blocks.find(({ number }) => number !== null && number === marked.value) ?? block.value,
)
const notation = computed(() => offer.value.notations.find(({ id: one }) => one === sheet.value?.notation))
const examples = computed(() => notation.value?.examples ?? [])
const leaves = computed(() => {
  const { value: its } = notation
  const { value: opened } = sheet
  return LEAF_NAMES.filter((name) => {
    const { isFor } = LEAVES[name]
    return !isFor || (its && opened && isFor(its, opened))
  })
})
// Rows that wait to become questions open where they do; whoever wants them tidied as a text goes there.
watch(
  () => leaves.value.includes('columns'),
  (hasColumns) => {
    if (hasColumns && leaf === 'tidied') show('columns')
  },
)
const understood = useAtHand(desk, showsExample)
const marksAtOnce = ref(false)

function show(name: LeafName): void {
  void router.replace({ name: 'desk', params: { id, leaf: name } })
}

/** Whoever opens a leaf by key is in it. */
async function enter(name: LeafName): Promise<void> {
  isSourceOpen.value = false
  await router.replace({ name: 'desk', params: { id, leaf: name } })
  await nextTick()
  side.value?.scroller?.focus()
}

/** What was tidied is to be marked. */
function taken(): void {
  marksAtOnce.value = true
  show('proof')
}

async function openKey(): Promise<void> {
  show('proof')
  await nextTick()
  leafView.value?.openKey?.()
}

const { isDrafting, addDrafts } = useDraftsHere(desk, id, () => show('proof'))

const book = useTemplateRef('book')
const part = (selector: string) => book.value?.querySelector(selector)
/** F6 goes round: the source, the spine, the leaf, the buttons of the leaf. */
const stops: readonly Stop[] = [
  { within: () => desk.view.value?.dom, focus: desk.focusSource },
  { within: () => part('.spine-strip'), focus: () => firstIn(part('.spine-strip'))?.focus() },
  { within: () => side.value?.scroller, focus: () => side.value?.scroller?.focus() },
  { within: () => part('.leaf .tools'), focus: () => firstIn(part('.leaf .tools'))?.focus() },
]

async function readAs(encoding: string): Promise<void> {
  if (await desk.change({ encoding })) {
    const label = sheet.value?.encoding.label ?? encoding
    say(t('encoding.done', { label }), () => desk.undo())
  }
}

const actions = useDeskActions({
  desk,
  leaves,
  show: (name) => void enter(name),
  openKey: () => void openKey(),
  otherSide: () => goRound(stops),
  openHelp: () => (isHelpOpen.value = true),
  toggleAtHand: () => (showsExample.value = !showsExample.value),
  choosePicture: () => pictureFile.value?.click(),
  draft: () => (isDrafting.value = true),
  read: () => leafView.value?.readDraft?.(),
})
</script>

<template>
  <div class="desk-page">
    <AppBar @help="isHelpOpen = true">
      <RouterLink to="/" class="crumb">{{ t('app.shelf') }}</RouterLink>
      <span v-if="sheet" class="crumb" aria-hidden="true">/</span>
      <SheetTitle v-if="sheet" :title="sheet.title" @rename="desk.change({ title: $event })" />
      <template #end>
        <SaveNote v-if="sheet" :state="desk.saveState.value" :saved-at="desk.savedAt.value" />
      </template>
    </AppBar>

    <DeskBanner
      :desk="desk"
      :is-over="isOver"
      :arrival="arrival"
      :refusals="refusals"
      @stop="stop"
      @seen="refusals = []"
    />

    <main v-if="desk.problem.value" class="problem" role="alert">
      <h1>{{ t('desk.notThere') }}</h1>
      <p>{{ desk.problem.value }}</p>
      <RouterLink to="/">{{ t('desk.toShelf') }}</RouterLink>
    </main>
    <main v-else ref="book" class="book" :class="{ 'shows-source': isSourceOpen }">
      <div class="head source-head">
        <h2>{{ t('desk.source') }}</h2>
        <template v-if="sheet">
          <Select
            :model-value="sheet.notation"
            size="small"
            class="notation"
            :aria-label="t('desk.notation')"
            :options="offer.notations"
            option-label="label"
            option-value="id"
            @update:model-value="desk.change({ notation: $event })"
          />
          <button type="button" class="meta" :title="t('encoding.title')" @click="isChoosingEncoding = true">
            {{ sheet.encoding.label }}
          </button>
          <span class="meta questions">{{
            t('shelf.questions', count.questions, { named: { n: count.questions.toLocaleString('en') } })
          }}</span>
          <button
            type="button"
            class="meta example-toggle"
            :aria-expanded="showsExample"
            @click="showsExample = !showsExample"
          >
            {{ t('desk.example') }}
          </button>
        </template>
      </div>
      <div class="head count-head">
        <ExpectedCount
          v-if="sheet"
          :count="count"
          :expected="sheet.expected"
          @expect="desk.change({ expected: $event })"
        />
      </div>
      <LeafTabs
        v-model:source="isSourceOpen"
        class="head"
        :count="count"
        :names="leaves"
        :open="leaf"
        :has-source="isNarrow"
        :to="(name) => ({ name: 'desk', params: { id, leaf: name } })"
      />

      <div class="source">
        <div v-if="!sheet" class="loading" role="status">
          {{ t('desk.loading') }}
          <ProgressBar mode="indeterminate" :pt="{ root: { 'aria-label': t('desk.loading') } }" />
        </div>
        <div ref="editor" class="editor" />
        <ExampleStrip
          v-if="showsExample"
          :examples="examples"
          :type="block?.body.question?.type ?? null"
          :understood="understood"
          :holds-pictures="notation?.holdsPictures ?? false"
          :can-draft="!sheet?.isTabular"
          @insert="desk.insertExample"
          @picture="pictureFile?.click()"
          @draft="isDrafting = true"
        />
        <PictureStrip
          v-if="pictures.pictures.value.length"
          :pictures="pictures.pictures.value"
          :can-put="notation?.holdsPictures ?? false"
          @put="pictures.putAgain"
          @remove="pictures.remove"
          @question="goToQuestion"
          @choose="pictureFile?.click()"
        />
        <input
          ref="pictureFile"
          type="file"
          hidden
          multiple
          accept="image/png,image/jpeg,image/gif,image/webp"
          :aria-label="t('picture.choose')"
          @change="picturesChosen"
        />
      </div>
      <SpineStrip :desk="desk" :leaf="side" :items="items" :moved="moved" :source-extent="facing.sourceExtent" />
      <div class="leaf">
        <template v-if="!sheet" />
        <component
          :is="LEAVES[leaf].component"
          v-else
          :key="leaf"
          ref="leafView"
          :desk="desk"
          :sheet-id="id"
          v-bind="leaf === 'proof' ? { marks: marksAtOnce } : {}"
          @moved="leafMoved += 1"
          @taken="taken"
          @show="show"
          @choose-encoding="isChoosingEncoding = true"
        />
      </div>
    </main>

    <StatusBar :actions="actions">
      <template #end>
        <template v-if="marked === null">{{ t('desk.place', { line: cursor.line, column: cursor.column }) }}</template>
        <template v-else>{{ t('desk.marking') }}</template>
        <template v-if="worked?.number"> · {{ t('desk.inQuestion', { number: worked.number }) }}</template>
        <template v-if="worked?.body.question"> · {{ t(`type.${worked.body.question.type}`) }}</template>
      </template>
    </StatusBar>

    <HelpDialog v-model="isHelpOpen" :actions="actions" />
    <DraftDialog
      v-if="sheet && !sheet.isTabular"
      v-model="isDrafting"
      :notation="sheet.notation"
      :first="count.questions + 1"
      @take="addDrafts"
    />
    <PictureDialog :picture="pictures.entry.value?.picture ?? null" @enter="pictures.enter" @leave="pictures.leave" />
    <EncodingDialog v-if="sheet" v-model="isChoosingEncoding" :sheet="sheet" @choose="readAs" />
    <ConflictDialog
      v-if="desk.conflict.value"
      :mine="desk.view.value?.state.doc.toString() ?? ''"
      :theirs="desk.conflict.value.text"
      @settle="desk.settle"
    />
  </div>
</template>

<style scoped>
.desk-page {
  display: grid;
  grid-template: auto auto 1fr auto / minmax(0, 1fr);
  block-size: 100%;
}

.desk-page > .status-bar {
  grid-row: 4;
}

.crumb {
  margin-inline-end: 6px;
  color: var(--bar-soft);
  text-decoration: none;
}

.problem {
  grid-row: 3;
  padding: 60px 26px;
  text-align: center;
}

.problem h1 {
  font-family: var(--font-question);
  font-size: 22px;
}

.book {
  grid-row: 3;
  display: grid;
  grid-template: 39px minmax(0, 1fr) / minmax(0, 1fr) 64px minmax(0, 1.06fr);
  min-block-size: 0;
}

.head {
  display: flex;
  align-items: center;
  background: var(--desk);
  border-block-end: 1px solid var(--rule);
}

.source-head {
  gap: 12px;
  padding-inline: 20px 8px;
  overflow: hidden;
  white-space: nowrap;
}

.source-head h2 {
  font-weight: 700;
}

.meta {
  border: 0;
  padding: 2px 0;
  background: transparent;
  color: var(--soft);
  font: inherit;
  font-size: 13px;
}

button.meta {
  min-inline-size: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: pointer;
  text-decoration: underline dotted var(--control);
  text-underline-offset: 3px;
}

.example-toggle {
  flex: none;
  margin-inline-start: auto;
}

@media (width < 1160px) {
  .questions {
    display: none;
  }
}

.count-head {
  border-block-end-color: transparent;
}

.source {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto auto;
  min-block-size: 0;
  background: var(--source);
}

.editor {
  grid-row: 1;
  min-block-size: 0;
}

.loading {
  grid-row: 1;
  padding: 20px;
  color: var(--soft);
}

.loading .p-progressbar {
  block-size: 4px;
  margin-block-start: 10px;
}

.example-strip {
  grid-row: 2;
}

.picture-strip {
  grid-row: 3;
}

.leaf {
  min-block-size: 0;
  background: var(--leaf);
}

/* The open leaf goes on paper, the rest of the desk stays. */
@media print {
  .desk-page,
  .book {
    display: block;
    block-size: auto;
  }

  .desk-page > :not(.book),
  .book > :not(.leaf) {
    display: none;
  }

  .book .leaf {
    display: block !important;
  }
}

/* On a phone, one side at a time: the leaf lies under the source. */
@media (width < 760px) {
  .book {
    grid-template: 39px auto minmax(0, 1fr) / 64px minmax(0, 1fr);
  }

  .count-head {
    grid-area: 1 / 1;
  }

  .leaf-tabs {
    grid-area: 1 / 2;
  }

  .source-head {
    grid-area: 2 / 1 / 3 / 3;
  }

  .source,
  .leaf {
    grid-area: 3 / 1 / 4 / 3;
  }

  /* The name of the program leads to the shelf. */
  .crumb,
  .book.shows-source .leaf,
  .book:not(.shows-source) :is(.source, .source-head),
  .spine-strip {
    display: none;
  }
}
</style>
