<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { addDays } from '#core/record/day'
import { shortDay } from '#core/record/say-day'
import { alongDays, dayMs, TODAY, upright } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'
import { inOdds } from '~/words/numbers'

/** Chance of a mat by day: as it was, and dashed, as it will be with the plan kept; shaded, what it is likely to be. */
const props = defineProps<{
  from: string
  chances: number[]
  /** Four times in five it lies within these, by day. */
  likely: [number, number][]
  /** Days from the first to today. */
  at: number
  /** Days on which something was or is to be combed. */
  combings: string[]
}>()
const emit = defineEmits<{ day: [string] }>()
const dayAt = (n: number) => addDays(props.from, n)
const pair = (n: number) => props.likely[n] ?? [props.chances[n]!, props.chances[n]!]
const most = computed(() => Math.max(0.3, ...props.chances.map((c, n) => Math.max(c, pair(n)[1]))))
/** The axis ends at a chance that can be said. */
const ends = computed(() => [0.3, 0.5, 0.8, 1].find((e) => e >= most.value) ?? 1)
const LINES: Record<string, string> = {
  '0.1': '1 in 10',
  '0.2': '1 in 5',
  '0.3': '3 in 10',
  '0.4': '2 in 5',
  '0.5': '1 in 2',
  '0.6': '3 in 5',
  '0.8': '4 in 5',
  '1.0': 'sure',
}
const series = (): ApexOptions['series'] => [
  {
    type: 'rangeArea',
    name: 'four times in five',
    data: props.chances.map((_, n) => ({ x: dayMs(dayAt(n)), y: [...pair(n)] })),
  },
  { type: 'line', name: 'chance', data: props.chances.map((c, n) => ({ x: dayMs(dayAt(n)), y: c })) },
]
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  colors: [ink.edge, ink.ink],
  fill: { opacity: [0.2, 1] },
  stroke: { curve: 'straight', width: [0, 2.2], lineCap: 'round' },
  forecastDataPoints: {
    count: Math.max(0, props.chances.length - 1 - props.at),
    dashArray: 5,
    strokeWidth: 2.2,
  },
  markers: { size: 0 },
  xaxis: alongDays(base),
  yaxis: upright(
    base,
    ends.value,
    ends.value === 0.3 ? 3 : ends.value === 0.8 ? 4 : 5,
    (y) => LINES[y.toFixed(1)] ?? '',
  ),
  annotations: {
    xaxis: [TODAY(dayAt(props.at), ink)],
    // A dot on the ground is a combing.
    points: props.combings.map((d) => ({
      x: dayMs(d),
      y: 0,
      marker: { size: 2.5, fillColor: ink['ink-3'], strokeColor: ink['ink-3'], strokeWidth: 1 },
    })),
  },
})
const saysOf = (n: number) =>
  `${shortDay(dayAt(n))}: ${inOdds(props.chances[n]!)}, likely ${inOdds(pair(n)[0])} to ${inOdds(pair(n)[1])}`
const says = computed(() => props.chances.map((_, n) => saysOf(n)))
const label = computed(
  () =>
    `Chance of a mat by day, from ${shortDay(props.from)}: today ${inOdds(props.chances[props.at] ?? 0)}, at the end ${inOdds(props.chances.at(-1) ?? 0)}.`,
)
const figures = computed(() => ({
  heads: ['Day', 'Chance of a mat', 'Likely'],
  rows: props.chances.map((c, n) => [
    shortDay(dayAt(n)),
    inOdds(c),
    `${inOdds(pair(n)[0])} to ${inOdds(pair(n)[1])}`,
  ]),
}))
</script>

<template>
  <InkChart
    type="rangeArea"
    :height="280"
    :series="series"
    :dress="dress"
    :label="label"
    :says="says"
    :at="at"
    :figures="figures"
    pickable
    @pick="emit('day', dayAt($event))"
  />
</template>
