<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { answer, client, faultOf, problemOf } from '../api/client'
import type { Edit, StripCell } from '../api/types'
import SketchDrawing from './SketchDrawing.vue'
import FaultSaid from '../shell/FaultSaid.vue'
import { vHint } from '../shell/hint/hint'

const props = defineProps<{
  call: string
  revision: number
  edits: readonly Edit[]
  role: string
  onCoverSide: boolean
  part: string
  picked: string
}>()
const emit = defineEmits<{ pick: [formation: string] }>()
const SPOT = 'hs m 50 1&10'
const WHILE_TYPING_MILLIS = 60

const body = computed(() => ({
  call: props.call,
  revision: props.revision,
  edits: [...props.edits],
  role: props.role,
  onCoverSide: props.onCoverSide,
  spot: SPOT,
}))
const asked = refDebounced(body, WHILE_TYPING_MILLIS)
const strip = useQuery(
  computed(() => {
    const of = asked.value
    return {
      queryKey: ['strip', of],
      queryFn: () => answer(client.POST('/api/strips', { body: of })),
    }
  }),
)
/** A sentence half typed is no trouble: the strip keeps the last one that read well. */
const cells = shallowRef<StripCell[]>([])
watch(strip.data, (found) => (cells.value = found ?? cells.value), { immediate: true })
const trouble = computed(() =>
  strip.error.value && problemOf(strip.error.value).code !== 'document-invalid' ? faultOf(strip.error.value) : '',
)

const rungOf = (cell: StripCell): string | undefined => cell.fired.find((f) => f.part === props.part)?.rung
const short = (rung: string): string => rung.split('/').slice(-1)[0]!
/** Each rung gets a letter in the order of the strip, so that two are told apart without colour. */
const letters = computed(() => {
  const by = new Map<string, string>()
  for (const c of cells.value) {
    const rung = rungOf(c)
    if (rung && !by.has(rung)) by.set(rung, String.fromCharCode(97 + by.size))
  }
  return by
})
const tally = computed(() =>
  [...letters.value].map(([rung, letter]) => ({
    rung,
    letter,
    n: cells.value.filter((c) => rungOf(c) === rung).length,
  })),
)
const nothing = computed(() => cells.value.filter((c) => !rungOf(c)).length)
</script>

<template>
  <div
    class="strip"
    role="group"
    aria-label="Formations"
  >
    <p class="tally">
      <span
        v-for="t in tally"
        :key="t.rung"
        ><i>{{ t.letter }}</i> {{ t.rung }} <b>{{ t.n }}</b></span
      >
      <span
        v-if="nothing"
        class="none"
        >nothing speaks <b>{{ nothing }}</b></span
      >
    </p>
    <FaultSaid :words="trouble" />
    <ul>
      <li
        v-for="c in cells"
        :key="c.formation"
        :class="{ none: !rungOf(c), other: !c.meant }"
      >
        <button
          v-hint="c.illegal.join('. ')"
          type="button"
          :aria-current="c.formation === picked"
          @click="emit('pick', c.formation)"
        >
          <SketchDrawing
            forms
            :sketch="c.sketch"
            :man="c.man"
            :label="`${c.name}: ${rungOf(c) ?? 'nothing speaks'}`"
          />
          <span class="name">{{ c.name }}</span>
          <span class="rung"
            ><template v-if="rungOf(c)"
              ><i>{{ letters.get(rungOf(c)!) }}</i> {{ short(rungOf(c)!) }}</template
            ><template v-else>{{
              c.silent.find((s) => s.startsWith(part)) ?? c.silent[0] ?? 'nothing'
            }}</template></span
          >
          <span
            v-if="c.busts"
            class="bust"
            >{{ c.busts }} bust{{ c.busts > 1 ? 's' : '' }}</span
          >
          <span
            v-if="c.illegal.length"
            class="bust"
            >not legal</span
          >
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.strip {
  min-height: 0;
  overflow-y: auto;
}
.tally {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  font: 400 13px/1.4 var(--narrow);
  padding: 8px 12px;
  border-bottom: 1px solid var(--rule);
  position: sticky;
  top: 0;
  background: var(--card);
  z-index: 1;
}
i {
  display: inline-block;
  width: 18px;
  height: 18px;
  text-align: center;
  font: 700 12px/14px var(--narrow);
  border: 1.5px solid var(--ink);
  border-radius: 50%;
  font-style: normal;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(138px, 1fr));
}
li {
  border-right: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
li.other {
  background: repeating-linear-gradient(-45deg, transparent 0 7px, var(--faint) 7px 8px);
}
li.none .rung {
  color: var(--bust);
  font-weight: 700;
}
button {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  display: block;
  width: 100%;
  height: 100%;
  padding: 4px 8px 6px;
  border-left: 4px solid transparent;
}
button:focus-visible {
  outline: 3px solid var(--ink);
  outline-offset: -3px;
}
button[aria-current='true'] {
  border-left-color: var(--accent);
}
.name {
  display: block;
  font: 700 13px/1.2 var(--narrow);
}
.rung {
  font: 400 13px/1.3 var(--narrow);
}
.bust {
  display: block;
  font: 700 12.5px/1.2 var(--narrow);
  color: var(--bust);
}
.none b {
  color: var(--bust);
}
.fault {
  padding: 8px 12px;
}
</style>
