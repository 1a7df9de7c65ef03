<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../api/client'
import type { FacetAgreement, TwoCoaches } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** How far two coaches agree who graded the same men without seeing each other's marks, and where they do not. */
const { data: pairs, error } = useQuery({
  queryKey: ['agreements'],
  queryFn: () => answer(client.GET('/api/agreements')),
})
const fault = computed(() => faultOf(error.value))
const said = (kappa: number | undefined, f: FacetAgreement): string => {
  if (kappa !== undefined) return kappa.toFixed(2).replace('-', '−')
  return f.same === f.both ? 'all alike' : 'not told: one of them gave one mark only'
}
/** What they agree least on comes first: its words want to be clearer. */
const least = (two: TwoCoaches): FacetAgreement[] => [...two.facets].sort((a, b) => a.same / a.both - b.same / b.both)
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words"><RouterLink to="/grades">Grades</RouterLink> <em>·</em> how far two coaches agree</h1>
    </header>
    <section
      class="rolls wide"
      aria-label="Agreement"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <p
        v-if="!pairs && !fault"
        class="empty"
        role="status"
      >
        Opening the grades.
      </p>
      <p
        v-if="pairs && !pairs.length"
        class="soft"
      >
        Two coaches have graded the same man on a play nowhere yet. Let a second one grade plays that are graded: he
        sees the first one's marks of a man when he has said his own.
      </p>
      <template
        v-for="two in pairs ?? []"
        :key="`${two.first} ${two.second}`"
      >
        <h2>{{ two.first }} and {{ two.second }}</h2>
        <table>
          <thead>
            <tr>
              <th>Facet</th>
              <th>Same mark</th>
              <th>Kappa</th>
              <th>Weighted</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="f in least(two)"
              :key="f.facet"
            >
              <td>
                <b>{{ f.facet }}</b>
              </td>
              <td>{{ f.same }} of {{ f.both }}</td>
              <td>{{ said(f.kappa, f) }}</td>
              <td>{{ said(f.weighted, f) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="soft">
          Kappa is the agreement beyond what chance gives: 1 is full, 0 is chance. Weighted, a mark beside the other
          counts half as much as one at the other end. The facet they agree on least stands first: where they often
          differ, its words want to be clearer.
        </p>
        <h3>{{ counted(two.differences.length, 'mark') }} to be talked about</h3>
        <ul>
          <li
            v-for="d in two.differences"
            :key="`${d.play} ${d.man} ${d.facet}`"
          >
            <RouterLink :to="`/film/${d.game}/room?play=${d.number}`">{{ d.opponent }}, play {{ d.number }}</RouterLink>
            {{ d.man }} <b>{{ d.facet }}</b>: {{ two.first }} says {{ d.firstMark }}, {{ two.second }} says
            {{ d.secondMark }}
          </li>
        </ul>
      </template>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 4px 20px 24px;
}
h2,
h3 {
  font: 700 17px var(--narrow);
  margin: 14px 0 6px;
}
h3 {
  font-size: 15px;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 7px 28px 7px 0;
  border-bottom: 1px solid var(--rule);
  font-variant-numeric: tabular-nums;
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
.soft {
  max-width: 720px;
}
li {
  padding: 3px 0;
}
a {
  color: var(--deep);
}
</style>
