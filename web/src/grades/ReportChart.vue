<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'
import type { EChartsOption } from 'echarts'
import { BarChart, CandlestickChart, LineChart } from 'echarts/charts'
import { AriaComponent, GridComponent } from 'echarts/components'
import { init, use, type EChartsType } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { inksOf, type Inks } from './charts'

/** A chart in the inks of the page; what it shows stands in words beside it too. */
const props = defineProps<{ of: (inks: Inks) => EChartsOption; label: string; height: number }>()
use([BarChart, LineChart, CandlestickChart, GridComponent, AriaComponent, SVGRenderer])
const box = ref<HTMLElement>()
let chart: EChartsType | undefined

function draw(): void {
  if (box.value) chart?.setOption(props.of(inksOf(box.value)), { notMerge: true })
}
onMounted(() => {
  chart = init(box.value, undefined, { renderer: 'svg' })
  draw()
})
onBeforeUnmount(() => chart?.dispose())
watch(() => props.of, draw)
useResizeObserver(box, () => chart?.resize())
</script>

<template>
  <div
    ref="box"
    class="chart"
    role="img"
    :aria-label="label"
    :style="{ height: `${height}px` }"
  />
</template>

<style scoped>
.chart {
  width: 100%;
}
</style>
