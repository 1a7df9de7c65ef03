<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { RosterAnswer, RosterSheet } from '../api/types'
import { useWalked } from '../shell/walked'
import WordMenu from '../words/WordMenu.vue'
import { BODIES, freshId, notOnChart, typedNumber } from './roster'
import { vHint } from '../shell/hint/hint'

/** Who is on the squad, what he plays, and what was measured of him; a man nobody's chart has is marked. */
const sheet = defineModel<RosterSheet>({ required: true })
const bodies = Object.entries(BODIES).map(([id, words]) => ({ id, name: id, words }))
const props = defineProps<{ accounts: RosterAnswer['accounts'] }>()
const accountChoices = computed(() => [
  { id: '', name: 'not at all' },
  ...props.accounts.map((a) => ({ id: a.username, name: a.displayName, words: `signs in as ${a.username}` })),
])
const squad = useTemplateRef<HTMLElement>('squad')
useWalked(squad, 'tbody tr')
const idle = computed(() => notOnChart(sheet.value))

function addMan(): void {
  sheet.value.players.push({ id: freshId(sheet.value), number: 0, name: '', body: 'DB' })
}
/** Nothing of him is left: not on the chart and not in an earlier version, since none is kept. */
function takeOut(id: string): void {
  sheet.value.players = sheet.value.players.filter((p) => p.id !== id)
  sheet.value.chart.forEach((l) => (l.players = l.players.filter((p) => p !== id)))
}
</script>

<template>
  <div>
    <table ref="squad">
      <thead>
        <tr>
          <th>No</th>
          <th>Name</th>
          <th>Plays</th>
          <th>lb</th>
          <th v-hint="'5-10-5 yd short shuttle'">shuttle s</th>
          <th
            v-hint="
              'For a minor: his reports, on paper and as tables, and his own page call him this, without his number'
            "
          >
            alias
          </th>
          <th>signs in as</th>
          <th><span class="unseen">Take out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="p in sheet.players"
          :key="p.id"
          :class="{ idle: idle.has(p.id) }"
        >
          <td>
            <input
              :value="p.number"
              type="number"
              min="0"
              max="99"
              :aria-label="`Number of ${p.name}`"
              class="short"
              @change="p.number = typedNumber($event) ?? 0"
            />
          </td>
          <td>
            <input
              v-model="p.name"
              aria-label="Name"
              placeholder="Name"
              required
            />
          </td>
          <td>
            <WordMenu
              :value="p.body"
              :label="`What ${p.name} plays`"
              :options="bodies"
              @pick="p.body = $event as typeof p.body"
            />
          </td>
          <td>
            <input
              :value="p.weight"
              type="number"
              min="40"
              max="500"
              :aria-label="`Weight of ${p.name}, pounds`"
              class="mid"
              @change="p.weight = typedNumber($event)"
            />
          </td>
          <td>
            <input
              :value="p.shuttle?.toFixed(2)"
              type="number"
              min="3"
              max="9"
              step="0.01"
              :aria-label="`Shuttle of ${p.name}, seconds`"
              class="mid"
              @change="p.shuttle = typedNumber($event)"
            />
          </td>
          <td>
            <input
              :value="p.alias"
              maxlength="80"
              :aria-label="`Alias of ${p.name}`"
              @change="p.alias = ($event.target as HTMLInputElement).value.trim() || undefined"
            />
          </td>
          <td>
            <WordMenu
              :value="p.account ?? ''"
              :label="`How ${p.name} signs in`"
              :options="accountChoices"
              @pick="p.account = $event || undefined"
            />
          </td>
          <td>
            <button
              v-hint="`Erase ${p.name} from roster and chart`"
              type="button"
              class="link"
              @click="takeOut(p.id)"
            >
              erase
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <button
      type="button"
      class="button"
      @click="addMan"
    >
      Add a man
    </button>
  </div>
</template>

<style scoped src="../styles/sheet-fields.css"></style>
<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  min-width: 470px;
  margin-bottom: 10px;
}
th {
  font: 600 12.5px/1 var(--narrow);
  color: var(--soft);
  text-align: left;
  padding-bottom: 4px;
}
td {
  border-top: 1px solid var(--faint);
  padding: 1px 4px 1px 0;
}
.idle td:first-child {
  border-left: 3px dashed var(--soft);
}
.short {
  width: 46px;
}
.mid {
  width: 64px;
}
</style>
