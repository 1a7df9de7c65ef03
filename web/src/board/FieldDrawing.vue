<script setup lang="ts">
import { computed, ref } from 'vue'
import type { JobRow, PassSheet, RunSheet, Sheet, FieldRow, Spot } from '../api/types'
import DefenderMark from './DefenderMark.vue'
import { drawingOf, freeSpot, pathOf, rectOf, SCALE, yardLines, type ViewFrom } from './field'
import type { Layer } from './boardStore'
import type { Listed } from './findings'
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
const lines = computed(() =>
  yardLines(props.field.toGoal).map((l) => ({ ...l, at: drawing.value.fieldToSvg({ x: 0, y: l.y }).y })),
)
const left = computed(() => Math.min(...ends.value))
const right = computed(() => Math.max(...ends.value))
const ends = computed(() => [
  drawing.value.fieldToSvg({ x: props.field.leftSideline, y: 0 }).x,
  drawing.value.fieldToSvg({ x: props.field.rightSideline, y: 0 }).x,
])
const hashes = computed(() =>
  [props.field.leftHash, props.field.rightHash].map((x) => drawing.value.fieldToSvg({ x, y: 0 }).x),
)
const ticks = computed(() => Array.from({ length: 28 }, (_, i) => drawing.value.fieldToSvg({ x: 0, y: i - 8 }).y))
const numbers = computed(() => {
  const middle = (props.field.numbersBottom + props.field.numbersTop) / 2
  return [props.field.leftSideline + middle, props.field.rightSideline - middle].map(
    (x) => drawing.value.fieldToSvg({ x, y: 0 }).x,
  )
})
const scrimmage = computed(() => drawing.value.fieldToSvg({ x: 0, y: 0 }).y)
const gain = computed(() =>
  props.field.distance < props.field.toGoal ? drawing.value.fieldToSvg({ x: 0, y: props.field.distance }).y : null,
)
const on = (layer: Layer): boolean => props.layers.includes(layer)
const at = (spot: Spot) => drawing.value.fieldToSvg(spot)
const areas = computed(() =>
  props.sheet.areas.map((a) => ({ ...a, rect: rectOf(drawing.value, a.extent), mark: at(a.landmark) })),
)
const gaps = computed(() =>
  props.sheet.gaps.map((g) => ({ ...g, p: at({ x: g.at.x, y: -2.6 }), q: at({ x: g.at.x, y: -3.35 }) })),
)
/** Notes and muted ones stand on the field only while they are pointed at. */
const findings = computed(() =>
  props.listed
    .filter((l) => l.key === props.pointed || (l.finding.severity !== 'note' && !l.muted))
    .map((l) => ({
      ...l.finding,
      key: l.key,
      n: l.n,
      p: at({
        x: Math.max(props.field.leftSideline + 1, Math.min(props.field.rightSideline - 1, l.finding.where.x)),
        y: Math.min(l.finding.where.y, 18),
      }),
    })),
)
const meant = computed(() => props.listed.find((l) => l.key === props.pointed)?.finding.who ?? [])
const picked = computed(() => props.sheet.jobs.find((j) => j.id === props.selected))

