<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useBoard } from './boardStore'
import { spotWords } from './field'
import { readSnapWords } from './snapWords'
import SnapWord from './SnapWord.vue'

const board = useBoard()
const { snap, choices, calls, callId } = storeToRefs(board)
const typingOpen = ref(false)
const typed = ref('')
const unread = ref('')
const field = ref<HTMLInputElement>()

const HASHES = [
  { id: 'l', name: 'left hash' },
  { id: 'm', name: 'middle' },
  { id: 'r', name: 'right hash' },
]
const SIDES = [
  { id: 'false', name: 'right' },
  { id: 'true', name: 'left' },
]
const DOWNS = ['1st', '2nd', '3rd', '4th'].map((name, i) => ({ id: String(i + 1), name }))
const spots = computed(() => Array.from({ length: 99 }, (_, i) => ({ id: String(i + 1), name: spotWords(i + 1) })))
const distances = computed(() =>
  Array.from({ length: Math.min(30, snap.value.toGoal) }, (_, i) => ({
    id: String(i + 1),
    name: i + 1 === snap.value.toGoal ? 'goal' : String(i + 1),
  })),
)
const formations = computed(() => choices.value?.formations ?? [])
const motions = computed(() => [
  { id: '', name: 'no motion' },
  ...(formations.value.find((f) => f.id === snap.value.formation)?.motions ?? []),
])

async function open(): Promise<void> {
  typingOpen.value = true
  unread.value = ''
  await nextTick()
  field.value?.focus()
}
/** Words in any order: "trips left l 12 3&7 fog". */
function take(): void {
  const read = readSnapWords(typed.value, snap.value, formations.value, calls.value)
  Object.assign(snap.value, read.snap)
  if (read.call && read.call !== callId.value) void board.chooseCall(read.call)
  unread.value = read.unread.join(' ')
  if (!unread.value) close()
}
function close(): void {
  typingOpen.value = false
  typed.value = ''
}
defineExpose({ open })
/** Nobody has farther to go than the goal line. */
function spot(toGoal: number): void {
  snap.value.toGoal = toGoal
  snap.value.distance = Math.min(snap.value.distance, toGoal)
}
</script>

<template>
  <div class="snapline">
    <form
      v-if="typingOpen"
      class="typed"
      @submit.prevent="take"
      @keydown.esc.stop="close"
    >
      <input
        ref="field"
        v-model="typed"
        aria-label="Type a snap"
        placeholder="trips left, r, 12, 3&7, fog"
        @blur="!unread && close()"
      />
      <span
        v-if="unread"
        role="alert"
        >not understood: {{ unread }}. A formation, left or right, l m r for the hash, yards to goal, 3&amp;7, a motion
        or a call.</span
      >
      <span
        v-else
        class="soft"
        >Enter takes it, Escape leaves it</span
      >
    </form>
    <h1
      v-else
      class="sentence"
    >
      <SnapWord
        :value="snap.code"
        label="Rules code"
        :options="choices?.codes ?? []"
        @pick="snap.code = $event"
      />
      <em>· ball on</em>
      <SnapWord
        :value="String(snap.toGoal)"
        label="Ball spot"
        comma
        :options="spots"
        @pick="spot(Number($event))"
      />
      <SnapWord
        :value="snap.hash"
        label="Hash"
        :options="HASHES"
        @pick="snap.hash = $event"
      />
      <em>·</em>
      <SnapWord
        :value="String(snap.down)"
        label="Down"
        :options="DOWNS"
        @pick="snap.down = Number($event)"
      />
      <em>and</em>
      <SnapWord
        :value="String(snap.distance)"
        label="Distance"
        :options="distances"
        @pick="snap.distance = Number($event)"
      />
      <em>·</em>
      <SnapWord
        :value="snap.formation"
        label="Formation"
        :options="formations"
        @pick="snap.formation = $event"
      />
      <SnapWord
        :value="String(snap.mirrored)"
        label="Strong side"
        :options="SIDES"
        @pick="snap.mirrored = $event === 'true'"
      />
      <em
        v-if="snap.men"
        class="placed"
        >(men placed by hand)</em
      >
      <em>with</em>
      <SnapWord
        :value="snap.motion ?? ''"
        label="Motion"
        :options="motions"
        @pick="snap.motion = $event || undefined"
      />
      <em>— we call</em>
      <SnapWord
        :value="callId"
        label="Call"
        :options="calls"
        strong
        @pick="board.chooseCall($event)"
      />
    </h1>
  </div>
</template>

<style scoped>
.snapline {
  min-width: 0;
  flex: 1;
}
.sentence {
  font-size: 19px;
  line-height: 1.35;
  display: flex;
  flex-wrap: wrap;
  column-gap: 0.3em;
  align-items: baseline;
}
em {
  font-style: normal;
  color: var(--soft);
}
.typed {
  display: flex;
  gap: 12px;
  align-items: center;
}
.typed input {
  flex: 1;
  font: 500 19px/1.2 var(--serif);
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: transparent;
  color: var(--ink);
  padding: 4px 0;
}
.typed span {
  font-size: 13px;
}
</style>
