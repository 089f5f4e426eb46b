<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Picture } from '@/api/client'
import { sizeInWords } from '@/parts/sizes'

/** What a picture shows, asked before it is put in. */
const { picture } = defineProps<{ picture: Picture | null }>()
const emit = defineEmits<{ enter: [description: string]; leave: [] }>()
const { t } = useI18n()
const description = ref('')

watch(
  () => picture,
  () => (description.value = ''),
)
</script>

<template>
  <Dialog
    :visible="picture !== null"
    modal
    :header="t('picture.title')"
    class="picture-dialog"
    :close-button-props="{ ariaLabel: t('app.close'), severity: 'secondary', text: true }"
    @update:visible="$event || emit('leave')"
  >
    <template v-if="picture">
      <figure>
        <img :src="picture.address ?? ''" :alt="t('picture.preview')" />
        <figcaption>
          <b>{{ picture.name }}</b> · {{ t('picture.dots', { width: picture.width, height: picture.height }) }} ·
          {{ sizeInWords(picture.size) }}
        </figcaption>
      </figure>
      <label for="picture-words">{{ t('picture.words') }}</label>
      <InputText
        id="picture-words"
        v-model="description"
        autofocus
        fluid
        maxlength="1000"
        aria-describedby="picture-why"
        @keydown.enter.prevent="emit('enter', description)"
      />
      <p id="picture-why">{{ t('picture.why') }}</p>
    </template>
    <template #footer>
      <Button severity="secondary" outlined @click="emit('leave')">{{ t('app.cancel') }}</Button>
      <Button @click="emit('enter', description)">{{
        description.trim() ? t('picture.enter') : t('picture.enterWithout')
      }}</Button>
    </template>
  </Dialog>
</template>

<style>
.picture-dialog {
  inline-size: min(520px, 92vw);
}

.picture-dialog figure {
  margin: 0 0 12px;
}

.picture-dialog img {
  display: block;
  max-inline-size: 100%;
  max-block-size: min(240px, 34vh);
  margin-inline: auto;
  border: 1px solid var(--rule);
  background: #fff;
  object-fit: contain;
}

.picture-dialog figcaption,
.picture-dialog #picture-why {
  color: var(--soft);
  font-size: 13px;
}

.picture-dialog figcaption {
  margin-block-start: 6px;
  text-align: center;
  overflow-wrap: anywhere;
}

.picture-dialog label {
  display: block;
  margin-block-end: 4px;
  font-weight: 600;
}

.picture-dialog #picture-why {
  margin-block-start: 6px;
}
</style>
