<script setup lang="ts">
import { Modal } from 'ant-design-vue'

/** What the marks on the field mean. */
defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()

const MARKS: readonly { draw: string; tone: string; words: string }[] = [
  {
    draw: 'M-10 -10H10V10H-10Z M-7 7H7',
    tone: 'run solid',
    words: 'Rushes. The bar points at no lane; his way is the brown line.',
  },
  { draw: 'M-10.5 -10H10.5V1Q10.5 8 0 12Q-10.5 8 -10.5 1Z', tone: 'under solid', words: 'Plays an underneath zone.' },
  {
    draw: 'M-6 -10H6Q11 -10 11 -5V5Q11 10 6 10H-6Q-11 10 -11 5V-5Q-11 -10 -6 -10Z',
    tone: 'deep solid',
    words: 'Plays deep.',
  },
  { draw: 'M-8 -8H8V8H-8Z M-11 -11H11V11H-11Z', tone: 'man', words: 'Has a man, wherever he runs.' },
  { draw: 'M-4 -5L5 0L-4 5Z', tone: 'ink solid', words: 'Wedge at a man: that way stands his key.' },
  { draw: 'M-10 0H10M0 -10V10', tone: 'under', words: 'Landmark of the man whose area it is.' },
  { draw: 'M-9 -12H9V12H-9Z', tone: 'bust', words: 'Gap that nobody has.' },
  { draw: 'M-9 -12H9V12H-9Z', tone: 'ink dashed', words: 'Gap that two men have.' },
  { draw: 'M-9 -12H9V12H-9Z', tone: 'ink dotted', words: 'Gap of a man who plays both sides of his block.' },
  {
    draw: 'M-10 0A10 10 0 1 0 10 0A10 10 0 1 0 -10 0',
    tone: 'ink',
    words: 'Man of the offence; the centre is a square. Click: who has him.',
  },
  { draw: 'M-14 0H14', tone: 'accent dashed', words: 'Line to gain.' },
  { draw: 'M-14 0H14', tone: 'ball', words: 'Way of the ball of the run picked.' },
  {
    draw: 'M-14 0H8M8 -6V6',
    tone: 'ink',
    words: 'Block of the run picked: solid is easy to win, long dashes fair, short dashes hard.',
  },
  { draw: 'M-7 6H7L0 -6Z', tone: 'point', words: 'Where the run crosses the line.' },
  {
    draw: 'M-14 4H8M4 0L12 4L4 8',
    tone: 'ink',
    words: 'Route of the pass picked; dashed when it is shared or covered late, red with a cross when nobody has it.',
  },
  {
    draw: 'M-12 0A12 12 0 1 0 12 0A12 12 0 1 0 -12 0',
    tone: 'ink dashed',
    words: 'While a snap is watched: a receiver who is open now.',
  },
  {
    draw: 'M-12 0A12 12 0 1 0 12 0A12 12 0 1 0 -12 0',
    tone: 'accent',
    words: 'While a snap is watched: the man the chosen line of the reason is about.',
  },
  {
    draw: 'M-9 -9H9V9H-9Z',
    tone: 'bust solid',
    words: 'Finding, numbered as in the list: red is a bust, ink is weak.',
  },
]
</script>

<template>
  <Modal
    :open="open"
    title="What the marks mean"
    :footer="null"
    width="520px"
    @cancel="$emit('close')"
  >
    <dl>
      <template
        v-for="m in MARKS"
        :key="m.words"
      >
        <dt>
          <svg
            viewBox="-16 -14 32 28"
            width="32"
            height="28"
            aria-hidden="true"
          >
            <path
              :d="m.draw"
              :class="m.tone"
            />
          </svg>
        </dt>
        <dd>{{ m.words }}</dd>
      </template>
    </dl>
  </Modal>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 5px 12px;
  align-items: center;
  font-size: 15px;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.run {
  stroke: var(--on-dark);
}
.run.solid {
  fill: var(--run);
}
.under {
  stroke: var(--under);
}
.under.solid {
  fill: var(--under);
}
.deep.solid {
  fill: var(--deep);
  stroke: none;
}
.man {
  stroke: var(--man);
}
.ink.solid {
  fill: var(--ink);
}
.bust {
  stroke: var(--bust);
}
.bust.solid {
  fill: var(--bust);
}
.accent {
  stroke: var(--accent);
}
.ball {
  stroke: var(--accent);
  stroke-width: 6;
}
.point {
  fill: var(--accent);
  stroke-width: 1.2;
}
.dashed {
  stroke-dasharray: 4 3;
}
.dotted {
  stroke-dasharray: 1.5 2.5;
}
</style>
