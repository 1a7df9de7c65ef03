<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet } from '../../api/types'
import type { Layer } from './layers'
import { pathOf, type Drawing, type SvgPoint } from './field'

/** Lines that belong to a man: sight to his key, the way of his movement, where he shows before he goes. */
const props = defineProps<{
  sheet: Sheet
  drawing: Drawing
  layers: readonly Layer[]
  spots: Map<string, SvgPoint>
  selected?: string
}>()
const on = (layer: Layer): boolean => props.layers.includes(layer)
const jobs = computed(() =>
  props.sheet.jobs
    .filter((j) => j.feet)
    .map((j) => ({
      id: j.id,
      p: props.spots.get(j.id)!,
      key: j.key && props.drawing.fieldToSvg(j.key),
      goal: j.goal && props.drawing.fieldToSvg(j.goal),
      show: j.show && props.drawing.fieldToSvg(j.show),
    })),
)
const faded = (id: string): boolean => !!props.selected && props.selected !== id
</script>

<template>
  <g aria-hidden="true">
    <g
      v-for="j in jobs"
      :key="j.id"
      :class="{ faded: faded(j.id) }"
    >
      <line
        v-if="on('sight lines') && j.key"
        :x1="j.p.x"
        :y1="j.p.y"
        :x2="j.key.x"
        :y2="j.key.y"
        class="sight"
      />
      <path
        v-if="on('paths') && j.goal"
        :d="pathOf(j.p, j.goal)"
        class="path"
        marker-end="url(#arrow)"
      />
      <template v-if="j.show">
        <circle
          :cx="j.show.x"
          :cy="j.show.y"
          r="9"
          class="shown"
        />
        <line
          :x1="j.show.x"
          :y1="j.show.y"
          :x2="j.p.x"
          :y2="j.p.y"
          class="creep"
        />
      </template>
    </g>
  </g>
</template>

<style scoped>
.faded {
  opacity: 0.3;
}
.sight {
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
.path {
  fill: none;
  stroke: var(--rush);
  stroke-width: 2.2;
}
.shown {
  fill: none;
  stroke: var(--soft);
  stroke-dasharray: 2 2;
}
.creep {
  stroke: var(--soft);
  stroke-dasharray: 2 2;
}
</style>
