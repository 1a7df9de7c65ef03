<script setup lang="ts">
import WordMenu from '../../words/WordMenu.vue'
import { moved, withCell, withoutRow, type Row } from './rows'

/** Criteria in the order in which they happen; whoever may not change them reads them. */
defineProps<{ rows: Row[]; facets: { id: string; name: string }[]; mayWrite: boolean }>()
const emit = defineEmits<{ rows: [rows: Row[]] }>()
const CELLS = [
  { at: 2, name: 'Criterion' },
  { at: 3, name: 'Good' },
  { at: 4, name: 'Fault' },
  { at: 5, name: 'Leads to' },
]
const cell = (event: Event): string => (event.target as HTMLTextAreaElement).value
/** A cell is one line, however it is broken on the screen. */
const written = (event: Event): void => (event.target as HTMLElement).blur()
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>Facet</th>
        <th
          v-for="c in CELLS"
          :key="c.at"
        >
          {{ c.name }}
        </th>
        <th v-if="mayWrite"></th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="(row, i) in rows"
        :key="row[0]"
        :data-row="row[0]"
      >
        <template v-if="mayWrite">
          <td>
            <WordMenu
              :value="row[1]"
              :label="`Facet of ${row[2] || 'the new criterion'}`"
              :options="facets"
              @pick="emit('rows', withCell(rows, i, 1, $event))"
            />
          </td>
          <td
            v-for="c in CELLS"
            :key="c.at"
          >
            <textarea
              rows="1"
              :value="row[c.at]"
              maxlength="120"
              :aria-label="`${c.name}, row ${i + 1}`"
              @keydown.enter.prevent="written"
              @change="emit('rows', withCell(rows, i, c.at, cell($event)))"
            />
          </td>
          <td class="moves">
            <button
              type="button"
              class="link"
              :disabled="i === 0"
              :aria-label="`Row ${i + 1} up`"
              @click="emit('rows', moved(rows, i, -1))"
            >
              up
            </button>
            <button
              type="button"
              class="link"
              :disabled="i + 1 === rows.length"
              :aria-label="`Row ${i + 1} down`"
              @click="emit('rows', moved(rows, i, 1))"
            >
              down
            </button>
            <button
              type="button"
              class="link"
              :aria-label="`Row ${i + 1} away`"
              @click="emit('rows', withoutRow(rows, i))"
            >
              away
            </button>
          </td>
        </template>
        <template v-else>
          <td>{{ row[1] }}</td>
          <td
            v-for="c in CELLS"
            :key="c.at"
            :class="{ name: c.at === 2 }"
          >
            {{ row[c.at] }}
          </td>
        </template>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  margin: 6px 0 12px;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 3px 10px 3px 0;
  border-bottom: 1px solid var(--rule);
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
.name {
  font-weight: 600;
}
td textarea {
  display: block;
  field-sizing: content;
  resize: none;
  width: 100%;
  min-width: 90px;
  border: 0;
  background: var(--card);
  color: var(--ink);
  font: 400 14px/1.6 var(--text);
}
td textarea:focus-visible {
  outline: 3px solid var(--ink);
}
.moves {
  white-space: nowrap;
}
.moves .link + .link {
  margin-left: 8px;
}
</style>
