<script setup lang="ts">
import type { GradeMark } from './gradeStore'
import { MARKS } from './marks'

/** One mark of four, by pointer; which of them is proposed is shown until one is given. */
defineProps<{ of: string; mark?: GradeMark; proposed?: GradeMark; small?: boolean }>()
defineEmits<{ mark: [mark: GradeMark] }>()
</script>

<template>
  <span :class="['marks', { small }]">
    <button
      v-for="m in MARKS"
      :key="m.mark"
      type="button"
      :aria-label="`${of} ${m.name}`"
      :aria-pressed="mark === m.mark"
      :class="{ proposed: mark === undefined && proposed === m.mark }"
      @click="$emit('mark', m.mark)"
    >
      {{ m.mark }}
    </button>
  </span>
</template>

<style scoped>
.marks {
  display: flex;
  gap: 3px;
}
button {
  all: unset;
  cursor: pointer;
  min-width: 26px;
  text-align: center;
  font: 700 15px/22px var(--narrow);
  border: 1px solid var(--rule);
  background: var(--card);
}
.small button {
  min-width: 24px;
  font: 700 13px/19px var(--narrow);
}
.proposed {
  border: 2px dashed var(--ink);
  line-height: 20px;
}
[aria-pressed='true'] {
  background: var(--ink);
  color: var(--card);
  border-color: var(--ink);
}
button:focus-visible {
  outline: 3px solid var(--ink);
}
</style>
