<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { shortWeekday } from '#core/record/say-day'
import type { RoomDog } from '#shared/answers'
import type { dressed, Ink } from '~/components/chart/dress'

/** What knots will take of the week's table time, dog by dog: four times in five, and the mark what is usual. */
const props = defineProps<{ dogs: RoomDog[] }>()
/** More than these stand in the list below alone. */
const MOST = 12
const rows = computed(() =>
  props.dogs.flatMap((d) => (d.arrival ? [{ ...d, arrival: d.arrival }] : [])).slice(0, MOST),
)
const whole = (m: number) => Math.round(m)
const words = (d: (typeof rows.value)[number]) =>
  `${shortWeekday(d.visit!).slice(0, 3)} ${d.name}`.slice(0, 22)
const series = (ink: Ink): ApexOptions['series'] => [
  {
    name: 'four times in five',
    data: rows.value.map((d) => ({
      x: words(d),
      y: [
        whole(d.arrival.minutes.low),
        Math.max(whole(d.arrival.minutes.low) + 1, whole(d.arrival.minutes.high)),
      ],
      fillColor: d.arrival.short ? ink.due : ink.edge,
      goals: [
        {
          name: 'usual',
          value: whole(d.arrival.minutes.usual),
          strokeWidth: 3,
          strokeHeight: 16,
          strokeColor: ink.ink,
        },
      ],
    })),
  },
]
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  fill: { opacity: 0.55 },
  plotOptions: { bar: { horizontal: true, barHeight: '46%' } },
  grid: { ...base.grid, xaxis: { lines: { show: true } }, yaxis: { lines: { show: false } } },
  xaxis: {
    ...base.xaxis,
    min: 0,
    tickAmount: 3,
    labels: { ...base.xaxis.labels, formatter: (x: string) => `${Math.round(Number(x))} min` },
  },
  yaxis: { labels: { maxWidth: 180, style: { fontSize: '13.5px', colors: ink.ink } } },
})
const says = computed(() =>
  rows.value.map(
    ({ name, visit, arrival: a }) =>
      `${name}, ${shortWeekday(visit!)}: knots usually ${whole(a.minutes.usual)} min, likely ${whole(a.minutes.low)} to ${whole(a.minutes.high)}${a.short ? '; to go short' : ''}`,
  ),
)
const figures = computed(() => ({
  heads: ['Day', 'Dog', 'Usually', 'Likely', ''],
  rows: rows.value.map((d) => [
    shortWeekday(d.visit!),
    d.name,
    `${whole(d.arrival.minutes.usual)} min`,
    `${whole(d.arrival.minutes.low)} to ${whole(d.arrival.minutes.high)}`,
    d.arrival.short ? 'to go short' : '',
  ]),
}))
</script>

<template>
  <div v-if="rows.length">
    <p class="small">The mark is what knots usually take, the bar four times in five.</p>
    <InkChart
      type="rangeBar"
      :height="56 + rows.length * 30"
      :series="series"
      :dress="dress"
      label="Minutes for knots of each dog coming this week."
      :says="says"
      lies="rows"
      :figures="figures"
    />
  </div>
</template>
