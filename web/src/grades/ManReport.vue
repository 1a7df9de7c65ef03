<script setup lang="ts">
import type { ManPage } from '../api/types'
import { counted } from '../words/counted'
import ClipList from './ClipList.vue'
import DeedsList from './DeedsList.vue'
import EffortList from './EffortList.vue'
import FacetsTable from './FacetsTable.vue'
import FaultsTable from './FaultsTable.vue'
import PlaysLink from './PlaysLink.vue'
import TrendList from './TrendList.vue'
import './report.css'

/** What one man's grades come to. Where film is not for the reader, its figures lead nowhere. */
withDefaults(defineProps<{ page: ManPage; leads?: boolean }>(), { leads: true })
type PlayedIn = ManPage['sheet']['snaps']['games'][number]
const runsAndPasses = (g: PlayedIn): string => {
  const unknown = g.plays.length - g.runs - g.passes
  const known = [counted(g.runs, 'run'), counted(g.passes, 'pass', 'passes')]
  return `(${[...known, ...(unknown ? [`${unknown} not logged as either`] : [])].join(', ')})`
}
type Chain = ManPage['sheet']['chains'][number]
/** What became of a set-up. */
function told(c: Chain): string {
  if (!c.named) return 'a later play that is not named yet: it counts as a loss'
  if (!c.later) return 'a later play that is not graded yet: it counts as a loss until then'
  return `play ${c.later.number}: ${c.stands ? 'it did' : 'that did not go well, so it counts as a loss'}`
}
</script>

<template>
  <div class="report">
    <p v-if="page.sheet.snaps.games.length">
      On the field:
      <template
        v-for="(g, i) in page.sheet.snaps.games"
        :key="i"
      >
        {{ g.opponent }},
        <PlaysLink
          :plays="g.plays"
          :of="`On the field, ${g.opponent}`"
          :leads="leads"
          >{{ g.plays.length }} of {{ counted(g.of, 'play') }}</PlaysLink
        >
        {{ runsAndPasses(g) }}{{ i + 1 < page.sheet.snaps.games.length ? '; ' : '.' }}
      </template>
    </p>
    <div class="pair">
      <section aria-label="Facet by facet">
        <h2>Facet by facet</h2>
        <FacetsTable
          :facets="page.sheet.facets"
          :against="page.sheet.against"
          :leads="leads"
        />
        <p
          v-for="a in page.sheet.against"
          :key="a.unit ?? ''"
        >
          <template v-if="a.ended"
            ><b>{{ a.unit ? `Against their ${a.unit}` : 'Their unit not said' }}</b
            >, {{ a.plays }} plays: {{ a.ended }}.</template
          >
        </p>
      </section>
      <section aria-label="From game to game">
        <h2>From game to game</h2>
        <TrendList :trends="page.sheet.trends" />
      </section>
    </div>
    <section aria-label="Faults">
      <h2>Faults, the most frequent first</h2>
      <FaultsTable
        :faults="page.sheet.faults"
        :leads="leads"
      />
    </section>
    <section aria-label="Plays to show">
      <h2>Plays to show</h2>
      <div class="pair">
        <ClipList
          title="Best plays"
          :clips="page.sheet.best"
          :leads="leads"
        />
        <ClipList
          title="Worst plays"
          :clips="page.sheet.worst"
          :leads="leads"
        />
      </div>
    </section>
    <section
      v-if="page.corrections.length"
      aria-label="Corrections"
    >
      <h2>Corrections</h2>
      <dl
        v-for="c in page.corrections"
        :key="`${c.at.game} ${c.at.number}`"
      >
        <dt>
          <PlaysLink
            :plays="[c.at]"
            of="Correction"
            :leads="leads"
            >{{ c.at.opponent }}, play {{ c.at.number }}</PlaysLink
          >
        </dt>
        <dd v-if="c.correction.good">What was good: {{ c.correction.good }}</dd>
        <dd v-if="c.correction.ledTo">What the first wrong moment led to: {{ c.correction.ledTo }}</dd>
        <dd v-if="c.correction.instead">
          What to do instead: <b>{{ c.correction.instead }}</b>
        </dd>
        <dd v-if="c.correction.drill">Drill: {{ c.correction.drill }}</dd>
      </dl>
      <p
        v-if="page.corrections.some((c) => c.correction.drill)"
        class="soft"
      >
        Drills with contact hurt when they are done wrong: local rules and the governing body say what is allowed, and
        licensed medical staff decide who takes part.
      </p>
    </section>
    <section aria-label="Beside the marks">
      <h2>Beside the marks</h2>
      <DeedsList
        :deeds="page.sheet.deeds"
        :leads="leads"
      />
      <EffortList
        :effort="page.sheet.effort"
        :leads="leads"
      />
      <ul v-if="page.sheet.chains.length">
        <li
          v-for="c in page.sheet.chains"
          :key="`${c.first.game} ${c.first.number}`"
        >
          <PlaysLink
            :plays="c.later ? [c.first, c.later] : [c.first]"
            of="Set-up"
            :leads="leads"
            >Play {{ c.first.number }}</PlaysLink
          >
          was to set up
          {{ told(c) }}
        </li>
      </ul>
    </section>
  </div>
</template>
