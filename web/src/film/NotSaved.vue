<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { useFilm } from './filmStore'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** What could not be saved, now or on an earlier visit: said, and asked what becomes of it. */
const film = useFilm()
const { angle, play, left, problem } = storeToRefs(film)
const overtaken = computed(() => ['angle-overtaken', 'play-overtaken'].includes(problem.value?.code ?? ''))
</script>

<template>
  <FaultSaid :words="problem?.detail">
    <button
      v-if="overtaken"
      class="link"
      type="button"
      @click="film.mineOnTop"
    >
      Put mine on top of his
    </button>
    <button
      v-else-if="play"
      class="link"
      type="button"
      @click="film.save"
    >
      Save again
    </button>
    <button
      v-if="problem?.code === 'play-overtaken'"
      class="link"
      type="button"
      @click="film.dropLog"
    >
      His stands
    </button>
  </FaultSaid>
  <div
    v-if="left && angle"
    class="left"
    role="alert"
  >
    <p>
      You have clicks on this play that were not saved: {{ counted(left.work.points.length, 'place') }} and
      {{ counted(left.work.marks.length, 'man', 'men') }}. Saved are {{ angle.points.length }} and
      {{ angle.marks.length }}{{ left.version === angle.version ? '' : '; somebody worked on it since' }}. Nothing is
      clicked until you say what becomes of yours.
    </p>
    <button
      class="button main"
      type="button"
      @click="film.addLeft"
    >
      Add mine to what is saved
    </button>
    <button
      class="button"
      type="button"
      @click="film.dropLeft"
    >
      Throw mine away
    </button>
  </div>
</template>

<style scoped>
.left {
  border: 1.5px solid var(--ink);
  padding: 10px;
  display: grid;
  gap: 8px;
}
.fault {
  font-size: 13.5px;
}
</style>
