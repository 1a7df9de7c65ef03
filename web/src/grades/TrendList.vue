<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Trend } from '../api/types'
import WordMenu from '../words/WordMenu.vue'
import { shares, type Inks } from './charts'
import ReportChart from './ReportChart.vue'

/** From game to game, against one of their units at a time. */
const props = defineProps<{ trends: Trend[] }>()
const chosen = ref('')
const id = (t: Trend): string => `${t.topic.of} ${t.topic.what} ${t.unit ?? ''}`
const name = (t: Trend): string => `${t.name}${t.unit ? `, against ${t.unit}` : ''}`
const options = computed(() => props.trends.map((t) => ({ id: id(t), name: name(t) })))
const shown = computed(() => props.trends.find((t) => id(t) === chosen.value) ?? props.trends[0])
/** Games with too few plays for a share are told by their counts alone. */
const chart = computed(() => {
  const trend = shown.value
  const drawn = trend?.points.filter((p) => p.percent !== undefined).length ?? 0
  return trend && drawn > 1 ? (inks: Inks) => shares(trend, inks) : undefined
})
const told = (t: Trend): string =>
  t.points
    .map((p) => `${p.opponent} ${p.done} of ${p.told}${p.low === undefined ? '' : `, ${p.low} to ${p.high} %`}`)
    .join('; ')
</script>

<template>
  <template v-if="shown">
    <p class="said">
      <WordMenu
        :value="id(shown)"
        label="What is compared"
        :options="options"
        @pick="chosen = $event"
      />
      <b>{{ shown.claim }}</b>
    </p>
    <template v-if="chart">
      <ReportChart
        :of="chart"
        :label="`${name(shown)}: ${told(shown)}`"
        :height="200"
      />
      <p class="soft">
        The bars say where the share lies with 95 % confidence. Only the same men against the same unit are compared.
      </p>
    </template>
    <p
      v-else
      class="soft"
    >
      {{ told(shown) }}
    </p>
  </template>
  <p
    v-else
    class="soft"
  >
    One game, or games against different units: nothing to compare yet.
  </p>
</template>

<style scoped>
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}
</style>
