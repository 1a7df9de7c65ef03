<script setup lang="ts">
import { computed } from 'vue'
import type { Correction } from '../api/types'
import { useFilm } from './filmStore'
import { useGrades } from './gradeStore'
import NoteField from './NoteField.vue'

/** What he is shown and told: what was good, the earliest wrong moment, what to do instead, a good frame, the drill. */
const props = defineProps<{ job: string; frame: number }>()
const emit = defineEmits<{ go: [frame: number] }>()
const film = useFilm()
const grades = useGrades()
const said = computed<Correction>(() => grades.words(props.job).correction ?? {})
const TEXTS = [
  { id: 'good', name: 'What was good' },
  { id: 'ledTo', name: 'What it led to' },
  { id: 'instead', name: 'What to do instead' },
  { id: 'drill', name: 'Drill' },
] as const
const FRAMES = [
  { id: 'wrongAt', name: 'Earliest wrong moment' },
  { id: 'goodAt', name: 'A good frame' },
] as const
function say(man: string, change: Partial<Correction>): void {
  const now = { ...(grades.words(man).correction ?? {}), ...change }
  const rest = Object.fromEntries(Object.entries(now).filter(([, v]) => v !== undefined && v !== ''))
  grades.say(man, { correction: Object.keys(rest).length ? rest : undefined })
}
function take(id: 'wrongAt' | 'goodAt'): void {
  if (film.game && film.reel) say(props.job, { [id]: { game: film.game.id, reel: film.reel.id, frame: props.frame } })
}
/** The film that is open can be gone to; another is named. */
function show(at: { reel: number; frame: number }): void {
  if (at.reel === film.reel?.id) emit('go', at.frame)
  else void film.look(at.reel).then(() => emit('go', at.frame))
}
</script>

<template>
  <details
    class="correction"
    :open="!!grades.words(job).correction"
  >
    <summary>Correction</summary>
    <p
      v-for="f in FRAMES"
      :key="f.id"
    >
      {{ f.name }}:
      <button
        v-if="said[f.id]"
        type="button"
        class="link"
        @click="show(said[f.id]!)"
      >
        frame {{ said[f.id]!.frame }}
      </button>
      <button
        type="button"
        class="link"
        @click="take(f.id)"
      >
        take this frame
      </button>
      <button
        v-if="said[f.id]"
        type="button"
        class="link"
        @click="say(job, { [f.id]: undefined })"
      >
        take off
      </button>
    </p>
    <NoteField
      v-for="t in TEXTS"
      :key="t.id"
      :man="job"
      :name="t.name"
      :rows="1"
      :value="said[t.id] ?? ''"
      @say="(man, words) => say(man, { [t.id]: words })"
    />
  </details>
</template>

<style scoped>
.correction {
  font: 400 13px/1.5 var(--narrow);
}
summary {
  font-weight: 600;
  cursor: pointer;
}
summary:focus-visible {
  outline: 3px solid var(--ink);
}
.link + .link {
  margin-left: 8px;
}
</style>
