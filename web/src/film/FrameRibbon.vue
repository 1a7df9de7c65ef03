<script setup lang="ts">
import { clock } from './frames'
import { vHint } from '../shell/hint/hint'

/** Under the picture: step, play, slide over the play in hand, change the side, walk the plays. */
const props = defineProps<{
  times: readonly number[]
  frame: number
  /** First and last frame that the slider goes over. */
  span: [number, number]
  /** The frame at which the ball moves. */
  ball?: number
  zoom: boolean
  slow: boolean
  loop: boolean
  /** Name of the reel in hand, and how many there are to switch between. */
  side: string
  sides: number
  inHand: boolean
}>()
defineEmits<{
  go: [frame: number]
  play: []
  slow: []
  loop: []
  side: []
  walk: [by: number]
  takeOut: []
  zoom: []
}>()
/** Since the ball moved, as "+0.40". */
function since(): string {
  const seconds = (props.times[props.frame] ?? 0) - (props.times[props.ball ?? 0] ?? 0)
  return `${seconds < 0 ? '−' : '+'}${Math.abs(seconds).toFixed(2)}`
}
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
    <button
      type="button"
      :aria-pressed="slow"
      @click="$emit('slow')"
    >
      <span class="key">Q</span> quarter
    </button>
    <button
      type="button"
      :aria-pressed="loop"
      @click="$emit('loop')"
    >
      <span class="key">L</span> loop
    </button>
    <span class="time"
      >frame {{ frame }} · {{ clock(frame, times)
      }}{{ frame === ball ? ' · ball moves' : ball === undefined ? '' : ` · ${since()} s` }}</span
    >
    <input
      type="range"
      aria-label="Frame"
      :min="span[0]"
      :max="span[1]"
      :value="frame"
      list="ball"
      @input="$emit('go', Number(($event.target as HTMLInputElement).value))"
    />
    <datalist id="ball">
      <option
        v-if="ball !== undefined"
        :value="ball"
      />
    </datalist>
    <button
      v-if="sides > 1"
      v-hint="'The same moment from the other side'"
      type="button"
      @click="$emit('side')"
    >
      <span class="key">V</span> {{ side }}
    </button>
    <button
      v-hint="'Previous play'"
      type="button"
      aria-label="Previous play"
      @click="$emit('walk', -1)"
    >
      <span class="key">[</span></button
    ><button
      type="button"
      @click="$emit('walk', 1)"
    >
      <span class="key">]</span> play</button
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
  min-width: 200px;
  font-variant-numeric: tabular-nums;
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
