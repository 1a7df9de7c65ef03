<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { answer, client, problemOf, type Problem } from '../api/client'
import type { ImportRow } from '../api/types'
import { usePlaybook } from './playbookStore'

const playbook = usePlaybook()
const file = ref<HTMLInputElement>()
const exports = useTemplateRef('exports')
/** Closed by Escape, which gives the hand back, and when the hand goes elsewhere. */
function shut(back: boolean): void {
  exports.value?.removeAttribute('open')
  if (back) exports.value?.querySelector('summary')?.focus()
}
function left(event: FocusEvent): void {
  const to = event.relatedTarget
  if (!(to instanceof Node && exports.value?.contains(to))) shut(false)
}
const open = ref(false)
const text = ref('')
const name = ref('')
const rows = shallowRef<ImportRow[]>([])
const problem = ref<Problem>()
const done = ref(false)
const SIGNS = { new: 'new', changed: 'changed', same: 'same', conflict: 'in conflict' }
const blocked = computed(() => rows.value.some((r) => r.state === 'conflict'))
const worth = computed(() => rows.value.filter((r) => r.state === 'new' || r.state === 'changed').length)

async function look(event: Event): Promise<void> {
  const chosen = (event.target as HTMLInputElement).files?.[0]
  if (!chosen) return
  name.value = chosen.name
  text.value = await chosen.text()
  rows.value = []
  problem.value = undefined
  done.value = false
  open.value = true
  try {
    rows.value = await answer(client.POST('/api/exchange/previews', { body: { text: text.value } }))
  } catch (error) {
    problem.value = problemOf(error)
  }
  if (file.value) file.value.value = ''
}
async function take(): Promise<void> {
  try {
    await answer(client.POST('/api/exchange/imports', { body: { text: text.value, rows: rows.value } }))
    done.value = true
    await playbook.load()
  } catch (error) {
    problem.value = problemOf(error)
  }
}
</script>

<template>
  <span class="exchange">
    <details
      ref="exports"
      @keydown.esc.stop="shut(true)"
      @focusout="left"
    >
      <summary class="button">Export</summary>
      <span class="menu"
        ><a
          tabindex="0"
          href="/api/exchange?what=own"
          download
          >our own</a
        ><a
          tabindex="0"
          href="/api/exchange?what=formations"
          download
          >formations</a
        ><a
          tabindex="0"
          href="/api/exchange?what=all"
          download
          >everything</a
        ><a
          tabindex="0"
          href="/api/exchange/schema"
          download="playbook.schema.json"
          >the schema</a
        ></span
      >
    </details>
    <label
      class="button"
      tabindex="0"
      @keydown.enter="file?.click()"
      >Import<input
        ref="file"
        type="file"
        accept="application/json,.json"
        aria-label="Import a playbook"
        @change="look"
    /></label>
    <Modal
      :open="open"
      :title="`Import ${name}`"
      :footer="null"
      :width="620"
      @cancel="open = false"
    >
      <div
        v-if="problem"
        class="fault"
        role="alert"
      >
        <p v-if="!problem.problems?.length">{{ problem.detail }}</p>
        <p
          v-for="(p, i) in (problem.problems ?? []).slice(0, 8)"
          :key="i"
        >
          {{ p.document }} {{ p.where }}: {{ p.message }}
        </p>
      </div>
      <p
        v-if="done"
        role="status"
      >
        Imported: {{ worth }} {{ worth === 1 ? 'document' : 'documents' }}, as your drafts where they are new.
      </p>
      <template v-else-if="rows.length">
        <p>
          Nothing is written yet. {{ worth }} would be new or changed<template v-if="blocked"
            >; names in conflict must be changed in the file first</template
          >.
        </p>
        <table>
          <tbody>
            <tr
              v-for="r in rows"
              :key="r.kind + r.id"
              :class="r.state"
            >
              <th scope="row">{{ SIGNS[r.state] }}</th>
              <td>
                {{ r.kind }} <b>{{ r.name }}</b>
              </td>
              <td>{{ r.message }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <p class="acts">
        <button
          v-if="!done && rows.length"
          type="button"
          class="button main"
          :disabled="blocked || !worth"
          @click="take"
        >
          Import all of it</button
        ><button
          type="button"
          class="button"
          @click="open = false"
        >
          {{ done ? 'Good' : 'Leave it' }}
        </button>
      </p>
    </Modal>
  </span>
</template>

<style scoped>
.exchange {
  display: flex;
  gap: 8px;
  position: relative;
}
summary {
  list-style: none;
}
summary::-webkit-details-marker {
  display: none;
}
.menu {
  position: absolute;
  right: 0;
  top: 40px;
  z-index: 5;
  background: var(--card);
  border: 1.5px solid var(--ink);
  display: grid;
  padding: 6px 0;
}
.menu a {
  padding: 6px 14px;
  color: var(--ink);
  text-decoration: none;
  font-size: 14px;
  white-space: nowrap;
}
.menu a:hover,
.menu a:focus {
  background: var(--pick);
}
input[type='file'] {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
label.button {
  cursor: pointer;
}
table {
  width: 100%;
  border-collapse: collapse;
  font: 400 14px/1.4 var(--narrow);
  margin: 10px 0;
}
th {
  text-align: left;
  width: 90px;
}
td,
th {
  border-bottom: 1px solid var(--rule);
  padding: 4px 8px 4px 0;
  vertical-align: top;
}
.conflict th {
  color: var(--bust);
}
.new th,
.changed th {
  color: var(--sound);
}
.same {
  color: var(--soft);
}
.acts {
  display: flex;
  gap: 8px;
  margin-top: 10px;
}
</style>
