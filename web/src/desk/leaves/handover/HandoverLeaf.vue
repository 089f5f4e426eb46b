<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onScopeDispose, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, type Written } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import { type ListStyle, styled, USUAL_STYLE } from './list-style'
import ListStyleChoice from './ListStyle.vue'
import { lossesByGravity } from './losses'
import LossList from './LossList.vue'
import LossName from './LossName.vue'
import { useWritten } from './useWritten'

/** The text in the chosen notation, each question facing its source; what cannot go along is named first. */
const { desk, sheetId } = defineProps<{ desk: Desk; sheetId: string }>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const { offer, labelOf } = useOffer()
const list = useTemplateRef('list')

const own = computed(() => desk.sheet.value?.notation ?? 'gift')
const chosen = useLocalStorage<string | null>(`notagram.target.${sheetId}`, null)
// A printed test is written down to become something else.
const usual = computed(() => (own.value === 'starred' ? 'gift' : own.value))
const target = computed({ get: () => chosen.value ?? usual.value, set: (value) => (chosen.value = value) })
const choices = computed(() =>
  offer.value.notations.map(({ id, label }) => ({
    id,
    label: id === own.value ? t('handover.same', { notation: label }) : label,
  })),
)
const style = useLocalStorage<ListStyle>('notagram.list-style', USUAL_STYLE, { mergeDefaults: true })
const hasStyle = computed(() => target.value === 'starred')
const wanted = computed(() => (hasStyle.value ? styled(target.value, style.value) : target.value))
const { written, problem, stop } = useWritten(desk, sheetId, wanted)
onScopeDispose(stop)

interface HandoverItem extends FacingItem {
  block: PlacedBlock
  written: Written | null
}

const items = computed<HandoverItem[]>(() => {
  let number = 0
  return desk.reading.value.blocks
    .filter((block) => block.kind !== 'blank')
    .map((block) => {
      const one = written.value.get(block.id) ?? null
      const text = one?.isNumbered && one.text ? `${(number += 1)}. ${one.text}` : one?.text
      return { key: block.key, block, written: one && { ...one, text: text ?? '' } }
    })
    .filter((item) => item.written === null || item.written.text !== '' || item.written.losses.length > 0)
})

const losses = computed(() => lossesByGravity(items.value))

const text = computed(() => {
  const texts = items.value.flatMap(({ written: one }) => (one?.text ? [one.text] : []))
  return texts.length ? `${texts.join('\n\n')}\n` : ''
})

const estimate = ({ written: one }: HandoverItem) =>
  26 + (one ? one.text.split('\n').length * 20 + one.losses.length * 26 : 40)

async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(text.value)
    say(t('handover.copied'))
  } catch {
    say(t('handover.copyFailed'))
  }
}

/** What was typed a moment ago must be in the file. */
async function download(address: string): Promise<void> {
  await desk.settled()
  const link = document.createElement('a')
  link.href = address
  link.download = ''
  link.click()
}

defineExpose({ list, items })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <Select
        v-model="target"
        :aria-label="t('handover.to')"
        size="small"
        :options="choices"
        option-label="label"
        option-value="id"
      />
      <span class="spacer" />
      <Button size="small" @click="download(api.convertedFile(sheetId, wanted))">{{ t('handover.download') }}</Button>
      <Button size="small" severity="secondary" outlined @click="copy">{{ t('handover.copy') }}</Button>
      <Button size="small" severity="secondary" outlined class="mended" @click="download(api.mendedFile(sheetId))">{{
        t('handover.mended')
      }}</Button>
    </template>
    <template #notice>
      <ListStyleChoice v-if="hasStyle" v-model="style" />
      <div class="losses" :class="{ 'is-none': !losses.length }" aria-live="polite">
        <p v-if="problem" class="problem">{{ problem }}</p>
        <template v-else>
          <h3>{{ t('handover.lossesTitle', losses.length) }}</h3>
          <LossList
            v-if="losses.length"
            :losses="losses"
            :label="t('handover.lossesTitle', losses.length)"
            @chosen="desk.goToBlock"
          />
        </template>
      </div>
    </template>
    <FacingList ref="list" :items="items" :estimate="estimate" :label="t('desk.leaf.handover')" @moved="emit('moved')">
      <template #default="{ item }">
        <div class="written">
          <pre v-if="item.written?.text" dir="auto">{{ item.written.text }}</pre>
          <p v-else class="not">{{ item.written ? t('handover.nothingWritten') : t('handover.waiting') }}</p>
          <p v-for="(loss, index) in item.written?.losses" :key="index" class="loss">
            <LossName :kind="loss.kind" /> {{ loss.message }}
          </p>
        </div>
      </template>
      <template #empty>
        <p class="empty">{{ t('handover.empty', { notation: labelOf(target) }) }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.spacer {
  flex: 1;
}

.losses {
  margin-inline: 20px;
  padding: 6px 12px;
  border-inline-start: 3px solid var(--doubt);
  background: var(--doubt-wash);
  font-size: 13px;
}

.losses.is-none {
  border-color: var(--rule);
  background: var(--source);
  color: var(--soft);
}

h3 {
  font-weight: 650;
}

.written {
  padding: 6px 22px;
}

pre {
  margin: 0;
  font-family: var(--font-source);
  font-size: 12.5px;
  font-variant-ligatures: none;
  line-height: 20px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

.loss,
.not {
  color: var(--soft);
  font-size: 13px;
}

.not {
  padding: 4px 10px;
  border: 1px dashed var(--control);
  border-radius: 4px;
}

.loss {
  margin-block-start: 3px;
}
</style>
