<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import FaultSaid from '../../shell/FaultSaid.vue'
import AtCalls from './AtCalls.vue'
import { percent, yards } from './figures'
import { useRunning } from './runStore'
import WhatIf from './WhatIf.vue'

/** What comes of the play over many snaps, why the one that is watched went so, and what if a man had done otherwise. */
defineProps<{ men: readonly { id: string; name: string }[]; selected?: string }>()
const running = useRunning()
const { on, run, snap, trouble, asking, faults, seed, lit, own, told } = storeToRefs(running)
/** A man is asked what he makes of it: nothing is given away. */
const hushed = computed(() => !!own.value && !told.value)
</script>

<template>
  <section
    class="run"
    aria-label="Run it"
  >
    <button
      v-if="!on"
      class="button main"
      type="button"
      @click="running.go"
    >
      Run it <span class="key">I</span>
    </button>
    <FaultSaid :words="trouble" />
    <button
      v-if="trouble && faults.length"
      class="button"
      type="button"
      @click="faults = []"
    >
      Take out what was put in
    </button>
    <p
      v-if="on && !run && !trouble"
      class="soft"
      role="status"
    >
      Running it.
    </p>
    <template v-if="run && snap">
      <p :aria-busy="asking">{{ run.said }}</p>
      <table
        class="shares"
        aria-label="How often so much"
      >
        <tbody>
          <tr
            v-for="s in run.outcome.shares"
            :key="s.words"
          >
            <th scope="row">{{ s.words }}</th>
            <td><i :style="{ width: `${100 * s.share}%` }"></i></td>
            <td class="figure">{{ percent(s.share) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="watch">
        Watch
        <template
          v-for="(w, i) in run.watch"
          :key="w.words"
          ><template v-if="i">, </template
          ><button
            class="link"
            type="button"
            :aria-pressed="snap.seed === w.seed"
            @click="seed = w.seed"
          >
            {{ w.words }} ({{ yards(w.gain) }})
          </button></template
        >
      </p>
      <p
        v-if="hushed"
        class="soft"
      >
        Why it went so is said when he has answered.
      </p>
      <template v-else>
        <h3>
          Why: {{ snap.cause.blame }} <span class="soft">{{ yards(snap.gain) }}</span>
        </h3>
        <ol>
          <li
            v-for="l in snap.cause.links"
            :key="l.said"
          >
            <button
              class="link"
              type="button"
              :aria-pressed="!!lit && lit === l.man && running.tick === l.tick"
              @click="running.show(l.tick, l.man)"
            >
              {{ l.said }}
            </button>
          </li>
        </ol>
      </template>
      <WhatIf
        :run="run"
        :men="men"
        :selected="selected"
      />
      <AtCalls />
      <details v-if="!hushed">
        <summary>Everything that happened</summary>
        <ol>
          <li
            v-for="(e, i) in snap.events"
            :key="i"
          >
            <button
              class="link"
              type="button"
              @click="running.stand(e.tick)"
            >
              {{ (e.tick * snap.secondsPerTick).toFixed(2) }} s {{ e.said }}
            </button>
          </li>
        </ol>
      </details>
    </template>
  </section>
</template>

<style scoped src="../answers.css"></style>
<style scoped>
.run {
  font: 400 14px/1.35 var(--narrow);
  padding: 6px 0 8px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 4px;
}
.shares td:nth-child(2) {
  width: 100%;
}
.shares i {
  display: block;
  height: 12px;
  min-width: 1px;
  background: var(--ink);
}
.figure {
  text-align: right;
  white-space: nowrap;
  padding-left: 6px;
}
.link {
  text-align: left;
}
.link[aria-pressed='true'] {
  font-weight: 700;
}
ol {
  margin: 0;
  padding-left: 18px;
}
</style>
