<script setup lang="ts">
import Button from 'primevue/button'
import { nextTick, onMounted, ref, shallowRef, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type MarkedAnswer, type Sitting } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { type Answer, handedIn, isAnswered, SETTINGS } from '@/sitting/sitting'
import SittingQuestion from '@/sitting/SittingQuestion.vue'
import type { Desk } from '../../useDesk'

/** One question answered as a pupil does, where it stands in the Proof. */
const { desk, sheetId, number } = defineProps<{ desk: Pick<Desk, 'settled'>; sheetId: string; number: number }>()
const emit = defineEmits<{ close: [] }>()
const { t } = useI18n()
const { asked } = useNotice()
const sitting = shallowRef<Sitting | null>(null)
const answer = ref<Answer>({})
const marked = shallowRef<MarkedAnswer | null>(null)
const body = useTemplateRef('body')

onMounted(async () => {
  await desk.settled()
  sitting.value = await asked(() => api.sitting(sheetId, false, String(number)))
  if (!sitting.value?.questions.length) return emit('close')
  await focus('input, select, textarea')
})

/** Whoever answers by key goes on by key. */
async function focus(selector: string): Promise<void> {
  await nextTick()
  body.value?.querySelector<HTMLElement>(selector)?.focus()
}

async function handIn(): Promise<void> {
  const { value: begun } = sitting
  const given = begun?.questions[0] && handedIn(begun.questions[0], answer.value, 1)
  if (!begun || !given) return
  const { cost, belowZero } = SETTINGS
  const result = await asked(() =>
    api.handIn({ ticket: begun.ticket, answers: [given], cost, belowZero, isFinal: true }),
  )
  marked.value = result?.questions[0] ?? null
  await focus('.doings button')
}

async function again(): Promise<void> {
  marked.value = null
  answer.value = {}
  await focus('input, select, textarea')
}
</script>

<template>
  <form
    ref="body"
    class="try-here"
    :aria-label="t('sitting.tryOne', { number })"
    @submit.prevent="handIn"
    @keydown.esc.stop="emit('close')"
  >
    <SittingQuestion
      v-for="question in sitting?.questions"
      :key="question.number"
      v-model="answer"
      :question="question"
      :is-locked="marked !== null"
      :marked="marked"
    >
      <p class="doings">
        <Button v-if="!marked" type="submit" size="small" :disabled="!isAnswered(answer)">{{
          t('sitting.handIn')
        }}</Button>
        <Button v-else size="small" severity="secondary" outlined @click="again">{{ t('sitting.again') }}</Button>
        <Button size="small" severity="secondary" outlined @click="emit('close')">{{
          t('sitting.backToProof')
        }}</Button>
      </p>
    </SittingQuestion>
  </form>
</template>

<style scoped>
.try-here :deep(.sitting-question) {
  border: 0;
  padding-block: 6px;
}

.doings {
  display: flex;
  gap: 10px;
  margin-block-start: 10px;
}
</style>
