<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../api/client'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'
import MenTable from './MenTable.vue'
import PlaysLink from './PlaysLink.vue'

/** Who does his job how often, man by man. */
const { data: graded, error } = useQuery({ queryKey: ['grades'], queryFn: () => answer(client.GET('/api/grades')) })
const fault = computed(() => faultOf(error.value))
const men = computed(() => graded.value?.men)
const reps = computed(() => men.value?.reduce((sum, m) => sum + m.plays, 0) ?? 0)
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        Grades<template v-if="men?.length"
          >: {{ counted(reps, 'rep') }} of {{ counted(men.length, 'man', 'men') }}. Of the reps graded, not a season's
          rate.</template
        >
      </h1>
      <nav aria-label="More of grades">
        <RouterLink to="/grades/unit/all">Unit by unit</RouterLink>
        <RouterLink to="/playbook/rubrics">What men are graded by</RouterLink>
        <RouterLink to="/grades/agreement">Where two coaches differ</RouterLink>
      </nav>
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
      <MenTable
        v-if="graded?.men.length"
        :men="graded.men"
        :facets="graded.facets"
      />
      <p v-if="graded?.notGraded.length">
        On the field and not graded:
        <template
          v-for="(m, i) in graded.notGraded"
          :key="m.man"
        >
          {{ i ? '· ' : '' }}<b>{{ m.said }}</b
          >{{ ' '
          }}<PlaysLink
            :plays="m.snaps.games.flatMap((g) => g.plays)"
            :of="`${m.said}, on the field`"
            >{{ m.snaps.plays }} of {{ m.snaps.of }}</PlaysLink
          >
        </template>
      </p>
      <p
        v-if="men?.length"
        class="soft"
      >
        To standard or above, of the plays that were told and are his own; a figure leads to its plays. No share is
        named of fewer than eight. How plays are scored is chosen in <RouterLink to="/programme">House</RouterLink>.
      </p>
    </section>
  </div>
</template>

<style scoped>
nav {
  display: flex;
  gap: 16px;
  align-items: baseline;
}
a {
  color: var(--deep);
}
section {
  padding: 4px 20px 24px;
}
</style>
