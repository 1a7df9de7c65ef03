<script setup lang="ts">
import type { JobRow, PlaySheet } from '../api/types'
import { labelled } from './findings'

/** The rush against each protection. */
const props = defineProps<{ protections: PlaySheet['protections']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section aria-label="Rush">
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
            {{ p.name }}, slides {{ p.slide
            }}<small
              ><b>{{ p.free.length ? `${p.free.map(label).join(', ')} free` : 'nobody free' }}</b
              >, {{ p.oneOnOne }} one on one; first man there in {{ p.seconds.toFixed(1) }} s (gun, model). Contain
              {{ p.contain.length === 2 ? 'on both sides' : p.contain.length ? `only ${p.contain[0]}` : 'on no side'
              }}{{ p.windows.length ? `. Left open: ${p.windows.join(', ')}` : '' }}.</small
            >
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
small {
  display: block;
  font-size: 12.5px;
  line-height: 1.3;
  color: var(--soft);
}
small b {
  color: var(--ink);
}
h3 {
  font: 700 15px/1.25 var(--narrow);
  padding: 8px 0 2px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
p {
  padding: 3px 0;
}
table {
  border-collapse: collapse;
  width: 100%;
}
tr {
  cursor: default;
}
th {
  text-align: left;
  font: 700 13.5px/1.3 var(--narrow);
  vertical-align: top;
  padding: 3px 6px 3px 2px;
  white-space: nowrap;
  border-left: 4px solid transparent;
}
td {
  padding: 3px 0;
}
tr + tr {
  border-top: 1px solid var(--faint);
}
.one th {
  border-left-color: var(--sound);
}
.shared th,
.late th,
.two th {
  border-left: 4px double var(--ink);
}
.nobody th,
.near th {
  border-left-color: var(--bust);
}
</style>
