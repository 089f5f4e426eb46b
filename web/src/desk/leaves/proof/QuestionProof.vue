<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Question } from '@/api/client'
import QuestionText from '@/parts/QuestionText.vue'

/** One question as a pupil sees it. Right answers are filled with dye; without them it is the bare question. */
const {
  question,
  number,
  showAnswers,
  isCurrent = false,
  offered = [],
} = defineProps<{
  question: Question
  number: number | null
  showAnswers: boolean
  /** Whether letters mark this one. */
  isCurrent?: boolean
  /** Options that stood out in the document. */
  offered?: readonly number[]
}>()
const emit = defineEmits<{
  toggle: [index: number, adds: boolean]
  truth: [value: boolean]
  forms: [written: string]
  /** One of its texts is to be changed. */
  change: [at: string]
  /** It is to be answered as a pupil does. */
  try: []
}>()
const { t } = useI18n()

const letter = (index: number) => String.fromCodePoint(65 + (index % 26))
const isSeveral = computed(() => question.type === 'multiple-response')
/** Shares are shown where they say more than right and wrong. */
const showShares = computed(
  () =>
    showAnswers && (isSeveral.value || question.options.some((option) => option.weight !== (option.key ? '100' : '0'))),
)
const wantsForms = computed(
  () => isCurrent && !question.options.length && (question.type === 'short-answer' || question.type === 'gap'),
)
function focusForms(element: unknown): void {
  if (element instanceof HTMLElement && document.activeElement !== element) element.focus({ preventScroll: true })
}
const accepted = computed(() => (question.type === 'gap' && question.accepted.length < 2 ? [] : question.accepted))
/** What ticking everything and blind guessing earn. */
const marks = computed(() => {
  const { marks: found } = question
  if (!found) return null
  return [
    found.tickAll === null ? null : t('proof.marks.tickAll', { n: found.tickAll }),
    found.guess === null ? null : t('proof.marks.guess', { n: found.guess }),
    found.tickAll === null && found.worst !== '0' ? t('proof.marks.worst', { n: found.worst }) : null,
  ]
    .filter((one) => one !== null)
    .join(' · ')
})
const truths = computed(() => [
  { word: t('proof.trueWord'), letter: 'T', isKey: question.answer === true },
  { word: t('proof.falseWord'), letter: 'F', isKey: question.answer === false },
])
</script>

