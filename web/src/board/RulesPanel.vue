<script setup lang="ts">
import { computed, nextTick, ref, watch, useTemplateRef } from 'vue'
import { storeToRefs } from 'pinia'
import { until } from '@vueuse/core'
import { useBoard } from './boardStore'
import type { RungRow } from '../api/types'
import SentenceEditor from './SentenceEditor.vue'
import TaughtPanel from './TaughtPanel.vue'
import { freshRung, ladderOf, layerOf, THIS_WEEK, weekOf, withEdit } from './draft'
import { vHint } from '../shell/hint/hint'

defineProps<{ mayWrite: boolean }>()
const board = useBoard()
const { callSheet: lastSheet, callId, job, draft } = storeToRefs(board)
/** The sentences of the call on the board; none while they are on their way. */
const callSheet = computed(() => (lastSheet.value?.id === callId.value ? lastSheet.value : undefined))
/** The ladder of a call that does not come by then will not come: the keys are the board's again. */
const PATIENCE_MILLIS = 5000
const editing = ref<string>()
/** A rung was asked for and its place is not open yet: what is typed now is meant for it. */
const waiting = ref(false)

const ladder = computed(() => {
  if (!callSheet.value || !job.value) return []
  const rungs = ladderOf(callSheet.value, job.value.role)
  const fresh: RungRow[] =
    editing.value && !rungs.some((r) => r.id === editing.value)
      ? [{ id: editing.value, layer: layerOf(editing.value), sentence: '', added: true }]
      : []
  return [...fresh, ...rungs]
})
/** What each rung gave on this snap. */
const gave = computed(() => {
  const by = new Map<string, string[]>()
  for (const part of job.value?.parts ?? [])
    for (const reason of part.because) by.set(reason.rung, [...(by.get(reason.rung) ?? []), part.part])
  return by
})
const facts = computed(() => {
  const by = new Map<string, string>()
  for (const part of job.value?.parts ?? [])
    for (const reason of part.because) by.set(reason.rung, reason.facts.map((f) => `${f.fact}: ${f.answer}`).join(', '))
  return by
})
watch(job, (now, old) => {
  if (now?.id !== old?.id) cancel()
})

function cancel(): void {
  if (!editing.value) return
  editing.value = undefined
  board.trySentence(undefined)
}
function keep(rung: string, sentence: string): void {
  editing.value = undefined
  board.setDraft(withEdit(draft.value, { rung, sentence }))
}
function takeOut(id: string): void {
  editing.value = undefined
  board.setDraft(withEdit(draft.value, { rung: id, sentence: '' }))
}
const week = computed(() => (callSheet.value ? weekOf(callSheet.value) : []))
function endWeek(): void {
  board.setDraft(week.value.reduce((d, rung) => withEdit(d, { rung, sentence: '' }), draft.value))
}
/** A call just chosen has its sentences a moment later: a rung of its own is written then, never into the call before. */
async function add(document?: string): Promise<void> {
  waiting.value = true
  const sheet = await until(callSheet).toMatch((s) => s !== undefined, { timeout: PATIENCE_MILLIS })
  if (job.value && sheet) editing.value = freshRung(sheet, job.value.role, document)
  await nextTick()
  waiting.value = false
}
const rungs = useTemplateRef('rungs')
/** The hand goes to the rung that gives his job, or to his first. */
function toFirst(): void {
  const first =
    rungs.value?.querySelector<HTMLElement>('.fires .say') ?? rungs.value?.querySelector<HTMLElement>('.say')
  first?.focus()
}
defineExpose({ add, cancel, editing, waiting, toFirst })
</script>

<template>
  <div v-if="job">
    <h2>
      <span
        >Rules of {{ job.label }} <span class="soft">{{ job.name }}</span></span
      ><span class="soft">first that fits gives each part</span>
    </h2>
    <p
      v-if="job.player?.said"
      class="man"
    >
      <b>{{ job.player.said }}</b><template v-if="job.player.measured">, {{ job.player.measured }}</template>
    </p>
    <p
      v-for="note in job.player?.notes ?? []"
      :key="note"
      class="man"
    >
      {{ note }}
    </p>
    <button
      v-if="mayWrite && !editing"
      class="button"
      type="button"
      @click="add()"
    >
      Add a rung <span class="key">A</span>
    </button>
    <button
      v-if="mayWrite && !editing"
      v-hint="'Stands above the call’s own rungs until you take it out'"
      class="button week"
      type="button"
      @click="add(THIS_WEEK)"
    >
      This week <span class="key">W</span>
    </button>
    <p
      v-if="week.length"
      class="man"
    >
      {{ week.length }} for this week in this call.
      <button
        v-if="mayWrite"
        type="button"
        class="link"
        @click="endWeek"
      >
        The week is over: take {{ week.length === 1 ? 'it' : 'them' }} out
      </button>
    </p>
    <TaughtPanel :job="job" />
    <ol ref="rungs">
      <li
        v-for="rung in ladder"
        :key="rung.id"
        :class="{ fires: gave.has(rung.id) }"
      >
        <p class="id">
          <b>{{ rung.layer }}</b> {{ rung.id
          }}<span
            v-if="rung.saved || rung.added"
            class="unsaved"
          >
            not saved</span
          >
        </p>
        <SentenceEditor
          v-if="editing === rung.id"
          :rung="rung"
          @keep="keep(rung.id, $event)"
          @leave="cancel"
          @take-out="takeOut(rung.id)"
        />
        <button
          v-else-if="mayWrite"
          type="button"
          class="say"
          :aria-label="`Edit ${rung.id}`"
          @click="editing = rung.id"
        >
          {{ rung.sentence }}
        </button>
        <p
          v-else
          class="say"
          tabindex="-1"
        >
          {{ rung.sentence }}
        </p>
        <p
          v-if="rung.saved"
          class="was"
        >
          was: {{ rung.saved }}
        </p>
        <p
          v-if="gave.has(rung.id)"
          class="gave"
        >
          gives {{ gave.get(rung.id)!.join(', ') }} now<span
            v-if="facts.get(rung.id)"
            class="soft"
            >, as {{ facts.get(rung.id) }}</span
          >
        </p>
      </li>
    </ol>
  </div>
  <p
    v-else
    class="soft"
  >
    Pick a man on the field or in the strip to read and change his rules.
  </p>
</template>

<style scoped>
h2 {
  font: 700 15px/1.3 var(--narrow);
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding-bottom: 8px;
}
.soft {
  font-weight: 400;
}
.man {
  font: 400 13.5px/1.35 var(--narrow);
  padding-bottom: 5px;
}
ol {
  margin-top: 8px;
}
.week {
  margin-left: 6px;
}
li {
  border-top: 1px solid var(--rule);
  padding: 7px 0 8px 10px;
  border-left: 4px solid transparent;
  margin-top: 4px;
}
.fires {
  border-left-color: var(--accent);
}
.id {
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
}
.unsaved {
  color: var(--bust);
  font-weight: 600;
}
.say {
  all: unset;
  display: block;
  font: 500 14px/1.4 var(--serif);
  cursor: text;
}
p.say {
  cursor: default;
}
button.say:hover {
  text-decoration: underline;
  text-decoration-color: var(--rule);
}
button.say:focus-visible {
  outline: 3px solid var(--ink);
}
.gave {
  font: 600 12.5px/1.3 var(--narrow);
}
.was {
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
  text-decoration: line-through;
}
</style>
