<script setup lang="ts">
import { computed } from 'vue'
import type { GapRow, Sheet, Spot } from '../../api/types'
import type { Drawing } from './field'

/** Who has each gap, and who is the force man of each edge; a gap that is not owned once is framed. */
const props = defineProps<{ sheet: Sheet; drawing: Drawing }>()

const FRAME: Record<GapRow['owned'], string | undefined> = {
  once: undefined,
  twice: 'dashed',
  'two-gapped': 'dotted',
  open: 'bust',
}
const at = (spot: Spot) => props.drawing.fieldToSvg(spot)
const gaps = computed(() =>
  props.sheet.gaps.map((g) => ({
    ...g,
    frame: FRAME[g.owned],
    p: at({ x: g.at.x, y: -2.6 }),
    q: at({ x: g.at.x, y: -3.35 }),
  })),
)
const edges = computed(() =>
  props.sheet.edges.map((e) => ({
    side: e.side,
    p: at({ x: e.at.x + (e.side === 'left' ? -3.4 : 3.4), y: -4.4 }),
    force: e.forces.map((f) => props.sheet.jobs.find((j) => j.id === f)?.label).join('+') || 'nobody',
  })),
)
</script>

<template>
  <g>
    <g
      v-for="g in gaps"
      :key="g.words"
      :data-owned="g.owned"
    >
      <rect
        v-if="g.frame"
        :x="g.p.x - 9"
        :y="g.p.y - 11"
        width="18"
        height="28"
        :class="g.frame"
      />
      <text
        :x="g.p.x"
        :y="g.p.y + 2"
        class="gap-letter"
      >
        {{ g.letter }}
      </text>
      <text
        :x="g.q.x"
        :y="g.q.y + 2"
        class="gap-owner"
      >
        {{ g.said }}
      </text>
    </g>
    <text
      v-for="e in edges"
      :key="e.side"
      :x="e.p.x"
      :y="e.p.y"
      class="force"
    >
      force: {{ e.force }}
    </text>
  </g>
</template>

<style scoped>
.force,
.gap-owner {
  font: 600 12px var(--narrow);
}
.gap-letter {
  font: 700 13px var(--narrow);
  text-anchor: middle;
  fill: var(--run);
}
.gap-owner {
  text-anchor: middle;
  fill: var(--run);
}
.gap-letter,
.gap-owner,
.force {
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 3px;
}
.force {
  text-anchor: middle;
  fill: var(--soft);
}
rect {
  fill: none;
  stroke: var(--ink);
}
.bust {
  stroke: var(--bust);
  stroke-width: 2;
}
.dashed {
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
}
.dotted {
  stroke-width: 1;
  stroke-dasharray: 1 2;
}
</style>
