<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { storeToRefs } from 'pinia'
import type { SnapWords } from '../api/types'
import { callChoices, useLists } from '../shell/lists'
import { useBoard } from './boardStore'
import { menuWords } from './drafts'
import { DOWNS, HASHES, lineWords, SIDES } from './lineWords'
import { plain } from './snapPhrases'
import { readSnapWords } from './snapWords'
import WordMenu from '../words/WordMenu.vue'
import { vHint } from '../shell/hint/hint'

const board = useBoard()
const lists = useLists()
const { snap, callId } = storeToRefs(board)
const { choices, calls } = storeToRefs(lists)
const typingOpen = ref(false)
const typed = ref('')
const field = ref<HTMLInputElement>()
const form = ref<HTMLFormElement>()
const MOST_OFFERED = 7

const distances = computed(() =>
  Array.from({ length: Math.min(30, snap.value.toGoal) }, (_, i) => ({
    id: String(i + 1),
    name: i + 1 === snap.value.toGoal ? 'goal' : String(i + 1),
  })),
)
const motions = computed(() => [
  { id: '', name: 'no motion' },
  ...(lists.formation(snap.value.formation)?.motions ?? []),
])

const callMenu = computed(() => menuWords(board.kept, callChoices(calls.value, lists.formation(snap.value.formation))))

async function open(): Promise<void> {
  typingOpen.value = true
  await nextTick()
  field.value?.focus()
}
const now = computed(() => ({
  snap: snap.value,
  call: callId.value,
  choices: choices.value,
  calls: calls.value,
}))
/** What the line will be; read anew with every letter. */
const read = computed(() => (typed.value.trim() ? readSnapWords(typed.value, now.value) : undefined))
const ready = computed(() => !!read.value && !read.value.unread.length && !read.value.ties.length)
const tie = computed(() => read.value?.ties[0])
const preview = computed(() =>
  read.value ? lineWords(read.value.snap, read.value.call, choices.value, calls.value) : '',
)
async function take(): Promise<void> {
  if (!read.value || !ready.value) return
  const { snap: next, call } = read.value
  close()
  await board.setLine(next, call)
}
/** One of several names that fit takes the place of the words it was meant by. */
function settle(words: string, name: string): void {
  const text = plain(typed.value)
  typed.value = text.includes(words) && words ? text.replace(words, plain(name)) : `${text} ${plain(name)}`
  field.value?.focus()
}
function close(): void {
  typingOpen.value = false
  typed.value = ''
}
/** Nothing typed is thrown away by a click elsewhere. */
function left(event: FocusEvent): void {
  const inside = event.relatedTarget instanceof Node && form.value?.contains(event.relatedTarget)
  if (!inside && !typed.value.trim()) close()
}
defineExpose({ open })
/** What each menu says of the line. */
const SAID: Record<string, (id: string) => Partial<SnapWords>> = {
  code: (code) => ({ code }),
  spot: (id) => ({ toGoal: Number(id) }),
  hash: (hash) => ({ hash }),
  down: (id) => ({ down: Number(id) }),
  distance: (id) => ({ distance: Number(id) }),
  formation: (formation) => ({ formation }),
  side: (id) => ({ mirrored: id === 'true' }),
  motion: (id) => ({ motion: id || undefined }),
}
/** What is looked at in a menu is asked before it is taken. */
const menu = (word: keyof typeof SAID) => ({
  onPick: (id: string) => void board.say(SAID[word]!(id)),
  onLook: (id: string) => board.look(SAID[word]!(id)),
})
</script>

<template>
  <div class="snapline">
    <form
      v-if="typingOpen"
      ref="form"
      class="typed"
      @submit.prevent="take"
      @keydown.esc.stop="close"
      @focusout="left"
    >
      <input
        ref="field"
        v-model="typed"
        aria-label="Type a snap"
        aria-describedby="snap-preview"
        placeholder="trips open left, right hash, +12, 3rd and 7, anvil fog"
        autocomplete="off"
        spellcheck="false"
      />
      <p
        id="snap-preview"
        class="preview"
        role="status"
      >
        <template v-if="read?.unread.length"
          ><b class="fault">not understood: {{ read.unread.join(', ') }}.</b> A formation, left or right, a hash, a spot
          as 12, +12, own 38 or midfield, 3rd and 7, a motion, rules or a call.</template
        >
        <template v-else-if="tie"
          ><b>“{{ tie.words }}”</b> is:
          <button
            v-for="n in tie.names.slice(0, MOST_OFFERED)"
            :key="`${n.kind} ${n.id}`"
            type="button"
            class="button"
            @click="settle(tie.words, n.name)"
          >
            {{ n.name }}
          </button>
          <span v-if="tie.names.length > MOST_OFFERED">and {{ tie.names.length - MOST_OFFERED }} more</span></template
        >
        <template v-else-if="ready"
          ><span class="soft">will be</span> {{ preview }}
          <span class="soft">Enter takes it, Escape leaves it.</span></template
        >
        <span
          v-else
          class="soft"
          >Words in any order. Enter takes them, Escape leaves the line as it is.</span
        >
      </p>
    </form>
    <h1
      v-else
      class="sentence"
    >
      <WordMenu
        :value="snap.code"
        label="Rules code"
        :options="choices?.codes ?? []"
        v-bind="menu('code')"
      />
      <em>· ball on</em>
      <WordMenu
        :value="String(snap.toGoal)"
        label="Ball spot"
        comma
        :options="lists.spots"
        v-bind="menu('spot')"
      />
      <WordMenu
        :value="snap.hash"
        label="Hash"
        :options="HASHES"
        v-bind="menu('hash')"
      />
      <em>·</em>
      <WordMenu
        :value="String(snap.down)"
        label="Down"
        :options="DOWNS"
        v-bind="menu('down')"
      />
      <em>and</em>
      <WordMenu
        :value="String(snap.distance)"
        label="Distance"
        :options="distances"
        v-bind="menu('distance')"
      />
      <em>·</em>
      <WordMenu
        :value="snap.formation"
        label="Formation"
        :options="lists.formations"
        v-bind="menu('formation')"
      />
      <WordMenu
        :value="String(snap.mirrored)"
        label="Strong side"
        :options="SIDES"
        v-bind="menu('side')"
      />
      <em
        v-if="snap.men"
        class="placed"
        >(men placed by hand)</em
      >
      <em>with</em>
      <WordMenu
        :value="snap.motion ?? ''"
        label="Motion"
        :options="motions"
        v-bind="menu('motion')"
      />
      <em>— we call</em>
      <WordMenu
        :value="callId"
        label="Call"
        :options="callMenu"
        strong
        @pick="board.chooseCall($event)"
        @look="board.look({}, $event)"
      />
      <button
        v-if="board.mayGoBack"
        v-hint="'Back to the line before (Z)'"
        type="button"
        class="back"
        aria-label="Back to the line before"
        @click="board.lineBack"
      >
        <span class="key">↶ Z</span>
      </button>
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
  display: grid;
  gap: 4px;
}
.typed input {
  font: 500 19px/1.2 var(--serif);
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: transparent;
  color: var(--ink);
  padding: 4px 0;
}
.preview {
  font-size: 13px;
  min-height: 30px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: baseline;
}
.preview .button {
  padding: 4px 7px;
}
.back {
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
}
</style>
