<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, ref } from 'vue'
import type { Sheet } from '../api/types'
import { labelled, next } from './findings'
import OptionReads from './OptionReads.vue'
import PassRoutes from './PassRoutes.vue'
import { usePlays, type Picked } from './playsStore'
import RunBlocks from './RunBlocks.vue'
import RushPanel from './RushPanel.vue'
import TellsPanel from './TellsPanel.vue'

const props = defineProps<{ lineup: Sheet; selected?: string }>()
defineEmits<{ pick: [job: string] }>()
const plays = usePlays()
const { sheet, picked, run, pass, option, trouble } = storeToRefs(plays)
const TABS = ['runs', 'passes', 'options', 'rush', 'tells'] as const
const tab = ref<(typeof TABS)[number]>('runs')

const label = labelled(() => props.lineup.jobs)
const labels = (ids: readonly string[]): string => ids.map(label).join(', ')
interface Line {
  play: Picked
  name: string
  side: string
  sign: string
  said: string
  bad: boolean
}
const lines = computed<Line[]>(() => {
  switch (tab.value) {
    case 'runs':
      return (sheet.value?.runs ?? []).map((r) => ({
        play: { kind: 'run', id: r.id, left: r.side === 'left' },
        name: r.name,
        side: r.side,
        sign: { offence: '−', even: '=', defence: '+' }[r.outcome] ?? '',
        said: [r.shortBy ? `${r.shortBy} gap short` : '', r.hitters.length ? `free: ${labels(r.hitters)}` : '']
          .filter(Boolean)
          .join('; '),
        bad: r.outcome === 'offence' || r.shortBy > 0,
      }))
    case 'passes':
      return (sheet.value?.passes ?? []).map((p) => ({
        play: { kind: 'pass', id: p.id, left: p.side === 'left' },
        name: p.name,
        side: p.side,
        sign: `${p.matched}/${p.routes}`,
        said: p.given ? `gives the ${p.given}` : '',
        bad: p.matched < p.routes,
      }))
    case 'options':
      return (sheet.value?.options ?? []).map((o) => ({
        play: { kind: 'option', id: o.id, left: o.side === 'left' },
        name: o.name,
        side: o.side,
        sign: { 'two things': '−', 'two for a moment': '=', 'one thing': '+' }[o.asks] ?? '',
        said: o.key ? `reads ${label(o.key)}${o.both > 0 ? `, both for ${o.both.toFixed(1)} s` : ''}` : 'reads nobody',
        bad: o.asks === 'two things',
      }))
    default:
      return []
  }
})
const is = (l: Line): boolean =>
  picked.value?.kind === l.play.kind && picked.value.id === l.play.id && picked.value.left === l.play.left
async function walk(by: number): Promise<void> {
  if (tab.value === 'rush' || tab.value === 'tells') return
  await plays.settled()
  const at = next(lines.value, lines.value.findIndex(is), by)
  if (at < 0) return
  await plays.pick(lines.value[at]!.play)
  await nextTick()
  document.querySelector<HTMLElement>('.lines .picked')?.scrollIntoView({ block: 'nearest' })
}
function turn(): void {
  tab.value = TABS[(TABS.indexOf(tab.value) + 1) % TABS.length]!
}
defineExpose({ walk, turn })
</script>

<template>
  <div :class="{ plays: true, picking: run || pass }">
    <p
      v-if="trouble"
      class="trouble"
      role="alert"
    >
      {{ trouble }}
    </p>
    <p
      v-if="!sheet"
      class="soft"
      role="status"
    >
      Running plays at it.
    </p>
    <template v-else>
      <div
        class="kinds"
        role="tablist"
      >
        <button
          v-for="t in TABS"
          :key="t"
          type="button"
          role="tab"
          :aria-selected="tab === t"
          @click="tab = t"
        >
          {{ t }}</button><span class="key">↑</span><span class="key">↓</span>
      </div>
      <ol
        v-if="tab !== 'rush' && tab !== 'tells'"
        class="lines"
      >
        <li
          v-for="l in lines"
          :key="l.play.id + l.side"
        >
          <button
            type="button"
            :class="{ picked: is(l), bad: l.bad }"
            :aria-pressed="is(l)"
            @click="plays.pick(is(l) ? undefined : l.play)"
          >
            <span class="sign">{{ l.sign }}</span><b>{{ l.name }}</b> {{ l.side
            }}<small v-if="l.said">{{ l.said }}</small>
          </button>
        </li>
      </ol>
      <p
        v-if="tab === 'runs' && !run"
        class="soft"
      >
        + the defence wins where the ball goes, = even, − the offence does. Pick one to see its blocks.
      </p>
      <p
        v-if="tab === 'passes' && !pass"
        class="soft"
      >
        Routes with a man of their own, of all told. Pick one to see it on the field.
      </p>
      <p
        v-if="tab === 'options' && !option"
        class="soft"
      >
        A run and a throw on one snap. + nobody is asked two things at once, = for a moment, − the man it reads is. Pick
        one to see both.
      </p>
      <OptionReads
        v-if="tab === 'options' && option"
        :line="option.line"
        :jobs="lineup.jobs"
      />
      <RunBlocks
        v-if="run && (option ? tab === 'options' : tab === 'runs')"
        :run="run"
        :jobs="lineup.jobs"
        :selected="selected"
        @pick="$emit('pick', $event)"
      />
      <PassRoutes
        v-if="pass && (option ? tab === 'options' : tab === 'passes')"
        :pass="pass"
        :jobs="lineup.jobs"
      />
      <RushPanel
        v-if="tab === 'rush'"
        :protections="sheet.protections"
        :jobs="lineup.jobs"
      />
      <TellsPanel
        v-if="tab === 'tells'"
        :travels="sheet.travels"
        :pairs="sheet.pairs"
        :jobs="lineup.jobs"
      />
    </template>
  </div>
</template>

<style scoped>
.plays {
  font: 400 13.5px/1.35 var(--narrow);
}
.picking .lines {
  max-height: 136px;
}
.kinds {
  display: flex;
  gap: 10px;
  align-items: center;
  padding-bottom: 6px;
}
.kinds button {
  all: unset;
  cursor: pointer;
  font: 600 13.5px/1.4 var(--narrow);
  color: var(--soft);
  border-bottom: 3px solid transparent;
}
.kinds button[aria-selected='true'] {
  color: var(--ink);
  border-color: var(--accent);
}
.kinds button:focus-visible {
  outline: 3px solid var(--accent);
}
.kinds .key:first-of-type {
  margin-left: auto;
}
.lines {
  max-height: 300px;
  overflow-y: auto;
  border-bottom: 1.5px solid var(--ink);
  border-top: 1.5px solid var(--ink);
  scrollbar-width: thin;
}
.lines button {
  all: unset;
  box-sizing: border-box;
  display: block;
  width: 100%;
  cursor: pointer;
  padding: 3px 4px 3px 34px;
  position: relative;
  border-bottom: 1px solid var(--faint);
}
.lines button:focus-visible {
  outline: 3px solid var(--accent);
  outline-offset: -3px;
}
.lines .picked {
  background: var(--pick);
}
.sign {
  position: absolute;
  left: 2px;
  width: 26px;
  text-align: center;
  font-weight: 700;
}
.bad .sign {
  background: var(--faint);
  border-left: 3px solid var(--bust);
}
small {
  display: block;
  font-size: 12.5px;
  line-height: 1.3;
  color: var(--soft);
}
p {
  padding: 3px 0;
}
.trouble {
  color: var(--bust);
  font-weight: 600;
}
</style>
