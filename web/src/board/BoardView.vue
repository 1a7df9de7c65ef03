<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from 'vue'
import type { Spot } from '../api/types'
import { matches, typing } from '../shell/keys'
import { useSession } from '../shell/session'
import { useTrouble } from '../shell/trouble'
import AnswerSlip from './AnswerSlip.vue'
import { boardActions } from './boardActions'
import { useBoard, type Layer } from './boardStore'
import ChangesPanel from './ChangesPanel.vue'
import { withoutHand } from './draft'
import FieldBar from './FieldBar.vue'
import FieldDrawing from './field/FieldDrawing.vue'
import FieldLegend from './field/FieldLegend.vue'
import { flat, next } from './findings'
import FindingsPanel from './FindingsPanel.vue'
import JobStrip from './JobStrip.vue'
import KeysHelp from './KeysHelp.vue'
import PanelTabs from './PanelTabs.vue'
import PlaceAsk from './PlaceAsk.vue'
import PlaceOffence from './PlaceOffence.vue'
import PlaysPanel from './PlaysPanel.vue'
import { usePlays } from './playsStore'
import RulesPanel from './RulesPanel.vue'
import SaveBar from './SaveBar.vue'
import SnapLine from './SnapLine.vue'
import { useBoardAddress } from './useBoardAddress'

const STEP_MILLIS = 800
/** The middle of the field lies at least so far from a ball on a hash. */
const ON_HASH_YARDS = 2
const board = useBoard()
const plays = usePlays()
const session = useSession()
const {
  board: answer,
  sheet,
  problem,
  layers,
  selected,
  asked,
  panel,
  phase,
  viewFrom,
  job,
  draft,
} = storeToRefs(board)
const snapLine = useTemplateRef('snapLine')
const rules = useTemplateRef('rules')
const saveBar = useTemplateRef('saveBar')
const findings = useTemplateRef('findings')
const playsPanel = useTemplateRef('playsPanel')
const help = ref(false)
const legend = ref(false)
const asking = ref<{ job: string; spot: Spot }>()
const ghost = ref<Spot>()
const placing = ref(false)
const man = ref<string>()
const hidden = ref<string[]>([])
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
const trouble = useTrouble()
watch(
  () => trouble.back,
  () => void board.start(),
)

const changed = computed(() => new Set(phase.value > 0 ? (answer.value?.changes ?? []).map((c) => c.job) : []))
const { groups, pointed, run, pass } = storeToRefs(plays)
const listed = computed(() => flat(groups.value))
/** Up and down walk what the panel lists: findings, or plays. */
async function walkList(by: number): Promise<void> {
  if (panel.value === 'plays') return void playsPanel.value?.walk(by)
  panel.value = 'findings'
  const at = next(
    listed.value,
    listed.value.findIndex((l) => l.key === pointed.value),
    by,
  )
  const one = listed.value[at]
  if (!one) return
  pointed.value = one.key
  selected.value = one.finding.who[0]
  await nextTick()
  await findings.value?.open(one.key)
}
function showPlays(): void {
  if (panel.value === 'plays') playsPanel.value?.turn()
  panel.value = 'plays'
}
const broken = computed(
  () => new Set((sheet.value?.findings ?? []).filter((f) => f.severity === 'bust').flatMap((f) => f.who)),
)
const phases = computed(() => answer.value?.phases.length ?? 1)
const last = computed(() => board.phaseShown)

