<script setup lang="ts">
import type { JobRow, OptionSheet } from '../api/types'
import { labelled } from './findings'

/** What a run-pass option asks of the man it reads. */
const props = defineProps<{ line: OptionSheet['line']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
const asked = (a: { job: string; from: number; to: number }): string =>
  `${a.job}, ${a.from.toFixed(1)} to ${a.to.toFixed(1)} s`
</script>

<template>
  <section aria-label="Option">
    <h3>
      {{ line.name }} {{ line.side }}
      <span class="soft">{{ line.key ? `reads ${label(line.key)}` : 'nobody stands where it looks' }}</span>
    </h3>
    <table v-if="line.key">
      <tbody>
        <tr>
          <th scope="row">run</th>
          <td>{{ line.run ? asked(line.run) : 'asks nothing of him yet' }}</td>
        </tr>
        <tr>
          <th scope="row">throw</th>
          <td>{{ line.pass ? asked(line.pass) : 'is another man’s' }}</td>
        </tr>
        <tr :class="{ both: line.asks === 'two things' }">
          <th scope="row">both</th>
          <td>{{ line.both > 0 ? `for ${line.both.toFixed(1)} s (model)` : 'never at one time' }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped src="./answers.css"></style>
<style scoped>
.both {
  font-weight: 700;
}
.both th {
  border-left-color: var(--bust);
}
</style>
