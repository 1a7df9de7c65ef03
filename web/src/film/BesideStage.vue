<script setup lang="ts">
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { problemOf } from '../api/client'
import type { AngleSheet, ReelSheet } from '../api/types'
import { drawnAt } from './drawing'
import { frameAt } from './frames'
import FrameStage from './FrameStage.vue'
import { useFilm } from './filmStore'
import { clickedAt } from './work'

/** The play in hand from another side, at the same moment since the ball; looked at, not worked on. */
const props = defineProps<{
  angle: AngleSheet
  /** Seconds since the ball moved. */
  since: number
  playing: boolean
  slow: boolean
}>()
/** Both sides run by themselves; so far they may come apart before this one is led back, seconds. */
const APART = 0.1
const film = useFilm()
const reel = shallowRef<ReelSheet>()
const stage = useTemplateRef('stage')
const own = ref(0)
async function take(): Promise<void> {
  try {
    reel.value = await film.reelOf(props.angle.reel)
  } catch (error) {
    film.problem = problemOf(error)
  }
}
onMounted(take)
watch(() => props.angle.reel, take)
const times = computed(() => reel.value?.frameTimes ?? [])
const asked = computed(() => (times.value[props.angle.snapFrame] ?? 0) + props.since)
const frame = computed(() =>
  props.playing && Math.abs((times.value[own.value] ?? 0) - asked.value) < APART
    ? own.value
    : frameAt(asked.value + 1e-4, times.value),
)
watch([() => props.playing, stage], async ([playing]) => {
  if (playing) stage.value?.play()
  else {
    stage.value?.pause()
    await nextTick()
    stage.value?.goThere()
  }
})
const marks = computed(() => props.angle.marks.filter((m) => clickedAt(props.angle, m) === frame.value))
const drawings = computed(() => drawnAt(props.angle, frame.value, times.value))
</script>

<template>
  <figure>
    <FrameStage
      v-if="reel"
      ref="stage"
      :src="`/api/reels/${reel.id}/video`"
      :width="reel.width"
      :height="reel.height"
      :times="times"
      :frame="frame"
      mode="look"
      :grid="[]"
      :points="[]"
      :marks="marks"
      :drawings="drawings"
      :target="film.target"
      :at-snap="false"
      :zoom="false"
      :slow="slow"
      :label="film.label"
      @frame="own = $event"
    />
    <figcaption>{{ reel?.name }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  position: relative;
  min-width: 0;
  min-height: 0;
}
figcaption {
  position: absolute;
  left: 8px;
  bottom: 8px;
  padding: 1px 7px;
  background: var(--card);
  font: 600 13px var(--narrow);
}
</style>
