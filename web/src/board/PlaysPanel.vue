<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, nextTick, ref } from 'vue'
import type { Sheet } from '../api/types'
import { next } from './findings'
import { usePlays, type Picked } from './playsStore'
import RunBlocks from './RunBlocks.vue'

const props = defineProps<{ lineup: Sheet; selected?: string }>()
defineEmits<{ pick: [job: string] }>()
const plays = usePlays()
const { sheet, picked, run, pass, trouble } = storeToRefs(plays)
const TABS = ['runs', 'passes', 'rush', 'tells'] as const
const tab = ref<(typeof TABS)[number]>('runs')

const label = (id: string): string => props.lineup.jobs.find((j) => j.id === id)?.label ?? id
const labels = (ids: readonly string[]): string => ids.map(label).join(', ')
interface Line {
  play: Picked
  name: string
  side: string
  sign: string
  said: string
  bad: boolean
}
const lines = computed<Line[]>(() =>
  tab.value === 'runs'
    ? (sheet.value?.runs ?? []).map((r) => ({
        play: { kind: 'run' as const, id: r.id, left: r.side === 'left' },
        name: r.name,
        side: r.side,
        sign: { offence: '−', even: '=', defence: '+' }[r.outcome] ?? '',
        said: [r.shortBy ? `${r.shortBy} gap short` : '', r.hitters.length ? `free: ${labels(r.hitters)}` : '']
          .filter(Boolean)
          .join('; '),
        bad: r.outcome === 'offence' || r.shortBy > 0,
      }))
    : (sheet.value?.passes ?? []).map((p) => ({
        play: { kind: 'pass' as const, id: p.id, left: p.side === 'left' },
        name: p.name,
        side: p.side,
        sign: `${p.matched}/${p.routes}`,
        said: p.given ? `gives the ${p.given}` : '',
        bad: p.matched < p.routes,
      })),
)
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
        v-if="tab === 'runs' || tab === 'passes'"
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
      <RunBlocks
        v-if="tab === 'runs' && run"
        :run="run"
        :jobs="lineup.jobs"
        :selected="selected"
        @pick="$emit('pick', $event)"
      />
      <section
        v-if="tab === 'passes' && pass"
        aria-label="Routes"
      >
        <h3>
          {{ pass.name }} {{ pass.side }}
          <span class="soft">thrown at {{ pass.throwSeconds.toFixed(1) }} s, against {{ pass.attacks }}</span>
        </h3>
        <p>
          {{ pass.matched }} of {{ pass.routes.length }} routes have a man of their own{{
            pass.given ? `; this call gives the ${pass.given}` : ''
          }}.
        </p>
        <table>
          <tbody>
            <tr
              v-for="r in pass.routes"
              :key="r.man"
              :class="r.had"
            >
              <th scope="row">{{ r.man }}</th>
              <td>
                {{ r.route }}, {{ r.caught.y.toFixed(0) }} yd deep at {{ r.seconds.toFixed(1) }} s<small
                  ><b v-if="!r.covers.length">nobody</b
                  ><template
                    v-for="(c, i) in r.covers"
                    :key="c.job"
                    >{{ i ? ', ' : '' }}<b>{{ label(c.job) }}</b> by {{ c.by
                    }}{{ c.lateSeconds > 0 ? `, ${c.lateSeconds.toFixed(1)} s late` : '' }}</template
                  >{{ r.had === 'shared' ? '; he has another route too' : r.had === 'two' ? '; two on one' : ''
                  }}{{ r.lost ? `; ${r.lost}` : '' }}{{ r.rub ? `; ${r.rub}` : '' }}</small
                >
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section
        v-if="tab === 'rush'"
        aria-label="Rush"
      >
        <p
          v-if="!sheet.protections.length"
          class="soft"
        >
          Not asked of small-sided football.
        </p>
        <table>
          <tbody>
            <tr
              v-for="p in sheet.protections"
              :key="p.name"
              :class="{ near: p.free.length }"
            >
              <th scope="row">{{ p.rushers }} v {{ p.men }}</th>
              <td>
                {{ p.name }}, slides {{ p.slide
                }}<small
                  ><b>{{ p.free.length ? `${labels(p.free)} free` : 'nobody free' }}</b
                  >, {{ p.oneOnOne }} one on one; first man there in {{ p.seconds.toFixed(1) }} s (gun, model). Contain
                  {{
                    p.contain.length === 2 ? 'on both sides' : p.contain.length ? `only ${p.contain[0]}` : 'on no side'
                  }}{{ p.windows.length ? `. Left open: ${p.windows.join(', ')}` : '' }}.</small
                >
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section
        v-if="tab === 'tells'"
        aria-label="Tells"
      >
        <p
          v-if="!sheet.travels.length && !sheet.pairs.length"
          class="soft"
        >
          Nobody moves after the snap picture, and no call of this week's plan can be told from this one.
        </p>
        <p
          v-for="t in sheet.travels"
          :key="t.job"
        >
          <b>{{ label(t.job) }}</b> has {{ t.yards.toFixed(1) }} yd from where he shows, {{ t.seconds.toFixed(1) }} s.
        </p>
        <p
          v-for="p in sheet.pairs"
          :key="p.call"
        >
          Told from <b>{{ p.call }}</b>{{
            p.men ? ` by ${p.by ? label(p.by) : ''}, ${p.yards.toFixed(1)} yd; ${p.men} men in all` : ''
          }}{{ p.stance ? `; stance of ${label(p.stance)}` : '' }}.
        </p>
      </section>
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
small b {
  color: var(--ink);
}
h3 {
  font: 700 15px/1.25 var(--narrow);
  padding: 8px 0 2px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13px;
}
p {
  padding: 3px 0;
}
table {
  border-collapse: collapse;
  width: 100%;
}
tr {
  cursor: default;
}
th {
  text-align: left;
  font: 700 13.5px/1.3 var(--narrow);
  vertical-align: top;
  padding: 3px 6px 3px 2px;
  white-space: nowrap;
  border-left: 4px solid transparent;
}
td {
  padding: 3px 0;
}
tr + tr {
  border-top: 1px solid var(--faint);
}
.one th {
  border-left-color: var(--sound);
}
.shared th,
.late th,
.two th {
  border-left: 4px double var(--ink);
}
.nobody th,
.near th {
  border-left-color: var(--bust);
}
.trouble {
  color: var(--bust);
  font-weight: 600;
}
</style>
