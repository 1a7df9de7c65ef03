<script setup lang="ts">
import { playlistOf, type Watched } from '../film/playlist'

/** A figure that leads to its plays, one after the other; where film is not for the reader it is only a figure. */
withDefaults(defineProps<{ plays: Watched[]; of: string; leads?: boolean }>(), { leads: true })
</script>

<template>
  <RouterLink
    v-if="leads && plays.length"
    :to="playlistOf(plays, of)"
    :title="`Watch: ${of}`"
    ><slot>{{ plays.length }}</slot></RouterLink
  ><span v-else
    ><slot>{{ plays.length }}</slot></span
  >
</template>

<style scoped>
a {
  color: var(--deep);
}
</style>
