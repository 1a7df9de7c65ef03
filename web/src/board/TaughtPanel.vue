<script setup lang="ts">
import { computed } from 'vue'
import type { JobRow } from '../api/types'

/** What his reads and his technique teach. */
const props = defineProps<{ job: JobRow }>()
const shown = computed(() => Object.fromEntries(props.job.parts.map((p) => [p.part, p.shown])))
</script>

<template>
  <div>
    <table
      v-if="job.reads.length"
      class="reads"
    >
      <caption>
        Reads:
        {{
          shown.reads
        }}
      </caption>
      <tr
        v-for="read in job.reads"
        :key="`${read.of} ${read.message}`"
      >
        <th scope="row">
          <small>{{ read.of }}</small> {{ read.message }}
        </th>
        <td>
          {{ read.words }} <small>{{ read.does }}</small>
        </td>
      </tr>
    </table>
    <details
      v-for="technique in job.taught"
      :key="technique.title"
      class="man"
    >
      <summary>Technique: {{ technique.title }}</summary>
      <ul>
        <li
          v-for="point in technique.points"
          :key="point"
          class="point"
        >
          {{ point }}
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
}
.point {
  list-style: disc inside;
  border: 0;
  margin: 0;
  padding: 1px 0;
}
.man {
  font: 400 13.5px/1.35 var(--narrow);
  padding-bottom: 5px;
}
.reads {
  border-collapse: collapse;
  margin: 10px 0 4px;
  font: 400 13px/1.3 var(--narrow);
  width: 100%;
}
caption {
  text-align: left;
  font-weight: 600;
  padding-bottom: 3px;
}
.reads th {
  text-align: left;
  font-weight: 600;
  vertical-align: top;
  padding: 2px 8px 2px 0;
  white-space: nowrap;
}
.reads td {
  padding: 2px 0;
}
small {
  color: var(--soft);
  font-size: 12px;
}
</style>
