<script setup lang="ts">
import { defineAsyncComponent } from 'vue'
import { LAYERS, type Layer } from './field/layers'
import type { ViewFrom } from './field/field'
import { vHint } from '../shell/hint/hint'

/** What the field shows, from where, and which moment of the motion; every button has its key. */
defineProps<{
  layers: readonly Layer[]
  phases: number
  phase: number
  /** Where the motion stands under the hand. */
  moment?: number
  hidden: readonly string[]
}>()
const viewFrom = defineModel<ViewFrom>('viewFrom', { required: true })
const placing = defineModel<boolean>('placing', { required: true })
defineEmits<{ toggle: [layer: Layer]; show: [phase: number]; scrub: [moment: number]; play: [] }>()
/** Only a snap with a motion fetches it. */
const MotionScrub = defineAsyncComponent(() => import('./MotionScrub.vue'))
</script>

<template>
  <div class="bar switches">
    <button
      v-for="(layer, i) in LAYERS"
      :key="layer"
      type="button"
      :aria-pressed="layers.includes(layer)"
      @click="$emit('toggle', layer)"
    >
      <span class="key">{{ i + 1 }}</span> {{ layer }}
    </button>
    <button
      type="button"
      class="turn"
      @click="viewFrom = viewFrom === 'offence' ? 'defence' : 'offence'"
    >
      <span class="key">V</span> from behind the {{ viewFrom }}
    </button>
    <button
      type="button"
      :aria-pressed="placing"
      @click="placing = !placing"
    >
      <span class="key">O</span> offence
    </button>
    <span
      v-if="hidden.length"
      v-hint="hidden.join('; ')"
      class="hidden soft"
      tabindex="0"
      >{{ hidden.length }} {{ hidden.length === 1 ? 'label has' : 'labels have' }} no room</span
    >
    <span
      v-if="phases > 1"
      class="phases"
    >
      <MotionScrub
        :phases="phases"
        :phase="phase"
        :moment="moment"
        @scrub="$emit('scrub', $event)"
        @stand="$emit('show', $event)"
      />
      <span class="key">M</span>
      <button
        type="button"
        @click="$emit('play')"
      >
        <span class="key">G</span> play it
      </button>
    </span>
  </div>
</template>

<style scoped src="./switches.css"></style>
<style scoped>
.bar {
  display: flex;
  gap: 6px;
  padding: 6px 12px 4px;
  flex-wrap: wrap;
}
.hidden {
  font: 400 13px var(--narrow);
  align-self: center;
}
.phases {
  margin-left: auto;
  display: flex;
  gap: 4px;
  align-items: center;
}
</style>
