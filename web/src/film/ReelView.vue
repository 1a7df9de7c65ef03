<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, client, problemOf } from '../api/client'
import type { JobRow } from '../api/types'
import { useViewActions } from '../shell/actions/registry'
import { useSession } from '../shell/session'
import ClickPanel from './ClickPanel.vue'
import { useFilm, type Mode } from './filmStore'
import FrameRibbon from './FrameRibbon.vue'
import { clampFrame } from './frames'
import FrameStage from './FrameStage.vue'
import OverruleGrade from './OverruleGrade.vue'
import { reelActions } from './reelActions'
import ReelSentence from './ReelSentence.vue'
import TakeOutSnap from './TakeOutSnap.vue'
import VerdictStrip from './VerdictStrip.vue'

const film = useFilm()
const session = useSession()
const route = useRoute()
const { reel, snap, number, now, mode, target, problem } = storeToRefs(film)
const frame = ref(0)
const zoom = ref(false)
const stage = useTemplateRef('stage')
const overruling = ref<JobRow>()
const erasing = ref(false)

onMounted(async () => {
  try {
    await film.open(Number(route.params.reel), route.query.snap ? Number(route.query.snap) : undefined)
  } catch (error) {
    problem.value = problemOf(error)
  }
})
watch(
  () => session.me,
  (me, before) => {
    if (me && !before && problem.value && snap.value) void film.save()
  },
)
watch(
  () => snap.value?.number,
  () => (frame.value = snap.value?.snapFrame ?? 0),
)
const { data: found, refetch: loadGrades } = useQuery({
  queryKey: computed(() => ['grades of snap', reel.value?.id, snap.value?.number, snap.value?.version]),
  queryFn: () =>
    answer(
      client.GET('/api/reels/{reel}/snaps/{snap}/grades', {
        params: { path: { reel: reel.value!.id, snap: snap.value!.number } },
      }),
    ),
  enabled: computed(() => !!reel.value && !!snap.value),
  placeholderData: (before, query) => (query?.queryKey[2] === snap.value?.number ? before : undefined),
})
const grades = computed(() => found.value ?? [])

const times = computed(() => reel.value?.frameTimes ?? [])
const atSnap = computed(() => frame.value === now.value?.snapFrame)
const marked = computed(() => new Set(now.value?.marks.map((m) => m.man)))

function go(to: number): void {
  frame.value = clampFrame(to, times.value)
}
function enter(to: Mode): void {
  mode.value = mode.value === to ? 'look' : to
  if (to !== 'look' && now.value) frame.value = now.value.snapFrame
}
async function takeOut(): Promise<void> {
  erasing.value = false
  try {
    await film.eraseSnap()
  } catch (error) {
    problem.value = problemOf(error)
  }
}

useViewActions({
  title: 'Film',
  actions: reelActions({ film, frame, zoom, erasing, go, enter, stage: () => stage.value }),
  quiet: () => !!overruling.value || erasing.value,
})
</script>

<template>
  <div class="view reel">
    <ReelSentence />
    <section
      class="frame"
      aria-label="Film"
    >
      <FrameStage
        v-if="reel"
        ref="stage"
        :src="`/api/reels/${reel.id}/video`"
        :width="reel.width"
        :height="reel.height"
        :times="times"
        :frame="frame"
        :mode="mode"
        :snap="snap"
        :points="mode === 'calibrate' && atSnap ? (now?.points ?? []) : []"
        :marks="now?.marks ?? []"
        :target="target"
        :at-snap="atSnap"
        :zoom="zoom"
        :label="film.label"
        @frame="frame = $event"
        @click="film.clickAt"
      />
      <FrameRibbon
        v-if="reel"
        :reel="reel"
        :frame="frame"
        :at-snap="atSnap"
        :zoom="zoom"
        :in-hand="!!number"
        @go="go"
        @play="stage?.toggle()"
        @snap="film.walkSnap"
        @take-out="erasing = true"
        @zoom="zoom = !zoom"
      />
    </section>
    <ClickPanel
      @mode="enter"
      @add="film.addSnap(frame)"
    />
    <footer v-if="snap">
      <VerdictStrip
        :snap="snap"
        :target="target"
        :marked="marked"
        :grades="grades"
        may-mark
        @pick="target = $event"
        @overrule="overruling = $event"
      />
    </footer>
    <OverruleGrade
      v-if="reel && snap"
      :reel="reel.id"
      :snap="snap.number"
      :job="overruling"
      :grade="grades.find((g) => g.job === overruling?.id)"
      @close="overruling = undefined"
      @graded="loadGrades"
    />
    <TakeOutSnap
      :open="erasing"
      :number="number"
      @close="erasing = false"
      @take-out="takeOut"
    />
  </div>
</template>

<style scoped>
.reel {
  --rows: auto minmax(0, 1fr) 168px;
  --columns: minmax(0, 1fr) 300px;
}
.frame {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
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
