<script setup lang="ts">
import { computed } from 'vue'
import type { Sketch, Spot } from '../api/types'

/**
 * A line-up small and to scale. Without room for words each man is a form: bar rushes, triangle is underneath, ring
 * deep, double ring man.
 */
const props = defineProps<{ sketch: Sketch; man?: Spot; label: string; forms?: boolean }>()
/** A run is drawn where its ways are: who stands farther out is a dot at the edge. */
const isRun = computed(() => props.sketch.ways.some((w) => w.ball))
const everyone = computed<Spot[]>(() => [
  ...(isRun.value ? props.sketch.offence.filter((m) => Math.abs(m.x) < 7) : props.sketch.offence),
  ...props.sketch.defence,
  ...props.sketch.ways.flatMap((w) => w.points),
])
const left = computed(() => Math.min(isRun.value ? -8 : -13, ...everyone.value.map((m) => m.x)) - 1.8)
const right = computed(() => Math.max(isRun.value ? 8 : 13, ...everyone.value.map((m) => m.x)) + 1.8)
const reach = computed(() => Math.max(1, ...props.sketch.ways.flatMap((w) => w.points.map((p) => p.y + 1))))
const deepest = computed(() => (props.sketch.defence.length ? 15 : Math.min(reach.value, 22)))
const inside = (x: number): boolean => x > left.value && x < right.value
const edge = (x: number): number => Math.max(left.value + 0.5, Math.min(right.value - 0.5, x))
const behind = 8.4
const box = computed(() => `${left.value} ${-deepest.value} ${right.value - left.value} ${deepest.value + behind}`)
const line = (points: Spot[]): string => points.map((p) => `${p.x},${-p.y}`).join(' ')
const isMan = (x: number, y: number): boolean => !!props.man && Math.hypot(props.man.x - x, props.man.y - y) < 0.05
/** Deeper men stand at the upper edge; a sketch is not cut for one of them. */
const top = (y: number): number => -Math.min(y, deepest.value - 1.6)
</script>

<template>
  <svg
    :viewBox="box"
    class="sketch"
    role="img"
    :aria-label="label"
  >
    <line
      :x1="left"
      :x2="right"
      y1="0"
      y2="0"
      class="line"
    />
    <polyline
      v-for="(w, i) in sketch.ways"
      :key="`w${i}`"
      :points="line(w.points)"
      :class="['way', { ball: w.ball }]"
    />
    <g
      v-for="(o, i) in sketch.offence"
      :key="`o${i}`"
    >
      <rect
        v-if="o.post === 'centre'"
        :x="o.x - 0.55"
        :y="-o.y - 0.55"
        width="1.1"
        height="1.1"
        class="offence"
      />
      <circle
        v-else
        :cx="edge(o.x)"
        :cy="-o.y"
        :r="inside(o.x) ? 0.6 : 0.25"
        class="offence"
      />
    </g>
    <g
      v-for="(d, i) in sketch.defence"
      :key="`d${i}`"
    >
      <circle
        v-if="isMan(d.x, d.y)"
        :cx="d.x"
        :cy="top(d.y)"
        r="2.1"
        class="in-hand"
      />
      <text
        v-if="!forms || isMan(d.x, d.y)"
        :x="d.x"
        :y="top(d.y) + 0.85"
        :class="['defender', d.kind, { large: forms }]"
      >
        {{ d.label }}
      </text>
      <g
        v-else
        :transform="`translate(${d.x} ${top(d.y)})`"
        :class="['form', d.kind]"
      >
        <rect
          v-if="d.kind === 'rush'"
          x="-0.75"
          y="-0.5"
          width="1.5"
          height="1"
        />
        <path
          v-else-if="d.kind === 'under'"
          d="M-0.8 -0.6H0.8L0 0.85Z"
        />
        <circle
          v-else-if="d.kind === 'deep'"
          r="0.7"
          class="ring"
        />
        <g v-else-if="d.kind === 'man'">
          <circle
            r="0.85"
            class="ring"
          />
          <circle r="0.35" />
        </g>
        <rect
          v-else
          x="-0.5"
          y="-0.5"
          width="1"
          height="1"
          class="ring"
        />
      </g>
    </g>
  </svg>
</template>

<style scoped>
.sketch {
  display: block;
  width: 100%;
  height: auto;
  aspect-ratio: 3 / 2;
}
.line {
  stroke: var(--ink);
  stroke-width: 0.14;
}
.way {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.2;
  stroke-linejoin: round;
}
.way.ball {
  stroke-width: 0.5;
  stroke-linecap: round;
}
.offence {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 0.18;
}
.defender {
  font: 700 2.35px var(--narrow);
  text-anchor: middle;
  fill: var(--ink);
}
.large {
  font-size: 3.2px;
}
.rush {
  fill: var(--rush);
}
.under {
  fill: var(--under);
}
.deep {
  fill: var(--deep);
}
.man {
  fill: var(--man);
}
.form .ring {
  fill: none;
  stroke-width: 0.3;
}
.deep .ring {
  stroke: var(--deep);
}
.man .ring {
  stroke: var(--man);
}
.none .ring {
  stroke: var(--ink);
}
.in-hand {
  fill: var(--accent);
  fill-opacity: 0.5;
  stroke: var(--ink);
  stroke-width: 0.2;
}
</style>
