<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../api/client'
import type { FacetTally } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { usePaged } from '../shell/paged'
import { vHint } from '../shell/hint/hint'
import { counted } from '../words/counted'

/** Every play of one man that was graded, with its reason, its grader and the call it was asked by. */
const props = defineProps<{ man: string }>()
const { items, left, fault, more } = usePaged(
  () => ['grades', props.man],
  (page) => answer(client.GET('/api/grades/{man}', { params: { path: { man: props.man }, query: { page } } })),
)
const { data: report, error } = useQuery({
  queryKey: computed(() => ['grades', props.man, 'report']),
  queryFn: () => answer(client.GET('/api/grades/{man}/report', { params: { path: { man: props.man } } })),
})
const amiss = computed(() => fault.value || faultOf(error.value))
const said = (t: FacetTally): string =>
  `${t.facet} ${t.done} of ${t.told}${t.percent === undefined ? '' : ` (${t.percent} %)`}`
</script>

<template>
  <section
    v-if="report"
    aria-label="What his grades come to"
  >
    <p
      v-for="a in report.against"
      :key="a.unit ?? ''"
    >
      <b>{{ a.unit ? `Against their ${a.unit}` : 'Their unit not said' }}</b>, {{ counted(a.plays, 'play')
      }}<template v-if="a.ended">: {{ a.ended }}</template
      >.
      {{
        a.facets
          .filter((f) => f.told)
          .map(said)
          .join(', ')
      }}
    </p>
    <table v-if="report.faults.length">
      <thead>
        <tr>
          <th>Faults, the most frequent first</th>
          <th>Seen</th>
          <th>Leads to</th>
          <th>On plays</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="f in report.faults"
          :key="`${f.of} ${f.name}`"
        >
          <td>
            {{ f.name }} <span class="soft">{{ f.of }}</span>
          </td>
          <td>
            {{ f.below }} of {{ f.told
            }}<span
              v-if="f.notAgreed"
              class="soft"
              >, {{ f.notAgreed }} not agreed</span
            ><span
              v-if="f.learnt"
              class="soft"
              >, not again since: learnt</span
            >
          </td>
          <td>{{ f.leadsTo }}</td>
          <td class="plays">
            <RouterLink
              v-for="p in f.plays"
              :key="`${p.game} ${p.number}`"
              :to="`/film/${p.game}/room?play=${p.number}`"
              >{{ p.number }}</RouterLink
            >
          </td>
        </tr>
      </tbody>
    </table>
  </section>
  <ul>
    <li
      v-for="p in items"
      :key="`${p.play}-${p.rep.grader}`"
    >
      <RouterLink :to="`/film/${p.game}/room?play=${p.number}`">{{ p.opponent }}, play {{ p.number }}</RouterLink>
      <template
        v-for="m in p.rep.marks"
        :key="m.facet"
      >
        {{ ' ' }}<b v-hint="m.measured">{{ m.facet }}&nbsp;{{ m.mark }}</b
        ><template v-if="m.proposed && m.proposed !== m.mark"> (measured {{ m.proposed }}: {{ m.measured }})</template
        ><template v-else-if="m.measured">{{ ` ${m.measured}` }}</template></template
      ><template v-if="p.rep.note">; {{ p.rep.note }}</template> {{ ' '
      }}<span class="soft">
        {{ p.rep.grader }}, asked by {{ p.rep.call }},
        {{ p.rep.callRevision ? `revision ${p.rep.callRevision}` : 'catalogue' }}</span
      >
    </li>
  </ul>
  <FaultSaid :words="amiss" />
  <button
    v-if="left"
    class="link"
    type="button"
    @click="more"
  >
    {{ left }} earlier
  </button>
</template>

<style scoped>
li {
  padding: 3px 0;
}
section {
  padding: 4px 0 10px;
}
table {
  border-collapse: collapse;
  margin: 8px 0;
}
th,
td {
  text-align: left;
  padding: 3px 18px 3px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
.plays a {
  margin-right: 7px;
}
a {
  color: var(--deep);
}
</style>
