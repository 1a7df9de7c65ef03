<script setup lang="ts">
import { ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import FaultSaid from '../shell/FaultSaid.vue'
import { useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'

/** A game to log and to film. */
const emit = defineEmits<{ made: [id: number] }>()
const lists = useLists()
// without them the menu is empty, and what is wrong is said over the page
void lists.load().catch(() => undefined)
const opponent = ref('')
const squad = ref('')
const playedOn = ref('')
const code = ref('hs')
const fault = ref('')

async function make(): Promise<void> {
  const season = Number(playedOn.value.slice(0, 4)) || new Date().getFullYear()
  try {
    const game = await answer(
      client.POST('/api/games', {
        body: {
          opponent: opponent.value,
          squad: squad.value,
          season,
          playedOn: playedOn.value || undefined,
          code: code.value,
        },
      }),
    )
    emit('made', game.id)
  } catch (error) {
    fault.value = problemOf(error).detail
  }
}
</script>

<template>
  <form
    class="asked-form game"
    aria-label="A new game"
    @submit.prevent="make"
  >
    <h2>A new game or practice</h2>
    <label
      >Against, or what was practised
      <input
        v-model="opponent"
        name="opponent"
        required
        maxlength="80"
      />
    </label>
    <label
      >Squad
      <input
        v-model="squad"
        name="squad"
        maxlength="80"
      />
    </label>
    <label
      >Played on
      <input
        v-model="playedOn"
        name="played"
        type="date"
      />
    </label>
    <div class="ask">
      Rules
      <WordMenu
        :value="code"
        label="Rules"
        :options="lists.choices?.codes ?? []"
        field
        @pick="code = $event"
      />
    </div>
    <FaultSaid :words="fault" />
    <button class="button main">Begin it</button>
  </form>
</template>

<style scoped src="../styles/asked-form.css"></style>
<style scoped>
.game {
  max-width: 420px;
  justify-items: start;
}
h2 {
  font: 700 17px var(--narrow);
}
</style>
