<script setup lang="ts">
import { computed } from 'vue'
import type { Sheet } from '../../api/types'
import type { Drawing } from './field'
import type { AskedThing } from './fieldWords'
import { letterSize } from './letters'
import { named, offenceAt } from './marks'

type Attacker = Sheet['offence'][number]

/** The men of the offence: each answers who has him; while they are being placed, those who may move can be taken. */
const props = defineProps<{
  men: Attacker[]
  drawing: Drawing
  placing?: boolean
  placingMan?: string
  asked?: AskedThing
}>()
const emit = defineEmits<{ take: [man: string, event: PointerEvent]; ask: [thing: AskedThing] }>()

const spots = computed(() => offenceAt(props.men, props.drawing))
const shown = computed(() =>
  props.men.map((m) => ({
    ...m,
    p: spots.value.get(m.name)!,
    r: (named(m) ? 10 : 8.6) * props.drawing.mark,
    letters: m.post === 'quarterback' ? 'Q' : named(m) ? m.name : '',
  })),
)
const asking = (man: Attacker): boolean => props.asked?.kind === 'MAN' && props.asked.name === man.name
function take(man: Attacker, event: PointerEvent): void {
  if (!props.placing) emit('ask', { kind: 'MAN', name: man.name })
  else if (named(man)) emit('take', man.name, event)
}
</script>

<template>
  <g>
    <g
      v-for="m in shown"
      :key="m.name"
      :class="['man', { movable: placing && named(m), taken: placing && m.name === placingMan, asked: asking(m) }]"
      :data-man="m.name"
      @pointerdown.prevent="take(m, $event)"
    >
      <title>{{ m.name }}{{ m.number ? `, ${m.number}` : '' }}: who has him?</title>
      <rect
        v-if="asking(m)"
        :x="m.p.x - 13 * drawing.mark"
        :y="m.p.y - 13 * drawing.mark"
        :width="26 * drawing.mark"
        :height="26 * drawing.mark"
        class="picked"
      />
      <rect
        v-if="m.post === 'centre'"
        :x="m.p.x - 8 * drawing.mark"
        :y="m.p.y - 8 * drawing.mark"
        :width="16 * drawing.mark"
        :height="16 * drawing.mark"
        class="offence"
      />
      <circle
        v-else
        :cx="m.p.x"
        :cy="m.p.y"
        :r="m.r"
        class="offence"
      />
      <text
        v-if="m.letters"
        :x="m.p.x"
        :y="m.p.y + letterSize('man', drawing.letter) * 0.36"
        class="name"
        :style="{ fontSize: `${letterSize('man', drawing.letter)}px` }"
      >
        {{ m.letters }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.man {
  cursor: pointer;
}
.offence {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 1.7;
}
.man:hover .offence {
  stroke-width: 2.6;
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
.picked {
  fill: none;
  stroke: var(--accent);
  stroke-width: 3;
}
.name {
  font-family: var(--narrow);
  font-weight: 700;
  text-anchor: middle;
  fill: var(--ink);
}
</style>
