<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, onMounted, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import WordMenu from '../words/WordMenu.vue'
import { useViewActions } from '../shell/actions/registry'
import { useAtHand } from '../shell/atHand'
import { useLists } from '../shell/lists'
import { useSession } from '../shell/session'
import ComposeCall from './ComposeCall.vue'
import DocumentLines from './DocumentLines.vue'
import EntryDetail from './EntryDetail.vue'
import ExchangeBar from './ExchangeBar.vue'
import { PLAY_KINDS } from './play/written'
import { documentFinds, listActions } from './playbookActions'
import { KINDS, STANDINGS, usePlaybook } from './playbookStore'
import StandingSaid from './StandingSaid.vue'
import FaultSaid from '../shell/FaultSaid.vue'

const playbook = usePlaybook()
const session = useSession()
const router = useRouter()
const { kind, standing, find, against, list, selected, selectedId, loading, problem, said } = storeToRefs(playbook)
const lists = useLists()
const hand = useAtHand()
lists.need()
const ANY = { id: '', name: 'any formation' }
const finder = useTemplateRef('finder')
const lines = useTemplateRef('lines')
const composing = ref(false)
const mayWrite = computed(() => session.me?.mayWrite ?? false)
const written = computed(() => PLAY_KINDS.includes(kind.value))
function begin(): void {
  if (written.value) void router.push(`/playbook/play/${kind.value}/new`)
  else composing.value = true
}
const beginPressure = (): void => void router.push('/playbook/pressure')
function openIt(item: { kind: string; id: string }): void {
  hand.use(item)
  if (item.kind === 'call') void router.push(`/playbook/call/${item.id}`)
  else if (PLAY_KINDS.includes(item.kind)) void router.push(`/playbook/play/${item.kind}/${item.id}`)
}
onMounted(() => playbook.load())

async function walk(by: number): Promise<void> {
  const at = list.value.findIndex((i) => i.id === selected.value?.id)
  const next = list.value[Math.max(0, Math.min(list.value.length - 1, at < 0 ? 0 : at + by))]
  if (!next) return
  selectedId.value = next.id
  await nextTick()
  lines.value?.follow()
}
useViewActions({
  title: 'Playbook',
  actions: listActions({
    walk: (by) => void walk(by),
    find: () => finder.value?.focus(),
    open: () => selected.value && openIt(selected.value),
    begin,
    beginPressure,
    picked: () => !!selected.value,
    favour: () => selected.value && hand.turn(selected.value),
    unsay: () => void playbook.unsay(),
    said: () => !!said.value,
  }),
  finds: () => documentFinds(playbook),
  quiet: () => composing.value,
})
function showKind(chosen: string): void {
  kind.value = chosen
  selectedId.value = ''
}
function endFind(): void {
  find.value = ''
  finder.value?.blur()
}
function toList(): void {
  finder.value?.blur()
  void walk(0)
}
function showAll(): void {
  standing.value = 'all'
  find.value = ''
  against.value = ''
}
</script>

<template>
  <div class="view playbook">
    <header class="view-head">
      <h1 class="sentence words">
        Playbook:
        <WordMenu
          :value="kind"
          label="Kind"
          :options="KINDS"
          strong
          @pick="showKind($event)"
        />
        <em>showing</em>
        <WordMenu
          :value="standing"
          label="Standing"
          :options="STANDINGS"
          @pick="standing = $event"
        />
        <template v-if="kind === 'call'"
          ><em>meant for</em>
          <WordMenu
            :value="against"
            label="Formation"
            :options="[ANY, ...lists.formations]"
            @pick="against = $event"
        /></template>
        <em class="soft count">{{ list.length }} {{ KINDS.find((k) => k.id === kind)?.name }}</em>
      </h1>
      <label class="find"
        ><span class="key">/</span>
        <input
          ref="finder"
          v-model="find"
          placeholder="cover 3, blitz, trips, a name"
          aria-label="Find"
          @keydown.esc="endFind()"
          @keydown.enter="toList()"
      /></label>
      <button
        v-if="mayWrite"
        type="button"
        class="button main"
        @click="begin()"
      >
        New {{ written ? kind : 'call' }} <span class="key">N</span>
      </button>
      <button
        v-if="mayWrite && !written"
        type="button"
        class="button"
        @click="beginPressure()"
      >
        New pressure <span class="key">B</span>
      </button>
      <ExchangeBar v-if="mayWrite" />
    </header>
    <section
      class="rolls"
      aria-label="Documents"
    >
      <FaultSaid :words="problem?.detail"
        ><button
          class="link"
          type="button"
          @click="playbook.load"
        >
          Look again
        </button></FaultSaid
      >
      <StandingSaid />
      <p
        v-if="loading"
        class="soft pad"
      >
        Opening the playbook.
      </p>
      <p
        v-else-if="!list.length"
        class="soft pad"
      >
        Nothing here.
        <button
          class="link"
          type="button"
          @click="showAll()"
        >
          Show everything
        </button>
      </p>
      <DocumentLines
        ref="lines"
        :list="list"
        :picked="selected?.id"
        :favourites="hand.favourites"
        :together="standing !== 'used'"
        @pick="selectedId = $event"
        @open="openIt"
      />
    </section>
    <aside
      :class="{ unpicked: !selectedId }"
      aria-label="The one in hand"
      tabindex="0"
    >
      <EntryDetail
        v-if="selected"
        :key="selected.kind + selected.id"
        :item="selected"
        :may-write="mayWrite"
      />
    </aside>
    <ComposeCall
      v-if="composing"
      @done="composing = false"
    />
  </div>
</template>

<style scoped>
.playbook {
  --columns: minmax(0, 1fr) minmax(300px, 46%);
}
.count {
  font: 400 14px var(--narrow);
}
.find {
  display: flex;
  gap: 6px;
  align-items: center;
}
.find input {
  font: 500 14px var(--text);
  border: 0;
  border-bottom: 1.5px solid var(--ink);
  background: transparent;
  color: var(--ink);
  padding: 5px 2px;
  width: 170px;
}
aside {
  padding: 12px 14px;
}
.pad {
  padding: 24px;
}
/* In a hand: the one picked, then the list; until one is picked the list alone. */
@container work (width <= 760px) or (height <= 480px) {
  .unpicked {
    display: none;
  }
  aside {
    order: 1;
    border-bottom: 2px solid var(--ink);
  }
  section {
    order: 2;
  }
}
.fault {
  padding: 14px 20px;
}
</style>
