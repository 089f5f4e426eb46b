<script setup lang="ts">
import { useDark, useToggle } from '@vueuse/core'
import { useI18n } from 'vue-i18n'

defineEmits<{ help: [] }>()

const { t } = useI18n()
const isDark = useDark({ disableTransition: false })
const toggleDark = useToggle(isDark)
</script>

<template>
  <header class="app-bar">
    <RouterLink to="/" class="wordmark" :aria-label="`${t('app.name')}: ${t('app.shelf')}`">nota<b>gram</b></RouterLink>
    <div class="middle"><slot /></div>
    <slot name="end" />
    <button
      type="button"
      class="bar-button"
      :aria-label="isDark ? t('app.toLight') : t('app.toDark')"
      @click="toggleDark()"
    >
      <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
        <circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" stroke-width="1.5" />
        <path d="M8 2a6 6 0 0 1 0 12z" fill="currentColor" />
      </svg>
    </button>
    <button type="button" class="bar-button is-key" :aria-label="t('app.help')" @click="$emit('help')">F1</button>
  </header>
</template>

<style scoped>
.app-bar {
  display: flex;
  align-items: center;
  gap: 14px;
  block-size: 46px;
  padding-inline: 18px;
  background: var(--bar);
  color: var(--bar-ink);
}

.wordmark {
  font-family: var(--font-question);
  font-size: 18px;
  font-weight: 700;
  text-decoration: none;
  letter-spacing: -0.01em;
}

.wordmark b {
  color: var(--bar-dye);
}

.middle {
  display: flex;
  flex: 1;
  align-items: center;
  min-inline-size: 0;
}

.bar-button {
  display: inline-grid;
  place-items: center;
  block-size: 26px;
  min-inline-size: 28px;
  border: 1px solid transparent;
  border-radius: 4px;
  background: transparent;
  color: var(--bar-soft);
  cursor: pointer;
}

.bar-button:hover {
  color: var(--bar-ink);
}

.bar-button.is-key {
  border-color: #4a4560;
  font-family: var(--font-source);
  font-size: 12px;
}

.app-bar :focus-visible {
  outline-color: var(--bar-dye);
}
</style>
