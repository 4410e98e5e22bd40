<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import type { Group } from '#core/record/score'
import { upright } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'
import { inOdds, plural } from '~/words/numbers'

/** What was said, against how many of those caught; dashed, had it been just right. */
const { groups } = defineProps<{ groups: readonly Group[] }>()
const at = (of: (g: Group) => number) => groups.map((g) => ({ x: inOdds(g.said), y: of(g) }))
const series = (): ApexOptions['series'] => [
  {
    type: 'rangeArea',
    name: 'where it likely lies',
    data: groups.map((g) => ({ x: inOdds(g.said), y: [...g.likely] })),
  },
  { type: 'line', name: 'just right', data: at((g) => g.said) },
  { type: 'line', name: 'coats like it', data: at((g) => g.like) },
  { type: 'line', name: 'caught', data: at((g) => g.share) },
]
const most = computed(() => Math.max(...groups.map((g) => Math.max(g.likely[1], g.said))))
/** The axis ends at a chance that can be said. */
const ends = computed(() => [0.1, 0.2, 0.3, 0.5, 0.8, 1].find((e) => e >= most.value) ?? 1)
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  colors: [ink.edge, ink['ink-3'], ink['ink-3'], ink.ink],
  fill: { opacity: [0.25, 1, 1, 1] },
  stroke: { curve: 'straight', width: [0, 1.6, 1, 2.4], dashArray: [0, 6, 0, 0], lineCap: 'round' },
  markers: { size: [0, 0, 0, 5], strokeWidth: 0 },
  // The first point lies on the axis: its dot keeps clear of what is written there.
  grid: { ...base.grid, padding: { ...base.grid.padding, left: 16 } },
  xaxis: { ...base.xaxis, type: 'category' },
  yaxis: upright(base, ends.value, ends.value === 0.3 ? 3 : 5, (y) => (y ? inOdds(y) : 'none')),
})
const saysOf = (g: Group) =>
  `said ${inOdds(g.said)}, found ${g.found} in ${g.many}: ${g.found ? inOdds(g.share) : 'none'}, likely ${inOdds(g.likely[0])} to ${inOdds(g.likely[1])}; coats like it would have said ${inOdds(g.like)}`
const says = computed(() => groups.map(saysOf))
const figures = computed(() => ({
  heads: ['Said', 'Combings', 'Caught', 'Likely', 'Coats like it'],
  rows: groups.map((g) => [
    inOdds(g.said),
    g.many,
    g.found,
    `${inOdds(g.likely[0])} to ${inOdds(g.likely[1])}`,
    inOdds(g.like),
  ]),
}))
const label = computed(
  () => `What was said of a place against what was found, in ${plural(groups.length, 'group')}.`,
)
</script>

<template>
  <InkChart
    type="rangeArea"
    :height="280"
    :series="series"
    :dress="dress"
    :label="label"
    :says="says"
    :figures="figures"
  />
</template>
