<script setup lang="ts">
import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import type { SnapWords } from '../api/types'
import { callChoices, useLists } from '../shell/lists'
import { useBoard } from './boardStore'
import { menuWords } from './drafts'
import { DOWNS, HASHES, SIDES } from './lineWords'
import TypedLine from './TypedLine.vue'
import WordMenu from '../words/WordMenu.vue'
import { vHint } from '../shell/hint/hint'

const board = useBoard()
const lists = useLists()
const { snap, callId } = storeToRefs(board)
const { choices, calls } = storeToRefs(lists)
const typing = ref(false)

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

const open = (): void => void (typing.value = true)
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
    <TypedLine
      v-if="typing"
      @close="typing = false"
    />
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
        after=","
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
.back {
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
}
</style>
