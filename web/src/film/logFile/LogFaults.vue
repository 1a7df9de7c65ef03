<script setup lang="ts">
import { computed } from 'vue'
import { counted } from '../../words/counted'
import type { CellFault } from './logReading'

/** Every cell of a log that says nothing, and why. */
const props = defineProps<{ faults: readonly CellFault[] }>()
defineEmits<{ leaveOut: [rows: number[]] }>()
const rows = computed(() => [...new Set(props.faults.map((f) => f.row))])
const MOST = 30
</script>

<template>
  <div
    v-if="faults.length"
    role="alert"
  >
    <h3>{{ counted(faults.length, 'cell') }} cannot be read</h3>
    <ul>
      <li
        v-for="(f, i) in faults.slice(0, MOST)"
        :key="i"
      >
        Row {{ f.row }}<template v-if="f.column">, {{ f.column }}</template
        >: <b v-if="f.cell">“{{ f.cell }}”</b> {{ f.why }}
      </li>
      <li v-if="faults.length > MOST">and {{ faults.length - MOST }} more</li>
    </ul>
    <p>
      Mend them in the file and choose it again, or
      <button
        class="button"
        type="button"
        @click="$emit('leaveOut', rows)"
      >
        leave {{ counted(rows.length, 'row') }} out
      </button>
    </p>
  </div>
</template>

<style scoped>
div {
  display: grid;
  gap: 8px;
}
h3 {
  font: 700 15px var(--narrow);
}
ul {
  margin: 0;
  padding-left: 20px;
  font: 400 14px var(--narrow);
}
</style>
