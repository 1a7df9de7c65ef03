<script setup lang="ts">
import { computed } from 'vue'
import type { Panel } from './boardStore'

/** What stands at the right of the field; changes only where something moved. */
const props = defineProps<{ moved: boolean }>()
const panel = defineModel<Panel>({ required: true })

const tabs = computed(() => {
  const all: { id: Panel; name: string }[] = [
    { id: 'findings', name: 'Findings' },
    { id: 'changes', name: 'Changes' },
    { id: 'plays', name: 'Plays' },
    { id: 'rules', name: 'Rules' },
  ]
  return all.filter((t) => props.moved || t.id !== 'changes')
})
</script>

<template>
  <div
    class="tabs"
    role="tablist"
  >
    <button
      v-for="t in tabs"
      :key="t.id"
      type="button"
      role="tab"
      :aria-selected="panel === t.id"
      @click="panel = t.id"
    >
      {{ t.name }}
    </button>
  </div>
</template>

<style scoped>
.tabs button {
  all: unset;
  cursor: pointer;
  font: 600 13px/1.5 var(--narrow);
  color: var(--soft);
  padding: 1px 5px 0;
  border-bottom: 3px solid transparent;
}
.tabs button:focus-visible {
  outline: 3px solid var(--accent);
}
.tabs button[aria-selected='true'] {
  color: var(--ink);
  border-bottom-color: var(--accent);
}
.tabs {
  display: flex;
  gap: 12px;
  padding-bottom: 8px;
}
</style>
