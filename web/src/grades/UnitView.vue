<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, client, faultOf } from '../api/client'
import type { Unit } from '../api/types'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'
import WordMenu from '../words/WordMenu.vue'
import ClipList from './ClipList.vue'
import DeedsList from './DeedsList.vue'
import ElevenList from './ElevenList.vue'
import FacetsTable from './FacetsTable.vue'
import FaultsTable from './FaultsTable.vue'
import MenTable from './MenTable.vue'
import PlaysLink from './PlaysLink.vue'
import SheetLinks from './SheetLinks.vue'
import TrendList from './TrendList.vue'
import './report.css'

/** What the grades of a unit come to: its faults, the explosive plays it gave, its men. */
const UNITS: { id: Unit; name: string }[] = [
  { id: 'all', name: 'the whole defence' },
  { id: 'line', name: 'the line' },
  { id: 'backers', name: 'the backers' },
  { id: 'secondary', name: 'the secondary' },
]
const route = useRoute()
const router = useRouter()
const unit = computed<Unit>(() => UNITS.find((u) => u.id === route.params.unit)?.id ?? 'all')
const { data: page, error } = useQuery({
  queryKey: computed(() => ['units', unit.value, 'grades']),
  queryFn: () => answer(client.GET('/api/units/{unit}/grades', { params: { path: { unit: unit.value } } })),
})
const fault = computed(() => faultOf(error.value))
const named = (man: string): string => page.value?.names[man] ?? man
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/grades">Grades</RouterLink> <em>of</em>
        <WordMenu
          :value="unit"
          label="Unit"
          :options="UNITS"
          strong
          @pick="router.push(`/grades/unit/${$event}`)"
        /><template v-if="page"
          >: {{ counted(page.sheet.reps, 'rep') }} on {{ counted(page.sheet.plays, 'play') }}</template
        >
      </h1>
      <SheetLinks
        v-if="page"
        :address="`/api/units/${unit}/sheet`"
      />
    </header>
    <section
      class="rolls wide"
      aria-label="Report"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <p
        v-if="!page && !fault"
        class="empty"
        role="status"
      >
        Opening the grades.
      </p>
      <div
        v-if="page"
        class="report"
      >
        <div class="pair">
          <section aria-label="Facet by facet">
            <h2>Facet by facet</h2>
            <FacetsTable
              :facets="page.sheet.facets"
              :against="page.sheet.against"
            />
          </section>
          <section aria-label="Explosive plays">
            <h2>Explosive plays</h2>
            <ul v-if="page.sheet.explosives.length">
              <li
                v-for="e in page.sheet.explosives"
                :key="`${e.at.game} ${e.at.number}`"
              >
                <PlaysLink
                  :plays="[e.at]"
                  of="Explosive play"
                  >{{ e.at.opponent }}, play {{ e.at.number }}</PlaysLink
                >, <b>{{ e.gain }} yd</b>:
                <template v-if="e.man"
                  ><b>{{ named(e.man) }}</b> lost his job first, {{ e.why }}</template
                ><template v-else-if="e.lost.length"
                  ><b>{{ e.lost.map(named).join(', ') }}</b> lost theirs; {{ e.why }}</template
                ><template v-else>{{ e.why }}</template>
              </li>
            </ul>
            <p
              v-else
              class="soft"
            >
              None was graded.
            </p>
            <h2>From game to game</h2>
            <TrendList :trends="page.sheet.trends" />
          </section>
        </div>
        <section aria-label="Faults">
          <h2>Faults, the most frequent first</h2>
          <FaultsTable
            :faults="page.sheet.faults"
            :named="named"
            men
          />
        </section>
        <section aria-label="Plays to show">
          <h2>Plays to show</h2>
          <div class="pair">
            <ClipList
              title="Best plays"
              :clips="page.sheet.best"
              :named="named"
            />
            <ClipList
              title="Worst plays"
              :clips="page.sheet.worst"
              :named="named"
            />
          </div>
        </section>
        <section aria-label="Beside the marks">
          <h2>Beside the marks</h2>
          <DeedsList :deeds="page.sheet.deeds" />
        </section>
        <section
          v-if="unit === 'all'"
          aria-label="The eleven together"
        >
          <h2>The eleven together</h2>
          <ElevenList :eleven="page.sheet.eleven" />
        </section>
        <section aria-label="Men">
          <h2>Men</h2>
          <MenTable
            :men="page.men"
            :facets="page.facets"
          />
        </section>
      </div>
    </section>
  </div>
</template>

<style scoped>
section.wide {
  padding: 0 20px 24px;
}
</style>
