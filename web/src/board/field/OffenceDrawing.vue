<script setup lang="ts">
import type { Sheet, Spot } from '../../api/types'
import type { Drawing } from './field'

type Attacker = Sheet['offence'][number]

/** The men of the offence; while they are being placed, those who may move can be taken. */
const props = defineProps<{ men: Attacker[]; drawing: Drawing; placing?: boolean; placingMan?: string }>()
const emit = defineEmits<{ take: [man: string, event: PointerEvent] }>()

const at = (spot: Spot) => props.drawing.fieldToSvg(spot)
const named = (man: Attacker): boolean => man.post === 'eligible' || man.post === 'quarterback'
function take(man: Attacker, event: PointerEvent): void {
  if (props.placing && named(man)) emit('take', man.name, event)
}
</script>

<template>
  <g :aria-hidden="!placing">
    <g
      v-for="m in men"
      :key="m.name"
      :class="{
        movable: placing && named(m),
        taken: placing && m.name === placingMan,
      }"
      @pointerdown.prevent="take(m, $event)"
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
        v-if="named(m)"
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
</template>

<style scoped>
.number {
  font: 600 12px var(--narrow);
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
</style>
