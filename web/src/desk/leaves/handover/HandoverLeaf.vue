<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, Problem, type Written } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import { lossesByGravity } from './losses'
import LossList from './LossList.vue'
import LossName from './LossName.vue'
import { styled, type StyleWords } from './target-style'
import TargetStyle from './TargetStyle.vue'
import { useWritten, type WantedTarget } from './useWritten'

/** The text in the chosen notation, each question facing its source; what cannot go along is named first. */
const { desk, sheetId } = defineProps<{
  desk: Pick<Desk, 'sheet' | 'reading' | 'settled' | 'setTarget' | 'goToBlock'>
  sheetId: string
}>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const { offer } = useOffer()
const list = useTemplateRef('list')

const own = computed(() => offer.value.notations.find(({ id }) => id === desk.sheet.value?.notation))
const chosen = useLocalStorage<string | null>(`notagram.target.${sheetId}`, null)
const target = computed(() => {
  const find = (wanted?: string | null) => offer.value.targets.find(({ id }) => id === wanted)
  return find(chosen.value) ?? find(own.value?.usualTarget)
})
const choices = computed(() =>
  offer.value.targets.map((one) => ({
    ...one,
    label: one.id === own.value?.id ? t('handover.same', { notation: one.label }) : one.label,
  })),
)
const styles = useLocalStorage<Record<string, StyleWords>>('notagram.target-styles', {})
const style = computed({
  get: () => styles.value[target.value?.id ?? ''] ?? [],
  set: (words) => (styles.value = { ...styles.value, [target.value?.id ?? '']: words }),
})
const wanted = computed<WantedTarget | null>((before) => {
  if (!target.value) return null
  const name = styled(target.value, style.value)
  return before?.name === name ? before : { name, isByBlock: target.value.isByBlock }
})
const { written, problem } = useWritten(desk, sheetId, wanted)

interface HandoverItem extends FacingItem {
  block: PlacedBlock
  written: Written | null
}

const items = computed<HandoverItem[]>(() =>
  desk.reading.value.blocks
    .filter((block) => block.kind !== 'blank')
    .map((block) => ({ key: block.key, block, written: written.value.get(block.key) ?? null }))
    .filter((item) => item.written === null || item.written.text !== '' || item.written.losses.length > 0),
)

const losses = computed(() => lossesByGravity(items.value))

const estimate = ({ written: one }: HandoverItem) =>
  26 + (one ? one.text.split('\n').length * 20 + one.losses.length * 26 : 40)

async function copy(): Promise<void> {
  if (!wanted.value) return
  try {
    // What was typed a moment ago must be in it.
    await desk.settled()
    await navigator.clipboard.writeText(await api.handedOver(sheetId, wanted.value.name))
    say(t('handover.copied'))
  } catch (error) {
    say(error instanceof Problem ? error.message : t('handover.copyFailed'))
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
        :model-value="target?.id"
        :aria-label="t('handover.to')"
        size="small"
        :options="choices"
        option-label="label"
        option-value="id"
        @update:model-value="chosen = $event"
      />
      <span class="spacer" />
      <Button size="small" @click="wanted && download(api.handedOverFile(sheetId, wanted.name))">{{
        t('handover.download')
      }}</Button>
      <Button v-if="target?.isText" size="small" severity="secondary" outlined @click="copy">{{
        t('handover.copy')
      }}</Button>
      <Button size="small" severity="secondary" outlined class="mended" @click="download(api.mendedFile(sheetId))">{{
        t('handover.mended')
      }}</Button>
    </template>
    <template #notice>
      <p v-if="target" class="about">{{ target.about }}</p>
      <TargetStyle v-if="target?.styles.length" v-model="style" :styles="target.styles" />
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
        <p class="empty">{{ t('handover.empty') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.about {
  padding: 0 20px 6px;
  color: var(--soft);
  font-size: 13px;
}

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
