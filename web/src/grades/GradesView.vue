<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { answer, client, problemOf } from '../api/client'
import type { GradedMan } from '../api/types'
import GradesOfMan from './GradesOfMan.vue'

const men = shallowRef<GradedMan[]>()
const open = ref<string>()
const fault = ref('')
onMounted(async () => {
  try {
    men.value = await answer(client.GET('/api/grades'))
  } catch (error) {
    fault.value = problemOf(error).detail
  }
})
const snaps = computed(() => men.value?.reduce((sum, m) => sum + m.told + m.notTold, 0) ?? 0)
</script>

<template>
  <div class="grades">
    <h1 class="sentence">
      Alignment<template v-if="men?.length"
        >, {{ snaps }} grades of {{ men.length }} men. Of the snaps graded, not a season's rate.</template
      >
    </h1>
    <p
      v-if="fault"
      class="fault"
      role="alert"
    >
      {{ fault }}
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
                :to="`/film/${g.reel}?snap=${g.snap}`"
                :title="`${g.reelName}, snap ${g.snap}: ${g.verdict}`"
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
  </div>
</template>

<style scoped>
.grades {
  padding: 22px 28px;
  overflow: auto;
  height: 100%;
}
table {
  border-collapse: collapse;
  margin-top: 18px;
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
.fault {
  color: var(--bust);
  font-weight: 600;
}
</style>
