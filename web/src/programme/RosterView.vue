<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, useTemplateRef } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { answer, client, over, problemOf } from '../api/client'
import type { RosterAnswer, RosterSheet } from '../api/types'
import { useWalked } from '../shell/walked'
import HouseTabs from './HouseTabs.vue'
import ChartLine from './ChartLine.vue'
import SquadTable from './SquadTable.vue'
import { BODIES } from './roster'
import { useSession } from '../shell/session'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

const session = useSession()
const chart = useTemplateRef<HTMLElement>('chart')
useWalked(chart, '.role')
const found = shallowRef<RosterAnswer>()
const sheet = ref<RosterSheet>({ players: [], chart: [], staying: [] })
const kept = ref('')
const said = ref('')
const trouble = ref('')
const now = computed(() => JSON.stringify(sheet.value))
const dirty = computed(() => now.value !== kept.value)

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
  <div class="view roster">
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
        v-if="session.me?.mayWrite"
        type="button"
        class="button main"
        :disabled="!dirty"
        @click="save"
      >
        {{ dirty ? 'Save the roster' : 'Nothing changed' }}
      </button>
    </header>
    <FaultSaid :words="trouble"
      ><button
        type="button"
        class="link"
        @click="load"
      >
        Load it anew
      </button></FaultSaid
    >
    <section
      class="rolls wide"
      aria-label="Squad"
      tabindex="0"
    >
      <h2>
        Squad
        <span
          v-if="found"
          class="soft"
          >{{ counted(sheet.players.length, 'man', 'men') }}. Coordinators only; players see numbers and names on the
          board.</span
        >
      </h2>
      <SquadTable
        v-if="found"
        v-model="sheet"
        :accounts="found.accounts"
      />
      <p
        v-else-if="!trouble"
        class="empty"
        role="status"
      >
        Opening the roster.
      </p>
    </section>
    <section
      ref="chart"
      class="rolls wide"
      aria-label="Depth chart"
      tabindex="0"
    >
      <h2>Depth chart <span class="soft">first choice first; a man plays once</span></h2>
      <template
        v-for="g in groups"
        :key="g.title"
      >
        <h3>{{ g.title }}</h3>
        <ChartLine
          v-for="role in g.roles"
          :key="role.id"
          v-model="sheet"
          :role="role"
          :pairs="found!.pairs"
          :roles="found!.roles"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
.roster {
  --rows: auto auto minmax(0, 1fr);
  --columns: 500px minmax(0, 1fr);
}
.sound {
  color: var(--sound);
  font-weight: 600;
}
.fault {
  grid-column: 1 / 3;
  grid-row: 2;
  padding: 8px 20px;
}
section {
  grid-row: 3;
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
@media print {
  .roster {
    page: wide;
  }
}
</style>
