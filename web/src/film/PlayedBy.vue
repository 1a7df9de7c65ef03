<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, client, problemOf } from '../api/client'
import WordMenu from '../words/WordMenu.vue'
import { useGrades } from './gradeStore'

/** Who of the roster played a seat: another from this play on, when a coach says so. */
const props = defineProps<{ job: string }>()
const grades = useGrades()
const trouble = ref('')
const { data } = useQuery({ queryKey: ['roster'], queryFn: () => answer(client.GET('/api/roster')) })
const men = computed(() =>
  (data.value?.roster.players ?? [])
    .map((p) => ({ id: p.id, name: `${p.number} ${p.name}` }))
    .sort((a, b) => parseInt(a.name) - parseInt(b.name)),
)
async function say(player: string): Promise<void> {
  trouble.value = ''
  try {
    await grades.playedBy(props.job, player)
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
