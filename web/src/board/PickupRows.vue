<script setup lang="ts">
import type { JobRow, PlaySheet } from '../api/types'
import { labelled } from './findings'

/** Who has whom in a protection, in the order the rush is counted. */
type Pickup = PlaySheet['protections'][number]['pickups'][number]
const props = defineProps<{ pickups: readonly Pickup[]; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <ul class="pickups">
    <li
      v-for="p in pickups"
      :key="p.blocker"
    >
      <b>{{ p.blocker }}</b> {{ p.rusher ? `has ${label(p.rusher)}` : 'helps' }}, {{ p.how
      }}{{ p.twist ? `; ${p.twist}` : '' }}
    </li>
  </ul>
</template>

<style scoped>
.pickups {
  list-style: none;
  margin: 0;
  padding: 0 0 4px;
  font: 400 13px/1.35 var(--narrow);
}
</style>
