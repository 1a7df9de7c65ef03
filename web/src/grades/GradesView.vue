<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, client, faultOf } from '../api/client'
import type { FacetTally, GradedMan } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { vHint } from '../shell/hint/hint'
import { counted } from '../words/counted'
import GradesOfMan from './GradesOfMan.vue'

/** Who does his job how often, facet by facet. */
const { data: men, error } = useQuery({ queryKey: ['grades'], queryFn: () => answer(client.GET('/api/grades')) })
const open = ref<string>()
const fault = computed(() => faultOf(error.value))
const reps = computed(() => men.value?.reduce((sum, m) => sum + m.plays, 0) ?? 0)
/** Those that somebody was marked in, in the order they are marked in. */
const facets = computed(() =>
  (men.value?.[0]?.facets ?? [])
    .map((f) => f.facet)
    .filter((facet) => men.value!.some((m) => m.facets.some((f) => f.facet === facet && marked(f)))),
)
const marked = (t: FacetTally): boolean => t.told + t.notSeen + t.notAgreed + t.ofTheCall > 0
const tally = (man: GradedMan, facet: string): FacetTally | undefined =>
  man.facets.find((f) => f.facet === facet && marked(f))
interface Play {
  game: number
  play: number
  number: number
  words: string
  below: boolean
}
/** A man's last plays, each once, with what every coach said of it. */
function lastPlays(man: GradedMan): Play[] {
  const plays = new Map<number, Play>()
  for (const { game, opponent, play, number, rep } of man.newest) {
    const said = `${rep.grader}: ${rep.marks.map((k) => `${k.facet} ${k.mark}`).join(', ')}`
    const before = plays.get(play)
    plays.set(play, {
      game,
      play,
      number,
      words: before ? `${before.words}; ${said}` : `${opponent}, play ${number}. ${said}`,
      below: (before?.below ?? false) || rep.marks.some((k) => k.mark === '-'),
    })
  }
  return [...plays.values()]
}
/** What does not count, and why. */
function beside(t: FacetTally): string {
  const told = [
    t.notSeen && `${t.notSeen} not told`,
    t.notAgreed && `${t.notAgreed} not agreed`,
    t.ofTheCall && `${t.ofTheCall} of the call`,
  ]
  return told.filter(Boolean).join(', ')
}
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        Grades<template v-if="men?.length"
          >: {{ counted(reps, 'rep') }} of {{ counted(men.length, 'man', 'men') }}. Of the reps graded, not a season's
          rate. <RouterLink to="/grades/agreement">Where two coaches differ</RouterLink>.</template
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
        No grades yet. <RouterLink to="/film">Open a game</RouterLink>, choose a play and press G.
      </p>
      <table v-if="men?.length">
        <thead>
          <tr>
            <th>Man</th>
            <th>Plays</th>
            <th
              v-for="f in facets"
              :key="f"
            >
              {{ f }}
            </th>
            <th>The last first</th>
          </tr>
        </thead>
        <tbody>
          <template
            v-for="m in men"
            :key="m.man"
          >
            <tr>
              <td>
                <button
                  class="link big"
                  type="button"
                  :aria-expanded="open === m.man"
                  @click="open = open === m.man ? undefined : m.man"
                >
                  {{ m.number === undefined ? '' : `${m.number} ` }}{{ m.name }}
                </button>
                <span class="soft seats">{{ m.seats.join(', ') }}</span>
              </td>
              <td>{{ m.plays }}</td>
              <td
                v-for="f in facets"
                :key="f"
                class="tally"
              >
                <template v-if="tally(m, f)">
                  {{ tally(m, f)!.told ? `${tally(m, f)!.done} of ${tally(m, f)!.told}` : 'none told'
                  }}<span v-if="tally(m, f)!.percent !== undefined"> ({{ tally(m, f)!.percent }} %)</span>
                  <span
                    v-if="beside(tally(m, f)!)"
                    class="soft beside"
                    >{{ beside(tally(m, f)!) }}</span
                  >
                </template>
              </td>
              <td class="marks">
                <RouterLink
                  v-for="p in lastPlays(m)"
                  :key="p.play"
                  v-hint="p.words"
                  :to="`/film/${p.game}/room?play=${p.number}`"
                  :class="{ out: p.below }"
                  >{{ p.number }}</RouterLink
                >
              </td>
            </tr>
            <tr
              v-if="open === m.man"
              class="detail"
            >
              <td :colspan="facets.length + 3">
                <GradesOfMan :man="m.man" />
              </td>
            </tr>
          </template>
        </tbody>
      </table>
      <p
        v-if="men?.length"
        class="soft"
      >
        To standard or above, of the plays that were told and are his own. No share is named of fewer than eight.
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
  width: 100%;
  max-width: 1180px;
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
  font: 600 17px var(--text);
  white-space: nowrap;
}
.seats,
.beside {
  display: block;
  font: 400 12.5px var(--narrow);
}
.tally {
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
.detail td {
  background: var(--card);
  padding: 8px 12px;
}
</style>
