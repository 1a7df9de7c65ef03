<script setup lang="ts">
import { computed } from 'vue'
import type { Deeds, OnPlay } from '../api/types'
import PlaysLink from './PlaysLink.vue'

/** What was done, apart from the marks: tackles, balls thrown at him, flags. */
const props = withDefaults(defineProps<{ deeds: Deeds; leads?: boolean }>(), { leads: true })
interface Row {
  name: string
  plays: OnPlay[]
}
const rows = computed<Row[]>(() => {
  const d = props.deeds
  return [
    ...d.tackles.map((t) => ({ name: `tackles ${t.what}`, plays: t.plays })),
    { name: 'tackles not agreed', plays: d.tacklesDiffer },
    ...d.thrown.map((t) => ({ name: `thrown at him: ${t.what}`, plays: t.plays })),
    ...d.lanes.map((l) => ({ name: `rush lane ${l.what}`, plays: l.plays })),
    { name: 'pass plays graded', plays: d.thrown.length ? d.passPlays : [] },
    ...d.flags.map((f) => ({ name: f.what, plays: f.plays })),
    { name: 'extra credit', plays: d.extraCredit },
  ].filter((r) => r.plays.length)
})
</script>

<template>
  <ul
    v-if="rows.length || deeds.afterContact.tries"
    class="row"
  >
    <li
      v-for="r in rows"
      :key="r.name"
    >
      <PlaysLink
        :plays="r.plays"
        :of="r.name"
        :leads="leads"
        ><b>{{ r.plays.length }}</b> {{ r.name }}</PlaysLink
      >
    </li>
    <li v-if="deeds.afterContact.tries">
      <b>{{ deeds.afterContact.yards }} yd</b> after contact, on {{ deeds.afterContact.tries }} tries measured
    </li>
  </ul>
  <p
    v-else
    class="soft"
  >
    No tackles, balls thrown at him, rush lanes or flags were said.
  </p>
</template>
