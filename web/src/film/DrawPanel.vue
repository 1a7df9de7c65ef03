<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { drawnFrames, SHAPES, SHOWN } from './drawing'
import { useFilm, type Mode } from './filmStore'
import ModeBar from './ModeBar.vue'
import NotSaved from './NotSaved.vue'
import { since } from './seen'
import type { DrawingOver } from './useDrawing'

/** What is drawn over the film: the pen in hand, and in which frames something is drawn. */
const props = defineProps<{ drawing: DrawingOver; times: readonly number[] }>()
defineEmits<{ mode: [mode: Mode]; go: [frame: number] }>()
const film = useFilm()
const { mode, now } = storeToRefs(film)
const frames = computed(() =>
  (now.value ? drawnFrames(now.value) : []).map((frame) => ({
    frame,
    shapes: now.value!.drawn.filter((d) => d.frame === frame).map((d) => SHAPES.find((s) => s.id === d.shape)!.name),
    since: since(frame, now.value!.snapFrame, props.times),
  })),
)
</script>

<template>
  <aside
    aria-label="Drawing"
    tabindex="0"
  >
    <NotSaved />
    <ModeBar
      :mode="mode"
      @mode="$emit('mode', $event)"
    />
    <p class="ask">
      Draw over the picture with the pointer; or walk the cross with the arrows and press
      <span class="key">Enter</span> where the pen goes down and where it comes up.
    </p>
    <div
      class="shapes"
      role="radiogroup"
      aria-label="What is drawn"
    >
      <button
        v-for="s in SHAPES"
        :key="s.id"
        type="button"
        role="radio"
        :aria-checked="drawing.shape.value === s.id"
        @click="drawing.take(s.id)"
      >
        <span class="key">{{ s.key }}</span> {{ s.name }}
      </button>
    </div>
    <ul
      v-if="frames.length"
      aria-label="Where something is drawn"
    >
      <li
        v-for="f in frames"
        :key="f.frame"
      >
        <button
          type="button"
          class="link"
          :aria-label="`Go to frame ${f.frame}`"
          @click="$emit('go', f.frame)"
        >
          {{ f.since }}
        </button>
        {{ f.shapes.join(', ') }}
      </li>
    </ul>
    <p class="soft">
      {{ frames.length ? '' : 'Nothing is drawn on this side of the play yet. ' }}A drawing is shown from its frame on
      for {{ SHOWN }} second, to every coach who opens the play. <span class="key">Del</span> takes the last of this
      frame away, <span class="key">U</span> undoes.
    </p>
  </aside>
</template>

<style scoped>
.ask {
  font-size: 14px;
}
.shapes {
  display: flex;
  gap: 14px;
}
.shapes button {
  all: unset;
  cursor: pointer;
  font: 400 14px/1.7 var(--narrow);
}
.shapes button:focus-visible {
  outline: 3px solid var(--ink);
}
.shapes [aria-checked='true'] {
  font-weight: 700;
  border-bottom: 3px solid var(--accent);
}
li {
  display: flex;
  gap: 8px;
  font: 400 14px/1.6 var(--narrow);
  font-variant-numeric: tabular-nums;
}
</style>
