<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ChangedPlace } from '@/api/client'

/** Lines before and after, with what differs marked. */
const { places } = defineProps<{ places: readonly ChangedPlace[] }>()
const { t } = useI18n()

interface Part {
  text: string
  isChanged: boolean
}

/** A text in stretches that the other has alike and that it has not: sign by sign where both are as long, else one stretch. */
function partsOf(text: string, other: string): Part[] {
  const one = [...text]
  const two = [...other]
  const isChanged = one.map((sign, index) => sign !== two[index])
  if (one.length !== two.length) {
    const most = Math.min(one.length, two.length)
    let start = 0
    while (start < most && one[start] === two[start]) start += 1
    let end = 0
    while (end < most - start && one.at(-1 - end) === two.at(-1 - end)) end += 1
    isChanged.forEach((_, index) => (isChanged[index] = index >= start && index < one.length - end))
  }
  const parts: Part[] = []
  one.forEach((sign, index) => {
    const last = parts.at(-1)
    if (last && last.isChanged === isChanged[index]) last.text += sign
    else parts.push({ text: sign, isChanged: isChanged[index] ?? false })
  })
  return parts
}

const shown = computed(() =>
  places.map(({ line, before, after }) => ({
    line,
    sides: [
      { name: t('findings.before'), tag: 'del', parts: partsOf(before, after) },
      { name: t('findings.after'), tag: 'ins', parts: partsOf(after, before) },
    ],
  })),
)
</script>

<template>
  <ol class="changed-lines">
    <li v-for="(place, index) in shown" :key="index">
      <span class="line">{{ t('findings.line', { line: place.line }) }}</span>
      <div v-for="side in place.sides" :key="side.tag" class="text" dir="auto">
        <span class="visually-hidden">{{ side.name }}: </span
        ><component :is="part.isChanged ? side.tag : 'span'" v-for="(part, at) in side.parts" :key="at">{{
          part.text
        }}</component>
      </div>
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

.text {
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
