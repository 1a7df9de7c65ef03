<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { problemOf, type Problem } from '../api/client'
import type { CallItem, CallSheet } from '../api/types'
import { useBoard } from './boardStore'
import { useSaving } from './saving'
import FaultSaid from '../shell/FaultSaid.vue'

const board = useBoard()
const saving = useSaving()
const { draft, drafts, callSheet, revision } = storeToRefs(board)
const naming = ref(false)
const name = ref('')
const fault = ref('')
const said = ref('')
const conflict = ref<Problem & { theirs: CallItem; theirCall: CallSheet }>()
const catalogue = computed(() => revision.value === 0)

const both = computed(() =>
  draft.value.edits.map((e) => ({
    rung: e.rung,
    mine: e.sentence,
    theirs:
      conflict.value?.theirCall.roles.flatMap((r) => r.rungs).find((r) => r.id === e.rung)?.sentence ?? 'no such rung',
  })),
)
async function save(): Promise<void> {
  fault.value = ''
  if (catalogue.value) {
    naming.value = true
    name.value = `${callSheet.value?.name ?? ''} ours`
    return
  }
  await attempt(() => saving.saveNext(revision.value))
}
async function attempt(write: () => Promise<void>): Promise<void> {
  try {
    await write()
    naming.value = false
    conflict.value = undefined
    said.value = `Saved as revision ${revision.value}.`
    setTimeout(() => (said.value = ''), 4000)
  } catch (error) {
    const p = problemOf(error)
    if (p.code === 'call-overtaken') conflict.value = p as typeof conflict.value
    else fault.value = p.detail
  }
}
async function mineOnTop(): Promise<void> {
  const onto = conflict.value!.theirs.revision
  conflict.value = undefined
  await board.rebase(onto)
}
async function takeTheirs(): Promise<void> {
  const theirs = conflict.value!.theirs.revision
  conflict.value = undefined
  board.setDraft({ edits: [], hand: draft.value.hand })
  await board.rebase(theirs)
}
const open = computed(() => naming.value || !!conflict.value)
defineExpose({ save, open })
</script>

<template>
  <span class="save">
    <span
      v-if="said"
      class="said"
      role="status"
      >{{ said }}</span
    >
    <span
      v-else-if="fault && !naming"
      class="fault"
      role="alert"
      >{{ fault }}</span
    >
    <span
      v-else-if="draft.edits.length"
      class="soft"
      >{{ draft.edits.length }} not saved</span
    >
    <button
      v-if="drafts.past.length || drafts.future.length"
      class="button"
      type="button"
      :disabled="!drafts.past.length"
      @click="board.undo"
    >
      Undo <span class="key">U</span>
    </button>
    <button
      v-if="drafts.future.length"
      class="button"
      type="button"
      @click="board.redo"
    >
      Redo <span class="key">Y</span>
    </button>
    <button
      v-if="draft.edits.length"
      class="button main"
      type="button"
      @click="save"
    >
      {{ catalogue ? 'Save as' : 'Save' }} <span class="key">S</span>
    </button>
    <Modal
      :open="naming"
      title="Save as a call of our own"
      :footer="null"
      width="420px"
      @cancel="naming = false"
    >
      <form @submit.prevent="attempt(() => saving.saveAs(name))">
        <label class="name"
          >Name
          <input
            v-model="name"
            required
            autofocus
        /></label>
        <FaultSaid :words="fault" />
        <button class="button main">Save</button>
      </form>
    </Modal>
    <Modal
      :open="!!conflict"
      title="Somebody saved before you"
      :footer="null"
      width="720px"
      @cancel="conflict = undefined"
    >
      <p>{{ conflict?.detail }}</p>
      <table v-if="conflict">
        <thead>
          <tr>
            <th>Rung</th>
            <th>Revision {{ conflict.theirs.revision }} by {{ conflict.theirs.savedBy }}</th>
            <th>Yours, not saved</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="b in both"
            :key="b.rung"
          >
            <td>{{ b.rung }}</td>
            <td>{{ b.theirs }}</td>
            <td>{{ b.mine }}</td>
          </tr>
        </tbody>
      </table>
      <p class="acts">
        <button
          class="button main"
          type="button"
          @click="mineOnTop"
        >
          Put my text on top of theirs</button
        ><button
          class="button"
          type="button"
          @click="takeTheirs"
        >
          Take theirs</button
        ><button
          class="button"
          type="button"
          @click="conflict = undefined"
        >
          Not now
        </button>
      </p>
    </Modal>
  </span>
</template>

<style scoped>
.save {
  display: flex;
  gap: 8px;
  align-items: center;
}
.said {
  color: var(--sound);
  font-weight: 600;
}
.fault {
  max-width: 340px;
  font-size: 13px;
}
.name {
  display: grid;
  gap: 4px;
  font-weight: 600;
  margin-bottom: 12px;
}
.name input {
  font: 400 16px var(--text);
  padding: 8px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
table {
  border-collapse: collapse;
  margin: 12px 0;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 8px;
  border-top: 1px solid var(--rule);
  font-size: 13px;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
