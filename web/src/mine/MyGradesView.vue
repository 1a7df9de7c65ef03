<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, client, faultOf } from '../api/client'
import ManReport from '../grades/ManReport.vue'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** A player's own grades, and nobody else's. */
const {
  data: page,
  error,
  isSuccess: asked,
} = useQuery({
  queryKey: ['mine', 'grades'],
  queryFn: async () => (await answer(client.GET('/api/mine/grades'))) || null,
})
const fault = computed(() => faultOf(error.value))
</script>

<template>
  <div class="view">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/mine">My job</RouterLink> <em>·</em>
        <span v-if="page"
          ><b>{{ page.who.number === undefined ? '' : `${page.who.number} ` }}{{ page.who.name }}</b
          >: {{ counted(page.sheet.plays, 'play') }} graded<template v-if="page.sheet.ended"
            >, {{ page.sheet.ended }}</template
          ></span
        ><template v-else>my grades</template>
      </h1>
    </header>
    <section
      class="rolls wide"
      aria-label="My grades"
      tabindex="0"
    >
      <FaultSaid :words="fault" />
      <p
        v-if="!asked && !fault"
        class="empty"
        role="status"
      >
        Opening your grades.
      </p>
      <p
        v-if="asked && !page"
        class="soft"
      >
        Nothing of yours is graded yet, or no coach has said yet which man of the roster you are.
      </p>
      <template v-if="page">
        <p class="soft">Only you and your coaches see this. Watch the plays with your position coach.</p>
        <ManReport
          :page="page"
          :leads="false"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
section.wide {
  padding: 0 20px 24px;
}
</style>
