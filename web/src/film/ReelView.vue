<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { Modal } from 'ant-design-vue'
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, client, problemOf } from '../api/client'
import type { GradeRow, JobRow } from '../api/types'
import KeysHelp from '../board/KeysHelp.vue'
import SnapWord from '../board/SnapWord.vue'
import { spotNames } from '../board/lineWords'
import { HASHES, SIDES } from '../board/lineWords'
import { matches, typing, type Action } from '../shell/keys'
import { useSession } from '../shell/session'
import { useFilm, type Mode } from './filmStore'
import { clampFrame, clock } from './frames'
import FrameStage from './FrameStage.vue'
import MiniField from './MiniField.vue'
import VerdictStrip from './VerdictStrip.vue'
import { nextUnmarked, withMark, withoutMark, withoutPoint, withPoint } from './work'

const film = useFilm()
const session = useSession()
const route = useRoute()
const { reel, snap, number, now, left, mode, target, place, problem, saving, men, choices, calls } = storeToRefs(film)
const frame = ref(0)
const zoom = ref(false)
const help = ref(false)
const stage = useTemplateRef('stage')
const grades = ref<GradeRow[]>([])
const overruling = ref<JobRow>()
const overrule = ref({ mark: '=', note: '' })
const overruleFault = ref('')
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
watch(snap, loadGrades)
async function loadGrades(): Promise<void> {
  const men = await answer(client.GET('/api/grades'))
  grades.value = men.flatMap((m) => m.grades).filter((g) => g.reel === reel.value?.id && g.snap === snap.value?.number)
}

const times = computed(() => reel.value?.frameTimes ?? [])
const atSnap = computed(() => frame.value === now.value?.snapFrame)
const labels = computed(() => new Map(snap.value?.sheet.jobs.map((j) => [j.id, j.label])))
const label = (man: string): string => labels.value.get(man) ?? man
const marked = computed(() => new Set(now.value?.marks.map((m) => m.man)))
const clicked = computed(() => new Set(now.value?.points.map((p) => p.name)))
const worst = computed(() => snap.value?.calibration?.residuals.reduce((a, b) => (a.yards > b.yards ? a : b)))
const unclicked = computed(() => snap.value?.known.filter((k) => !clicked.value.has(k.name)) ?? [])

function clickAt(x: number, y: number): void {
  if (!now.value) return
  if (mode.value === 'calibrate' && place.value) {
    film.set(withPoint(now.value, { name: place.value, xPixels: x, yPixels: y }))
    place.value = undefined
  } else if (mode.value === 'mark' && target.value) {
    const man = target.value
    film.set(withMark(now.value, { man, xPixels: x, yPixels: y }))
    target.value = nextUnmarked(man, men.value, now.value.marks)
  }
}
function choose(name: string): void {
  if (clicked.value.has(name) && now.value) film.set(withoutPoint(now.value, name))
  place.value = name
}
function go(to: number): void {
  frame.value = clampFrame(to, times.value)
}
async function goSnap(by: number): Promise<void> {
  const numbers = reel.value?.snaps.map((s) => s.number) ?? []
  const next = numbers[numbers.indexOf(number.value ?? 0) + by]
  if (next !== undefined) await film.openSnap(next)
}
function enter(to: Mode): void {
  mode.value = mode.value === to ? 'look' : to
  if (to !== 'look' && now.value) frame.value = now.value.snapFrame
}
function walkMan(by: number): void {
  const at = men.value.indexOf(target.value ?? '')
  target.value = men.value[(at + by + men.value.length) % men.value.length]
}
function walkPlace(by: number): void {
  const names = snap.value?.known.map((k) => k.name) ?? []
  place.value = names[(names.indexOf(place.value ?? '') + by + names.length) % names.length]
}
function log(change: Partial<NonNullable<typeof now.value>['log']['snap']>): void {
  if (now.value)
    film.set({
      ...now.value,
      points: change.hash || change.toGoal || change.code ? [] : now.value.points,
      log: { ...now.value.log, snap: { ...now.value.log.snap, ...change } },
    })
}
function setCall(id: string): void {
  if (now.value)
    film.set({
      ...now.value,
      log: { ...now.value.log, call: id, revision: calls.value.find((c) => c.id === id)?.revision ?? 0 },
    })
}
function startOverrule(job: JobRow): void {
  const grade = grades.value.find((g) => g.job === job.id)
  overruling.value = job
  overrule.value = { mark: grade?.overruled ?? grade?.mark ?? '=', note: grade?.note ?? '' }
  overruleFault.value = ''
}
async function saveOverrule(takeBack = false): Promise<void> {
  try {
    const body = {
      reel: reel.value!.id,
      snap: snap.value!.number,
      job: overruling.value!.id,
      version: grades.value.find((g) => g.job === overruling.value!.id)?.version ?? 0,
      ...(takeBack ? {} : overrule.value),
    }
    await answer(client.PUT('/api/grades', { body }))
    overruling.value = undefined
    await loadGrades()
  } catch (error) {
    overruleFault.value = problemOf(error).detail
  }
}
async function erase(): Promise<void> {
  erasing.value = false
  try {
    await film.eraseSnap()
  } catch (error) {
    problem.value = problemOf(error)
  }
}

