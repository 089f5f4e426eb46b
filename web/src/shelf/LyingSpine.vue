<script setup lang="ts">
import { computed } from 'vue'
import BeadShape from '@/parts/BeadShape.vue'
import type { State } from '@/desk/sync/reading'

/** A sheet's spine lying down: one small bead a question, or a line with marks where there are many. */
const { states } = defineProps<{ states: string }>()

const WIDTH = 300
const MOST_BEADS = 40
const NAMES: Record<string, State> = { s: 'sound', h: 'hint', d: 'doubt', f: 'fault', b: 'broken' }

const isLine = computed(() => states.length > MOST_BEADS)
const step = computed(() => Math.min(13, (WIDTH - 12) / Math.max(1, states.length - 1)))
/** The beads of each state together: a shelf has thousands. */
const beads = computed(() => {
  const byState = new Map<State, number[]>()
  if (isLine.value) return byState
  ;[...states].forEach((letter, index) => {
    const state = NAMES[letter] ?? 'sound'
    byState.set(state, [...(byState.get(state) ?? []), 6 + index * step.value])
  })
  return byState
})

/** On the line, what is not sound; marks that would lie on one another are one, as bad as the worst. */
const marks = computed(() => {
  if (!isLine.value) return []
  const byPlace = new Map<number, string>()
  const badness = 'hdfb'
  ;[...states].forEach((letter, index) => {
    if (letter === 's') return
    const x = Math.round(2 + (index / states.length) * (WIDTH - 4))
    const place = x - (x % 3)
    if (badness.indexOf(letter) > badness.indexOf(byPlace.get(place) ?? ' ')) byPlace.set(place, letter)
  })
  return [...byPlace].map(([x, letter]) => ({ x, state: NAMES[letter] ?? 'sound' }))
})
</script>

<template>
  <svg class="lying-spine" :viewBox="`0 0 ${WIDTH} 18`" :width="WIDTH" height="18" aria-hidden="true">
    <template v-if="isLine">
      <path class="line" :d="`M1 9H${WIDTH - 1}`" />
      <rect
        v-for="mark in marks"
        :key="mark.x"
        class="mark"
        :class="`is-${mark.state}`"
        :x="mark.x"
        :y="mark.state === 'fault' || mark.state === 'broken' ? 2 : 4"
        :width="mark.state === 'broken' ? 3 : 2"
        :height="mark.state === 'fault' || mark.state === 'broken' ? 14 : 10"
      />
    </template>
    <template v-else>
      <path v-if="states.length > 1" class="thread" :d="`M6 9H${6 + (states.length - 1) * step}`" />
      <g transform="translate(0 9)">
        <BeadShape v-for="[state, at] in beads" :key="state" :state="state" :at="at" :size="step < 11 ? 6 : 9" />
      </g>
    </template>
  </svg>
</template>

<style scoped>
.lying-spine {
  max-inline-size: 100%;
}

.line {
  stroke: var(--thread);
  stroke-width: 4;
  stroke-linecap: round;
}

.thread {
  stroke: var(--thread);
}

.mark.is-fault,
.mark.is-broken {
  fill: var(--fault);
}

.mark.is-doubt {
  fill: var(--doubt);
}

.mark.is-hint {
  fill: var(--hint);
}
</style>
