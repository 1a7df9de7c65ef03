<script setup lang="ts">
import { computed } from 'vue'
import type { SeenFault } from '../api/types'
import { pareto, type Inks } from './charts'
import PlaysLink from './PlaysLink.vue'
import ReportChart from './ReportChart.vue'

/** Faults by how often they were seen: what to mend first. */
const props = withDefaults(
  defineProps<{ faults: SeenFault[]; leads?: boolean; named?: (man: string) => string; men?: boolean }>(),
  { leads: true, named: undefined },
)
/** What was wrong, more closely than its facet, where somebody ticked it. */
const drawn = computed(() => {
  const criteria = props.faults.filter((f) => f.topic.of && f.below)
  return criteria.length > 1 ? criteria : props.faults.filter((f) => !f.topic.of && f.below)
})
const chart = computed(() => (inks: Inks) => pareto(drawn.value, inks))
const ROW = 34
</script>

<template>
  <ReportChart
    v-if="drawn.length > 1"
    :of="chart"
    label="Faults by how often they were seen; the table says the same"
    class="pareto"
    :height="50 + ROW * Math.min(8, drawn.length)"
  />
  <table v-if="faults.length">
    <thead>
      <tr>
        <th>Fault</th>
        <th>Seen</th>
        <th>Leads to</th>
        <th v-if="men">By</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="f in faults"
        :key="`${f.topic.of} ${f.topic.what}`"
      >
        <td>
          {{ f.name }} <span class="soft">{{ f.of }}</span>
        </td>
        <td>
          <PlaysLink
            :plays="f.plays"
            :of="f.name"
            :leads="leads"
            >{{ f.below }} of {{ f.told }}</PlaysLink
          ><span class="soft"
            ><template v-if="f.notAgreed">, {{ f.notAgreed }} not agreed</template
            ><template v-if="f.ofTheCall">, {{ f.ofTheCall }} of the call</template
            ><template v-if="f.learnt">, not again since: learnt</template></span
          >
        </td>
        <td>{{ f.leadsTo }}</td>
        <td v-if="men">
          {{ f.men.map((m) => `${named?.(m.man) ?? m.man} ${m.below}`).join(', ') }}
        </td>
      </tr>
    </tbody>
  </table>
  <p
    v-else
    class="soft"
  >
    Nothing is below standard.
  </p>
</template>

<style scoped>
.pareto {
  max-width: 820px;
}
</style>
