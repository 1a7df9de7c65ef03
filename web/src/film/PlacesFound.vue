<script setup lang="ts">
import { computed } from 'vue'
import type { FoundPlaces } from './foundPlaces'

/** Known places that the picture shows by itself. */
const props = defineProps<{ found: FoundPlaces }>()
const count = computed(() => props.found.places.value.length)
</script>

<template>
  <p
    class="found"
    role="status"
  >
    <template v-if="found.trouble.value">No place is proposed: {{ found.trouble.value }}</template>
    <template v-else-if="found.looking.value">Looking for lines in the picture …</template>
    <template v-else-if="count"
      >{{ count }} {{ count === 1 ? 'place' : 'places' }} found in the picture, dashed. <span class="key">F</span> takes
      {{ count === 1 ? 'it' : 'them' }}. Is the yard line beside one not its own, click one place right, and they are
      looked for anew.</template
    >
    <template v-else-if="found.nothing.value">The picture does not tell where its lines belong: click.</template>
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
