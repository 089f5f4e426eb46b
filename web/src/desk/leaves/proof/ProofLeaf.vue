<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import ToggleSwitch from 'primevue/toggleswitch'
import Button from 'primevue/button'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOffer } from '@/composables/useOffer'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import { spelled, useCategories } from '../categories'
import FacingList from '../FacingList.vue'
import FindingNote from '../FindingNote.vue'
import LeafFrame from '../LeafFrame.vue'
import LeafNotes from '../LeafNotes.vue'
import type { LeafName } from '../names'
import { useAmend } from '../../useAmend'
import KeyDialog from './KeyDialog.vue'
import DraftStrip from './DraftStrip.vue'
import PassagePanel from './PassagePanel.vue'
import QuestionProof from './QuestionProof.vue'
import QuestionEditor from './QuestionEditor.vue'
import TryHere from './TryHere.vue'
import { useMarking, withMark } from './useMarking'
import { UNREAD, useUnread } from './useUnread'

/** Each question as a pupil sees it; what cannot be read stands in its place with its source and reason. */
const {
  desk,
  sheetId,
  marks = false,
} = defineProps<{
  desk: Pick<
    Desk,
    | 'sheet'
    | 'change'
    | 'reading'
    | 'doc'
    | 'cursor'
    | 'atCursor'
    | 'rangeNow'
    | 'mend'
    | 'edited'
    | 'insertBelow'
    | 'settled'
    | 'applied'
    | 'base'
    | 'undo'
    | 'lookAround'
  >
  sheetId: string
  /** Whether marking begins at once. */
  marks?: boolean
}>()
const emit = defineEmits<{ moved: []; show: [leaf: LeafName] }>()
const { t } = useI18n()
const { offer } = useOffer()
const showAnswers = useLocalStorage('notagram.show-answers', true)
const list = useTemplateRef('list')
const categories = useCategories(desk.reading)

/** What typesets is there before a formula far below goes on paper. */
const hasFormula = computed(() =>
  desk.reading.value.blocks.some(({ body: { question } }) =>
    [question?.stem, ...(question?.options ?? []).map(({ html }) => html)].some((html) =>
      html?.includes('class="formula'),
    ),
  ),
)
watch(hasFormula, (has) => has && void import('@/parts/formulas'), { immediate: true })

interface ProofItem extends FacingItem {
  block: PlacedBlock
}

const items = computed<ProofItem[]>(() =>
  desk.reading.value.blocks
    .filter((block) => block.kind !== 'blank' && block.kind !== 'comment')
    // The one that is changed stays what it is, whatever it says.
    .map((block) => ({
      key: block.number !== null && block.number === editing.value?.number ? 'editing' : block.key,
      block,
    })),
)

/** The question whose texts are changed, and which of them first. */
const editing = ref<{ number: number; at: string } | null>(null)

function change(number: number | null, at: string): void {
  if (number !== null) editing.value = { number, at }
}

/** The question that is answered as a pupil does. */
const trying = ref<number | null>(null)

async function endTrial(): Promise<void> {
  current.value = trying.value
  trying.value = null
  await nextTick()
  list.value?.scroller?.focus({ preventScroll: true })
}

async function endChange(): Promise<void> {
  const number = editing.value?.number ?? null
  editing.value = null
  current.value = number
  await nextTick()
  list.value?.scroller?.focus({ preventScroll: true })
}

function follow(number: number): void {
  editing.value = { number, at: 'stem' }
  const block = desk.reading.value.blocks.find((one) => one.number === number)
  if (block) reveal(block)
}

/** Of a printed test, the leaf where it is tidied tells them. */
const notes = computed(() => {
  const sheet = desk.sheet.value
  const isTidiedElsewhere = offer.value.notations.find(({ id }) => id === sheet?.notation)?.canBeTidied ?? true
  return sheet && !sheet.isTabular && !isTidiedElsewhere ? sheet.notes : []
})

const examples = computed(
  () => offer.value.notations.find(({ id }) => id === desk.sheet.value?.notation)?.examples ?? [],
)
const newTypes = computed(() => [...new Set(examples.value.map(({ type }) => type))])