const always = (): boolean => true
const pointing = (): boolean => mode.value !== 'look'
const looking = (): boolean => mode.value === 'look'
const actions: Action[] = [
  { id: 'back', label: 'One frame back', shortcut: ',', enabled: always, perform: () => go(frame.value - 1) },
  { id: 'on', label: 'One frame on', shortcut: '.', enabled: always, perform: () => go(frame.value + 1) },
  { id: 'left', label: 'One frame back', shortcut: 'ArrowLeft', enabled: looking, perform: () => go(frame.value - 1) },
  { id: 'right', label: 'One frame on', shortcut: 'ArrowRight', enabled: looking, perform: () => go(frame.value + 1) },
  { id: 'play', label: 'Play or stop', shortcut: 'P', enabled: always, perform: () => stage.value?.toggle() },
  {
    id: 'snap',
    label: 'To the frame where the ball moves',
    shortcut: 'J',
    enabled: always,
    perform: () => go(now.value?.snapFrame ?? 0),
  },
  { id: 'previous', label: 'Previous snap', shortcut: '[', enabled: always, perform: () => void goSnap(-1) },
  { id: 'next', label: 'Next snap', shortcut: ']', enabled: always, perform: () => void goSnap(1) },
  {
    id: 'ball',
    label: 'The ball moves in this frame',
    shortcut: 'B',
    enabled: always,
    perform: () => now.value && film.set({ ...now.value, snapFrame: frame.value }),
  },
  {
    id: 'add',
    label: 'A new snap at this frame',
    shortcut: 'N',
    enabled: always,
    perform: () => void film.addSnap(frame.value),
  },
  {
    id: 'erase',
    label: 'Take this snap out of the log',
    shortcut: 'X',
    enabled: () => !!number.value,
    perform: () => (erasing.value = true),
  },
  {
    id: 'calibrate',
    label: 'Calibrate: known places',
    shortcut: 'K',
    enabled: always,
    perform: () => enter('calibrate'),
  },
  { id: 'mark', label: 'Mark feet', shortcut: 'M', enabled: always, perform: () => enter('mark') },
  {
    id: 'zoom',
    label: 'Zoom in where the pointer is',
    shortcut: 'Z',
    enabled: always,
    perform: () => (zoom.value = !zoom.value),
  },
  {
    id: 'turn',
    label: 'Next man or place',
    shortcut: 'D',
    enabled: pointing,
    perform: () => (mode.value === 'mark' ? walkMan(1) : walkPlace(1)),
  },
  {
    id: 'turn-back',
    label: 'Previous man or place',
    shortcut: 'A',
    enabled: pointing,
    perform: () => (mode.value === 'mark' ? walkMan(-1) : walkPlace(-1)),
  },
  ...(
    [
      ['ArrowLeft', -1, 0],
      ['ArrowRight', 1, 0],
      ['ArrowUp', 0, -1],
      ['ArrowDown', 0, 1],
    ] as const
  ).flatMap(([key, x, y]): Action[] => [
    {
      id: `cross-${key}`,
      label: 'Cross one pixel',
      shortcut: key,
      enabled: pointing,
      perform: () => stage.value?.walk(x, y),
    },
    {
      id: `cross-far-${key}`,
      label: 'Cross twenty pixels',
      shortcut: `Shift+${key}`,
      enabled: pointing,
      perform: () => stage.value?.walk(20 * x, 20 * y),
    },
  ]),
  {
    id: 'drop',
    label: 'Click where the cross is',
    shortcut: 'Enter',
    enabled: pointing,
    perform: () => stage.value?.drop(),
  },
  {
    id: 'remove',
    label: 'Remove his mark',
    shortcut: 'Delete',
    enabled: () => mode.value === 'mark',
    perform: () => now.value && target.value && film.set(withoutMark(now.value, target.value)),
  },
  { id: 'undo', label: 'Undo', shortcut: 'U', enabled: always, perform: film.undo },
  { id: 'redo', label: 'Redo', shortcut: 'Y', enabled: always, perform: film.redo },
  {
    id: 'leave',
    label: 'Leave the mode',
    shortcut: 'Escape',
    enabled: always,
    perform: () => ((mode.value = 'look'), (zoom.value = false)),
  },
  { id: 'help', label: 'This list', shortcut: '?', enabled: always, perform: () => (help.value = true) },
]
useEventListener('keydown', (event: KeyboardEvent) => {
  if (
    typing(event) ||
    help.value ||
    overruling.value ||
    erasing.value ||
    (event.key === 'Enter' && event.target instanceof HTMLButtonElement)
  )
    return
  const action = actions.find((a) => matches(a.shortcut, event) && a.enabled())
  if (!action) return
  event.preventDefault()
  action.perform()
})
const spots = computed(() => spotNames(choices.value))
</script>

