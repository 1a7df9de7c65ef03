<script setup lang="ts">
import type { Drawing } from './field'
import type { AskedThing, Word } from './fieldWords'
import { LETTERS, LINE, letterSize, type LetterName } from './letters'
import type { Placed } from './placing'

/** Lettering where it found room; what stands off is led to what it belongs to. */
const props = defineProps<{
  placed: readonly Placed<Word>[]
  drawing: Drawing
  asked?: AskedThing
}>()
const emit = defineEmits<{ ask: [thing: AskedThing]; point: [finding: string] }>()

const size = (letter: LetterName): number => letterSize(letter, props.drawing.letter)
/** Baselines of the lines of one word, from the top of its box. */
function lines(p: Placed<Word>) {
  let top = p.box.y
  return p.wish.lines[p.form]!.map((line) => {
    const height = size(line.letter) * LINE
    top += height
    return { ...line, y: top - height * 0.22 }
  })
}
/** The nearest point of its box to what a word belongs to. */
function edge(p: Placed<Word>): { x: number; y: number } {
  const { x, y, width, height } = p.box
  return {
    x: Math.max(x, Math.min(x + width, p.wish.of.x)),
    y: Math.max(y, Math.min(y + height, p.wish.of.y)),
  }
}
const same = (a: AskedThing | undefined, b: AskedThing | undefined): boolean =>
  !!a && a.kind === b?.kind && a.name === b.name
function take(w: Word): void {
  if (w.finding) emit('point', w.finding)
  else if (w.asks) emit('ask', w.asks)
}
</script>

<template>
  <g>
    <g
      v-for="p in placed"
      :key="p.wish.key"
      :data-word="p.wish.key"
      :class="['word', p.wish.tone, { asking: p.wish.asks || p.wish.finding, asked: same(asked, p.wish.asks) }]"
      @click="take(p.wish)"
      @mouseenter="p.wish.finding && emit('point', p.wish.finding)"
    >
      <line
        v-if="p.leader"
        :x1="edge(p).x"
        :y1="edge(p).y"
        :x2="p.wish.of.x"
        :y2="p.wish.of.y"
        class="leader"
      />
      <rect
        v-if="p.wish.frame"
        v-bind="p.box"
        :class="['frame', p.wish.frame]"
      />
      <text
        v-for="line in lines(p)"
        :key="line.text"
        :x="p.at.x"
        :y="line.y"
        :style="{ fontSize: `${size(line.letter)}px`, fontWeight: LETTERS[line.letter].weight }"
      >
        {{ line.text }}
      </text>
    </g>
  </g>
</template>

<style scoped>
text {
  font-family: var(--narrow);
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 3px;
  fill: var(--ink);
}
.run text {
  fill: var(--run);
}
.soft text {
  fill: var(--soft);
}
.under text {
  fill: var(--under);
}
.deep text {
  fill: var(--deep);
}
.rush text {
  fill: var(--rush);
}
.painted text {
  fill: var(--faint);
  stroke: none;
  letter-spacing: 2px;
}
.asking {
  cursor: pointer;
}
.asking:hover text,
.asked text {
  text-decoration: underline;
}
.leader {
  stroke: var(--soft);
  stroke-width: 1;
}
.frame {
  fill: none;
  stroke: var(--ink);
}
.bust {
  stroke: var(--bust);
  stroke-width: 2;
}
.dashed {
  stroke-width: 1.5;
  stroke-dasharray: 3 2;
}
.dotted {
  stroke-width: 1.2;
  stroke-dasharray: 1 2;
}
.frame.finding {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.finding text {
  stroke: none;
}
.frame.finding.bust {
  fill: var(--bust);
  stroke: var(--bust);
}
.frame.finding.bust ~ text {
  fill: var(--on-dark);
}
.frame.finding.note,
.frame.finding.fact {
  stroke-dasharray: 3 2;
  stroke: var(--soft);
}
.frame.finding.pointed {
  stroke: var(--accent);
  stroke-width: 4;
}
</style>
