<script setup lang="ts">
import { computed } from 'vue'
import type { FieldRow } from '../../api/types'
import { yardLines, type Drawing } from './field'

/** Grass, lines and hashes, to scale, and what the layers above are filled with. */
const props = defineProps<{ field: FieldRow; drawing: Drawing }>()

const across = (x: number): number => props.drawing.fieldToSvg({ x, y: 0 }).x
const downfield = (y: number): number => props.drawing.fieldToSvg({ x: 0, y }).y
const lines = computed(() =>
  yardLines(props.field.toGoal, props.drawing.beyond, props.drawing.behind).map((l) => ({ ...l, at: downfield(l.y) })),
)
const ends = computed(() => [across(props.field.leftSideline), across(props.field.rightSideline)])
const left = computed(() => Math.min(...ends.value))
const right = computed(() => Math.max(...ends.value))
const hashes = computed(() => [props.field.leftHash, props.field.rightHash].map(across))
const ticks = computed(() => {
  const from = -Math.floor(props.drawing.behind)
  return Array.from({ length: Math.floor(props.drawing.beyond) - from + 1 }, (_, i) => downfield(from + i))
})
const scrimmage = computed(() => downfield(0))
const gain = computed(() => (props.field.distance < props.field.toGoal ? downfield(props.field.distance) : null))
</script>

<template>
  <g>
    <defs>
      <marker
        id="arrow"
        viewBox="0 0 8 8"
        refX="6"
        refY="4"
        markerWidth="6"
        markerHeight="6"
        orient="auto"
      >
        <path
          d="M0 0L8 4L0 8Z"
          class="arrow"
        />
      </marker>
      <pattern
        id="hatch"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line
          x1="0"
          y1="0"
          x2="0"
          y2="7"
          class="hatch"
        />
      </pattern>
      <pattern
        id="dots"
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
      >
        <circle
          cx="2"
          cy="2"
          r="1"
          class="dot"
        />
      </pattern>
    </defs>
    <rect
      :x="left"
      y="0"
      :width="right - left"
      :height="drawing.height"
      class="grass"
    />
    <g aria-hidden="true">
      <g
        v-for="line in lines"
        :key="line.y"
      >
        <line
          :x1="left"
          :x2="right"
          :y1="line.at"
          :y2="line.at"
          :class="line.goal ? 'goal' : 'yard'"
        />
      </g>
      <template
        v-for="y in ticks"
        :key="y"
      >
        <line
          v-for="x in field.painted ? hashes : []"
          :key="x"
          :x1="x - 4"
          :x2="x + 4"
          :y1="y"
          :y2="y"
          class="yard"
        />
      </template>
      <line
        v-for="x in [left, right]"
        :key="x"
        :x1="x"
        :x2="x"
        y1="0"
        :y2="drawing.height"
        class="sideline"
      />
      <line
        :x1="left"
        :x2="right"
        :y1="scrimmage"
        :y2="scrimmage"
        class="scrimmage"
      />
      <template v-if="gain !== null">
        <line
          :x1="left"
          :x2="right"
          :y1="gain"
          :y2="gain"
          class="gain"
        />
      </template>
    </g>
  </g>
</template>

<style scoped>
.grass {
  fill: var(--field);
}
.yard {
  stroke: var(--rule);
  stroke-width: 1;
}
.goal {
  stroke: var(--ink);
  stroke-width: 4;
}
.sideline {
  stroke: var(--ink);
  stroke-width: 3;
}
.scrimmage {
  stroke: var(--ink);
  stroke-width: 2;
}
.gain {
  stroke: var(--accent);
  stroke-width: 2;
  stroke-dasharray: 8 4;
}
.hatch {
  stroke: var(--under);
  stroke-width: 1;
  opacity: 0.35;
}
.dot {
  fill: var(--deep);
  opacity: 0.4;
}
.arrow {
  fill: var(--rush);
  fill: context-stroke;
}
</style>
