<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, Problem, type Written } from '@/api/client'
import { useNotice } from '@/composables/useNotice'
import { useOffer } from '@/composables/useOffer'
import { sizeInWords } from '@/parts/sizes'
import WorkNote from '@/parts/WorkNote.vue'
import type { PlacedBlock } from '../../sync/reading'
import type { Desk } from '../../useDesk'
import type { FacingItem } from '../../useFacing'
import FacingList from '../FacingList.vue'
import LeafFrame from '../LeafFrame.vue'
import { lossesByKind } from './losses'
import LossList from './LossList.vue'
import LossName from './LossName.vue'
import TargetChoice from './TargetChoice.vue'
import { styled, type StyleWords } from './target-style'
import TargetStyle from './TargetStyle.vue'
import { save, useSlowDownload } from './useSlowDownload'
import { useProspects } from './useProspects'
import { useWritten, type WantedTarget } from './useWritten'

/** First where it goes; then the text in it, each question facing its source, with what cannot go along named before. */
const { desk, sheetId } = defineProps<{
  desk: Pick<Desk, 'sheet' | 'reading' | 'settled' | 'setTarget' | 'goToBlock'>
  sheetId: string
}>()
const emit = defineEmits<{ moved: [] }>()
const { t } = useI18n()
const { say } = useNotice()
const { offer } = useOffer()
const list = useTemplateRef('list')

const own = computed(() => desk.sheet.value?.notation ?? null)
const chosen = useLocalStorage<string | null>(`notagram.target.${sheetId}`, null)
const target = computed(() => offer.value.targets.find(({ id }) => id === chosen.value))
const isReopened = ref(false)
const isChoosing = computed(() => !target.value || isReopened.value)
const prospects = useProspects(desk, sheetId, isChoosing)
const head = useTemplateRef<{ $el: HTMLElement }>('head')

async function choose(id: string): Promise<void> {
  chosen.value = id
  isReopened.value = false
  await nextTick()
  head.value?.$el.focus()
}

const styles = useLocalStorage<Record<string, StyleWords>>('notagram.target-styles', {})
const style = computed({
  get: () => styles.value[target.value?.id ?? ''] ?? [],
  set: (words) => (styles.value = { ...styles.value, [target.value?.id ?? '']: words }),
})
const hasPictures = computed(() => (desk.sheet.value?.pictures.length ?? 0) > 0)
const hasStyles = computed(() => target.value?.styles.some((one) => hasPictures.value || !one.isOfPictures) ?? false)
const wanted = computed<WantedTarget | null>((before) => {
  if (!target.value) return null
  const name = styled(target.value, style.value, hasPictures.value)
  return before?.name === name ? before : { name, isByBlock: target.value.isByBlock }
})
const { written, file, problem, again } = useWritten(desk, sheetId, wanted)
const paper = useTemplateRef('paper')
/** A page is looked at as it will print, and anew whenever its file is. */
const pageOf = computed(() =>
  target.value?.isPage && wanted.value && file.value
    ? `${api.page(sheetId, wanted.value.name)}?of=${encodeURIComponent(desk.reading.value.hash)}`
    : null,
)
// The file is called after the sheet.
watch(
  () => desk.sheet.value?.title,
  () => void again(),
)

interface HandoverItem extends FacingItem {
  block: PlacedBlock
  written: Written | null
}

const items = computed<HandoverItem[]>(() =>
  (target.value ? desk.reading.value.blocks : [])
    .filter((block) => block.kind !== 'blank')
    .map((block) => ({ key: block.key, block, written: written.value.get(block.key) ?? null }))
    .filter((item) => item.written === null || item.written.text !== '' || item.written.losses.length > 0),
)

const losses = computed(() => lossesByKind(items.value))
const lossCount = computed(() => losses.value.reduce((sum, group) => sum + group.losses.length, 0))
/** Whether nothing at all would be in the file. */
const isEmpty = computed(() => items.value.every((item) => item.written?.text === ''))
/** What faces the source: a page does not. */
const facing = computed(() => (target.value?.isPage ? [] : items.value))

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

