<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, client, faultOf } from '../api/client'
import { useBoard } from '../board/boardStore'
import FieldDrawing from '../board/field/FieldDrawing.vue'
import { flat, grouped } from '../board/findings'
import FormationWords from '../board/FormationWords.vue'
import { SIDES } from '../board/lineWords'
import RunBlocks from '../board/RunBlocks.vue'
import { callChoices, useLists } from '../shell/lists'
import WordMenu from '../words/WordMenu.vue'
import DifferingParts from './DifferingParts.vue'
import FaultSaid from '../shell/FaultSaid.vue'

const board = useBoard()
const route = useRoute()
const router = useRouter()
const lists = useLists()
const { snap } = storeToRefs(board)
const { choices } = storeToRefs(lists)
const calls = computed(() => callChoices(lists.calls, lists.formation(snap.value.formation)))
const first = computed(() => String(route.query.first ?? 'anvil-drizzle'))
const second = computed(() => String(route.query.second ?? 'anvil-fog'))
const selected = ref<string>()
const play = ref('')
const left = ref(false)
const runs = computed(() => [{ id: '', name: 'no run' }, ...(choices.value?.runs ?? [])])
const both = computed(() => ({ snap: { ...snap.value }, first: first.value, second: second.value }))
const { data: found, error } = useQuery({
  queryKey: computed(() => ['comparison', both.value]),
  queryFn: () => answer(client.POST('/api/comparisons', { body: both.value })),
  placeholderData: keepPreviousData,
})
/** The same run at both: what it meets in each. */
const { data: blocks, error: notRun } = useQuery({
  queryKey: computed(() => ['blocking comparison', both.value, play.value, left.value]),
  queryFn: () =>
    answer(client.POST('/api/blocking-comparisons', { body: { ...both.value, play: play.value, left: left.value } })),
  enabled: computed(() => !!play.value),
})
const trouble = computed(() => faultOf(error.value ?? notRun.value))
onMounted(async () => {
  if (!choices.value) await board.start()
})
function choose(which: 'first' | 'second', id: string): void {
  void router.replace({ query: { first: first.value, second: second.value, [which]: id } })
}
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
        <FormationWords />
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
    <FaultSaid :words="trouble" />
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
        <DifferingParts
          :found="found"
          :selected="selected"
          @pick="selected = $event"
        />
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
.fault {
  grid-column: 1 / 3;
  padding: 14px 20px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
</style>
