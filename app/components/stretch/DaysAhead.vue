<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { shortDay, shortWeekday } from '#core/record/say-day'
import { STROKES, upright } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'

/** The days to come that have something on them, in minutes by kind; a level stands at the minutes there are. */
const props = defineProps<{
  days: {
    day: string
    setup: number
    comb: number
    tease: number
    beside: number
    had: number
    care: string
  }[]
}>()
const words = (d: (typeof props.days)[number]) => shortWeekday(d.day).replace(/ \w+$/, '')
const sum = (d: (typeof props.days)[number]) => Math.round(d.setup + d.comb + d.tease + d.beside)
const series = (ink: Ink): ApexOptions['series'] => [
  {
    name: 'combing',
    data: props.days.map((d) => ({
      x: words(d),
      y: d.comb,
      goals: [
        { name: 'there are', value: d.had, strokeWidth: 26, strokeHeight: 2, strokeColor: ink['ink-2'] },
      ],
    })),
  },
  { name: 'teasing', data: props.days.map((d) => ({ x: words(d), y: d.tease })) },
  { name: 'care', data: props.days.map((d) => ({ x: words(d), y: d.beside })) },
  { name: 'laying out', data: props.days.map((d) => ({ x: words(d), y: d.setup })) },
]
const most = computed(
  () => Math.ceil(Math.max(15, ...props.days.map((d) => Math.max(d.had, sum(d)))) / 15) * 15,
)
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  chart: { ...base.chart, stacked: true },
  colors: [ink.ink, ink.due, ink['ink-2'], ink.edge],
  fill: STROKES(['verticalLines', 'slantedLines', 'circles', 'horizontalLines']),
  plotOptions: { bar: { columnWidth: '46%' } },
  yaxis: upright(base, most.value, 3, (y) => `${Math.round(y)} min`),
  xaxis: {
    ...base.xaxis,
    type: 'category',
    // Weekday above, day below, so that they stand side by side on a phone.
    labels: { ...base.xaxis.labels, formatter: (day: string) => day.split(' ') as unknown as string },
  },
})
const says = computed(() =>
  props.days.map(
    (d) => `${shortWeekday(d.day)}: ${sum(d)} of ${d.had} minutes${d.care ? `, with ${d.care}` : ''}`,
  ),
)
const figures = computed(() => ({
  heads: ['Day', 'Combing', 'Teasing', 'Care', 'Laying out', 'There are', 'Which care'],
  rows: props.days.map((d) => [
    shortDay(d.day),
    Math.round(d.comb),
    Math.round(d.tease),
    Math.round(d.beside),
    d.setup,
    d.had,
    d.care,
  ]),
}))
</script>

<template>
  <InkChart
    type="bar"
    :height="210"
    :series="series"
    :dress="dress"
    label="The days ahead, in minutes by kind."
    :says="says"
    lies="bands"
    :figures="figures"
  />
</template>
