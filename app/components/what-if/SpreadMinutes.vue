<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import type { Spread } from '#core/simulate/stretches'
import { STROKES } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'

/** Minutes of the stretches played, in tens of a hundred by how long they took: as it is, and as it might be. */
const props = defineProps<{ rows: { label: string; spread: Spread; due: boolean }[] }>()
/** About so many bars, of widths a person would choose (judgement). */
const BARS = 12
const WIDTHS = [5, 10, 20, 25, 50, 100, 200]
const all = computed(() => props.rows.flatMap((r) => r.spread.minutes.sample))
const width = computed(() => {
  const span = Math.max(...all.value) - Math.min(...all.value)
  return WIDTHS.find((w) => span / w <= BARS) ?? WIDTHS.at(-1)!
})
const starts = computed(() => {
  const first = Math.floor(Math.min(...all.value) / width.value) * width.value
  const n = Math.floor((Math.max(...all.value) - first) / width.value) + 1
  return Array.from({ length: n }, (_, i) => first + i * width.value)
})
/** So many of the bars have their minutes written under them: more would touch. */
const WRITTEN = 4
const sayStart = (from: string) =>
  starts.value.indexOf(Number(from)) % Math.ceil(starts.value.length / WRITTEN) ? '' : `${from} min`
const share = (s: Spread, from: number) =>
  Math.round(
    (100 * s.minutes.sample.filter((m) => m >= from && m < from + width.value).length) /
      s.minutes.sample.length,
  )
const series = (): ApexOptions['series'] =>
  props.rows.map((r) => ({
    name: r.label,
    data: starts.value.map((from) => ({ x: String(from), y: share(r.spread, from) })),
  }))
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  colors: props.rows.map((r) => (r.due ? ink.due : ink.ink)),
  fill: STROKES(props.rows.map((r) => (r.due ? 'slantedLines' : 'verticalLines'))),
  plotOptions: { bar: { columnWidth: '82%' } },
  yaxis: {
    ...base.yaxis,
    min: 0,
    tickAmount: 3,
    labels: {
      ...(base.yaxis as { labels: object }).labels,
      formatter: (y: number) => (y ? `${Math.round(y)} in 100` : ''),
    },
  },
  xaxis: {
    ...base.xaxis,
    type: 'category',
    labels: { ...base.xaxis.labels, formatter: sayStart },
  },
})
const says = computed(() =>
  starts.value.map(
    (from) =>
      `${from} to ${from + width.value} minutes: ${props.rows.map((r) => `${share(r.spread, from)} in 100 ${r.label}`).join(', ')}`,
  ),
)
const fives = (m: number) => Math.round(m / 5) * 5
const label = computed(
  () =>
    `Minutes of a stretch: ${props.rows.map((r) => `${r.label} eight in ten take ${fives(r.spread.minutes.low)} to ${fives(r.spread.minutes.high)}`).join('; ')}.`,
)
const figures = computed(() => ({
  heads: ['Minutes', ...props.rows.map((r) => `${r.label}, in 100`)],
  rows: starts.value.map((from) => [
    `${from} to ${from + width.value}`,
    ...props.rows.map((r) => share(r.spread, from)),
  ]),
}))
</script>

<template>
  <section aria-label="Minutes of a stretch">
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h2 class="text-story">Minutes of a stretch</h2>
      <p class="text-side">
        <span v-for="(r, i) in rows" :key="r.label" :class="r.due ? 'text-due' : 'text-ink-2'"
          >{{ i ? '; ' : '' }}{{ r.label }}
          <b class="font-semibold"
            >{{ fives(r.spread.minutes.low) }} to {{ fives(r.spread.minutes.high) }} min</b
          ></span
        ><span class="small">, 8 in 10</span>
      </p>
    </div>
    <InkChart
      type="bar"
      :height="190"
      :series="series"
      :dress="dress"
      :label="label"
      :says="says"
      lies="bands"
      :figures="figures"
    />
  </section>
</template>