/** Marks of findings that fall on one spot, or on a man, fan out instead of covering. */
const fanned = computed(() => {
  const placed: { x: number; y: number }[] = []
  return findings.value.map((f) => {
    const p = freeSpot(f.p, [
      ...placed.map((o) => ({ ...o, reach: 19 })),
      ...props.sheet.jobs.flatMap((j) => (j.feet ? [{ ...at(j.feet), reach: 20 }] : [])),
    ])
    placed.push(p)
    return { ...f, p }
  })
})

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
function takeMan(man: { name: string; post: string }, event: PointerEvent): void {
  if (!props.placing || !['eligible', 'quarterback'].includes(man.post)) return
  placed = man.name
  emit('take', man.name)
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
    <defs>
      <marker
        id="arrow"
        viewBox="0 0 8 8"
        refX="6"
        refY="4"
        markerWidth="6"
        markerHeight="6"
        orient="auto"
      >
        <path
          d="M0 0L8 4L0 8Z"
          class="arrow"
        />
      </marker>
      <pattern
        id="hatch"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line
          x1="0"
          y1="0"
          x2="0"
          y2="7"
          class="hatch"
        />
      </pattern>
      <pattern
        id="dots"
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
      >
        <circle
          cx="2"
          cy="2"
          r="1"
          class="dot"
        />
      </pattern>
    </defs>
    <rect
      :x="left"
      y="0"
      :width="right - left"
      :height="drawing.height"
      class="grass"
    />
    <g aria-hidden="true">
      <g
        v-for="line in lines"
        :key="line.y"
      >
        <line
          :x1="left"
          :x2="right"
          :y1="line.at"
          :y2="line.at"
          :class="line.goal ? 'goal' : 'yard'"
        />
        <text
          v-for="x in line.painted && field.painted ? numbers : []"
          :key="x"
          :x="x"
          :y="line.at + 9"
          class="painted"
        >
          {{ line.painted }}
        </text>
      </g>
      <template
        v-for="y in ticks"
        :key="y"
      >
        <line
          v-for="x in field.painted ? hashes : []"
          :key="x"
          :x1="x - 4"
          :x2="x + 4"
          :y1="y"
          :y2="y"
          class="yard"
        />
      </template>
      <line
        v-for="x in [left, right]"
        :key="x"
        :x1="x"
        :x2="x"
        y1="0"
        :y2="drawing.height"
        class="sideline"
      />
      <line
        :x1="left"
        :x2="right"
        :y1="scrimmage"
        :y2="scrimmage"
        class="scrimmage"
      />
      <template v-if="gain !== null">
        <line
          :x1="left"
          :x2="right"
          :y1="gain"
          :y2="gain"
          class="gain"
        />
        <text
          :x="right - 6"
          :y="gain - 5"
          class="gain-word"
          text-anchor="end"
        >
          line to gain
        </text>
      </template>
    </g>
    <g
      v-if="on('areas')"
      class="areas"
    >
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
      v-for="c in on('areas') ? sheet.cones : []"
      :key="`${c.at.x} ${c.at.y}`"
      :d="`M${at(c.at).x - 5} ${at(c.at).y + 4}h10l-5 -10Z`"
      class="cone"
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
    <g :aria-hidden="!placing">
      <g
        v-for="m in offence"
        :key="m.name"
        :class="{
          movable: placing && (m.post === 'eligible' || m.post === 'quarterback'),
          taken: placing && m.name === placingMan,
        }"
        @pointerdown.prevent="takeMan(m, $event)"
      >
        <rect
          v-if="m.post === 'centre'"
          :x="at(m.feet).x - 8"
          :y="at(m.feet).y - 8"
          width="16"
          height="16"
          class="offence"
        />
        <circle
          v-else
          :cx="at(m.feet).x"
          :cy="at(m.feet).y"
          r="8.6"
          class="offence"
        />
        <text
          v-if="m.post === 'eligible' || m.post === 'quarterback'"
          :x="at(m.feet).x"
          :y="at(m.feet).y + 4"
          class="name"
        >
          {{ m.post === 'quarterback' ? 'Q' : m.name }}
        </text>
        <text
          v-if="m.number"
          :x="at(m.feet).x"
          :y="at(m.feet).y + 18"
          class="number"
        >
          {{ m.number }}
        </text>
      </g>
    </g>
    <g v-if="on('gaps')">
      <g
        v-for="g in gaps"
        :key="g.words"
        :class="['gap', g.owned]"
      >
        <rect
          v-if="g.owned !== 'once'"
          :x="g.p.x - 9"
          :y="g.p.y - 11"
          width="18"
          height="28"
          class="gap-box"
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
        v-for="e in sheet.edges"
        :key="e.side"
        :x="at({ x: e.at.x + (e.side === 'left' ? -3.4 : 3.4), y: -4.4 }).x"
        :y="at({ x: 0, y: -4.4 }).y"
        class="force"
      >
        force:
        {{ e.forces.length ? e.forces.map((f) => sheet.jobs.find((j) => j.id === f)?.label).join('+') : 'nobody' }}
      </text>
    </g>
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
    <g aria-hidden="true">
      <g
        v-for="f in fanned"
        :key="f.key"
        :class="['finding', f.severity.replace(' ', '-'), { pointed: f.key === pointed }]"
        @mouseenter="emit('point', f.key)"
      >
        <rect
          :x="f.p.x - 8"
          :y="f.p.y - 8"
          width="16"
          height="16"
        />
        <text
          :x="f.p.x"
          :y="f.p.y + 4.5"
        >
          {{ f.n }}
        </text>
      </g>
    </g>
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
.grass {
  fill: var(--field);
}
.yard {
  stroke: var(--rule);
  stroke-width: 1;
}
.goal {
  stroke: var(--ink);
  stroke-width: 4;
}
.sideline {
  stroke: var(--ink);
  stroke-width: 3;
}
.scrimmage {
  stroke: var(--ink);
  stroke-width: 2;
}
.gain {
  stroke: var(--accent);
  stroke-width: 2;
  stroke-dasharray: 8 4;
}
.gain-word,
.area-word,
.leverage,
.number,
.force,
.gap-owner,
.drag-word {
  font: 600 12px var(--narrow);
}
.gain-word {
  fill: var(--rush);
}
.painted {
  font: 700 26px var(--narrow);
  fill: var(--faint);
  text-anchor: middle;
  letter-spacing: 3px;
}
.hatch {
  stroke: var(--under);
  stroke-width: 1;
  opacity: 0.35;
}
.dot {
  fill: var(--deep);
  opacity: 0.4;
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
.cone {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.path {
  fill: none;
  stroke: var(--rush);
  stroke-width: 2.2;
}
.arrow {
  fill: var(--rush);
}
.offence {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 1.7;
}
.movable {
  cursor: grab;
}
.movable .offence {
  stroke-width: 2.6;
}
.taken .offence {
  fill: var(--accent);
}
.name {
  font: 700 10.5px var(--narrow);
  text-anchor: middle;
  fill: var(--ink);
}
.number {
  text-anchor: middle;
  fill: var(--soft);
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
.gap.open .gap-box {
  fill: none;
  stroke: var(--bust);
  stroke-width: 2;
}
.gap.double .gap-box,
.gap.two-gapped .gap-box {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
}
.gap.two-gapped .gap-box {
  stroke-width: 1;
  stroke-dasharray: 1 2;
}
.force {
  text-anchor: middle;
  fill: var(--soft);
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
.finding rect {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.finding text {
  font: 700 12px var(--narrow);
  text-anchor: middle;
  fill: var(--ink);
}
.finding.bust rect {
  fill: var(--bust);
  stroke: var(--bust);
}
.finding.bust text {
  fill: var(--on-dark);
}
.finding.note rect {
  stroke-dasharray: 3 2;
  stroke: var(--soft);
}
.finding.note text {
  fill: var(--soft);
}
.meant {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3;
}
.finding.pointed rect {
  stroke: var(--accent);
  stroke-width: 4;
}
</style>
