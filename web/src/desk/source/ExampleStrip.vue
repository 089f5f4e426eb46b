<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Example } from '@/api/client'

/** What is at hand while one writes: how the type of question at the cursor is written, and what is understood there. */
const { examples, type, understood } = defineProps<{
  examples: readonly Example[]
  type: string | null
  /** What the reader makes of the place at the cursor. */
  understood: string
  holdsPictures: boolean
  /** Rows that wait to become questions are no place for others. */
  canDraft: boolean
}>()
defineEmits<{ insert: [text: string]; picture: []; draft: [] }>()
const { t } = useI18n()
const chosen = ref<string>('choice')

watch(
  () => type,
  (next) => {
    if (next) chosen.value = next
  },
  { immediate: true },
)

const choices = computed(() => examples.map((example) => ({ type: example.type, label: t(`type.${example.type}`) })))
const example = computed(() => examples.find((one) => one.type === chosen.value) ?? examples[0])
</script>

<template>
  <section v-if="example" class="example-strip" :aria-label="t('desk.examples')">
    <div class="head">
      <Select
        v-model="chosen"
        size="small"
        :options="choices"
        option-label="label"
        option-value="type"
        :aria-label="t('desk.exampleOf')"
      />
      <span class="why">{{ example.explanation }}</span>
      <Button v-if="canDraft" size="small" severity="secondary" outlined @click="$emit('draft')">{{
        t('draft.open')
      }}</Button>
      <Button v-if="holdsPictures" size="small" severity="secondary" outlined @click="$emit('picture')">{{
        t('picture.choose')
      }}</Button>
      <Button size="small" severity="secondary" outlined @click="$emit('insert', example.text)">{{
        t('desk.insert')
      }}</Button>
    </div>
    <p class="understood" aria-live="polite">
      {{ t('desk.understood') }} <b>{{ understood }}</b>
    </p>
    <pre tabindex="0">{{ example.text }}</pre>
  </section>
</template>

<style scoped>
.example-strip {
  padding: 8px 16px 10px;
  border-block-start: 1px solid var(--rule);
  background: var(--leaf);
}

.head {
  display: flex;
  align-items: center;
  gap: 10px;
}

.why {
  flex: 1;
  color: var(--soft);
  font-size: 12.5px;
  line-height: 1.3;
}

pre {
  margin: 6px 0 0;
  max-block-size: 110px;
  overflow: auto;
  color: var(--ink);
  font-family: var(--font-source);
  font-size: 12px;
  font-variant-ligatures: none;
  line-height: 18px;
}
</style>
