<script setup lang="ts">
import { computed } from 'vue'
import type { FilmedPlay, ManPath } from '../api/types'
import type { Mode } from './filmStore'
import { placeAt } from './paths'

const props = withDefaults(
  defineProps<{
    play: FilmedPlay
    mode: Mode
    chosen?: string
    clicked: Set<string>
    target?: string
    /** Men who were followed. */
    paths?: ManPath[]
    /** Seconds since the ball of the frame that is shown. */
    since?: number
  }>(),
  { chosen: undefined, target: undefined, paths: () => [], since: 0 },
)
defineEmits<{ choose: [name: string]; pick: [man: string] }>()

const PER_YARD = 5
const TOP = 25
const DEPTH = 40
const left = computed(() => Math.min(...props.play.known.map((k) => k.x)))
const x = (yards: number): number => (yards - left.value + 1) * PER_YARD
const y = (yards: number): number => (TOP - yards) * PER_YARD
const width = computed(() => (Math.max(...props.play.known.map((k) => k.x)) - left.value + 2) * PER_YARD)
const lines = computed(() => [...new Set(props.play.known.map((k) => k.y))])
const outcome = (job: string): string => props.play.verdicts.find((v) => v.job === job)?.outcome ?? ''
const defenders = computed(() => new Set(props.play.sheet.jobs.map((j) => j.id)))
/** Ways of men who were followed, and where they are now. */
const drawn = computed(() =>
  props.paths.map((p) => ({
    man: p.man,
    theirs: !defenders.value.has(p.man),
    lines: p.stretches.map((steps) => steps.map((s) => `${x(s.x)},${y(s.y)}`).join(' ')),
    now: placeAt(p, props.since),
  })),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${DEPTH * PER_YARD}`"
    role="group"
    aria-label="Small field: known places, asked regions hollow, measured feet solid"
  >
    <rect
      :x="PER_YARD"
      y="0"
      :width="width - 2 * PER_YARD"
      :height="DEPTH * PER_YARD"
      class="grass"
    />
    <line
      v-for="l in lines"
      :key="l"
      :x1="PER_YARD"
      :x2="width - PER_YARD"
      :y1="y(l)"
      :y2="y(l)"
      class="yard"
    />
    <line
      :x1="PER_YARD"
      :x2="width - PER_YARD"
      :y1="y(0)"
      :y2="y(0)"
      class="scrimmage"
    />
    <template v-if="mode === 'calibrate'">
      <circle
        v-for="k in play.known"
        :key="k.name"
        :cx="x(k.x)"
        :cy="y(k.y)"
        r="4"
        :class="['known', { done: clicked.has(k.name), chosen: k.name === chosen }]"
        role="button"
        tabindex="-1"
        :aria-label="k.name"
        @click="$emit('choose', k.name)"
      >
        <title>{{ k.name }}</title>
      </circle>
    </template>
    <template v-else>
      <template
        v-for="j in play.sheet.jobs"
        :key="j.id"
      >
        <rect
          v-if="j.region"
          :x="x(j.region.xMin)"
          :y="y(j.region.yMax)"
          :width="(j.region.xMax - j.region.xMin) * PER_YARD"
          :height="(j.region.yMax - j.region.yMin) * PER_YARD"
          :class="['asked', outcome(j.id), { picked: j.id === target }]"
        />
      </template>
      <circle
        v-for="m in play.sheet.offence"
        :key="m.name"
        :cx="x(m.feet.x)"
        :cy="y(m.feet.y)"
        r="2.6"
        class="offence"
      />
      <template
        v-for="p in drawn"
        :key="p.man"
      >
        <polyline
          v-for="(line, i) in p.lines"
          :key="i"
          :points="line"
          :class="['path', { theirs: p.theirs, picked: p.man === target }]"
        />
        <circle
          v-if="p.now"
          :cx="x(p.now.x)"
          :cy="y(p.now.y)"
          r="2.4"
          :class="['runs', { theirs: p.theirs, picked: p.man === target }]"
        />
      </template>
      <g
        v-for="m in play.measured"
        :key="m.man"
        @click="$emit('pick', m.man)"
      >
        <ellipse
          v-if="m.y > 0"
          :cx="x(m.x)"
          :cy="y(m.y)"
          :rx="Math.max(1.96 * m.sigmaX * PER_YARD, 1)"
          :ry="Math.max(1.96 * m.sigmaY * PER_YARD, 1)"
          class="doubt"
        />
        <circle
          v-if="m.y > 0"
          :cx="x(m.x)"
          :cy="y(m.y)"
          r="2.4"
          :class="['feet', outcome(m.man)]"
        />
      </g>
    </template>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
  background: var(--field);
  border: 1px solid var(--rule);
}
.grass {
  fill: var(--field);
}
.yard {
  stroke: var(--rule);
  stroke-width: 0.6;
}
.scrimmage {
  stroke: var(--ink);
  stroke-width: 1.2;
}
.known {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.2;
  cursor: pointer;
}
.known.done {
  fill: var(--sound);
}
.known.chosen {
  fill: var(--accent);
  stroke-width: 2.4;
}
.asked {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1;
}
.asked.out {
  stroke: var(--bust);
  stroke-width: 1.6;
}
.asked.picked {
  stroke: var(--accent);
  stroke-width: 2.2;
}
.offence {
  fill: none;
  stroke: var(--soft);
}
.path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
}
.path.theirs {
  stroke: var(--soft);
  stroke-dasharray: 3 2;
}
.path.picked {
  stroke: var(--accent);
  stroke-width: 2.4;
}
.runs {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.runs.theirs {
  stroke: var(--soft);
}
.runs.picked {
  stroke: var(--accent);
  stroke-width: 2.4;
}
.feet {
  fill: var(--ink);
}
.feet.out {
  fill: var(--bust);
}
.feet.in {
  fill: var(--sound);
}
.doubt {
  fill: var(--ink);
  opacity: 0.15;
}
</style>
