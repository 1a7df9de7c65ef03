<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Trend } from '../api/types'
import WordMenu from '../words/WordMenu.vue'
import { shares, type Inks } from './charts'
import ReportChart from './ReportChart.vue'

/** From game to game, against one of their units at a time. */
const props = defineProps<{ trends: Trend[]; named: (topic: Trend['topic']) => string }>()
const chosen = ref('')
const id = (t: Trend): string => `${t.topic.of} ${t.topic.what} ${t.unit ?? ''}`
const name = (t: Trend): string => `${props.named(t.topic)}${t.unit ? `, against ${t.unit}` : ''}`
const options = computed(() => props.trends.map((t) => ({ id: id(t), name: name(t) })))
const shown = computed(() => props.trends.find((t) => id(t) === chosen.value) ?? props.trends[0])
const chart = computed(() => {
  const trend = shown.value
  return trend && ((inks: Inks) => shares(trend, inks))
})
</script>

<template>
  <template v-if="shown && chart">
    <p class="said">
      <WordMenu
        :value="id(shown)"
        label="What is compared"
        :options="options"
        @pick="chosen = $event"
      />
      <b>{{ shown.claim }}</b>
    </p>
    <ReportChart
      :of="chart"
      :label="`${name(shown)}: ${shown.points.map((p) => `${p.opponent} ${p.done} of ${p.told}, ${p.low} to ${p.high} %`).join('; ')}`"
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
