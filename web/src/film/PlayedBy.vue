<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, client, problemOf } from '../api/client'
import WordMenu from '../words/WordMenu.vue'
import { useFilm } from './filmStore'
import { useGrades } from './gradeStore'

/** Who of the roster played a seat: another from this play on, when a coach says so. */
const props = defineProps<{ job: string }>()
const grades = useGrades()
const film = useFilm()
const trouble = ref('')
const said = ref('')
watch(
  () => [props.job, film.playId],
  () => (said.value = trouble.value = ''),
)
const named = (player: string): string => men.value.find((m) => m.id === player)?.name ?? player
const { data } = useQuery({ queryKey: ['roster'], queryFn: () => answer(client.GET('/api/roster')) })
const men = computed(() =>
  (data.value?.roster.players ?? [])
    .map((p) => ({ id: p.id, name: `${p.number} ${p.name}` }))
    .sort((a, b) => parseInt(a.name) - parseInt(b.name)),
)
async function say(player: string): Promise<void> {
  trouble.value = said.value = ''
  const before = grades.found?.players ?? {}
  try {
    await grades.playedBy(props.job, player)
    // who stood at another seat has changed places with him
    const moved = Object.entries(grades.found?.players ?? {}).filter(
      ([job, man]) => job !== props.job && man !== before[job],
    )
    said.value = moved.map(([job, man]) => `${named(man)} is ${film.label(job)} then.`).join(' ')
  } catch (error) {
    trouble.value = problemOf(error).detail
    await grades.load()
  }
}
</script>

<template>
  <p>
    <span class="key">W</span> Played by
    <WordMenu
      :value="grades.found?.players[job] ?? ''"
      label="Who played"
      :options="men"
      empty="nobody said who"
      @pick="say"
    />
    <span class="soft"> from this play on</span>
    <span
      v-if="said"
      role="status"
      >{{ said }}</span
    >
    <span
      v-if="trouble"
      class="fault"
      role="alert"
      >{{ trouble }}</span
    >
  </p>
</template>

<style scoped>
p {
  font: 400 13px/1.5 var(--narrow);
  margin: 0 0 4px;
}
</style>
