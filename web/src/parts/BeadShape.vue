<script setup lang="ts">
import type { State } from '@/desk/sync/reading'

/** A question's state by shape and colour: circle, dotted circle, triangle, square, filled square. */
const { state, size = 24 } = defineProps<{ state: State; size?: number }>()
</script>

<template>
  <g class="bead-shape" :class="`is-${state}`">
    <path
      v-if="state === 'doubt'"
      :d="`M0 ${-size * 0.58}L${size * 0.58} ${size * 0.46}H${-size * 0.58}Z`"
      stroke-linejoin="round"
    />
    <rect
      v-else-if="state === 'fault' || state === 'broken'"
      :x="-size * 0.42"
      :y="-size * 0.42"
      :width="size * 0.84"
      :height="size * 0.84"
      rx="1.5"
    />
    <circle v-else :r="size / 2" />
  </g>
</template>

<style scoped>
.bead-shape {
  fill: var(--leaf);
  stroke: var(--dye);
  stroke-width: 1.5;
}

.is-hint {
  fill: var(--hint-wash);
  stroke: var(--hint);
  stroke-dasharray: 3 2;
}

.is-doubt {
  fill: var(--doubt-wash);
  stroke: var(--doubt);
}

.is-fault {
  fill: var(--fault-wash);
  stroke: var(--fault);
  stroke-width: 2;
}

.is-broken {
  fill: var(--fault);
  stroke: var(--fault);
}
</style>
