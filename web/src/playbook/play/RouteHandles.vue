<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Spot } from '../../api/types'
import type { Drawing } from '../../board/field/field'

/** The way of a route with a handle on each corner; what is let go of is told in field yards. */
const props = defineProps<{ drawing: Drawing; way: Spot[]; readonly: boolean }>()
const emit = defineEmits<{ move: [corner: number, to: Spot] }>()
const STEP = 0.5
const STRIDE = 2
const STEPS: Record<string, Spot> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
}
const held = ref<{ corner: number; spot: Spot }>()
watch(
  () => props.way,
  () => (held.value = undefined),
)
const corners = computed(() => props.way.map((spot, i) => (held.value?.corner === i ? held.value.spot : spot)))
const at = (spot: Spot) => props.drawing.fieldToSvg(spot)
const line = computed(() => corners.value.map((c) => `${at(c).x},${at(c).y}`).join(' '))
const yards = (c: Spot): string => `${c.y.toFixed(1)} yd deep`

function take(corner: number, event: PointerEvent): void {
  if (props.readonly) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  held.value = { corner, spot: props.way[corner]! }
}
function drag(event: PointerEvent): void {
  const handle = event.currentTarget as SVGGraphicsElement
  const screen = handle.ownerSVGElement?.getScreenCTM()
  if (!held.value || !screen) return
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse())
  held.value = { corner: held.value.corner, spot: props.drawing.svgToField(p) }
}
function drop(): void {
  if (held.value) emit('move', held.value.corner, held.value.spot)
}
function step(corner: number, event: KeyboardEvent): void {
  const way = STEPS[event.key]
  if (!way || props.readonly) return
  event.preventDefault()
  event.stopPropagation()
  const yards = event.shiftKey ? STRIDE : STEP
  const from = corners.value[corner]!
  emit('move', corner, { x: from.x + way.x * yards, y: from.y + way.y * yards })
}
</script>

<template>
  <g>
    <polyline
      :points="line"
      class="way"
    />
    <circle
      v-for="(c, i) in corners.slice(1)"
      :key="i"
      :cx="at(c).x"
      :cy="at(c).y"
      r="7"
      class="corner"
      role="button"
      :tabindex="readonly ? -1 : 0"
      :aria-label="`Corner ${i + 1}, ${yards(c)}`"
      @pointerdown.prevent="take(i + 1, $event)"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="held = undefined"
      @keydown="step(i + 1, $event)"
    />
    <text
      v-if="held"
      :x="at(held.spot).x + 14"
      :y="at(held.spot).y - 10"
      class="told"
    >
      {{ yards(held.spot) }}
    </text>
  </g>
</template>

<style scoped>
.way {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
  pointer-events: none;
}
.corner {
  fill: var(--accent);
  stroke: var(--ink);
  stroke-width: 2;
  cursor: grab;
  touch-action: none;
}
.corner:focus-visible {
  outline: none;
  stroke-width: 5;
}
.told {
  font: 700 14px var(--narrow);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
}
</style>
