<script setup lang="ts">
import { Progress } from 'ant-design-vue'
import { storeToRefs } from 'pinia'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { PlanCell } from '../api/types'
import { useBoard } from '../board/boardStore'
import { usePlaybook } from '../playbook/playbookStore'
import { actionsOf } from '../shell/actions/action'
import { useViewActions } from '../shell/actions/registry'
import { useLists } from '../shell/lists'
import LearnPanel from './LearnPanel.vue'
import { arranged } from './order'
import PlanCellPanel from './PlanCellPanel.vue'
import PlanHeat from './PlanHeat.vue'
import PlanSentence from './PlanSentence.vue'
import { tally, usePlan, type Place } from './planStore'
import FaultSaid from '../shell/FaultSaid.vue'

const plan = usePlan()
const board = useBoard()
const lists = useLists()
const playbook = usePlaybook()
const router = useRouter()
const {
  which,
  motions,
  plays,
  against,
  order,
  left,
  rows: asked,
  load,
  wanted,
  running,
  seconds,
  trouble,
  done,
} = storeToRefs(plan)
const at = ref<Place>({ row: 0, column: 0 })

const players = computed(() => lists.choices?.codes.find((c) => c.id === board.snap.code)?.players ?? 11)
const ofGame = computed(() => (lists.choices?.formations ?? []).filter((f) => f.players === players.value))
const weeks = computed(() => {
  const planned = new Set(playbook.of('formation').flatMap((f) => (f.install === 'plan' ? [f.id] : [])))
  return ofGame.value.filter((f) => planned.has(f.id))
})
const shown = computed(() =>
  arranged(asked.value, against.value === 'plan' ? weeks.value : ofGame.value, order.value === 'worst'),
)
const formations = computed(() => shown.value.formations)
const rows = computed(() => shown.value.rows)
const calls = computed(() => {
  const listed = playbook.of('call').filter((c) => lists.call(c.id)?.players === players.value)
  return listed.filter(
    (c) => which.value === 'all' || (which.value === 'plan' ? c.install === 'plan' : c.install !== 'catalogue'),
  )
})
const cell = computed<PlanCell | undefined>(() => rows.value[at.value.row]?.cells[at.value.column])
const call = computed(() => rows.value[at.value.row]?.call)
const callName = (id: string): string => calls.value.find((c) => c.id === id)?.name ?? id
const counts = computed(() => tally(rows.value, false).filter((t) => t.cells))
const meant = computed(() => tally(rows.value, true).find((t) => t.standing === 'breaks')?.cells ?? 0)
function start(): void {
  at.value = { row: 0, column: 0 }
  void plan.audit(
    calls.value.map((c) => ({ id: c.id, name: c.name })),
    ofGame.value.map((f) => f.id),
    board.snap,
  )
}
onMounted(async () => {
  if (!lists.choices) await board.start()
  await playbook.load()
  if (!playbook.known) return
  if (which.value === 'plan' && !calls.value.length) which.value = 'all'
  if (against.value === 'plan' && !weeks.value.length) against.value = 'all'
  start()
})
watch([which, motions, plays], start)
watch([against, order], () => (at.value = { row: 0, column: 0 }))
onBeforeUnmount(plan.cancel)

async function open(): Promise<void> {
  if (!cell.value || !call.value) return
  const { formation, motion } = cell.value
  await board.chooseCall(call.value.id, { formation, mirrored: false, motion })
  await router.push('/board')
}
function walk(row: number, column: number): void {
  at.value = {
    row: Math.max(0, Math.min(rows.value.length - 1, at.value.row + row)),
    column: Math.max(0, Math.min(formations.value.length - 1, at.value.column + column)),
  }
  document.querySelector<HTMLElement>(`[data-cell="${at.value.row} ${at.value.column}"]`)?.focus()
}
const ofMatrix = actionsOf('The matrix')
const any = (): boolean => rows.value.length > 0
useViewActions({
  title: 'Plan',
  actions: [
    ofMatrix('up', 'ArrowUp', 'The call above', () => walk(-1, 0), any),
    ofMatrix('down', 'ArrowDown', 'The call below', () => walk(1, 0), any),
    ofMatrix('left', 'ArrowLeft', 'The formation to the left', () => walk(0, -1), any),
    ofMatrix('right', 'ArrowRight', 'The formation to the right', () => walk(0, 1), any),
    ofMatrix('open', 'Enter', 'Line it up on the board', () => void open(), any),
    ofMatrix('cancel', 'Escape', 'Stop the audit', plan.cancel, () => running.value),
  ],
})
</script>

<template>
  <div class="view plan">
    <header class="view-head">
      <PlanSentence
        :all="ofGame.length"
        :week="weeks.length"
      />
      <span
        v-if="running"
        class="progress"
        role="status"
        ><Progress
          :percent="wanted ? (100 * done) / wanted : 0"
          :show-info="false"
          size="small"
          aria-label="Calls answered"
        />
        {{ done }} of {{ wanted }}<template v-if="left">, about {{ left }} s left</template></span
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
      class="heat rolls wide"
      :aria-busy="running"
      aria-label="Calls by formations"
      tabindex="0"
    >
      <FaultSaid :words="trouble || (playbook.problem?.detail ?? '')" />
      <p
        v-if="!wanted && !running && playbook.loading"
        class="empty"
        role="status"
      >
        Opening the plan.
      </p>
      <p
        v-else-if="!wanted && !running && playbook.known"
        class="empty"
      >
        No call is {{ which === 'plan' ? "in this week's plan" : 'installed' }} yet. Put calls into it in the playbook,
        or look at the whole playbook.
      </p>
      <PlanHeat
        v-if="rows.length"
        v-model="at"
        :rows="rows"
        :formations="formations"
        @open="open"
      />
    </section>
    <aside
      aria-label="What is in a cell, and what the plan asks to learn"
      tabindex="0"
    >
      <PlanCellPanel
        v-if="cell && call"
        :call="call.name"
        :cell="cell"
        :formations="formations"
        @open="open"
      />
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
      <LearnPanel
        v-if="load"
        :load="load"
        :call-name="callName"
      />
    </aside>
  </div>
</template>

<style scoped src="./cell.css"></style>
<style scoped>
.plan {
  --columns: minmax(0, 1fr) 290px;
}
.progress {
  display: flex;
  gap: 8px;
  align-items: center;
  font: 600 13px var(--narrow);
  white-space: nowrap;
}
.progress :deep(.ant-progress) {
  width: 110px;
  margin: 0;
}
.heat {
  overflow-x: auto;
  padding: 10px 14px 20px;
}
aside {
  padding: 14px 16px 20px;
  font-size: 13.5px;
  line-height: 1.4;
}
h2 {
  font: 700 16px/1.25 var(--narrow);
  padding-bottom: 4px;
}
h2.next {
  margin-top: 18px;
  padding-top: 10px;
  border-top: 1.5px solid var(--rule);
}
aside p {
  padding-bottom: 8px;
}
.count {
  display: inline-block;
  margin-right: 12px;
  white-space: nowrap;
  font-family: var(--narrow);
}
@media print {
  .plan {
    page: wide;
  }
}
</style>
