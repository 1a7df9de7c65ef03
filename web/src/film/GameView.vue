<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, client, faultOf, over, problemOf } from '../api/client'
import type { PlayRow, ReelItem } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { useSession } from '../shell/session'
import { counted } from '../words/counted'
import { dayOf } from '../words/day'
import EraseAsk from './EraseAsk.vue'
import { isGoing, WATCH_MILLIS } from './going'
import JoinOffers from './JoinOffers.vue'
import LogFile from './logFile/LogFile.vue'
import PlayTable from './PlayTable.vue'
import ReelTable from './ReelTable.vue'
import UploadFilm from './UploadFilm.vue'
import WorkGoing from './WorkGoing.vue'

/** One game: its film, its log, and what else may be film of it. */
const session = useSession()
const going = ({ madeOver }: ReelItem): boolean => isGoing(madeOver)
const route = useRoute()
const id = Number(route.params.game)
const {
  data: game,
  error,
  refetch: loadGame,
} = useQuery({
  queryKey: ['game', id],
  queryFn: () => answer(client.GET('/api/games/{id}', { params: { path: { id } } })),
})
const { data: film, refetch: loadFilm } = useQuery({
  queryKey: ['film of game', id],
  queryFn: () => answer(client.GET('/api/games/{game}/film', { params: { path: { game: id } } })),
  // while a film is being made over, how far it is
  refetchInterval: ({ state }) =>
    state.data?.reels.some(going) || isGoing(state.data?.filming) ? WATCH_MILLIS : false,
})
// the plays are in the log when their film is
watch(
  () => isGoing(film.value?.filming),
  (now, before) => before && !now && void loadGame(),
)
const refused = ref('')
const fault = computed(() => refused.value || faultOf(error.value))
const heading = computed(() => {
  const words = game.value?.game
  return words ? [words.opponent, words.squad, words.playedOn && dayOf(words.playedOn)].filter(Boolean).join(', ') : ''
})
const erasing = ref<ReelItem>()

async function load(): Promise<void> {
  await Promise.all([loadGame(), loadFilm()])
}
async function tried(what: () => Promise<unknown>): Promise<void> {
  try {
    await what()
    refused.value = ''
  } catch (why) {
    refused.value = problemOf(why).detail
  }
  await load()
}
const renumber = (play: PlayRow, number: number): Promise<void> =>
  tried(() =>
    answer(
      client.PUT('/api/games/{id}/plays/{play}/number', {
        params: { path: { id, play: play.id }, header: over(play.version) },
        body: { number },
      }),
    ),
  )
const takeOut = (play: PlayRow): Promise<void> =>
  tried(() =>
    answer(
      client.DELETE('/api/games/{id}/plays/{play}', {
        params: { path: { id, play: play.id }, header: over(play.version) },
      }),
    ),
  )
const putBack = (play: PlayRow): Promise<void> =>
  tried(() => answer(client.POST('/api/games/{id}/plays/{play}/back', { params: { path: { id, play: play.id } } })))
const make = (reel: ReelItem): Promise<void> =>
  tried(() => answer(client.POST('/api/reels/{id}/playable', { params: { path: { id: reel.id } } })))
const cancel = (job: number): Promise<void> =>
  tried(() => answer(client.DELETE('/api/work/{id}', { params: { path: { id: job } } })))
async function erase(): Promise<void> {
  const reel = erasing.value!
  erasing.value = undefined
  await tried(() => answer(client.DELETE('/api/reels/{id}', { params: { path: { id: reel.id } } })))
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/film">Film</RouterLink>
        <em v-if="game">·</em> {{ heading
        }}<template v-if="game?.plays.length"
          >,
          <RouterLink :to="`/film/${id}/room`">{{ counted(game.plays.length, 'play') }} to grade</RouterLink></template
        >
      </h1>
    </header>
    <section
      class="rolls"
      aria-label="Game"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <template v-if="film?.filming && film.filming.state !== 'done'">
        <WorkGoing
          v-if="isGoing(film.filming)"
          :work="film.filming"
          of="Film of the demo"
          :stoppable="false"
        />
        <p v-else>The film of this made-up game was not made: {{ film.filming.words }}.</p>
      </template>
      <p
        v-if="!game && !fault"
        class="empty"
        role="status"
      >
        Opening the game.
      </p>
      <template v-if="game && film">
        <JoinOffers
          :game="id"
          @joined="load"
        />
        <h2>Reels</h2>
        <ReelTable
          :game="id"
          :reels="film.reels"
          :may-erase="session.me?.mayWrite ?? false"
          @erase="erasing = $event"
          @cut="load"
          @make="make"
          @cancel="cancel"
        />
        <h2>Plays</h2>
        <PlayTable
          :game="id"
          :plays="game.plays"
          :film="film"
          @renumber="renumber"
          @take-out="takeOut"
        />
        <p
          v-for="p in game.takenOut"
          :key="p.id"
          class="soft"
        >
          Taken out: {{ p.log.call }}, it was play {{ p.number }}.
          <button
            class="link"
            type="button"
            @click="putBack(p)"
          >
            Put it back
          </button>
        </p>
        <LogFile
          :game="game"
          @taken="load"
        />
        <UploadFilm
          :game="id"
          @done="load"
        />
      </template>
    </section>
    <EraseAsk
      :what="erasing?.name"
      @erase="erase"
      @keep="erasing = undefined"
    >
      The film and the clicks on its {{ counted(erasing?.plays ?? 0, 'play') }} are gone for good. The plays stay in the
      log with their grades.
    </EraseAsk>
  </div>
</template>

<style scoped src="./pages.css"></style>
