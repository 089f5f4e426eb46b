<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Question, QuestionTexts } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { type AmendingDesk, type Change, type Proposed, useAmend } from '../../useAmend'
import { pathOf, spelled } from '../categories'
import EditField from './EditField.vue'

/** A question whose texts are changed where they stand. Each change is made in the source at once, and undone by itself. */
const { desk, sheetId, question, number, version, at, types } = defineProps<{
  desk: AmendingDesk
  sheetId: string
  /** What it says now; the marks are shown by it. */
  question: Question
  number: number
  /** Another one for each state of the question. */
  version: string
  /** Which text is wanted first: “stem”, or “entry.1”. */
  at: string
  /** The types that a new question can have. */
  types: readonly string[]
}>()
const emit = defineEmits<{
  close: []
  moved: [number: number]
  toggle: [index: number]
  truth: [value: boolean]
  addQuestion: [type: string]
}>()
const { t } = useI18n()
const { say } = useNotice()
const { amend, arrange, proposed, textsOf } = useAmend(desk, sheetId)

const texts = shallowRef<QuestionTexts | null>(null)
const root = useTemplateRef('root')
async function load(): Promise<void> {
  texts.value = (await textsOf(number)) ?? texts.value
}
watch(() => version, load)

onMounted(load)
// A text that became another while they were asked for lets them come a moment later.
const stop = watch(texts, async () => {
  stop()
  await nextTick()
  const wanted = root.value?.querySelector<HTMLElement>(`[data-at="${at}"] textarea`)
  ;(wanted ?? root.value?.querySelector<HTMLElement>('textarea'))?.focus({ preventScroll: true })
  // An element of a browser without layout has no such method.
  root.value?.scrollIntoView?.({ block: 'nearest' })
})

const has = (part: QuestionTexts['parts'][number]) => texts.value?.parts.includes(part) ?? false
const kind = computed(() => texts.value?.kind ?? null)
const letter = (index: number) => String.fromCodePoint(65 + index)
/** Weights are shown where they say more than right and wrong. */
const showsWeights = computed(() => {
  if (!has('weight') || kind.value === null || kind.value === 'pair') return false
  if (question.type === 'multiple-response') return true
  return texts.value?.entries.some(({ weight }) => weight !== '100' && weight !== '0') ?? false
})

async function done(changes: readonly Change[], was: string | null): Promise<boolean> {
  const amended = await amend(number, changes, was)
  // Also after a refusal: it may have told of another text.
  await load()
  return amended !== null
}
const set =
  (what: string, more: Change = {}) =>
  (text: string, was: string) =>
    done([{ set: what, to: text === '' ? null : text, ...more }], was)
const setEntry = (index: number) =>
  set(kind.value === 'pair' ? 'prompt' : (kind.value ?? 'option'), { at: letter(index) })
const setPath = (text: string) => done([{ set: 'category', to: pathOf(text) }], null)
/** A weight that was rounded for the eye is the same as the exact one. */
const weightOf = (weight: string | null) =>
  weight === null || !weight.includes('/')
    ? weight
    : String(Number((Number(weight.split('/')[0]) / Number(weight.split('/')[1])).toFixed(5)))
const setWeight = (index: number) => (text: string) =>
  done(
    [
      {
        set: 'weight',
        at: letter(index),
        to: text === '' ? null : text.replace(',', '.').replace('−', '-').replace(/\s*%$/, ''),
      },
    ],
    null,
  )

async function add(below: number | null): Promise<void> {
  const { value } = kind
  if (!value || !texts.value) return
  const where = below === null ? {} : { at: letter(below) }
  const fresh = { option: { to: t('proof.newOption') }, answer: { to: t('proof.newAnswer') }, number: { to: '0' } }
  const change =
    value === 'pair'
      ? { add: 'pair', prompt: t('proof.newPrompt'), match: t('proof.newMatch'), ...where }
      : { add: value, ...fresh[value as keyof typeof fresh], ...where }
  if (!(await amend(number, [change]))) return
  await load()
  await nextTick()
  const index = below === null ? (texts.value?.entries.length ?? 1) - 1 : below + 1
  const field = root.value?.querySelector<HTMLTextAreaElement>(`[data-at="entry.${index}"] textarea`)
  field?.focus()
  field?.select()
}

