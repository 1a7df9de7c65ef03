<script setup lang="ts">
import { useTrouble } from './trouble'

/** What went wrong in whichever view, over the view, until it is over or closed. */
const trouble = useTrouble()
</script>

<template>
  <p
    v-if="trouble.problem"
    class="trouble no-print"
    role="alert"
  >
    <span>{{ trouble.problem.detail }}</span>
    <span v-if="trouble.away(trouble.problem)">Trying again by itself.</span>
    <button
      v-else
      type="button"
      class="button"
      @click="trouble.dismiss"
    >
      Close
    </button>
  </p>
</template>

<style scoped>
.trouble {
  position: absolute;
  z-index: 6;
  inset: 0 0 auto;
  margin: 0;
  padding: 10px 16px;
  display: flex;
  gap: 12px;
  align-items: center;
  background: var(--pick);
  color: #1c2426;
  border-bottom: 2px solid var(--bust);
  font-weight: 600;
}
</style>
