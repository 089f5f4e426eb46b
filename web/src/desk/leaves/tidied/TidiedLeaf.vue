<script setup lang="ts">
import Button from 'primevue/button'
import { computed, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type TidyRow } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import { useTidied } from './useTidied'

/** The text as it would stand, line by line beside the source, with each step that did something. */
const { desk, sheetId } = defineProps<{
  desk: Pick<
    Desk,
    'sheet' | 'reading' | 'doc' | 'hasFocus' | 'base' | 'applied' | 'change' | 'goToLine' | 'replaceAll' | 'undo'
  >
  sheetId: string
}>()
const emit = defineEmits<{ moved: []; taken: [] }>()
const { t } = useI18n()
const { say, asked } = useNotice()
const { tidied, refusedSteps, refusedLines, isWorking, changes, toggleStep, toggleLine } = useTidied(desk, sheetId)
const list = useTemplateRef('list')
/** What was left out of the document, and what the tidied text leaves where it is. */
const notes = computed(() => [...(desk.sheet.value?.notes ?? []), ...(tidied.value?.notes ?? [])])
const take = useTemplateRef<{ $el: HTMLElement }>('take')

type Kind = 'kept' | 'gone' | 'changed' | 'blank'
interface Row {
  row: TidyRow
  kind: Kind
  /** What it becomes, line by line; a blank line that is put in is shown as such. */
  lines: { text: string; isNew: boolean }[]
}
interface TidiedItem extends FacingItem {
  rows: Row[]
}

let last: TidiedItem[] = []
/** The rows of each block that the source was read as, so that both sides can be level. */
const items = computed<TidiedItem[]>(() => {
  const found = tidied.value
  const doc = desk.doc()
  if (!found || !doc) return []
  // Until what is being typed was tidied, what stood before stays.
  if (found.base !== desk.reading.value.hash) return last
  const rows = found.rows.map(asRow)
  const groups: TidiedItem[] = []
  for (const block of desk.reading.value.blocks) {
    const ofBlock = rows.slice(doc.lineAt(block.from).number - 1, doc.lineAt(Math.max(block.from, block.to - 1)).number)
    const previous = groups.at(-1)
    if (block.kind === 'blank' && previous) previous.rows.push(...ofBlock)
    else groups.push({ key: block.key, block, rows: ofBlock })
  }
  last = groups
  return groups
})

function asRow(row: TidyRow): Row {
  const kind = kindOf(row)
  return { row, kind, lines: kind === 'changed' ? row.after.map((text) => ({ text, isNew: text !== row.before })) : [] }
}

function kindOf({ before, after }: TidyRow): Kind {
  if (!after.length) return before.trim() === '' ? 'blank' : 'gone'
  return after.length === 1 && after[0] === before ? (before.trim() === '' ? 'blank' : 'kept') : 'changed'
}

const heightOf = ({ kind, lines, row }: Row) =>
  kind === 'blank'
    ? 9
    : kind === 'changed'
      ? 20 * lines.length + (lines.every((line) => line.isNew) && row.before ? 20 : 0)
      : 20
const estimate = ({ rows }: TidiedItem) => rows.reduce((sum, row) => sum + heightOf(row), 0)

async function takeAll(): Promise<void> {
  const found = tidied.value
  if (!found) return
  const title = found.title
  if (await desk.applied(found.base, found.edits)) {
    const { sheet } = desk
    if (
      title &&
      sheet.value &&
      sheet.value.fileName === null &&
      sheet.value.title.startsWith(t('shelf.pasted', { date: '' }).trim())
    )
      void desk.change({ title })
    say(t('tidied.taken'), () => desk.undo())
    emit('taken')
  }
}

async function original(): Promise<void> {
  const found = await asked(() => api.original(sheetId))
  if (!found) return
  if (desk.doc()?.toString() === found.text) {
    say(t('tidied.isOriginal'))
    return
  }
  desk.replaceAll(found.text)
  say(t('tidied.originalDone'), () => desk.undo())
}

// What was just brought in is one key away from being taken; whoever types in the source is left alone.
watch(
  tidied,
  (found, before) => {
    if (found && !before && !desk.hasFocus()) take.value?.$el.focus()
  },
  { flush: 'post' },
)

