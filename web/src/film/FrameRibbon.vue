<script setup lang="ts">
import { computed } from 'vue'
import { clock } from './frames'
import { since } from './seen'
import { vHint } from '../shell/hint/hint'

/** Under the picture: step, play, slide over the play in hand, change the side, walk the plays. */
const props = defineProps<{
  times: readonly number[]
  frame: number
  /** First and last frame that the slider goes over. */
  span: [number, number]
  /** The frame at which the ball moves. */
  ball?: number
  /** What happens in which frame. */
  moments?: { frame: number; name: string }[]
  zoom: boolean
  slow: boolean
  loop: boolean
  /** Name of the reel in hand, and how many there are to switch between. */
  side: string
  sides: number
  inHand: boolean
  beside?: boolean
}>()
defineEmits<{
  go: [frame: number]
  play: []
  slow: []
  loop: []
  side: []
  beside: []
  walk: [by: number]
  takeOut: []
  zoom: []
}>()
/** Where a frame is on the slider, percent of its way. */
const along = (frame: number): number => (100 * (frame - props.span[0])) / Math.max(1, props.span[1] - props.span[0])
const shown = computed(() => [
  ...(props.ball === undefined ? [] : [{ frame: props.ball, name: 'ball moves' }]),
  ...(props.moments ?? []),
])
const named = computed(() =>
  shown.value
    .filter((m) => m.frame === props.frame)
    .map((m) => m.name)
    .join(', '),
)
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
      }}{{ ball === undefined || frame === ball ? '' : ` · ${since(frame, ball, times)}`
      }}{{ named ? ` · ${named}` : '' }}</span
    >
    <span class="slide">
      <input
        type="range"
        aria-label="Frame"
        :min="span[0]"
        :max="span[1]"
        :value="frame"
        @input="$emit('go', Number(($event.target as HTMLInputElement).value))"
      />
      <i
        v-for="m in shown"
        :key="`${m.name} ${m.frame}`"
        :class="{ ball: m.name === 'ball moves' }"
        :style="{ left: `calc(8px + (100% - 16px) * ${along(m.frame) / 100})` }"
        :title="m.name"
      ></i>
    </span>
    <button
      v-if="sides > 1"
      v-hint="'The same moment from the other side'"
      type="button"
      @click="$emit('side')"
    >
      <span class="key">V</span> {{ side }}
    </button>
    <button
      v-if="sides > 1"
      v-hint="'Both sides beside each other, or one'"
      type="button"
      :aria-pressed="beside"
      @click="$emit('beside')"
    >
      <span class="key">;</span> beside
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
.slide {
  flex: 1;
  position: relative;
  display: flex;
}
input {
  width: 100%;
  accent-color: var(--ink);
}
i {
  position: absolute;
  bottom: -4px;
  width: 2px;
  height: 7px;
  margin-left: -1px;
  background: var(--accent);
  pointer-events: none;
}
i.ball {
  background: var(--ink);
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
  .slide {
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
