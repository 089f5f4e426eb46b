<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { MarkedAnswer, SittingQuestion } from '@/api/client'
import QuestionText from '@/parts/QuestionText.vue'
import { type Answer, withLetter } from './sitting'

/** One question as a pupil answers it; once it is marked, with what it earned and why. */
const { question, isLocked } = defineProps<{
  question: SittingQuestion
  /** Whether nothing more can be answered. */
  isLocked: boolean
  marked: MarkedAnswer | null
}>()
const answer = defineModel<Answer>({ required: true })
const { t } = useI18n()

const isSeveral = computed(() => question.type === 'multiple-response')
const nth = (index: number) => String.fromCodePoint(65 + (index % 26))
const name = computed(() => `question-${question.number}`)

function pick(letter: string): void {
  answer.value = withLetter(answer.value, letter, isSeveral.value)
}

/** The letters that are shown pick options; T and F say true and false. */
function byKey(event: KeyboardEvent): void {
  const { target, key, ctrlKey, altKey, metaKey } = event
  if (isLocked || ctrlKey || altKey || metaKey || key.length !== 1) return
  if (target instanceof HTMLInputElement && target.type === 'text') return
  if (target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement) return
  const isTruth = question.type === 'true-false'
  const place = isTruth ? 'TF'.indexOf(key.toUpperCase()) : key.toUpperCase().charCodeAt(0) - 65
  const option = question.options[place]
  if (option) pick(option.letter)
  else if (isTruth && place >= 0) answer.value = { truth: place === 0 }
  else return
  // The next Tab leads on from there.
  ;(event.currentTarget as HTMLElement).querySelectorAll('input')[place]?.focus()
  event.preventDefault()
}
</script>

<template>
  <section class="sitting-question" :class="{ 'is-passage': question.type === 'stimulus' }" @keydown="byKey">
    <h2 v-if="question.type !== 'stimulus'">
      <span class="number">{{ question.number }}.</span>
      <small>{{ t('proof.points', Number(question.points), { named: { n: question.points } }) }}</small>
    </h2>
    <fieldset :disabled="isLocked" :aria-label="t('sitting.question', { number: question.number })">
      <QuestionText class="stem" :html="question.stem" />
      <div v-if="question.options.length" class="options">
        <label v-for="(option, index) in question.options" :key="option.letter">
          <input
            :type="isSeveral ? 'checkbox' : 'radio'"
            :name="name"
            :checked="answer.letters?.includes(option.letter)"
            @change="pick(option.letter)"
          />
          <span class="letter">{{ nth(index) }}</span>
          <QuestionText :html="option.html" />
        </label>
      </div>
      <div v-else-if="question.type === 'true-false'" class="options">
        <label v-for="is in [true, false]" :key="String(is)">
          <input type="radio" :name="name" :checked="answer.truth === is" @change="answer = { truth: is }" />
          <span class="letter">{{ is ? 'T' : 'F' }}</span>
          {{ t(is ? 'proof.trueWord' : 'proof.falseWord') }}
        </label>
      </div>
      <dl v-else-if="question.prompts.length" class="pairs">
        <template v-for="prompt in question.prompts" :key="prompt.name">
          <dt><QuestionText as="span" :html="prompt.html" /></dt>
          <dd>
            <select
              :aria-label="t('sitting.matchOf', { prompt: prompt.name })"
              :value="answer.matches?.[prompt.name] ?? ''"
              @change="
                answer = {
                  matches: { ...answer.matches, [prompt.name]: ($event.target as HTMLSelectElement).value },
                }
              "
            >
              <option value="">…</option>
              <option v-for="match in question.matches" :key="match" :value="match">{{ match }}</option>
            </select>
          </dd>
        </template>
      </dl>
      <textarea
        v-else-if="question.type === 'essay'"
        rows="6"
        :aria-label="t('sitting.answer')"
        :value="answer.text ?? ''"
        @input="answer = { text: ($event.target as HTMLTextAreaElement).value }"
      />
      <input
        v-else-if="question.isTyped"
        type="text"
        autocomplete="off"
        spellcheck="false"
        :aria-label="t('sitting.answer')"
        :value="answer.text ?? ''"
        @input="answer = { text: ($event.target as HTMLInputElement).value }"
      />
    </fieldset>
    <div
      v-if="marked"
      class="marked"
      :class="marked.isFull ? 'is-full' : Number(marked.earned) > 0 ? 'is-part' : 'is-none'"
    >
      <p>
        <b>{{ marked.isByHand ? '–' : marked.earned }} / {{ marked.of }}</b> {{ marked.why }}
      </p>
      <QuestionText v-for="(text, index) in marked.feedback" :key="index" class="feedback" :html="text" />
      <p v-if="marked.right?.length && !marked.isFull" class="right">
        {{ t('sitting.right') }} <span v-for="(one, index) in marked.right" :key="index" dir="auto">{{ one }}</span>
      </p>
      <QuestionText v-if="marked.explanation" class="feedback" :html="marked.explanation" />
    </div>
    <slot />
  </section>
</template>

<style scoped>
.sitting-question {
  padding: 16px 0 20px;
  border-block-end: 1px solid var(--rule);
}

h2 {
  display: flex;
  align-items: baseline;
  gap: 10px;
  font-size: 15px;
}

h2 small {
  color: var(--soft);
  font-size: 13px;
  font-weight: 400;
}

fieldset {
  margin: 0;
  border: 0;
  padding: 0;
}

.stem,
.options,
.pairs {
  font-family: var(--font-question);
  font-size: 17px;
}

.is-passage .stem {
  padding-inline-start: 12px;
  border-inline-start: 3px solid var(--control);
}

.stem :deep(.gap) {
  display: inline-block;
  min-inline-size: 6em;
  border-block-end: 1.5px solid var(--ink);
}

.options {
  display: grid;
  gap: 2px;
  margin-block-start: 8px;
}

label {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 5px 8px;
  border-radius: 4px;
  cursor: pointer;
}

label:has(input:checked) {
  background: var(--dye-wash);
}

label:has(input:focus-visible) {
  outline: 2px solid var(--dye);
}

input[type='radio']:focus-visible,
input[type='checkbox']:focus-visible {
  outline: 0;
}

input[type='radio'],
input[type='checkbox'] {
  accent-color: var(--dye);
}

.letter {
  min-inline-size: 1.2em;
  color: var(--soft);
  font-family: var(--font-ui, inherit);
  font-size: 14px;
}

input[type='text'],
textarea,
select {
  margin-block-start: 8px;
  border: 1px solid var(--control);
  border-radius: 4px;
  padding: 6px 10px;
  background: var(--source);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
}

textarea {
  inline-size: 100%;
}

select {
  max-inline-size: 100%;
  margin: 0;
}

.pairs {
  display: grid;
  grid-template-columns: minmax(120px, auto) 1fr;
  align-items: center;
  gap: 6px 16px;
  margin: 8px 0 0;
}

.pairs dd {
  margin: 0;
}

.marked {
  margin-block-start: 10px;
  padding: 6px 12px;
  border-inline-start: 3px solid var(--fault);
  background: var(--fault-wash);
  font-size: 14px;
}

.marked.is-full {
  border-color: var(--dye);
  background: var(--dye-wash);
}

.marked.is-part {
  border-color: var(--doubt);
  background: var(--doubt-wash);
}

.marked b {
  margin-inline-end: 6px;
}

.right span:not(:last-child)::after {
  content: ' · ';
}
</style>
