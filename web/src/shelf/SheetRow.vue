<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { ShelfSheet } from '@/api/client'
import { useOffer } from '@/composables/useOffer'
import NameField from '@/parts/NameField.vue'
import LyingSpine from './LyingSpine.vue'
import { when } from './when'

const {
  sheet,
  isChosen = false,
  isPicked = false,
} = defineProps<{
  sheet: ShelfSheet
  /** Whether Tab comes to this row: of a list, it stops at one. */
  isChosen?: boolean
  /** Whether it is one of those that something is to be done with. */
  isPicked?: boolean
}>()
const emit = defineEmits<{
  rename: [title: string]
  takeOff: []
  pick: []
  shift: [step: 1 | -1]
  drag: [event: DragEvent]
}>()

const { t } = useI18n()
const { labelOf } = useOffer()
/** What the sheet waits for; nothing, where it can go on its way. */
const waits = computed(() => {
  if (sheet.awaitsTidying) return t('shelf.notTidied')
  return sheet.unmarked ? t('shelf.toMark', sheet.unmarked) : null
})
const isRenaming = ref(false)
const link = useTemplateRef('link')

const changed = computed(() =>
  when(sheet.changedAt, { today: (time) => t('shelf.today', { time }), yesterday: t('shelf.yesterday') }),
)
const expected = computed(() => (sheet.expected !== null && sheet.expected !== sheet.count ? sheet.expected : null))

function endRenaming(): void {
  isRenaming.value = false
  void nextTick(() => (link.value as unknown as { $el: HTMLElement } | null)?.$el.focus())
}
</script>

<template>
  <li
    class="sheet-row"
    :class="{ 'is-picked': isPicked }"
    draggable="true"
    @dragstart="emit('drag', $event)"
    @keydown.f2.prevent="isRenaming = true"
    @keydown.delete.self.prevent="emit('takeOff')"
  >
    <input
      type="checkbox"
      class="pick"
      tabindex="-1"
      :checked="isPicked"
      :aria-label="t('shelf.pick', { title: sheet.title })"
      @change="emit('pick')"
    />
    <div class="name">
      <NameField
        v-if="isRenaming"
        :name="sheet.title"
        :label="t('shelf.newName')"
        :max-length="200"
        @rename="emit('rename', $event)"
        @end="endRenaming"
      />
      <RouterLink
        v-else
        ref="link"
        class="title"
        data-stop
        draggable="false"
        :to="{ name: 'desk', params: { id: sheet.id, leaf: sheet.awaitsTidying ? 'tidied' : 'proof' } }"
        :tabindex="isChosen ? 0 : -1"
        @keydown.delete.prevent="emit('takeOff')"
        @keydown.space.prevent="emit('pick')"
        @keydown.alt.up.prevent.stop="emit('shift', -1)"
        @keydown.alt.down.prevent.stop="emit('shift', 1)"
        >{{ sheet.title }}</RouterLink
      >
      <span class="when">{{ changed }}</span>
    </div>
    <span class="notation">{{ labelOf(sheet.notation) }}</span>
    <LyingSpine :states="sheet.states" />
    <span class="count">
      <template v-if="sheet.count === 0">{{ t('shelf.empty') }}</template>
      <template v-else>
        <b :class="{ 'is-short': sheet.sound < sheet.count }">{{ sheet.sound.toLocaleString('en') }}</b>
        {{ t('shelf.ofReady', { n: sheet.count.toLocaleString('en') }) }}
      </template>
      <span v-if="waits" class="waits">{{ waits }}</span>
      <span v-if="expected !== null" class="expected">{{ t('desk.expected', { expected }) }}</span>
    </span>
    <span class="doings">
      <button
        type="button"
        tabindex="-1"
        :aria-label="t('shelf.renameSheet', { title: sheet.title })"
        @click="isRenaming = true"
      >
        {{ t('shelf.rename') }}
      </button>
      <button
        type="button"
        tabindex="-1"
        :aria-label="t('shelf.takeOffSheet', { title: sheet.title })"
        @click="emit('takeOff')"
      >
        {{ t('shelf.takeOff') }}
      </button>
    </span>
  </li>
</template>

<style scoped>
.sheet-row {
  position: relative;
  display: grid;
  grid-template-columns: minmax(160px, 1.4fr) 70px minmax(90px, 1fr) 128px;
  align-items: center;
  gap: 20px;
  min-block-size: 63px;
  padding: 8px 26px;
  border-block-start: 1px solid var(--rule);
  content-visibility: auto;
  contain-intrinsic-block-size: auto 80px;
}

.sheet-row:hover,
.sheet-row:focus-within,
.sheet-row.is-picked {
  background: var(--line-wash);
}

/* It is seen where it may be wanted, and where it is ticked. */
.pick {
  position: absolute;
  z-index: 1;
  inset-inline-start: 6px;
  inset-block-start: 24px;
  accent-color: var(--ink);
}

@media (hover: hover) {
  .sheet-row:not(:hover, .is-picked) .pick {
    opacity: 0;
  }
}

.name {
  min-inline-size: 0;
}

.title {
  display: block;
  font-family: var(--font-question);
  font-size: 17px;
  line-height: 1.3;
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

/* The whole row opens the sheet; what can be done with it lies above. */
.title::after {
  content: '';
  position: absolute;
  inset: 0;
}

.title:focus-visible {
  outline: none;
}

.title:focus-visible::after {
  outline: 2px solid var(--dye);
  outline-offset: -2px;
}

.when,
.notation,
.count {
  color: var(--soft);
  font-size: 13px;
}

.count {
  text-align: end;
  white-space: nowrap;
}

.count b {
  color: var(--ink);
  font-weight: 700;
}

.count b.is-short {
  color: var(--fault);
}

.waits,
.expected {
  display: block;
  font-size: 12px;
}

.waits {
  color: var(--hint);
}

.expected {
  color: var(--doubt);
}

.doings {
  position: absolute;
  inset-inline-end: 172px;
  display: none;
  background: var(--line-wash);
}

/* Plain, since a shelf may have hundreds. */
.doings button {
  min-block-size: 30px;
  padding-inline: 10px;
  border: 0;
  border-radius: 4px;
  background: transparent;
  color: var(--soft);
  font: inherit;
  font-size: 14px;
  cursor: pointer;
}

.doings button:hover {
  background: var(--rule);
  color: var(--ink);
}

/* Keys do the same, so that what has the focus is not covered. */
.sheet-row:hover .doings {
  display: flex;
}

@media (width < 900px) {
  .sheet-row {
    grid-template-columns: 1fr 128px;
  }

  .title {
    white-space: normal;
  }

  .notation,
  .lying-spine {
    display: none;
  }

  /* Below the name, where they cover nothing and need no pointer that hovers. */
  .sheet-row .doings {
    position: relative;
    inset: auto;
    grid-column: 1 / -1;
    display: flex;
    margin: -12px 0 -2px -9px;
    background: transparent;
  }
}
</style>