/** Eligible men of the offence, left to right as they stand. */
const eligible = computed(() =>
  (sheet.value?.offence ?? []).filter((m) => m.post === 'eligible' || m.post === 'quarterback'),
)
function nextOf(names: readonly string[], now: string | undefined, by: number): string | undefined {
  const at = now ? names.indexOf(now) : by > 0 ? -1 : names.length
  return names[(at + by + names.length) % names.length]
}
function walkOffence(by: number): void {
  man.value = nextOf(
    eligible.value.map((m) => m.name),
    man.value,
    by,
  )
}
/** Who has the next man of theirs that may catch the ball, left to right as they stand. */
function askReceiver(by: number): void {
  const now = asked.value?.kind === 'MAN' ? asked.value.name : undefined
  const names = [...eligible.value]
    .filter((m) => m.post === 'eligible')
    .sort((a, b) => a.feet.x - b.feet.x)
    .map((m) => m.name)
  const name = nextOf(viewFrom.value === 'offence' ? names : names.reverse(), now, by)
  if (name) asked.value = { kind: 'MAN', name }
}
/** The slip lies where it covers nothing of what was asked: on the wide side of a hash, else on the other side. */
const slipRight = computed(() => {
  const field = answer.value?.field
  const s = sheet.value
  const thing = asked.value
  if (!thing || !s || !field) return false
  const x =
    s.offence.find((m) => thing.kind === 'MAN' && m.name === thing.name)?.feet.x ??
    s.gaps.find((g) => thing.kind === 'GAP' && g.words === thing.name)?.at.x ??
    s.areas.find((a) => a.owner === thing.name)?.landmark.x ??
    0
  const middle = (field.leftSideline + field.rightSideline) / 2
  const right = Math.abs(middle) > ON_HASH_YARDS ? middle > 0 : x <= 0
  return viewFrom.value === 'offence' ? right : !right
})
function walk(by: number): void {
  if (placing.value) return walkOffence(by)
  const order = (sheet.value?.jobs ?? []).map((j) => j.id)
  if (viewFrom.value === 'defence') order.reverse()
  const at = selected.value ? order.indexOf(selected.value) : by > 0 ? -1 : order.length
  selected.value = order[(at + by + order.length) % order.length]
  ghost.value = undefined
}
/** The motion as it happens: set, each step, the end. */
let playing = 0
async function playMotion(): Promise<void> {
  const mine = ++playing
  for (let n = 0; n < phases.value && mine === playing; n++) {
    phase.value = n
    await new Promise((done) => setTimeout(done, STEP_MILLIS))
  }
}
function toggle(layer: Layer): void {
  layers.value = layers.value.includes(layer) ? layers.value.filter((l) => l !== layer) : [...layers.value, layer]
}
/** Moves the picked man's ghost; as seen on the screen, so turned about from behind the defence. */
function nudge(x: number, y: number): void {
  const placedMan = eligible.value.find((m) => m.name === man.value)
  if (placing.value && placedMan) {
    void board.placeMan(placedMan.name, {
      x: placedMan.feet.x + (viewFrom.value === 'offence' ? x : -x),
      y: placedMan.feet.y + (viewFrom.value === 'offence' ? y : -y),
    })
    return
  }
  const from = ghost.value ?? job.value?.feet
  const turn = viewFrom.value === 'offence' ? 1 : -1
  if (from) ghost.value = { x: from.x + turn * x, y: Math.max(0.6, from.y + turn * y) }
}
function enter(): void {
  if (ghost.value && selected.value) asking.value = { job: selected.value, spot: ghost.value }
  else if (selected.value) panel.value = 'rules'
}
function back(): void {
  if (ghost.value) ghost.value = undefined
  else if (asked.value) asked.value = undefined
  else if (panel.value === 'plays' && plays.picked) void plays.pick(undefined)
  else if (panel.value === 'rules' || panel.value === 'plays') panel.value = 'findings'
  else if (pointed.value) pointed.value = undefined
  else selected.value = undefined
}
async function addRung(document?: string): Promise<void> {
  panel.value = 'rules'
  await nextTick()
  rules.value?.add(document)
}
async function tryRepairs(): Promise<void> {
  panel.value = 'findings'
  await board.settled()
  await nextTick()
  findings.value?.tryRepairs()
}
function putBack(): void {
  if (selected.value) board.setDraft(withoutHand(draft.value, selected.value))
}
const picked = (): boolean => !!selected.value
const actions = boardActions({
  typeSnap: () => snapLine.value?.open(),
  walk,
  enter,
  back,
  nudge,
  putBack,
  toggle,
  place: () => (placing.value = !placing.value),
  askReceiver,
  legend: () => (legend.value = !legend.value),
  turnPhase: () => (phase.value = last.value === 0 ? 99 : 0),
  playMotion: () => void playMotion(),
  turn: () => (viewFrom.value = viewFrom.value === 'offence' ? 'defence' : 'offence'),
  show: (to) => (panel.value = to),
  tryRepairs: () => void tryRepairs(),
  walkList: (by) => void walkList(by),
  mute: () => findings.value?.mutePointed(),
  showPlays,
  addRung: (document) => void addRung(document),
  lineBack: () => void board.lineBack(),
  undo: board.undo,
  redo: board.redo,
  save: () => void saveBar.value?.save(),
  help: () => (help.value = true),
  picked,
  movable: () => picked() || (placing.value && !!man.value),
  moves: () => phases.value > 1,
  mayMute: () => mayWrite.value && panel.value === 'findings' && !!pointed.value,
  mayAdd: () => picked() && mayWrite.value,
  mayGoBack: () => !!board.lineBefore,
  maySave: () => board.dirty && mayWrite.value,
})
useEventListener('keydown', (event: KeyboardEvent) => {
  if (typing(event) || asking.value || help.value || legend.value || saveBar.value?.open || rules.value?.waiting) return
  const action = actions.find((a) => matches(a.shortcut, event) && a.enabled())
  const onButton = event.target instanceof HTMLButtonElement && event.key === 'Enter' && !event.target.dataset.job
  if (!action || onButton) return
  event.preventDefault()
  action.perform()
})
function pick(job: string | undefined): void {
  selected.value = job
  ghost.value = undefined
}
function placed(): void {
  asking.value = undefined
  ghost.value = undefined
}
</script>

