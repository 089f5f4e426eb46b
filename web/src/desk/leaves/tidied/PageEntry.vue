<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TidyRow } from '@/api/client'
import { type Entry, isBlank } from './page'

/** A piece of the tidied page: what is new is tinted, what left is struck through within its line; lines that leave are folded. */
const {
  entry,
  labels,
  refused,
  lit = null,
  at = null,
  isOpen = false,
} = defineProps<{
  entry: Entry
  /** The names of the steps in words. */
  labels: Readonly<Record<string, string>>
  /** The lines that stay as they are. */
  refused: readonly number[]
  /** The step whose places are lit. */
  lit?: string | null
  /** The line that was gone to last. */
  at?: number | null
  isOpen?: boolean
}>()
const emit = defineEmits<{ source: [line: number]; toggle: [row: TidyRow]; fold: [] }>()
const { t } = useI18n()

const rows = computed(() => (entry.kind === 'leaving' ? entry.rows : [entry.row]))
const isLit = computed(() => lit !== null && rows.value.some(({ steps }) => steps.includes(lit)))
const isAt = computed(() => rows.value.some(({ line }) => line === at))
/** What the lines that leave are: “title, name line”. */
const what = computed(() =>
  [...new Set(rows.value.flatMap(({ steps }) => steps))].map((step) => (labels[step] ?? step).toLowerCase()).join(', '),
)
const stepsOf = ({ steps }: TidyRow) => steps.map((step) => labels[step] ?? step).join(' · ')
const isRefused = ({ line }: TidyRow) => refused.includes(line)
const tagOf = (kind: string) => (kind === 'new' ? 'ins' : kind === 'gone' ? 'del' : 'span')
</script>

<template>
  <div v-if="entry.kind === 'space'" class="space" />
  <div v-else class="entry" :class="[`is-${entry.kind}`, { 'is-lit': isLit, 'is-at': isAt }]">
    <template v-if="entry.kind === 'line'">
      <button
        type="button"
        tabindex="-1"
        class="number"
        :aria-label="t('tidied.toSource', { line: entry.row.line })"
        @click="emit('source', entry.row.line)"
      >
        {{ entry.row.line }}
      </button>
      <div class="texts" dir="auto">
        <p v-for="(parts, index) in entry.lines" :key="index" :class="{ 'is-space': isBlank(parts) }">
          <component :is="tagOf(part.kind)" v-for="(part, place) in parts" :key="place">{{ part.text }}</component>
        </p>
      </div>
      <button
        v-if="entry.row.steps.length || isRefused(entry.row)"
        type="button"
        class="leave"
        :title="stepsOf(entry.row)"
        :aria-label="t(isRefused(entry.row) ? 'tidied.tidyAgain' : 'tidied.leave', { line: entry.row.line })"
        @click="emit('toggle', entry.row)"
      >
        {{ t(isRefused(entry.row) ? 'tidied.tidyWord' : 'tidied.leaveWord') }}
      </button>
    </template>
    <template v-else>
      <button type="button" class="fold" :aria-expanded="isOpen" @click="emit('fold')">
        {{ t('tidied.leaving', { what }, entry.rows.length) }}
      </button>
      <div v-for="row in isOpen ? entry.rows : []" :key="row.line" class="entry is-gone">
        <button
          type="button"
          tabindex="-1"
          class="number"
          :aria-label="t('tidied.toSource', { line: row.line })"
          @click="emit('source', row.line)"
        >
          {{ row.line }}
        </button>
        <div class="texts" dir="auto">
          <p>
            <del>{{ row.parts.map(({ text }) => text.trim()).join('') }}</del>
          </p>
        </div>
        <button
          type="button"
          class="leave"
          :title="stepsOf(row)"
          :aria-label="t('tidied.leave', { line: row.line })"
          @click="emit('toggle', row)"
        >
          {{ t('tidied.leaveWord') }}
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.space,
p.is-space {
  block-size: 9px;
}

.entry.is-line,
.entry.is-gone {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) 42px;
  align-items: start;
  font-family: var(--font-source);
  font-size: 13px;
  font-variant-ligatures: none;
  line-height: 21px;
}

.entry.is-line,
.entry.is-leaving {
  padding-inline: 8px 14px;
  border-inline-start: 2px solid transparent;
}

.entry.is-lit {
  background: var(--hint-wash);
}

.entry.is-lit ins {
  background: color-mix(in srgb, var(--hint) 24%, transparent);
}

.entry.is-at {
  border-inline-start-color: var(--hint);
}

.number,
.leave,
.fold {
  border: 0;
  padding: 0;
  background: transparent;
  color: var(--soft);
  font: inherit;
  cursor: pointer;
}

.number {
  padding-inline-end: 8px;
  color: var(--faint);
  font-size: 11px;
  text-align: end;
  user-select: none;
}

.leave {
  min-block-size: 24px;
  margin-block: -2px -1px;
  font-family: var(--font-apparatus);
  font-size: 12px;
  text-align: end;
}

.fold {
  min-block-size: 24px;
  margin-inline-start: 40px;
  font-size: 13px;
  font-style: italic;
  text-align: start;
}

.leave,
.fold {
  text-decoration: underline dotted var(--control);
  text-underline-offset: 3px;
}

@media (hover: hover) {
  .entry:not(:hover, :focus-within) > .leave {
    opacity: 0;
  }
}

.texts p {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

del {
  margin-inline: 5px;
  color: var(--soft);
  text-decoration-color: color-mix(in srgb, var(--soft) 60%, transparent);
}

ins {
  border-radius: 2px;
  background: var(--hint-wash);
  text-decoration: none;
}
</style>
