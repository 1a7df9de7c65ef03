<script setup lang="ts">
import { computed } from 'vue'
import type { Eleven, OnPlay } from '../api/types'
import PlaysLink from './PlaysLink.vue'

/** What the eleven did as one: each figure with its plays, of those of which somebody said it. */
const props = defineProps<{ eleven: Eleven }>()
interface Row {
  name: string
  figure: string
  plays: OnPlay[]
}
type Spread = NonNullable<Eleven['hats']>
/** The middle may lie between two whole numbers; the least and the most are what somebody counted. */
const spread = (what: Spread | undefined, name: string, digits: [number, number], unit: string): Row[] =>
  what
    ? [
        {
          figure: `${what.middle.toFixed(digits[0])}${unit}`,
          name:
            `${name}: the median of ${what.plays.length}, ` +
            `from ${what.least.toFixed(digits[1])} to ${what.most.toFixed(digits[1])}${unit}`,
          plays: what.plays,
        },
      ]
    : []
/** "2 of 5": of those of which it was said. */
function counts(of: readonly { what: string; plays: OnPlay[] }[], name: string): Row[] {
  const said = of.reduce((sum, c) => sum + c.plays.length, 0)
  return of.map((c) => ({ figure: `${c.plays.length} of ${said}`, name: `${name} ${c.what}`, plays: c.plays }))
}
const rows = computed<Row[]>(() => {
  const e = props.eleven
  return [
    ...counts(e.checks, 'checks'),
    ...counts(e.strength, 'strength'),
    ...(e.setSaid.length
      ? [{ figure: `${e.notSet.length} of ${e.setSaid.length}`, name: 'not all set at the snap', plays: e.notSet }]
      : []),
    ...spread(e.hats, `hats within ${e.atTheBall} yd of the ball at the end`, [1, 0], ''),
    ...spread(e.pressure, 'to the first pressure', [2, 2], ' s'),
  ]
})
</script>

<template>
  <ul
    v-if="rows.length"
    class="row"
  >
    <li
      v-for="r in rows"
      :key="r.name"
    >
      <PlaysLink
        :plays="r.plays"
        :of="r.name"
        ><b>{{ r.figure }}</b> {{ r.name }}</PlaysLink
      >
    </li>
  </ul>
  <p
    v-else
    class="soft"
  >
    Nothing was said yet: checks, strength, who was set and hats at the ball are said beside the log of a play; a
    pressure is marked among the moments.
  </p>
</template>
