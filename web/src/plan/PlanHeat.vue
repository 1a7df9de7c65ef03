<script setup lang="ts">
import type { Choices, PlanCell } from '../api/types'
import { cellWords, type Place, type PlanRow } from './planStore'
import { vHint } from '../shell/hint/hint'

/** Calls by formations: a filled cell breaks, a hatched one leaks; the number counts what is found. */
const props = defineProps<{ rows: PlanRow[]; formations: Choices['formations'] }>()
defineEmits<{ open: [] }>()
const at = defineModel<Place>({ required: true })

const told = (call: string, c: PlanCell): string =>
  [cellWords(call, props.formations, c), c.worst].filter(Boolean).join(': ')
const sign = (c: PlanCell): string =>
  ({ breaks: String(c.busts), leaks: String(c.weak), unknown: '?', holds: '' })[c.standing]
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col"><span class="unseen">Call</span></th>
        <th
          v-for="f in formations"
          :key="f.id"
          scope="col"
          class="tilted"
        >
          <span>{{ f.name }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="(r, i) in rows"
        :key="r.call.id"
      >
        <th scope="row">{{ r.call.name }}</th>
        <td
          v-for="(c, j) in r.cells"
          :key="c.formation"
        >
          <button
            v-hint="told(r.call.name, c)"
            type="button"
            :class="['cell', c.standing, { other: !c.meant, picked: at.row === i && at.column === j }]"
            :data-cell="`${i} ${j}`"
            data-passes-keys
            :tabindex="at.row === i && at.column === j ? 0 : -1"
            :aria-label="told(r.call.name, c)"
            @click="at = { row: i, column: j }"
            @dblclick="$emit('open')"
            @focus="at = { row: i, column: j }"
          >
            {{ sign(c) }}
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="./cell.css"></style>
<style scoped>
table {
  border-collapse: collapse;
}
thead th {
  vertical-align: bottom;
  height: 118px;
}
.tilted {
  width: 20px;
  min-width: 20px;
}
.tilted span {
  display: block;
  writing-mode: vertical-rl;
  transform: rotate(180deg);
  font: 600 12.5px/1 var(--narrow);
  white-space: nowrap;
  padding: 4px 0;
  margin: 0 auto;
}
tbody th {
  font: 600 13.5px/1 var(--narrow);
  text-align: left;
  white-space: nowrap;
  padding-right: 10px;
  position: sticky;
  left: -14px;
  background: var(--paper);
}
td {
  padding: 1px;
}
tbody tr:nth-child(5n) td,
tbody tr:nth-child(5n) th {
  padding-bottom: 6px;
}
</style>
