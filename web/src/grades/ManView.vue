<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, client, faultOf } from '../api/client'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'
import EveryPlay from './EveryPlay.vue'
import ManReport from './ManReport.vue'
import SheetLinks from './SheetLinks.vue'

/** One man: what his grades come to, and every play that they are of. */
const route = useRoute()
const man = computed(() => String(route.params.man))
const { data: page, error } = useQuery({
  queryKey: computed(() => ['grades', man.value, 'report']),
  queryFn: () => answer(client.GET('/api/grades/{man}/report', { params: { path: { man: man.value } } })),
})
const fault = computed(() => faultOf(error.value))
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/grades">Grades</RouterLink> <em>·</em>
        <span v-if="page">
          <b>{{ page.who.number === undefined ? '' : `${page.who.number} ` }}{{ page.who.name }}</b
          >, {{ page.who.seats.join(', ') }}: {{ counted(page.sheet.plays, 'play') }} graded<template
            v-if="page.sheet.ended"
            >, {{ page.sheet.ended }}</template
          ><template v-if="page.sheet.score.words"
            >; {{ page.sheet.score.words
            }}{{ page.sheet.score.percent === undefined ? '' : ` (${page.sheet.score.percent} %)` }}</template
          >
        </span>
      </h1>
      <SheetLinks
        v-if="page"
        :address="`/api/grades/${encodeURIComponent(man)}/sheet`"
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
        Opening his grades.
      </p>
      <ManReport
        v-if="page"
        :page="page"
      />
      <EveryPlay
        v-if="page"
        :man="man"
      />
    </section>
  </div>
</template>

<style scoped>
section.wide {
  padding: 0 20px 24px;
}
</style>
