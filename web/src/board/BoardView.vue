<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useViewActions } from '../shell/actions/registry'
import { useSession } from '../shell/session'
import { everBeen } from '../shell/everBeen'
import { useTrouble } from '../shell/trouble'
import { boardActions } from './boardActions'
import { boardFinds } from './boardFinds'
import { useHand } from './boardHand'
import BoardPanel from './BoardPanel.vue'
import { useBoard } from './boardStore'
import FieldStage from './FieldStage.vue'
import { flat } from './findings'
import JobStrip from './JobStrip.vue'
import { usePlays } from './playsStore'
import { useRunning } from './running/runStore'
import SaveBar from './SaveBar.vue'
import SnapLine from './SnapLine.vue'
import { useBoardAddress } from './useBoardAddress'

// dialogs come when they are opened
const FieldLegend = defineAsyncComponent(() => import('./field/FieldLegend.vue'))
const PlaceAsk = defineAsyncComponent(() => import('./PlaceAsk.vue'))

const board = useBoard()
const plays = usePlays()
const hand = useHand()
const running = useRunning()
const session = useSession()
const trouble = useTrouble()
const { board: answer, sheet, layers, selected, asked, panel, phase, viewFrom } = storeToRefs(board)
const { groups, pointed } = storeToRefs(plays)
const { ghost, dropped } = storeToRefs(hand)
const snapLine = useTemplateRef('snapLine')
const saveBar = useTemplateRef('saveBar')
const right = useTemplateRef('right')
const legend = ref(false)
const everLegend = everBeen(() => legend.value)
const everDropped = everBeen(() => dropped.value)
const mayWrite = computed(() => session.me?.mayWrite ?? false)

const address = useBoardAddress()
onMounted(() => {
  address.enter()
  void board.start()
})
watch(
  () => session.me,
  (me, before) => {
    if (me && !before) void board.start()
  },
)
watch(
  () => trouble.back,
  () => void board.start(),
)

const changed = computed(() => new Set(phase.value > 0 ? (answer.value?.changes ?? []).map((c) => c.job) : []))
const broken = computed(
  () => new Set((sheet.value?.findings ?? []).filter((f) => f.severity === 'bust').flatMap((f) => f.who)),
)
const listed = computed(() => flat(groups.value))
const meant = computed(() => listed.value.find((l) => l.key === pointed.value)?.finding.who)

function enter(): void {
  if (ghost.value && selected.value && running.picture) {
    running.move(selected.value, ghost.value)
    ghost.value = undefined
  } else if (ghost.value && selected.value) dropped.value = { job: selected.value, spot: ghost.value }
  else if (selected.value) void right.value?.toRules()
}
/** Back from his rules, the hand stands on him. */
function toStrip(): void {
  panel.value = 'findings'
  if (selected.value) document.querySelector<HTMLElement>(`[data-job="${selected.value}"]`)?.focus()
}
/** What was done last is undone first: ghost, answer, play, panel, finding, man. */
function back(): void {
  if (ghost.value) ghost.value = undefined
  else if (asked.value) asked.value = undefined
  else if (running.own) running.seeFrom(undefined)
  else if (running.on) running.leave()
  else if (panel.value === 'plays' && plays.picked) void plays.pick(undefined)
  else if (panel.value === 'rules' || panel.value === 'plays') toStrip()
  else if (pointed.value) pointed.value = undefined
  else selected.value = undefined
}
const moves = (): boolean => (answer.value?.phases.length ?? 1) > 1
const picked = (): boolean => !!selected.value
const actions = boardActions({
  typeSnap: () => snapLine.value?.open(),
  walk: hand.walk,
  enter,
  back,
  nudge: hand.nudge,
  putBack: hand.putBack,
  toggle: hand.toggle,
  place: () => (hand.placing = !hand.placing),
  askReceiver: hand.askReceiver,
  legend: () => (legend.value = !legend.value),
  turnPhase: () => (phase.value = board.phaseShown === 0 ? 99 : 0),
  playMotion: () => void hand.playMotion(),
  turn: () => (viewFrom.value = viewFrom.value === 'offence' ? 'defence' : 'offence'),
  show: (to) => (panel.value = to),
  tryRepairs: () => void right.value?.tryRepairs(),
  walkList: (by) => void right.value?.walk(by),
  mute: () => right.value?.mutePointed(),
  showPlays: () => right.value?.showPlays(),
  addRung: (document) => void right.value?.addRung(document),
  lineBack: () => void board.lineBack(),
  undo: board.undo,
  redo: board.redo,
  save: () => void saveBar.value?.save(),
  picked,
  movable: hand.mayNudge,
  moves,
  runIt: running.go,
  stepSnap: running.step,
  fromHisPlace: () => running.seeFrom(running.own ? undefined : running.whom),
  mayRun: () => running.may,
  watches: () => !!running.snap,
  mayMute: () => right.value?.mayMute() ?? false,
  mayAdd: picked,
  mayGoBack: () => board.mayGoBack,
  maySave: () => board.dirty,
})
useViewActions({
  title: 'Board',
  actions,
  finds: () => boardFinds(board, listed.value),
  quiet: () => !!dropped.value || legend.value || !!saveBar.value?.open || !!right.value?.waiting(),
})
</script>

<template>
  <div
    class="view board"
    :aria-busy="board.asking || plays.asking || (!answer && !board.problem)"
  >
    <header class="view-head">
      <SnapLine ref="snapLine" />
      <SaveBar
        v-if="mayWrite"
        ref="saveBar"
      />
      <button
        type="button"
        class="hint"
        @click="snapLine?.open()"
      >
        <span class="key">/</span> type
      </button>
    </header>
    <FieldStage :may-write="mayWrite" />
    <BoardPanel
      ref="right"
      :may-write="mayWrite"
    />
    <footer v-if="sheet">
      <JobStrip
        :jobs="sheet.jobs"
        :selected="selected"
        :from="viewFrom"
        :layers="layers"
        :changed="changed"
        :broken="broken"
        :meant="meant"
        @pick="selected = $event"
        @open="panel = 'rules'"
      />
    </footer>
    <PlaceAsk
      v-if="everDropped"
      :job="dropped?.job"
      :spot="dropped?.spot"
      :may-write="mayWrite"
      @done="hand.placed()"
    />
    <FieldLegend
      v-if="everLegend"
      :open="legend"
      @close="legend = false"
    />
  </div>
</template>

<style scoped>
.board {
  --rows: auto minmax(0, 1fr) 136px;
  --columns: minmax(0, 1fr) clamp(300px, 24vw, 460px);
}
.hint {
  border: 0;
  background: none;
  cursor: pointer;
  color: var(--soft);
  font: 400 13px var(--narrow);
  white-space: nowrap;
}
@media print {
  .board {
    page: wide;
  }
}
</style>
