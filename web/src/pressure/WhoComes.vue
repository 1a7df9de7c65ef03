<script setup lang="ts">
import { useTemplateRef } from 'vue'
import type { BegunPressure, JobRow } from '../api/types'
import type { Choice } from '../words/fitting'
import WordMenu from '../words/WordMenu.vue'
import { useWalked } from '../shell/walked'
import { AS_CALLED } from './usePressure'

/** Every man in the order they stand, and what he is told on top of front and coverage. */
const props = defineProps<{
  jobs: readonly JobRow[]
  choices: BegunPressure['choices']
  told: (job: JobRow) => string
  selected?: string
}>()
defineEmits<{ tell: [job: JobRow, told: string]; pick: [job: string] }>()
const lines = useTemplateRef<HTMLElement>('lines')
useWalked(lines, 'li')
defineExpose({ focus: () => lines.value?.querySelector<HTMLElement>('button[tabindex="0"]')?.focus() })
const place = (job: JobRow): string => job.parts.find((p) => p.part === 'align')?.shown ?? ''
const AS: Choice = { id: AS_CALLED, name: 'as he is called' }
function may(job: JobRow): readonly Choice[] {
  return [AS, ...(props.choices[job.role] ?? []).map((c) => ({ id: c.told, name: c.words }))]
}
/** What he does as it stands: he rushes, or he has something else. */
const comes = (job: JobRow): boolean => job.kind === 'rush'
</script>

<template>
  <h2>Who comes <span class="soft">left to right; say it man by man</span></h2>
  <ol ref="lines">
    <li
      v-for="job in jobs"
      :key="job.id"
      :class="{ comes: comes(job), selected: job.id === selected }"
      @focusin="$emit('pick', job.id)"
    >
      <b>{{ job.label }}</b><span class="place">{{ place(job) }}</span
      ><WordMenu
        :value="told(job)"
        :label="`What ${job.name} does`"
        :options="may(job)"
        @pick="$emit('tell', job, $event)"
      /><span class="soft now">{{ comes(job) ? 'comes' : '' }}</span>
    </li>
  </ol>
</template>

<style scoped src="./lists.css"></style>
<style scoped>
li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) minmax(0, 1.3fr) 50px;
  gap: 8px;
  align-items: baseline;
  padding: 3px 0 3px 6px;
  border-bottom: 1px solid var(--faint);
  border-left: 4px solid transparent;
  font: 500 15px/1.4 var(--serif);
}
li b {
  font: 700 16px var(--narrow);
}
.place,
.now {
  font: 400 13.5px var(--narrow);
}
.now {
  font-weight: 700;
  color: var(--run);
}
.comes {
  border-left-color: var(--run);
}
.selected {
  background: var(--pick);
}
</style>