/** An example of the type goes below, to be changed where it stands. */
async function addQuestion(block: PlacedBlock, type: string): Promise<void> {
  const example = examples.value.find((one) => one.type === type)
  const range = desk.rangeNow(block)
  if (!example || !range || block.number === null) return
  desk.insertBelow(range.to, example.text)
  await desk.settled()
  follow(block.number + 1)
}

const marking = useMarking(desk, sheetId, reveal, (number) => change(number, 'stem'))
const { current, last, unmarked, offered, pending } = marking
const isKeyOpen = ref(false)
const drafts = useUnread(desk, sheetId)
const { arrange } = useAmend(desk, sheetId)
/** The question that is worked on: the one that is marked, else the one at the cursor. */
const atHand = computed(() => current.value ?? desk.reading.value.blocks[desk.cursor.value.block]?.number ?? null)

async function markRead(number: number): Promise<void> {
  const { value: unread } = drafts.numbers
  const next = unread.find((one) => one > number) ?? unread.find((one) => one !== number) ?? null
  // Whoever reads is in the Proof: it leads, and the source follows.
  list.value?.scroller?.focus({ preventScroll: true })
  if (next !== null) marking.goTo(next)
  await drafts.read(number)
  // What is read takes less room.
  if (next !== null && current.value === next) marking.goTo(next)
}

/** The one at hand if it is a draft, else the first that comes after it. */
function readDraft(): void {
  const { value: unread } = drafts.numbers
  const here = atHand.value
  if (here !== null && unread.includes(here)) void markRead(here)
  else {
    const next = unread.find((one) => one > (here ?? 0)) ?? unread[0]
    if (next !== undefined) marking.goTo(next)
  }
}

/** What tidying would do; said until the tidied text was used or dismissed. */
const untidied = computed(() => (desk.sheet.value?.awaitsTidying ? desk.reading.value.seen.untidied : null))
const leftToMark = computed(() => {
  if (!desk.reading.value.isWhole) return t('desk.unread')
  if (!desk.reading.value.isRecognised) return t('mark.notRecognised')
  return marking.hasAny.value ? t('mark.left', unmarked.value.length) : t('mark.nothing')
})
const kindHere = computed(() => {
  const question = items.value.find(({ block }) => block.number === current.value)?.block.body.question
  return question && !question.options.length && question.type !== 'true-false' ? 'mark.howTyped' : 'mark.how'
})

/** Brings a question into sight, with what comes after it. */
function reveal(block: PlacedBlock): void {
  const index = items.value.findIndex((item) => item.block.number === block.number)
  const side = list.value
  if (index < 0 || !side?.scroller) return
  const { top, bottom } = side.extentOf(index)
  const { scrollTop, clientHeight } = side.scroller
  if (top < scrollTop || bottom > scrollTop + clientHeight * 0.8) side.scrollTo(Math.max(0, top - clientHeight * 0.15))
}

function begin(): void {
  list.value?.scroller?.focus({ preventScroll: true })
  marking.next()
}

onMounted(async () => {
  if (!marks) return
  await nextTick()
  list.value?.scroller?.focus({ preventScroll: true })
  if (unmarked.value.length) marking.begin()
})

/** That nothing is marked is said in its head, that nobody has read it below it. */
const worseOf = (block: PlacedBlock) =>
  block.findings.filter(({ code, level }) => code !== 'marking.none' && code !== UNREAD && level !== 'hint')
/** Advice is one quiet line, until somebody wants it. */
const hintsOf = (block: PlacedBlock) => block.findings.filter(({ level }) => level === 'hint')
const opened = ref<ReadonlySet<string>>(new Set())
/** The one at the cursor is shown as well: F2 fixes it. */
const shownHintsOf = (block: PlacedBlock) =>
  hintsOf(block).filter((finding) => opened.value.has(block.key) || desk.atCursor.value === finding)
function toggleHints(key: string): void {
  const next = new Set(opened.value)
  if (!next.delete(key)) next.add(key)
  opened.value = next
}

const shownOf = (block: PlacedBlock) =>
  block.body.question && block.number !== null
    ? withMark(block.body.question, pending.value.get(block.number))
    : block.body.question

