<script setup lang="ts">
import type { JobRow, PlaySheet } from '../api/types'
import { labelled } from './findings'
import PickupRows from './PickupRows.vue'

/** The rush against each protection. */
const props = defineProps<{ protections: PlaySheet['protections']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section aria-label="Rush">
    <h3>Rush <span class="soft">against each protection</span></h3>
    <p
      v-if="!protections.length"
      class="soft"
    >
      Not asked of small-sided football.
    </p>
    <table>
      <tbody>
        <tr
          v-for="p in protections"
          :key="p.name"
          :class="{ near: p.free.length }"
        >
          <th scope="row">{{ p.rushers }} v {{ p.men }}</th>
          <td>
            {{ p.name }}, line {{ p.slide
            }}<small
              ><b>{{ p.free.length ? `${p.free.map(label).join(', ')} free` : 'nobody free' }}</b
              >, {{ p.overloaded ? `too many from the ${p.overloaded}, ` : '' }}{{ p.oneOnOne }} one on one; first man
              there in {{ p.seconds.toFixed(1) }} s (gun, model). Contain
              {{ p.contain.length === 2 ? 'on both sides' : p.contain.length ? `only ${p.contain[0]}` : 'on no side'
              }}{{ p.windows.length ? `. Left open: ${p.windows.join(', ')}` : '' }}.</small
            >
            <details>
              <summary>Who has whom</summary>
              <PickupRows
                :pickups="p.pickups"
                :jobs="jobs"
              />
            </details>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped src="./answers.css"></style>
<style scoped>
.near th {
  border-left-color: var(--bust);
}
</style>
