<script setup lang="ts">
import { computed } from 'vue'
import type { ReelItem } from '../api/types'
import { isGoing } from './going'
import WorkGoing from './WorkGoing.vue'

/** What hinders the work on a reel, and the film that is made of it so that nothing does. */
const props = defineProps<{ reel: ReelItem }>()
defineEmits<{ make: []; cancel: [job: number] }>()
const job = computed(() => props.reel.madeOver)
</script>

<template>
  <WorkGoing
    v-if="job && isGoing(job)"
    :work="job"
    :of="reel.name"
    @cancel="$emit('cancel', job.id)"
  />
  <div v-else-if="reel.hindrance">
    <span class="why">{{ reel.hindrance }}</span>
    <span
      v-if="job?.state === 'failed'"
      class="fault"
    >
      Not made: {{ job.words }}.</span
    >
    {{ ' ' }}
    <button
      class="link"
      type="button"
      @click="$emit('make')"
    >
      Make one that plays and steps well
    </button>
  </div>
  <span
    v-else
    class="soft"
    >{{ job?.state === 'done' ? 'made over; the film as it came in is kept' : 'plays and steps well' }}</span
  >
</template>

<style scoped>
.why {
  font-weight: 600;
}
.why::first-letter {
  text-transform: uppercase;
}
</style>
