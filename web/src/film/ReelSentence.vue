<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import WordMenu from '../words/WordMenu.vue'
import { HASHES, SIDES } from '../board/lineWords'
import { callChoices, useLists } from '../shell/lists'
import { useFilm } from './filmStore'

/** The snap in hand in one sentence: which, where the ball lies, against what, and what the defence was told. */
const film = useFilm()
const lists = useLists()
const { reel, number, now, problem, saving } = storeToRefs(film)
const calls = computed(() => callChoices(lists.calls, lists.formation(now.value?.log.snap.formation ?? '')))
const snaps = computed(
  () => reel.value?.snaps.map((s, _, all) => ({ id: String(s.number), name: `${s.number} of ${all.length}` })) ?? [],
)
</script>

<template>
  <header class="view-head">
    <h1 class="sentence words">
      <span
        ><RouterLink to="/film">{{ reel?.name ?? 'Reel' }}</RouterLink
        >,</span
      >
      <em>snap</em>
      <WordMenu
        v-if="number"
        :value="String(number)"
        label="Snap"
        :options="snaps"
        @pick="film.openSnap(Number($event))"
      />
      <template v-if="now"
        ><em>· ball on</em>
        <WordMenu
          :value="String(now.log.snap.toGoal)"
          label="Ball spot"
          after=","
          :options="lists.spots"
          @pick="film.log({ toGoal: Number($event) })"
        />
        <WordMenu
          :value="now.log.snap.hash"
          label="Hash"
          :options="HASHES"
          @pick="film.log({ hash: $event })"
        />
        <em>·</em>
        <WordMenu
          :value="now.log.snap.formation"
          label="Formation"
          :options="lists.formations"
          @pick="film.log({ formation: $event })"
        />
        <WordMenu
          :value="String(now.log.snap.mirrored)"
          label="Strong side"
          :options="SIDES"
          @pick="film.log({ mirrored: $event === 'true' })"
        />
        <em>— they were told</em>
        <WordMenu
          :value="now.log.call"
          label="Call"
          strong
          :options="calls"
          @pick="film.logCall"
        />
      </template>
    </h1>
    <span
      v-if="now"
      class="soft state"
      >{{ saving ? 'saving' : problem ? '' : 'saved' }}</span
    >
  </header>
</template>
