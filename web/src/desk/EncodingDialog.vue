<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Decoding, Problem, type Sheet } from '@/api/client'
import { useOffer } from '@/composables/useOffer'
import ChangedLines from '@/parts/ChangedLines.vue'

/** Chooses the encoding of a file, with what would differ shown before. */
const { sheet } = defineProps<{ sheet: Sheet }>()
const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ choose: [encoding: string] }>()
const { t } = useI18n()
const { offer } = useOffer()
const chosen = ref(sheet.encoding.name)
const decoding = shallowRef<Decoding | null>(null)
const problem = ref<string | null>(null)

watchDebounced(
  chosen,
  async (name) => {
    problem.value = null
    try {
      const found = await api.decoding(sheet.id, name)
      if (chosen.value === name) decoding.value = found
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      decoding.value = null
      problem.value = error.message
    }
  },
  { debounce: 60 },
)

function begin(): void {
  chosen.value = sheet.encoding.name
  decoding.value = null
}

function choose(): void {
  isOpen.value = false
  emit('choose', chosen.value)
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="t('encoding.title')"
    class="encoding-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
    @show="begin"
  >
    <p class="lead">
      {{ t(`encoding.found.${sheet.certainty}`, { label: sheet.encoding.label }) }} {{ t('encoding.lead') }}
    </p>
    <Select
      v-model="chosen"
      :aria-label="t('desk.encoding')"
      :options="offer.encodings"
      option-label="label"
      option-value="name"
      fluid
    />
    <div class="preview" aria-live="polite">
      <p v-if="problem">{{ problem }}</p>
      <template v-else-if="decoding && chosen !== sheet.encoding.name">
        <p>
          {{ t('encoding.differing', decoding.differing) }}
          <b v-if="decoding.lost" class="lost">{{ t('encoding.lost', decoding.lost) }}</b>
        </p>
        <ChangedLines :places="decoding.lines" />
      </template>
    </div>
    <template #footer>
      <Button severity="secondary" outlined @click="isOpen = false">{{ t('app.cancel') }}</Button>
      <Button :disabled="chosen === sheet.encoding.name && sheet.certainty === 'certain'" @click="choose">{{
        t('encoding.read')
      }}</Button>
    </template>
  </Dialog>
</template>

<style>
.encoding-dialog {
  inline-size: min(620px, 92vw);
}

.encoding-dialog .lead {
  margin-block-end: 12px;
  color: var(--soft);
}

.encoding-dialog .preview {
  min-block-size: 120px;
  margin-block-start: 14px;
}

.encoding-dialog .preview > p {
  margin-block-end: 8px;
}

.encoding-dialog .lost {
  color: var(--fault);
}
</style>