function sourceOf(block: PlacedBlock): string {
  const range = desk.rangeNow(block)
  return range ? (desk.doc()?.sliceString(range.from, range.to).trimEnd() ?? '') : ''
}

function estimate({ block }: ProofItem): number {
  const { question } = block.body
  const { findings } = block
  const answers = question
    ? question.options.length + question.pairs.length + (question.type === 'true-false' ? 1 : 0)
    : 2
  const notes = findings.filter(({ level }) => level !== 'hint').length
  const line = notes < findings.length ? 30 : 0
  return block.kind === 'category' ? 40 : 76 + answers * 28 + notes * 46 + line
}

const isHere = (block: PlacedBlock) => desk.reading.value.blocks[desk.cursor.value.block] === block

defineExpose({ list, items, current, readDraft, openKey: () => (isKeyOpen.value = true) })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <span class="left" aria-live="polite">{{ leftToMark }}</span>
      <span class="doings">
        <Button
          v-if="unmarked.length && desk.reading.value.isWhole"
          size="small"
          severity="secondary"
          outlined
          @click="begin"
          >{{ t('mark.next') }}</Button
        >
        <Button size="small" severity="secondary" outlined @click="isKeyOpen = true">{{ t('mark.key') }}</Button>
      </span>
      <span class="spacer" />
      <label><ToggleSwitch v-model="showAnswers" size="small" /> {{ t('proof.showAnswers') }}</label>
    </template>
    <template #notice>
      <PassagePanel
        v-if="drafts.numbers.value.length"
        :passages="drafts.passages.value"
        :unread="drafts.numbers.value"
        :current="atHand"
        @go="marking.goTo"
      />
      <div v-if="untidied" class="bar is-waiting">
        <span>{{
          t('tidied.waits', {
            questions: t('shelf.questions', untidied.questions),
            changes: t('tidied.changes', untidied.changes),
          })
        }}</span>
        <Button size="small" @click="emit('show', 'tidied')">{{ t('tidied.show') }}</Button>
        <Button size="small" severity="secondary" outlined @click="desk.change({ awaitsTidying: false })">{{
          t('tidied.keep')
        }}</Button>
      </div>
      <div v-if="desk.sheet.value?.isTabular" class="bar is-waiting">
        <span>{{ t('columns.waits') }}</span>
        <Button size="small" @click="emit('show', 'columns')">{{ t('columns.show') }}</Button>
      </div>
      <LeafNotes :notes="notes" />
      <div v-if="offered.size" class="bar">
        {{ t('mark.offered', offered.size) }}
        <Button size="small" severity="secondary" outlined @click="marking.takeOffered()">{{
          t('mark.offeredTake')
        }}</Button>
      </div>
      <p v-else-if="current !== null && (unmarked.length || last !== null)" class="bar">
        {{ t(kindHere) }} <b v-if="last !== null">{{ t('mark.shiftHere', { number: last }) }}</b>
      </p>
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('desk.leaf.proof')" @moved="emit('moved')">
      <template #default="{ item: { block } }">
        <p v-if="!block.isRead" class="unread">
          <template v-if="block.number !== null">{{ block.number }}. </template>…
        </p>
        <p v-else-if="block.kind === 'category'" class="category">
          <b>{{ spelled(block.category) }}</b> <span>{{ categories.sumsOf(block) }}</span>
        </p>
        <div
          v-else
          class="proofed"
          :class="{
            'is-here': isHere(block),
            'is-current': block.number !== null && block.number === current,
            'is-last': block.number !== null && block.number === last,
          }"
        >
          <DraftStrip
            v-if="block.number !== null && drafts.numbers.value.includes(block.number)"
            :number="block.number"
            @read="block.number !== null && markRead(block.number)"
            @remove="block.number !== null && arrange(block.number, { remove: 'question' }, 'proof.removed')"
          />
          <QuestionEditor
            v-if="shownOf(block) && block.number !== null && block.number === editing?.number"
            :desk="desk"
            :sheet-id="sheetId"
            :question="shownOf(block)!"
            :number="block.number"
            :version="block.key"
            :at="editing.at"
            :types="newTypes"
            @close="endChange"
            @moved="follow"
            @toggle="
              (index) =>
                block.number !== null &&
                marking.toggle(block.number, index, shownOf(block)?.type === 'multiple-response')
            "
            @truth="(value) => block.number !== null && marking.truth(block.number, value)"
            @add-question="(type) => addQuestion(block, type)"
          />
          <TryHere
            v-else-if="block.number !== null && block.number === trying"
            :key="block.key"
            :desk="desk"
            :sheet-id="sheetId"
            :number="block.number"
            @close="endTrial"
          />
          <QuestionProof
            v-else-if="shownOf(block)"
            :question="shownOf(block)!"
            :number="block.number"
            :show-answers="showAnswers"
            :is-current="block.number !== null && block.number === current"
            :offered="block.number === null ? [] : offered.get(block.number)"
            @toggle="(index, adds) => block.number !== null && marking.toggle(block.number, index, adds)"
            @truth="(value) => block.number !== null && marking.truth(block.number, value)"
            @forms="(written) => block.number !== null && marking.forms(block.number, written)"
            @change="(at) => change(block.number, at)"
            @try="trying = block.number"
          />
          <div v-else class="broken" :class="{ 'is-stray': block.kind === 'stray' }">
            <p>{{ block.kind === 'stray' ? t('proof.stray') : t('proof.broken') }}</p>
            <pre dir="auto">{{ sourceOf(block) }}</pre>
          </div>
          <button
            v-if="hintsOf(block).length"
            type="button"
            class="hints"
            :aria-expanded="opened.has(block.key)"
            @click="toggleHints(block.key)"
          >
            {{ t('levels.hint', hintsOf(block).length) }}
          </button>
          <FindingNote
            v-for="(finding, index) in [...worseOf(block), ...shownHintsOf(block)]"
            :key="index"
            :finding="finding"
            :is-here="desk.atCursor.value === finding"
            @mend="desk.mend({ key: '', finding, block, from: block.from + finding.from, to: block.from + finding.to })"
          />
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ t('proof.empty') }}</p>
      </template>
    </FacingList>
    <KeyDialog v-model="isKeyOpen" :desk="desk" :sheet-id="sheetId" />
  </LeafFrame>
