<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { useI18n } from 'vue-i18n'

/** Two texts of one sheet: neither is lost, and the person says which keeps the name. */
defineProps<{ mine: string; theirs: string }>()
defineEmits<{ settle: [keep: 'mine' | 'theirs'] }>()
const { t } = useI18n()
</script>

<template>
  <Dialog
    :visible="true"
    modal
    :closable="false"
    :close-on-escape="false"
    :header="t('conflict.title')"
    class="conflict-dialog"
  >
    <p>{{ t('conflict.lead') }}</p>
    <div class="texts">
      <section>
        <h3>{{ t('conflict.mine') }}</h3>
        <pre tabindex="0" dir="auto">{{ mine }}</pre>
        <Button @click="$emit('settle', 'mine')">{{ t('conflict.keepMine') }}</Button>
      </section>
      <section>
        <h3>{{ t('conflict.theirs') }}</h3>
        <pre tabindex="0" dir="auto">{{ theirs }}</pre>
        <Button severity="secondary" outlined @click="$emit('settle', 'theirs')">{{ t('conflict.keepTheirs') }}</Button>
      </section>
    </div>
  </Dialog>
</template>

<style>
.conflict-dialog {
  inline-size: min(920px, 94vw);
}

.conflict-dialog .texts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
  margin-block-start: 14px;
}

.conflict-dialog section {
  min-inline-size: 0;
}

.conflict-dialog h3 {
  font-weight: 650;
}

.conflict-dialog pre {
  block-size: 40vh;
  margin: 6px 0 10px;
  padding: 8px 10px;
  overflow: auto;
  border: 1px solid var(--rule);
  background: var(--source);
  font-family: var(--font-source);
  font-size: 12px;
  white-space: pre-wrap;
}
</style>
