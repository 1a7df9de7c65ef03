<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { ref } from 'vue'
import { problemOf } from '../api/client'
import { useBoard } from './boardStore'
import { usePlacing } from './offencePlaced'

defineProps<{ mayWrite: boolean; man?: string }>()
defineEmits<{ done: [] }>()
const board = useBoard()
const { keepFormation } = usePlacing()
const { snap } = storeToRefs(board)
const name = ref('')
const said = ref('')

async function keep(): Promise<void> {
  try {
    const against = await keepFormation(name.value)
    said.value = against.length ? `Kept, but not legal: ${against.join('; ')}.` : 'Kept among the formations.'
    name.value = ''
  } catch (error) {
    said.value = problemOf(error).detail
  }
}
</script>

<template>
  <form
    class="place"
    @submit.prevent="keep"
  >
    <b>Placing the offence</b>
    <span class="soft"
      >{{ man ?? 'drag a man, or pick one with the arrows' }}; <span class="key">Shift</span> and arrows move him half a
      yard</span
    >
    <template v-if="snap.men">
      <input
        v-if="mayWrite"
        v-model="name"
        required
        aria-label="Name of the formation"
        placeholder="name it to keep it"
      />
      <button
        v-if="mayWrite"
        type="submit"
        class="button"
      >
        Keep
      </button>
      <button
        type="button"
        class="button"
        @click="board.asWritten()"
      >
        Back as written
      </button>
    </template>
    <span role="status">{{ said }}</span>
    <button
      type="button"
      class="button"
      @click="$emit('done')"
    >
      Done <span class="key">O</span>
    </button>
  </form>
</template>

<style scoped>
.place {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 5px 12px;
  border-bottom: 1.5px solid var(--ink);
  background: var(--pick);
  font-size: 13px;
}
input {
  font: 500 14px var(--text);
  padding: 4px 6px;
  border: 1.5px solid var(--ink);
  background: var(--card);
  color: var(--ink);
  width: 170px;
}
.place > .button:last-child {
  margin-left: auto;
}
.button {
  padding: 5px 8px;
}
</style>
