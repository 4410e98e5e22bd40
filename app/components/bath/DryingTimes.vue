<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { dryerProblem, dryingMinutes } from '#core/care/bath/drying-told'
import { USUAL_WATTS } from '#core/coat/drying'
import type { CoatId } from '#core/coat/coat-types'
import type { Dryer } from '#core/coat/drying'
import { STROKES } from '~/components/chart/dress'
import type { dressed, Ink } from '~/components/chart/dress'

/** How long drying takes with the dryer there is, as a range, and against the other kind. */
const props = defineProps<{
  coat: CoatId
  kg: number
  mm: number
  cold: boolean
  /** How much of a usual coat’s time: what this one was found to take, and the share that is washed. */
  times: number
  /** The weather is the stand-in's. */
  invented: boolean
  dryer: Dryer
  watts: number | null
}>()
const emit = defineEmits<{ dryer: [Dryer]; watts: [number] }>()
const KINDS: { value: Dryer; words: string }[] = [
  { value: 'household', words: 'household' },
  { value: 'forced', words: 'high-velocity' },
  { value: 'none', words: 'none' },
]
const typed = ref(String(props.watts ?? USUAL_WATTS))
const problem = computed(() => (props.dryer === 'household' ? dryerProblem(Number(typed.value)) : null))
watch(typed, (t) => !dryerProblem(Number(t)) && emit('watts', Number(t)))
const of = (dryer: Dryer, watts?: number) =>
  dryingMinutes(props, dryer, { cold: props.cold, ...(watts ? { watts } : {}) }, props.times)
const mine = computed(() =>
  problem.value ? null : of(props.dryer, props.dryer === 'household' ? Number(typed.value) : undefined),
)
const bars = computed(() => [
  {
    kind: 'household',
    r: of('household', problem.value ? undefined : Number(typed.value))!,
    own: props.dryer === 'household',
  },
  { kind: 'high-velocity', r: of('forced')!, own: props.dryer === 'forced' },
])
const words = (b: (typeof bars.value)[number]) => `${b.kind}${b.own ? ', yours' : ''}`
const series = (ink: Ink): ApexOptions['series'] => [
  {
    name: 'minutes',
    data: bars.value.map((b) => ({
      x: words(b),
      y: [b.r.from, b.r.to],
      fillColor: b.own ? ink.due : ink.edge,
    })),
  },
]
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  fill: STROKES(['verticalLines']),
  plotOptions: { bar: { horizontal: true, barHeight: '44%' } },
  grid: { ...base.grid, xaxis: { lines: { show: true } }, yaxis: { lines: { show: false } } },
  xaxis: {
    ...base.xaxis,
    min: 0,
    tickAmount: 4,
    labels: { ...base.xaxis.labels, formatter: (x: string) => `${Math.round(Number(x))} min` },
  },
  yaxis: { labels: { maxWidth: 170, style: { fontSize: '14px', colors: ink.ink } } },
})
const says = computed(() => bars.value.map((b) => `${words(b)}: ${b.r.from} to ${b.r.to} minutes`))
const figures = computed(() => ({
  heads: ['Dryer', 'From', 'To'],
  rows: bars.value.map((b) => [words(b), `${b.r.from} min`, `${b.r.to} min`]),
}))
</script>

<template>
  <section aria-label="Drying">
    <h2 class="border-t border-ink pt-2" data-drying>
      {{ mine ? `Drying, ${mine.from} to ${mine.to} minutes` : 'Drying' }}
    </h2>
    <div class="mt-1 flex flex-wrap items-end gap-x-4">
      <ChoiceRow
        :model-value="dryer"
        tight
        label="Your dryer"
        :choices="KINDS"
        @update:model-value="(d: Dryer | undefined) => d && emit('dryer', d)"
      />
      <label v-if="dryer === 'household'" class="flex items-center gap-1 text-body"
        ><input
          v-model="typed"
          name="watts"
          inputmode="numeric"
          class="h-11 w-16 border-b border-edge bg-transparent text-right"
        />
        W</label
      >
    </div>
    <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
    <InkChart
      type="rangeBar"
      :height="130"
      :series="series"
      :dress="dress"
      label="Minutes of drying, by dryer."
      :says="says"
      lies="rows"
      :figures="figures"
    />
    <p class="why mt-3 text-body">
      {{
        cold ? `Counted as for cold or damp weather${invented ? ', which is invented here' : ''}. ` : ''
      }}With the lie for flat, against it for fluffy. A household dryer is no way to dry a dense coat before
      bed.
    </p>
  </section>
</template>
