<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, defineAsyncComponent, nextTick, ref, useTemplateRef } from 'vue'
import type { Sheet } from '../api/types'
import { labelled, next } from './findings'
import OptionReads from './OptionReads.vue'
import PassRoutes from './PassRoutes.vue'
import { same, sectionsOf, soughtIn, type PlayLine } from './playLines'
import { usePlays } from './playsStore'
import RunBlocks from './RunBlocks.vue'
import RushPanel from './RushPanel.vue'
import TellsPanel from './TellsPanel.vue'
import UnfitPlays from './UnfitPlays.vue'
import FaultSaid from '../shell/FaultSaid.vue'

// runs come when one is picked
const RunIt = defineAsyncComponent(() => import('./running/RunIt.vue'))
const WhatBeats = defineAsyncComponent(() => import('./running/WhatBeats.vue'))

/** Everything the offence can run at the line-up in one list; the play picked opens under its line. */
const props = defineProps<{ lineup: Sheet; selected?: string }>()
defineEmits<{ pick: [job: string] }>()
const plays = usePlays()
const { sheet, picked, run, pass, option, trouble } = storeToRefs(plays)
const list = useTemplateRef('list')
const find = ref('')
const onlyHurting = ref(false)

const all = computed(() =>
  sheet.value
    ? sectionsOf(
        sheet.value,
        labelled(() => props.lineup.jobs),
      )
    : [],
)
const sections = computed(() => soughtIn(all.value, find.value, onlyHurting.value))
const lines = computed(() => sections.value.flatMap((s) => s.lines))
const index = computed(() => [
  ...sections.value.map((s) => ({ id: s.kind, name: s.name, count: s.lines.length })),
  { id: 'rush', name: 'Rush', count: sheet.value?.protections.length ?? 0 },
  { id: 'tells', name: 'Tells', count: 0 },
])
/** Whoever can be told to do otherwise: the defence first. */
const men = computed(() => [
  ...props.lineup.jobs.map((j) => ({ id: j.id, name: j.name })),
  ...props.lineup.offence.map((m) => ({ id: m.name, name: m.name })),
])
const isPicked = (l: PlayLine): boolean => same(picked.value, l.play)

async function pick(line: PlayLine): Promise<void> {
  await plays.pick(isPicked(line) ? undefined : line.play)
  await nextTick()
  const item = list.value?.querySelector('.picked')?.closest('li')
  const room = list.value?.closest('aside')?.clientHeight ?? Infinity
  item?.scrollIntoView({ block: item.clientHeight > room ? 'start' : 'nearest' })
}
/** From what beats the call to that run, in full. */
async function toPlay(play: PlayLine['play']): Promise<void> {
  find.value = ''
  onlyHurting.value = false
  const line = lines.value.find((l) => same(play, l.play))
  if (line && !isPicked(line)) await pick(line)
}
async function walk(by: number): Promise<void> {
  await plays.settled()
  const under = turned.value && sections.value[shown.value]?.lines
  const line = under ? under.at(by > 0 ? 0 : -1) : lines.value[next(lines.value, lines.value.findIndex(isPicked), by)]
  turned.value = false
  if (line && !isPicked(line)) await pick(line)
}
/** Which kind was turned to last; each turn shows the next. */
const shown = ref(0)
/** Turned to a kind and not walked since: the next step begins there. */
const turned = ref(false)
function show(at: number): void {
  shown.value = at
  turned.value = true
  list.value?.querySelector(`[data-kind=${index.value[at]!.id}]`)?.scrollIntoView({ block: 'start' })
}
const turn = (): void => show((shown.value + 1) % index.value.length)
defineExpose({ walk, turn })
</script>

<template>
  <div
    ref="list"
    class="plays"
  >
    <FaultSaid :words="trouble" />
    <p
      v-if="!sheet"
      class="soft"
      role="status"
    >
      Running plays at it.
    </p>
    <template v-else>
      <nav aria-label="Kinds of play">
        <button
          v-for="(k, i) in index"
          :key="k.id"
          type="button"
          @click="show(i)"
        >
          {{ k.name }}<small v-if="k.count">{{ k.count }}</small></button
        ><span class="keys"><span class="key">↑</span><span class="key">↓</span></span>
        <input
          v-model="find"
          type="search"
          aria-label="Find a play"
          placeholder="find a play"
        /><label
          ><input
            v-model="onlyHurting"
            type="checkbox"
          />what hurts</label
        >
      </nav>
      <WhatBeats @pick="toPlay" />
      <section
        v-for="s in sections"
        :key="s.kind"
        :data-kind="s.kind"
        :aria-label="s.name"
      >
        <h3>
          {{ s.name }} <span class="soft">{{ s.hint }}</span>
        </h3>
        <p
          v-if="!s.lines.length"
          class="soft"
        >
          {{ find || onlyHurting ? 'None such.' : 'None from this formation.' }}
        </p>
        <ol class="lines">
          <li
            v-for="l in s.lines"
            :key="l.play.id + l.side"
          >
            <button
              type="button"
              :class="{ line: true, picked: isPicked(l), bad: l.hurts }"
              :aria-expanded="isPicked(l)"
              @click="pick(l)"
            >
              <span class="sign">{{ l.sign }}</span><b>{{ l.name }}</b> {{ l.side
              }}<small v-if="l.said">{{ l.said }}</small>
            </button>
            <div
              v-if="isPicked(l) && (run || pass)"
              class="detail"
            >
              <OptionReads
                v-if="option"
                :line="option.line"
                :jobs="lineup.jobs"
              />
              <RunIt
                v-if="run || pass"
                :men="men"
                :selected="selected"
              />
              <RunBlocks
                v-if="run"
                :run="run"
                :jobs="lineup.jobs"
                :selected="selected"
                @pick="$emit('pick', $event)"
              />
              <PassRoutes
                v-if="pass"
                :pass="pass"
                :jobs="lineup.jobs"
              />
            </div>
          </li>
        </ol>
      </section>
      <UnfitPlays :unfit="sheet.unfit" />
      <RushPanel
        data-kind="rush"
        :protections="sheet.protections"
        :jobs="lineup.jobs"
      />
      <TellsPanel
        data-kind="tells"
        :travels="sheet.travels"
        :pairs="sheet.pairs"
        :jobs="lineup.jobs"
      />
    </template>
  </div>
</template>

<style scoped src="./answers.css"></style>
<style scoped src="./plays.css"></style>
