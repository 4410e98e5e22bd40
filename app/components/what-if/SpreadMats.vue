<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import type { HowMany } from '#core/record/odds'
import { STROKES, upright } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'
import { inHundred } from '~/words/hundred'

/** How many of a hundred stretches end without a mat, with one, with more: as it is, and as it might be. */
const props = defineProps<{ rows: { label: string; odds: HowMany; due: boolean }[] }>()
const MATS = ['no mat', 'one', 'more'] as const
const counts = computed(() => props.rows.map((r) => inHundred(r.odds)))
const series = (): ApexOptions['series'] =>
  props.rows.map((r, k) => ({
    name: r.label,
    data: MATS.map((x, i) => ({ x, y: counts.value[k]![i]! })),
  }))
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  colors: props.rows.map((r) => (r.due ? ink.due : ink.ink)),
  fill: STROKES(props.rows.map((r) => (r.due ? 'slantedLines' : 'verticalLines'))),
  plotOptions: { bar: { columnWidth: '60%' } },
  yaxis: upright(base, 100, 4, (y) => (y ? `${Math.round(y)} in 100` : '')),
  xaxis: { ...base.xaxis, type: 'category' },
})
const says = computed(() =>
  MATS.map(
    (m, i) => `${m}: ${props.rows.map((r, k) => `${counts.value[k]![i]} in 100 ${r.label}`).join(', ')}`,
  ),
)
const figures = computed(() => ({
  heads: ['Mats', ...props.rows.map((r) => `${r.label}, in 100`)],
  rows: MATS.map((m, i) => [m, ...counts.value.map((c) => c[i]!)]),
}))
</script>

<template>
  <section aria-label="Mats of a stretch">
    <h2 class="text-story">Mats of a stretch</h2>
    <InkChart
      type="bar"
      :height="190"
      :series="series"
      :dress="dress"
      label="Of a hundred stretches, how many end without a mat, with one, with more."
      :says="says"
      lies="bands"
      :figures="figures"
    />
  </section>
</template>
