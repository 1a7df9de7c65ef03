<script setup lang="ts">
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'
import { useGrades } from './gradeStore'

/** Grades that the server has not: said, and asked what becomes of them where it is not a matter of time. */
const grades = useGrades()
</script>

<template>
  <FaultSaid :words="grades.problem?.detail">
    <template v-if="grades.problem?.code === 'grade-overtaken'">
      <button
        class="link"
        type="button"
        @click="grades.settle(true)"
      >
        This one stands
      </button>
      <button
        class="link"
        type="button"
        @click="grades.settle(false)"
      >
        The other stands
      </button>
    </template>
    <button
      v-else-if="grades.stuck"
      class="link"
      type="button"
      @click="grades.drop"
    >
      Throw it away
    </button>
  </FaultSaid>
  <p
    v-if="grades.unheard && grades.problem"
    class="soft"
    role="status"
  >
    {{ counted(grades.unheard, 'man is', 'men are') }} graded here and not saved yet; it is kept on this machine.
  </p>
</template>
