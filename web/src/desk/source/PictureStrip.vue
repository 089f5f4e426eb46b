<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { useI18n } from 'vue-i18n'
import type { Picture, PictureUse } from '@/api/client'
import { sizeInWords } from '@/parts/sizes'

/** The pictures that are kept with the sheet: how large each is, and where it stands. */
defineProps<{
  pictures: readonly { picture: Picture; use: PictureUse | null }[]
  /** Whether the notation has a place for more. */
  canPut: boolean
}>()
const emit = defineEmits<{
  put: [picture: Picture]
  remove: [picture: Picture]
  question: [number: number]
  choose: []
}>()
const { t } = useI18n()
const isOpen = useLocalStorage('notagram.pictures-open', true)

/** More numbers than these lead nobody anywhere. */
const SHOWN = 6
</script>

<template>
  <section class="picture-strip" :aria-label="t('picture.all')">
    <div class="head">
      <button type="button" class="text-button" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        {{ t('picture.count', pictures.length) }} {{ isOpen ? '▾' : '▸' }}
      </button>
      <button v-if="canPut" type="button" class="text-button" @click="emit('choose')">{{ t('picture.add') }}</button>
    </div>
    <ul v-if="isOpen" tabindex="0" :aria-label="t('picture.all')">
      <li v-for="{ picture, use } in pictures" :key="picture.number">
        <img v-if="picture.address" :src="picture.address" alt="" loading="lazy" />
        <span v-else class="unseen" aria-hidden="true">?</span>
        <span class="about">
          <b>{{ picture.name }}</b>
          <span class="facts">
            <template v-if="picture.width"
              >{{ t('picture.dots', { width: picture.width, height: picture.height }) }} ·
            </template>
            {{ sizeInWords(picture.size) }}
            <template v-if="!picture.address">{{ t('picture.unseen') }}</template>
          </span>
        </span>
        <span class="use">
          <template v-if="use?.questions.length">
            {{ t('picture.in', use.questions.length) }}
            <button
              v-for="number in use.questions.slice(0, SHOWN)"
              :key="number"
              type="button"
              class="text-button"
              :aria-label="t('handover.question', { number })"
              @click="emit('question', number)"
            >
              {{ number }}
            </button>
            <template v-if="use.questions.length > SHOWN">{{
              t('handover.more', { n: use.questions.length - SHOWN })
            }}</template>
          </template>
          <template v-else-if="use && !use.isUsed">{{ t('picture.unused') }}</template>
        </span>
        <button
          v-if="canPut && picture.address"
          type="button"
          class="text-button"
          :aria-label="t('picture.putNamed', { name: picture.name })"
          @click="emit('put', picture)"
        >
          {{ t('picture.put') }}
        </button>
        <button
          v-if="use && !use.isUsed"
          type="button"
          class="text-button"
          :aria-label="t('picture.removeNamed', { name: picture.name })"
          @click="emit('remove', picture)"
        >
          {{ t('picture.remove') }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.picture-strip {
  padding: 4px 16px 6px;
  border-block-start: 1px solid var(--rule);
  background: var(--leaf);
  font-size: 13px;
}

.head,
li {
  display: flex;
  align-items: center;
  gap: 10px;
}

.head {
  justify-content: space-between;
}

button {
  min-block-size: 24px;
  min-inline-size: 24px;
  flex: none;
}

ul {
  max-block-size: 124px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

li {
  padding-block: 3px;
}

img,
.unseen {
  flex: none;
  inline-size: 40px;
  block-size: 32px;
  border: 1px solid var(--rule);
  background: #fff;
  object-fit: contain;
}

.unseen {
  color: #444;
  line-height: 30px;
  text-align: center;
}

.about {
  display: grid;
  flex: 1;
  min-inline-size: 0;
  line-height: 1.25;
}

.about b {
  overflow: hidden;
  font-weight: 600;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.facts,
.use {
  color: var(--soft);
}
</style>
