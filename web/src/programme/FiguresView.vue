<script setup lang="ts">
import { onBeforeRouteLeave, useRoute } from 'vue-router'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { answer, client, faultOf, over } from '../api/client'
import type { Figure, FigureGroup } from '../api/types'
import { FIGURES } from '../shell/queries'
import { useSession } from '../shell/session'
import HouseTabs from './HouseTabs.vue'
import FigureLine from './FigureLine.vue'
import { keyOf, matching, measures, ours, wrong } from './figures'
import { usePutInForce } from './inForce'
import FaultSaid from '../shell/FaultSaid.vue'
import { counted } from '../words/counted'

/** What the engine measures by: each figure with its unit, its bounds and where it comes from, to be set by the programme. */
const session = useSession()
const kept = useQueryClient()
const { data: sheet, error, refetch } = useQuery(FIGURES)
const route = useRoute()
const asked = computed(() => String(route.query.find ?? ''))
const wanted = ref(asked.value)
watch(asked, (find) => (wanted.value = find))
const onlyOurs = ref(false)
/** The small ones are many: they are opened when they are asked for. */
const SMALL = ['snap-details', 'key-limits']
const opened = reactive(new Set<string>())
/** What is typed and not in force yet, by key. */
const typed = reactive<Record<string, string>>({})
const { said, trouble, put } = usePutInForce()
const fault = computed(() => trouble.value || faultOf(error.value))

const own = computed(() => new Set([...Object.keys(sheet.value?.own ?? {}), ...Object.keys(typed)]))
const found = computed(() => matching(sheet.value?.groups ?? [], wanted.value))
const shown = computed(() => (onlyOurs.value ? ours(found.value, own.value) : found.value))
const count = computed(() => shown.value.reduce((sum, g) => sum + g.figures.length, 0))
const changes = computed(() => Object.keys(typed).length)
const faulty = computed(() =>
  (sheet.value?.groups ?? []).reduce(
    (sum, g) => sum + g.figures.filter((f) => typed[keyOf(g, f)] !== undefined && wrong(f, typed[keyOf(g, f)]!)).length,
    0,
  ),
)
const does = computed(() => {
  if (faulty.value) return `${faulty.value} cannot be set so`
  return changes.value ? `Put ${changes.value} in force` : 'Nothing changed'
})
const folds = (group: FigureGroup): boolean => SMALL.includes(group.id) && !onlyOurs.value && !wanted.value.trim()
const open = (group: FigureGroup): boolean => !folds(group) || opened.has(group.id)

function turn(group: FigureGroup): void {
  if (!opened.delete(group.id)) opened.add(group.id)
}
function type(group: FigureGroup, figure: Figure, text: string): void {
  said.value = ''
  if (text.trim() && Number(text) === figure.value) delete typed[keyOf(group, figure)]
  else typed[keyOf(group, figure)] = text
}
const forget = (): void => Object.keys(typed).forEach((key) => delete typed[key])

/** What is typed stays: whoever is told that somebody was before him sees those figures and puts his own over them. */
async function again(): Promise<void> {
  trouble.value = ''
  await refetch()
}
const measure = (): Promise<void> =>
  put(async () => {
    const { version, groups, own: set } = sheet.value!
    const params = { header: over(version) }
    const body = { figures: measures(groups, set, typed) }
    kept.setQueryData(FIGURES.queryKey, await answer(client.PUT('/api/conventions/figures', { params, body })))
    forget()
  })
onBeforeRouteLeave(() => !changes.value || window.confirm('There are figures typed that are not in force. Leave them?'))
</script>

<template>
  <div class="view">
    <header class="view-head">
      <HouseTabs />
      <label
        >Find
        <input
          v-model="wanted"
          type="search"
          placeholder="rusher, shade, deep"
      /></label>
      <label
        ><input
          v-model="onlyOurs"
          type="checkbox"
        />
        Only what we set</label
      >
      <span
        v-if="said && !changes"
        class="sound"
        role="status"
        >{{ said }}</span
      >
      <button
        v-if="session.me?.mayWrite"
        type="button"
        class="button main"
        :disabled="!changes || !!faulty"
        @click="measure"
      >
        {{ does }}
      </button>
    </header>
    <section
      class="rolls wide"
      aria-label="Figures"
      tabindex="0"
    >
      <FaultSaid :words="fault"
        ><button
          type="button"
          class="link"
          @click="again"
        >
          Load them anew
        </button></FaultSaid
      >
      <p
        v-if="!sheet && !fault"
        class="empty"
        role="status"
      >
        Opening the figures.
      </p>
      <p
        v-if="sheet"
        class="soft"
        role="status"
      >
        {{ counted(count, 'figure') }}. Calls, findings, snaps and film are measured by them. What is not "common
        teaching" is our judgement, to be argued with: "model" a working figure, "ours" our own. What you set is in
        force for the whole programme at once, and everything is computed anew by it.<template v-if="sheet.chosenBy">
          Conventions and figures last set by {{ sheet.chosenBy }},
          {{ new Date(sheet.chosenAt!).toLocaleString() }}.</template
        >
      </p>
      <p
        v-if="sheet && onlyOurs && !count"
        class="empty"
      >
        Everything stands as it ships.
      </p>
      <table v-if="shown.length">
        <thead>
          <tr>
            <th scope="col">What it says</th>
            <th
              scope="col"
              class="number"
            >
              Value
            </th>
            <th scope="col">Allowed</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody
          v-for="g in shown"
          :key="g.id"
        >
          <tr>
            <th
              colspan="4"
              scope="rowgroup"
            >
              <button
                v-if="folds(g)"
                type="button"
                class="link"
                :aria-expanded="open(g)"
                @click="turn(g)"
              >
                {{ open(g) ? '−' : '+' }} {{ g.name }}, {{ g.figures.length }}
              </button>
              <template v-else>{{ g.name }}</template>
            </th>
          </tr>
          <template v-if="open(g)">
            <FigureLine
              v-for="f in g.figures"
              :key="f.id"
              :figure="f"
              :typed="typed[keyOf(g, f)]"
              :own="own.has(keyOf(g, f))"
              :may-write="!!session.me?.mayWrite"
              @type="type(g, f, $event)"
            />
          </template>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
section {
  padding: 12px 20px 24px;
}
.sound {
  color: var(--sound);
  font-weight: 600;
}
label {
  font-weight: 600;
}
input {
  font: 400 15px var(--text);
  background: var(--card);
  color: var(--ink);
}
input[type='search'] {
  padding: 6px 8px;
  margin-left: 6px;
  border: 1.5px solid var(--ink);
}
input[type='checkbox'] {
  accent-color: var(--ink);
}
table {
  border-collapse: collapse;
  margin-top: 10px;
  width: 100%;
  max-width: 1000px;
}
th {
  text-align: left;
  padding: 5px 22px 5px 0;
  border-bottom: 1px solid var(--rule);
}
thead th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
tbody th,
tbody th .link {
  font: 700 17px/1.3 var(--narrow);
}
tbody th {
  padding-top: 18px;
  border-bottom: 1.5px solid var(--ink);
}
p {
  max-width: 100ch;
}
@media print {
  label,
  .button {
    display: none;
  }
}
th.number {
  text-align: right;
}
</style>
