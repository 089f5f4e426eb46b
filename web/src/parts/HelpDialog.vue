<script setup lang="ts">
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Action } from '@/composables/actions'

const { actions } = defineProps<{ actions: readonly Action[] }>()
const isOpen = defineModel<boolean>({ required: true })
const { t, tm } = useI18n()
const wanted = ref('')

const found = computed(() =>
  actions
    .map((action) => ({ ...action, label: t(`help.actions.${action.id}`) }))
    .filter(({ label, keys }) => `${label} ${keys}`.toLowerCase().includes(wanted.value.trim().toLowerCase())),
)

const words = computed(() => Object.values(tm('help.word') as Record<string, [string, string]>))

function run(action: Action | undefined): void {
  if (!action?.run) return
  isOpen.value = false
  wanted.value = ''
  action.run()
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="t('help.title')"
    class="help-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
  >
    <p class="lead">
      {{ t('help.lead') }} <a href="/guide" target="_blank">{{ t('help.guide') }}</a>
    </p>
    <details class="words">
      <summary>{{ t('help.words') }}</summary>
      <dl>
        <template v-for="[word, meaning] in words" :key="word">
          <dt>{{ word }}</dt>
          <dd>{{ meaning }}</dd>
        </template>
      </dl>
    </details>
    <InputText
      v-model="wanted"
      autofocus
      fluid
      :placeholder="t('help.find')"
      :aria-label="t('help.find')"
      @keydown.enter="run(found.find((action) => action.run))"
    />
    <ul class="actions">
      <li v-for="action in found" :key="action.id">
        <button type="button" :disabled="!action.run" @click="run(action)">
          <span>{{ action.label }}</span>
          <kbd v-for="key in action.keys.split(' ').filter(Boolean)" :key="key">{{ key }}</kbd>
        </button>
      </li>
    </ul>
  </Dialog>
</template>

<style scoped>
.lead {
  max-inline-size: 60ch;
  margin-block-end: 12px;
  color: var(--soft);
}

.words {
  margin-block-end: 12px;
}

.words summary {
  cursor: pointer;
}

.words dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 14px;
  max-inline-size: 60ch;
  margin: 8px 0 0;
}

.words dt {
  font-weight: 650;
}

.words dd {
  margin: 0;
  color: var(--soft);
}

.actions {
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
}

.actions button {
  display: flex;
  gap: 6px;
  align-items: center;
  inline-size: 100%;
  padding: 6px 8px;
  border: 0;
  border-block-end: 1px solid var(--rule);
  background: transparent;
  color: var(--ink);
  font: inherit;
  text-align: start;
  cursor: pointer;
}

.actions button:disabled {
  cursor: default;
}

.actions button:not(:disabled):hover {
  background: var(--line-wash);
}

.actions span {
  flex: 1;
}
</style>
