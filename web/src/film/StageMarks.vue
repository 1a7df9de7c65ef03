<script setup lang="ts">
import { computed } from 'vue'
import type { FeetClick, FoundFeet, KnownClick } from '../api/types'

/** What is clicked in the frame that is shown, and dashed what the picture itself shows. */
const props = defineProps<{
  points: KnownClick[]
  marks: FeetClick[]
  found: FoundFeet[]
  foundPlaces: KnownClick[]
  target?: string
  label: (man: string) => string
}>()

interface Sign {
  kind: string
  key: string
  shape: string
  words?: string
  x: number
  y: number
}
const cross = (x: number, y: number, arm: number): string => `M${x - arm} ${y}h${2 * arm}M${x} ${y - arm}v${2 * arm}`
const ring = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
const diamond = (x: number, y: number, r: number): string => `M${x} ${y - r}l${r} ${r}l${-r} ${r}l${-r} ${-r}z`

const signs = computed<Sign[]>(() => [
  ...props.points.map(({ name, xPixels: x, yPixels: y }) => ({
    kind: 'point',
    key: `point ${name}`,
    shape: cross(x, y, 12),
    x,
    y,
  })),
  ...props.foundPlaces.map(({ name, xPixels: x, yPixels: y }) => ({
    kind: 'found place',
    key: `place ${name}`,
    shape: cross(x, y, 14),
    words: name.split(', ').at(-1),
    x,
    y: y - 20,
  })),
  ...props.found.map(({ man, clear, xPixels: x, yPixels: y }) => ({
    kind: 'found',
    key: `found ${man}`,
    shape: diamond(x, y, 16),
    words: `${props.label(man)}${clear ? '' : '?'}`,
    x,
    y: y + 40,
  })),
  ...props.marks.map(({ man, hidden, xPixels: x, yPixels: y }) => ({
    kind: `mark${man === props.target ? ' target' : ''}${hidden ? ' hidden' : ''}`,
    key: `mark ${man}`,
    shape: ring(x, y, 8),
    words: props.label(man),
    x,
    y: y + 32,
  })),
])
</script>

<template>
  <g
    v-for="s in signs"
    :key="s.key"
    :class="s.kind"
  >
    <path :d="s.shape" />
    <text
      v-if="s.words"
      :x="s.x"
      :y="s.y"
    >
      {{ s.words }}
    </text>
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
}
text {
  font: 700 26px var(--narrow);
  fill: #fff;
  stroke: #1c2426;
  stroke-width: 5px;
  paint-order: stroke;
  text-anchor: middle;
}
.point path {
  stroke-width: 3;
}
.found path {
  stroke-dasharray: 6.3 5;
}
.found text {
  font-weight: 600;
  font-size: 24px;
}
.hidden path {
  stroke-dasharray: 8 6;
}
.target path {
  stroke: #e0a526;
  stroke-width: 6;
}
</style>
