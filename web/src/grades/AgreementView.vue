<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf, over } from '../api/client'
import type { Difference, TopicAgreement, TwoCoaches } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** How far two coaches agree who graded the same men without seeing each other's marks, and where they do not. */
const { data: pairs, error } = useQuery({
  queryKey: ['agreements'],
  queryFn: () => answer(client.GET('/api/agreements')),
})
const asking = useQueryClient()
const anew = (): Promise<void> => asking.invalidateQueries({ queryKey: ['agreements'] })
const at = (d: Difference) => ({
  path: { game: d.game, play: d.play, job: d.job },
  header: over(d.settled?.version ?? 0),
})
const settle = useMutation({
  mutationFn: ({ of, mark }: { of: Difference; mark: Difference['firstMark'] }) =>
    answer(
      client.PUT('/api/games/{game}/plays/{play}/grades/{job}/settled', {
        params: at(of),
        body: { topic: of.topic, mark },
      }),
    ),
  onSettled: anew,
})
const leaveOpen = useMutation({
  mutationFn: (d: Difference) =>
    answer(
      client.DELETE('/api/games/{game}/plays/{play}/grades/{job}/settled', {
        params: { ...at(d), query: d.topic },
      }),
    ),
  onSettled: anew,
})
const fault = computed(() => faultOf(error.value ?? settle.error.value ?? leaveOpen.error.value))
const open = (two: TwoCoaches): Difference[] => two.differences.filter((d) => !d.settled)
const settledOf = (two: TwoCoaches): number => two.differences.length - open(two).length
const said = (kappa: number | undefined, f: TopicAgreement): string => {
  if (kappa !== undefined) return kappa.toFixed(2).replace('-', '−')
  return f.same === f.both ? 'all alike' : 'not told: one of them gave one mark only'
}
/** What they agree least on comes first: its words want to be clearer. */
const least = (two: TwoCoaches): TopicAgreement[] => [...two.topics].sort((a, b) => a.same / a.both - b.same / b.both)
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
              <th>Facet or criterion</th>
              <th>Same mark</th>
              <th>Kappa</th>
              <th>Weighted</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="f in least(two)"
              :key="f.name"
            >
              <td>
                <b>{{ f.name }}</b>
              </td>
              <td>{{ f.same }} of {{ f.both }}</td>
              <td>{{ said(f.kappa, f) }}</td>
              <td>{{ said(f.weighted, f) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="soft">
          Kappa is the agreement beyond what chance gives: 1 is full, 0 is chance. Weighted, a mark beside the other
          counts half as much as one at the other end. What they agree on least stands first: where they often differ,
          its words want to be clearer.
        </p>
        <h3>
          {{ counted(open(two).length, 'mark') }} to be talked about<template v-if="settledOf(two)"
            >, {{ settledOf(two) }} settled</template
          >
        </h3>
        <p class="soft">
          Talk about it over the film, then say which mark stands. What each said himself stays as it is.
        </p>
        <ul>
          <li
            v-for="d in two.differences"
            :key="`${d.play} ${d.man} ${d.name}`"
            :class="{ settled: d.settled }"
          >
            <RouterLink :to="`/film/${d.game}/room?play=${d.number}`">{{ d.opponent }}, play {{ d.number }}</RouterLink>
            {{ d.man }} <b>{{ d.name }}</b>: {{ two.first }} says {{ d.firstMark }}, {{ two.second }} says
            {{ d.secondMark }}.
            <template v-if="d.settled"
              ><b>{{ d.settled.mark }}</b> stands, said {{ d.settled.by }}.
              <button
                class="link"
                type="button"
                @click="leaveOpen.mutate(d)"
              >
                leave it open again
              </button></template
            ><template v-else>
              <button
                v-for="mark in [d.firstMark, d.secondMark]"
                :key="mark"
                class="link"
                type="button"
                @click="settle.mutate({ of: d, mark })"
              >
                {{ mark }} stands
              </button></template
            >
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
.settled {
  color: var(--soft);
}
.link + .link {
  margin-left: 10px;
}
a {
  color: var(--deep);
}
</style>
