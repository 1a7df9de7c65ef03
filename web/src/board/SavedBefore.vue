<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed } from 'vue'
import { useBoard } from './boardStore'
import type { Overtaken } from './saving'

/** Somebody saved while this was written: both texts, rung by rung, and what can be done. */
const props = defineProps<{ conflict?: Overtaken }>()
defineEmits<{ mine: []; theirs: []; close: [] }>()

const board = useBoard()
const both = computed(() =>
  board.draft.edits.map((e) => ({
    rung: e.rung,
    mine: e.sentence,
    theirs:
      props.conflict?.theirCall.roles.flatMap((r) => r.rungs).find((r) => r.id === e.rung)?.sentence ?? 'no such rung',
  })),
)
</script>

<template>
  <Modal
    :open="!!conflict"
    title="Somebody saved before you"
    :footer="null"
    width="720px"
    @cancel="$emit('close')"
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
        @click="$emit('mine')"
      >
        Put my text on top of theirs</button
      ><button
        class="button"
        type="button"
        @click="$emit('theirs')"
      >
        Take theirs</button
      ><button
        class="button"
        type="button"
        @click="$emit('close')"
      >
        Not now
      </button>
    </p>
  </Modal>
</template>

<style scoped>
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
