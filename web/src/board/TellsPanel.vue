<script setup lang="ts">
import type { JobRow, PlaySheet } from '../api/types'
import { labelled } from './findings'

/** What tells the call before the snap, and who has far to go after it. */
const props = defineProps<{ travels: PlaySheet['travels']; pairs: PlaySheet['pairs']; jobs: readonly JobRow[] }>()
const label = labelled(() => props.jobs)
</script>

<template>
  <section aria-label="Tells">
    <p
      v-if="!travels.length && !pairs.length"
      class="soft"
    >
      Nobody moves after the snap picture, and no call of this week's plan can be told from this one.
    </p>
    <p
      v-for="t in travels"
      :key="t.job"
    >
      <b>{{ label(t.job) }}</b> has {{ t.yards.toFixed(1) }} yd from where he shows, {{ t.seconds.toFixed(1) }} s.
    </p>
    <p
      v-for="p in pairs"
      :key="p.call"
    >
      Told from <b>{{ p.call }}</b>{{
        p.men ? ` by ${p.by ? label(p.by) : ''}, ${p.yards.toFixed(1)} yd; ${p.men} men in all` : ''
      }}{{ p.stance ? `; stance of ${label(p.stance)}` : '' }}.
    </p>
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