defineExpose({ list, items })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <span class="count" aria-live="polite">{{
        isWorking && !tidied ? t('tidied.working') : t('tidied.changes', changes)
      }}</span>
      <span class="spacer" />
      <Button size="small" severity="secondary" outlined @click="original">{{ t('tidied.original') }}</Button>
      <Button v-if="changes > 0" ref="take" size="small" @click="takeAll">{{ t('tidied.take') }}</Button>
    </template>
    <template #notice>
      <div v-if="tidied && (tidied.steps.length || notes.length)" class="steps">
        <ul v-if="tidied.steps.length" :aria-label="t('tidied.steps')">
          <li v-for="step in tidied.steps" :key="step.name">
            <label>
              <input type="checkbox" :checked="!refusedSteps.includes(step.name)" @change="toggleStep(step.name)" />
              {{ step.label }} <b>{{ step.changes || '–' }}</b>
            </label>
          </li>
        </ul>
        <p v-for="note in notes" :key="note" class="note">{{ note }}</p>
      </div>
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('tidied.rows')" @moved="emit('moved')">
      <template #default="{ item }">
        <div v-for="{ row, kind, lines } in item.rows" :key="row.line" class="row" :class="`is-${kind}`">
          <span class="line" @click="desk.goToLine(row.line)">{{ row.line }}</span>
          <div class="texts" dir="auto">
            <del v-if="kind === 'gone' || (row.before.trim() && lines.length && lines.every((line) => line.isNew))">{{
              row.before.trim()
            }}</del>
            <template v-for="(line, index) in lines" :key="index">
              <ins v-if="line.isNew" :class="{ 'is-empty': !line.text }">{{ line.text }}</ins>
              <span v-else>{{ line.text }}</span>
            </template>
            <span v-if="kind === 'kept'">{{ row.before }}</span>
          </div>
          <button
            v-if="(row.steps.length && kind !== 'blank') || refusedLines.includes(row.line)"
            type="button"
            class="leave"
            :title="row.steps.join(' · ')"
            :aria-label="t(refusedLines.includes(row.line) ? 'tidied.tidyAgain' : 'tidied.leave', { line: row.line })"
            @click="toggleLine(row)"
          >
            {{ t(refusedLines.includes(row.line) ? 'tidied.tidyWord' : 'tidied.leaveWord') }}
          </button>
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ t(isWorking ? 'tidied.working' : 'tidied.none') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.spacer {
  flex: 1;
}

.steps {
  padding: 2px 20px 10px;
  border-block-end: 1px solid var(--rule);
}

.steps ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.steps label {
  display: flex;
  align-items: center;
  gap: 6px;
  min-block-size: 24px;
}

.steps input {
  accent-color: var(--ink);
}

.steps b {
  color: var(--soft);
  font-weight: 400;
  font-variant-numeric: tabular-nums;
}

.note {
  margin-block-start: 6px;
  color: var(--soft);
  font-size: 13px;
}

.row {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) 42px;
  align-items: start;
  padding-inline: 8px 14px;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  line-height: 20px;
}

.row.is-blank {
  min-block-size: 9px;
}

.row.is-blank .line {
  visibility: hidden;
  block-size: 9px;
  min-block-size: 0;
}

.line,
.leave {
  border: 0;
  padding: 0 8px 0 0;
  background: transparent;
  color: var(--soft);
  font: inherit;
  font-size: 12px;
  text-align: end;
  cursor: pointer;
  user-select: none;
}

.leave {
  min-block-size: 24px;
  padding: 0;
  font-family: var(--font-apparatus);
  text-decoration: underline dotted var(--control);
  text-underline-offset: 3px;
}

@media (hover: hover) {
  .row:not(:hover, :focus-within) .leave {
    opacity: 0;
  }
}

.texts > * {
  display: block;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

del {
  color: var(--soft);
  text-decoration-color: color-mix(in srgb, var(--soft) 60%, transparent);
}

ins {
  background: color-mix(in srgb, var(--hint-wash) 70%, transparent);
  text-decoration: none;
}

/* A blank line that is put in. */
ins.is-empty {
  block-size: 9px;
  margin-block: 1px;
}
</style>
