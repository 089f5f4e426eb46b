<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '@/api/client'
import { useLatest } from '@/composables/useLatest'
import type { Desk } from '../../useDesk'
import { asTake, categoriesOf, type DrawLine } from './draw'

/** How many questions are drawn from where, a sample of it, and how likely things are. */
const { desk, sheetId } = defineProps<{ desk: Pick<Desk, 'reading' | 'settled' | 'goToBlock'>; sheetId: string }>()
const emit = defineEmits<{ sit: [questions: string] }>()
const { t } = useI18n()
/** Milliseconds without a change before it is drawn anew. */
const PAUSE = 250

const categories = computed(() => categoriesOf(desk.reading.value.blocks))
const lines = ref<DrawLine[]>([{ count: 5, from: '', isWithin: true }])
const {
  answer,
  refusal: problem,
  now: again,
  soon,
} = useLatest(async () => {
  await desk.settled()
  return api.draw(sheetId, asTake(lines.value))
}, PAUSE)
const draw = computed(() => (problem.value ? null : answer.value))

void again()
watch([lines, () => desk.reading.value.hash], () => void soon(), { deep: true })

/** Thousands apart, however many digits there are. */
const grouped = (whole: string) => BigInt(whole).toLocaleString('en')

function goTo(number: number): void {
  const block = desk.reading.value.blocks.find((one) => one.number === number)
  if (block) desk.goToBlock(block)
}
</script>

<template>
  <section class="draw" :aria-label="t('draw.title')">
    <div v-for="(line, index) in lines" :key="index" class="line">
      <label>
        {{ t('draw.take') }}
        <input
          v-model.number="line.count"
          type="number"
          min="1"
          max="9999"
          :aria-label="t('draw.howMany', { n: index + 1 })"
        />
      </label>
      <label>
        {{ t('draw.from') }}
        <select v-model="line.from" :aria-label="t('draw.where', { n: index + 1 })">
          <option value="">{{ t('draw.wholeSheet') }}</option>
          <option v-for="{ name, label } in categories" :key="name" :value="name">{{ label }}</option>
        </select>
      </label>
      <label v-if="line.from"><input v-model="line.isWithin" type="checkbox" /> {{ t('draw.within') }}</label>
      <span v-if="draw?.lines[index]" class="soft">{{
        t('draw.each', { of: draw.lines[index].of, each: draw.lines[index].each })
      }}</span>
      <button v-if="lines.length > 1" type="button" class="text-button" @click="lines.splice(index, 1)">
        {{ t('draw.remove') }}
      </button>
    </div>
    <p>
      <button
        v-if="categories.length > 1"
        type="button"
        class="text-button"
        @click="lines.push({ count: 1, from: categories[0]?.name ?? '', isWithin: true })"
      >
        {{ t('draw.add') }}
      </button>
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <template v-else-if="draw">
      <p class="drawn" aria-live="polite">
        {{ t('draw.sample') }}
        <button v-for="number in draw.drawn" :key="number" type="button" class="text-button" @click="goTo(number)">
          {{ number }}
        </button>
        <Button size="small" severity="secondary" outlined @click="again">{{ t('draw.again') }}</Button>
        <Button size="small" severity="secondary" outlined @click="emit('sit', draw.drawn.join(','))">{{
          t('draw.sit')
        }}</Button>
      </p>
      <p class="soft">
        {{ t(draw.same === '0' ? 'draw.setsHardly' : 'draw.sets', { ...draw, sets: grouped(draw.sets) }) }}
        {{
          draw.least === draw.most
            ? t('draw.alike', { points: draw.least })
            : t('draw.unlike', { least: draw.least, most: draw.most })
        }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.draw {
  display: grid;
  gap: 6px;
  margin: 0 20px 8px;
  padding: 8px 12px;
  border: 1px solid var(--rule);
  border-radius: 4px;
  font-size: 13px;
}

.line,
.drawn {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}

label {
  display: flex;
  align-items: center;
  gap: 6px;
}

input[type='number'],
select {
  border: 1px solid var(--control);
  border-radius: 4px;
  padding: 3px 6px;
  background: var(--source);
  color: var(--ink);
  font: inherit;
}

input[type='number'] {
  inline-size: 4.5em;
}

select {
  max-inline-size: 240px;
}

input[type='checkbox'] {
  accent-color: var(--dye);
}

.soft {
  color: var(--soft);
}

.problem {
  color: var(--fault);
}
</style>
