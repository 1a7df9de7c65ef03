<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, ref, watch } from 'vue'
import type { SnapRun } from '../../api/types'
import WordMenu from '../../words/WordMenu.vue'
import { useBoard } from '../boardStore'
import { yards } from './figures'
import { useRunning } from './runStore'

/** What if one man did otherwise: everything he can do otherwise, at nought until it is put in; it is run again at once. */
const props = defineProps<{ run: SnapRun; men: readonly { id: string; name: string }[]; selected?: string }>()
const board = useBoard()
const running = useRunning()
const { faults, snap } = storeToRefs(running)
const AS_CALLED = ''

/** Whom it is about: who was chosen here, picked or pointed at last, else who is to blame for what is watched. */
const chosen = ref<string>()
watch(
  () => props.selected,
  (id) => (chosen.value = id ?? chosen.value),
)
watch(
  () => (board.asked?.kind === 'MAN' ? board.asked.name : undefined),
  (name) => (chosen.value = name ?? chosen.value),
)
const blamed = computed(() => snap.value?.cause.links.find((l) => props.men.some((m) => m.id === l.man))?.man)
const whose = computed(() => chosen.value ?? props.selected ?? blamed.value ?? props.men[0]?.id ?? '')
const defends = computed(() => !!board.sheet?.jobs.some((j) => j.id === whose.value))
const kinds = computed(() =>
  props.run.kinds.filter((k) => (defends.value ? k.men.includes(whose.value) : k.whose !== 'defence')),
)
const routes = (kind: SnapRun['kinds'][number]): { id: string; name: string }[] => [
  { id: AS_CALLED, name: 'as called' },
  ...kind.routes.map((r) => ({ id: r, name: r.replaceAll('-', ' ') })),
]
const routeOf = computed(
  () => faults.value.find((f) => f.man === whose.value && f.kind === 'ROUTE')?.route ?? AS_CALLED,
)
type Kind = SnapRun['kinds'][number]['id']
function put(kind: Kind, event: Event): void {
  const field = event.target as HTMLInputElement
  if (field.reportValidity()) running.put(whose.value, kind, Number(field.value))
}
</script>

<template>
  <section aria-label="What if">
    <h3>What if</h3>
    <p
      v-for="f in run.faults"
      :key="f.man + f.kind"
    >
      {{ f.said }}
      <button
        class="link"
        type="button"
        @click="running.put(f.man, f.kind, 0)"
      >
        take out
      </button>
    </p>
    <p v-if="run.without">
      <b>{{ run.without.said }}</b>
      <small
        >The difference lies between {{ yards(run.without.least) }} and {{ yards(run.without.most) }}, 95 times of
        100.</small
      >
    </p>
    <div class="if">
      <WordMenu
        :value="whose"
        label="Man"
        :options="men"
        field
        @pick="chosen = $event"
      />
      <label
        v-for="k in kinds"
        :key="whose + k.id"
      >
        <span>{{ k.name }}</span>
        <WordMenu
          v-if="k.routes.length"
          :value="routeOf"
          label="Route"
          :options="routes(k)"
          field
          @pick="running.put(whose, k.id, 0, $event || undefined)"
        />
        <input
          v-else
          type="number"
          :value="running.putIn(whose, k.id)"
          :min="k.signed ? -40 : 0"
          max="40"
          :step="k.step"
          :aria-label="`${k.name}, ${k.unit}`"
          @change="put(k.id, $event)"
        />
        {{ k.unit }}
      </label>
    </div>
    <p class="soft">On the field a defender may be dragged, or nudged with Shift and the arrows and put with Enter.</p>
  </section>
</template>

<style scoped src="../answers.css"></style>
<style scoped>
.if {
  display: grid;
  gap: 3px;
  justify-items: start;
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
}
label span {
  white-space: normal;
  line-height: 1.15;
}
label span {
  width: 128px;
}
input {
  width: 50px;
  font: 400 15px var(--text);
  padding: 2px 4px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
</style>
