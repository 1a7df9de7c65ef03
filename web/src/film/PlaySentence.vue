<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import WordMenu from '../words/WordMenu.vue'
import { DOWNS, HASHES, SIDES } from '../board/lineWords'
import { callChoices, useLists } from '../shell/lists'
import type { PlayLog } from '../api/types'
import { useFilm } from './filmStore'

/** The play in hand in one sentence: which, where the ball lies, against what, and what the defence was told. */
const film = useFilm()
const lists = useLists()
const { game, rows, playId, log, problem, saving } = storeToRefs(film)
const calls = computed(() => callChoices(lists.calls, lists.formation(log.value?.snap.formation ?? '')))
const plays = computed(() => rows.value.map((p) => ({ id: String(p.id), name: `${p.number} of ${rows.value.length}` })))
const distances = computed(() => Array.from({ length: 30 }, (_, i) => ({ id: String(i + 1), name: `and ${i + 1}` })))
function snap(change: Partial<PlayLog['snap']>): void {
  if (log.value) void film.changeLog({ snap: { ...log.value.snap, ...change } })
}
function call(id: string): void {
  void film.changeLog({ call: id, revision: lists.call(id)?.revision ?? 0 })
}
</script>

<template>
  <header class="view-head">
    <h1 class="sentence words">
      <span
        ><RouterLink :to="game ? `/film/${game.id}` : '/film'">{{ game?.game.opponent ?? 'Film' }}</RouterLink
        >,</span
      >
      <em>{{ playId ? 'play' : game ? 'no play in hand' : '' }}</em>
      <WordMenu
        v-if="playId"
        :value="String(playId)"
        label="Play"
        :options="plays"
        @pick="film.openPlay(Number($event))"
      />
      <template v-if="log"
        ><em>·</em>
        <WordMenu
          :value="String(log.snap.down)"
          label="Down"
          :options="DOWNS"
          @pick="snap({ down: Number($event) })"
        />
        <WordMenu
          :value="String(log.snap.distance)"
          label="Distance"
          :options="distances"
          @pick="snap({ distance: Number($event) })"
        />
        <em>on</em>
        <WordMenu
          :value="String(log.snap.toGoal)"
          label="Ball spot"
          after=","
          :options="lists.spots"
          @pick="snap({ toGoal: Number($event) })"
        />
        <WordMenu
          :value="log.snap.hash"
          label="Hash"
          :options="HASHES"
          @pick="snap({ hash: $event })"
        />
        <em>·</em>
        <WordMenu
          :value="log.snap.formation"
          label="Formation"
          :options="lists.formations"
          @pick="snap({ formation: $event })"
        />
        <WordMenu
          :value="String(log.snap.mirrored)"
          label="Strong side"
          :options="SIDES"
          @pick="snap({ mirrored: $event === 'true' })"
        />
        <em>— they were told</em>
        <WordMenu
          :value="log.call"
          label="Call"
          strong
          :options="calls"
          @pick="call"
        />
      </template>
    </h1>
    <span
      v-if="log"
      class="soft state"
      >{{ saving ? 'saving' : problem ? '' : 'saved' }}</span
    >
  </header>
</template>
