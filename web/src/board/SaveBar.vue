<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { problemOf } from '../api/client'
import { useBoard } from './boardStore'
import { useSaving, type Overtaken } from './saving'
import { everBeen } from '../shell/everBeen'

// dialogs come when they are opened
const SaveAs = defineAsyncComponent(() => import('./SaveAs.vue'))
const SavedBefore = defineAsyncComponent(() => import('./SavedBefore.vue'))

const board = useBoard()
const saving = useSaving()
const { draft, drafts, callSheet, revision } = storeToRefs(board)
const naming = ref(false)
const everNaming = everBeen(() => naming.value)
const fault = ref('')
const said = ref('')
const conflict = ref<Overtaken>()
const everOvertaken = everBeen(() => conflict.value)
const catalogue = computed(() => revision.value === 0)

async function save(): Promise<void> {
  fault.value = ''
  if (catalogue.value) {
    naming.value = true
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
    if (p.code === 'call-overtaken') conflict.value = p as Overtaken
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
    <SaveAs
      v-if="everNaming"
      :open="naming"
      :name="`${callSheet?.name ?? ''} ours`"
      :fault="fault"
      @save="(name) => attempt(() => saving.saveAs(name))"
      @close="naming = false"
    />
    <SavedBefore
      v-if="everOvertaken"
      :conflict="conflict"
      @mine="mineOnTop"
      @theirs="takeTheirs"
      @close="conflict = undefined"
    />
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
</style>
