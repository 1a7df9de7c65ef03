<script setup lang="ts">
import { computed } from 'vue'
import { motionRows, motionsBack, type Body, type MotionRow } from './written'

/** The motions of a formation, their steps in the notation. */
const props = defineProps<{ body: Body; readonly: boolean }>()
const emit = defineEmits<{ change: [motions: unknown] }>()
const motions = computed(() => motionRows(props.body))
const set = (list: MotionRow[]): void => emit('change', motionsBack(list))
const change = (at: number, one: Partial<MotionRow>): void =>
  set(motions.value.map((m, i) => (i === at ? { ...m, ...one } : m)))
const value = (event: Event): string => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="motions">
    <div
      v-for="(m, i) in motions"
      :key="i"
      class="motion"
    >
      <input
        :value="m.name"
        :aria-label="`Name of motion ${i + 1}`"
        :readonly="readonly"
        @change="change(i, { name: value($event) })"
      /><input
        :value="m.steps"
        :aria-label="`Steps of ${m.name}`"
        :readonly="readonly"
        @change="change(i, { steps: value($event) })"
      /><label
        ><input
          type="checkbox"
          :checked="m.shift"
          :disabled="readonly"
          @change="change(i, { shift: !m.shift })"
        />
        all set again</label
      ><label
        ><input
          type="number"
          class="speed"
          min="1"
          max="10"
          step="0.5"
          placeholder="usual"
          :value="m.speed || ''"
          :aria-label="`Speed of ${m.name}, yards a second`"
          :readonly="readonly"
          @change="change(i, { speed: Number(value($event)) || 0 })"
        />
        yd/s</label
      ><button
        v-if="!readonly"
        type="button"
        class="link"
        :aria-label="`Take ${m.name} out`"
        @click="set(motions.filter((_, j) => j !== i))"
      >
        take out
      </button>
    </div>
    <button
      v-if="!readonly"
      type="button"
      class="link"
      @click="set([...motions, { id: '', name: 'new motion', shift: false, speed: 0, steps: '' }])"
    >
      Add a motion
    </button>
  </div>
</template>

<style scoped src="../../styles/sheet-fields.css"></style>
<style scoped>
.motions {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
}
.motion {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2.2fr) 110px 104px 70px;
  gap: 8px;
  align-items: center;
}
label {
  display: inline-flex;
  gap: 6px;
  font: 500 14px var(--narrow);
}
label input {
  width: auto;
}
label input.speed {
  width: 64px;
}
.link {
  justify-self: start;
}
</style>
