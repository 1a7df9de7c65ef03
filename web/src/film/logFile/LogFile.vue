<script setup lang="ts">
import { InputNumber } from 'ant-design-vue'
import { computed, ref, useTemplateRef } from 'vue'
import type { GameSheet } from '../../api/types'
import FaultSaid from '../../shell/FaultSaid.vue'
import { counted } from '../../words/counted'
import WordMenu from '../../words/WordMenu.vue'
import { columnOf, COLUMNS, type ColumnId } from './logColumns'
import LogFaults from './LogFaults.vue'
import LogRows from './LogRows.vue'
import { useLogFile } from './useLogFile'

/** The log of a game from a file: what its columns are, what words in it mean, and what it makes of the plays. */
const props = defineProps<{ game: GameSheet }>()
const emit = defineEmits<{ taken: [] }>()
const file = useTemplateRef('file')
const said = ref('')
const { table, name, columns, out, first, fault, saving, now, read, open, close, say, means, leaveOut, take, along } =
  useLogFile(
    () => props.game,
    (plays) => {
      said.value = `${counted(plays, 'play')} taken in`
      emit('taken')
    },
  )
const COLUMN_WORDS = [{ id: '', name: 'not taken' }, ...COLUMNS.map(({ id, name }) => ({ id, name }))]
const FIRST_FEW = 3
const few = (at: number): string =>
  [...new Set(table.value!.rows.map((r) => r.cells[at]?.trim()).filter(Boolean))].slice(0, FIRST_FEW).join(' · ')
const changed = computed(() => read.value?.rows.filter((r) => r.play).length ?? 0)
const added = computed(() => (read.value?.rows.length ?? 0) - changed.value)
/** Words of which nobody said yet what they are. */
const toSay = computed(() => read.value?.asks.filter((a) => a.as === undefined) ?? [])
const ready = computed(() => !!read.value?.rows.length && !read.value.faults.length && !toSay.value.length)
const spared = computed(() => toSay.value.filter((a) => a.spared))
const sum = computed(() => {
  const parts = [
    added.value && `adds ${counted(added.value, 'play')}`,
    changed.value && `changes ${counted(changed.value, 'play')} that ${changed.value === 1 ? 'is' : 'are'} there`,
  ].filter(Boolean)
  const left = [
    read.value?.notOurs && `${counted(read.value.notOurs, 'row')} on which we did not defend`,
    out.size && `${counted(out.size, 'row')} you left out`,
  ].filter(Boolean)
  return `It ${parts.join(' and ') || 'has no play'}${left.length ? `, without ${left.join(' and ')}` : ''}.`
})

async function chosen(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const [one] = input.files ?? []
  said.value = ''
  if (one) await open(one)
  // the same file may be mended and taken again
  input.value = ''
}
function takeAlong(): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([along()], { type: 'text/csv' }))
  link.download = `${props.game.game.opponent} log.csv`
  link.click()
  URL.revokeObjectURL(link.href)
}
</script>

<template>
  <div
    class="file"
    role="group"
    aria-label="Log as a file"
  >
    <p class="ways">
      <button
        type="button"
        class="link"
        @click="file?.click()"
      >
        Take a log in from a file
      </button>
      <button
        v-if="game.plays.length"
        type="button"
        class="link"
        @click="takeAlong"
      >
        Take this log along as CSV
      </button>
      <span
        v-if="said"
        role="status"
        >{{ said }}</span
      >
      <input
        ref="file"
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        aria-label="Log file"
        hidden
        @change="chosen"
      />
    </p>
    <FaultSaid :words="fault" />
    <template v-if="table && read">
      <h3>{{ name }}: {{ counted(table.rows.length, 'row') }}</h3>
      <p>
        {{ sum }} The first row is play
        <InputNumber
          :value="first"
          :min="1"
          :max="game.plays.length + 1"
          :precision="0"
          size="small"
          aria-label="The first row is play"
          @change="first = Number($event) || first"
        />
      </p>
      <div
        class="scroll"
        tabindex="0"
        aria-label="Columns of the file"
      >
        <table class="columns">
          <thead>
            <tr>
              <th
                v-for="(head, at) in table.heads"
                :key="at"
                scope="col"
              >
                {{ head || `column ${at + 1}` }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td
                v-for="(head, at) in table.heads"
                :key="at"
                class="soft"
              >
                {{ few(at) }}
              </td>
            </tr>
            <tr>
              <td
                v-for="(head, at) in table.heads"
                :key="at"
              >
                <WordMenu
                  :value="columns[at] ?? ''"
                  :label="`Column ${head || at + 1}`"
                  :options="COLUMN_WORDS"
                  field
                  @pick="say(at, $event as ColumnId | '')"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="read.asks.length">
        <h3>{{ toSay.length ? 'Which is meant?' : 'As you said it' }}</h3>
        <ul class="asks">
          <li
            v-for="ask in read.asks"
            :key="ask.key"
          >
            <span
              ><template v-if="ask.words"
                ><b>{{ ask.words }}</b> in {{ columnOf(ask.column).name }}, {{ counted(ask.rows, 'row') }}</template
              ><template v-else
                >{{ counted(ask.rows, 'row') }} without <b>{{ columnOf(ask.column).name }}</b></template
              >:</span
            >
            <WordMenu
              :value="ask.as === '' ? '-' : (ask.as ?? '')"
              :label="`${columnOf(ask.column).name} ${ask.words}`"
              :options="ask.spared ? [{ id: '-', name: 'not said' }, ...ask.options] : ask.options"
              empty="choose"
              field
              @pick="means(ask, $event === '-' ? '' : $event)"
            />
          </li>
        </ul>
        <button
          v-if="spared.length > 1"
          class="button"
          type="button"
          @click="spared.forEach((a) => means(a, ''))"
        >
          Leave {{ spared.length }} of them unsaid
        </button>
      </div>
      <LogFaults
        :faults="read.faults"
        @leave-out="leaveOut"
      />
      <LogRows
        v-if="ready"
        :rows="read.rows"
        :now="now"
      />
      <p class="ways">
        <button
          class="button main"
          type="button"
          :disabled="!ready || saving"
          @click="take"
        >
          Take {{ counted(read.rows.length, 'play') }} in
        </button>
        <button
          class="button"
          type="button"
          @click="close"
        >
          Not now
        </button>
        <span
          v-if="!ready && read.rows.length"
          class="soft"
          >Nothing is taken in before every cell is understood.</span
        >
      </p>
    </template>
  </div>
</template>

<style scoped>
.file,
.file > div {
  display: grid;
  gap: 10px;
  justify-items: start;
  width: 100%;
  min-width: 0;
  grid-template-columns: minmax(0, 1fr);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
h3 {
  font: 700 15px var(--narrow);
}
.button:disabled {
  opacity: 0.45;
}
.scroll {
  overflow-x: auto;
  max-width: 100%;
}
.columns {
  border-collapse: collapse;
}
.columns th,
.columns td {
  border: 1px solid var(--rule);
  padding: 4px 8px;
  text-align: left;
  vertical-align: top;
  max-width: 170px;
  font: 400 13px var(--narrow);
}
.columns th {
  font-weight: 700;
}
.asks {
  display: grid;
  gap: 6px;
  padding: 0;
  list-style: none;
}
.asks li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: baseline;
}
</style>