const remove = (index: number) => amend(number, [{ remove: kind.value, at: letter(index) }])

async function move(index: number, by: 1 | -1): Promise<void> {
  if (index + by < 0 || index + by >= (texts.value?.entries.length ?? 0)) return
  if (!(await amend(number, [{ move: kind.value, at: letter(index), by }]))) return
  await load()
  await nextTick()
  root.value?.querySelector<HTMLElement>(`[data-at="entry.${index + by}"] textarea`)?.focus()
}

function press(event: KeyboardEvent): void {
  if (event.key === 'Escape') emit('close')
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key] as 1 | -1 | undefined
  if (!event.altKey || by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  if (event.shiftKey) {
    void moveQuestion(by)
    return
  }
  const entry = (event.target as HTMLElement).closest<HTMLElement>('[data-entry]')?.dataset.entry
  if (entry !== undefined) void move(Number(entry), by)
}

async function moveQuestion(by: 1 | -1): Promise<void> {
  const amended = await arrange(number, { move: 'question', to: number + by }, 'proof.movedTo')
  if (amended?.question) emit('moved', amended.question)
}

async function copy(): Promise<void> {
  const amended = await arrange(number, { copy: 'question' }, 'proof.copied')
  if (amended?.question) emit('moved', amended.question)
}

async function takeOut(): Promise<void> {
  if (await arrange(number, { remove: 'question' }, 'proof.removed')) emit('close')
}

/** What another type loses is named before it is lost. */
const losing = shallowRef<Proposed | null>(null)
async function changeType(type: string): Promise<void> {
  const found = await proposed(number, [{ set: 'type', to: type }])
  if (!found) return
  if (found.notes.length) losing.value = found
  else await desk.applied(found.base, found.edits)
}
async function takeLosing(): Promise<void> {
  const found = losing.value
  losing.value = null
  if (found && (await desk.applied(found.base, found.edits))) say(t('outline.changed', { number }), () => desk.undo())
}

const typeChoices = computed(() =>
  [question.type, ...(texts.value?.types ?? [])].map((type) => ({ type, label: t(`type.${type}`) })),
)
const newChoices = computed(() => types.map((type) => ({ type, label: t(`type.${type}`) })))
const newType = ref<string | null>(null)
function addQuestion(type: string): void {
  newType.value = null
  emit('addQuestion', type)
}
</script>

