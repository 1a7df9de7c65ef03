<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useViewActions } from '../shell/actions/registry'
import { useSession } from '../shell/session'
import BesideStage from './BesideStage.vue'
import ClickPanel from './ClickPanel.vue'
import DrawPanel from './DrawPanel.vue'
import { useFilm, type Mode } from './filmStore'
import FrameRibbon from './FrameRibbon.vue'
import FrameStage from './FrameStage.vue'
import GradePanel from './GradePanel.vue'
import GradeStrip from './GradeStrip.vue'
import { useGrades } from './gradeStore'
import MomentPanel from './MomentPanel.vue'
import PlaylistBar from './PlaylistBar.vue'
import PlaySentence from './PlaySentence.vue'
import { roomActions } from './roomActions'
import TakeOutPlay from './TakeOutPlay.vue'
import { usePlaylist } from './playlist'
import { useDrawing } from './useDrawing'
import { useGrading } from './useGrading'
import { usePaths } from './usePaths'
import { usePicture } from './usePicture'
import { usePlayTime } from './usePlayTime'
import { useRoomAddress } from './useRoomAddress'
import { clickedAt } from './work'

const film = useFilm()
const grades = useGrades()
const session = useSession()
const { game, reel, play, playId, number, angle, now, mode, target, problem } = storeToRefs(film)
const frame = ref(0)
const zoom = ref(false)
const slow = ref(false)
const loop = ref(false)
const beside = ref(false)
const playing = ref(false)
const stage = useTemplateRef('stage')
const erasing = ref(false)
const grading = useGrading()
const panel = useTemplateRef('panel')

const list = usePlaylist()
useRoomAddress(list)

/** A play of a playlist runs by itself as soon as it is here. */
const startsItself = computed(() => list.running.value && !!now.value && !!reel.value)
watch([() => angle.value?.id, startsItself], async () => {
  if (!startsItself.value || !now.value) return
  frame.value = now.value.firstFrame
  await nextTick()
  stage.value?.play()
})
watch(
  () => session.me,
  (me, before) => {
    if (!me || before) return
    if (problem.value && play.value) void film.save()
    void grades.send()
  },
)
watch(
  () => play.value?.id,
  (id) => id !== undefined && void grades.open(game.value!.id, id),
)
watch(
  () => play.value && [play.value.version, ...play.value.angles.map((a) => a.version)].join(),
  (versions, before) => before && versions && void grades.load(),
)

const { times, span, moments, sinceBall, go, skip, walkMark } = usePlayTime(frame)
const paths = usePaths()
const picture = usePicture(frame, paths, go, (x, y) => stage.value?.point(x, y))
const drawing = useDrawing(frame)
/** The side that is shown beside the one in hand. */
const other = computed(() => (beside.value ? play.value?.angles.find((a) => a.reel === film.otherSide) : undefined))
const atSnap = computed(() => frame.value === now.value?.snapFrame)
/** Clicks in the frame that is shown. */
const here = computed(() => ({
  marks: now.value?.marks.filter((m) => clickedAt(now.value!, m) === frame.value) ?? [],
  points: now.value?.points.filter((p) => clickedAt(now.value!, p) === frame.value) ?? [],
}))
const marked = computed(() => new Set(now.value?.marks.filter((m) => m.frame === undefined).map((m) => m.man)))

function enter(to: Mode): void {
  mode.value = mode.value === to ? 'look' : to
  if ((mode.value === 'grade' || mode.value === 'time') && !film.jobs.some((j) => j.id === target.value))
    target.value = film.jobs[0]?.id
  if ((to === 'calibrate' || to === 'mark') && mode.value === to && now.value) frame.value = now.value.snapFrame
}
function takeOut(): void {
  erasing.value = false
  void film.takeOut()
}
function takeOff(): void {
  erasing.value = false
  void film.takeOff()
}

useViewActions({
  title: 'Film',
  actions: roomActions({
    film,
    frame,
    zoom,
    erasing,
    go,
    skip,
    walkMark,
    slow: () => (slow.value = !slow.value),
    loop: () => (loop.value = !loop.value),
    beside: () => (beside.value = !beside.value),
    enter,
    stage: () => stage.value,
    grading,
    drawing,
    findBall: () => void picture.ball.find(),
    takeFound: picture.take,
    who: () => panel.value?.who(),
    walkPlay: (by) => (list.plays.value.length ? list.walk(by) : void film.walkPlay(by)),
  }),
  quiet: () => erasing.value,
})
</script>

