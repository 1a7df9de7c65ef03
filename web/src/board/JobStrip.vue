<script setup lang="ts">
import { computed } from 'vue'
import type { JobRow, PartRow } from '../api/types'
import type { ViewFrom } from './field/field'

const props = defineProps<{
  jobs: JobRow[]
  selected?: string
  from: ViewFrom
  changed: Set<string>
  broken: Set<string>
  meant?: readonly string[]
}>()
defineEmits<{ pick: [job: string]; open: [job: string] }>()

const ROWS = ['key', 'reads', 'run', 'pass', 'technique'] as const
const ordered = computed(() => (props.from === 'offence' ? props.jobs : [...props.jobs].reverse()))
const part = (job: JobRow, name: string): PartRow => job.parts.find((p) => p.part === name)!

/** A lateral x depth pair stays on one line. */
const tight = (words: string): string => words.replaceAll(' x ', '\u00a0x\u00a0').replaceAll(' @ ', '\u00a0@\u00a0')

/** The rungs behind place, run and pass, each once, with the facts that held; the rules panel has the rest. */
function because(job: JobRow): { rung: string; facts: string }[] {
  const seen = new Map<string, string>()
  for (const name of ['align', 'run', 'pass']) {
    for (const reason of part(job, name).because)
      seen.set(
        reason.rung,
        reason.facts
          .filter((f) => f.answer === 'yes')
          .map((f) => f.fact)
          .join(', '),
      )
  }
  return [...seen].map(([rung, facts]) => ({ rung, facts }))
}
</script>

<template>
  <ol
    class="strip"
    aria-label="Jobs in the order the men stand"
  >
    <li
      v-for="job in ordered"
      :key="job.id"
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
        :data-job="job.id"
        @click="$emit('pick', job.id)"
        @dblclick="$emit('open', job.id)"
      >
        <span class="head"
          ><b>{{ job.label }}</b
          ><span>{{ job.name }}</span></span
        >
        <span
          v-if="job.player"
          :class="['man', { missing: !job.player.said }]"
          :title="[job.player.measured, ...job.player.notes].filter(Boolean).join('; ')"
          >{{ job.player.said || 'nobody'
          }}<template v-if="job.player.said && job.player.notes.length"> *</template></span
        >
        <span class="align">{{ tight(part(job, 'align').shown) }}</span>
        <span class="stance"
          >{{ part(job, 'stance').shown
          }}<template v-if="part(job, 'show').shown !== 'none'"
            >, shows {{ tight(part(job, 'show').shown) }}</template
          ></span
        >
        <span
          v-if="part(job, 'move').shown !== 'none'"
          class="part"
          ><span class="label">move</span> <b>{{ tight(part(job, 'move').shown) }}</b></span
        >
        <span
          v-for="name in ROWS"
          :key="name"
          class="part"
        >
          <span class="label">{{ name }}</span>
          <span :class="['value', { missing: part(job, name).given !== 'value' }]"
            ><i
              v-if="name === 'run'"
              class="tag run"
            /><i
              v-if="name === 'pass'"
              :class="['tag', job.kind]"
            />{{ tight(part(job, name).shown) }}</span
          >
        </span>
        <span class="part">
          <span class="label">because</span>
          <span
            v-for="(b, i) in because(job)"
            :key="b.rung"
            :class="{ because: true, first: i === 0 }"
            >{{ b.rung.split('/').slice(0, 3).join(' ') }}<template v-if="b.facts">: {{ b.facts }}</template></span
          >
        </span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  height: 100%;
  background: var(--card);
  overflow-y: auto;
  scrollbar-width: thin;
}
@media screen and (max-width: 760px) {
  .strip {
    grid-auto-columns: 124px;
    overflow-x: auto;
  }
}
li {
  border-right: 1px solid var(--rule);
}
li:last-child {
  border-right: 0;
}
button {
  all: unset;
  box-sizing: border-box;
  display: flex;
  flex-direction: column;
  justify-content: flex-start;
  width: 100%;
  min-height: 100%;
  padding: 8px 5px 8px 7px;
  cursor: pointer;
  font: 400 12.5px/1.22 var(--narrow);
  border-top: 4px solid transparent;
}
button:focus-visible {
  outline: 3px solid var(--accent);
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
  background: var(--pick);
  border-top-color: var(--accent);
  border-top-style: solid;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 4px;
}
.head b {
  font: 700 17px/1 var(--narrow);
}
.head span {
  color: var(--soft);
  text-align: right;
}
.man {
  display: block;
  font-weight: 600;
  line-height: 1.15;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.align {
  display: block;
  font-weight: 700;
  font-size: 13.5px;
  line-height: 1.15;
  min-height: 31px;
  margin-top: 3px;
}
.stance {
  display: block;
  color: var(--soft);
  padding-bottom: 3px;
  border-bottom: 1px solid var(--faint);
}
.part {
  display: block;
  margin-top: 2px;
}
.label {
  font-weight: 600;
  font-size: 12px;
  color: var(--soft);
  margin-right: 4px;
}
.missing {
  color: var(--bust);
  font-weight: 700;
}
.because {
  display: block;
  color: var(--soft);
  overflow-wrap: anywhere;
  line-height: 1.15;
}
.because.first {
  display: inline;
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
</style>