<template>
  <article
    ref="root"
    class="question-editor"
    role="group"
    :aria-label="t('proof.changing', { number })"
    @keydown="press"
  >
    <template v-if="texts">
      <div class="top">
        <EditField
          v-if="has('title')"
          class="title"
          data-at="title"
          :value="texts.title"
          :label="t('outline.column.title')"
          :placeholder="t('proof.addTitle')"
          :take="set('title')"
          @leave="emit('close')"
        />
        <Select
          :model-value="question.type"
          size="small"
          :options="typeChoices"
          option-label="label"
          option-value="type"
          :aria-label="t('outline.column.type')"
          @update:model-value="changeType"
        />
        <label v-if="has('points')" class="points">
          <EditField
            :value="texts.points"
            :label="t('outline.column.points')"
            :placeholder="'1'"
            :take="(text, was) => set('points')(text.replace(',', '.'), was)"
            @leave="emit('close')"
          />{{ t('proof.pointsWord', Number(texts.points ?? 1)) }}
        </label>
      </div>
      <div v-if="losing" class="losing" role="alert">
        <span>{{ losing.notes.join(' ') }}</span>
        <Button size="small" @click="takeLosing">{{ t('outline.changeAnyway') }}</Button>
        <Button size="small" severity="secondary" outlined @click="losing = null">{{ t('app.cancel') }}</Button>
      </div>
      <div class="pupil stem" data-at="stem">
        <EditField :value="texts.stem" :label="t('proof.stem')" :take="set('stem')" @leave="emit('close')" />
      </div>

      <ol class="entries">
        <li v-for="(entry, index) in texts.entries" :key="index" :data-entry="index">
          <button
            v-if="kind === 'option'"
            type="button"
            class="bubble"
            :class="{ 'is-key': question.options[index]?.key, 'is-square': question.type === 'multiple-response' }"
            :aria-pressed="question.options[index]?.key ?? false"
            :aria-label="t(question.options[index]?.key ? 'mark.untoggle' : 'mark.toggle', { letter: letter(index) })"
            @click="emit('toggle', index)"
          >
            {{ letter(index) }}
          </button>
          <span v-else class="bubble is-letter" aria-hidden="true">{{ letter(index) }}</span>
          <div class="pupil text" :data-at="`entry.${index}`">
            <EditField
              :value="entry.text"
              :label="t(`proof.entry.${kind}`, { letter: letter(index) })"
              :placeholder="kind === 'pair' ? t('proof.extraMatch') : ''"
              :take="setEntry(index)"
              @leave="emit('close')"
            />
          </div>
          <div v-if="kind === 'pair'" class="pupil text match">
            <EditField
              :value="entry.match"
              :label="t('proof.entry.match', { letter: letter(index) })"
              :take="set('match', { at: letter(index) })"
              @leave="emit('close')"
            />
          </div>
          <label v-if="showsWeights" class="weight">
            <EditField
              :value="weightOf(entry.weight)"
              :label="t('proof.weightOf', { letter: letter(index) })"
              :take="setWeight(index)"
              @leave="emit('close')"
            /><span aria-hidden="true">%</span>
          </label>
          <span class="doings">
            <button type="button" :title="t('proof.addBelow')" :aria-label="t('proof.addBelow')" @click="add(index)">
              +
            </button>
            <button
              type="button"
              :title="t('proof.up')"
              :aria-label="t('proof.upOf', { letter: letter(index) })"
              :disabled="index === 0"
              @click="move(index, -1)"
            >
              ↑
            </button>
            <button
              type="button"
              :title="t('proof.down')"
              :aria-label="t('proof.downOf', { letter: letter(index) })"
              :disabled="index === texts.entries.length - 1"
              @click="move(index, 1)"
            >
              ↓
            </button>
            <button
              type="button"
              :title="t('proof.remove')"
              :aria-label="t('proof.removeOf', { letter: letter(index) })"
              @click="remove(index)"
            >
              ×
            </button>
          </span>
          <div v-if="has('feedback') && kind !== 'pair'" class="feedback">
            <EditField
              :value="entry.feedback"
              :label="t('proof.feedbackOf', { letter: letter(index) })"
              :placeholder="t('proof.addFeedback')"
              :take="set('feedback', { at: letter(index) })"
              @leave="emit('close')"
            />
          </div>
        </li>
      </ol>
      <Button v-if="kind" size="small" severity="secondary" text class="add" @click="add(null)">{{
        t(`proof.add.${kind}`)
      }}</Button>

      <div v-if="question.type === 'true-false'" class="truths">
        <template v-for="truth in [true, false]" :key="String(truth)">
          <button
            type="button"
            class="bubble"
            :class="{ 'is-key': question.answer === truth }"
            :aria-pressed="question.answer === truth"
            :aria-label="t(question.answer === truth ? 'mark.untoggle' : 'mark.toggle', { letter: truth ? 'T' : 'F' })"
            @click="emit('truth', truth)"
          >
            {{ truth ? 'T' : 'F' }}
          </button>
          <span class="pupil">{{ truth ? t('proof.trueWord') : t('proof.falseWord') }}</span>
        </template>
        <div v-if="has('feedback')" class="feedback">
          <label v-for="who in ['right', 'wrong'] as const" :key="who">
            {{ t(who === 'right' ? 'proof.whenRight' : 'proof.whenWrong') }}
            <EditField
              :value="who === 'right' ? texts.feedbackWhenRight : texts.feedbackWhenWrong"
              :label="t(who === 'right' ? 'proof.whenRight' : 'proof.whenWrong')"
              :placeholder="t('proof.addFeedback')"
              :take="set('feedback', { at: who })"
              @leave="emit('close')"
            />
          </label>
        </div>
      </div>

      <div v-if="has('explanation')" class="below">
        <span>{{ t('proof.explanation') }}</span>
        <EditField
          :value="texts.explanation"
          :label="t('proof.explanation')"
          :placeholder="t('proof.addExplanation')"
          :take="set('explanation')"
          @leave="emit('close')"
        />
      </div>
      <div v-if="has('category')" class="below">
        <span>{{ t('outline.column.category') }}</span>
        <EditField
          :value="spelled(texts.category)"
          :label="t('outline.column.category')"
          :placeholder="t('outline.noCategory')"
          :take="setPath"
          @leave="emit('close')"
        />
      </div>
      <div class="foot">
        <Button size="small" @click="emit('close')">{{ t('proof.finish') }}</Button>
        <Select
          v-model="newType"
          size="small"
          :options="newChoices"
          option-label="label"
          option-value="type"
          :placeholder="t('proof.newQuestion')"
          :aria-label="t('proof.newQuestion')"
          @update:model-value="addQuestion"
        />
        <Button size="small" severity="secondary" outlined @click="copy">{{ t('proof.copy') }}</Button>
        <Button
          size="small"
          severity="secondary"
          outlined
          :disabled="number === 1"
          :aria-label="t('proof.moveUp')"
          @click="moveQuestion(-1)"
          >↑</Button
        >
        <Button size="small" severity="secondary" outlined :aria-label="t('proof.moveDown')" @click="moveQuestion(1)"
          >↓</Button
        >
        <Button size="small" severity="secondary" outlined @click="takeOut">{{ t('proof.takeOut') }}</Button>
      </div>
    </template>
  </article>
