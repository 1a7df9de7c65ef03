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
  <header>
    <h1 class="sentence">
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
          comma
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
    <span class="soft state">{{ saving ? 'saving' : problem ? '' : 'saved' }}</span>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 56px;
  padding: 4px 16px 4px 20px;
  background: var(--card);
  border-bottom: 2px solid var(--ink);
}
.sentence {
  font-size: 18px;
  line-height: 1.35;
  display: flex;
  flex-wrap: wrap;
  column-gap: 0.3em;
  flex: 1;
}
em {
  font-style: normal;
  color: var(--soft);
}
.sentence a {
  color: inherit;
  text-decoration-color: var(--rule);
  text-underline-offset: 5px;
}
</style>
