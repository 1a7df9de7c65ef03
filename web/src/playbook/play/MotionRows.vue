<script setup lang="ts">
import { computed } from 'vue'
import WordInput from '../../words/WordInput.vue'
import WordMenu from '../../words/WordMenu.vue'
import { motionRows, motionsBack, type Body, type MotionRow } from './written'

/** The motions of a formation in sentences, their steps in the notation. */
const props = defineProps<{ body: Body; readonly: boolean }>()
const emit = defineEmits<{ change: [motions: unknown] }>()
const motions = computed(() => motionRows(props.body))
const set = (list: MotionRow[]): void => emit('change', motionsBack(list))
const change = (at: number, one: Partial<MotionRow>): void =>
  set(motions.value.map((m, i) => (i === at ? { ...m, ...one } : m)))
const ENDS = [
  { id: 'false', name: 'is on his way at the snap' },
  { id: 'true', name: 'is set again before the snap' },
]
</script>

<template>
  <p
    v-for="(m, i) in motions"
    :key="i"
    class="say"
  >
    <WordInput
      :value="m.name"
      :label="`Name of motion ${i + 1}`"
      :readonly="readonly"
      @change="change(i, { name: $event })"
    />: to
    <WordInput
      :value="m.steps"
      :label="`Steps of ${m.name}: man and place, “, then” between two`"
      placeholder="FL5.5/1.5"
      :readonly="readonly"
      @change="change(i, { steps: $event })"
    />,
    <WordInput
      :value="m.speed || ''"
      :label="`Speed of ${m.name}, yards a second`"
      placeholder="as fast as usual"
      counted
      :readonly="readonly"
      @count="change(i, { speed: $event })"
    /><template v-if="m.speed"> yd/s</template>; he
    <WordMenu
      :value="String(m.shift)"
      :label="`When the ball is snapped on ${m.name}`"
      :options="ENDS"
      :disabled="readonly"
      after="."
      @pick="change(i, { shift: $event === 'true' })"
    />
    <button
      v-if="!readonly"
      type="button"
      class="link"
      :aria-label="`Take ${m.name} out`"
      @click="set(motions.filter((_, j) => j !== i))"
    >
      take out
    </button>
  </p>
  <button
    v-if="!readonly"
    type="button"
    class="link more"
    @click="set([...motions, { id: '', name: 'new motion', shift: false, speed: 0, steps: '' }])"
  >
    Add a motion
  </button>
</template>

<style scoped src="./sentences.css"></style>
<style scoped>
.more {
  margin: 8px 0;
}
</style>
