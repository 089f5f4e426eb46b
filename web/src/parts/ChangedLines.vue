<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ChangedPlace } from '@/api/client'

/** Lines before and after, with what differs marked. */
const { places } = defineProps<{ places: readonly ChangedPlace[] }>()
const { t } = useI18n()

interface Parts {
  start: string
  changed: string
  end: string
}

/** What two texts begin and end with alike, and what is left of each. */
function partsOf(text: string, other: string): Parts {
  const one = [...text]
  const two = [...other]
  const most = Math.min(one.length, two.length)
  let start = 0
  while (start < most && one[start] === two[start]) start += 1
  let end = 0
  while (end < most - start && one.at(-1 - end) === two.at(-1 - end)) end += 1
  return {
    start: one.slice(0, start).join(''),
    changed: one.slice(start, one.length - end).join(''),
    end: one.slice(one.length - end).join(''),
  }
}

const shown = computed(() =>
  places.map(({ line, before, after }) => ({
    line,
    before: partsOf(before, after),
    after: partsOf(after, before),
  })),
)
</script>

<template>
  <ol class="changed-lines">
    <li v-for="(place, index) in shown" :key="index">
      <span class="line">{{ t('findings.line', { line: place.line }) }}</span>
      <pre
        dir="auto"
      ><span class="visually-hidden">{{ t('findings.before') }}: </span>{{ place.before.start }}<del>{{ place.before.changed }}</del>{{ place.before.end }}</pre>
      <pre
        dir="auto"
      ><span class="visually-hidden">{{ t('findings.after') }}: </span>{{ place.after.start }}<ins>{{ place.after.changed }}</ins>{{ place.after.end }}</pre>
    </li>
  </ol>
</template>

<style scoped>
.changed-lines {
  margin: 0;
  padding: 0;
  list-style: none;
  max-block-size: 260px;
  overflow: hidden auto;
}

li:not(:first-child) {
  margin-block-start: 8px;
}

.line {
  color: var(--soft);
  font-size: 12px;
}

pre {
  margin: 0;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  line-height: 20px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

del {
  background: var(--fault-wash);
  color: var(--fault);
}

ins {
  background: var(--dye-wash);
  color: var(--dye);
  text-decoration: none;
}
</style>
