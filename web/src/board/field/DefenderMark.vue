<script setup lang="ts">
import { computed } from 'vue'
import type { JobRow } from '../../api/types'
import type { Drawing, SvgPoint } from './field'
import { letterSize } from './letters'

const props = defineProps<{ job: JobRow; at: SvgPoint; keyAt?: SvgPoint; selected: boolean; drawing: Drawing }>()

/** Shape by pass job: block with a bar rushes, shield is underneath, round tag is deep, double outline is man. */
const shape = computed(() => {
  switch (props.job.kind) {
    case 'under':
      return 'M-10.5 -10H10.5V1Q10.5 8 0 12Q-10.5 8 -10.5 1Z'
    case 'deep':
      return 'M-6 -10H6Q11 -10 11 -5V5Q11 10 6 10H-6Q-11 10 -11 5V-5Q-11 -10 -6 -10Z'
    default:
      return 'M-9.5 -9.5H9.5V9.5H-9.5Z'
  }
})
/** A small wedge at the rim toward his key. */
const wedge = computed(() => {
  if (!props.keyAt) return null
  const angle = (Math.atan2(props.keyAt.y - props.at.y, props.keyAt.x - props.at.x) * 180) / Math.PI
  return `rotate(${angle}) translate(14.5 0)`
})
</script>

<template>
  <g
    class="defender eased"
    :class="job.kind"
    :data-defender="job.id"
    :transform="`translate(${at.x} ${at.y}) scale(${drawing.mark})`"
  >
    <title>{{ job.name }}: {{ job.parts.find((p) => p.part === 'align')?.shown }}. The wedge points at his key.</title>
    <rect
      v-if="selected"
      x="-15"
      y="-15"
      width="30"
      height="30"
      class="picked"
    />
    <path
      v-if="wedge"
      d="M-4 -4L3 0L-4 4Z"
      class="wedge"
      :transform="wedge"
    />
    <path
      :d="shape"
      class="body"
    />
    <path
      v-if="job.kind === 'man'"
      :d="shape"
      class="outline"
      transform="scale(1.25)"
    />
    <path
      v-if="job.kind === 'rush'"
      d="M-6.5 7H6.5"
      class="bar"
    />
    <text
      y="4.4"
      :style="{ fontSize: `${letterSize('man', drawing.letter) / drawing.mark}px` }"
    >
      {{ job.label }}
    </text>
  </g>
</template>

<style scoped>
.defender {
  cursor: grab;
}
.body {
  fill: var(--run);
}
.rush .body {
  fill: var(--run);
}
.under .body {
  fill: var(--under);
}
.deep .body {
  fill: var(--deep);
}
.man .body {
  fill: var(--man);
}
.outline {
  fill: none;
  stroke: var(--man);
  stroke-width: 1.4;
}
.bar {
  stroke: var(--on-dark);
  stroke-width: 1.6;
}
.wedge {
  fill: var(--ink);
}
.picked {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3;
}
text {
  font-family: var(--narrow);
  font-weight: 700;
  text-anchor: middle;
  fill: var(--on-dark);
}
</style>