<template>
  <div class="reel">
    <header>
      <h1 class="sentence">
        <RouterLink to="/film">{{ reel?.name ?? 'Reel' }}</RouterLink><em>, snap</em>
        <SnapWord
          v-if="reel && number"
          :value="String(number)"
          label="Snap"
          :options="reel.snaps.map((s) => ({ id: String(s.number), name: `${s.number} of ${reel!.snaps.length}` }))"
          @pick="film.openSnap(Number($event))"
        />
        <template v-if="now"
          ><em>· ball on</em>
          <SnapWord
            :value="String(now.log.snap.toGoal)"
            label="Ball spot"
            comma
            :options="spots"
            @pick="log({ toGoal: Number($event) })"
          />
          <SnapWord
            :value="now.log.snap.hash"
            label="Hash"
            :options="HASHES"
            @pick="log({ hash: $event })"
          />
          <em>·</em>
          <SnapWord
            :value="now.log.snap.formation"
            label="Formation"
            :options="choices?.formations ?? []"
            @pick="log({ formation: $event })"
          />
          <SnapWord
            :value="String(now.log.snap.mirrored)"
            label="Strong side"
            :options="SIDES"
            @pick="log({ mirrored: $event === 'true' })"
          />
          <em>— they were told</em>
          <SnapWord
            :value="now.log.call"
            label="Call"
            strong
            :options="calls"
            @pick="setCall"
          />
        </template>
      </h1>
      <span class="soft state">{{ saving ? 'saving' : problem ? '' : 'saved' }}</span>
    </header>
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
        :label="label"
        @frame="frame = $event"
        @click="clickAt"
      />
      <div
        v-if="reel"
        class="ribbon"
      >
        <button
          type="button"
          title="One frame back"
          @click="go(frame - 1)"
        >
          <span class="key">,</span>
        </button>
        <button
          type="button"
          title="One frame on"
          @click="go(frame + 1)"
        >
          <span class="key">.</span>
        </button>
        <button
          type="button"
          @click="stage?.toggle()"
        >
          <span class="key">P</span> play
        </button>
        <span class="time">frame {{ frame }} · {{ clock(frame, times) }}{{ atSnap ? ' · ball moves' : '' }}</span>
        <input
          type="range"
          aria-label="Frame"
          min="0"
          :max="times.length - 1"
          :value="frame"
          list="snaps"
          @input="go(Number(($event.target as HTMLInputElement).value))"
        />
        <datalist id="snaps">
          <option
            v-for="s in reel.snaps"
            :key="s.number"
            :value="s.snapFrame"
          />
        </datalist>
        <button
          type="button"
          @click="goSnap(-1)"
        >
          <span class="key">[</span></button
        ><button
          type="button"
          @click="goSnap(1)"
        >
          <span class="key">]</span> snap</button
        ><button
          type="button"
          :disabled="!number"
          @click="erasing = true"
        >
          <span class="key">X</span> take out
        </button>
        <button
          type="button"
          :aria-pressed="zoom"
          @click="zoom = !zoom"
        >
          <span class="key">Z</span> zoom
        </button>
      </div>
    </section>
    <aside
      aria-label="View and men"
      tabindex="0"
    >
      <p
        v-if="problem"
        class="trouble"
        role="alert"
      >
        {{ problem.detail }}
        <button
          v-if="problem.code === 'snap-overtaken'"
          class="link"
          type="button"
          @click="film.mineOnTop"
        >
          Add my clicks to his</button
        ><button
          v-else-if="snap"
          class="link"
          type="button"
          @click="film.save"
        >
          Save again
        </button>
      </p>
      <div
        v-if="left && snap"
        class="left"
        role="alert"
      >
        <p>
          You have clicks on this snap that were not saved: {{ left.work.points.length }} places and
          {{ left.work.marks.length }} men. Saved are {{ snap.points.length }} and {{ snap.marks.length
          }}{{ left.version === snap.version ? '' : '; somebody worked on it since' }}. Nothing is clicked until you say
          what becomes of yours.
        </p>
        <button
          class="button main"
          type="button"
          @click="film.addLeft"
        >
          Add mine to what is saved
        </button>
        <button
          class="button"
          type="button"
          @click="film.dropLeft"
        >
          Throw mine away
        </button>
      </div>
      <div class="modes">
        <button
          type="button"
          :aria-pressed="mode === 'calibrate'"
          @click="enter('calibrate')"
        >
          <span class="key">K</span> calibrate
        </button>
        <button
          type="button"
          :aria-pressed="mode === 'mark'"
          @click="enter('mark')"
        >
          <span class="key">M</span> mark feet
        </button>
      </div>
      <template v-if="snap">
        <p
          v-if="mode === 'calibrate'"
          class="ask"
        >
          {{
            place
              ? `Click in the picture: ${place}.`
              : 'Choose a place on the small field, then click it in the picture.'
          }}
        </p>
        <p
          v-else-if="mode === 'mark'"
          class="ask"
        >
          Click between the feet of <b>{{ label(target ?? '') }}</b>
          {{ labels.has(target ?? '') ? (target ?? '').replaceAll('-', ' ') : '(offence)' }}.
        </p>
        <MiniField
          :snap="snap"
          :mode="mode"
          :chosen="place"
          :clicked="clicked"
          :target="target"
          @choose="choose"
          @pick="target = $event"
        />
        <label
          v-if="mode === 'calibrate'"
          class="pick"
          >Place
          <select
            :value="place ?? ''"
            @change="choose(($event.target as HTMLSelectElement).value)"
          >
            <option
              value=""
              disabled
            >
              {{ unclicked.length }} to choose from
            </option>
            <option
              v-for="k in snap.known"
              :key="k.name"
              :value="k.name"
            >
              {{ clicked.has(k.name) ? 'done: ' : '' }}{{ k.name }}
            </option>
          </select></label
        >
        <p
          v-if="snap.calibration"
          class="solved"
        >
          <b
            >This view can tell {{ snap.calibration.lateralYards.toFixed(2) }} yd lateral,
            {{ snap.calibration.depthYards.toFixed(2) }} yd depth.</b
          >
          {{ now?.points.length }} points, worst residual {{ snap.calibration.worstYards.toFixed(2) }} yd<template
            v-if="worst"
          >
            at {{ worst.name }}</template
          >; click noise {{ snap.calibration.sigmaPixels.toFixed(1) }} px.
        </p>
        <p
          v-else
          class="trouble small"
        >
          Not solved: {{ snap.trouble }}.
        </p>
        <ul
          v-if="mode === 'calibrate' && snap.calibration"
          class="residuals"
        >
          <li
            v-for="r in snap.calibration.residuals"
            :key="r.name"
            :class="{ bad: r.yards > 0.5 }"
          >
            {{ r.name }}: {{ r.yards.toFixed(2) }} yd
          </li>
        </ul>
        <div
          v-else-if="mode === 'mark'"
          class="men"
        >
          <button
            v-for="m in men"
            :key="m"
            type="button"
            :class="{ done: marked.has(m) }"
            :aria-pressed="m === target"
            @click="target = m"
          >
            {{ label(m) }}{{ labels.has(m) ? '' : '*' }}</button
          ><span class="soft">* offence he is placed on</span>
        </div>
        <p
          v-else
          class="soft hint"
        >
          Calibrate the view with four places or more, then mark feet: the verdicts appear below. Film is private to the
          coaches; a reel and its grades can be erased on the Film page.
        </p>
      </template>
      <p
        v-else-if="reel && !reel.snaps.length"
        class="ask"
      >
        No snap yet. Step to the frame where the ball moves and press <span class="key">N</span>.
        <button
          class="button"
          type="button"
          @click="film.addSnap(frame)"
        >
          A new snap here
        </button>
      </p>
    </aside>
    <footer v-if="snap">
      <VerdictStrip
        :snap="snap"
        :target="target"
        :marked="marked"
        :grades="grades"
        may-mark
        @pick="target = $event"
        @overrule="startOverrule"
      />
    </footer>
    <Modal
      :open="!!overruling"
      :title="`Overrule: ${overruling?.name}, alignment`"
      :footer="null"
      width="420px"
      @cancel="overruling = undefined"
    >
      <form
        class="overrule"
        @submit.prevent="saveOverrule(false)"
      >
        <label
          >Mark
          <select v-model="overrule.mark">
            <option value="+">+ above standard</option>
            <option value="=">= to standard</option>
            <option value="-">- below</option>
            <option value="n/a">n/a not seen</option>
          </select></label
        >
        <label
          >Why
          <textarea
            v-model="overrule.note"
            rows="3"
            required
          />
        </label>
        <p
          v-if="overruleFault"
          role="alert"
          class="trouble"
        >
          {{ overruleFault }}
        </p>
        <p class="acts">
          <button class="button main">Overrule</button
          ><button
            class="button"
            type="button"
            @click="saveOverrule(true)"
          >
            Back to the measured mark
          </button>
        </p>
      </form>
    </Modal>
    <Modal
      :open="erasing"
      :title="`Take snap ${number} out of the log?`"
      :footer="null"
      width="420px"
      @cancel="erasing = false"
    >
      <form
        class="overrule"
        @submit.prevent="erase"
      >
        <p>Its clicks and its grades go with it, for good. The film itself stays.</p>
        <p class="acts">
          <button class="button main">Take it out</button
          ><button
            class="button"
            type="button"
            @click="erasing = false"
          >
            Keep it
          </button>
        </p>
      </form>
    </Modal>
    <KeysHelp
      :open="help"
      :actions="actions"
      @close="help = false"
    />
  </div>
