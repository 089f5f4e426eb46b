<script setup lang="ts" generic="T extends { key: string }">
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef, watch } from 'vue'
import type { Extent } from '../facing'
import { useHeight } from '../useHeight'

/**
 * A list that faces the source: only what is in sight is drawn, and it can say where each item lies.
 *
 * Heights are estimated until an item was once drawn.
 */
const {
  items,
  estimate,
  label,
  role = 'region',
} = defineProps<{
  items: readonly T[]
  estimate: (item: T) => number
  label: string
  /** A list whose items are rows of a table is a grid. */
  role?: 'region' | 'grid'
}>()
const emit = defineEmits<{ moved: [] }>()
defineSlots<{ default: (props: { item: T }) => unknown; empty: () => unknown }>()

const OVERSCAN = 400
const PADDING = 14

const scroller = useTemplateRef('scroller')
const clientHeight = useHeight(scroller)
const scrollTop = ref(0)
const heights = shallowRef<ReadonlyMap<string, number>>(new Map())

const tops = computed(() => {
  const list = new Float64Array(items.length + 1)
  list[0] = PADDING
  items.forEach((item, index) => {
    list[index + 1] = (list[index] as number) + (heights.value.get(item.key) ?? estimate(item))
  })
  return list
})

const total = computed(() => (tops.value[items.length] as number) + Math.max(PADDING, clientHeight.value * 0.4))

/** The last item that begins at or above a height. */
function indexAt(y: number): number {
  let low = 0
  let high = items.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if ((tops.value[middle] as number) <= y) low = middle
    else high = middle - 1
  }
  return low
}

/** Paper shows everything. */
const isPrinted = ref(false)
useEventListener(window, 'beforeprint', () => (isPrinted.value = true))
useEventListener(window, 'afterprint', () => (isPrinted.value = false))

const first = computed(() => indexAt(scrollTop.value - OVERSCAN))
const drawn = computed(() => {
  if (isPrinted.value) return items
  const last = items.length ? indexAt(scrollTop.value + clientHeight.value + OVERSCAN) : -1
  return items.slice(first.value, last + 1)
})
const lead = computed(() => tops.value[first.value] ?? PADDING)

let waiting: Map<string, number> | null = null
const observer = new ResizeObserver((entries) => {
  for (const entry of entries) {
    const { key } = (entry.target as HTMLElement).dataset
    const height = entry.borderBoxSize[0]?.blockSize ?? 0
    if (!key || height === 0 || heights.value.get(key) === height) continue
    waiting ??= new Map(heights.value)
    waiting.set(key, height)
  }
  if (waiting) {
    heights.value = waiting
    waiting = null
  }
})
onBeforeUnmount(() => observer.disconnect())

const observed = new Map<string, Element>()
function observe(key: string, element: unknown): void {
  const known = observed.get(key)
  if (known === element) return
  if (known) observer.unobserve(known)
  if (element instanceof Element) {
    observed.set(key, element)
    observer.observe(element)
  } else {
    observed.delete(key)
  }
}

watch([tops, clientHeight], () => emit('moved'), { flush: 'post' })

function onScroll(): void {
  scrollTop.value = scroller.value?.scrollTop ?? 0
  emit('moved')
}

defineExpose({
  scroller,
  indexAt,
  extentOf: (index: number): Extent => ({ top: tops.value[index] ?? 0, bottom: tops.value[index + 1] ?? 0 }),
  scrollTo: (top: number) => {
    if (scroller.value) scroller.value.scrollTop = top
  },
})
</script>

<template>
  <div ref="scroller" class="facing-list" tabindex="0" :role="role" :aria-label="label" @scroll.passive="onScroll">
    <slot v-if="!items.length" name="empty" />
    <div v-else class="all" :style="{ height: `${total}px` }">
      <div class="drawn" :style="{ transform: `translateY(${lead}px)` }">
        <div
          v-for="item in drawn"
          :key="item.key"
          :ref="(element) => observe(item.key, element)"
          :data-key="item.key"
          class="item"
        >
          <slot :item="item" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.facing-list {
  position: relative;
  block-size: 100%;
  overflow: hidden auto;
  overflow-anchor: none;
  background: var(--leaf);
}

.facing-list:focus-visible {
  outline-offset: -2px;
}

.all {
  contain: layout;
}

@media print {
  .facing-list,
  .all {
    block-size: auto !important;
    overflow: visible;
  }

  .drawn {
    transform: none !important;
  }

  .item {
    break-inside: avoid;
  }
}

.item {
  /* Margins of what is inside belong to the item's height. */
  display: flow-root;
}
</style>