</template>

<style scoped>
.question-editor {
  display: flow-root;
}

.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  margin-block-end: 4px;
  font-size: 13px;
}

.top .title {
  flex: 1;
  inline-size: auto;
  min-inline-size: 160px;
  font-weight: 700;
}

.points {
  display: flex;
  align-items: center;
  color: var(--soft);
}

.points .edit-field {
  inline-size: 48px;
  color: var(--ink);
  text-align: end;
}

.pupil {
  font-family: var(--font-question);
  font-size: 16.5px;
  line-height: 1.4;
}

.entries {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

.entries li {
  display: grid;
  grid-template-columns: 21px minmax(0, 1fr) auto auto;
  align-items: center;
  gap: 0 8px;
}

.entries .match {
  grid-column: 2;
  color: var(--dye);
}

.weight {
  display: flex;
  align-items: center;
  inline-size: 76px;
  color: var(--soft);
  font-size: 13px;
}

.weight .edit-field {
  text-align: end;
}

.entries .doings {
  display: flex;
  grid-row: 1;
  grid-column: 4;
  opacity: 0;
}

.entries li:is(:hover, :focus-within) .doings {
  opacity: 1;
}

.entries .doings button {
  inline-size: 24px;
  block-size: 24px;
  border: 0;
  padding: 0;
  background: transparent;
  color: var(--soft);
  font: inherit;
  cursor: pointer;
}

.entries .doings button:disabled {
  opacity: 0.35;
}

.feedback {
  grid-column: 2 / -1;
  color: var(--soft);
  font-size: 13px;
}

.truths {
  display: grid;
  grid-template-columns: 21px auto 21px 1fr;
  align-items: center;
  gap: 4px 10px;
}

.truths .feedback {
  grid-column: 1 / -1;
}

.below {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  align-items: center;
  color: var(--soft);
  font-size: 13px;
}

.losing {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 6px 8px;
  background: var(--doubt-wash);
  font-size: 13px;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-block-start: 10px;
}

.add {
  margin-inline-start: 29px;
}

.bubble {
  display: inline-grid;
  position: relative;
  place-items: center;
  inline-size: 21px;
  block-size: 21px;
  border: 1.5px solid var(--thread);
  border-radius: 50%;
  padding: 0;
  background: transparent;
  color: var(--dye);
  font: 700 11px/1 var(--font-apparatus);
  cursor: pointer;
}

/* The target is larger than the bubble. */
.bubble::after {
  content: '';
  position: absolute;
  inset: -3px;
}

.bubble.is-square {
  border-radius: 3px;
}

.bubble.is-letter {
  border-color: transparent;
  color: var(--soft);
  cursor: default;
}

.bubble.is-key {
  border-color: var(--dye);
  background: var(--dye);
  color: var(--on-ink);
}
</style>
