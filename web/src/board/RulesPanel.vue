<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { until, useDebounceFn } from '@vueuse/core'
import { useBoard } from './boardStore'
import type { RungRow } from '../api/types'
import { freshRung, ladderOf, layerOf, THIS_WEEK, weekOf, withEdit } from './draft'

defineProps<{ mayWrite: boolean }>()
const board = useBoard()
const { callSheet: lastSheet, callId, job, draft, tryProblem } = storeToRefs(board)
/** The sentences of the call on the board; none while they are on their way. */
const callSheet = computed(() => (lastSheet.value?.id === callId.value ? lastSheet.value : undefined))
const editing = ref<string>()
const text = ref('')
const area = ref<HTMLTextAreaElement[]>([])

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
const fault = computed(() => {
  const p = tryProblem.value
  if (!p || !editing.value) return undefined
  const own = p.problems?.find((x) => editing.value === `${x.document}/${x.where}`) ?? p.problems?.[0]
  return { message: own?.message ?? p.detail, at: own?.at ?? p.at ?? -1, expected: own?.expected ?? p.expected ?? [] }
})

async function edit(id: string, sentence: string): Promise<void> {
  editing.value = id
  text.value = sentence
  await nextTick()
  area.value[0]?.focus()
}
const attempt = useDebounceFn(() => {
  if (editing.value && text.value.trim()) board.trySentence({ rung: editing.value, sentence: text.value })
}, 200)
watch(text, attempt)
watch(job, (now, old) => {
  if (now?.id !== old?.id) cancel()
})

function cancel(): void {
  if (!editing.value) return
  editing.value = undefined
  board.trySentence(undefined)
}
function keep(): void {
  if (!editing.value || fault.value || !text.value.trim()) return
  const edit = { rung: editing.value, sentence: text.value.trim() }
  editing.value = undefined
  board.setDraft(withEdit(draft.value, edit))
}
/** An offered word goes in where the sentence stopped making sense. */
async function insert(word: string): Promise<void> {
  const at = fault.value && fault.value.at >= 0 ? fault.value.at : text.value.length
  const before = text.value.slice(0, at).replace(/\s*$/, '')
  text.value = `${before}${before && ![':', ';', ','].includes(word) ? ' ' : ''}${word} `
  await nextTick()
  area.value[0]?.focus()
}
/** Tab takes the first offered word. */
function complete(event: KeyboardEvent): void {
  const first = fault.value?.expected[0]
  if (!first || /^(a|an|the end|#1 to)\b/.test(first)) return
  event.preventDefault()
  void insert(first)
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
  const sheet = await until(callSheet).toMatch((s) => s !== undefined)
  if (job.value && sheet) await edit(freshRung(sheet, job.value.role, document), '')
}
defineExpose({ add, cancel, editing })
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
      class="button week"
      type="button"
      title="Stands above the call's own rungs until you take it out"
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
    <table
      v-if="job.reads.length"
      class="reads"
    >
      <caption>
        Reads:
        {{
          job.parts.find((p) => p.part === 'reads')?.shown
        }}
      </caption>
      <tr
        v-for="read in job.reads"
        :key="`${read.of} ${read.message}`"
      >
        <th scope="row">
          <small>{{ read.of }}</small> {{ read.message }}
        </th>
        <td>
          {{ read.words }} <small>{{ read.does }}</small>
        </td>
      </tr>
    </table>
    <details
      v-if="job.points.length"
      class="man"
    >
      <summary>Technique: {{ job.parts.find((p) => p.part === 'technique')?.shown }}</summary>
      <ul>
        <li
          v-for="point in job.points"
          :key="point"
          class="point"
        >
          {{ point }}
        </li>
      </ul>
    </details>
    <ol>
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
        <div
          v-if="editing === rung.id"
          class="editor"
        >
          <textarea
            ref="area"
            v-model="text"
            rows="4"
            :aria-label="`Sentence of ${rung.id}`"
            :aria-invalid="!!fault"
            spellcheck="false"
            @keydown.esc.stop.prevent="cancel"
            @keydown.enter.exact.prevent="keep"
            @keydown.tab.exact="complete"
          />
          <p
            v-if="fault"
            class="fault"
            role="alert"
          >
            {{ fault.message.split('; may follow')[0] }}<template v-if="fault.expected.length">. May follow:</template>
          </p>
          <p
            v-if="fault"
            class="offers"
          >
            <button
              v-for="word in fault.expected.slice(0, 16)"
              :key="word"
              type="button"
              @click="insert(word)"
            >
              {{ word }}
            </button>
          </p>
          <p
            v-else-if="text.trim()"
            class="fine"
          >
            Reads well; the board shows it already.
          </p>
          <p class="acts">
            <button
              class="button main"
              type="button"
              :disabled="!!fault || !text.trim()"
              @click="keep"
            >
              Keep <span class="key">Enter</span></button
            ><button
              class="button"
              type="button"
              @click="cancel"
            >
              Leave it <span class="key">Esc</span></button
            ><button
              v-if="rung.sentence"
              class="button"
              type="button"
              @click="takeOut(rung.id)"
            >
              Take it out
            </button>
          </p>
        </div>
        <button
          v-else-if="mayWrite"
          type="button"
          class="say"
          :aria-label="`Edit ${rung.id}`"
          @click="edit(rung.id, rung.sentence)"
        >
          {{ rung.sentence }}
        </button>
        <p
          v-else
          class="say"
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
summary {
  cursor: pointer;
  font-weight: 600;
}
.point {
  list-style: disc inside;
  border: 0;
  margin: 0;
  padding: 1px 0;
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
.reads {
  border-collapse: collapse;
  margin: 10px 0 4px;
  font: 400 13px/1.3 var(--narrow);
  width: 100%;
}
caption {
  text-align: left;
  font-weight: 600;
  padding-bottom: 3px;
}
.reads th {
  text-align: left;
  font-weight: 600;
  vertical-align: top;
  padding: 2px 8px 2px 0;
  white-space: nowrap;
}
.reads td {
  padding: 2px 0;
}
small {
  color: var(--soft);
  font-size: 12px;
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
  outline: 3px solid var(--accent);
}
.gave {
  font: 600 12.5px/1.3 var(--narrow);
}
.was {
  font: 400 12.5px/1.3 var(--narrow);
  color: var(--soft);
  text-decoration: line-through;
}
textarea {
  width: 100%;
  font: 500 14px/1.4 var(--serif);
  color: var(--ink);
  background: var(--card);
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  padding: 6px;
  resize: vertical;
}
.fault {
  color: var(--bust);
  font-size: 13px;
}
.fine {
  color: var(--sound);
  font-size: 13px;
}
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0;
  max-height: 120px;
  overflow: auto;
}
.offers button {
  font: 600 12.5px/1 var(--narrow);
  border: 1px solid var(--rule);
  background: var(--card);
  color: var(--ink);
  padding: 4px 6px;
  border-radius: 3px;
  cursor: pointer;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
.acts .button {
  white-space: nowrap;
}
</style>
