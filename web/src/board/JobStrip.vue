<script setup lang="ts">
import { computed } from 'vue'
import type { JobRow } from '../api/types'
import type { Layer } from './field/layers'
import type { ViewFrom } from './field/field'
import { because, part, tight } from './jobWords'
import { vHint } from '../shell/hint/hint'

const props = defineProps<{
  jobs: JobRow[]
  selected?: string
  from: ViewFrom
  layers: readonly Layer[]
  changed: Set<string>
  broken: Set<string>
  meant?: readonly string[]
}>()
defineEmits<{ pick: [job: string]; open: [job: string] }>()

const ROWS = ['move', 'key', 'reads', 'run', 'pass', 'technique'] as const
type Row = (typeof ROWS)[number]
/** What stands in every column: against the run, against the pass, or both, as the layers on the field. */
const fold = computed<Row[]>(() => {
  const run = props.layers.includes('gaps')
  const pass = props.layers.includes('areas')
  return run === pass ? ['run', 'pass'] : run ? ['run'] : ['pass']
})
/** What the open column adds; a part that is cut in the fold stands here in full. */
const rest = (job: JobRow): Row[] => ROWS.filter((name) => name !== 'move' || part(job, 'move').shown !== 'none')
const ordered = computed(() => (props.from === 'offence' ? props.jobs : [...props.jobs].reverse()))
/** One stop of Tab: the man in hand, or the first; Left and Right walk them. */
const stop = computed(() => (ordered.value.find((j) => j.id === props.selected) ?? ordered.value[0])?.id)
</script>

<template>
  <ol
    class="strip"
    aria-label="Jobs in the order the men stand"
  >
    <li
      v-for="(job, column) in ordered"
      :key="column"
      :class="{
        selected: job.id === selected,
        broken: broken.has(job.id),
        changed: changed.has(job.id),
        meant: meant?.includes(job.id),
      }"
    >
      <button
        type="button"
        :aria-pressed="job.id === selected"
        :tabindex="job.id === stop ? 0 : -1"
        :data-job="job.id"
        data-passes-keys
        @click="$emit('pick', job.id)"
        @dblclick="$emit('open', job.id)"
      >
        <span class="head"
          ><b>{{ job.label }}</b
          ><span
            v-if="job.player"
            v-hint="[job.player.measured, ...job.player.notes].filter(Boolean).join('; ')"
            :class="['player', { missing: !job.player.said }]"
            >{{ job.player.said || 'nobody'
            }}<template v-if="job.player.said && job.player.notes.length"> *</template></span
          ><span
            v-else
            class="player"
            >{{ job.name }}</span
          ></span
        >
        <span
          v-hint="part(job, 'align').shown"
          class="align"
          >{{ tight(part(job, 'align').shown) }}</span
        >
        <span
          v-for="name in fold"
          :key="name"
          v-hint="part(job, name).shown"
          :class="['line', { missing: part(job, name).given !== 'value' }]"
          ><i :class="['tag', name === 'run' ? 'run' : job.kind]" />{{ tight(part(job, name).shown) }}</span
        >
        <span class="more">
          <span class="part"
            ><b>{{ job.name }}</b
            ><span class="soft"
              >, {{ part(job, 'stance').shown
              }}<template v-if="part(job, 'show').shown !== 'none'"
                >, shows {{ tight(part(job, 'show').shown) }}</template
              ></span
            ></span
          >
          <span
            v-for="name in rest(job)"
            :key="name"
            class="part"
          >
            <span class="label">{{ name }}</span>
            <span :class="{ missing: part(job, name).given !== 'value' }">{{ tight(part(job, name).shown) }}</span>
          </span>
          <span class="part">
            <span class="label">because</span>
            <span
              v-for="b in because(job)"
              :key="b.rung"
              class="because"
              >{{ b.rung.split('/').slice(0, 3).join(' ') }}<template v-if="b.facts">: {{ b.facts }}</template
              >.
            </span>
          </span>
        </span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  display: flex;
  height: 100%;
  background: var(--card);
}
li {
  flex: 1 1 0;
  min-width: 0;
  border-right: 1px solid var(--rule);
}
li.selected {
  flex-grow: 4.4;
}
li:last-child {
  border-right: 0;
}
button {
  all: unset;
  box-sizing: border-box;
  display: flex;
  flex-direction: column;
  width: 100%;
  height: 100%;
  padding: 5px 4px 4px 7px;
  cursor: pointer;
  font: 400 13px/1.2 var(--narrow);
  border-top: 4px solid transparent;
  overflow: hidden;
}
button:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
.broken button {
  border-top-color: var(--bust);
}
.changed button {
  border-top: 4px double var(--ink);
}
.meant button {
  box-shadow: inset 0 0 0 3px var(--accent);
}
.selected button {
  display: grid;
  grid-template: auto auto 1fr / 116px minmax(0, 1fr);
  column-gap: 10px;
  align-content: start;
  background: var(--pick);
  border-top-color: var(--accent);
  border-top-style: solid;
}
.selected .more {
  grid-area: 1 / 2 / 5 / 3;
  display: block;
  columns: 2;
  column-gap: 12px;
  height: 100%;
  overflow-y: auto;
  scrollbar-width: thin;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 4px;
}
.head b {
  font: 700 18px/1.1 var(--narrow);
}
.player {
  color: var(--soft);
  font-weight: 600;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.align {
  font-weight: 700;
  font-size: 14px;
  line-height: 1.15;
  min-height: 32px;
  margin: 1px 0 2px;
}
.align,
.line {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  overflow: hidden;
}
.line {
  -webkit-line-clamp: 2;
  margin-top: 1px;
}
.more {
  display: none;
}
.part {
  display: block;
  break-inside: avoid;
}
.label {
  font-weight: 600;
  color: var(--soft);
  margin-right: 4px;
}
.missing {
  color: var(--bust);
  font-weight: 700;
}
.because {
  color: var(--soft);
  overflow-wrap: anywhere;
}
.tag {
  display: inline-block;
  width: 9px;
  height: 9px;
  margin-right: 4px;
  background: var(--run);
}
.tag.under {
  background: var(--under);
  clip-path: polygon(0 0, 100% 0, 100% 60%, 50% 100%, 0 60%);
}
.tag.deep {
  background: var(--deep);
  border-radius: 50%;
}
.tag.man {
  background: none;
  border: 2px double var(--man);
}
.tag.rush {
  background: var(--rush);
}
.tag.none {
  background: none;
  border: 1px dashed var(--soft);
}
@container work (width <= 760px) or (height <= 480px) {
  .strip {
    overflow-x: auto;
  }
  li {
    flex: 0 0 124px;
  }
  li.selected {
    flex-basis: 320px;
  }
}
/* Paper has no hand to open a column: everything stands there. */
@media print {
  button,
  .selected button {
    display: block;
  }
  .more,
  .selected .more {
    display: block;
    columns: 1;
    height: auto;
  }
  .align,
  .line {
    display: block;
  }
}
</style>