</template>

<style scoped>
.reel {
  display: grid;
  grid-template: auto minmax(0, 1fr) 168px / minmax(0, 1fr) 300px;
  height: 100%;
}
header {
  grid-column: 1 / 3;
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 56px;
  padding: 4px 16px 4px 20px;
  background: var(--card);
  border-bottom: 2px solid var(--ink);
}
.sentence {
  font-size: 18px;
  line-height: 1.35;
  display: flex;
  flex-wrap: wrap;
  column-gap: 0.3em;
  flex: 1;
}
em {
  font-style: normal;
  color: var(--soft);
}
.sentence a {
  color: inherit;
  text-decoration-color: var(--rule);
  text-underline-offset: 5px;
}
.frame {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  min-width: 0;
}
.ribbon {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 10px;
  background: var(--card);
  border-top: 1px solid var(--rule);
  font: 400 13px var(--narrow);
}
.ribbon input {
  flex: 1;
  accent-color: var(--ink);
}
.ribbon button,
.modes button,
.men button {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.3 var(--narrow);
}
.ribbon button:focus-visible,
.modes button:focus-visible,
.men button:focus-visible {
  outline: 3px solid var(--accent);
}
.ribbon [aria-pressed='true'],
.modes [aria-pressed='true'] {
  border-bottom: 3px solid var(--accent);
}
.time {
  min-width: 190px;
}
aside {
  border-left: 2px solid var(--ink);
  background: var(--card);
  padding: 8px 14px;
  overflow-y: auto;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
aside > * {
  flex: none;
}
.left {
  border: 1.5px solid var(--ink);
  padding: 10px;
  display: grid;
  gap: 8px;
}
.modes {
  display: flex;
  gap: 14px;
}
.ask {
  font-size: 14px;
}
.solved {
  font: 400 13px/1.4 var(--narrow);
}
.solved b {
  font-size: 14px;
  display: block;
}
.trouble {
  color: var(--bust);
  font-weight: 600;
  font-size: 13.5px;
}
.small {
  font-weight: 400;
}
.residuals {
  font: 400 12.5px/1.35 var(--narrow);
  color: var(--soft);
}
.residuals .bad {
  color: var(--bust);
  font-weight: 600;
}
.pick {
  font: 600 13px var(--narrow);
}
.pick select {
  width: 100%;
  font: 400 13px var(--text);
  padding: 4px;
  background: var(--card);
  color: var(--ink);
  border: 1px solid var(--ink);
}
.men {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: center;
}
.men button {
  border: 1px solid var(--rule);
  padding: 2px 6px;
}
.men .done {
  background: var(--faint);
}
.men [aria-pressed='true'] {
  background: var(--pick);
  border-color: var(--accent);
}
.men .soft,
.hint {
  font-size: 12.5px;
}
footer {
  grid-column: 1 / 3;
  border-top: 2px solid var(--ink);
  min-height: 0;
}
.overrule {
  display: grid;
  gap: 10px;
}
.overrule label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
.overrule select,
.overrule textarea {
  font: 400 14px var(--text);
  padding: 6px;
  background: var(--card);
  color: var(--ink);
  border: 1.5px solid var(--ink);
}
.acts {
  display: flex;
  gap: 8px;
}
@media print {
  .frame {
    display: grid !important;
    height: 110mm !important;
  }
  .ribbon {
    display: none;
  }
}
</style>
