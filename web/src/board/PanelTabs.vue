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
    class="tabs switches"
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

<style scoped src="./switches.css"></style>
<style scoped>
.tabs {
  display: flex;
  gap: 12px;
  padding: 0 0 8px;
  position: sticky;
  top: -8px;
  z-index: 2;
  background: var(--card);
}
</style>
