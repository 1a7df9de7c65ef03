<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, client, faultOf } from '../api/client'
import GradesOfMan from './GradesOfMan.vue'
import FaultSaid from '../shell/FaultSaid.vue'
import { vHint } from '../shell/hint/hint'
import { counted } from '../words/counted'

const { data: men, error } = useQuery({ queryKey: ['grades'], queryFn: () => answer(client.GET('/api/grades')) })
const open = ref<string>()
const fault = computed(() => faultOf(error.value))
const snaps = computed(() => men.value?.reduce((sum, m) => sum + m.told + m.notTold, 0) ?? 0)
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        Alignment<template v-if="men?.length"
          >, {{ counted(snaps, 'grade') }} of {{ counted(men.length, 'man', 'men') }}. Of the snaps graded, not a
          season's rate.</template
        >
      </h1>
    </header>
    <section
      class="rolls wide"
      aria-label="Grades"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <p
        v-if="!men && !fault"
        class="empty"
        role="status"
      >
        Opening the grades.
      </p>
      <p
        v-if="men && !men.length"
        class="soft"
      >
        No grades yet. <RouterLink to="/film">Open a reel</RouterLink>, solve a view and mark feet; the alignment facet
        fills itself.
      </p>
      <table v-if="men?.length">
        <thead>
          <tr>
            <th>Man</th>
            <th>To standard</th>
            <th>Too close or not seen</th>
            <th>Snaps, the last first</th>
          </tr>
        </thead>
        <tbody>
          <template
            v-for="m in men"
            :key="m.job"
          >
            <tr>
              <td>
                <b>{{ m.name }}</b>
              </td>
              <td>
                <button
                  class="link big"
                  type="button"
                  :aria-expanded="open === m.job"
                  @click="open = open === m.job ? undefined : m.job"
                >
                  {{ m.told ? `${m.toStandard} of ${m.told}` : 'none told' }}
                </button>
              </td>
              <td>{{ m.notTold }}</td>
              <td class="marks">
                <RouterLink
                  v-for="g in m.newest"
                  :key="`${g.reel}-${g.snap}`"
                  v-hint="`${g.reelName}, snap ${g.snap}: ${g.verdict}`"
                  :to="`/film/${g.reel}?snap=${g.snap}`"
                  :class="{ out: (g.overruled ?? g.mark) === '-' }"
                  >{{ g.snap }}<sup>{{ g.overruled ?? g.mark }}</sup></RouterLink
                >
                <span
                  v-if="m.told + m.notTold > m.newest.length"
                  class="soft"
                  >and {{ m.told + m.notTold - m.newest.length }} earlier</span
                >
              </td>
            </tr>
            <tr
              v-if="open === m.job"
              class="detail"
            >
              <td colspan="4">
                <GradesOfMan :job="m.job" />
              </td>
            </tr>
          </template>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 4px 20px 24px;
}
table {
  border-collapse: collapse;
  margin-top: 6px;
  width: 100%;
  max-width: 980px;
}
th,
td {
  text-align: left;
  padding: 9px 14px 9px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
.big {
  font: 600 19px var(--text);
  white-space: nowrap;
}
td:first-child {
  white-space: nowrap;
}
.marks a {
  display: inline-block;
  margin-right: 10px;
  color: var(--ink);
}
.marks .out {
  color: var(--bust);
  font-weight: 700;
}
sup {
  margin-left: 1px;
  font-weight: 700;
}
.detail td {
  background: var(--card);
  padding: 8px 12px;
}
</style>
