<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Hit, Search } from '@/api/client'

/** Where the words stand in the questions of the shelf; the questions that are chosen can be gathered. */
const { found } = defineProps<{ found: Search }>()
const emit = defineEmits<{ gather: [hits: Hit[]] }>()
const { t } = useI18n()

const keyOf = ({ sheet, question }: Hit) => `${sheet} ${question}`
const chosen = ref<ReadonlySet<string>>(new Set())
watch(
  () => found,
  () => (chosen.value = new Set()),
)
const chosenHits = computed(() => found.hits.filter((hit) => chosen.value.has(keyOf(hit))))

function toggle(hit: Hit): void {
  const next = new Set(chosen.value)
  if (!next.delete(keyOf(hit))) next.add(keyOf(hit))
  chosen.value = next
}

const nameOf = ({ title, question }: Hit) =>
  question === null ? t('shelf.hitBetween', { title }) : t('shelf.hitIn', { title, question })
const placeOf = ({ sheet: id, question }: Hit) => ({
  name: 'desk',
  params: { id, leaf: 'proof' },
  query: question === null ? {} : { question },
})
</script>

<template>
  <section class="search-hits" :aria-label="t('shelf.hitsTitle')">
    <div class="head">
      <h2 aria-live="polite">{{ t('shelf.hits', found.hits.length) }}</h2>
      <Button v-if="chosenHits.length" size="small" @click="emit('gather', chosenHits)">{{
        t('shelf.gather', chosenHits.length)
      }}</Button>
    </div>
    <ul>
      <li v-for="(hit, index) in found.hits" :key="index">
        <input
          v-if="hit.question !== null"
          type="checkbox"
          :checked="chosen.has(keyOf(hit))"
          :aria-label="t('shelf.chooseHit', { title: hit.title, question: hit.question })"
          @change="toggle(hit)"
        />
        <RouterLink :to="placeOf(hit)">
          <span class="where">{{ nameOf(hit) }}</span>
          <span class="text" dir="auto"
            >{{ hit.before }}<mark>{{ hit.match }}</mark
            >{{ hit.after }}</span
          >
        </RouterLink>
      </li>
    </ul>
    <p v-if="!found.isAll" class="more">{{ t('shelf.moreHits', { n: found.hits.length }) }}</p>
  </section>
</template>

<style scoped>
.search-hits {
  border-block-start: 1px solid var(--rule);
  padding-block-end: 12px;
}

.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-block-size: 44px;
  padding-inline: 26px;
}

h2 {
  font-weight: 650;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr);
  align-items: start;
  padding: 6px 26px 6px 22px;
}

li:hover {
  background: var(--line-wash);
}

input {
  margin-block-start: 4px;
  accent-color: var(--ink);
}

a {
  grid-column: 2;
  display: block;
  color: inherit;
  text-decoration: none;
}

a:hover .where {
  text-decoration: underline;
}

.where,
.more {
  display: block;
  color: var(--soft);
  font-size: 13px;
}

.more {
  padding: 6px 26px;
}

.text {
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  overflow-wrap: anywhere;
}

mark {
  background: var(--doubt-wash);
  color: var(--ink);
  font-weight: 700;
}
</style>
