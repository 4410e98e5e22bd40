<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { shortDay } from '#core/record/say-day'
import { STROKES } from './dress'
import type { dressed, Ink } from './dress'

/** Minutes by week, one stroke a minute; an upright stands at the minutes there are. */
const props = defineProps<{
  weeks: { from: string; spent: number; planned: number; had: number }[]
  /** Minutes that a change under way adds or takes, by week. */
  change?: number[]
}>()
const most = computed(() => Math.max(20, ...props.weeks.map((w) => Math.max(w.had, w.spent + w.planned))))
const overBy = (w: { spent: number; planned: number; had: number }) =>
  Math.max(0, Math.round(w.spent + w.planned - Math.max(w.had, w.spent)))
const changed = (i: number) => {
  const by = props.change?.[i]
  return by ? `, ${by > 0 ? '+' : '−'}${Math.abs(by)}` : ''
}
const said = (w: (typeof props.weeks)[number], i: number) => {
  const sum = w.spent + w.planned
  return `${shortDay(w.from)}, ${sum}${sum - w.had > 0.5 ? `, ${Math.round(sum - w.had)} over` : ` of ${w.had}`}${changed(i)}`
}
type Week = (typeof props.weeks)[number]
const KINDS: { name: string; colour: keyof Ink; minutes: (w: Week) => number }[] = [
  { name: 'spent', colour: 'ink-3', minutes: (w) => w.spent },
  { name: 'planned', colour: 'ink', minutes: (w) => Math.max(0, w.planned - overBy(w)) },
  { name: 'over', colour: 'caution', minutes: overBy },
]
/** What there is none of in any week is not drawn. */
const kinds = computed(() => KINDS.filter((k, i) => !i || props.weeks.some((w) => k.minutes(w) > 0)))
const series = (ink: Ink): ApexOptions['series'] => {
  const of = (minutes: (w: (typeof props.weeks)[number]) => number, goal = false) =>
    props.weeks.map((w, i) => ({
      x: said(w, i),
      y: minutes(w),
      ...(goal
        ? {
            goals: [
              {
                name: 'there are',
                value: w.had,
                strokeWidth: 2,
                strokeHeight: 18,
                strokeColor: ink['ink-2'],
              },
            ],
          }
        : {}),
    }))
  return kinds.value.map(({ name, minutes }, i) => ({ name, data: of(minutes, i === 0) }))
}
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  chart: { ...base.chart, stacked: true },
  colors: kinds.value.map((k) => ink[k.colour]),
  fill: STROKES(kinds.value.map(() => 'verticalLines')),
  plotOptions: { bar: { horizontal: true, barHeight: '52%' } },
  grid: {
    ...base.grid,
    yaxis: { lines: { show: false } },
    padding: { ...base.grid.padding, top: -22, right: 14 },
  },
  xaxis: {
    ...base.xaxis,
    max: most.value * 1.04,
    labels: { show: false },
    axisBorder: { show: false },
    axisTicks: { show: false },
  },
  yaxis: { labels: { maxWidth: 200, style: { fontSize: '13.5px', colors: ink.ink } } },
})
const says = computed(() => props.weeks.map((w, i) => `Week of ${said(w, i)} minutes`))
const figures = computed(() => ({
  heads: ['Week from', 'Spent', 'Planned', 'There are'],
  rows: props.weeks.map((w) => [shortDay(w.from), w.spent, w.planned, w.had]),
}))
</script>

<template>
  <InkChart
    type="bar"
    :height="Math.max(90, 30 + weeks.length * 34)"
    :series="series"
    :dress="dress"
    label="Minutes by week, against those there are."
    :says="says"
    lies="rows"
    :figures="figures"
  />
</template>
