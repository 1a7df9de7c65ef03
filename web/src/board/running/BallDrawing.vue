<script setup lang="ts">
import type { Spot } from '../../api/types'
import type { Drawing } from '../field/field'

/** The ball, and the way it has come. */
const props = defineProps<{ ball: { at: Spot; way: Spot[] }; drawing: Drawing }>()
const point = (spot: Spot): string => {
  const at = props.drawing.fieldToSvg(spot)
  return `${at.x.toFixed(1)},${at.y.toFixed(1)}`
}
</script>

<template>
  <g
    class="ball"
    aria-hidden="true"
  >
    <polyline :points="ball.way.map(point).join(' ')" />
    <ellipse
      :cx="drawing.fieldToSvg(ball.at).x + 9"
      :cy="drawing.fieldToSvg(ball.at).y + 7"
      rx="6"
      ry="4"
    />
  </g>
</template>

<style scoped>
polyline {
  fill: none;
  stroke: var(--accent);
  stroke-width: 4;
  stroke-linejoin: round;
  pointer-events: none;
}
ellipse {
  fill: var(--ball, #7a3b12);
  stroke: var(--field);
  stroke-width: 1.5;
  pointer-events: none;
}
</style>