<template>
  <div
    class="view room"
    :class="{ alone: !play }"
  >
    <PlaySentence />
    <section
      class="frame"
      aria-label="Film"
    >
      <div
        v-if="reel"
        class="sides"
        :class="{ two: other }"
      >
        <FrameStage
          ref="stage"
          :src="`/api/reels/${reel.id}/video`"
          :width="reel.width"
          :height="reel.height"
          :times="times"
          :frame="frame"
          :mode="mode"
          :grid="angle?.calibration?.grid ?? []"
          :points="mode === 'calibrate' ? here.points : []"
          :marks="here.marks"
          :found="picture.men.men.value"
          :found-places="picture.places.places.value"
          :drawings="drawing.here.value"
          :pen="drawing.shape.value"
          :target="target"
          :at-snap="atSnap"
          :zoom="zoom"
          :slow="slow"
          :span="loop ? span : undefined"
          :until="list.running.value && !loop ? span[1] : undefined"
          :label="film.label"
          @frame="frame = $event"
          @click="picture.click"
          @drawn="drawing.draw"
          @end="list.walk(1)"
          @playing="playing = $event"
        />
        <BesideStage
          v-if="other"
          :angle="other"
          :since="sinceBall"
          :playing="playing"
          :slow="slow"
        />
      </div>
      <p
        v-else-if="game"
        class="empty"
        role="status"
      >
        This game has no film<template v-if="number !== undefined"
          >: grade play {{ number }} by eye with <span class="key">G</span></template
        >. <RouterLink :to="`/film/${game.id}`">Take a reel in</RouterLink>.
      </p>
      <PlaylistBar
        :list="list"
        :filmed="!play || !!angle"
      />
      <FrameRibbon
        v-if="reel"
        :times="times"
        :frame="frame"
        :span="span"
        :ball="now?.snapFrame"
        :moments="moments"
        :zoom="zoom"
        :slow="slow"
        :loop="loop"
        :side="reel.name"
        :sides="film.sides.length"
        :in-hand="!!playId"
        :beside="!!other"
        @go="go"
        @play="stage?.toggle()"
        @slow="slow = !slow"
        @loop="loop = !loop"
        @side="film.walkSide"
        @beside="beside = !beside"
        @walk="(by) => (list.plays.value.length ? list.walk(by) : film.walkPlay(by))"
        @take-out="erasing = true"
        @zoom="zoom = !zoom"
      />
    </section>
    <GradePanel
      v-if="mode === 'grade' && play"
      ref="panel"
      :facet="grading.facet.value"
      :criterion="grading.criterion.value"
      :frame="frame"
      @mode="enter"
      @facet="grading.choose"
      @go="go"
      @confirm="grading.confirm"
    />
    <MomentPanel
      v-else-if="mode === 'time' && play"
      :frame="frame"
      :times="times"
      @mode="enter"
      @go="go"
    />
    <DrawPanel
      v-else-if="mode === 'draw' && play"
      :drawing="drawing"
      :times="times"
      @mode="enter"
      @go="go"
    />
    <ClickPanel
      v-else
      :frame="frame"
      :picture="picture"
      :paths="paths"
      @mode="enter"
      @add="film.addPlay(frame)"
      @also="film.addAngle(frame)"
    />
    <footer v-if="play">
      <GradeStrip
        :play="play"
        :target="target"
        :marked="marked"
        @pick="target = $event"
      />
    </footer>
    <TakeOutPlay
      :open="erasing"
      :number="number"
      :reel="angle && reel?.name"
      @close="erasing = false"
      @take-out="takeOut"
      @take-off="takeOff"
    />
  </div>
</template>

<style scoped>
.room {
  --rows: auto minmax(0, 1fr) 168px;
  --columns: minmax(0, 1fr) 320px;
}
.alone {
  --rows: auto minmax(0, 1fr);
}
.room > aside {
  padding: 8px 10px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.room > aside :deep(> *) {
  flex: none;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  min-height: 0;
  background: #10140f;
}
.two {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
@container work (width <= 760px) {
  .two {
    grid-template: repeat(2, minmax(0, 1fr)) / minmax(0, 1fr);
  }
}
.frame {
  display: grid;
  grid-template-rows: minmax(0, 1fr);
  grid-auto-rows: auto;
  height: var(--field-height, auto);
  min-height: 0;
  min-width: 0;
}
@media print {
  .frame {
    display: grid !important;
    height: 110mm !important;
  }
}
</style>
