<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Prospect, Target } from '@/api/client'

/** Where a sheet can go: what takes it, under which name, and how its questions would arrive. */
defineProps<{
  targets: readonly Target[]
  prospects: ReadonlyMap<string, Prospect>
  chosen: string | null
  /** The notation of the sheet: in it, the sheet is only cleaned up. */
  own: string | null
}>()
const emit = defineEmits<{ choose: [target: string] }>()
defineSlots<{ default: () => unknown }>()
const { t } = useI18n()

/** How the questions arrive, the gravest last; in few words where all arrive whole. */
function tallyOf({ whole, changed, notReady, dropped }: Prospect): { kind: string; text: string }[] {
  const all = whole + changed + notReady + dropped
  if (whole === all) return [{ kind: 'whole', text: t('handover.allWhole', whole) }]
  return [
    { kind: 'whole', text: t('handover.whole', { n: whole, all }) },
    { kind: 'changed', text: changed ? t('handover.changed', changed) : '' },
    { kind: 'refused', text: notReady ? t('handover.notReady', notReady) : '' },
    { kind: 'dropped', text: dropped ? t('handover.dropped', dropped) : '' },
  ].filter(({ text }) => text !== '')
}
</script>

<template>
  <section class="target-choice" :aria-label="t('handover.where')">
    <h3>{{ t('handover.where') }}</h3>
    <ul>
      <li v-for="target in targets" :key="target.id">
        <button
          type="button"
          :class="{ 'is-chosen': target.id === chosen }"
          :aria-pressed="target.id === chosen"
          @click="emit('choose', target.id)"
        >
          <b>{{ target.id === own ? t('handover.same', { notation: target.label }) : target.label }}</b>
          <span class="about">{{ target.about }}</span>
          <span class="tally">
            <template v-if="prospects.get(target.id)">
              <span
                v-for="{ kind, text } in tallyOf(prospects.get(target.id)!)"
                :key="kind"
                class="part"
                :class="`is-${kind}`"
                >{{ text }}</span
              >
            </template>
            <template v-else>{{ t('handover.weighing') }}</template>
          </span>
        </button>
      </li>
    </ul>
    <slot />
  </section>
</template>

<style scoped>
.target-choice {
  min-block-size: 0;
  padding: 4px 20px 14px;
  overflow-y: auto;
}

h3 {
  margin-block-end: 6px;
  font-family: var(--font-question);
  font-size: 18px;
  font-weight: 600;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

button {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 2px 14px;
  inline-size: 100%;
  padding: 10px 12px;
  border: 0;
  border-block-start: 1px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

li:last-child button {
  border-block-end: 1px solid var(--rule);
}

button:hover,
button.is-chosen {
  background: var(--line-wash);
}

button:focus-visible {
  outline-offset: -2px;
}

b {
  font-weight: 650;
}

.tally {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  grid-column: 2;
  color: var(--soft);
  font-size: 13px;
}

@container leaf (width < 480px) {
  button {
    grid-template-columns: 1fr;
  }

  .tally {
    grid-column: 1;
  }
}

.part.is-changed {
  color: var(--doubt);
}

.part.is-refused,
.part.is-dropped {
  color: var(--fault);
}
</style>
