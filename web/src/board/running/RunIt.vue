<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, ref } from 'vue'
import type { FaultWords } from '../../api/types'
import FaultSaid from '../../shell/FaultSaid.vue'
import WordMenu from '../../words/WordMenu.vue'
import { useRunning } from './runStore'

/** What comes of the play over many snaps, why the one that is watched went so, and what if a man had done otherwise. */
const props = defineProps<{ men: readonly { id: string; name: string }[]; selected?: string }>()
const running = useRunning()
const { on, run, snap, trouble, asking, faults, seed } = storeToRefs(running)

type Kind = FaultWords['kind']
const man = ref<string>()
const kind = ref<Kind>('LATE')
/** Who is picked on the board, else who is to blame for what is watched. */
const blamed = computed(() => snap.value?.cause.links.find((l) => props.men.some((m) => m.id === l.man))?.man)
const whose = computed(() => man.value ?? props.selected ?? blamed.value ?? props.men[0]?.id ?? '')
const kinds = computed(() => run.value?.kinds ?? [])
const chosen = computed(() => kinds.value.find((k) => k.id === kind.value))
const amount = ref<number>(3)
function take(id: string): void {
  kind.value = id as Kind
  amount.value = chosen.value?.amount ?? amount.value
}
function add(): void {
  faults.value = [
    ...faults.value.filter((f) => f.man !== whose.value),
    { man: whose.value, kind: kind.value, amount: amount.value },
  ]
}
const remove = (whom: string): void => void (faults.value = faults.value.filter((one) => one.man !== whom))
/** To the tenth, and nought without a sign. */
const yards = (gain: number): string => `${(Math.round(gain * 10) / 10 + 0).toFixed(1)} yd`
const percent = (share: number): string => `${Math.round(100 * share)} %`
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
            @click="running.stand(l.tick)"
          >
            {{ l.said }}
          </button>
        </li>
      </ol>
      <h3>What if</h3>
      <p
        v-for="f in run.faults"
        :key="f.man"
      >
        {{ f.said }}
        <button
          class="link"
          type="button"
          @click="remove(f.man)"
        >
          take out
        </button>
      </p>
      <p v-if="run.without">
        <b>{{ run.without.said }}</b>
        <small
          >The difference lies between {{ run.without.least.toFixed(1) }} and {{ run.without.most.toFixed(1) }} yd, 95
          times of 100.</small
        >
      </p>
      <form
        class="if"
        @submit.prevent="add"
      >
        <WordMenu
          :value="whose"
          label="Man"
          :options="men"
          field
          @pick="man = $event"
        />
        <WordMenu
          :value="kind"
          label="What he does"
          :options="kinds"
          field
          @pick="take"
        />
        <input
          v-model.number="amount"
          type="number"
          min="0"
          max="40"
          :step="chosen?.step"
          required
          :aria-label="`How much, ${chosen?.unit}`"
        />
        {{ chosen?.unit }}
        <button class="button">Run it so</button>
      </form>
      <details>
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
.if {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}
.if input {
  width: 60px;
  font: 400 15px var(--text);
  padding: 3px 6px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
</style>
