<script setup lang="ts">
import VueApexCharts from 'vue3-apexcharts'
import type { ApexOptions } from 'apexcharts'
import { addDays } from '#core/record/day'
import { shortDay } from '#core/record/say-day'
import { inOdds } from '~/words/numbers'

/** Chance of a mat by day: as it was, and as it will be with the plan kept. */
const props = defineProps<{ from: string; today: string; chances: number[]; at: number }>()
const at = (n: number) => Date.parse(addDays(props.from, n))
const ink = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()
const dark = ref(matchMedia('(prefers-color-scheme: dark)').matches)
onMounted(() =>
  matchMedia('(prefers-color-scheme: dark)').addEventListener('change', (e) => (dark.value = e.matches)),
)
const series = computed(() => [
  { name: 'as it was', data: props.chances.slice(0, props.at + 1).map((c, n) => [at(n), c]) },
  { name: 'with the plan kept', data: props.chances.slice(props.at).map((c, n) => [at(n + props.at), c]) },
])
const options = computed<ApexOptions>(() => {
  void dark.value
  return {
    chart: {
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
      fontFamily: 'Commissioner Variable',
      background: 'transparent',
    },
    colors: [ink('--ink'), ink('--ink')],
    stroke: { width: [2.4, 2], dashArray: [0, 5], curve: 'straight' },
    legend: { show: false },
    grid: { borderColor: ink('--rule'), padding: { left: 4, right: 8 } },
    xaxis: {
      type: 'datetime',
      labels: { style: { colors: ink('--ink-2'), fontSize: '13px' }, datetimeUTC: true, format: 'd MMM' },
      axisBorder: { color: ink('--edge') },
      axisTicks: { color: ink('--edge') },
      tooltip: { enabled: false },
    },
    yaxis: {
      min: 0,
      forceNiceScale: true,
      tickAmount: 4,
      labels: {
        style: { colors: ink('--ink-2'), fontSize: '13px' },
        formatter: (v: number) => (v ? inOdds(v) : 'none'),
      },
    },
    annotations: {
      xaxis: [
        {
          x: at(props.at),
          borderColor: ink('--due'),
          strokeDashArray: 0,
          label: {
            text: 'today',
            orientation: 'horizontal',
            borderWidth: 0,
            style: { background: 'transparent', color: ink('--due'), fontSize: '13px', fontWeight: 650 },
          },
        },
      ],
    },
    tooltip: {
      theme: dark.value ? 'dark' : 'light',
      x: { format: 'd MMM' },
      y: { formatter: (v: number) => (v === null || v === undefined ? '' : inOdds(v)) },
    },
  }
})
const label = computed(
  () =>
    `Chance of a mat by day, from ${shortDay(props.from)}: today ${inOdds(props.chances[props.at] ?? 0)}, at the end ${inOdds(props.chances.at(-1) ?? 0)}.`,
)
</script>

<template>
  <div role="img" :aria-label="label" class="h-[300px]">
    <VueApexCharts type="line" height="300" :options="options" :series="series" />
  </div>
</template>
