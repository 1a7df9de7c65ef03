<script setup lang="ts">
import type { Drawing } from '../api/types'
import { pathOf } from './drawing'

/** What a coach drew over the picture: chalk on a dark rim, so that it is seen on any film. */
defineProps<{ drawings: Pick<Drawing, 'shape' | 'points'>[] }>()
</script>

<template>
  <g
    v-for="(d, i) in drawings"
    :key="i"
    class="drawing"
  >
    <path
      :d="pathOf(d)"
      class="rim"
    />
    <path :d="pathOf(d)" />
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke: #fff4c2;
  stroke-width: 5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.rim {
  stroke: #1c2426;
  stroke-width: 9;
}
</style>
