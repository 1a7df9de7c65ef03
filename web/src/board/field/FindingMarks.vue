<script setup lang="ts">
import { computed } from 'vue'
import type { FieldRow, Sheet } from '../../api/types'
import type { Listed } from '../findings'
import { freeSpot, type Drawing } from './field'

/** What was found, numbered as in the list, beside where it is; marks fan out and cover neither each other nor a man. */
const props = defineProps<{
  field: FieldRow
  sheet: Sheet
  drawing: Drawing
  listed: readonly Listed[]
  pointed?: string
}>()
const emit = defineEmits<{ point: [key: string] }>()

/** Notes, standing facts and muted ones stand on the field only while they are pointed at. */
const shown = computed(() =>
  props.listed.filter(
    (l) => l.key === props.pointed || (l.finding.severity !== 'note' && l.finding.severity !== 'fact' && !l.muted),
  ),
)
const fanned = computed(() => {
  const men = props.sheet.jobs.flatMap((j) => (j.feet ? [{ ...props.drawing.fieldToSvg(j.feet), reach: 20 }] : []))
  const placed: { x: number; y: number; reach: number }[] = []
  return shown.value.map((l) => {
    const where = props.drawing.fieldToSvg({
      x: Math.max(props.field.leftSideline + 1, Math.min(props.field.rightSideline - 1, l.finding.where.x)),
      y: Math.min(l.finding.where.y, 18),
    })
    const p = freeSpot(where, [...placed, ...men])
    placed.push({ ...p, reach: 19 })
    return { key: l.key, n: l.n, severity: l.finding.severity, p }
  })
})
</script>

<template>
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
</template>

<style scoped>
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
.finding.note rect,
.finding.fact rect {
  stroke-dasharray: 3 2;
  stroke: var(--soft);
}
.finding.note text,
.finding.fact text {
  fill: var(--soft);
}
.finding.pointed rect {
  stroke: var(--accent);
  stroke-width: 4;
}
</style>