</template>

<style scoped>
label {
  display: flex;
  align-items: center;
  gap: 8px;
}

.proofed {
  margin-inline: 6px 16px;
  padding: 6px 14px 14px;
  border-inline-start: 2px solid transparent;
}

.proofed.is-here {
  border-color: var(--thread);
}

/* Where a letter with Shift goes. */
.proofed.is-last:not(.is-current) {
  border-inline-start: 2px dashed var(--dye);
}

.proofed.is-current {
  border-color: var(--dye);
  background: color-mix(in srgb, var(--dye-wash) 40%, var(--leaf));
}

.spacer {
  flex: 1;
}

.doings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

/* Where all does not fit on one line, the buttons have the second. */
@container leaf (width < 590px) {
  .doings {
    order: 1;
    inline-size: 100%;
  }
}

.hints {
  min-block-size: 24px;
  margin-block-start: 6px;
  border: 0;
  padding: 0;
  background: transparent;
  color: var(--hint);
  font: inherit;
  font-size: 13px;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: pointer;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  margin: 0;
  padding: 5px 20px;
  border-block-end: 1px solid var(--rule);
  color: var(--soft);
  font-size: 13px;
}

.bar.is-waiting {
  background: var(--hint-wash);
  color: var(--ink);
}

.unread {
  margin: 8px 22px;
  color: var(--soft);
}

.category {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0 12px;
  margin: 8px 22px 4px;
}

.category b {
  color: var(--hint);
  font-weight: 600;
}

.category span {
  color: var(--soft);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
}

.broken {
  padding: 8px 12px;
  border: 1px dashed var(--fault);
  border-radius: 4px;
}

.broken.is-stray {
  border-color: var(--control);
}

.broken p {
  color: var(--soft);
  font-size: 13px;
}

.broken pre {
  margin: 4px 0 0;
  max-block-size: 200px;
  overflow: hidden auto;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
