<script setup lang="ts">
/** The same as a sheet of paper, and as a table. */
defineProps<{ address: string }>()
</script>

<template>
  <nav
    class="no-print"
    aria-label="Take along"
  >
    <a
      :href="`${address}.pdf`"
      download
      >PDF</a
    >
    <a
      :href="`${address}.csv`"
      download
      >CSV</a
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
a {
  color: var(--deep);
}
</style>
