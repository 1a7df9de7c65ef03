import type { EChartsOption } from 'echarts'
import type { SeenFault, Trend } from '../api/types'

/** Inks of the page that a chart is drawn with. */
export interface Inks {
  ink: string
  soft: string
  rule: string
  accent: string
}
const FONT = 'Archivo Narrow'
const BARS = 8

/** The inks in force, by day or by night. */
export function inksOf(on: Element): Inks {
  const style = getComputedStyle(on)
  const ink = (name: string, otherwise: string): string => style.getPropertyValue(name).trim() || otherwise
  return {
    ink: ink('--ink', '#000'),
    soft: ink('--soft', '#555'),
    rule: ink('--rule', '#ccc'),
    accent: ink('--accent', '#da2'),
  }
}

/** Faults by how often they were seen, and what share of all of them they are with those before. */
export function pareto(faults: readonly SeenFault[], inks: Inks): EChartsOption {
  const shown = faults.filter((f) => f.below).slice(0, BARS)
  const text = { color: inks.ink, fontFamily: FONT, fontSize: 13 }
  return {
    animation: false,
    aria: { enabled: true },
    grid: { left: 8, right: 44, top: 28, bottom: 8, containLabel: true },
    yAxis: {
      type: 'category',
      inverse: true,
      data: shown.map((f) => f.name),
      axisLabel: { ...text, width: 210, overflow: 'break' },
      axisLine: { lineStyle: { color: inks.rule } },
      axisTick: { show: false },
    },
    xAxis: [
      {
        type: 'value',
        minInterval: 1,
        name: 'plays',
        nameTextStyle: text,
        axisLabel: text,
        splitLine: { lineStyle: { color: inks.rule } },
      },
      { type: 'value', min: 0, max: 100, show: false },
    ],
    series: [
      {
        type: 'bar',
        data: shown.map((f) => f.below),
        barMaxWidth: 20,
        itemStyle: { color: inks.accent, borderColor: inks.ink, borderWidth: 1 },
        label: { show: true, position: 'right', formatter: '{c}', ...text },
      },
      {
        type: 'line',
        xAxisIndex: 1,
        data: shown.map((f) => f.share),
        symbol: 'diamond',
        symbolSize: 8,
        lineStyle: { color: inks.ink, width: 1.5, type: 'dashed' },
        itemStyle: { color: inks.ink },
        label: { show: true, position: 'right', formatter: '{c} %', ...text, fontSize: 11.5 },
      },
    ],
  }
}

/** A game without an interval: the charts take a dash for it, their types do not know that. */
const NONE = '-' as unknown as number[]

/** A share from game to game, with the interval that it lies in. */
export function shares(trend: Trend, inks: Inks): EChartsOption {
  const text = { color: inks.ink, fontFamily: FONT, fontSize: 13 }
  return {
    animation: false,
    aria: { enabled: true },
    grid: { left: 8, right: 20, top: 16, bottom: 8, containLabel: true },
    xAxis: {
      type: 'category',
      data: trend.points.map((p) => `${p.opponent}\n${p.done} of ${p.told}`),
      axisLabel: { ...text, lineHeight: 17 },
      axisLine: { lineStyle: { color: inks.rule } },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 100,
      axisLabel: { ...text, formatter: '{value} %' },
      splitLine: { lineStyle: { color: inks.rule } },
    },
    series: [
      {
        type: 'line',
        data: trend.points.map((p) => p.percent ?? null),
        connectNulls: true,
        symbol: 'circle',
        symbolSize: 9,
        lineStyle: { color: inks.ink, width: 1.5 },
        itemStyle: { color: inks.accent, borderColor: inks.ink, borderWidth: 1.5 },
      },
      // whiskers: how far the share may be off
      {
        type: 'candlestick',
        data: trend.points.map((p) =>
          p.low === undefined || p.high === undefined ? NONE : [p.low, p.low, p.low, p.high],
        ),
        itemStyle: { color: inks.soft, color0: inks.soft, borderColor: inks.soft, borderColor0: inks.soft },
        barWidth: 10,
      },
    ],
  }
}
