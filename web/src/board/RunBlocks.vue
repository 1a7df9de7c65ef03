<script setup lang="ts">
import type { JobRow, RunSheet } from '../api/types'
import KeyRows from './KeyRows.vue'

/** The blocking ledger of one run: gaps against men, each block with what decides it, and who is free when. */
const props = defineProps<{ run: RunSheet; jobs: readonly JobRow[]; selected?: string }>()
defineEmits<{ pick: [job: string] }>()
const label = (id: string): string => props.jobs.find((j) => j.id === id)?.label ?? id
const labels = (ids: readonly string[]): string => ids.map(label).join(', ')
const DELAYS: Record<string, string> = {
  boot: ', holds for the boot',
  motion: ', on the move with the motion',
  none: '',
}
</script>

<template>
  <section
    class="blocks"
    aria-label="Blocks"
  >
    <h3>
      {{ run.name }} {{ run.side }}
      <span class="soft"
        >ball at the line in {{ run.ballSeconds.toFixed(1) }} s (model);
        {{ run.outcome === 'even' ? 'even at the point' : `the ${run.outcome} wins the point` }}</span
      >
    </h3>
    <p v-if="!run.blocks.length && !run.doings.length">
      Nobody blocks.{{ run.free.length ? '' : ' Only the last man is there, if anybody.' }}
    </p>
    <p v-else>
      {{ run.fit.gaps }} gaps{{
        run.fit.inserted.length
          ? `, ${run.fit.inserted.join(' and ')} ${run.fit.inserted.length > 1 ? 'arrive' : 'arrives'}`
          : ''
      }}{{
        run.fit.left.length ? `, ${run.fit.left.join(' and ')} ${run.fit.left.length > 1 ? 'leave' : 'leaves'}` : ''
      }}; {{ labels(run.fit.men) }} fit{{ run.fit.shortBy > 0 ? `: ${run.fit.shortBy} short` : ''
      }}{{ run.fit.exchange.length ? `; ${labels(run.fit.exchange)} must come over` : '' }}.
    </p>
    <table>
      <tbody>
        <tr
          v-for="b in run.blocks"
          :key="b.defender"
          :class="[b.grade, { near: b.atPoint, sel: b.defender === selected }]"
          @click="$emit('pick', b.defender)"
        >
          <th scope="row">{{ label(b.defender) }}</th>
          <td>
            {{ b.blockers.join(' + ') }} <i>{{ b.how }}</i>{{ b.then ? `, then ${label(b.then)}` : ''
            }}<small
              ><b>{{ b.grade }}</b
              >: {{ b.why }}{{ b.atPoint ? ', at the point' : '' }}</small
            >
          </td>
        </tr>
        <tr
          v-for="r in run.read"
          :key="r"
        >
          <th scope="row">{{ label(r) }}</th>
          <td>left to be read</td>
        </tr>
        <tr
          v-for="f in run.free"
          :key="f.job"
          :class="{ hitter: f.inTime, sel: f.job === selected }"
          @click="$emit('pick', f.job)"
        >
          <th scope="row">{{ label(f.job) }}</th>
          <td>
            free, at the point in {{ f.seconds.toFixed(1) }} s{{ DELAYS[f.delay] }}{{ f.inTime ? ': in time' : '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <KeyRows
      :keys="run.keys"
      :jobs="jobs"
    />
    <details v-if="run.doings.length">
      <summary>What each of the eleven does</summary>
      <ul>
        <li
          v-for="d in run.doings"
          :key="d.man"
        >
          <b>{{ d.man }}</b> {{ d.does }}
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped src="./answers.css"></style>
<style scoped>
.blocks {
  font: 400 13.5px/1.35 var(--narrow);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 0 4px;
}
td i {
  color: var(--soft);
}
.hard.near th,
.hitter th {
  border-left-color: var(--sound);
}
.fair.near th {
  border-left: 4px double var(--ink);
}
.easy.near th {
  border-left-color: var(--bust);
}
.sel {
  background: var(--pick);
}
</style>
