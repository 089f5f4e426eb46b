<script setup lang="ts">
/** What every leaf has: its tools above, perhaps a notice, and a list that fills the rest. */
</script>

<template>
  <section class="leaf-frame">
    <div class="tools"><slot name="tools" /></div>
    <slot name="notice" />
    <slot />
  </section>
</template>

<style scoped>
.leaf-frame {
  container: leaf / inline-size;
  display: flex;
  flex-direction: column;
  block-size: 100%;
  min-block-size: 0;
  background: var(--leaf);
}

.leaf-frame > :last-child {
  flex: 1;
  min-block-size: 0;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: end;
  gap: 8px;
  padding: 6px 20px;
  color: var(--soft);
  font-size: 13px;
}

@media print {
  .leaf-frame {
    display: block;
    container: none;
    block-size: auto;
  }

  .leaf-frame > :not(:last-child) {
    display: none;
  }
}

.leaf-frame :deep(.empty) {
  padding: 26px;
  color: var(--soft);
}
</style>
