<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, client, faultOf, problemOf } from '../api/client'
import type { PlaybookItem } from '../api/types'
import { useBoard } from '../board/boardStore'
import { useAtHand } from '../shell/atHand'
import { usePlaybook } from './playbookStore'
import CallParts from './CallParts.vue'
import CallPicture from './CallPicture.vue'
import { day } from '../words/day'
import EntryHistory from './EntryHistory.vue'
import { PLAY_KINDS } from './play/written'
import SketchDrawing from './SketchDrawing.vue'
import StandingForm from './StandingForm.vue'
import FaultSaid from '../shell/FaultSaid.vue'

const props = defineProps<{ item: PlaybookItem; mayWrite: boolean }>()
const playbook = usePlaybook()
const hand = useAtHand()
const board = useBoard()
const router = useRouter()
const naming = ref<{ what: string; layer?: string }>()
const name = ref('')
const isCall = computed(() => props.item.kind === 'call')
const { data: sheet, error } = useQuery({
  queryKey: computed(() => ['call', props.item.id, props.item.revision]),
  queryFn: () => answer(client.GET('/api/calls/{id}', { params: { path: { id: props.item.id }, query: {} } })),
  enabled: isCall,
})
const refused = ref('')
const trouble = computed(() => refused.value || faultOf(error.value))
const isWritten = computed(() => PLAY_KINDS.includes(props.item.kind))

async function lineUp(): Promise<void> {
  if (isCall.value) await board.chooseCall(props.item.id)
  else if (props.item.kind === 'formation') {
    await board.say({ formation: props.item.id })
    hand.use(props.item)
  }
  await router.push('/board')
}
async function keep(): Promise<void> {
  refused.value = ''
  try {
    if (naming.value?.layer) await playbook.lift(props.item, naming.value.layer, name.value)
    else playbook.selectedId = await playbook.duplicate(props.item, name.value)
    naming.value = undefined
    name.value = ''
  } catch (error) {
    refused.value = problemOf(error).detail
  }
}
function duplicate(): void {
  naming.value = { what: 'Duplicate as' }
  name.value = `${props.item.name} two`
}
function lift(layer: { kind: string; id: string }): void {
  naming.value = { what: `Keep this ${layer.kind} as`, layer: layer.id }
  name.value = ''
}
</script>

<template>
  <div class="detail">
    <h2>{{ item.name }}</h2>
    <p class="soft">
      {{ item.summary
      }}<template v-if="item.savedBy"
        >. Revision {{ item.revision }}, {{ item.savedBy }}, {{ day(item.savedAt) }}</template
      ><template v-else>. From the catalogue</template>.
    </p>
    <CallPicture
      v-if="isCall"
      :call="item.id"
    />
    <SketchDrawing
      v-else
      :sketch="item.sketch"
      :label="item.name"
      class="big"
    />
    <p class="acts">
      <button
        v-if="isCall || item.kind === 'formation'"
        type="button"
        class="button main"
        @click="lineUp"
      >
        Line it up
      </button>
      <RouterLink
        v-if="isWritten"
        class="button"
        :to="`/playbook/play/${item.kind}/${item.id}`"
        >{{ mayWrite ? (item.revision ? 'Change it' : 'Open, and keep as our own') : 'Open it' }}</RouterLink
      >
      <button
        type="button"
        class="button"
        :aria-pressed="hand.isFavourite(item)"
        @click="hand.turn(item)"
      >
        {{ hand.isFavourite(item) ? '★ A favourite' : '☆ Favourite' }} <span class="key">F</span>
      </button>
      <template v-if="isCall">
        <RouterLink
          class="button"
          :to="`/playbook/call/${item.id}`"
          >Its rules</RouterLink
        >
        <RouterLink
          class="button"
          :to="`/playbook/compare?first=${item.id}`"
          >Compare</RouterLink
        >
        <RouterLink
          class="button"
          :to="`/playbook/card/${item.id}`"
          >Install card</RouterLink
        >
        <button
          v-if="mayWrite"
          type="button"
          class="button"
          @click="duplicate()"
        >
          Duplicate
        </button>
      </template>
    </p>
    <form
      v-if="naming"
      class="naming"
      @submit.prevent="keep"
    >
      <label
        >{{ naming.what }}
        <input
          v-model="name"
          required
          aria-label="Name"
      /></label>
      <button
        class="button main"
        type="submit"
      >
        Keep
      </button>
      <button
        class="button"
        type="button"
        @click="naming = undefined"
      >
        Leave it
      </button>
    </form>
    <FaultSaid :words="trouble" />
    <StandingForm
      v-if="mayWrite"
      :item="item"
    />
    <CallParts
      v-if="sheet"
      :sheet="sheet"
      :may-write="mayWrite"
      @lift="lift"
    />
    <EntryHistory :item="item" />
  </div>
</template>

<style scoped>
h2 {
  font: 700 21px/1.2 var(--narrow);
}
.big {
  margin: 8px 0;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.acts a {
  text-decoration: none;
}
.naming {
  border: 1.5px solid var(--ink);
  padding: 8px;
  margin-top: 8px;
}
.naming input {
  font: 500 14px var(--text);
  width: 100%;
  margin: 4px 0 8px;
  padding: 5px;
  border: 1.5px solid var(--ink);
  background: var(--card);
  color: var(--ink);
}
.fault {
  font-size: 13px;
}
</style>
