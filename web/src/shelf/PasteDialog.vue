<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'

const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ paste: [title: string | null, text: string, html: string | null] }>()
const { t } = useI18n()
const text = ref('')
const title = ref('')
/** What the clipboard said beside the plain text, for as long as that is not changed. */
const rich = shallowRef<{ text: string; html: string } | null>(null)

function pasted(event: ClipboardEvent): void {
  const html = event.clipboardData?.getData('text/html') ?? ''
  const plain = event.clipboardData?.getData('text/plain') ?? ''
  rich.value = html && text.value.trim() === '' ? { text: plain.replace(/\r\n?/g, '\n').trim(), html } : null
}

function put(): void {
  emit('paste', title.value.trim() || null, text.value, rich.value?.text === text.value.trim() ? rich.value.html : null)
  isOpen.value = false
  text.value = ''
  title.value = ''
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="t('shelf.pasteTitle')"
    class="paste-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
  >
    <p class="lead">{{ t('shelf.pasteLead') }}</p>
    <label for="paste-text">{{ t('shelf.pasteText') }}</label>
    <Textarea id="paste-text" v-model="text" rows="12" autofocus fluid spellcheck="false" @paste="pasted" />
    <label for="paste-name">{{ t('shelf.pasteName') }}</label>
    <InputText id="paste-name" v-model="title" fluid maxlength="200" @keydown.enter="text.trim() && put()" />
    <template #footer>
      <Button severity="secondary" outlined @click="isOpen = false">{{ t('app.cancel') }}</Button>
      <Button :disabled="text.trim() === ''" @click="put">{{ t('shelf.putOn') }}</Button>
    </template>
  </Dialog>
</template>

<style>
.paste-dialog {
  inline-size: min(640px, 92vw);
}

.paste-dialog .lead {
  color: var(--soft);
}

.paste-dialog label {
  display: block;
  margin-block: 12px 4px;
  font-weight: 600;
}

.paste-dialog textarea {
  font-family: var(--font-source);
  font-size: 13px;
}
</style>
