<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Textarea from 'primevue/textarea'
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type KeyMarking } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'

/** A key list that marks all at once; what it will mark, and what does not fit, is said before. */
const { desk, sheetId } = defineProps<{ desk: Pick<Desk, 'applied' | 'base' | 'undo'>; sheetId: string }>()
const isOpen = defineModel<boolean>({ required: true })
const { t } = useI18n()
const { say, asked } = useNotice()
const key = ref('')
const marking = shallowRef<(KeyMarking & { base: string; of: string }) | null>(null)

const look = useDebounceFn(async () => {
  const of = key.value
  if (of.trim() === '') {
    marking.value = null
    return
  }
  const base = await desk.base()
  const found = await asked(() => api.key(sheetId, base, of))
  // What is typed meanwhile is looked at on its own.
  if (key.value === of) marking.value = found && { ...found, base, of }
}, 200)
watch([key, isOpen], look)

const fresh = computed(() => marking.value?.marks.filter((mark) => mark.isNew) ?? [])
const same = computed(() => (marking.value?.marks.length ?? 0) - fresh.value.length)
const rest = computed(() => {
  const unmarked = marking.value?.unmarked ?? 0
  return [same.value && t('mark.keySame', same.value), unmarked && t('mark.keyUnmarked', unmarked)]
    .filter(Boolean)
    .join(' ')
})
/** Whether what is said is said of what stands there now: only that may be taken. */
const isReady = computed(() => fresh.value.length > 0 && marking.value?.of === key.value)
const replaced = computed(() => fresh.value.filter((mark) => mark.replaces))

async function take(): Promise<void> {
  const found = marking.value
  const times = fresh.value.length
  if (!found || !isReady.value || !(await desk.applied(found.base, found.edits))) return
  isOpen.value = false
  key.value = ''
  say(t('mark.keyDone', times), () => desk.undo())
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="t('mark.keyTitle')"
    class="key-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
  >
    <p class="lead">{{ t('mark.keyLead') }}</p>
    <label for="key-list" class="visually-hidden">{{ t('mark.keyText') }}</label>
    <Textarea id="key-list" v-model="key" rows="7" autofocus fluid spellcheck="false" @keydown.ctrl.enter="take" />
    <div class="said" aria-live="polite">
      <template v-if="marking">
        <p>
          <b>{{ t('mark.keyMarks', fresh.length) }}</b>
          {{ rest }}
        </p>
        <p v-for="mark in replaced" :key="mark.question">
          {{ t('mark.keyReplaces', { number: mark.question, answer: mark.answer }) }}
        </p>
        <p v-for="misfit in marking.misfits" :key="misfit" class="misfit">{{ misfit }}</p>
      </template>
    </div>
    <template #footer>
      <Button severity="secondary" outlined @click="isOpen = false">{{ t('app.cancel') }}</Button>
      <Button :disabled="!isReady" @click="take">{{ t('mark.keyTake') }}</Button>
    </template>
  </Dialog>
</template>

<style>
.key-dialog {
  inline-size: min(560px, 92vw);
}

.key-dialog .lead {
  margin-block-end: 8px;
  color: var(--soft);
}

.key-dialog textarea {
  font-family: var(--font-source);
  font-size: 13px;
}

.key-dialog .said {
  min-block-size: 44px;
  max-block-size: 180px;
  margin-block-start: 8px;
  overflow: hidden auto;
}

.key-dialog .misfit {
  color: var(--fault);
}
</style>
