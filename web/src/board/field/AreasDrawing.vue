<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet, Spot } from '../../api/types'
import { rectOf, type Drawing } from './field'
import type { AskedThing } from './fieldWords'

/** Who has which area, how wide it is, and where he aims; the cones of a goal-line lane game. */
const props = defineProps<{ sheet: Sheet; drawing: Drawing; selected?: string }>()
defineEmits<{ ask: [thing: AskedThing] }>()

const at = (spot: Spot) => props.drawing.fieldToSvg(spot)
const label = (job: string): string => props.sheet.jobs.find((j) => j.id === job)?.name ?? job
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
        @click="$emit('ask', { kind: 'AREA', name: a.owner })"
      >
        <title>
          {{ a.words }}, {{ a.widthYards.toFixed(0) }} yd wide: {{ label(a.owner) }}. The cross is his landmark.
        </title>
        <rect
          v-bind="a.rect"
          rx="8"
          :class="a.deep ? 'area-deep' : 'area-under'"
        />
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
