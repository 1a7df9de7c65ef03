<script setup lang="ts">
import type { GradedMan, Tallied } from '../api/types'
import { vHint } from '../shell/hint/hint'
import PlaysLink from './PlaysLink.vue'
import { beside, share, told } from './tallies'

/** Who does his job how often, facet by facet. */
defineProps<{ men: GradedMan[]; facets: string[] }>()
const tally = (man: GradedMan, facet: string): Tallied | undefined => man.facets.find((f) => f.topic.what === facet)
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
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>Man</th>
        <th v-hint="'Plays on the field, of those of his games of which it is known who played'">On the field</th>
        <th>Graded</th>
        <th>Score</th>
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
      <tr
        v-for="m in men"
        :key="m.who.man"
      >
        <td>
          <RouterLink
            class="big"
            :to="`/grades/man/${encodeURIComponent(m.who.man)}`"
            >{{ m.who.number === undefined ? '' : `${m.who.number} ` }}{{ m.who.name }}</RouterLink
          >
          <span class="soft seats">{{ m.who.seats.join(', ') }}</span>
        </td>
        <td>
          <PlaysLink
            v-if="m.snaps.plays"
            :plays="m.snaps.games.flatMap((g) => g.plays)"
            :of="`${m.who.name}, on the field`"
            >{{ m.snaps.plays }} of {{ m.snaps.of }}</PlaysLink
          >
        </td>
        <td>{{ m.plays }}</td>
        <td>
          {{ m.score.words }}
          <span
            v-if="m.score.percent !== undefined"
            class="percent"
            >({{ m.score.percent }} %)</span
          >
        </td>
        <td
          v-for="f in facets"
          :key="f"
          class="tally"
        >
          <template v-if="tally(m, f)">
            <PlaysLink
              :plays="told(tally(m, f)!)"
              :of="`${m.who.name}, ${f}`"
              >{{ share(tally(m, f)!) }}</PlaysLink
            >
            <span
              v-if="beside(tally(m, f)!).length"
              class="soft beside"
              >{{
                beside(tally(m, f)!)
                  .map((b) => b.words)
                  .join(', ')
              }}</span
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
    </tbody>
  </table>
</template>

<style scoped>
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
  color: var(--ink);
}
.seats,
.beside {
  display: block;
  font: 400 12.5px var(--narrow);
}
.tally,
.percent {
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
</style>
