<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Spot } from '../api/types'
import { useLists } from '../shell/lists'
import AnswerSlip from './AnswerSlip.vue'
import { useHand } from './boardHand'
import { useBoard } from './boardStore'
import FieldDrawing from './field/FieldDrawing.vue'
import { slipAtRight } from './field/slipSide'
import FieldBar from './FieldBar.vue'
import { flat } from './findings'
import { usePlacing } from './offencePlaced'
import PlaceOffence from './PlaceOffence.vue'
import { usePlays } from './playsStore'
import BallDrawing from './running/BallDrawing.vue'
import { useBeside } from './running/besideStore'
import { useRunning } from './running/runStore'

const RunClock = defineAsyncComponent(() => import('./running/RunClock.vue'))
const BesideField = defineAsyncComponent(() => import('./running/BesideField.vue'))
const OwnPlace = defineAsyncComponent(() => import('./running/OwnPlace.vue'))
const WayDrawing = defineAsyncComponent(() => import('./running/WayDrawing.vue'))

/** The field with what it shows, from where, and what was answered on it. */
defineProps<{ mayWrite: boolean }>()
const board = useBoard()
const lists = useLists()
const plays = usePlays()
const { placeMan } = usePlacing()
const hand = useHand()
const running = useRunning()
const beside = useBeside()
/** A defender let go somewhere: while a snap is watched it is asked what that changes, else what it shall mean. */
function dropped(job: string, spot: Spot): void {
  if (running.picture) running.move(job, spot)
  else hand.dropped = { job, spot }
}
const {
  board: answer,
  sheet,
  problem,
  layers,
  selected,
  asked,
  panel,
  viewFrom,
  draft,
  phaseShown,
} = storeToRefs(board)
const { groups, pointed, run, pass } = storeToRefs(plays)
const { ghost, placing, man, onTheWay } = storeToRefs(hand)
/** Labels that found no room on the field. */
const hidden = ref<string[]>([])
const listed = computed(() => flat(groups.value))
/** Men on their way are drawn alone: gaps, areas and findings are of the steps. */
const shown = computed(() => {
  if (running.picture) return { sheet: running.picture, layers: [], listed: [] }
  if (onTheWay.value) return { sheet: onTheWay.value, layers: [], listed: [] }
  return sheet.value && { sheet: sheet.value, layers: layers.value, listed: listed.value }
})
const right = computed(
  () =>
    !!answer.value &&
    !!sheet.value &&
    !!asked.value &&
    slipAtRight(answer.value.field, sheet.value, asked.value, viewFrom.value),
)
/** What the call is in the trade's words, beside our name for it. */
const callWords = computed(() => lists.call(board.callId)?.words)
const byHand = computed(() =>
  draft.value.hand.map((h) => sheet.value?.jobs.find((j) => j.id === h.job)?.name ?? h.job).join(', '),
)
</script>

<template>
  <section
    class="middle"
    aria-label="Field"
  >
    <FieldBar
      v-model:view-from="viewFrom"
      v-model:placing="placing"
      :layers="layers"
      :phases="answer?.phases.length ?? 1"
      :phase="phaseShown"
      :hidden="hidden"
      :moment="hand.moment"
      @toggle="hand.toggle"
      @show="hand.stand"
      @scrub="hand.scrub"
      @play="hand.playMotion"
    />
    <PlaceOffence
      v-if="placing"
      :may-write="mayWrite"
      :man="man"
      @done="placing = false"
    />
    <p
      v-if="board.notice"
      class="notice"
      role="status"
    >
      {{ board.notice }}
      <button
        class="link"
        type="button"
        @click="board.notice = ''"
      >
        Close
      </button>
    </p>
    <p
      v-if="beside.row && !running.own"
      class="two"
    >
      <b>{{ lists.call(board.callId)?.name }}</b><b>{{ lists.call(beside.row.call)?.name }}</b>
    </p>
    <div :class="{ drawing: true, both: beside.row && !running.own }">
      <p
        v-if="problem"
        class="fault"
        role="alert"
      >
        {{ problem.detail }}
        <button
          class="link"
          type="button"
          @click="board.start"
        >
          Try again
        </button>
      </p>
      <p
        v-else-if="!answer"
        class="soft waiting"
      >
        Lining up.
      </p>
      <OwnPlace v-if="running.own && running.picture" />
      <FieldDrawing
        v-else-if="answer && shown"
        :field="answer.field"
        :sheet="shown.sheet"
        :from="viewFrom"
        :layers="shown.layers"
        :selected="selected"
        :asked="asked"
        :ghost="ghost"
        :placing="placing"
        :placing-man="man"
        :listed="shown.listed"
        :pointed="pointed"
        :run="panel === 'plays' && !running.picture ? run : undefined"
        :pass="panel === 'plays' ? pass : undefined"
        :follow="running.ball?.at.y"
        @point="pointed = $event"
        @take="man = $event"
        @place="placeMan"
        @pick="hand.pick($event)"
        @ask="asked = $event"
        @hidden="hidden = $event"
        @drop="dropped"
      >
        <template #over="{ drawing }">
          <WayDrawing
            v-if="running.picture && running.snap"
            :snap="running.snap"
            :tick="running.tick"
            :drawing="drawing"
            :layers="layers"
            :jobs="running.picture.jobs"
            :lit="running.lit"
          />
          <BallDrawing
            v-if="running.picture && running.ball"
            :ball="running.ball"
            :drawing="drawing"
          />
        </template>
      </FieldDrawing>
      <BesideField v-if="beside.row && !running.own" />
      <AnswerSlip
        v-if="asked && sheet && !running.picture"
        :thing="asked"
        :right="right"
        :top="viewFrom === 'defence'"
        @close="asked = undefined"
        @pick="hand.pick"
      />
    </div>
    <RunClock v-if="running.snap" />
    <p
      v-if="sheet"
      class="facts"
    >
      <b v-if="callWords">{{ callWords }}. </b>{{ [...sheet.facts, ...sheet.movedIn].join('. ') }}.<template
        v-if="byHand"
      >
        Put by hand, not saved: {{ byHand }}.</template
      >
    </p>
  </section>
</template>

<style scoped>
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
  background: var(--field);
}
.drawing {
  min-height: 0;
  position: relative;
  flex: var(--field-flex, 1);
  height: var(--field-height, auto);
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 6px;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: minmax(0, 1fr);
  }
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  padding: 2px 14px;
  font: 700 15px/1.2 var(--narrow);
}
.facts {
  font: 400 13px/1.3 var(--narrow);
  color: var(--soft);
  padding: 3px 14px 5px;
  /* always two lines, so that the field keeps its size from snap to snap */
  min-height: calc(2 * 1.3em + 8px);
}
.fault {
  padding: 20px;
}
.notice {
  padding: 4px 14px;
  background: var(--pick);
  font-weight: 600;
}
.waiting {
  padding: 20px;
}
@media print {
  .middle {
    height: 96mm !important;
    display: flex !important;
  }
}
</style>
