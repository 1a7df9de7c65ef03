<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { PlanCell } from '../api/types'
import { useBoard } from '../board/boardStore'
import SnapWord from '../board/SnapWord.vue'
import { usePlaybook } from '../playbook/playbookStore'
import { typing } from '../shell/keys'
import { tally, usePlan, WHICH } from './planStore'

const plan = usePlan()
const board = useBoard()
const playbook = usePlaybook()
const router = useRouter()
const { which, motions, plays, rows, load, wanted, running, seconds, trouble, done } = storeToRefs(plan)
const at = ref({ row: 0, column: 0 })

const players = computed(() => board.choices?.codes.find((c) => c.id === board.snap.code)?.players ?? 11)
const formations = computed(() => (board.choices?.formations ?? []).filter((f) => f.players === players.value))
const calls = computed(() => {
  const listed = playbook.of('call').filter((c) => board.calls.find((x) => x.id === c.id)?.players === players.value)
  return listed.filter(
    (c) => which.value === 'all' || (which.value === 'plan' ? c.install === 'plan' : c.install !== 'catalogue'),
  )
})
const cell = computed<PlanCell | undefined>(() => rows.value[at.value.row]?.cells[at.value.column])
const call = computed(() => rows.value[at.value.row]?.call)
const name = (id: string): string => formations.value.find((f) => f.id === id)?.name ?? id
const callName = (id: string): string => calls.value.find((c) => c.id === id)?.name ?? id
const counts = computed(() => tally(rows.value, false).filter((t) => t.cells))
const meant = computed(() => tally(rows.value, true).find((t) => t.standing === 'breaks')?.cells ?? 0)
const sign = (c: PlanCell): string =>
  c.standing === 'breaks'
    ? String(c.busts)
    : c.standing === 'leaks'
      ? String(c.weak)
      : c.standing === 'unknown'
        ? '?'
        : ''
const said = (c: PlanCell): string =>
  `${callName(rows.value[at.value.row]?.call.id ?? '')} against ${name(c.formation)}: ${c.standing}`

function start(): void {
  at.value = { row: 0, column: 0 }
  void plan.audit(
    calls.value.map((c) => ({ id: c.id, name: c.name })),
    formations.value.map((f) => f.id),
    board.snap,
  )
}
onMounted(async () => {
  if (!board.choices) await board.start()
  await playbook.load()
  if (which.value === 'plan' && !calls.value.length) which.value = 'all'
  start()
})
watch([which, motions, plays], start)
onBeforeUnmount(plan.cancel)

async function open(): Promise<void> {
  if (!cell.value || !call.value) return
  await board.chooseCall(call.value.id)
  Object.assign(board.snap, { formation: cell.value.formation, mirrored: false, motion: cell.value.motion })
  await router.push('/board')
}
useEventListener('keydown', (event: KeyboardEvent) => {
  const step: Record<string, [number, number]> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
  }
  const by = step[event.key]
  if (typing(event) || !rows.value.length) return
  if (
    event.key === 'Enter' &&
    !(event.target instanceof HTMLButtonElement && !event.target.classList.contains('cell'))
  ) {
    event.preventDefault()
    void open()
  }
  if (event.key === 'Escape' && running.value) plan.cancel()
  if (!by) return
  event.preventDefault()
  at.value = {
    row: Math.max(0, Math.min(rows.value.length - 1, at.value.row + by[0])),
    column: Math.max(0, Math.min(formations.value.length - 1, at.value.column + by[1])),
  }
  document.querySelector<HTMLElement>(`[data-cell="${at.value.row} ${at.value.column}"]`)?.focus()
})
</script>

