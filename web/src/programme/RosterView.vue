<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { answer, client, over, problemOf } from '../api/client'
import type { ChartRole, RosterAnswer, RosterSheet } from '../api/types'
import HouseTabs from './HouseTabs.vue'
import {
  fittedMen,
  freshId,
  lineOf,
  listed,
  men,
  notOnChart,
  pairChoice,
  pairChoices,
  saidMen,
  setPair,
} from './roster'

const found = shallowRef<RosterAnswer>()
const sheet = ref<RosterSheet>({ players: [], chart: [], staying: [] })
const kept = ref('')
const said = ref('')
const trouble = ref('')
const now = computed(() => JSON.stringify(sheet.value))
const dirty = computed(() => now.value !== kept.value)
const idle = computed(() => notOnChart(sheet.value))

const BODIES: Record<string, string> = { E: 'Ends', T: 'Inside linemen', LB: 'Backers', DB: 'Backs' }
const groups = computed(() =>
  Object.entries(BODIES).map(([body, title]) => ({
    title,
    roles: (found.value?.roles ?? []).filter((r) => r.body === body),
  })),
)

function take(answered: RosterAnswer): void {
  found.value = answered
  sheet.value = JSON.parse(JSON.stringify(answered.roster)) as RosterSheet
  kept.value = now.value
}
async function load(): Promise<void> {
  try {
    take(await answer(client.GET('/api/roster')))
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
onMounted(load)
onBeforeRouteLeave(() => !dirty.value || window.confirm('The roster has changes that are not saved. Leave them?'))
async function save(): Promise<void> {
  try {
    const params = { header: over(found.value!.version) }
    take(await answer(client.PUT('/api/roster', { params, body: sheet.value })))
    said.value = 'Saved. The strip shows these men now.'
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
function addMan(): void {
  sheet.value.players.push({ id: freshId(sheet.value), number: 0, name: '', body: 'DB' })
}
/** Nothing of him is left: not on the chart and not in an earlier version, since none is kept. */
function takeOut(id: string): void {
  sheet.value.players = sheet.value.players.filter((p) => p.id !== id)
  sheet.value.chart.forEach((l) => (l.players = l.players.filter((p) => p !== id)))
}
const number = (event: Event): number | undefined => {
  const value = (event.target as HTMLInputElement).valueAsNumber
  return Number.isNaN(value) ? undefined : value
}
/** What was typed for a role and cannot be read, until it can. */
const unread = ref<Record<string, string>>({})
function setLine(role: ChartRole, special: boolean, words: string): void {
  const read = men(sheet.value, words)
  unread.value = { ...unread.value, [`${role.id}${special}`]: read.trouble }
  if (!read.trouble) lineOf(sheet.value, role.id, special).players = read.players
}
function setPersonnel(role: ChartRole, words: string): void {
  lineOf(sheet.value, role.id, true).personnel = words.split(/[\s,]+/).filter(Boolean)
}
const special = (role: ChartRole): string =>
  sheet.value.chart.find((l) => l.role === role.id && l.personnel.length)?.personnel.join(' ') ?? ''
function exportRoster(): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(
    new Blob([JSON.stringify(found.value!.roster, null, 2)], { type: 'application/json' }),
  )
  link.download = 'roster.json'
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <div class="roster">
    <header class="view-head">
      <HouseTabs />
      <span
        v-if="said && !dirty"
        class="sound"
        role="status"
        >{{ said }}</span
      >
      <button
        type="button"
        class="button"
        :disabled="!found || dirty"
        @click="exportRoster"
      >
        Export
      </button>
      <button
        type="button"
        class="button main"
        :disabled="!dirty"
        @click="save"
      >
        {{ dirty ? 'Save the roster' : 'Nothing changed' }}
      </button>
    </header>
    <p
      v-if="trouble"
      class="trouble"
      role="alert"
    >
      {{ trouble }}
      <button
        type="button"
        class="link"
        @click="load"
      >
        Load it anew
      </button>
    </p>
    <section
      aria-label="Squad"
      tabindex="0"
    >
      <h2>
        Squad
        <span class="soft"
          >{{ sheet.players.length }} men. Coordinators only; players see numbers and names on the board.</span
        >
      </h2>
      <table>
        <thead>
          <tr>
            <th>No</th>
            <th>Name</th>
            <th>Plays</th>
            <th>lb</th>
            <th title="5-10-5 yd short shuttle">shuttle s</th>
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
                @change="p.number = number($event) ?? 0"
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
              <select
                v-model="p.body"
                :aria-label="`What ${p.name} plays`"
              >
                <option
                  v-for="(title, body) in BODIES"
                  :key="body"
                  :value="body"
                >
                  {{ body }}
                </option>
              </select>
            </td>
            <td>
              <input
                :value="p.weight"
                type="number"
                min="40"
                max="500"
                :aria-label="`Weight of ${p.name}, pounds`"
                class="mid"
                @change="p.weight = number($event)"
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
                @change="p.shuttle = number($event)"
              />
            </td>
            <td>
              <button
                type="button"
                class="link"
                :title="`Erase ${p.name} from roster and chart`"
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
    </section>
    <section
      aria-label="Depth chart"
      tabindex="0"
    >
      <h2>Depth chart <span class="soft">first choice first; a man plays once</span></h2>
      <template
        v-for="g in groups"
        :key="g.title"
      >
        <h3>{{ g.title }}</h3>
        <div
          v-for="role in g.roles"
          :key="role.id"
          class="role"
        >
          <span class="who"
            ><b>{{ role.label }}</b> {{ role.name }}<small>{{ role.fronts.join(', ') }}</small></span
          >
          <span class="line">
            <input
              :value="saidMen(sheet, listed(sheet, role.id, false))"
              :aria-label="`Who plays ${role.id}`"
              :aria-invalid="!!unread[`${role.id}false`]"
              placeholder="numbers or names, first choice first"
              @change="setLine(role, false, ($event.target as HTMLInputElement).value)"
            />
            <small
              v-if="unread[`${role.id}false`]"
              class="bad"
              role="alert"
              >{{ unread[`${role.id}false`] }}</small
            >
            <small v-else>{{ fittedMen(sheet, listed(sheet, role.id, false)) }}</small>
          </span>
          <span class="more">
            <select
              v-if="pairChoices(found!.pairs, role.id).length"
              :value="pairChoice(sheet, role.id)"
              :aria-label="`Sides of ${role.id}`"
              @change="setPair(sheet, role.id, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">may flip with strength</option>
              <option
                v-for="c in pairChoices(found!.pairs, role.id)"
                :key="c.value"
                :value="c.value"
              >
                {{ c.words }}
              </option>
            </select>
            <label
              >against
              <input
                :value="special(role)"
                placeholder="22 23"
                :aria-label="`Other men for ${role.id} against personnel`"
                class="mid"
                @change="setPersonnel(role, ($event.target as HTMLInputElement).value)"
            /></label>
            <input
              v-if="special(role)"
              :value="saidMen(sheet, listed(sheet, role.id, true))"
              :aria-label="`Who plays ${role.id} against ${special(role)}`"
              placeholder="who then"
              @change="setLine(role, true, ($event.target as HTMLInputElement).value)"
            />
            <small
              v-if="unread[`${role.id}true`]"
              class="bad"
              role="alert"
              >{{ unread[`${role.id}true`] }}</small
            >
          </span>
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.roster {
  display: grid;
  grid-template: auto auto minmax(0, 1fr) / 500px minmax(0, 1fr);
  height: 100%;
}
header {
  grid-column: 1 / 3;
}
.sound {
  color: var(--sound);
  font-weight: 600;
}
.trouble {
  grid-column: 1 / 3;
  grid-row: 2;
  color: var(--bust);
  font-weight: 600;
  padding: 8px 20px;
}
section {
  grid-row: 3;
  overflow-y: auto;
  padding: 12px 20px 24px;
}
section + section {
  border-left: 2px solid var(--ink);
}
h2 {
  font: 700 17px/1.3 var(--narrow);
  padding-bottom: 6px;
}
h2 .soft {
  font-weight: 400;
  font-size: 13px;
  padding-left: 6px;
}
h3 {
  font: 600 13px/1 var(--narrow);
  color: var(--soft);
  padding: 12px 0 4px;
  border-bottom: 1.5px solid var(--ink);
}
table {
  border-collapse: collapse;
  width: 100%;
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
input,
select {
  font: 500 14px/1.3 var(--narrow);
  color: var(--ink);
  background: transparent;
  border: 1px solid transparent;
  border-bottom-color: var(--rule);
  padding: 3px 4px;
  width: 100%;
  font-variant-numeric: tabular-nums;
}
input:focus-visible,
select:focus-visible {
  outline: 3px solid var(--accent);
}
.short {
  width: 46px;
}
.mid {
  width: 64px;
}
.unseen {
  position: absolute;
  clip-path: inset(50%);
}
.role {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr) 210px;
  gap: 10px;
  align-items: start;
  padding: 5px 0;
  border-top: 1px solid var(--faint);
}
.who {
  font: 400 13.5px/1.25 var(--narrow);
}
.who b {
  font-weight: 700;
  font-size: 15px;
}
small {
  display: block;
  color: var(--soft);
  font-size: 12px;
}
.more {
  display: grid;
  gap: 3px;
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
}
.more select {
  font-size: 12.5px;
}
.line input {
  font-weight: 600;
}
.bad {
  color: var(--bust);
  font-weight: 600;
}
@media print {
  .roster {
    page: wide;
  }
}
</style>
