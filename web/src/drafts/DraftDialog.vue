<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Dialog from 'primevue/dialog'
import InputNumber from 'primevue/inputnumber'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import SelectButton from 'primevue/selectbutton'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Drafts } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import { type Drafter, useDrafting } from './useDrafting'

/** Questions from a passage, looked at before they are taken. */
const { notation = null, first = 1 } = defineProps<{
  /** Of the sheet that they go onto; null for a new one. */
  notation?: string | null
  /** The number of the first, where the notation numbers its questions. */
  first?: number
}>()
const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ take: [drafts: Drafts, passage: string, notation: string] }>()
const { t } = useI18n()
const { say } = useNotice()
const { offer } = useOffer()

const chosen = ref('gift')
const into = computed(() => notation ?? chosen.value)
const { passage, drafter, wish, offered, drafts, refusal, request, clear } = useDrafting(into, () => first)

const drafters: readonly { id: Drafter; label: string }[] = [
  { id: 'here', label: t('draft.here') },
  { id: 'assistant', label: t('draft.assistant') },
]
const count = computed(() => drafts.value?.counts.reduce((sum, one) => sum + one.count, 0) ?? 0)
const kinds = computed(() =>
  (drafts.value?.counts ?? [])
    .map((one) => t('draft.ofType', { n: one.count, type: t(`type.${one.type}`) }))
    .join(' · '),
)

async function copyRequest(): Promise<void> {
  try {
    await navigator.clipboard.writeText(request.value)
    say(t('draft.copied'))
  } catch {
    say(t('handover.copyFailed'))
  }
}

function take(): void {
  if (!drafts.value || count.value === 0) return
  emit('take', drafts.value, passage.value, into.value)
  isOpen.value = false
  clear()
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="t('draft.title')"
    class="draft-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
  >
    <div class="sides">
      <div class="side">
        <label for="draft-passage">{{ t('draft.passage') }}</label>
        <Textarea
          id="draft-passage"
          v-model="passage"
          class="passage"
          autofocus
          fluid
          maxlength="300000"
          :placeholder="t('draft.passageHint')"
        />
        <div class="wishes">
          <label>
            {{ t('draft.count') }}
            <InputNumber v-model="wish.count" :min="1" :max="200" size="small" class="count" />
          </label>
          <label v-if="notation === null">
            {{ t('desk.notation') }}
            <Select
              v-model="chosen"
              size="small"
              :options="offer.notations"
              option-label="label"
              option-value="id"
              :aria-label="t('desk.notation')"
            />
          </label>
        </div>
        <div class="wishes" role="group" :aria-label="t('draft.types')">
          <label v-for="type in offered" :key="type">
            <Checkbox
              v-model="wish.types"
              :value="type"
              :disabled="wish.types.length === 1 && wish.types[0] === type"
            />
            {{ t(`type.${type}`) }}
          </label>
        </div>
      </div>

      <div class="side">
        <SelectButton
          v-model="drafter"
          size="small"
          :options="[...drafters]"
          option-label="label"
          option-value="id"
          :allow-empty="false"
          :aria-label="t('draft.who')"
        />
        <p class="soft">{{ t(`draft.about.${drafter}`) }}</p>
        <template v-if="drafter === 'assistant'">
          <div class="wishes">
            <label
              >{{ t('draft.audience') }}
              <InputText v-model="wish.audience" size="small" maxlength="200" :placeholder="t('draft.audienceHint')"
            /></label>
            <label
              >{{ t('draft.language') }}
              <InputText v-model="wish.language" size="small" maxlength="100" :placeholder="t('draft.languageHint')"
            /></label>
          </div>
          <div class="request">
            <pre tabindex="0" :aria-label="t('draft.request')">{{ request || t('draft.noRequest') }}</pre>
            <Button size="small" severity="secondary" outlined :disabled="!request" @click="copyRequest">{{
              t('draft.copy')
            }}</Button>
          </div>
          <label for="draft-reply">{{ t('draft.reply') }}</label>
          <Textarea id="draft-reply" v-model="wish.reply" rows="4" fluid spellcheck="false" maxlength="1000000" />
        </template>
        <div class="result" aria-live="polite">
          <p v-if="refusal" class="refusal">{{ refusal }}</p>
          <template v-else-if="drafts">
            <p>
              <b>{{ t('draft.found', count) }}</b> <span class="soft">{{ kinds }}</span>
            </p>
            <p v-for="note in drafts.notes" :key="note" class="soft">{{ note }}</p>
            <pre v-if="count" tabindex="0" :aria-label="t('draft.preview')">{{ drafts.text }}</pre>
          </template>
          <p v-else class="soft">{{ t(`draft.waits.${drafter}`) }}</p>
        </div>
      </div>
    </div>
    <template #footer>
      <span class="soft reading">{{ t('draft.toRead') }}</span>
      <Button severity="secondary" outlined @click="isOpen = false">{{ t('app.cancel') }}</Button>
      <Button :disabled="count === 0" @click="take">{{
        t(notation === null ? 'shelf.putOn' : 'draft.take', count)
      }}</Button>
    </template>
  </Dialog>
</template>

<style>
.draft-dialog {
  inline-size: min(1060px, 94vw);
}

.draft-dialog .sides {
  display: grid;
  grid-template-columns: 1fr 1.08fr;
  gap: 28px;
  block-size: min(560px, 66vh);
}

.draft-dialog .side {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-block-size: 0;
  min-inline-size: 0;
}

.draft-dialog label {
  font-weight: 600;
}

.draft-dialog .passage {
  flex: 1;
  min-block-size: 120px;
  resize: none;
  font-family: var(--font-question);
  font-size: 15.5px;
  line-height: 1.5;
}

.draft-dialog .wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}

.draft-dialog .wishes label {
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 400;
}

.draft-dialog .count input {
  inline-size: 64px;
}

.draft-dialog .soft {
  color: var(--soft);
  font-size: 13.5px;
}

.draft-dialog pre {
  margin: 0;
  overflow: auto;
  background: var(--source);
  padding: 8px 12px;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  line-height: 1.5;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

.draft-dialog .request {
  display: flex;
  align-items: end;
  gap: 10px;
}

.draft-dialog .request pre {
  flex: 1;
  max-block-size: 96px;
}

.draft-dialog .request button {
  flex: none;
}

.draft-dialog #draft-reply {
  flex: none;
  font-family: var(--font-source);
  font-size: 13px;
}

.draft-dialog .result {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 6px;
  min-block-size: 60px;
  overflow: auto;
}

.draft-dialog .result pre {
  flex: 1;
  min-block-size: 60px;
}

.draft-dialog .refusal {
  color: var(--fault);
}

.draft-dialog .reading {
  flex: 1;
}

@media (width < 820px) {
  .draft-dialog .sides {
    display: flex;
    flex-direction: column;
    block-size: auto;
  }
}
</style>
