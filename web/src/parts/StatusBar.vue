<template>
  <footer class="status-bar">
    <slot />
    <div class="end"><slot name="end" /></div>
  </footer>
</template>

<style scoped>
.status-bar {
  display: flex;
  align-items: center;
  gap: 20px;
  block-size: 32px;
  padding-inline: 20px;
  border-block-start: 1px solid var(--rule);
  background: var(--desk);
  color: var(--soft);
  font-size: 13px;
  white-space: nowrap;
  overflow: hidden;
}

.end {
  margin-inline-start: auto;
  overflow: hidden;
  text-overflow: ellipsis;
}

/* A phone has none of these keys. */
@media (width < 760px) {
  .status-bar {
    display: none;
  }
}
</style>
