<script setup lang="ts">
import { computed } from 'vue'
import type { State } from '@/desk/sync/reading'
import { beadPath } from './bead'

/** A question's state by shape and colour; several of one state in a row are one shape. */
const {
  state,
  size = 24,
  at = [0],
} = defineProps<{
  state: State
  size?: number
  /** Where the middles lie along the row. */
  at?: readonly number[]
}>()
const path = computed(() => at.map((x) => beadPath(state, size, x)).join(''))
</script>

<template>
  <path class="bead-shape" :class="`is-${state}`" :d="path" />
</template>

<style scoped>
.bead-shape {
  fill: var(--leaf);
  stroke: var(--dye);
  stroke-width: 1.5;
  stroke-linejoin: round;
}

.is-unread {
  stroke: var(--rule);
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