<template>
  <div
    class="board"
    :aria-busy="board.asking || plays.asking"
  >
    <header class="view-head">
      <SnapLine ref="snapLine" />
      <SaveBar
        v-if="mayWrite"
        ref="saveBar"
      />
      <span class="hint"><span class="key">/</span> type</span>
    </header>
    <section
      class="middle"
      aria-label="Field"
    >
      <FieldBar
        v-model:view-from="viewFrom"
        v-model:placing="placing"
        :layers="layers"
        :phases="phases"
        :phase="last"
        :hidden="hidden"
        @toggle="toggle"
        @show="phase = $event"
        @play="playMotion"
      />
      <PlaceOffence
        v-if="placing"
        :may-write="mayWrite"
        :man="man"
        @done="placing = false"
      />
      <div class="drawing">
        <p
          v-if="problem"
          class="trouble"
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
        <FieldDrawing
          v-if="answer && sheet"
          :field="answer.field"
          :sheet="sheet"
          :from="viewFrom"
          :layers="layers"
          :selected="selected"
          :asked="asked"
          :ghost="ghost"
          :placing="placing"
          :placing-man="man"
          :listed="listed"
          :pointed="pointed"
          :run="panel === 'plays' ? run : undefined"
          :pass="panel === 'plays' ? pass : undefined"
          @point="pointed = $event"
          @take="man = $event"
          @place="board.placeMan"
          @pick="pick($event)"
          @ask="asked = $event"
          @hidden="hidden = $event"
          @drop="(j, spot) => (asking = { job: j, spot })"
        />
        <AnswerSlip
          v-if="asked && sheet"
          :thing="asked"
          :right="slipRight"
          :top="viewFrom === 'defence'"
          @close="asked = undefined"
          @pick="pick"
        />
      </div>
      <p
        v-if="sheet"
        class="facts"
      >
        {{ [...sheet.facts, ...sheet.movedIn].join('. ') }}.<template v-if="draft.hand.length">
          Put by hand, not saved:
          {{ draft.hand.map((h) => sheet?.jobs.find((j) => j.id === h.job)?.name ?? h.job).join(', ') }}.</template
        >
      </p>
    </section>
    <aside
      v-if="sheet"
      aria-label="What breaks and why"
      tabindex="0"
    >
      <PanelTabs
        v-model="panel"
        :moved="phases > 1"
      />
      <FindingsPanel
        v-if="panel === 'findings'"
        ref="findings"
        :may-write="mayWrite"
        :sheet="sheet"
        :groups="groups"
        :rules="plays.sheet?.verdicts"
        :asking="plays.asking"
        :selected="selected"
        :pointed="pointed"
        @pick="selected = $event"
        @point="pointed = $event"
        @mute="plays.mute"
        @unmute="plays.unmute"
      />
      <PlaysPanel
        v-else-if="panel === 'plays'"
        ref="playsPanel"
        :lineup="sheet"
        :selected="selected"
        @pick="selected = $event"
      />
      <ChangesPanel
        v-else-if="panel === 'changes' && answer"
        :changes="answer.changes"
        :answer="answer.phases.at(-1)?.answer"
        :selected="selected"
        @pick="selected = $event"
      />
      <RulesPanel
        v-else
        ref="rules"
        :may-write="mayWrite"
      />
    </aside>
    <footer v-if="sheet">
      <JobStrip
        :jobs="sheet.jobs"
        :selected="selected"
        :from="viewFrom"
        :layers="layers"
        :changed="changed"
        :broken="broken"
        :meant="listed.find((l) => l.key === pointed)?.finding.who"
        @pick="selected = $event"
        @open="panel = 'rules'"
      />
    </footer>
    <PlaceAsk
      :job="asking?.job"
      :spot="asking?.spot"
      :may-write="mayWrite"
      @done="placed()"
    />
    <FieldLegend
      :open="legend"
      @close="legend = false"
    />
    <KeysHelp
      :open="help"
      :actions="actions"
      @close="help = false"
    />
  </div>
</template>

<style scoped>
.board {
  display: grid;
  grid-template: auto minmax(0, 1fr) 136px / minmax(0, 1fr) clamp(300px, 24vw, 460px);
  height: 100%;
}
header {
  grid-column: 1 / 3;
}
.hint {
  color: var(--soft);
  font: 400 13px var(--narrow);
  white-space: nowrap;
}
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
  background: var(--field);
}
.drawing {
  min-height: 0;
  position: relative;
  flex: 1;
}
.facts {
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
  padding: 3px 14px 5px;
}
.trouble {
  color: var(--bust);
  font-weight: 600;
  padding: 20px;
}
.waiting {
  padding: 20px;
}
aside {
  border-left: 2px solid var(--ink);
  background: var(--card);
  padding: 8px 14px 14px;
  overflow-y: auto;
  min-height: 0;
  scrollbar-width: thin;
}
footer {
  grid-column: 1 / 3;
  border-top: 2px solid var(--ink);
  min-height: 0;
}
/* In a hand: the field, then what breaks, then one man after the other. */
@media screen and (max-width: 760px) {
  .board {
    display: block;
    height: auto;
  }
  .middle {
    height: 88vw;
  }
  aside {
    border-left: 0;
    border-top: 2px solid var(--ink);
    overflow-y: visible;
  }
}
@media print {
  .board {
    page: wide;
  }
  .middle {
    height: 96mm !important;
    display: flex !important;
  }
}
</style>
