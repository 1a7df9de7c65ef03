<script setup lang="ts">
import { computed } from 'vue'
import { useFilm } from './filmStore'
import type { FoundMen } from './foundMen'
import ProposalWords from './ProposalWords.vue'

/** What the picture shows by itself, what it is not sure of, and what it does not show. */
const props = defineProps<{ found: FoundMen }>()
const film = useFilm()
const shown = (clear: boolean): string[] => props.found.men.value.filter((m) => m.clear === clear).map((m) => m.man)
/** Defenders as they are called on the field, then who of the offence is asked for. */
function named(men: readonly string[]): string {
  const ours = men.filter((m) => film.labels.has(m)).map(film.label)
  const theirs = men.filter((m) => !film.labels.has(m))
  return [ours.join(', '), theirs.length ? `of the offence ${theirs.join(', ')}` : ''].filter(Boolean).join('; ')
}
const sure = computed(() => shown(true))
const unsure = computed(() => shown(false))
const touching = computed(() => {
  const groups = props.found.touching.value
  if (!groups) return ''
  return groups === 1
    ? 'One group touches: who is in it is not told apart.'
    : `${groups} groups touch: who is in them is not told apart.`
})
</script>

<template>
  <ProposalWords
    :of="found"
    what="men"
  >
    <template v-if="found.canFollow.value"
      ><button
        type="button"
        class="link"
        @click="found.take()"
      >
        <span class="key">F</span> follows
      </button>
      who was clicked at the snap through the play{{
        found.paths.angle.value?.stale ? ' anew, by the clicks as they are now' : ''
      }}; that goes on by itself while you work.
    </template>
    <template v-if="sure.length"
      >Found in the picture: {{ named(sure) }}.
      <button
        type="button"
        class="link"
        @click="found.take()"
      >
        <span class="key">F</span> takes {{ sure.length === 1 ? 'him' : 'them' }}</button
      >; look whether each stands where it says.
    </template>
    <template v-if="unsure.length"
      >Not sure: {{ named(unsure) }}; <span class="key">D</span> to each, <span class="key">Enter</span> to take him.
    </template>
    <template v-if="found.notFound.value.length"
      >{{ found.moved.value ? 'Lost on the way' : 'Not found' }}: {{ named(found.notFound.value) }}.
      {{
        found.moved.value ? 'Who is clicked here is followed from here on when F follows them anew.' : touching
      }}</template
    >
  </ProposalWords>
</template>
