<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { InputNumber } from 'ant-design-vue'
import { computed } from 'vue'
import type { PlayLog } from '../api/types'
import { PLAYBOOK } from '../shell/queries'
import WordMenu from '../words/WordMenu.vue'
import { useFilm } from './filmStore'
import { NUMBERS, RAN, RESULTS, UNITS } from './logWords'
import TogetherFields from './TogetherFields.vue'

/** What else the staff knows of the play in hand: when it was, what they ran, and what came of it. */
const film = useFilm()
const { data: playbook } = useQuery(PLAYBOOK)
const ran = computed(() => [
  { id: '', name: 'not known' },
  ...(playbook.value ?? [])
    .filter((d) => RAN.includes(d.kind) && !d.retired)
    .map((d) => ({ id: d.id, name: d.name, words: d.summary, group: d.kind, kinds: d.kinds })),
])
const results = [{ id: '', name: 'not said' }, ...RESULTS.map((r) => ({ id: r, name: r }))]
const units = [{ id: '', name: 'not said' }, ...UNITS.map((u) => ({ id: u, name: u }))]
const SIDES = [
  { id: '', name: 'not said' },
  { id: 'left', name: 'offence’s left' },
  { id: 'right', name: 'offence’s right' },
]
const say = (change: Partial<PlayLog>): void => void film.changeLog(change)
const number = (value: unknown): number | undefined => (typeof value === 'number' ? value : undefined)
</script>

<template>
  <form
    v-if="film.log"
    class="log"
    aria-label="Log of the play"
    @submit.prevent
  >
    <label
      v-for="n in NUMBERS"
      :key="n.what"
      >{{ n.name }}
      <InputNumber
        :value="film.log[n.what]"
        :min="n.min"
        :max="n.max"
        :precision="0"
        :aria-label="n.unit ? `${n.name}, ${n.unit}` : n.name"
        size="small"
        :addon-after="n.unit || undefined"
        @change="say({ [n.what]: number($event) })"
      />
    </label>
    <div class="wide">
      They ran
      <WordMenu
        :value="film.log.theirPlay ?? ''"
        label="They ran"
        :options="ran"
        field
        @pick="say({ theirPlay: $event || undefined })"
      />
    </div>
    <div v-if="film.log.theirPlay">
      to the
      <WordMenu
        :value="film.log.theirSide ?? ''"
        label="To which side"
        :options="SIDES"
        field
        @pick="say({ theirSide: ($event || undefined) as PlayLog['theirSide'] })"
      />
    </div>
    <div>
      It ended
      <WordMenu
        :value="film.log.result ?? ''"
        label="It ended"
        :options="results"
        field
        @pick="say({ result: ($event || undefined) as PlayLog['result'] })"
      />
    </div>
    <div>
      Against their
      <WordMenu
        :value="film.log.unit ?? ''"
        label="Against their"
        :options="units"
        field
        @pick="say({ unit: ($event || undefined) as PlayLog['unit'] })"
      />
    </div>
    <TogetherFields />
  </form>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 12px;
  font: 400 13px var(--narrow);
}
.log label {
  display: grid;
}
.wide {
  grid-column: 1 / -1;
}
</style>
