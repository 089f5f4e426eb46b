<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import { api, type HandedIn, Problem, type Sitting, type SittingQuestion as Question } from '@/api/client'
import AppBar from '@/parts/AppBar.vue'
import { type Answer, handedIn, isAnswered, SETTINGS, type SittingSettings } from '@/sitting/sitting'
import SittingQuestion from '@/sitting/SittingQuestion.vue'

/** A sheet sat as a pupil sits it. It is a page of its own: nothing on it, nor in what it asks for, tells the right answers. */
const { id } = defineProps<{ id: string }>()
const { t } = useI18n()
const route = useRoute()

interface Kept {
  answers: Record<number, Answer>
  tries: Record<number, number>
  checked: Record<number, HandedIn['questions'][number]>
  result: HandedIn | null
  at: number
}

const chosen = computed(() => (typeof route.query.questions === 'string' ? route.query.questions : ''))
const settings = useLocalStorage<SittingSettings>('notagram.sitting-settings', { ...SETTINGS }, { mergeDefaults: true })
const key = `notagram.sitting.${id}${chosen.value ? `.${chosen.value}` : ''}`
const json = <T,>() => ({ read: (text: string) => JSON.parse(text) as T, write: (value: T) => JSON.stringify(value) })
/** What was begun is kept apart from what is answered: it may be long, and never changes. */
const sitting = useLocalStorage<Sitting | null>(key, null, { shallow: true, serializer: json() })
const kept = useLocalStorage<Kept | null>(`${key}.answers`, null, { serializer: json() })
/** One object, so that a key in one question leaves the others as they are drawn. */
const NOTHING: Answer = {}
const problem = ref('')
const body = useTemplateRef('body')

const questions = computed(() => (kept.value && sitting.value?.questions) ?? [])
const isOver = computed(() => !!kept.value?.result)
const shown = computed(() => {
  const one = questions.value[kept.value?.at ?? 0]
  return settings.value.isOneByOne && !isOver.value && one ? [one] : questions.value
})
const answered = computed(() => questions.value.filter(({ number }) => isAnswered(kept.value?.answers[number])).length)
const toAnswer = computed(() => questions.value.filter(({ type }) => type !== 'stimulus').length)
const checks = computed(() => settings.value.tries !== 1)

async function asked<T>(call: () => Promise<T>): Promise<T | null> {
  problem.value = ''
  try {
    return await call()
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    problem.value = error.message
    return null
  }
}

async function begin(): Promise<void> {
  const begun = await asked(() => api.sitting(id, settings.value.shuffles, chosen.value))
  if (!begun) return
  sitting.value = begun
  kept.value = { answers: {}, tries: {}, checked: {}, result: null, at: 0 }
  await focusFirst()
}

async function focusFirst(): Promise<void> {
  await nextTick()
  body.value?.querySelector<HTMLElement>('fieldset:enabled :is(input, select, textarea)')?.focus()
}

async function go(step: 1 | -1): Promise<void> {
  if (!kept.value) return
  kept.value.at = Math.min(questions.value.length - 1, Math.max(0, kept.value.at + step))
  await focusFirst()
}

const triesOf = (number: number) => kept.value?.tries[number] ?? 0
const isLocked = ({ number }: Question) =>
  isOver.value ||
  (checks.value &&
    (!!kept.value?.checked[number]?.isFull || (settings.value.tries > 0 && triesOf(number) >= settings.value.tries)))

/** One question before the whole is handed in: whether it is right, and no more. */
async function check(question: Question): Promise<void> {
  const now = kept.value
  const answer = now && handedIn(question, now.answers[question.number], triesOf(question.number) + 1)
  if (!now || !answer) return
  const { cost, belowZero } = settings.value
  const result = await asked(() =>
    api.handIn({ ticket: sitting.value?.ticket ?? '', answers: [answer], cost, belowZero, isFinal: false }),
  )
  const [marked] = result?.questions ?? []
  if (!marked) return
  now.tries[question.number] = triesOf(question.number) + 1
  now.checked[question.number] = marked
}

function answerWith(number: number, answer: Answer): void {
  if (!kept.value) return
  kept.value.answers[number] = answer
  // What was said of another answer is not about this one.
  kept.value.checked = Object.fromEntries(Object.entries(kept.value.checked).filter(([key]) => Number(key) !== number))
}

function throwAway(): void {
  kept.value = sitting.value = null
}

const openGuide = () => window.open('/guide', '_blank')

async function handIn(): Promise<void> {
  const now = kept.value
  if (!now) return
  const { cost, belowZero } = settings.value
  const answers = questions.value
    .map((question) => handedIn(question, now.answers[question.number], Math.max(1, triesOf(question.number))))
    .filter((answer) => answer !== null)
  const result = await asked(() =>
    api.handIn({ ticket: sitting.value?.ticket ?? '', answers, cost, belowZero, isFinal: true }),
  )
  if (!result) return
  now.result = result
  await nextTick()
  body.value?.scrollTo(0, 0)
  body.value?.querySelector<HTMLElement>('.result')?.focus()
}

const markedOf = (number: number) =>
  kept.value?.result?.questions.find((one) => one.number === number) ?? kept.value?.checked[number] ?? null
</script>