<template>
  <article class="question-proof" :class="{ 'hides-answers': !showAnswers }">
    <h3>
      <b>{{ question.title ?? t('proof.untitled', { number }) }}</b>
      {{ t(`type.${question.type}`) }}
      <template v-if="question.points">
        · {{ t('proof.points', Number(question.points), { named: { n: question.points } }) }}</template
      >
      <template v-if="!question.isMarked"> · {{ t('proof.unmarked') }}</template>
      <button
        v-if="number !== null"
        type="button"
        class="change"
        :tabindex="isCurrent ? 0 : -1"
        :aria-label="t('proof.changeOf', { number })"
        @click="emit('change', 'stem')"
      >
        {{ t('proof.change') }}
      </button>
      <button
        v-if="number !== null && question.type !== 'stimulus'"
        type="button"
        class="change"
        :tabindex="isCurrent ? 0 : -1"
        :aria-label="t('sitting.tryItOf', { number })"
        @click="emit('try')"
      >
        {{ t('sitting.tryIt') }}
      </button>
    </h3>
    <QuestionText class="pupil stem" :html="question.stem" @dblclick="emit('change', 'stem')" />

    <ol v-if="question.options.length" class="options" :class="{ 'is-several': isSeveral }">
      <li v-for="(option, index) in question.options" :key="index" dir="auto">
        <button
          type="button"
          class="bubble"
          :class="{ 'is-key': option.key && showAnswers, 'is-offered': offered.includes(index) }"
          :aria-pressed="option.key && showAnswers"
          :aria-label="t(option.key && showAnswers ? 'mark.untoggle' : 'mark.toggle', { letter: letter(index) })"
          tabindex="-1"
          @click="emit('toggle', index, $event.shiftKey || isSeveral)"
        >
          {{ letter(index) }}
        </button>
        <QuestionText class="pupil" :html="option.html" @dblclick="emit('change', `entry.${index}`)" />
        <span v-if="offered.includes(index)" class="share">{{ t('mark.offeredHint') }}</span>
        <span v-else-if="showShares" class="share">{{ t('proof.percent', { n: option.weight }) }}</span>
        <QuestionText v-if="showAnswers && option.feedback" class="feedback" :html="option.feedback" />
      </li>
    </ol>

    <ul v-else-if="question.type === 'true-false'" class="options is-truth">
      <li v-for="truth in truths" :key="truth.letter">
        <button
          type="button"
          class="bubble"
          :class="{ 'is-key': truth.isKey && showAnswers }"
          :aria-pressed="truth.isKey && showAnswers"
          :aria-label="t(truth.isKey && showAnswers ? 'mark.untoggle' : 'mark.toggle', { letter: truth.letter })"
          tabindex="-1"
          @click="emit('truth', truth.letter === 'T')"
        >
          {{ truth.letter }}
        </button>
        <span class="pupil">{{ truth.word }}</span>
      </li>
    </ul>

    <div v-else-if="question.type === 'short-answer' || question.type === 'numeric'" class="typed">
      <span class="visually-hidden">{{ t('proof.answer') }}</span>
      <span class="rule pupil" dir="auto" @dblclick="emit('change', 'entry.0')">{{
        showAnswers ? accepted[0]?.text : ''
      }}</span>
    </div>

    <dl v-else-if="question.pairs.length" class="pairs" dir="auto">
      <template v-for="(pair, index) in question.pairs" :key="index">
        <dt class="pupil" dir="auto" @dblclick="emit('change', `entry.${index}`)">
          <span v-if="!pair.prompt" class="extra">{{ t('proof.extraMatch') }}</span>
          <QuestionText v-else as="span" :html="pair.prompt" />
        </dt>
        <dd class="pupil" dir="auto"><QuestionText v-if="showAnswers" as="span" :html="pair.match" /></dd>
      </template>
    </dl>

    <div v-else-if="question.type === 'essay'" class="lines" :aria-label="t('proof.essay')" role="img" />

    <input
      v-if="wantsForms"
      :ref="focusForms"
      class="forms"
      :aria-label="t('mark.forms', { number })"
      :value="question.accepted.map((one) => one.text).join(' / ')"
      @keydown.enter.prevent="emit('forms', ($event.target as HTMLInputElement).value)"
      @keydown.esc="($event.target as HTMLInputElement).blur()"
    />
    <p v-if="showAnswers && accepted.length > 1" class="aside">
      {{ t('proof.accepted') }}:
      <template v-for="(one, index) in accepted" :key="index">
        <template v-if="index">, </template><span class="pupil" dir="auto">{{ one.text }}</span>
        <template v-if="one.weight !== '100'"> ({{ t('proof.percent', { n: one.weight }) }})</template>
      </template>
    </p>
    <p v-if="showAnswers && marks" class="aside">{{ marks }}</p>
    <template v-if="showAnswers">
      <template v-for="(one, index) in question.accepted" :key="index">
        <div v-if="one.feedback" class="aside">
          {{ t('proof.feedback') }} ({{ one.text }}): <QuestionText as="span" :html="one.feedback" />
        </div>
      </template>
      <div v-if="question.feedbackWhenRight" class="aside">
        {{ t('proof.whenRight') }}: <QuestionText as="span" :html="question.feedbackWhenRight" />
      </div>
      <div v-if="question.feedbackWhenWrong" class="aside">
        {{ t('proof.whenWrong') }}: <QuestionText as="span" :html="question.feedbackWhenWrong" />
      </div>
      <div v-if="question.explanation" class="aside">
        {{ t('proof.explanation') }}: <QuestionText as="span" :html="question.explanation" />
      </div>
    </template>
  </article>
