<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { Finding } from '#core/record/findings'
import { shortDay } from '#core/record/say-day'
import type { dressed, Ink } from '~/components/chart/dress'
import { plural } from '~/words/numbers'

/** What the comb said, place by place over the sessions: the darker, the worse. */
const props = defineProps<{
  days: string[]
  said: { place: PlaceId; by: Map<string, Finding>; trouble: number }[]
}>()
const emit = defineEmits<{ place: [PlaceId] }>()
/** Steps of the shading; not combed is left blank. */
const STEP: Record<Finding, number> = { glides: 1, refused: 2, rasps: 2, snag: 3, knot: 4, mat: 5, felt: 5 }
const WORDS: Record<Finding, string> = {
  glides: 'the comb glides',
  refused: 'refused',
  rasps: 'it rasps',
  snag: 'a snag',
  knot: 'a knot',
  mat: 'a mat',
  felt: 'felt',
}
// The library draws from the bottom up.
const rows = computed(() => [...props.said].reverse())
const series = (): ApexOptions['series'] =>
  rows.value.map((row) => ({
    name: placeRow(row.place).plural,
    data: props.days.map((d) => ({ x: shortDay(d), y: row.by.get(d) ? STEP[row.by.get(d)!] : 0 })),
  }))
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  stroke: { width: 2, colors: [ink.paper] },
  grid: { ...base.grid, yaxis: { lines: { show: false } }, padding: { ...base.grid.padding, top: -20 } },
  plotOptions: {
    heatmap: {
      radius: 2,
      enableShades: false,
      colorScale: {
        ranges: [
          { from: -0.5, to: 0.5, color: ink.paper, name: 'not combed' },
          { from: 0.5, to: 1.5, color: ink.rule, name: WORDS.glides },
          { from: 1.5, to: 2.5, color: ink.well, name: WORDS.refused },
          { from: 2.5, to: 3.5, color: ink.edge, name: WORDS.snag },
          { from: 3.5, to: 4.5, color: ink['ink-2'], name: WORDS.knot },
          { from: 4.5, to: 5.5, color: ink.due, name: WORDS.mat },
        ],
      },
    },
  },
  xaxis: {
    ...base.xaxis,
    axisBorder: { show: false },
    axisTicks: { show: false },
    // The day of the month: there is no room for more.
    labels: { ...base.xaxis.labels, formatter: (day: string) => day.split(' ')[0] ?? day },
  },
  yaxis: { labels: { maxWidth: 170, style: { fontSize: '14px', colors: ink.ink } } },
})
const says = computed(() =>
  props.said.map(({ place, by, trouble }) => {
    const last = [...by].at(-1)!
    return `${placeRow(place).plural}: ${trouble ? `caught at ${trouble} of ${plural(by.size, 'combing')}` : `${plural(by.size, 'combing')}, nothing caught`}; last ${WORDS[last[1]]}, ${shortDay(last[0])}`
  }),
)
</script>

<template>
  <InkChart
    type="heatmap"
    :height="Math.max(120, 40 + said.length * 31)"
    :series="series"
    :dress="dress"
    label="What the comb said, place by place over the last sessions."
    :says="says"
    lies="rows"
    pickable
    :figures="{ heads: [], rows: [] }"
    @pick="emit('place', said[$event]!.place)"
  >
    <template #figures><slot /></template>
  </InkChart>
</template>
