<script setup lang="ts">
import { useDark, useEventListener, useTitle } from '@vueuse/core'
import ProgressBar from 'primevue/progressbar'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { useBringIn } from '@/composables/useBringIn'
import { useFunctionKeys } from '@/composables/useFunctionKeys'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import ConflictDialog from '@/desk/ConflictDialog.vue'
import DeskBanner from '@/desk/DeskBanner.vue'
import EncodingDialog from '@/desk/EncodingDialog.vue'
import ExpectedCount from '@/desk/ExpectedCount.vue'
import FindingsLeaf from '@/desk/leaves/findings/FindingsLeaf.vue'
import LeafTabs from '@/desk/leaves/LeafTabs.vue'
import HandoverLeaf from '@/desk/leaves/handover/HandoverLeaf.vue'
import TidiedLeaf from '@/desk/leaves/tidied/TidiedLeaf.vue'
import ProofLeaf from '@/desk/leaves/proof/ProofLeaf.vue'
import SaveNote from '@/desk/SaveNote.vue'
import SheetTitle from '@/desk/SheetTitle.vue'
import ExampleStrip from '@/desk/source/ExampleStrip.vue'
import SpineStrip from '@/desk/spine/SpineStrip.vue'
import { useDesk } from '@/desk/useDesk'
import { type FacingItem, type FacingSide, useFacing } from '@/desk/useFacing'
import { useOneLeaf } from '@/desk/useOneLeaf'
import AppBar from '@/parts/AppBar.vue'
import HelpDialog, { type Action } from '@/parts/HelpDialog.vue'
import KeyHint from '@/parts/KeyHint.vue'
import StatusBar from '@/parts/StatusBar.vue'

const LEAVES = ['tidied', 'proof', 'findings', 'handover'] as const
type LeafName = (typeof LEAVES)[number]

const { id, leaf } = defineProps<{ id: string; leaf: LeafName }>()
const { t } = useI18n()
const router = useRouter()
const { say } = useNotice()
const { offer } = useOffer()
const isDark = useDark({ disableTransition: false })

const { refusals, isOver, arrival, stop } = useBringIn((come) => {
  if (come && !refusals.value.length) void router.push('/')
})
const desk = useDesk(id)
const { isNarrow, isSourceOpen } = useOneLeaf(desk)
const { sheet, reading, count, cursor } = desk
useTitle(computed(() => (sheet.value ? `${sheet.value.title} – ${t('app.name')}` : t('app.name'))))

const editor = useTemplateRef('editor')
const leafView = useTemplateRef<{ list: FacingSide | null; items: readonly FacingItem[]; openKey?: () => void }>(
  'leafView',
)
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
  if (leaf !== 'tidied') desk.focusSource()
})

// A new leaf starts level with the source.
watch(
  () => [leaf, side.value],
  () => facing.drive('source'),
)

const block = computed(() => reading.value.blocks[cursor.value.block])
const notation = computed(() => offer.value.notations.find(({ id: one }) => one === sheet.value?.notation))
const examples = computed(() => notation.value?.examples ?? [])
const canBeTidied = computed(() => notation.value?.canBeTidied ?? false)

/** Only a printed test is tidied; other notations have their fixes. */
const leaves = computed(() => LEAVES.filter((name) => name !== 'tidied' || canBeTidied.value))
const marksAtOnce = ref(false)