<template>
  <div class="plan">
    <header class="view-head">
      <h1 class="sentence words">
        Plan audit <em>·</em> {{ wanted }} calls of
        <SnapWord
          :value="which"
          label="Which calls"
          :options="WHICH"
          strong
          @pick="which = $event"
        />
        <em> against</em> {{ formations.length }} formations,
        <SnapWord
          :value="String(motions)"
          label="Motions"
          comma
          :options="[
            { id: 'true', name: 'with every motion' },
            { id: 'false', name: 'as set' },
          ]"
          @pick="motions = $event === 'true'"
        />
        <SnapWord
          :value="String(plays)"
          label="Plays"
          :options="[
            { id: 'false', name: 'lined up' },
            { id: 'true', name: 'with every play run at it' },
          ]"
          @pick="plays = $event === 'true'"
        />
      </h1>
      <span
        v-if="running"
        class="progress"
        role="status"
        ><progress
          :value="done"
          :max="wanted"
        />
        {{ done }} of {{ wanted }}</span
      >
      <button
        v-if="running"
        type="button"
        class="button"
        @click="plan.cancel"
      >
        Cancel <span class="key">Esc</span>
      </button>
      <button
        v-else
        type="button"
        class="button"
        @click="start"
      >
        Ask again
      </button>
    </header>
    <section
      class="heat"
      aria-label="Calls by formations"
      tabindex="0"
    >
      <p
        v-if="trouble"
        class="trouble"
        role="alert"
      >
        {{ trouble }}
      </p>
      <p
        v-if="!wanted && !running"
        class="empty"
      >
        No call is {{ which === 'plan' ? "in this week's plan" : 'installed' }} yet. Put calls into it in the playbook,
        or look at the whole playbook.
      </p>
      <table v-if="rows.length">
        <thead>
          <tr>
            <th scope="col"><span class="unseen">Call</span></th>
            <th
              v-for="f in formations"
              :key="f.id"
              scope="col"
              class="tilted"
            >
              <span>{{ f.name }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(r, i) in rows"
            :key="r.call.id"
          >
            <th scope="row">{{ r.call.name }}</th>
            <td
              v-for="(c, j) in r.cells"
              :key="c.formation"
            >
              <button
                type="button"
                :class="['cell', c.standing, { other: !c.meant, picked: at.row === i && at.column === j }]"
                :data-cell="`${i} ${j}`"
                :tabindex="at.row === i && at.column === j ? 0 : -1"
                :aria-label="`${r.call.name} against ${name(c.formation)}: ${c.standing}${c.worst ? ', ' + c.worst : ''}`"
                @click="at = { row: i, column: j }"
                @dblclick="open"
                @focus="at = { row: i, column: j }"
              >
                {{ sign(c) }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <aside
      aria-label="What is in a cell, and what the plan asks to learn"
      tabindex="0"
    >
      <template v-if="cell">
        <h2>{{ call?.name }} <span class="soft">against</span> {{ name(cell.formation) }}</h2>
        <p class="standing">
          <b>{{ cell.standing }}</b><template v-if="cell.motion">
            after
            {{
              formations.find((f) => f.id === cell?.formation)?.motions.find((m) => m.id === cell?.motion)?.name ??
              cell.motion
            }}</template
          >, worst of {{ cell.asked }} {{ cell.asked === 1 ? 'phase' : 'phases'
          }}<template v-if="!cell.meant">; the call is not meant for it</template>.
        </p>
        <p v-if="cell.worst">
          <b>{{ cell.worst }}</b> {{ cell.reason }}
        </p>
        <p v-else>Nothing worse than a note.</p>
        <button
          type="button"
          class="button main"
          @click="open"
        >
          Open on the board <span class="key">Enter</span>
        </button>
        <span
          class="unseen"
          aria-live="polite"
          >{{ said(cell) }}</span
        >
      </template>
      <h2
        v-if="rows.length"
        class="next"
      >
        All cells
      </h2>
      <p v-if="rows.length">
        <span
          v-for="t in counts"
          :key="t.standing"
          class="count"
          ><i :class="['cell', t.standing]" /> {{ t.cells }} {{ t.standing }}</span
        >
      </p>
      <p
        v-if="rows.length"
        class="soft"
      >
        {{ meant }} {{ meant === 1 ? 'cell breaks' : 'cells break' }} where the call is meant to be played. Unfilled
        cells: the call is not meant for that formation. {{ running ? '' : `Asked in ${seconds.toFixed(1)} s.` }}
      </p>
      <template v-if="load">
        <h2 class="next">What it asks to learn</h2>
        <p class="soft">Sentences of the rules a role has to know for this plan.</p>
        <p>
          <span
            v-for="r in load.roles.slice(0, 8)"
            :key="r.role"
            class="count"
            ><b>{{ r.rungs }}</b> {{ r.role }}</span
          >
        </p>
        <table class="learn">
          <thead>
            <tr>
              <th>Call</th>
              <th>new sentences</th>
              <th>roles</th>
              <th>men other than in the first</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="a in load.calls"
              :key="a.call"
            >
              <th scope="row">{{ callName(a.call) }}</th>
              <td>{{ a.rungs }}</td>
              <td>{{ a.roles }}</td>
              <td>{{ a.men }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </aside>
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 290px;
  height: 100%;
}
header {
  grid-column: 1 / 3;
}
.progress {
  font: 600 13px var(--narrow);
  white-space: nowrap;
}
progress {
  accent-color: var(--ink);
  width: 110px;
  vertical-align: middle;
}
.heat {
  overflow: auto;
  padding: 10px 14px 20px;
}
.empty {
  padding: 30px 10px;
  font-size: 16px;
}
.trouble {
  color: var(--bust);
  font-weight: 600;
}
.heat table {
  border-collapse: collapse;
}
.heat thead th {
  vertical-align: bottom;
  height: 118px;
}
.tilted {
  width: 23px;
  min-width: 23px;
}
.tilted span {
  display: block;
  writing-mode: vertical-rl;
  transform: rotate(180deg);
  font: 600 12.5px/1 var(--narrow);
  white-space: nowrap;
  padding: 4px 0;
  margin: 0 auto;
}
.heat tbody th {
  font: 600 13.5px/1 var(--narrow);
  text-align: left;
  white-space: nowrap;
  padding-right: 10px;
  position: sticky;
  left: -14px;
  background: var(--paper);
}
td {
  padding: 1px;
}
tbody tr:nth-child(5n) td,
tbody tr:nth-child(5n) th {
  padding-bottom: 6px;
}
.cell {
  all: unset;
  box-sizing: border-box;
  display: inline-block;
  width: 21px;
  height: 21px;
  font: 700 13px/19px var(--narrow);
  text-align: center;
  border: 1px solid var(--rule);
  cursor: pointer;
  vertical-align: middle;
}
.cell.breaks {
  background: var(--bust);
  border-color: var(--bust);
  color: var(--on-dark);
}
.cell.leaks {
  background: repeating-linear-gradient(45deg, transparent 0 3px, var(--faint) 3px 5px);
  border-color: var(--ink);
}
.cell.unknown {
  border: 2px dotted var(--ink);
  line-height: 17px;
}
.cell.other {
  background: transparent;
  border-color: var(--faint);
  color: var(--soft);
  font-weight: 400;
}
.cell.other.breaks {
  border-color: var(--bust);
  color: var(--bust);
}
.cell.picked,
.cell:focus-visible {
  outline: 3px solid var(--accent);
  outline-offset: 0;
}
i.cell {
  width: 13px;
  height: 13px;
  cursor: default;
}
aside {
  border-left: 2px solid var(--ink);
  background: var(--card);
  padding: 14px 16px 20px;
  overflow-y: auto;
  font-size: 13.5px;
  line-height: 1.4;
}
h2 {
  font: 700 16px/1.25 var(--narrow);
  padding-bottom: 4px;
}
h2 .soft {
  font-weight: 400;
}
h2.next {
  margin-top: 18px;
  padding-top: 10px;
  border-top: 1.5px solid var(--rule);
}
aside p {
  padding-bottom: 8px;
}
.standing b {
  text-transform: none;
}
.count {
  display: inline-block;
  margin-right: 12px;
  white-space: nowrap;
  font-family: var(--narrow);
}
.unseen {
  position: absolute;
  clip-path: inset(50%);
}
.learn {
  border-collapse: collapse;
  font: 400 13px/1.25 var(--narrow);
  width: 100%;
}
.learn th {
  text-align: left;
  font-weight: 600;
  vertical-align: bottom;
  padding: 2px 6px 2px 0;
  border-top: 1px solid var(--faint);
}
.learn td {
  border-top: 1px solid var(--faint);
  text-align: right;
  padding: 2px 4px;
  font-variant-numeric: tabular-nums;
}
.learn thead th {
  color: var(--soft);
  border: 0;
}
@media print {
  .plan {
    page: wide;
  }
}
</style>
