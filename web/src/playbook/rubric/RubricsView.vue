<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../../api/client'
import FaultSaid from '../../shell/FaultSaid.vue'

/** What men are graded by, rubric by rubric. */
const { data: sheet, error } = useQuery({
  queryKey: ['rubrics'],
  queryFn: () => answer(client.GET('/api/playbook/rubrics')),
})
const fault = computed(() => faultOf(error.value))
const called = (technique: string): string => sheet.value?.techniques.find((t) => t.id === technique)?.name ?? technique
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words"><RouterLink to="/playbook">Playbook</RouterLink> <em>·</em> what men are graded by</h1>
    </header>
    <section
      class="rolls wide"
      aria-label="Rubrics"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <table v-if="sheet">
        <thead>
          <tr>
            <th>Rubric</th>
            <th>For</th>
            <th>On</th>
            <th>Criteria</th>
            <th>Standing</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="r in sheet.rubrics"
            :key="r.id"
            :class="{ soft: !r.inForce }"
          >
            <td>
              <RouterLink :to="`/playbook/rubric/${r.id}`">{{ r.name }}</RouterLink>
            </td>
            <td>{{ r.of.map(called).join(', ') }}</td>
            <td>{{ r.plays === 'any' ? 'run and pass' : r.plays }}</td>
            <td>{{ r.criteria }}</td>
            <td>
              {{ r.revision ? `ours, revision ${r.revision}` : 'catalogue'
              }}{{ r.draft ? ', a draft: asks nobody but you' : '' }}{{ r.inForce ? '' : '; another stands for it' }}
            </td>
          </tr>
        </tbody>
      </table>
      <p class="soft">
        One of the catalogue is kept as it is: open it, change it, and keep it as your own; yours is then asked in its
        place. Grades that were given by the other keep it.
      </p>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 4px 20px 24px;
}
table {
  border-collapse: collapse;
  margin: 6px 0 12px;
}
th,
td {
  text-align: left;
  padding: 7px 24px 7px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
a {
  color: var(--deep);
  font-weight: 600;
}
</style>
