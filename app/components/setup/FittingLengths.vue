<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { STROKES } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'
import { effectOf } from '~/offline/setup-answered'
import type { Answers } from '~/offline/setup-answered'

/** The length there is and shorter ones, each by the minutes it wants beside those there are. */
const props = defineProps<{ answers: Answers }>()
const SHARES = [1, 0.8, 0.65, 0.5]
const SHORTEST_MM = 5
const rows = computed(() => {
  const lengths = SHARES.map((share) => Math.round(props.answers.bodyMm * share))
  return [...new Set(lengths)]
    .filter((mm) => mm >= SHORTEST_MM)
    .map((mm) => ({ mm, ...effectOf(props.answers, mm)! }))
})
const has = computed(() => rows.value[0]?.has ?? 0)
const words = (r: (typeof rows.value)[number]) => `${r.mm} mm, ${r.fits ? 'fits' : `${r.wants - r.has} over`}`
const series = (ink: Ink): ApexOptions['series'] => [
  {
    name: 'within',
    data: rows.value.map((r) => ({
      x: words(r),
      y: Math.min(r.wants, r.has),
      goals: [
        { name: 'there are', value: r.has, strokeWidth: 2, strokeHeight: 18, strokeColor: ink['ink-2'] },
      ],
    })),
  },
  { name: 'over', data: rows.value.map((r) => ({ x: words(r), y: Math.max(0, r.wants - r.has) })) },
]
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  chart: { ...base.chart, stacked: true },
  colors: [ink.ink, ink.due],
  fill: STROKES(['verticalLines', 'verticalLines']),
  plotOptions: { bar: { horizontal: true, barHeight: '54%' } },
  grid: { ...base.grid, yaxis: { lines: { show: false } }, padding: { ...base.grid.padding, top: -22 } },
  xaxis: {
    ...base.xaxis,
    max: Math.max(20, ...rows.value.map((r) => Math.max(r.wants, r.has))) * 1.04,
    labels: { show: false },
    axisBorder: { show: false },
    axisTicks: { show: false },
  },
  yaxis: { labels: { maxWidth: 150, style: { fontSize: '13.5px', colors: ink.ink } } },
})
const says = computed(() =>
  rows.value.map(
    (r) => `${r.mm} mm wants ${r.wants} of ${r.has} minutes a week: ${r.fits ? 'it fits' : 'too many'}`,
  ),
)
const figures = computed(() => ({
  heads: ['Length', 'Wants a week', 'There are'],
  rows: rows.value.map((r) => [`${r.mm} mm`, `${r.wants} min`, `${r.has} min`]),
}))
</script>

<template>
  <div>
    <InkChart
      type="bar"
      :height="40 + rows.length * 32"
      :series="series"
      :dress="dress"
      :label="`Lengths, and the minutes a week each wants, against the ${has} there are.`"
      :says="says"
      lies="rows"
      :figures="figures"
    />
    <p class="small">one stroke a minute; the upright is the {{ has }} you have</p>
  </div>
</template>
