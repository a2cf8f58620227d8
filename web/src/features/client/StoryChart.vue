<script setup lang="ts">
import { BarChart, LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { date } from '@/shared/format'
import type { Chart } from './story'

/** One chart of a client's story, in the page's own colours. */
use([BarChart, LineChart, ScatterChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])
const props = defineProps<{ chart: Chart }>()

const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim()
const option = computed(() => {
  const { chart } = props
  const quiet = colour('quiet')
  const faint = { color: colour('line'), opacity: 0.3 }
  const growth = chart.kind === 'growth'
  const load = chart.lines.find((l) => l.label)?.label
  const axis = (first: boolean) => ({
    type: 'value' as const,
    min: 0,
    max: chart.top,
    splitNumber: 3,
    splitLine: { show: first, lineStyle: faint },
    axisLabel: { color: quiet, formatter: first ? load : undefined },
  })
  return {
    animation: false,
    textStyle: { fontFamily: getComputedStyle(document.body).fontFamily, fontSize: 13 },
    grid: { left: growth ? 46 : 34, right: growth ? 34 : 10, top: 26, bottom: 24 },
    legend: { top: 0, right: 0, itemHeight: 8, textStyle: { color: quiet } },
    tooltip: { trigger: 'axis' as const },
    xAxis: {
      type: 'category' as const,
      data: chart.days.map((d) => date(d).replace(/^\w+ /, '')),
      axisLabel: { color: quiet },
      axisLine: { lineStyle: { color: colour('line') } },
    },
    yAxis: growth ? [axis(true), axis(false)] : axis(true),
    series: chart.lines.map((l) => ({
      name: l.name,
      tooltip: {
        valueFormatter: (v: unknown) => (typeof v === 'number' ? (l.label?.(v) ?? String(v)) : 'not answered'),
      },
      type: l.as === 'bar' ? ('bar' as const) : l.as === 'mark' ? ('scatter' as const) : ('line' as const),
      step: l.as === 'step' ? ('middle' as const) : undefined,
      yAxisIndex: growth && l.as === 'bar' ? 1 : 0,
      data: l.values.map((v, i) => (l.shapes ? { value: v, symbol: l.shapes[i] } : v)),
      symbol: (l.as === 'line' || l.as === 'step') && !l.shapes ? 'none' : undefined,
      symbolSize: 10,
      barMaxWidth: 12,
      itemStyle: { color: colour(l.colour), opacity: l.faint || (growth && l.as === 'bar') ? 0.35 : 1 },
      stack: l.on,
      lineStyle: {
        color: colour(l.colour),
        width: 2,
        type: l.dotted ? ('dotted' as const) : ('solid' as const),
      },
    })),
  }
})
</script>

<template>
  <VChart :option="option" autoresize aria-hidden="true" />
</template>
