<script setup lang="ts">
import { computed } from 'vue'
import type { PassSheet, RunSheet, Spot } from '../../api/types'
import type { Drawing } from './field'

/**
 * Blocks of a run, or routes of a pass, over the field: a bar at the end of a block, an arrow at the end of a route, a
 * cross where nobody has it.
 */
const props = defineProps<{ drawing: Drawing; run?: RunSheet; pass?: PassSheet }>()
const at = (spot: { x: number; y: number }) => props.drawing.fieldToSvg(spot)
const line = (spots: readonly Spot[]): string => spots.map((w, i) => `${i ? 'L' : 'M'}${at(w).x} ${at(w).y}`).join('')
/** A block ends at its man with a bar across its way. */
const blocks = computed(() =>
  (props.run?.blocks ?? [])
    .filter((b) => b.way.length)
    .map((b) => {
      const p = at(b.way.at(-2)!)
      const q = at(b.way.at(-1)!)
      const length = Math.max(1, Math.hypot(q.x - p.x, q.y - p.y))
      const end = { x: q.x - ((q.x - p.x) / length) * 12, y: q.y - ((q.y - p.y) / length) * 12 }
      const bar = { x: (-(q.y - p.y) / length) * 7, y: ((q.x - p.x) / length) * 7 }
      const onto = `${line(b.way.slice(0, -1))}L${end.x} ${end.y}`
      return {
        key: b.defender,
        grade: b.grade,
        path: `${onto}M${end.x - bar.x} ${end.y - bar.y}L${end.x + bar.x} ${end.y + bar.y}`,
      }
    }),
)
const routes = computed(() =>
  (props.pass?.routes ?? []).map((r) => ({
    key: r.man,
    had: r.had,
    path: line(r.way),
    caught: at({ x: r.caught.x, y: Math.min(r.caught.y, props.drawing.beyond - 0.8) }),
    covers: r.covers.length,
  })),
)
</script>

<template>
  <g aria-hidden="true">
    <path
      v-if="run"
      :d="line(run.ball)"
      class="ball"
    />
    <path
      v-for="b in blocks"
      :key="b.key"
      :d="b.path"
      :class="['block', b.grade]"
    />
    <path
      v-if="run"
      :d="`M${at(run.point).x - 7} ${at(run.point).y + 12}h14l-7 -12Z`"
      class="point"
    />
    <g
      v-for="r in routes"
      :key="r.key"
      :class="['route', r.had]"
    >
      <path
        :d="r.path"
        class="way"
        marker-end="url(#arrow)"
      />
      <path
        v-if="!r.covers"
        :d="`M${r.caught.x - 7} ${r.caught.y - 7}l14 14m0 -14l-14 14`"
        class="open"
      />
      <circle
        v-else
        :cx="r.caught.x"
        :cy="r.caught.y"
        r="5"
        class="caught"
      />
    </g>
  </g>
</template>

<style scoped>
.ball {
  fill: none;
  stroke: var(--accent);
  stroke-width: 6;
  stroke-linejoin: round;
  stroke-opacity: 0.7;
}
.block {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}
.block.hard {
  stroke-dasharray: 3 4;
}
.block.fair {
  stroke-dasharray: 9 4;
}
.point {
  fill: var(--accent);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.way {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.route.shared .way,
.route.late .way {
  stroke-dasharray: 8 4;
}
.route.nobody .way {
  stroke: var(--bust);
  stroke-width: 2.6;
}
.caught {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 2;
}
.open {
  stroke: var(--bust);
  stroke-width: 3.4;
  fill: none;
}
</style>
