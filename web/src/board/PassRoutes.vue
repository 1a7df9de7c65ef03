<script setup lang="ts">
import type { JobRow, PassSheet } from '../api/types'
import { labelled } from './findings'
import KeyRows from './KeyRows.vue'
import PickupRows from './PickupRows.vue'

/** The routes of a pass, and who has each. */
const props = defineProps<{ pass: PassSheet; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section aria-label="Routes">
    <h3>
      {{ pass.name }} {{ pass.side }}
      <span class="soft"
        >thrown at {{ pass.throwSeconds.toFixed(1) }} s from {{ Math.abs(pass.from.x).toFixed(0) }} x
        {{ (-pass.from.y).toFixed(0) }} yd{{
          pass.fake ? `, ${pass.fake.run} until ${pass.fake.until.toFixed(1)} s` : ''
        }}{{ pass.attacks ? `, against ${pass.attacks}` : '' }}</span
      >
    </h3>
    <p>
      {{ pass.matched }} of {{ pass.routes.length }} routes can be had at once{{
        pass.given ? `; this call gives the ${pass.given}` : ''
      }}.
    </p>
    <table>
      <tbody>
        <tr
          v-for="r in pass.routes"
          :key="r.man"
          :class="r.had"
        >
          <th scope="row">{{ r.man }}</th>
          <td>
            {{ r.route }}, {{ r.caught.y.toFixed(0) }} yd deep at {{ r.seconds.toFixed(1) }} s<small
              ><b v-if="!r.covers.length">nobody</b
              ><template
                v-for="(c, i) in r.covers"
                :key="c.job"
                >{{ i ? ', ' : '' }}<b>{{ label(c.job) }}</b> by {{ c.by
                }}{{ c.lateSeconds > 0 ? `, ${c.lateSeconds.toFixed(1)} s late` : '' }}</template
              >{{ r.had === 'shared' ? '; he has another route too' : r.had === 'two' ? '; two on one' : ''
              }}{{ r.lost ? `; ${r.lost}` : '' }}{{ r.rub ? `; ${r.rub}` : '' }}</small
            >
          </td>
        </tr>
      </tbody>
    </table>
    <template v-if="pass.rush">
      <h3>
        Behind it <span class="soft">{{ pass.rush.protection }}</span>
      </h3>
      <p :class="{ beaten: pass.rush.beaten }">{{ pass.rush.said }}</p>
      <PickupRows
        :pickups="pass.rush.pickups"
        :jobs="jobs"
      />
    </template>
    <KeyRows
      :keys="pass.keys"
      :jobs="jobs"
    />
  </section>
</template>

<style scoped src="./answers.css"></style>
<style scoped>
.one th {
  border-left-color: var(--sound);
}
.shared th,
.late th,
.two th {
  border-left: 4px double var(--ink);
}
.beaten {
  font-weight: 700;
}
.nobody th {
  border-left-color: var(--bust);
}
</style>
