<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { COATS } from '#core/coat/coat-types'
import { lengthAfter, maxLength } from '#core/coat/growth'
import { regionOf } from '#core/coat/regions'
import { addDays, daysBetween } from '#core/record/day'
import { assess } from '#core/record/fold'
import { shortDay } from '#core/record/say-day'
import { timeline } from '#core/record/timeline'
import { alongDays, dayMs, TODAY, upright } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'
import { plural } from '~/words/numbers'
import { learnedGrowthOf } from '#core/record/learned'

/** The body's hair since the cut: as held, with what it is likely to be, and as measured. */
const { from, to } = defineProps<{ from: string; to: string }>()
const { file, today, coat } = useDog()
const growth = computed(() => learnedGrowthOf(coat.value, 'body'))
const cut = computed(() => assess(file.value, from).regions.back?.mm ?? 0)
const most = computed(() => maxLength(COATS[file.value.profile.coat], 'body'))
const grown = (rate: number, n: number) => lengthAfter(cut.value, rate, n, most.value)
const days = computed(() => Array.from({ length: daysBetween(from, to) + 1 }, (_, n) => addDays(from, n)))
const held = computed(() => days.value.map((_, n) => grown(growth.value.now, n)))
const likely = computed(() =>
  days.value.map((_, n): [number, number] => [
    grown(growth.value.interval[0], n),
    grown(growth.value.interval[1], n),
  ]),
)
const measured = computed(() => {
  const by = new Map<string, number>()
  for (const { day, what } of timeline(file.value.entries))
    if (day > from && day <= today.value && what.kind === 'measure')
      if (what.regions.some((r) => regionOf(r).part === 'body')) by.set(day, what.mm)
  return by
})
const series = (): ApexOptions['series'] => [
  {
    type: 'rangeArea',
    name: 'likely',
    data: days.value.map((d, n) => ({ x: dayMs(d), y: [...likely.value[n]!] })),
  },
  { type: 'line', name: 'held', data: days.value.map((d, n) => ({ x: dayMs(d), y: held.value[n]! })) },
  {
    type: 'line',
    name: 'measured',
    data: days.value.map((d) => ({ x: dayMs(d), y: measured.value.get(d) ?? null })),
  },
]
const low = computed(() => Math.floor(Math.min(...held.value) / 5) * 5)
/** Three steps that can be said, over all that is drawn. */
const STEPS = 3
const highest = computed(() => Math.max(...likely.value.map((l) => l[1]), ...measured.value.values()) + 1)
const step = computed(() => Math.max(5, Math.ceil((highest.value - low.value) / STEPS / 5) * 5))
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  colors: [ink.edge, ink.ink, ink.due],
  fill: { opacity: [0.2, 1, 1] },
  stroke: { width: [0, 2, 0], curve: 'straight' },
  forecastDataPoints: { count: Math.max(0, daysBetween(today.value, to)), dashArray: 5, strokeWidth: 2 },
  markers: { size: [0, 0, 5], strokeWidth: 0, colors: [ink.edge, ink.ink, ink.due] },
  xaxis: alongDays(base),
  yaxis: upright(base, low.value + STEPS * step.value, STEPS, (y) => `${y.toFixed(0)} mm`, low.value),
  annotations: { xaxis: [TODAY(today.value, ink)] },
})
const two = (x: number) => Number(x.toPrecision(2))
const seen = computed(() => growth.value.seen)
const why = computed(
  () =>
    `${two(growth.value.now)} mm a day, ${seen.value ? `measured ${plural(seen.value.times, 'time')}` : 'nothing measured yet'}; coats like ${file.value.profile.sex === 'female' ? 'hers' : 'his'} ${two(growth.value.prior)}.`,
)
const says = computed(() =>
  days.value.map((d, n) => {
    const own = measured.value.get(d)
    return `${shortDay(d)}: ${Math.round(held.value[n]!)} mm, likely ${Math.round(likely.value[n]![0])} to ${Math.round(likely.value[n]![1])}${own === undefined ? '' : `; measured ${own}`}`
  }),
)
const figures = computed(() => ({
  heads: ['Day', 'Held, mm', 'Likely', 'Measured'],
  rows: days.value.map((d, n) => [
    shortDay(d),
    Math.round(held.value[n]!),
    `${Math.round(likely.value[n]![0])} to ${Math.round(likely.value[n]![1])}`,
    measured.value.get(d) ?? '',
  ]),
}))
</script>

<template>
  <section aria-label="Grown since the cut" class="border-t border-ink pt-2">
    <div class="flex items-baseline justify-between gap-4">
      <h2>Grown since the cut</h2>
      <span class="small">body; dots are yours</span>
    </div>
    <p class="why">{{ why }}</p>
    <InkChart
      type="rangeArea"
      :height="220"
      :series="series"
      :dress="dress"
      label="Length of the body’s hair since the cut, as held and as measured."
      :says="says"
      :at="daysBetween(from, today)"
      :figures="figures"
    />
  </section>
</template>
