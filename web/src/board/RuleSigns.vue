<script setup lang="ts">
import { computed } from 'vue'
import type { RuleAnswer } from '../api/types'
import { vHint } from '../shell/hint/hint'

/** Each rule of soundness with its sign; opened, with its reason. */
const props = defineProps<{ rules: readonly RuleAnswer[] }>()
const holding = computed(() => props.rules.filter((r) => r.answer === 'holds').length)
/** A rule that only costs something is marked apart from one that breaks. */
const sign = (r: RuleAnswer): string =>
  r.answer === 'holds' ? '✓' : r.answer === 'cannot tell' ? '?' : r.severity === 'note' ? '–' : '×'
</script>

<template>
  <details class="rules">
    <summary>
      {{ holding }} of {{ rules.length }} rules hold<span
        class="signs"
        aria-hidden="true"
        ><i
          v-for="r in rules"
          :key="r.rule"
          v-hint="r.title"
          :class="r.answer.replace(' ', '-')"
          >{{ sign(r) }}</i
        ></span
      >
    </summary>
    <p
      v-for="r in rules"
      :key="r.rule"
    >
      <i :class="r.answer.replace(' ', '-')">{{ sign(r) }}</i> <b>{{ r.title }}</b>
      <span class="soft">{{ r.answer }}{{ r.severity ? ` (${r.severity})` : '' }}: {{ r.reason }}</span>
    </p>
  </details>
</template>

<style scoped>
.rules {
  font: 400 13px/1.35 var(--narrow);
  padding-bottom: 8px;
}
.rules summary {
  cursor: pointer;
  display: flex;
  justify-content: space-between;
}
.rules p {
  padding: 3px 0 3px 20px;
  text-indent: -20px;
  border-top: 1px solid var(--faint);
}
.rules i {
  display: inline-block;
  width: 15px;
  font: 700 12.5px/15px var(--narrow);
  text-align: center;
  font-style: normal;
  text-indent: 0;
  margin-right: 3px;
}
.rules i.holds {
  color: var(--sound);
}
.rules i.breaks {
  background: var(--faint);
}
.rules i.cannot-tell {
  border-bottom: 2px dotted var(--ink);
}
.signs i {
  margin: 0;
}
</style>
