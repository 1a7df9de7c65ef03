<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { faultOf } from '../../api/client'
import type { Preview } from '../../api/types'
import FieldPicture from '../../board/field/FieldPicture.vue'
import OptionReads from '../../board/OptionReads.vue'
import PassRoutes from '../../board/PassRoutes.vue'
import RunBlocks from '../../board/RunBlocks.vue'
import RushPanel from '../../board/RushPanel.vue'
import FaultSaid from '../../shell/FaultSaid.vue'
import WordMenu from '../../words/WordMenu.vue'
import type { Met } from './met'
import type { Work } from './playDraft'
import { useTrial, useTrialPlace } from './useTrial'

/** The play as it stands, met by the call on the board: its blocks or routes on the field, and what becomes of them. */
const props = defineProps<{ kind: string; id?: string; work: Work; preview?: Preview }>()
const emit = defineEmits<{ man: [names: readonly string[]]; met: [by: Met | undefined] }>()
const fits = computed(() => props.preview?.fits ?? [])
const place = useTrialPlace(() => fits.value)
const { formation, call, left, formations, calls, stand, lineUp } = place
const { data: trial } = useTrial({ kind: props.kind, id: props.id, work: toRef(props, 'work') }, place)
const picture = computed(() => lineUp.data.value)
const jobs = computed(() => picture.value?.phases[0]?.jobs ?? [])
const run = computed(() => trial.value?.option?.run ?? trial.value?.run)
const pass = computed(() => trial.value?.option?.pass ?? trial.value?.pass)
const side = computed(() => (left.value ? 'left' : 'right'))
const whyNot = computed(() => trial.value?.unfit.find((u) => u.sides.includes(side.value))?.why)
const named = computed(() => formations.value.find((f) => f.id === formation.value)?.name ?? formation.value)
const met = computed<Met | undefined>(() => {
  const there = whyNot.value ? undefined : trial.value?.called
  return there && { formation: named.value, names: new Set(there.flatMap((c) => c.names)) }
})
watch(met, (by) => emit('met', by), { immediate: true })
/** The man pointed at on the field, for as long as he is there. */
const man = ref('')
function point(name: string): void {
  man.value = name
  emit('man', trial.value?.called.find((c) => c.man === name)?.names ?? [])
}
const WAYS = [
  { id: 'right', name: 'right' },
  { id: 'left', name: 'left' },
]
const sides = (f: Preview['fits'][number]): string => (f.bothSides ? f.name : `${f.name} (${f.side})`)
</script>

<template>
  <p class="against">
    To the
    <WordMenu
      :value="side"
      label="Side of the play"
      :options="WAYS"
      @pick="left = $event === 'left'"
    />
    from
    <WordMenu
      :value="formation"
      label="Formation it is tried from"
      :options="formations"
      after=","
      @pick="stand"
    />
    at
    <WordMenu
      :value="call"
      label="Call it is tried at"
      :options="calls"
      @pick="call = $event"
    />
  </p>
  <p
    v-if="whyNot"
    class="not"
    role="status"
  >
    {{ named }} cannot run it to the {{ side }}: {{ whyNot }}.
  </p>
  <FaultSaid :words="faultOf(lineUp.error.value)" />
  <FieldPicture
    class="drawing"
    :board="picture"
    :run="whyNot ? undefined : run"
    :pass="whyNot ? undefined : pass"
    :man="man"
    @ask="point"
  />
  <template v-if="!whyNot">
    <OptionReads
      v-if="trial?.option"
      :line="trial.option.line"
      :jobs="jobs"
    />
    <RunBlocks
      v-if="run"
      :run="run"
      :jobs="jobs"
    />
    <PassRoutes
      v-if="pass"
      :pass="pass"
      :jobs="jobs"
    />
    <RushPanel
      v-if="trial?.protection"
      :protections="[trial.protection]"
      :jobs="jobs"
    />
  </template>
  <template v-if="preview">
    <h2>
      {{ fits.length ? `${fits.length} of ${preview.formations} formations can run it` : 'No formation can run it' }}
    </h2>
    <p class="fits">{{ fits.map(sides).join(', ') }}</p>
  </template>
</template>

<style scoped src="./stage.css"></style>
<style scoped>
.not {
  color: var(--bust);
  font-weight: 600;
}
h2 {
  font: 700 15px/1.3 var(--narrow);
  padding: 12px 0 2px;
}
.fits {
  font: 400 14px/1.4 var(--narrow);
}
</style>
