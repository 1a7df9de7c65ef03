<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useBoard } from '../board/boardStore'
import { THIS_WEEK, withEdit } from '../board/draft'
import RulesPanel from '../board/RulesPanel.vue'
import SaveBar from '../board/SaveBar.vue'
import { actionsOf } from '../shell/actions/action'
import { useViewActions } from '../shell/actions/registry'
import { useLists } from '../shell/lists'
import { useSession } from '../shell/session'
import WordMenu from '../words/WordMenu.vue'
import FormationStrip from './FormationStrip.vue'
import FaultSaid from '../shell/FaultSaid.vue'

const board = useBoard()
const lists = useLists()
const session = useSession()
const route = useRoute()
const { callSheet, callId, revision, draft, trying, tryProblem, sheet, selected, snap, problem } = storeToRefs(board)
const saveBar = useTemplateRef('saveBar')
const rules = useTemplateRef('rules')
const part = ref('align')
const PARTS = ['align', 'key', 'reads', 'run', 'pass', 'move', 'show', 'stance', 'technique'].map((id) => ({
  id,
  name: id,
}))
const mayWrite = computed(() => session.me?.mayWrite ?? false)

onMounted(async () => {
  if (!lists.choices) await board.start()
  const wanted = String(route.params.id)
  if (callId.value !== wanted) await board.chooseCall(wanted)
  if (!selected.value) selected.value = sheet.value?.jobs[0]?.id
})
watch(sheet, (now) => {
  if (now && !now.jobs.some((j) => j.id === selected.value)) selected.value = now.jobs[0]?.id
})

const men = computed(() => (sheet.value?.jobs ?? []).map((j) => ({ id: j.id, name: `${j.name} (${j.label})` })))
const job = computed(() => sheet.value?.jobs.find((j) => j.id === selected.value))
const edits = computed(() =>
  trying.value && !tryProblem.value ? withEdit(draft.value, trying.value).edits : draft.value.edits,
)
/** The man's side against the cover side: of two corners the strip follows the one in hand. */
const onCoverSide = computed(() => job.value?.onCoverSide ?? true)

const mayAdd = (): boolean => !!selected.value
const maySave = (): boolean => board.dirty
function walk(by: number): void {
  const ids = men.value.map((m) => m.id)
  selected.value = ids[(ids.indexOf(selected.value ?? '') + by + ids.length) % ids.length]
}
const ofMen = actionsOf('Men')
const rungs = actionsOf('His rules, and the call')
const writes = actionsOf('His rules, and the call', true)
useViewActions({
  title: 'Rules',
  actions: [
    ofMen('previous', 'ArrowLeft', 'The man to the left', () => walk(-1)),
    ofMen('next', 'ArrowRight', 'The man to the right', () => walk(1)),
    writes('add', 'A', 'Add a rung on top of his ladder', () => rules.value?.add(), mayAdd),
    writes('week', 'W', 'Add a rung for this week only', () => rules.value?.add(THIS_WEEK), mayAdd),
    rungs('undo', 'U', 'Undo', board.undo),
    rungs('redo', 'Y', 'Redo', board.redo),
    writes('save', 'S', 'Save the call', () => void saveBar.value?.save(), maySave),
  ],
  finds: () => men.value.map((m) => ofMen(m.id, [], m.name, () => (selected.value = m.id))),
  quiet: () => !!saveBar.value?.open,
})
</script>

<template>
  <div class="view editor">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/playbook">Playbook</RouterLink> <em>·</em> {{ callSheet?.name ?? callId }} <em>· rules of</em>
        <WordMenu
          :value="selected ?? ''"
          label="Man"
          :options="men"
          strong
          @pick="selected = $event"
        />
        <em>· the strip shows what gives his</em>
        <WordMenu
          :value="part"
          label="Part"
          :options="PARTS"
          @pick="part = $event"
        />
        <em>· against</em>
        <WordMenu
          :value="snap.formation"
          label="Formation"
          :options="lists.formations"
          @pick="board.say({ formation: $event })"
        />
      </h1>
      <SaveBar
        v-if="mayWrite"
        ref="saveBar"
      />
      <span class="hint"
        ><span class="key">←</span> <span class="key">→</span> man <span class="key">A</span> add
        <span class="key">W</span> this week <span class="key">U</span> undo</span
      >
    </header>
    <section
      class="rolls"
      aria-label="His rules"
      tabindex="0"
    >
      <FaultSaid :words="problem?.detail" />
      <p
        v-if="job"
        class="now"
      >
        Against this formation: <b>{{ job.parts.find((p) => p.part === part)?.shown }}</b>
      </p>
      <RulesPanel
        ref="rules"
        :may-write="mayWrite"
      />
    </section>
    <FormationStrip
      v-if="callSheet && job && !problem"
      :call="callId"
      :revision="revision"
      :edits="edits"
      :role="job.role"
      :on-cover-side="onCoverSide"
      :part="part"
      :picked="snap.formation"
      @pick="board.say({ formation: $event })"
    />
  </div>
</template>

<style scoped>
.editor {
  --columns: 400px minmax(0, 1fr);
}
.hint {
  color: var(--soft);
  font: 400 13px var(--narrow);
  white-space: nowrap;
}
section {
  border-right: 2px solid var(--ink);
  padding: 12px 16px;
  background: var(--card);
}
.now {
  font: 400 14px/1.4 var(--narrow);
  padding-bottom: 8px;
  border-bottom: 1.5px solid var(--rule);
  margin-bottom: 8px;
}
</style>
