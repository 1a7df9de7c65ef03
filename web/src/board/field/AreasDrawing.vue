<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet, Spot } from '../../api/types'
import { rectOf, type Drawing } from './field'

/** Who has which area, how wide it is, and where he aims; the cones of a goal-line lane game. */
const props = defineProps<{ sheet: Sheet; drawing: Drawing; selected?: string }>()

const at = (spot: Spot) => props.drawing.fieldToSvg(spot)
const areas = computed(() =>
  props.sheet.areas.map((a) => ({ ...a, rect: rectOf(props.drawing, a.extent), mark: at(a.landmark) })),
)
</script>

<template>
  <g>
    <g class="areas">
      <g
        v-for="a in areas"
        :key="a.owner"
        :class="{ faded: selected && selected !== a.owner }"
      >
        <rect
          v-bind="a.rect"
          rx="8"
          :class="a.deep ? 'area-deep' : 'area-under'"
        />
        <text
          :x="a.rect.x + a.rect.width / 2"
          :y="at({ x: 0, y: a.deep ? 16.6 : 9 }).y"
          :class="['area-word', a.deep ? 'deep' : 'under']"
        >
          {{ a.words }}, {{ a.widthYards.toFixed(0) }} yd wide
        </text>
        <path
          :d="`M${a.mark.x - 5} ${a.mark.y}h10M${a.mark.x} ${a.mark.y - 5}v10`"
          :class="['landmark', a.deep ? 'deep' : 'under']"
        />
      </g>
    </g>
    <path
      v-for="c in sheet.cones"
      :key="`${c.at.x} ${c.at.y}`"
      :d="`M${at(c.at).x - 5} ${at(c.at).y + 4}h10l-5 -10Z`"
      class="cone"
    />
  </g>
</template>

<style scoped>
.area-word {
  font: 600 12px var(--narrow);
}
.area-under {
  fill: url(#hatch);
  stroke: var(--under);
  stroke-width: 1;
  opacity: 0.8;
}
.area-deep {
  fill: url(#dots);
  stroke: var(--deep);
  stroke-width: 1;
  opacity: 0.8;
}
.area-word {
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
}
.under {
  fill: var(--under);
}
.deep {
  fill: var(--deep);
}
.landmark {
  fill: none;
  stroke-width: 1.5;
}
.landmark.under {
  stroke: var(--under);
  fill: none;
}
.landmark.deep {
  stroke: var(--deep);
  fill: none;
}
.faded {
  opacity: 0.25;
}
.cone {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