function show(name: LeafName): void {
  void router.replace({ name: 'desk', params: { id, leaf: name } })
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

function otherSide(): void {
  if (desk.view.value?.hasFocus) side.value?.scroller?.focus()
  else desk.focusSource()
}

async function readAs(encoding: string): Promise<void> {
  if (await desk.change({ encoding })) {
    const label = sheet.value?.encoding.label ?? encoding
    say(t('encoding.done', { label }), () => desk.undo())
  }
}

const actions: Action[] = [
  { id: 'next', keys: 'F8', run: () => desk.step(1) },
  { id: 'previous', keys: 'Shift F8', run: () => desk.step(-1) },
  { id: 'mend', keys: 'F2', run: desk.mendHere },
  { id: 'mendAll', keys: 'Shift F2', run: () => void desk.mendAll() },
  { id: 'otherSide', keys: 'F6', run: otherSide },
  { id: 'search', keys: 'Ctrl F', run: () => desk.search() },
  { id: 'undo', keys: 'Ctrl Z', run: () => desk.undo() },
  { id: 'redo', keys: 'Ctrl Y', run: () => desk.redo() },
  { id: 'tidied', keys: '', run: () => canBeTidied.value && show('tidied') },
  { id: 'key', keys: '', run: () => void openKey() },
  { id: 'proof', keys: '', run: () => show('proof') },
  { id: 'findings', keys: '', run: () => show('findings') },
  { id: 'handover', keys: '', run: () => show('handover') },
  { id: 'shelf', keys: '', run: () => void router.push('/') },
  { id: 'dark', keys: '', run: () => (isDark.value = !isDark.value) },
  { id: 'leaveEditor', keys: 'Esc Tab' },
]

// In the source, and wherever something is typed, undo is their own.
useEventListener(window, 'keydown', (event) => {
  const { target } = event
  if (!(event.ctrlKey || event.metaKey) || event.altKey) return
  if (target instanceof HTMLElement && target.closest('input, textarea, .cm-editor')) return
  const key = event.key.toLowerCase()
  if (key === 'y' || (key === 'z' && event.shiftKey)) desk.redo()
  else if (key === 'z') desk.undo()
  else return
  event.preventDefault()
})

useFunctionKeys({
  F1: () => (isHelpOpen.value = true),
  F2: desk.mendHere,
  'Shift+F2': () => void desk.mendAll(),
  F6: otherSide,
  F8: () => desk.step(1),
  'Shift+F8': () => desk.step(-1),
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
    <main v-else class="book" :class="{ 'shows-source': isSourceOpen }">
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
        :desk="desk"
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
          @insert="desk.insertExample"
        />
      </div>
      <SpineStrip :desk="desk" :leaf="side" :items="items" :moved="moved" :source-extent="facing.sourceExtent" />
      <div class="leaf">
        <template v-if="!sheet" />
        <TidiedLeaf
          v-else-if="leaf === 'tidied'"
          ref="leafView"
          :desk="desk"
          :sheet-id="id"
          @moved="leafMoved += 1"
          @taken="taken"
        />
        <ProofLeaf
          v-else-if="leaf === 'proof'"
          ref="leafView"
          :desk="desk"
          :sheet-id="id"
          :marks="marksAtOnce"
          @moved="leafMoved += 1"
        />
        <FindingsLeaf
          v-else-if="leaf === 'findings'"
          ref="leafView"
          :desk="desk"
          @moved="leafMoved += 1"
          @choose-encoding="isChoosingEncoding = true"
        />
        <HandoverLeaf v-else ref="leafView" :desk="desk" :sheet-id="id" @moved="leafMoved += 1" />
      </div>
    </main>

    <StatusBar>
      <KeyHint keys="F8" :what="t('desk.nextFinding')" @press="desk.step(1)" />
      <KeyHint keys="F2" :what="t('desk.mend')" @press="desk.mendHere()" />
      <KeyHint keys="F6" :what="t('desk.otherSide')" @press="otherSide()" />
      <KeyHint keys="F1" :what="t('desk.helpAndKeys')" @press="isHelpOpen = true" />
      <template #end>
        {{ t('desk.place', { line: cursor.line, column: cursor.column }) }}
        <template v-if="block?.number"> · {{ t('desk.inQuestion', { number: block.number }) }}</template>
        <template v-if="block?.body.question"> · {{ t(`type.${block.body.question.type}`) }}</template>
      </template>
    </StatusBar>

    <HelpDialog v-model="isHelpOpen" :actions="actions" />
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
  grid-template-rows: minmax(0, 1fr) auto;
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

.leaf {
  min-block-size: 0;
  background: var(--leaf);
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
