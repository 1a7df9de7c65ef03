<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, useTemplateRef } from 'vue'
import { useBoard } from '../boardStore'
import { ownView } from './ownPlace'
import { useRunning } from './runStore'

/** The snap from one man's own place, until he acts on what he sees: then it is asked, and only then said. */
const board = useBoard()
const running = useRunning()
const { own, snap, picture, ball, tick, waits, told, his } = storeToRefs(running)
const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)

const job = computed(() => board.sheet?.jobs.find((j) => j.id === own.value))
/** He looks at whom he is told to watch first; else at the ball. */
const to = computed(
  () => picture.value?.offence.find((m) => m.name === his.value?.looksAt)?.feet ?? ball.value?.at ?? { x: 0, y: 0 },
)
const view = computed(() =>
  picture.value && own.value
    ? ownView(picture.value, own.value, {
        to: to.value,
        ball: ball.value?.at,
        sidelines: board.board ? [board.board.field.leftSideline, board.board.field.rightSideline] : undefined,
        width: width.value || 800,
        height: height.value || 450,
      })
    : undefined,
)
/** What he has seen and done so far. */
const said = computed(() =>
  (snap.value?.events ?? []).filter(
    (e) =>
      e.tick <= tick.value &&
      ((e.man === own.value && (e.what === 'KEY_SHOWS' || e.what === 'TOLD')) ||
        (e.whom === own.value && e.what === 'CONTACT')),
  ),
)
</script>

<template>
  <div class="own">
    <svg
      ref="svg"
      :viewBox="view && `0 0 ${view.width} ${view.height}`"
      role="img"
      :aria-label="`What ${job?.name ?? 'he'} sees`"
    >
      <template v-if="view">
        <rect
          class="ground"
          x="0"
          :y="view.horizon"
          :width="view.width"
          :height="view.height - view.horizon"
        />
        <path
          v-for="(l, i) in view.lines"
          :key="i"
          :d="l.d"
          :class="{ line: l.line }"
        />
        <g
          v-for="m in view.men"
          :key="m.name + m.defends"
          :class="m.defends ? 'defender' : 'attacker'"
        >
          <rect
            :x="m.x - m.wide / 2"
            :y="m.top + m.wide * 0.55"
            :width="m.wide"
            :height="m.feet - m.top - m.wide * 0.55"
            :rx="m.wide * 0.3"
          />
          <circle
            :cx="m.x"
            :cy="m.top + m.wide * 0.32"
            :r="m.wide * 0.32"
          />
          <text
            v-if="m.wide > 14"
            :x="m.x"
            :y="m.top + m.wide * 1.35"
            :font-size="Math.min(26, m.wide * 0.55)"
          >
            {{ m.name }}
          </text>
        </g>
        <ellipse
          v-if="view.ball"
          :cx="view.ball.x"
          :cy="view.ball.y"
          :rx="view.ball.size * 1.5"
          :ry="view.ball.size"
        />
      </template>
    </svg>
    <div
      class="words"
      role="status"
    >
      <p v-if="waits">
        <b>{{ job?.name }}: what do you do?</b>
        <button
          class="button main"
          type="button"
          @click="running.tell"
        >
          Say it
        </button>
      </p>
      <p v-else-if="told">{{ said.map((e) => e.said).join(' ') }}</p>
      <p v-else>
        <b>{{ job?.name }}</b>, from his own place.
      </p>
    </div>
  </div>
</template>

<style scoped>
.own {
  display: flex;
  flex-direction: column;
  height: 100%;
}
svg {
  flex: 1;
  min-height: 0;
  width: 100%;
  display: block;
  background: var(--paper);
}
.ground {
  fill: var(--field);
}
path {
  stroke: var(--rule);
  stroke-width: 1.5;
  fill: none;
}
path.line {
  stroke: var(--accent);
  stroke-width: 3;
}
.defender rect,
.defender circle {
  fill: var(--ink);
  stroke: var(--field);
  stroke-width: 1.5;
}
.attacker rect,
.attacker circle {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 2;
}
text {
  font-family: var(--narrow);
  font-weight: 700;
  text-anchor: middle;
  fill: var(--ink);
}
.defender text {
  fill: var(--card);
}
ellipse {
  fill: #7a3b12;
  stroke: var(--card);
}
.words {
  padding: 4px 14px;
  min-height: 44px;
  font: 400 16px/1.3 var(--narrow);
}
.words .button {
  margin-left: 12px;
}
</style>
