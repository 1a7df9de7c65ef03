<script setup lang="ts">
import type { Mode } from './filmStore'

/** What is done at the film: the view is measured, feet are marked, men are graded. */
defineProps<{ mode: Mode }>()
defineEmits<{ mode: [mode: Mode] }>()
const MODES: { id: Mode; key: string; name: string }[] = [
  { id: 'calibrate', key: 'K', name: 'calibrate' },
  { id: 'mark', key: 'M', name: 'feet' },
  { id: 'draw', key: 'C', name: 'draw' },
  { id: 'time', key: 'E', name: 'moments' },
  { id: 'grade', key: 'G', name: 'grade' },
]
</script>

<template>
  <div class="modes">
    <button
      v-for="m in MODES"
      :key="m.id"
      type="button"
      :aria-pressed="mode === m.id"
      @click="$emit('mode', m.id)"
    >
      <span class="key">{{ m.key }}</span> {{ m.name }}
    </button>
  </div>
</template>

<style scoped>
.modes {
  display: flex;
  gap: 8px 5px;
  flex-wrap: wrap;
}
button {
  all: unset;
  cursor: pointer;
  font: 600 12.5px/1.3 var(--narrow);
  white-space: nowrap;
}
button:focus-visible {
  outline: 3px solid var(--ink);
}
[aria-pressed='true'] {
  border-bottom: 3px solid var(--accent);
}
</style>
