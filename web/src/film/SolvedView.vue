<script setup lang="ts">
import { computed } from 'vue'
import type { AngleSheet } from '../api/types'
import { counted } from '../words/counted'

/** How well the picture is measured: what it can tell, and each known place's residual. */
const props = defineProps<{ angle: AngleSheet; points: number; places: boolean }>()
const worst = computed(() => props.angle.calibration?.residuals.reduce((a, b) => (a.yards > b.yards ? a : b)))
</script>

<template>
  <p
    v-if="angle.calibration"
    class="solved"
  >
    <b
      >This view can tell {{ angle.calibration.lateralYards.toFixed(2) }} yd lateral,
      {{ angle.calibration.depthYards.toFixed(2) }} yd depth.</b
    >
    {{ counted(points, 'point') }}, worst residual {{ angle.calibration.worstYards.toFixed(2) }} yd<template
      v-if="worst"
    >
      at {{ worst.name }}</template
    >; clicks on marks of the field are off by {{ angle.calibration.sigmaPixels.toFixed(1) }} px.
  </p>
  <p
    v-else
    :class="points ? 'fault' : 'soft'"
  >
    Not solved: {{ angle.trouble }}.
  </p>
  <template v-if="angle.calibration">
    <p
      v-for="l in angle.calibration.leftOut"
      :key="l.name"
      class="fault"
    >
      {{ l.name }} does not fit the others by {{ l.pixels.toFixed(0) }} px and is left out: click it anew.
    </p>
    <p
      v-if="angle.calibration.bendPercent"
      class="soft"
    >
      The lens bends what it films: corners come out {{ Math.abs(angle.calibration.bendPercent).toFixed(1) }} % too
      {{ angle.calibration.bendPercent > 0 ? 'near the middle' : 'far from the middle' }}. That is taken out of every
      measure.
    </p>
    <p
      v-if="angle.calibration.standing === 'as before'"
      class="soft"
    >
      The camera stands where {{ counted(angle.tripod, 'other play') }} of this reel
      {{ angle.tripod === 1 ? 'puts' : 'put' }}
      it: two or three places are enough, and each is checked.
    </p>
    <p
      v-else-if="angle.calibration.standing === 'elsewhere'"
      class="fault"
    >
      The camera does not stand where the other plays of this reel put it: either it was carried elsewhere, or places
      are named by the wrong yard line. This view is solved by its own clicks alone.
    </p>
    <p
      v-if="!angle.calibration.checksItself"
      class="soft"
    >
      Four clicks fit any camera: a fifth shows whether one of them is wrong.
    </p>
  </template>
  <ul
    v-if="places && angle.calibration"
    class="residuals"
  >
    <li
      v-for="r in angle.calibration.residuals"
      :key="r.name"
      :class="{ bad: r.yards > 0.5 }"
    >
      {{ r.name }}: {{ r.yards.toFixed(2) }} yd
    </li>
  </ul>
</template>

<style scoped>
.solved {
  font: 400 13px/1.4 var(--narrow);
}
.solved b {
  font-size: 14px;
  display: block;
}
.fault {
  font-size: 13.5px;
}
.residuals {
  font: 400 12.5px/1.35 var(--narrow);
  color: var(--soft);
}
.residuals .bad {
  color: var(--bust);
  font-weight: 600;
}
</style>
