<script setup lang="ts">
import { useRoute } from 'vue-router'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { faultOf } from '../api/client'
import { FIGURES } from '../shell/queries'
import HouseTabs from './HouseTabs.vue'
import { bounded, matching } from './figures'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** What the engine measures by, for reading: each figure with its unit, its bounds and where it comes from. */
const { data: groups, error } = useQuery(FIGURES)
const route = useRoute()
const asked = computed(() => String(route.query.find ?? ''))
const wanted = ref(asked.value)
watch(asked, (find) => (wanted.value = find))
const fault = computed(() => faultOf(error.value))
const shown = computed(() => matching(groups.value ?? [], wanted.value))
const count = computed(() => shown.value.reduce((sum, g) => sum + g.figures.length, 0))
</script>

<template>
  <div class="view">
    <header class="view-head">
      <HouseTabs />
      <label
        >Find
        <input
          v-model="wanted"
          type="search"
          placeholder="rusher, shade, deep"
      /></label>
    </header>
    <section
      class="rolls wide"
      aria-label="Figures"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <p
        v-if="!groups && !fault"
        class="empty"
        role="status"
      >
        Opening the figures.
      </p>
      <p
        v-if="groups"
        class="soft"
        role="status"
      >
        {{ counted(count, 'figure') }} that calls, findings and film are measured by. What is not "common teaching" is
        our judgement, to be argued with: "model" a working figure, "ours" our own. They ship with the application; what
        a league decides is chosen under House conventions.
      </p>
      <table v-if="shown.length">
        <thead>
          <tr>
            <th scope="col">What it says</th>
            <th
              scope="col"
              class="number"
            >
              Value
            </th>
            <th scope="col">Allowed</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody
          v-for="g in shown"
          :key="g.id"
        >
          <tr>
            <th
              colspan="4"
              scope="rowgroup"
            >
              {{ g.name }}
            </th>
          </tr>
          <tr
            v-for="f in g.figures"
            :key="f.id"
          >
            <td>{{ f.what }}</td>
            <td class="number">
              <b>{{ Number(f.value.toFixed(2)) }}</b> {{ f.unit }}
            </td>
            <td>{{ bounded(f) }}</td>
            <td>{{ f.source }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 12px 20px 24px;
}
label {
  font-weight: 600;
}
input {
  font: 400 15px var(--text);
  padding: 6px 8px;
  margin-left: 6px;
  background: var(--card);
  color: var(--ink);
  border: 1.5px solid var(--ink);
}
table {
  border-collapse: collapse;
  margin-top: 10px;
  width: 100%;
  max-width: 1000px;
}
th,
td {
  text-align: left;
  padding: 5px 22px 5px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 14px;
}
thead th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
tbody th {
  font: 700 17px/1.3 var(--narrow);
  padding-top: 18px;
  border-bottom: 1.5px solid var(--ink);
}
td:not(:first-child) {
  white-space: nowrap;
}
@container work (width <= 760px) {
  th,
  td {
    padding-right: 10px;
  }
  td:nth-child(n + 3) {
    white-space: normal;
  }
}
p {
  max-width: 100ch;
}
.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
