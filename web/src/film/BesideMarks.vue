<script setup lang="ts">
import { computed } from 'vue'
import type { RepWords } from '../api/types'
import WordMenu from '../words/WordMenu.vue'
import { useFilm } from './filmStore'
import { useGrades } from './gradeStore'

/** What stands beside a man's marks and is never averaged into them. */
const props = defineProps<{ job: string }>()
const film = useFilm()
const grades = useGrades()
const words = computed(() => grades.words(props.job))
type Outcome = NonNullable<RepWords['outcome']>
type How = NonNullable<RepWords['tackle']>['how']
type Lane = NonNullable<RepWords['lane']>
type Thrown = NonNullable<RepWords['thrown']>
const TARGETS: { id: RepWords['target']; name: string }[] = [
  { id: 'man', name: 'the man' },
  { id: 'call or teaching', name: 'the call or the teaching' },
  { id: 'call not received', name: 'the call not being received' },
]
const OUTCOMES: { id: Outcome | ''; name: string }[] = [
  { id: '', name: 'not said' },
  { id: 'win', name: 'win' },
  { id: 'positive', name: 'positive, without a result' },
  { id: 'neutral', name: 'neutral: no loss' },
  { id: 'loss', name: 'loss' },
  { id: 'set up', name: 'a loss, to set up a later play' },
  { id: 'unrated', name: 'unrated' },
]
const TACKLES: { id: How | ''; name: string }[] = [
  { id: '', name: 'no try' },
  { id: 'made', name: 'made' },
  { id: 'assisted', name: 'assisted' },
  { id: 'missed', name: 'missed' },
]
const THROWN: { id: Thrown | ''; name: string }[] = [
  { id: '', name: 'no' },
  { id: 'caught', name: 'caught' },
  { id: 'incomplete', name: 'incomplete' },
  { id: 'broken up', name: 'broken up' },
  { id: 'intercepted', name: 'intercepted' },
]
const LANES: { id: Lane | ''; name: string }[] = [
  { id: '', name: 'not said' },
  { id: 'kept', name: 'kept' },
  { id: 'left', name: 'left' },
]
const FLAGS: RepWords['flags'] = ['missed assignment', 'explosive given', 'loaf', 'penalty']
/** Plays after this one, which it can have set up. */
const later = computed(() => [
  { id: '', name: 'not named yet' },
  ...film.rows
    .filter((p) => p.number > (film.number ?? 0))
    .map((p) => ({ id: String(p.id), name: `play ${p.number}` })),
])

function say(change: Partial<RepWords>): void {
  grades.say(props.job, change)
}
function flag(which: RepWords['flags'][number], on: boolean): void {
  const rest = words.value.flags.filter((f) => f !== which)
  say({ flags: on ? [...rest, which] : rest })
}
function ended(outcome: string): void {
  say({ outcome: (outcome || undefined) as Outcome | undefined, setsUp: undefined })
}
function tackled(how: string): void {
  say({ tackle: how ? { ...words.value.tackle, how: how as How } : undefined })
}
function wentOn(yards: string): void {
  const tackle = words.value.tackle
  const after = Number(yards)
  if (tackle)
    say({ tackle: { how: tackle.how, afterContact: yards === '' || !(after >= 0) ? undefined : Math.round(after) } })
}
</script>

<template>
  <div>
    His own play:
    <WordMenu
      :value="words.outcome ?? ''"
      label="His own play"
      :options="OUTCOMES"
      field
      @pick="ended"
    />
    <template v-if="words.outcome === 'set up'">
      namely
      <WordMenu
        :value="words.setsUp === undefined ? '' : String(words.setsUp)"
        label="The play that it set up"
        :options="later"
        field
        @pick="say({ setsUp: $event ? Number($event) : undefined })"
      />
    </template>
  </div>
  <div>
    Tackle:
    <WordMenu
      :value="words.tackle?.how ?? ''"
      label="Tackle"
      :options="TACKLES"
      field
      @pick="tackled"
    />
    <label v-if="words.tackle"
      >yards after contact
      <input
        type="number"
        min="0"
        max="99"
        :value="words.tackle.afterContact ?? ''"
        @change="wentOn(($event.target as HTMLInputElement).value)"
    /></label>
  </div>
  <div>
    Thrown at him:
    <WordMenu
      :value="words.thrown ?? ''"
      label="Thrown at him"
      :options="THROWN"
      field
      @pick="say({ thrown: ($event || undefined) as Thrown | undefined })"
    />
  </div>
  <div>
    His rush lane:
    <WordMenu
      :value="words.lane ?? ''"
      label="His rush lane"
      :options="LANES"
      field
      @pick="say({ lane: ($event || undefined) as Lane | undefined })"
    />
  </div>
  <div>
    A fault is laid on
    <WordMenu
      :value="words.target"
      label="A fault is laid on"
      :options="TARGETS"
      field
      @pick="say({ target: $event as RepWords['target'] })"
    />
  </div>
  <fieldset>
    <legend>Beside the marks</legend>
    <label
      v-for="f in FLAGS"
      :key="f"
      ><input
        type="checkbox"
        :checked="words.flags.includes(f)"
        @change="flag(f, ($event.target as HTMLInputElement).checked)"
      />
      {{ f }}</label
    >
    <label
      ><input
        type="checkbox"
        :checked="words.extraCredit"
        @change="say({ extraCredit: ($event.target as HTMLInputElement).checked })"
      />
      extra credit</label
    >
  </fieldset>
</template>

<style scoped>
div {
  font: 400 13px var(--narrow);
}
input[type='number'] {
  width: 52px;
  font: 600 13px var(--narrow);
}
fieldset {
  border: 0;
  padding: 0;
  font: 400 13px/1.5 var(--narrow);
  display: flex;
  flex-wrap: wrap;
  column-gap: 12px;
}
legend {
  padding: 0;
  color: var(--soft);
}
</style>
