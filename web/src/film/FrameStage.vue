<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Drawing, FeetClick, FoundFeet, KnownClick } from '../api/types'
import { strokeOf, type DrawnPoint, type Shape } from './drawing'
import type { Mode } from './filmStore'
import { clampFrame, frameAt, seekTime } from './frames'
import StageDrawings from './StageDrawings.vue'
import StageMarks from './StageMarks.vue'
import { useAhead } from './useAhead'
import { usePen } from './usePen'

const props = defineProps<{
  src: string
  width: number
  height: number
  times: number[]
  frame: number
  mode: Mode
  /** Lines of the field in the picture, pixels. */
  grid: { x: number; y: number }[][]
  /** Clicks in the frame that is shown. */
  points: KnownClick[]
  marks: FeetClick[]
  /** Men whom the picture itself shows, to be confirmed. */
  found?: FoundFeet[]
  /** Known places that it shows, to be confirmed. */
  foundPlaces?: KnownClick[]
  /** What is drawn over the frame that is shown, and what the pen draws. */
  drawings?: Drawing[]
  pen?: Shape
  target?: string
  atSnap: boolean
  zoom: boolean
  /** A quarter of the speed. */
  slow?: boolean
  /** First and last frame that are played round and round. */
  span?: [number, number]
  /** The frame at which playing ends, when it ends. */
  until?: number
  label: (man: string) => string
}>()
const emit = defineEmits<{
  frame: [frame: number]
  click: [x: number, y: number]
  drawn: [way: DrawnPoint[]]
  playing: [runs: boolean]
  end: []
}>()

const QUARTER = 0.25
const video = ref<HTMLVideoElement>()
const stage = ref<SVGSVGElement>()
const cross = ref({ x: props.width / 2, y: props.height / 2 })
const origin = ref('50% 50%')
const failed = ref(false)

const canvas = ref<HTMLCanvasElement>()
const { over, goThere } = useAhead(props, video, canvas)
useEventListener(video, 'loadedmetadata', () => (video.value!.currentTime = seekTime(props.frame, props.times)))
useEventListener(video, 'timeupdate', () => {
  if (!video.value || video.value.paused) return
  const frame = frameAt(video.value.currentTime, props.times)
  if (props.span && frame > props.span[1]) video.value.currentTime = seekTime(props.span[0], props.times)
  else if (props.until !== undefined && frame >= props.until) end()
  else emit('frame', frame)
})
useEventListener(video, 'play', () => emit('playing', true))
useEventListener(video, 'pause', () => emit('playing', false))
useEventListener(video, 'ended', () => props.until !== undefined && emit('end'))
function end(): void {
  video.value?.pause()
  emit('frame', props.until!)
  emit('end')
}
watch([() => props.slow, video], () => {
  if (video.value) video.value.playbackRate = props.slow ? QUARTER : 1
})
useEventListener(video, 'error', () => (failed.value = true))

