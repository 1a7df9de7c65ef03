<script setup lang="ts">
import { computed } from 'vue'
import type { JobRow, SnapRow, Spot } from '../../api/types'
import type { Drawing } from '../field/field'
import type { Layer } from '../field/layers'
import { gapsAt, looksAt, openAt, waysTo } from './snapAt'

/** Where everybody has come from so far, and who looks at whom just now, on the layers of paths and sight lines. */
const props = defineProps<{
  snap: SnapRow
  tick: number
  drawing: Drawing
  layers: readonly Layer[]
  jobs?: readonly JobRow[]
  lit?: string
}>()
/** Ways are drawn anew with every tick, not with every frame. */
const whole = computed(() => Math.floor(props.tick))
const point = (spot: Spot): string => {
  const at = props.drawing.fieldToSvg(spot)
  return `${at.x.toFixed(1)},${at.y.toFixed(1)}`
}
const ways = computed(() =>
  props.layers.includes('paths') ? waysTo(props.snap, whole.value).map((way) => way.map(point).join(' ')) : [],
)
const at = (man: string): { x: number; y: number } | undefined => {
  const way = waysTo(props.snap, whole.value)[props.snap.men.indexOf(man)]
  return way && props.drawing.fieldToSvg(way.at(-1)!)
}
/** Who is open now, and whom the cause is about. */
const open = computed(() => openAt(props.snap, whole.value).flatMap((man) => at(man) ?? []))
const meant = computed(() => (props.lit ? at(props.lit) : undefined))
/** Behind the offence, where nobody is in the way, yards. */
const GAPS_AT = -8
const called = (man: string): string => props.jobs?.find((j) => j.id === man)?.label ?? man
const gaps = computed(() =>
  props.layers.includes('gaps')
    ? gapsAt(props.snap, whole.value).map((g) => ({
        ...g,
        at: props.drawing.fieldToSvg({ x: g.x, y: GAPS_AT }),
        who: g.men.map(called).join(' ') || '–',
      }))
    : [],
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
    <text
      v-for="(g, i) in gaps"
      :key="`gap ${i}`"
      :class="{ gap: true, fresh: g.fresh, nobody: !g.men.length }"
      :x="g.at.x"
      :y="g.at.y"
    >
      {{ g.letter }}
      <tspan
        :x="g.at.x"
        dy="1.05em"
      >
        {{ g.who }}
      </tspan>
    </text>
    <circle
      v-for="(o, i) in open"
      :key="`open ${i}`"
      class="open"
      :cx="o.x"
      :cy="o.y"
      :r="19 * drawing.mark"
    />
    <circle
      v-if="meant"
      class="lit"
      :cx="meant.x"
      :cy="meant.y"
      :r="17 * drawing.mark"
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
.gap {
  font: 600 13px var(--narrow);
  text-anchor: middle;
  fill: var(--soft);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 3px;
}
.gap.nobody {
  fill: var(--ink);
  text-decoration: underline;
}
.gap.fresh {
  font-weight: 800;
  font-size: 15px;
  fill: var(--ink);
}
.open {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 4;
}
.lit {
  stroke: var(--accent);
  stroke-width: 4;
}
line {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 5 4;
}
</style>
