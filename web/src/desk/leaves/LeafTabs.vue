<script setup lang="ts" generic="Name extends string">
import { computed, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { RouteLocationRaw } from 'vue-router'
import type { Count } from '../sync/reading'

/** The leaves of the right side, each an address; on a phone the source is one of them. */
const { count, open } = defineProps<{
  count: Readonly<Count>
  names: readonly Name[]
  open: Name
  to: (name: Name) => RouteLocationRaw
  hasSource: boolean
}>()
const isSourceOpen = defineModel<boolean>('source', { required: true })
const { t } = useI18n()

/** Of more than so many, each is narrower, so that all are in sight on a laptop. */
const MOST_WIDE = 6

const levels = computed(() =>
  (['fault', 'doubt', 'hint'] as const).filter((level) => count.isWhole && count[level] > 0),
)

function middleOf(element: Element): number {
  const { left, width } = element.getBoundingClientRect()
  return left + width / 2
}

/** Where they do not all fit, the open one is in sight. */
const tabs = useTemplateRef('tabs')
watch(
  () => [open, isSourceOpen.value, tabs.value, levels.value.length],
  () => {
    // With the next frame: where everything lies is worked out then anyhow.
    requestAnimationFrame(() => {
      const tab = tabs.value?.querySelector('.is-open')
      // Only the tabs move: nothing around them may.
      if (tabs.value && tab) tabs.value.scrollLeft += middleOf(tab) - middleOf(tabs.value)
    })
  },
  { immediate: true },
)
</script>

<template>
  <nav ref="tabs" class="leaf-tabs" :class="{ 'is-many': names.length > MOST_WIDE }" :aria-label="t('desk.leaves')">
    <button
      v-if="hasSource"
      type="button"
      :class="{ 'is-open': isSourceOpen }"
      :aria-pressed="isSourceOpen"
      @click="isSourceOpen = true"
    >
      {{ t('desk.source') }}
    </button>
    <RouterLink
      v-for="name in names"
      :key="name"
      replace
      :to="to(name)"
      :class="{ 'is-open': name === open && !(hasSource && isSourceOpen) }"
      :aria-current="name === open ? 'page' : undefined"
      :title="t(`desk.leafAbout.${name}`)"
      @click="isSourceOpen = false"
    >
      {{ t(`desk.leaf.${name}`) }}
      <template v-if="name === 'findings'">
        <span v-for="level in levels" :key="level" class="badge" :class="`is-${level}`"
          >{{ count[level] }}<span class="visually-hidden">{{ t(`levels.${level}`, count[level]) }}</span></span
        >
      </template>
    </RouterLink>
  </nav>
</template>

<style scoped>
nav.leaf-tabs {
  align-items: stretch;
  gap: 4px;
  padding-inline-start: 4px;
  overflow-x: auto;
  scrollbar-width: none;
}

.leaf-tabs > * {
  display: flex;
  flex: none;
  align-items: center;
  gap: 5px;
  margin-block-start: 4px;
  padding-inline: 14px;
  border: 0;
  border-radius: 4px 4px 0 0;
  background: transparent;
  color: var(--soft);
  font: inherit;
  text-decoration: none;
  white-space: nowrap;
}

.leaf-tabs > :hover {
  color: var(--ink);
}

.leaf-tabs > .is-open {
  background: var(--leaf);
  color: var(--ink);
  font-weight: 700;
}

.leaf-tabs > :focus-visible {
  outline-offset: -3px;
}

.badge {
  padding-inline: 5px;
  border-radius: 3px;
  font-size: 12px;
  font-weight: 700;
}

.badge.is-fault {
  background: var(--fault-wash);
  color: var(--fault);
}

.badge.is-doubt {
  background: var(--doubt-wash);
  color: var(--doubt);
}

.badge.is-hint {
  background: var(--hint-wash);
  color: var(--hint);
}

@media (width < 1400px) {
  .leaf-tabs > * {
    padding-inline: 11px;
  }

  nav.leaf-tabs.is-many {
    gap: 0;
    padding-inline-start: 0;
  }

  .is-many > * {
    padding-inline: 9px;
  }
}

@media (width < 1200px) {
  nav.leaf-tabs {
    gap: 0;
  }

  .leaf-tabs > * {
    padding-inline: 8px;
  }
}

@media (width < 760px) {
  /* The fading edge says that there is more. */
  nav.leaf-tabs {
    mask-image: linear-gradient(to right, #000 calc(100% - 36px), transparent);
  }

  /* Room for the last one beside the edge. */
  nav.leaf-tabs::after {
    flex: none;
    inline-size: 32px;
    content: '';
  }
}
</style>