<template>
  <div class="sitting-page">
    <AppBar @help="openGuide">
      <RouterLink to="/" class="crumb">{{ t('app.shelf') }}</RouterLink>
      <span class="crumb" aria-hidden="true">/</span>
      <span>{{ sitting?.title ?? t('sitting.title') }}</span>
    </AppBar>
    <main ref="body" class="paper">
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <form v-if="!kept" class="settings" @submit.prevent="begin">
        <h1>{{ t('sitting.title') }}</h1>
        <p>{{ t('sitting.about') }}</p>
        <label><input v-model="settings.isOneByOne" type="checkbox" /> {{ t('sitting.oneByOne') }}</label>
        <label><input v-model="settings.shuffles" type="checkbox" /> {{ t('sitting.shuffles') }}</label>
        <label
          >{{ t('sitting.tries') }}
          <select v-model.number="settings.tries">
            <option v-for="n in [1, 2, 3, 0]" :key="n" :value="n">{{ n || t('sitting.anyTries') }}</option>
          </select>
        </label>
        <label v-if="checks"
          >{{ t('sitting.cost') }}
          <select v-model="settings.cost">
            <option value="0">{{ t('sitting.nothing') }}</option>
            <option value="10">10 %</option>
            <option value="100/3">33⅓ %</option>
          </select>
        </label>
        <label
          >{{ t('sitting.belowZero') }}
          <select v-model="settings.belowZero">
            <option v-for="one in ['no', 'question', 'sheet'] as const" :key="one" :value="one">
              {{ t(`sitting.below.${one}`) }}
            </option>
          </select>
        </label>
        <Button type="submit" autofocus>{{ t('sitting.begin') }}</Button>
        <RouterLink :to="{ name: 'desk', params: { id, leaf: 'rehearsal' } }">{{ t('sitting.back') }}</RouterLink>
      </form>
      <template v-else>
        <div v-if="kept.result" class="result" tabindex="-1" role="status">
          <h1>
            {{ t('sitting.earned', { earned: kept.result.earned, of: kept.result.of }) }}
            <small v-if="kept.result.percent">{{ t('proof.percent', { n: kept.result.percent }) }}</small>
          </h1>
          <p v-if="kept.result.hasChanged">{{ t('sitting.changed') }}</p>
          <p v-if="kept.result.questions.some(({ isByHand }) => isByHand)">{{ t('sitting.byHand') }}</p>
        </div>
        <h1 v-else>{{ sitting?.title }}</h1>
        <p v-if="sitting?.unreadable" class="soft">{{ t('sitting.unreadable', sitting.unreadable) }}</p>
        <SittingQuestion
          v-for="question in shown"
          :key="question.number"
          :model-value="kept.answers[question.number] ?? NOTHING"
          :question="question"
          :is-locked="isLocked(question)"
          :marked="markedOf(question.number)"
          @update:model-value="answerWith(question.number, $event)"
        >
          <p v-if="checks && !isOver && question.type !== 'stimulus' && question.type !== 'essay'" class="check">
            <Button
              size="small"
              severity="secondary"
              outlined
              :disabled="isLocked(question) || !isAnswered(kept.answers[question.number])"
              @click="check(question)"
              >{{ t('sitting.check') }}</Button
            >
            <span v-if="settings.tries > 0" class="soft">{{
              t('sitting.triesLeft', settings.tries - triesOf(question.number))
            }}</span>
          </p>
        </SittingQuestion>
      </template>
    </main>
    <footer v-if="kept" class="foot">
      <template v-if="!isOver">
        <span class="soft" aria-live="polite">{{ t('sitting.answered', { answered, all: toAnswer }) }}</span>
        <template v-if="settings.isOneByOne && questions.length > 1">
          <Button size="small" severity="secondary" outlined :disabled="kept.at === 0" @click="go(-1)">{{
            t('sitting.before')
          }}</Button>
          <Button
            size="small"
            severity="secondary"
            outlined
            :disabled="kept.at === questions.length - 1"
            @click="go(1)"
            >{{ t('sitting.next') }}</Button
          >
        </template>
        <Button size="small" @click="handIn">{{ t('sitting.handIn') }}</Button>
      </template>
      <span class="spacer" />
      <Button size="small" severity="secondary" outlined @click="throwAway">{{ t('sitting.throwAway') }}</Button>
      <RouterLink :to="{ name: 'desk', params: { id, leaf: 'rehearsal' } }">{{ t('sitting.back') }}</RouterLink>
    </footer>
  </div>
</template>

<style scoped>
.crumb {
  margin-inline-end: 10px;
  color: var(--bar-soft, inherit);
  text-decoration: none;
}

input[type='checkbox'] {
  accent-color: var(--dye);
}

.sitting-page {
  display: grid;
  grid-template-rows: auto 1fr auto;
  block-size: 100dvh;
}

.paper {
  overflow: auto;
  padding: 20px max(20px, calc(50% - 360px)) 60px;
  background: var(--leaf);
}

h1 {
  font-family: var(--font-question);
  font-size: 24px;
}

h1 small {
  color: var(--soft);
  font-size: 17px;
  font-weight: 400;
}

.settings {
  display: grid;
  justify-items: start;
  gap: 12px;
}

.settings label {
  display: flex;
  align-items: center;
  gap: 8px;
}

select {
  border: 1px solid var(--control);
  border-radius: 4px;
  padding: 4px 8px;
  background: var(--source);
  color: var(--ink);
  font: inherit;
}

.problem {
  color: var(--fault);
}

.result {
  padding: 10px 16px;
  border-inline-start: 3px solid var(--dye);
  background: var(--dye-wash);
}

.soft {
  color: var(--soft);
  font-size: 13.5px;
}

.check {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-block-start: 10px;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  border-block-start: 1px solid var(--rule);
  padding: 8px 20px;
  background: var(--source);
}

.spacer {
  flex: 1;
}
</style>
