<script setup lang="ts">
import { computed, ref } from 'vue'
import type { JobRow, PassSheet, RunSheet, Sheet, FieldRow, Spot } from '../../api/types'
import DefenderMark from './DefenderMark.vue'
import AreasDrawing from './AreasDrawing.vue'
import FieldPaint from './FieldPaint.vue'
import FindingMarks from './FindingMarks.vue'
import GapsDrawing from './GapsDrawing.vue'
import OffenceDrawing from './OffenceDrawing.vue'
import { drawingOf, pathOf, rectOf, SCALE, type ViewFrom } from './field'
import type { Layer } from '../boardStore'
import type { Listed } from '../findings'
import PlayDrawing from './PlayDrawing.vue'

const props = defineProps<{
  field: FieldRow
  sheet: Sheet
  from: ViewFrom
  layers: Layer[]
  selected?: string
  ghost?: Spot
  placing?: boolean
  placingMan?: string
  listed: readonly Listed[]
  pointed?: string
  run?: RunSheet
  pass?: PassSheet
}>()
const emit = defineEmits<{
  pick: [job: string]
  drop: [job: string, spot: Spot]
  take: [man: string]
  point: [key: string]
  place: [man: string, spot: Spot]
}>()

const svg = ref<SVGSVGElement>()
const drawing = computed(() => drawingOf(props.field, props.from))
const on = (layer: Layer): boolean => props.layers.includes(layer)
const at = (spot: Spot) => drawing.value.fieldToSvg(spot)
const meant = computed(() => props.listed.find((l) => l.key === props.pointed)?.finding.who ?? [])
const picked = computed(() => props.sheet.jobs.find((j) => j.id === props.selected))

let dragging: { job: string; moved: boolean } | undefined
const dragged = ref<{ job: string; spot: Spot }>()
const movingMan = ref<{ name: string; spot: Spot }>()
const offence = computed(() =>
  props.sheet.offence.map((m) => (m.name === movingMan.value?.name ? { ...m, feet: movingMan.value.spot } : m)),
)
function spotOf(event: PointerEvent): Spot {
  const matrix = svg.value!.getScreenCTM()!.inverse()
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
  return drawing.value.svgToField({ x: p.x, y: p.y })
}
function down(job: JobRow, event: PointerEvent): void {
  emit('pick', job.id)
  dragging = { job: job.id, moved: false }
  svg.value!.setPointerCapture(event.pointerId)
}
/** While the offence is being placed its men are dragged, the defenders answer. */
let placed: string | undefined
function takeMan(man: string, event: PointerEvent): void {
  placed = man
  emit('take', man)
  svg.value!.setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  if (placed) movingMan.value = { name: placed, spot: { x: spotOf(event).x, y: Math.min(-0.5, spotOf(event).y) } }
  if (!dragging) return
  const spot = spotOf(event)
  const from = props.sheet.jobs.find((j) => j.id === dragging!.job)?.feet
  if (!dragging.moved && from && Math.hypot(spot.x - from.x, spot.y - from.y) < 0.4) return
  dragging.moved = true
  dragged.value = { job: dragging.job, spot: { x: spot.x, y: Math.max(0.6, spot.y) } }
}
function up(): void {
  if (placed && movingMan.value) emit('place', placed, movingMan.value.spot)
  placed = undefined
  movingMan.value = undefined
  if (dragged.value) emit('drop', dragged.value.job, dragged.value.spot)
  dragging = undefined
  dragged.value = undefined
}
const feet = (job: JobRow): Spot | undefined =>
  dragged.value?.job === job.id ? dragged.value.spot : props.selected === job.id && props.ghost ? props.ghost : job.feet
</script>

