<script setup lang="ts">
import { computed } from 'vue'
import { useFilm } from './filmStore'
import type { FoundMen } from './foundMen'

/** What the picture shows by itself, what it is not sure of, and what it does not show. */
const props = defineProps<{ found: FoundMen }>()
const film = useFilm()
const men = computed(() => props.found.men.value)
const sure = computed(() => men.value.filter((m) => m.clear))
const unsure = computed(() => men.value.filter((m) => !m.clear))
const named = (all: readonly { man: string }[]): string => all.map((m) => film.label(m.man)).join(', ')
const missing = computed(() => props.found.notFound.value.map((man) => film.label(man)))
const touching = computed(() => {
  const groups = props.found.touching.value
  return groups
    ? ` ${groups === 1 ? 'One group touches' : `${groups} groups touch`}: who is in it is not told apart.`
    : ''
})
</script>

<template>
  <p
    class="found"
    role="status"
  >
    <template v-if="found.trouble.value">Nobody is proposed: {{ found.trouble.value }}</template>
    <template v-else-if="found.looking.value">Looking for men in the picture …</template>
    <template v-else-if="men.length">
      <template v-if="sure.length"
        >Found in the picture: {{ named(sure) }}. <span class="key">F</span> takes
        {{ sure.length === 1 ? 'him' : 'them' }}; look whether each stands where it says.</template
      >
      <template v-if="unsure.length">
        Not sure: {{ named(unsure) }}; <span class="key">D</span> to each, <span class="key">Enter</span> to take
        him.</template
      >
    </template>
    <template v-if="missing.length && !found.looking.value">
      Not found: {{ missing.join(', ') }}.{{ touching }}</template
    >
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
