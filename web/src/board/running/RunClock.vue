<script setup lang="ts">
import { Slider } from 'ant-design-vue'
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { SPEEDS, useRunning } from './runStore'
import { moments, openAt } from './snapAt'

/** The snap under the hand: play and pause, every tick by drag and keys, slower. */
const running = useRunning()
const { snap, tick, end, speed, playing, own, whom } = storeToRefs(running)
const marks = computed(() =>
  Object.fromEntries((snap.value ? moments(snap.value) : []).filter((t) => t <= end.value).map((t) => [t, ''])),
)
const seconds = (t: number): string => `${(t * (snap.value?.secondsPerTick ?? 0)).toFixed(2)} s`
/** What has just happened; nothing while a man is asked what he makes of it. */
const said = computed(() =>
  own.value ? '' : (snap.value?.events.filter((e) => e.main && e.tick <= tick.value).at(-1)?.said ?? ''),
)
/** How near the rush is while the ball is to be thrown, and who is open. */
const rush = computed(() => snap.value?.rush[Math.floor(tick.value)])
const open = computed(() => (snap.value ? openAt(snap.value, tick.value) : []))
const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, Home: -999, End: 999 }
function press(event: KeyboardEvent): void {
  const by = STEPS[event.key]
  if (by === undefined || !(event.target instanceof HTMLElement) || event.target.role !== 'slider') return
  event.preventDefault()
  event.stopPropagation()
  running.step(by)
}
</script>

<template>
  <div
    class="clock switches"
    role="group"
    aria-label="The snap"
    @keydown.capture="press"
  >
    <button
      type="button"
      class="go"
      @click="running.go"
    >
      {{ playing ? 'Pause' : 'Play' }} <span class="key">I</span>
    </button>
    <b class="time">{{ seconds(tick) }}</b>
    <Slider
      class="slider"
      :value="tick"
      :min="0"
      :max="end"
      :step="0.05"
      :marks="marks"
      :tooltip-open="false"
      aria-label-for-handle="Time of the snap"
      :aria-value-text-formatter-for-handle="(v?: number) => seconds(v ?? 0)"
      @change="running.stand(Number($event))"
    />
    <button
      v-for="s in SPEEDS"
      :key="s"
      type="button"
      :aria-pressed="speed === s"
      @click="speed = s"
    >
      {{ s === 1 ? 'as it is' : s === 0.5 ? 'half' : 'a quarter' }}
    </button>
    <button
      type="button"
      :aria-pressed="!!own"
      @click="running.seeFrom(own ? undefined : whom)"
    >
      {{ own ? 'From above' : 'From his place' }} <span class="key">H</span>
    </button>
    <button
      type="button"
      @click="running.leave"
    >
      Close
    </button>
    <p
      class="said"
      role="status"
    >
      {{ said }}
      <span
        v-if="rush !== undefined && !own"
        class="soft"
        >Rush {{ rush.toFixed(1) }} yd from the passer; open: {{ open.join(', ') || 'nobody' }}.</span
      >
    </p>
  </div>
</template>

<style scoped src="../switches.css"></style>
<style scoped>
.clock {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  align-items: center;
  padding: 4px 14px;
  border-top: 1px solid var(--rule);
}
.time {
  font: 700 15px/1 var(--narrow);
  min-width: 4ch;
  font-variant-numeric: tabular-nums;
}
.slider {
  flex: 1;
  min-width: 160px;
  margin: 4px 6px;
}
.said {
  flex-basis: 100%;
  font: 600 14px/1.3 var(--narrow);
  min-height: 1.3em;
}
</style>