<template>
  <svg
    ref="svg"
    class="field"
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    role="group"
    aria-label="Field, to scale"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
  >
    <FieldPaint
      :field="field"
      :drawing="drawing"
    />
    <AreasDrawing
      v-if="on('areas')"
      :sheet="sheet"
      :drawing="drawing"
      :selected="selected"
    />
    <g
      v-if="picked?.region"
      aria-hidden="true"
    >
      <rect
        v-bind="rectOf(drawing, picked.region)"
        class="region"
      />
    </g>
    <g
      v-if="on('sight lines')"
      aria-hidden="true"
    >
      <template
        v-for="j in sheet.jobs"
        :key="j.id"
      >
        <line
          v-if="j.feet && j.key"
          :x1="at(j.feet).x"
          :y1="at(j.feet).y"
          :x2="at(j.key).x"
          :y2="at(j.key).y"
          :class="['sight', { faded: selected && selected !== j.id }]"
        />
      </template>
    </g>
    <OffenceDrawing
      :men="offence"
      :drawing="drawing"
      :placing="placing"
      :placing-man="placingMan"
      @take="takeMan"
    />
    <GapsDrawing
      v-if="on('gaps')"
      :sheet="sheet"
      :drawing="drawing"
    />
    <g
      v-if="on('paths')"
      aria-hidden="true"
    >
      <template
        v-for="j in sheet.jobs"
        :key="j.id"
      >
        <path
          v-if="j.feet && j.goal"
          :d="pathOf(at(j.feet), at(j.goal))"
          :class="['path', { faded: selected && selected !== j.id }]"
          marker-end="url(#arrow)"
        />
      </template>
    </g>
    <g
      v-if="on('leverage')"
      aria-hidden="true"
    >
      <text
        v-for="j in sheet.jobs.filter((x) => x.leverage && x.feet)"
        :key="j.id"
        :x="at(j.feet!).x"
        :y="at(j.feet!).y - 15"
        class="leverage"
      >
        {{ j.leverage }}
      </text>
    </g>
    <PlayDrawing
      v-if="run || pass"
      :drawing="drawing"
      :run="run"
      :pass="pass"
    />
    <g aria-hidden="true">
      <template
        v-for="j in sheet.jobs"
        :key="`meant-${j.id}`"
      >
        <circle
          v-if="j.feet && meant.includes(j.id)"
          :cx="at(j.feet).x"
          :cy="at(j.feet).y"
          r="17"
          class="meant"
        />
      </template>
    </g>
    <g>
      <g
        v-for="j in sheet.jobs"
        :key="`show-${j.id}`"
      >
        <circle
          v-if="j.show && j.feet"
          :cx="at(j.show).x"
          :cy="at(j.show).y"
          r="9"
          class="shown"
        />
        <line
          v-if="j.show && j.feet"
          :x1="at(j.show).x"
          :y1="at(j.show).y"
          :x2="at(j.feet).x"
          :y2="at(j.feet).y"
          class="creep"
        />
      </g>
      <template
        v-for="j in sheet.jobs"
        :key="j.id"
      >
        <DefenderMark
          v-if="feet(j)"
          :job="j"
          :at="at(feet(j)!)"
          :key-at="j.key ? at(j.key) : undefined"
          :selected="j.id === selected"
          @pointerdown.prevent="down(j, $event)"
        />
      </template>
    </g>
    <FindingMarks
      :field="field"
      :sheet="sheet"
      :drawing="drawing"
      :listed="listed"
      :pointed="pointed"
      @point="emit('point', $event)"
    />
    <text
      v-if="dragged"
      class="drag-word"
      :x="at(dragged.spot).x"
      :y="at(dragged.spot).y - 18"
    >
      {{ Math.abs(dragged.spot.x).toFixed(1) }} x {{ dragged.spot.y.toFixed(1) }} yd
    </text>
    <desc>{{ SCALE }} units a yard</desc>
  </svg>
</template>

<style scoped>
.field {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  user-select: none;
}
.leverage,
.drag-word {
  font: 600 12px var(--narrow);
}
.faded {
  opacity: 0.25;
}
.region {
  fill: var(--accent);
  fill-opacity: 0.18;
  stroke: var(--accent);
  stroke-dasharray: 3 2;
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
.leverage,
.drag-word {
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
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
.meant {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3;
}
</style>
