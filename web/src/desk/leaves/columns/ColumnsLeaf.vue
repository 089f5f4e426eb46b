<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import type { Desk } from '../../useDesk'
import LeafFrame from '../LeafFrame.vue'
import LeafNotes from '../LeafNotes.vue'
import RowTable from './RowTable.vue'
import TermBlocks from './TermBlocks.vue'
import { useTable, type Wish } from './useTable'

/** The rows of a table or a list of terms, what each column holds, and the questions that they become. */
const { desk, sheetId } = defineProps<{
  desk: Pick<Desk, 'sheet' | 'reading' | 'hasFocus' | 'base' | 'applied' | 'change' | 'undo'>
  sheetId: string
}>()
const emit = defineEmits<{ moved: []; taken: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const { offer, labelOf } = useOffer()

const notation = useLocalStorage('notagram.table-as', 'gift')
/** A question list that a person writes on in, or hands over; a printed test is neither. */
const notations = computed(() => offer.value.notations.filter(({ canBeTidied }) => !canBeTidied))
const columns = ref<string[] | null>(null)
const asTerms = ref<boolean | null>(null)
const hasHead = ref<boolean | null>(null)
const terms = ref<Required<Pick<Wish, 'size' | 'asked' | 'kind' | 'kinds'>>>({
  size: 4,
  asked: 'definition',
  kind: 'choice',
  kinds: [],
})
const wish = computed<Wish>(() => ({
  notation: notation.value,
  columns: columns.value,
  asTerms: asTerms.value,
  hasHead: hasHead.value,
  ...terms.value,
}))
const { table, isWorking, whenDone, stop } = useTable(desk, sheetId, wish)
const questions = computed(() => table.value?.counts.reduce((sum, { count }) => sum + count, 0) ?? 0)
const notes = computed(() => [...(table.value?.notes ?? []), ...(table.value?.losses ?? [])])

function holds(place: number, column: string): void {
  const next = (table.value?.columns ?? []).map((one) => one.holds)
  // What only one column can hold moves there.
  const isSingle = !/^(?:option|feedback \d|-)/.test(column)
  columns.value = next.map((one, at) => (at === place ? column : isSingle && one === column ? '-' : one))
}

async function makeQuestions(): Promise<void> {
  await nextTick()
  await whenDone()
  const found = table.value
  const before = desk.sheet.value?.notation
  if (!found || !before || !(await desk.applied(found.base, found.edits))) return
  stop()
  await desk.change({ awaitsTidying: false, notation: notation.value })
  say(t('columns.taken'), async () => {
    desk.undo()
    await desk.change({ awaitsTidying: true, notation: before })
  })
  emit('taken')
}

const take = useTemplateRef<{ $el: HTMLElement }>('take')
// What was just brought in is one key away from being taken; whoever types in the source is left alone.
watch(
  table,
  (found, before) => {
    if (found && !before && !desk.hasFocus()) take.value?.$el.focus()
  },
  { flush: 'post' },
)
</script>

<template>
  <LeafFrame>
    <template #tools>
      <span class="count" aria-live="polite">
        <template v-if="!table">{{ isWorking ? t('columns.working') : t('columns.noTable') }}</template>
        <template v-else>
          <b>{{ t('columns.questions', questions) }}</b>
          <span v-for="{ type, count } in questions ? table.counts : []" :key="type" class="of-type">{{
            t('columns.ofType', { n: count, type: t(`type.${type}`) })
          }}</span>
        </template>
      </span>
      <span class="spacer" />
      <label class="as"
        >{{ t('columns.as') }}
        <Select
          v-model="notation"
          :options="notations"
          option-value="id"
          :option-label="({ id }) => labelOf(id)"
          size="small"
          :aria-label="t('columns.asWhat')"
        />
      </label>
      <Button ref="take" size="small" :disabled="questions === 0" @click="makeQuestions">{{
        t('columns.take')
      }}</Button>
    </template>
    <template #notice>
      <fieldset v-if="table?.mayBeTable && table.mayBeTerms" class="reads-as">
        <legend>{{ t('columns.readsAs') }}</legend>
        <label v-for="is in [false, true]" :key="String(is)">
          <input type="radio" name="reads-as" :checked="table.asTerms === is" @change="asTerms = is" />
          {{ t(is ? 'columns.asTerms' : 'columns.asTable') }}
        </label>
      </fieldset>
      <label v-if="table && !table.asTerms" class="head-row">
        <Checkbox :model-value="table.hasHead" binary @update:model-value="hasHead = $event" />
        {{ t('columns.hasHead') }}
      </label>
      <LeafNotes :notes="notes" />
    </template>
    <div class="rows" tabindex="0" role="region" :aria-label="t('desk.leaf.columns')">
      <template v-if="table">
        <TermBlocks v-if="table.asTerms" v-model="terms" :blocks="table.blocks" :count="table.blockCount" />
        <RowTable v-else :columns="table.columns" :rows="table.rows" :count="table.rowCount" @holds="holds" />
      </template>
    </div>
  </LeafFrame>
</template>

<style scoped>
.spacer {
  flex: 1;
}

.of-type {
  display: inline-block;
  margin-inline-start: 10px;
  white-space: nowrap;
}

.as {
  display: flex;
  align-items: center;
  gap: 6px;
}

.head-row {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 0 20px 8px;
  font-size: 13.5px;
}

.reads-as {
  display: flex;
  gap: 18px;
  margin: 0 20px 8px;
  padding: 0;
  border: 0;
}

.reads-as legend {
  float: inline-start;
  padding-inline-end: 12px;
  color: var(--soft);
}

.reads-as input {
  accent-color: var(--ink);
}

.rows {
  padding: 4px 20px 20px;
  overflow: auto;
}
</style>
