<script setup lang="ts">
import { Slider } from 'ant-design-vue'
import { computed } from 'vue'
import { stepName } from './scrub'

/** The motion under the hand: between its steps the men are on their way, let go it stands at the nearest. */
const props = defineProps<{ phases: number; phase: number; moment?: number }>()
const emit = defineEmits<{ scrub: [moment: number]; stand: [phase: number] }>()
const now = computed(() => props.moment ?? props.phase)
const steps = computed(() => Object.fromEntries(Array.from({ length: props.phases }, (_, i) => [i, ''])))
const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, Home: -99, End: 99 }
/** By the keys it goes from step to step; what is not the slider's goes on to the board. */
function press(event: KeyboardEvent): void {
  const by = STEPS[event.key]
  if (by === undefined || !(event.target instanceof HTMLElement) || event.target.role !== 'slider') return
  event.preventDefault()
  event.stopPropagation()
  emit('stand', Math.max(0, Math.min(props.phases - 1, props.phase + by)))
}
const said = (value?: number): string => stepName(Math.round(value ?? 0), props.phases)
</script>

<template>
  <span
    class="scrub switches"
    @keydown.capture="press"
    ><button
      type="button"
      :aria-pressed="now === 0"
      @click="emit('stand', 0)"
    >
      Before</button
    ><Slider
      class="slider"
      :value="now"
      :min="0"
      :max="phases - 1"
      :step="0.05"
      :marks="steps"
      :tooltip-open="false"
      aria-label-for-handle="The motion"
      :aria-value-text-formatter-for-handle="said"
      @change="emit('scrub', Number($event))"
      @after-change="emit('stand', Math.round(Number($event)))"
    /><button
      type="button"
      :aria-pressed="now === phases - 1"
      @click="emit('stand', phases - 1)"
    >
      After
    </button></span
  >
</template>

<style scoped src="./switches.css"></style>
<style scoped>
.scrub {
  display: inline-flex;
  align-items: center;
  gap: 8px;
}
.slider {
  width: 120px;
  margin: 4px 6px;
}
</style>
