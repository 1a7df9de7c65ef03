<script setup lang="ts">
import { computed } from 'vue'
import type { Comparison } from '../api/types'

/** What two calls tell differently on one snap, man by man and part by part. */
const props = defineProps<{ found: Comparison; selected?: string }>()
defineEmits<{ pick: [job: string] }>()
const men = computed(() => {
  const by = new Map<string, { job: string; name: string; label: string; rows: Comparison['rows'] }>()
  for (const row of props.found.rows)
    by.set(row.job, { job: row.job, name: row.name, label: row.label, rows: [...(by.get(row.job)?.rows ?? []), row] })
  return [...by.values()]
})
const same = computed(() => props.found.first.jobs.filter((j) => !men.value.some((m) => m.job === j.id)).length)
const gone = (which: 'first' | 'second', job: string): boolean => !props.found[which].jobs.some((j) => j.id === job)
</script>

<template>
  <p class="sum">
    <b>{{ men.length }}</b> {{ men.length === 1 ? 'man changes' : 'men change' }} a part,
    <b>{{ found.rows.length }}</b> parts in all; {{ same }} do the same in both.
  </p>
  <table>
    <thead>
      <tr>
        <th>Man</th>
        <th>Part</th>
        <th>{{ found.firstName }}</th>
        <th>{{ found.secondName }}</th>
      </tr>
    </thead>
    <tbody
      v-for="m in men"
      :key="m.job"
      :class="{ on: selected === m.job }"
      @click="$emit('pick', m.job)"
    >
      <tr
        v-for="(r, i) in m.rows"
        :key="r.part"
      >
        <th
          v-if="!i"
          :rowspan="m.rows.length"
          scope="rowgroup"
        >
          <button
            type="button"
            :aria-pressed="selected === m.job"
          >
            {{ m.label }} <small>{{ m.name }}</small>
          </button>
        </th>
        <td class="part">{{ r.part }}</td>
        <td>{{ gone('first', m.job) ? 'no such man' : r.first }}</td>
        <td>{{ gone('second', m.job) ? 'no such man' : r.second }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.sum {
  font-size: 14px;
  padding: 4px 0 8px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font: 400 14px/1.35 var(--narrow);
}
thead th {
  text-align: left;
  font: 700 13px/1.2 var(--narrow);
  border-bottom: 1.5px solid var(--ink);
  padding: 4px 10px 4px 0;
  position: sticky;
  top: -6px;
  background: var(--card);
}
tbody {
  cursor: pointer;
}
tbody.on {
  background: var(--pick);
}
tbody th {
  text-align: left;
  vertical-align: top;
  font: 700 15px/1.3 var(--narrow);
  padding: 4px 10px 4px 4px;
  border-bottom: 1px solid var(--rule);
}
tbody th button {
  all: unset;
  cursor: pointer;
}
tbody th button:focus-visible {
  outline: 3px solid var(--ink);
}
tbody th small {
  font-weight: 400;
  color: var(--soft);
}
td {
  padding: 3px 14px 3px 0;
  vertical-align: top;
  border-bottom: 1px solid var(--faint);
}
.part {
  color: var(--soft);
  width: 80px;
}
</style>
