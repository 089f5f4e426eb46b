<script setup lang="ts">
import { useTemplateRef, watch } from 'vue'

/**
 * A text of a question as a pupil sees it: safe HTML from the server. Whatever its markup, it stays in its place: long words
 * wrap, what is too wide scrolls within it, and nothing is painted outside it.
 */
const { html, as = 'div' } = defineProps<{ html: string; as?: 'div' | 'span' }>()
const root = useTemplateRef('root')

/** Formulas are typeset by what is loaded only where there are some. */
watch(
  () => [html, root.value],
  async () => {
    if (!html.includes('class="formula')) return
    const { typeset } = await import('./formulas')
    typeset(root.value?.querySelectorAll<HTMLElement>('.formula:not(.is-typeset)') ?? [])
  },
  { flush: 'post', immediate: true },
)
</script>

<template>
  <div v-if="as === 'div'" ref="root" class="question-text" dir="auto" v-html="html" />
  <span v-else ref="root" class="question-text" dir="auto" v-html="html" />
</template>

<style scoped>
.question-text {
  contain: paint;
  min-inline-size: 0;
  max-inline-size: 100%;
  overflow: auto hidden;
  overflow-wrap: anywhere;
}

span.question-text {
  display: inline-block;
  vertical-align: bottom;
}

.question-text :deep(:is(p, ul, ol, pre, blockquote, table, dl, figure)) {
  margin-block: 0.3em;
}

.question-text :deep(:first-child) {
  margin-block-start: 0;
}

.question-text :deep(:last-child) {
  margin-block-end: 0;
}

.question-text :deep(:is(h1, h2, h3, h4, h5, h6)) {
  font-size: 1.1em;
  font-weight: 700;
}

.question-text :deep(:is(code, pre)) {
  font-family: var(--font-source);
  font-size: 0.85em;
}

.question-text :deep(pre) {
  overflow-x: auto;
}

.question-text :deep(.formula.is-unreadable) {
  color: var(--doubt);
  font-family: var(--font-source);
  font-size: 0.85em;
  text-decoration: underline dotted;
}

.question-text :deep(.katex) {
  font-size: 1.05em;
}

.question-text :deep(.katex-display) {
  margin-block: 0.4em;
  overflow: auto hidden;
}

.question-text :deep(img) {
  max-inline-size: 100%;
  max-block-size: 480px;
  block-size: auto;
  object-fit: contain;
}

/* Those that came with a document: drawn on white paper, also where the leaf is dark. */
.question-text :deep(img.kept) {
  display: block;
  max-block-size: 300px;
  margin-block: 4px;
  border-radius: 2px;
  background: #fff;
}

.question-text :deep(:is(td, th)) {
  border: 1px solid var(--rule);
  padding: 2px 8px;
}
</style>
