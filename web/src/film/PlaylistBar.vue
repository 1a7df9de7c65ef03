<script setup lang="ts">
import type { Playlist } from './playlist'

/** Plays that are watched one after the other: which of them this is, and what they are of. */
defineProps<{ list: Playlist; filmed: boolean }>()
</script>

<template>
  <div
    v-if="list.plays.value.length"
    class="playlist"
    role="group"
    aria-label="Playlist"
  >
    <b>{{ list.of.value || 'Playlist' }}</b>
    <span>{{ list.at.value < 0 ? 'not in the list' : list.at.value + 1 }} of {{ list.plays.value.length }}</span>
    <span
      v-if="!filmed"
      class="soft"
      >not filmed</span
    >
    <button
      type="button"
      class="link"
      :disabled="list.at.value < 1"
      @click="list.walk(-1)"
    >
      <span class="key">[</span> before
    </button>
    <button
      type="button"
      class="link"
      :disabled="list.at.value + 1 >= list.plays.value.length"
      @click="list.walk(1)"
    >
      <span class="key">]</span> next
    </button>
    <button
      type="button"
      class="link"
      @click="list.toggle"
    >
      {{ list.stopped.value ? 'run by itself' : 'stop at each play' }}
    </button>
    <button
      type="button"
      class="link"
      @click="list.leave"
    >
      leave the list
    </button>
  </div>
</template>

<style scoped>
.playlist {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  padding: 4px 12px;
  background: var(--pick);
  font: 400 13.5px var(--narrow);
}
</style>
