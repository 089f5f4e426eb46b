<script setup lang="ts">
import Toast from 'primevue/toast'
</script>

<template>
  <RouterView v-slot="{ Component, route }">
    <component :is="Component" :key="String(route.params.id ?? 'shelf')" />
  </RouterView>
  <Toast position="bottom-center" group="undo">
    <template #message="{ message }">
      <span class="toast-text">{{ message.summary }}</span>
      <button v-if="message.detail" type="button" class="toast-action" @click="message.detail.run()">
        {{ message.detail.label }}
      </button>
    </template>
  </Toast>
</template>

<style>
.toast-text {
  flex: 1;
}

.toast-action {
  border: 1px solid currentcolor;
  border-radius: 4px;
  background: transparent;
  color: inherit;
  font: inherit;
  font-weight: 600;
  padding: 2px 10px;
  cursor: pointer;
}

.toast-action:focus-visible {
  outline-color: currentcolor;
}

.p-toast {
  --p-toast-width: 440px;
}
</style>
