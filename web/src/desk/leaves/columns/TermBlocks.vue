<script setup lang="ts">
import InputNumber from 'primevue/inputnumber'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { TableReading } from '@/api/client'
import type { Wish } from './useTable'

/** The blocks of a list of terms, and what each becomes. */
defineProps<{ blocks: TableReading['blocks']; count: number }>()
const wish = defineModel<Required<Pick<Wish, 'size' | 'asked' | 'kind' | 'kinds'>>>({ required: true })
const { t } = useI18n()

const kinds = computed(() =>
  (['choice', 'typed', 'matching'] as const).map((id) => ({ id, label: t(`columns.kinds.${id}`) })),
)
const sides = computed(() =>
  (['definition', 'term'] as const).map((id) => ({ id, label: t(`columns.askedSide.${id}`) })),
)
type Kind = NonNullable<Wish['kind']>

function becomes(block: number, kind: Kind): void {
  const kinds = Array.from(
    { length: Math.max(block + 1, wish.value.kinds.length) },
    (_, at) => wish.value.kinds[at] ?? '',
  )
  kinds[block] = kind
  wish.value = { ...wish.value, kinds }
}
</script>

<template>
  <div class="choices">
    <label>
      {{ t('columns.asked') }}
      <Select
        :model-value="wish.asked"
        :options="sides"
        option-value="id"
        option-label="label"
        size="small"
        @update:model-value="wish = { ...wish, asked: $event }"
      />
    </label>
    <label>
      {{ t('columns.kind') }}
      <Select
        :model-value="wish.kind"
        :options="kinds"
        option-value="id"
        option-label="label"
        size="small"
        @update:model-value="wish = { ...wish, kind: $event, kinds: [] }"
      />
    </label>
    <label>
      {{ t('columns.blockSize') }}
      <InputNumber
        :model-value="wish.size"
        :min="3"
        :max="100"
        show-buttons
        size="small"
        @update:model-value="wish = { ...wish, size: $event ?? 4, kinds: [] }"
      />
    </label>
  </div>
  <section v-for="(block, index) in blocks" :key="index" class="block">
    <Select
      :model-value="block.kind"
      :options="kinds"
      option-value="id"
      option-label="label"
      size="small"
      :disabled="block.terms.length < 2"
      :aria-label="t('columns.kindOf', { n: index + 1 })"
      @update:model-value="becomes(index, $event)"
    />
    <dl>
      <div v-for="{ term, definition } in block.terms" :key="`${term} ${definition}`">
        <dt dir="auto">{{ term }}</dt>
        <dd dir="auto">{{ definition }}</dd>
      </div>
    </dl>
  </section>
  <p v-if="count > blocks.length" class="more">{{ t('columns.moreBlocks', count - blocks.length) }}</p>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 22px;
  padding-block: 4px 14px;
  font-size: 13.5px;
}

.choices label {
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--soft);
}

.choices :deep(input) {
  inline-size: 5.6em;
}

.block {
  padding-block: 10px;
  border-block-start: 1px solid var(--rule);
}

dl {
  margin: 8px 0 0;
}

dl div {
  display: grid;
  grid-template-columns: minmax(90px, 1fr) 3fr;
  gap: 14px;
  padding-block: 2px;
}

dt {
  font-family: var(--font-question);
  font-size: 15px;
  overflow-wrap: anywhere;
}

dd {
  margin: 0;
  overflow-wrap: anywhere;
}

.more {
  color: var(--soft);
  font-size: 13.5px;
}
</style>
