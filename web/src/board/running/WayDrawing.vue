<script setup lang="ts">
import { computed } from 'vue'
import type { SnapRow, Spot } from '../../api/types'
import type { Drawing } from '../field/field'
import type { Layer } from '../field/layers'
import { looksAt, waysTo } from './snapAt'

/** Where everybody has come from so far, and who looks at whom just now, on the layers of paths and sight lines. */
const props = defineProps<{ snap: SnapRow; tick: number; drawing: Drawing; layers: readonly Layer[] }>()
/** Ways are drawn anew with every tick, not with every frame. */
const whole = computed(() => Math.floor(props.tick))
const point = (spot: Spot): string => {
  const at = props.drawing.fieldToSvg(spot)
  return `${at.x.toFixed(1)},${at.y.toFixed(1)}`
}
const ways = computed(() =>
  props.layers.includes('paths') ? waysTo(props.snap, whole.value).map((way) => way.map(point).join(' ')) : [],
)
const looks = computed(() =>
  props.layers.includes('sight lines')
    ? looksAt(props.snap, props.tick).map(({ from, to }) => ({
        from: props.drawing.fieldToSvg(from),
        to: props.drawing.fieldToSvg(to),
      }))
    : [],
)
</script>

<template>
  <g
    class="ways"
    aria-hidden="true"
  >
    <polyline
      v-for="(way, i) in ways"
      :key="i"
      :points="way"
    />
    <line
      v-for="(l, i) in looks"
      :key="i"
      :x1="l.from.x"
      :y1="l.from.y"
      :x2="l.to.x"
      :y2="l.to.y"
    />
  </g>
</template>

<style scoped>
.ways {
  pointer-events: none;
  fill: none;
}
polyline {
  stroke: var(--soft);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
line {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
</style>
