<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import type { FieldRow, JobRow, PassSheet, RunSheet, Sheet, Spot } from '../../api/types'
import type { Layer } from './layers'
import type { Listed } from '../findings'
import AreasDrawing from './AreasDrawing.vue'
import DefenderMark from './DefenderMark.vue'
import { drawingOf, rectOf, type SvgPoint, type ViewFrom } from './field'
import FieldLetters from './FieldLetters.vue'
import FieldPaint from './FieldPaint.vue'
import { fieldWords, type AskedThing } from './fieldWords'
import JobLines from './JobLines.vue'
import { forget, measured } from './letters'
import OffenceDrawing from './OffenceDrawing.vue'
import { defendersAt, menBoxes } from './marks'
import { place } from './placing'
import PlayDrawing from './PlayDrawing.vue'
import { useDragging } from './useDragging'

const props = defineProps<{
  field: FieldRow
  sheet: Sheet
  from: ViewFrom
  layers: Layer[]
  selected?: string
  asked?: AskedThing
  ghost?: Spot
  placing?: boolean
  placingMan?: string
  listed: readonly Listed[]
  pointed?: string
  run?: RunSheet
  pass?: PassSheet
  /** How far downfield a ball is that is to be followed, yards. */
  follow?: number
}>()
const emit = defineEmits<{
  pick: [job: string]
  ask: [thing: AskedThing]
  drop: [job: string, spot: Spot]
  take: [man: string]
  point: [key: string]
  place: [man: string, spot: Spot]
  /** Words that found no room. */
  hidden: [words: string[]]
}>()

const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const drawing = computed(() =>
  drawingOf(props.field, props.from, { width: width.value, height: height.value }, props.follow),
)
const at = (spot: Spot): SvgPoint => drawing.value.fieldToSvg(spot)
const on = (layer: Layer): boolean => props.layers.includes(layer)
const meant = computed(() => props.listed.find((l) => l.key === props.pointed)?.finding.who ?? [])
const picked = computed(() => props.sheet.jobs.find((j) => j.id === props.selected))

const { defender, attacker, take, move, up } = useDragging({
  svg,
  drawing: () => drawing.value,
  feet: (job) => props.sheet.jobs.find((j) => j.id === job)?.feet ?? undefined,
  dropped: (job, spot) => emit('drop', job, spot),
  placed: (man, spot) => emit('place', man, spot),
})
function takeDefender(job: JobRow, event: PointerEvent): void {
  emit('pick', job.id)
  take({ job: job.id }, event)
}
function takeAttacker(man: string, event: PointerEvent): void {
  emit('take', man)
  take({ man }, event)
}
const offence = computed(() =>
  props.sheet.offence.map((m) => (m.name === attacker.value?.name ? { ...m, feet: attacker.value.spot } : m)),
)
const stand = computed(() => defendersAt(props.sheet.jobs, drawing.value))
/** Where a defender's mark is: under the pointer, as a ghost, or where he stands. */
function markAt(job: JobRow): SvgPoint | undefined {
  if (defender.value?.job === job.id) return at(defender.value.spot)
  return props.selected === job.id && props.ghost ? at(props.ghost) : stand.value.get(job.id)
}

/** Widths are measured again once the fonts of the page are there. */
const fonts = ref(0)
onMounted(async () => {
  await document.fonts?.ready
  forget()
  fonts.value++
})
const words = computed(() => {
  void fonts.value
  const asked = { ...props, drawing: drawing.value, measure: measured }
  const room = { x: 0, y: 0, width: drawing.value.width, height: drawing.value.height }
  return place(fieldWords(asked), menBoxes(props.sheet, drawing.value), room)
})
/** Told only when it is another list: whoever shows it draws the field again. */
const hidden = computed(() =>
  words.value.hidden
    .filter((w) => !w.silent)
    .map((w) => w.lines[0]!.map((l) => l.text).join(' '))
    .join('\n'),
)
watch(hidden, (lines) => emit('hidden', lines ? lines.split('\n') : []), { immediate: true })
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
      @ask="emit('ask', $event)"
    />
    <rect
      v-if="picked?.region"
      v-bind="rectOf(drawing, picked.region)"
      class="region"
    />
    <JobLines
      :sheet="sheet"
      :drawing="drawing"
      :layers="layers"
      :spots="stand"
      :selected="selected"
    />
    <PlayDrawing
      v-if="run || pass"
      :drawing="drawing"
      :run="run"
      :pass="pass"
    />
    <FieldLetters
      :placed="words.placed"
      :drawing="drawing"
      :asked="asked"
      @ask="emit('ask', $event)"
      @point="emit('point', $event)"
    />
    <OffenceDrawing
      :men="offence"
      :drawing="drawing"
      :placing="placing"
      :placing-man="placingMan"
      :asked="asked"
      @take="takeAttacker"
      @ask="emit('ask', $event)"
    />
    <g>
      <template
        v-for="j in sheet.jobs"
        :key="j.id"
      >
        <circle
          v-if="meant.includes(j.id) && stand.get(j.id)"
          :cx="stand.get(j.id)!.x"
          :cy="stand.get(j.id)!.y"
          :r="17 * drawing.mark"
          class="meant"
        />
        <DefenderMark
          v-if="markAt(j)"
          :job="j"
          :at="markAt(j)!"
          :drawing="drawing"
          :key-at="j.key ? at(j.key) : undefined"
          :selected="j.id === selected"
          @pointerdown.prevent="takeDefender(j, $event)"
        />
      </template>
    </g>
    <slot
      name="over"
      :drawing="drawing"
    />
    <text
      v-if="defender"
      class="drag-word"
      :x="at(defender.spot).x"
      :y="at(defender.spot).y - 20"
    >
      {{ Math.abs(defender.spot.x).toFixed(1) }} x {{ defender.spot.y.toFixed(1) }} yd
    </text>
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
.region {
  fill: var(--accent);
  fill-opacity: 0.18;
  stroke: var(--accent);
  stroke-dasharray: 3 2;
}
.drag-word {
  font: 700 14px var(--narrow);
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
}
.meant {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3;
}
</style>
