<script setup lang="ts">
import type { ReelSheet } from '../api/types'
import { clock } from './frames'
import { vHint } from '../shell/hint/hint'

/** Under the picture: step, play, slide, and walk the snaps. */
defineProps<{ reel: ReelSheet; frame: number; atSnap: boolean; zoom: boolean; inHand: boolean }>()
defineEmits<{ go: [frame: number]; play: []; snap: [by: number]; takeOut: []; zoom: [] }>()
</script>

<template>
  <div class="ribbon">
    <button
      v-hint="'One frame back'"
      type="button"
      aria-label="One frame back"
      @click="$emit('go', frame - 1)"
    >
      <span class="key">,</span>
    </button>
    <button
      v-hint="'One frame on'"
      type="button"
      aria-label="One frame on"
      @click="$emit('go', frame + 1)"
    >
      <span class="key">.</span>
    </button>
    <button
      type="button"
      @click="$emit('play')"
    >
      <span class="key">P</span> play
    </button>
    <span class="time">frame {{ frame }} · {{ clock(frame, reel.frameTimes) }}{{ atSnap ? ' · ball moves' : '' }}</span>
    <input
      type="range"
      aria-label="Frame"
      min="0"
      :max="reel.frameTimes.length - 1"
      :value="frame"
      list="snaps"
      @input="$emit('go', Number(($event.target as HTMLInputElement).value))"
    />
    <datalist id="snaps">
      <option
        v-for="s in reel.snaps"
        :key="s.number"
        :value="s.snapFrame"
      />
    </datalist>
    <button
      v-hint="'Previous snap'"
      type="button"
      aria-label="Previous snap"
      @click="$emit('snap', -1)"
    >
      <span class="key">[</span></button
    ><button
      type="button"
      @click="$emit('snap', 1)"
    >
      <span class="key">]</span> snap</button
    ><button
      type="button"
      :disabled="!inHand"
      @click="$emit('takeOut')"
    >
      <span class="key">X</span> take out
    </button>
    <button
      type="button"
      :aria-pressed="zoom"
      @click="$emit('zoom')"
    >
      <span class="key">Z</span> zoom
    </button>
  </div>
</template>

<style scoped>
.ribbon {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 10px;
  background: var(--card);
  border-top: 1px solid var(--rule);
  font: 400 13px var(--narrow);
}
input {
  flex: 1;
  accent-color: var(--ink);
}
button {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.3 var(--narrow);
}
button:focus-visible {
  outline: 3px solid var(--ink);
}
[aria-pressed='true'] {
  border-bottom: 3px solid var(--accent);
}
.time {
  min-width: 190px;
}
@container work (width <= 760px) {
  .ribbon {
    flex-wrap: wrap;
  }
  input {
    order: 1;
    flex-basis: 100%;
  }
}
@media print {
  .ribbon {
    display: none;
  }
}
</style>