</template>

<style scoped>
h3 {
  overflow: clip;
  margin-block-end: 2px;
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
  overflow-wrap: anywhere;
}

h3 b {
  margin-inline-end: 4px;
  font-weight: 700;
}

.change {
  min-block-size: 24px;
  margin-inline-start: 8px;
  border: 0;
  padding: 0;
  background: transparent;
  color: var(--dye);
  font: inherit;
  cursor: pointer;
  opacity: 0;
}

.change:focus-visible,
.question-proof:hover .change {
  opacity: 1;
}

.pupil {
  contain: paint;
  font-family: var(--font-question);
  font-size: 16.5px;
  line-height: 1.4;
  overflow-wrap: anywhere;
}

.stem :deep(.gap) {
  display: inline-block;
  min-inline-size: 70px;
  padding-inline: 8px;
  border-block-end: 1.5px solid var(--thread);
  color: var(--dye);
  text-align: center;
}

.hides-answers :deep(.gap-answer) {
  visibility: hidden;
}

.options {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

.options li {
  display: grid;
  grid-template-columns: 21px minmax(0, 1fr) auto;
  align-items: baseline;
  gap: 2px 10px;
  padding-block: 2px;
}

.is-truth {
  display: flex;
  gap: 26px;
}

.is-truth li {
  grid-template-columns: 21px auto;
}

.bubble {
  /* On paper, too, a filled one is what is right. */
  print-color-adjust: exact;
  display: inline-grid;
  place-items: center;
  padding: 0;
  background: transparent;
  cursor: pointer;
  position: relative;
  inline-size: 21px;
  block-size: 21px;
  border: 1.5px solid var(--thread);
  border-radius: 50%;
  color: var(--dye);
  font: 700 11px/1 var(--font-apparatus);
}

/* The target is larger than the bubble. */
.bubble::after {
  content: '';
  position: absolute;
  inset: -3px;
}

.bubble:hover {
  border-color: var(--dye);
}

.bubble.is-offered {
  border-style: dashed;
  border-color: var(--dye);
}

.forms {
  inline-size: min(340px, 100%);
  margin-block-start: 4px;
  padding: 3px 8px;
  border: 1px solid var(--control);
  border-radius: 3px;
  background: var(--leaf);
  color: var(--dye);
  font-family: var(--font-question);
  font-size: 15px;
}

.is-several .bubble {
  border-radius: 3px;
}

.bubble.is-key {
  border-color: var(--dye);
  background: var(--dye);
  color: var(--on-ink);
}

.share {
  color: var(--soft);
  font-size: 12px;
}

.feedback,
.aside {
  color: var(--soft);
  font-size: 13px;
  overflow-wrap: anywhere;
}

.feedback {
  grid-column: 2 / -1;
}

.aside {
  margin-block-start: 4px;
}

.aside .pupil {
  color: var(--dye);
  font-size: 14.5px;
}

.rule {
  display: inline-block;
  min-inline-size: 180px;
  min-block-size: 26px;
  border-block-end: 1.5px solid var(--thread);
  color: var(--dye);
}

.pairs {
  display: grid;
  grid-template-columns: fit-content(50%) minmax(120px, 1fr);
  gap: 4px 14px;
  margin: 4px 0 0;
}

.pairs dd {
  margin: 0;
  min-block-size: 26px;
  border-block-end: 1.5px solid var(--thread);
  color: var(--dye);
}

.extra {
  color: var(--soft);
  font-family: var(--font-apparatus);
  font-size: 13px;
}

.lines {
  block-size: 66px;
  margin-block-start: 4px;
  background: repeating-linear-gradient(transparent 0 21px, var(--rule) 21px 22px);
}
</style>
