<script setup lang="ts">
import { computed, shallowRef, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import BeadShape from '@/parts/BeadShape.vue'
import type { Extent } from '../facing'
import { blockIndexAt, type PlacedBlock, type State, stateOf } from '../sync/reading'
import { asRead, readingField } from '../source/reading-field'
import type { Desk } from '../useDesk'
import type { FacingItem, FacingSide } from '../useFacing'
import { useHeight } from '../useHeight'
import { beadPlaces, bracket, thread } from './layout'

/** The strip between source and leaf: a bead for each question in sight, tied to its text and to its outcome. */
const { desk, leaf, items, moved, sourceExtent } = defineProps<{
  desk: Pick<Desk, 'reading' | 'view' | 'cursor' | 'goToBlock'>
  leaf: FacingSide | null
  items: readonly FacingItem[]
  moved: number
  sourceExtent: (block: PlacedBlock) => Extent | null
}>()

const WIDTH = 64
const MIDDLE = WIDTH / 2

const { t } = useI18n()
const strip = useTemplateRef('strip')
const height = useHeight(strip)

interface Bead {
  block: PlacedBlock
  state: State
  y: number
  left: string
  right: string
  threads: string[]
}

const beads = shallowRef<Bead[]>([])

const itemOf = computed(() => {
  const map = new Map<PlacedBlock, number>()
  items.forEach((item, index) => item.block && map.set(item.block, index))
  return map
})

/** The blocks in sight on either side. */
function inSight(): PlacedBlock[] {
  const view = desk.view.value
  const { blocks } = desk.reading.value
  if (!view || !blocks.length) return []
  const state = view.state.field(readingField)
  const { scrollTop, clientHeight } = view.scrollDOM
  const at = (y: number) =>
    blockIndexAt(blocks, asRead(state, view.lineBlockAtHeight(y - view.documentPadding.top).from))
  let from = Math.max(0, at(scrollTop))
  let to = at(scrollTop + clientHeight)
  if (leaf?.scroller && items.length) {
    const top = leaf.scroller.scrollTop
    const first = items[leaf.indexAt(top)]?.block
    const last = items[leaf.indexAt(top + leaf.scroller.clientHeight)]?.block
    if (first) from = Math.min(from, blockIndexAt(blocks, first.from))
    if (last) to = Math.max(to, blockIndexAt(blocks, last.from))
  }
  return blocks.slice(from, to + 1).filter((block) => block.number !== null)
}

function draw(): void {
  const view = desk.view.value
  if (!view || !height.value) return
  const offset = view.documentPadding.top - view.scrollDOM.scrollTop
  // A leaf may have tools above its list.
  const above = (leaf?.scroller?.getBoundingClientRect().top ?? 0) - (strip.value?.getBoundingClientRect().top ?? 0)
  const leafTop = (leaf?.scroller?.scrollTop ?? 0) - above
  const pairs = inSight().flatMap((block) => {
    const source = sourceExtent(block)
    if (!source) return []
    const left = { top: source.top + offset, bottom: source.bottom + offset }
    const index = itemOf.value.get(block)
    const there = index === undefined ? undefined : leaf?.extentOf(index)
    const right = there ? { top: there.top - leafTop, bottom: there.bottom - leafTop - 10 } : null
    return [{ block, left, right }]
  })
  const places = beadPlaces(
    pairs.map(({ left, right }) => ({ left, right: right ?? left })),
    height.value,
  )
  beads.value = pairs.map(({ block, left, right }, index) => {
    const y = places[index]?.y ?? 0
    const state = stateOf(block)
    const middle = ({ top, bottom }: Extent) => (Math.max(top, -20) + Math.min(bottom, height.value + 20)) / 2
    return {
      block,
      state,
      y,
      left: bracket(7, left, 5),
      right: right ? bracket(WIDTH - 7, right, -5) : '',
      threads: [
        thread(7, middle(left), MIDDLE - 12, y),
        ...(right ? [thread(WIDTH - 7, middle(right), MIDDLE + 12, y)] : []),
      ],
    }
  })
}

let isAsked = false
watch(
  () => [moved, height.value, desk.reading.value, items, leaf],
  () => {
    if (isAsked) return
    isAsked = true
    requestAnimationFrame(() => {
      isAsked = false
      draw()
    })
  },
  { immediate: true },
)

const isHere = (block: PlacedBlock) => desk.reading.value.blocks[desk.cursor.value.block] === block
</script>

<template>
  <nav ref="strip" class="spine-strip" :aria-label="t('desk.beads')" :title="t('desk.spineAbout')">
    <svg :width="WIDTH" :height="height" aria-hidden="true">
      <g v-for="bead in beads" :key="bead.block.key" class="tie" :class="`is-${bead.state}`">
        <path :d="bead.left" />
        <path v-if="bead.right" :d="bead.right" />
        <path v-for="line in bead.threads" :key="line" class="thread" :d="line" />
      </g>
      <g v-for="bead in beads" :key="bead.block.key" :transform="`translate(${MIDDLE} ${bead.y})`">
        <circle v-if="isHere(bead.block)" class="here" r="17" />
        <BeadShape :state="bead.state" />
      </g>
    </svg>
    <button
      v-for="bead in beads"
      :key="bead.block.key"
      type="button"
      class="bead"
      :class="`is-${bead.state}`"
      :style="{ transform: `translateY(${bead.y - 13}px)` }"
      :aria-label="t('desk.bead', { number: bead.block.number, state: t(`state.${bead.state}`) })"
      :title="t('desk.bead', { number: bead.block.number, state: t(`state.${bead.state}`) })"
      :aria-current="isHere(bead.block) || undefined"
      @click="desk.goToBlock(bead.block)"
    >
      {{ bead.block.number }}
    </button>
  </nav>
</template>

<style scoped>
.spine-strip {
  position: relative;
  overflow: hidden;
  background: var(--desk);
}

svg {
  position: absolute;
  inset: 0;
}

.tie path {
  fill: none;
  stroke: var(--thread);
  stroke-width: 1.5;
}

.tie .thread {
  stroke-width: 1.2;
}

.tie.is-hint path {
  stroke: var(--hint);
}

.tie.is-doubt path {
  stroke: var(--doubt);
}

.tie.is-fault path,
.tie.is-broken path {
  stroke: var(--fault);
}

.tie.is-broken .thread {
  stroke-dasharray: 3 3;
}

.here {
  fill: var(--dye-wash);
  stroke: none;
}

.bead {
  position: absolute;
  inset-block-start: 0;
  inset-inline: 0;
  margin-inline: auto;
  inline-size: 28px;
  block-size: 26px;
  padding: 0;
  border: 0;
  border-radius: 50%;
  background: transparent;
  color: var(--dye);
  font: inherit;
  font-size: 11px;
  font-weight: 700;
  cursor: pointer;
}

.bead.is-hint {
  color: var(--hint);
}

.bead.is-doubt {
  color: var(--doubt);
  padding-block-start: 4px;
}

.bead.is-fault {
  color: var(--fault);
}

.bead.is-broken {
  color: var(--on-ink);
}
</style>
