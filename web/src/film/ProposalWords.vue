<script setup lang="ts">
import type { Proposal } from './proposal'

/** What is said of a proposal by the picture: while it is looked for, when it is refused, else what it comes to. */
defineProps<{ of: Pick<Proposal<unknown>, 'looking' | 'trouble'>; what: string }>()
</script>

<template>
  <p
    class="found"
    role="status"
  >
    <template v-if="of.trouble.value">The picture proposes none: {{ of.trouble.value }}</template>
    <template v-else-if="of.looking.value">Looking for {{ what }} in the picture …</template>
    <slot v-else />
  </p>
</template>

<style scoped>
.found {
  font-size: 14px;
}
.found:empty {
  display: none;
}
</style>
