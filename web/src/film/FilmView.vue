<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, client, problemOf } from '../api/client'
import type { GameItem } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { usePaged } from '../shell/paged'
import { useSession } from '../shell/session'
import { counted } from '../words/counted'
import EraseAsk from './EraseAsk.vue'
import GameTable from './GameTable.vue'
import NewGame from './NewGame.vue'

/** Games, from which all film is reached. */
const session = useSession()
const router = useRouter()
const {
  items: games,
  total,
  left,
  fault,
  load,
  more,
} = usePaged(
  () => ['games'],
  (page) => answer(client.GET('/api/games', { params: { query: { page } } })),
)
const erasing = ref<GameItem>()
const heading = computed(() => {
  if (total.value === undefined) return 'Film'
  if (!total.value) return 'Film: no game yet.'
  return `Film: ${counted(total.value, 'game')}. Choose one to cut, measure and grade.`
})
const refused = ref('')

async function erase(): Promise<void> {
  try {
    await answer(client.DELETE('/api/games/{game}', { params: { path: { game: erasing.value!.id } } }))
    refused.value = ''
    await load()
  } catch (error) {
    refused.value = problemOf(error).detail
  }
  erasing.value = undefined
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        {{ heading }}
      </h1>
    </header>
    <section
      class="rolls"
      aria-label="Games"
      tabindex="0"
    >
      <FaultSaid :words="refused || fault" />
      <GameTable
        v-if="total !== undefined"
        :games="games"
        :may-erase="session.me?.mayWrite ?? false"
        @erase="erasing = $event"
      />
      <p
        v-else-if="!fault"
        class="empty"
        role="status"
      >
        Opening the games.
      </p>
      <button
        v-if="left"
        class="button"
        type="button"
        @click="more"
      >
        {{ left }} earlier
      </button>
      <NewGame @made="router.push(`/film/${$event}`)" />
    </section>
    <EraseAsk
      :what="erasing?.opponent"
      @erase="erase"
      @keep="erasing = undefined"
    >
      Its {{ counted(erasing?.plays ?? 0, 'play') }}, their film, clicks and grades are gone for good.
    </EraseAsk>
  </div>
</template>

<style scoped src="./pages.css"></style>