const { writing, take, stop } = useSlowDownload(say)

/** What was typed a moment ago must be in the file. */
async function download(address: string): Promise<void> {
  await desk.settled()
  save(address)
}

async function downloadTarget(): Promise<void> {
  if (!wanted.value || !file.value) return
  const address = api.handedOverFile(sheetId, wanted.value.name)
  if (file.value.size !== null) return download(address)
  await desk.settled()
  await take(address, file.value.name)
}

function print(): void {
  paper.value?.contentWindow?.print()
}

defineExpose({ list, items: facing })
</script>

<template>
  <LeafFrame>
    <template #tools>
      <Button
        v-if="target"
        ref="head"
        size="small"
        severity="secondary"
        outlined
        :aria-expanded="isChoosing"
        :aria-label="t('handover.change', { target: target.label })"
        @click="isReopened = !isReopened"
        >{{ target.id === own ? t('handover.same', { notation: target.label }) : target.label }} ▾</Button
      >
      <span class="spacer" />
      <template v-if="target">
        <Button v-if="file?.isText" size="small" severity="secondary" outlined :disabled="isEmpty" @click="copy">{{
          t('handover.copy')
        }}</Button>
        <Button v-if="target.isPage" size="small" severity="secondary" outlined :disabled="!pageOf" @click="print">{{
          t('handover.print')
        }}</Button>
        <Button
          size="small"
          class="download"
          :disabled="isEmpty || !file || writing !== null"
          :title="file?.name ?? ''"
          @click="downloadTarget"
          >{{ t('handover.download', { name: file?.name ?? '…' }) }}</Button
        >
      </template>
    </template>
    <template #notice>
      <TargetChoice
        v-if="isChoosing"
        :targets="offer.targets"
        :prospects="prospects"
        :chosen="target?.id ?? null"
        :own="own"
        @choose="choose"
      >
        <p class="own">
          <button type="button" class="text-button" @click="download(api.mendedFile(sheetId))">
            {{ t('handover.mended') }}
          </button>
        </p>
      </TargetChoice>
      <template v-if="target">
        <TargetStyle
          v-if="hasStyles"
          v-model="style"
          :styles="target.styles"
          :has-pictures="hasPictures"
          :size="file?.size != null ? sizeInWords(file.size) : null"
        />
        <WorkNote v-if="writing" class="writing" @stop="stop">{{ t('handover.writing', { name: writing }) }}</WorkNote>
        <div class="losses" :class="{ 'is-none': !lossCount }" aria-live="polite">
          <p v-if="problem" class="problem">{{ problem }}</p>
          <template v-else>
            <h3>{{ t('handover.lossesTitle', lossCount) }}</h3>
            <p v-if="isEmpty && items.length">{{ t('handover.nothingGoes') }}</p>
            <LossList
              v-if="lossCount"
              :groups="losses"
              :label="t('handover.lossesTitle', lossCount)"
              @chosen="desk.goToBlock"
            />
          </template>
        </div>
      </template>
    </template>
    <iframe
      v-if="pageOf && !isChoosing"
      ref="paper"
      class="paper"
      :src="pageOf"
      :title="t('handover.page')"
      sandbox="allow-same-origin allow-modals"
    />
    <FacingList
      v-else-if="!isChoosing"
      ref="list"
      :items="items"
      :estimate="estimate"
      :label="t('desk.leaf.handover')"
      @moved="emit('moved')"
    >
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
        <p v-if="target" class="empty">{{ t('handover.empty') }}</p>
      </template>
    </FacingList>
  </LeafFrame>
</template>

<style scoped>
.paper {
  inline-size: 100%;
  border: 0;
  border-block-start: 1px solid var(--rule);
  background: #fff;
}

.download {
  max-inline-size: 340px;
  overflow: hidden;
}

.download :deep(.p-button-label) {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.own {
  padding-block: 14px 0;
  font-size: 13px;
}

.spacer {
  flex: 1;
}

.writing {
  margin: 0 20px 8px;
  font-size: 13px;
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
