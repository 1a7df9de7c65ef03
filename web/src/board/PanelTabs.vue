<script setup lang="ts">
import { Segmented } from 'ant-design-vue'
import { computed } from 'vue'
import type { Panel } from './boardStore'

/** What stands at the right of the field; changes only where something moved. */
const props = defineProps<{ moved: boolean }>()
const panel = defineModel<Panel>({ required: true })

const tabs = computed(() => {
  const all: { value: Panel; label: string }[] = [
    { value: 'findings', label: 'Findings' },
    { value: 'changes', label: 'Changes' },
    { value: 'plays', label: 'Plays' },
    { value: 'rules', label: 'Rules' },
  ]
  return all.filter((t) => props.moved || t.value !== 'changes')
})
</script>

<template>
  <Segmented
    v-model:value="panel"
    class="tabs"
    :options="tabs"
    aria-label="What stands at the right"
  />
</template>

<style scoped>
.tabs {
  display: block;
  padding: 0 0 8px;
  position: sticky;
  top: -8px;
  z-index: 2;
}
#app .tabs {
  background: var(--card);
}
</style>
