<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, client, problemOf } from '../api/client'
import type { Comparison, RunComparison } from '../api/types'
import { useBoard } from '../board/boardStore'
import FieldDrawing from '../board/field/FieldDrawing.vue'
import { flat, grouped } from '../board/findings'
import FormationWords from '../board/FormationWords.vue'
import { SIDES } from '../board/lineWords'
import RunBlocks from '../board/RunBlocks.vue'
import { callChoices, useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'

const board = useBoard()
const route = useRoute()
const router = useRouter()
const lists = useLists()
const { snap } = storeToRefs(board)
const { choices } = storeToRefs(lists)
const calls = computed(() => callChoices(lists.calls, lists.formation(snap.value.formation)))
const first = computed(() => String(route.query.first ?? 'anvil-drizzle'))
const second = computed(() => String(route.query.second ?? 'anvil-fog'))
const found = shallowRef<Comparison>()
const selected = ref<string>()
const trouble = ref('')
const play = ref('')
const left = ref(false)
const blocks = shallowRef<RunComparison>()
const runs = computed(() => [{ id: '', name: 'no run' }, ...(choices.value?.runs ?? [])])

async function compare(): Promise<void> {
  try {
    found.value = await answer(
      client.POST('/api/comparisons', { body: { snap: snap.value, first: first.value, second: second.value } }),
    )
    trouble.value = ''
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
/** The same run at both: what it meets in each. */
async function runAtBoth(): Promise<void> {
  blocks.value = undefined
  if (!play.value) return
  try {
    blocks.value = await answer(
      client.POST('/api/blocking-comparisons', {
        body: { snap: snap.value, first: first.value, second: second.value, play: play.value, left: left.value },
      }),
    )
  } catch (error) {
    trouble.value = problemOf(error).detail
  }
}
watch([first, second, snap, play, left], () => void runAtBoth(), { deep: true })
onMounted(async () => {
  if (!choices.value) await board.start()
})
watch([first, second, snap], () => void compare(), { immediate: true, deep: true })
function choose(which: 'first' | 'second', id: string): void {
  void router.replace({ query: { first: first.value, second: second.value, [which]: id } })
}
const men = computed(() => {
  const by = new Map<string, { job: string; name: string; label: string; rows: Comparison['rows'] }>()
  for (const row of found.value?.rows ?? [])
    by.set(row.job, { job: row.job, name: row.name, label: row.label, rows: [...(by.get(row.job)?.rows ?? []), row] })
  return [...by.values()]
})
const same = computed(() =>
  found.value ? found.value.first.jobs.filter((j) => !men.value.some((m) => m.job === j.id)).length : 0,
)
const gone = (which: 'first' | 'second', job: string): boolean =>
  !!found.value && !found.value[which].jobs.some((j) => j.id === job)
</script>

<template>
  <div class="view compare">
    <header class="view-head">
      <h1 class="sentence words">
        <RouterLink to="/playbook">Playbook</RouterLink> <em>· compare</em>
        <WordMenu
          :value="first"
          label="First call"
          :options="calls"
          strong
          @pick="choose('first', $event)"
        />
        <em>with</em>
        <WordMenu
          :value="second"
          label="Second call"
          :options="calls"
          strong
          @pick="choose('second', $event)"
        />
        <em>against</em>
        <FormationWords
          v-model:formation="snap.formation"
          v-model:mirrored="snap.mirrored"
        />
        <em>running</em>
        <WordMenu
          :value="play"
          label="Run"
          :options="runs"
          @pick="play = $event"
        />
        <WordMenu
          v-if="play"
          :value="String(left)"
          label="To which side"
          :options="SIDES"
          @pick="left = $event === 'true'"
        />
      </h1>
      <button
        type="button"
        class="button"
        @click="router.replace({ query: { first: second, second: first } })"
      >
        Turn round
      </button>
    </header>
    <p
      v-if="trouble"
      class="trouble"
      role="alert"
    >
      {{ trouble }}
    </p>
    <template v-if="found">
      <section
        v-for="which in ['first', 'second'] as const"
        :key="which"
        class="field"
      >
        <h2>
          {{ which === 'first' ? found.firstName : found.secondName }} <small>{{ found[which].box }}</small>
        </h2>
        <FieldDrawing
          :field="found.field"
          :sheet="found[which]"
          :listed="flat(grouped(found[which].findings, []))"
          from="offence"
          :layers="['areas']"
          :selected="selected"
          @pick="selected = $event"
        />
      </section>
      <section
        v-if="play"
        class="rolls wide table two"
        aria-label="Blocks side by side"
        tabindex="0"
      >
        <div
          v-for="which in ['first', 'second'] as const"
          :key="which"
        >
          <RunBlocks
            v-if="blocks?.[which]"
            :run="blocks[which]!"
            :jobs="found[which].jobs"
            :selected="selected"
            @pick="selected = $event"
          />
          <p
            v-else
            class="sum"
          >
            {{ blocks ? 'This formation cannot run it to that side against this front.' : 'Running it.' }}
          </p>
        </div>
      </section>
      <section
        v-else
        class="rolls wide table"
        aria-label="What differs"
        tabindex="0"
      >
        <p class="sum">
          <b>{{ men.length }}</b> {{ men.length === 1 ? 'man changes' : 'men change' }} a part,
          <b>{{ found.rows.length }}</b> parts in all; {{ same }} do the same in both.
        </p>
        <table>
          <thead>
            <tr>
              <th>Man</th>
              <th>Part</th>
              <th>{{ found.firstName }}</th>
              <th>{{ found.secondName }}</th>
            </tr>
          </thead>
          <tbody
            v-for="m in men"
            :key="m.job"
            :class="{ on: selected === m.job }"
            @click="selected = m.job"
          >
            <tr
              v-for="(r, i) in m.rows"
              :key="r.part"
            >
              <th
                v-if="!i"
                :rowspan="m.rows.length"
                scope="rowgroup"
              >
                {{ m.label }} <small>{{ m.name }}</small>
              </th>
              <td class="part">{{ r.part }}</td>
              <td>{{ gone('first', m.job) ? 'no such man' : r.first }}</td>
              <td>{{ gone('second', m.job) ? 'no such man' : r.second }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
.compare {
  --rows: auto minmax(0, 46%) minmax(0, 1fr);
  --columns: 1fr 1fr;
}
.field {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  height: var(--field-height, auto);
  min-height: 0;
  background: var(--field);
}
.field + .field {
  border-left: 2px solid var(--ink);
}
h2 {
  font: 700 16px/1 var(--narrow);
  padding: 8px 14px 4px;
}
h2 small {
  font-weight: 400;
  color: var(--soft);
}
.table {
  grid-column: 1 / 3;
  border-top: 2px solid var(--ink);
  padding: 6px 20px 16px;
  background: var(--card);
}
.sum {
  font-size: 14px;
  padding: 4px 0 8px;
}
table {
  width: 100%;
  border-collapse: collapse;
  font: 400 14px/1.35 var(--narrow);
}
thead th {
  text-align: left;
  font: 700 13px/1.2 var(--narrow);
  border-bottom: 1.5px solid var(--ink);
  padding: 4px 10px 4px 0;
  position: sticky;
  top: -6px;
  background: var(--card);
}
tbody {
  cursor: pointer;
}
tbody.on {
  background: var(--pick);
}
tbody th {
  text-align: left;
  vertical-align: top;
  font: 700 15px/1.3 var(--narrow);
  padding: 4px 10px 4px 4px;
  border-bottom: 1px solid var(--rule);
}
tbody th small {
  font-weight: 400;
  color: var(--soft);
}
td {
  padding: 3px 14px 3px 0;
  vertical-align: top;
  border-bottom: 1px solid var(--faint);
}
.part {
  color: var(--soft);
  width: 80px;
}
.trouble {
  grid-column: 1 / 3;
  color: var(--bust);
  font-weight: 600;
  padding: 14px 20px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
</style>
