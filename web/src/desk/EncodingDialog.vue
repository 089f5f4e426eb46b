<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useOffer } from '@/composables/useOffer'

const { current } = defineProps<{ current: string }>()
const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ choose: [encoding: string] }>()
const { t } = useI18n()
const { offer } = useOffer()
const chosen = ref(current)

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
    @show="chosen = current"
  >
    <p class="lead">{{ t('encoding.lead') }}</p>
    <Select
      v-model="chosen"
      :aria-label="t('desk.encoding')"
      :options="offer.encodings"
      option-label="label"
      option-value="name"
      fluid
    />
    <template #footer>
      <Button severity="secondary" outlined @click="isOpen = false">{{ t('app.cancel') }}</Button>
      <Button @click="choose">{{ t('encoding.read') }}</Button>
    </template>
  </Dialog>
</template>

<style>
.encoding-dialog {
  inline-size: min(480px, 92vw);
}

.encoding-dialog .lead {
  margin-block-end: 12px;
  color: var(--soft);
}
</style>