function spot(event: MouseEvent): { x: number; y: number } {
  const box = stage.value!.getBoundingClientRect()
  return inPicture(
    ((event.clientX - box.left) / box.width) * props.width,
    ((event.clientY - box.top) / box.height) * props.height,
  )
}
function inPicture(x: number, y: number): { x: number; y: number } {
  return { x: Math.max(0, Math.min(props.width, x)), y: Math.max(0, Math.min(props.height, y)) }
}
function press(event: MouseEvent): void {
  if (!clicking.value) return
  cross.value = spot(event)
  emit('click', cross.value.x, cross.value.y)
}
const hand = usePen((way) => emit('drawn', way))
watch([() => props.frame, () => props.mode], hand.drop)
function putPen(event: PointerEvent): void {
  if (!drawing.value) return
  cross.value = spot(event)
  stage.value!.setPointerCapture(event.pointerId)
  hand.put(cross.value.x, cross.value.y)
}
function leadPen(event: PointerEvent): void {
  if (!hand.way.value.length) return
  cross.value = spot(event)
  hand.lead(cross.value.x, cross.value.y)
}
function follow(event: MouseEvent): void {
  if (!props.zoom)
    origin.value = `${((spot(event).x / props.width) * 100).toFixed(1)}% ${((spot(event).y / props.height) * 100).toFixed(1)}%`
}
function toggle(): void {
  if (!video.value) return
  if (video.value.paused) play()
  else pause()
}
function pause(): void {
  if (!video.value || video.value.paused) return
  video.value.pause()
  emit('frame', clampFrame(frameAt(video.value.currentTime, props.times), props.times))
}
function play(): void {
  if (!video.value?.paused) return
  if (over.value !== undefined) goThere()
  void video.value.play()
}
/** The keyboard's way to point: a cross that walks, and Enter. */
function walk(x: number, y: number): void {
  cross.value = inPicture(cross.value.x + x, cross.value.y + y)
  hand.lead(cross.value.x, cross.value.y)
  origin.value = `${(cross.value.x / props.width) * 100}% ${(cross.value.y / props.height) * 100}%`
}
function drop(): void {
  const { x, y } = cross.value
  if (!drawing.value) emit('click', x, y)
  else if (hand.way.value.length) hand.lift()
  else hand.put(x, y)
}
/** The cross goes where somebody is to be clicked. */
function point(x: number, y: number): void {
  cross.value = inPicture(x, y)
}
defineExpose({ toggle, play, pause, goThere, walk, drop, point })
const lines = computed(() => (props.atSnap ? props.grid : []).map((line) => line.map((p) => `${p.x},${p.y}`).join(' ')))
/** A click is a place only while one points. */
const clicking = computed(() => props.mode === 'calibrate' || props.mode === 'mark')
const drawing = computed(() => props.mode === 'draw')
const drawn = computed(() => {
  const points = props.pen ? strokeOf(props.pen, hand.way.value) : []
  return [...(props.drawings ?? []), ...(props.pen && points.length ? [{ shape: props.pen, points }] : [])]
})
</script>

<template>
  <div
    class="stage"
    :class="mode"
  >
    <div
      class="inner"
      :style="{
        transform: zoom ? 'scale(2.5)' : undefined,
        transformOrigin: origin,
        '--ratio': width / height,
        aspectRatio: `${width} / ${height}`,
      }"
    >
      <video
        ref="video"
        :src="src"
        muted
        playsinline
        preload="auto"
        aria-label="Film"
        tabindex="-1"
      />
      <canvas
        v-show="over !== undefined"
        ref="canvas"
        :data-frame="over"
        aria-hidden="true"
      />
      <svg
        ref="stage"
        :viewBox="`0 0 ${width} ${height}`"
        role="img"
        :aria-label="clicking ? 'Film frame: click a place' : 'Film frame'"
        @click="press"
        @pointerdown="putPen"
        @pointermove="leadPen"
        @pointerup="hand.lift"
        @pointercancel="hand.drop"
        @mousemove="follow"
      >
        <polyline
          v-for="(line, i) in lines"
          :key="i"
          :points="line"
          class="grid"
        />
        <StageDrawings :drawings="drawn" />
        <StageMarks
          :points="points"
          :marks="marks"
          :found="found ?? []"
          :found-places="foundPlaces ?? []"
          :target="target"
          :label="label"
        />
        <path
          v-if="clicking || drawing"
          :d="`M${cross.x - 18} ${cross.y}h12m12 0h12M${cross.x} ${cross.y - 18}v12m0 12v12`"
          class="cross"
        />
      </svg>
    </div>
    <p
      v-if="failed"
      class="failed"
      role="alert"
    >
      The film does not play in this browser: have it made over on the page of its game.
    </p>
  </div>
</template>

<style scoped>
.stage {
  container-type: size;
  overflow: hidden;
  background: #10140f;
  position: relative;
  display: grid;
  place-items: center;
  height: 100%;
  min-height: 0;
}
.inner {
  position: relative;
  width: min(100cqw, 100cqh * var(--ratio));
}
video,
canvas,
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  display: block;
}
.calibrate svg,
.mark svg,
.draw svg {
  cursor: crosshair;
}
/* a finger that draws does not scroll */
.draw svg {
  touch-action: none;
}
.grid {
  fill: none;
  stroke: #ffe27a;
  stroke-width: 1.6;
  opacity: 0.75;
}
.cross {
  stroke: #fff;
  stroke-width: 3;
  fill: none;
}
.failed {
  position: absolute;
  inset: auto 20px 20px;
  background: var(--card);
  color: var(--bust);
  padding: 10px;
  font-weight: 600;
}
</style>
