<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { addDays } from '#core/record/day'
import { shortWeekday } from '#core/record/say-day'
import { dayTaken, saySpan } from '#shared/busy'
import type { RoomDog } from '#shared/answers'
import type { dressed, Ink } from '~/components/chart/dress'
import { STROKES } from '~/components/chart/dress'
import { dayKnots } from '~/words/day-sheet'
import { plural } from '~/words/numbers'

/** The week as minutes, day by day: what the groomer's own calendar has booked, what of it knots will take, what lies free. */
const { dogs, today } = defineProps<{ dogs: readonly RoomDog[]; today: string }>()
const own = useOwnCalendar()
const desk = useDesk()
const WEEK = 7
const days = computed(() =>
  Array.from({ length: WEEK }, (_, i) => addDays(today, i))
    .map((day) => {
      const here = dogs.filter((d) => d.visit === day)
      return { day, many: here.length, ...dayKnots(here), ...dayTaken(own.spansOn(day)) }
    })
    .filter((d) => d.many || d.booked),
)
type Row = (typeof days.value)[number]
const KINDS: {
  name: string
  colour: keyof Ink
  style: 'verticalLines' | 'slantedLines'
  of: (d: Row) => number
}[] = [
  { name: 'knots', colour: 'due', style: 'verticalLines', of: (d) => d.usual },
  {
    name: 'booked beside',
    colour: 'ink-2',
    style: 'verticalLines',
    of: (d) => Math.max(0, d.booked - d.usual),
  },
  { name: 'free between', colour: 'edge', style: 'slantedLines', of: (d) => d.free },
]
const words = (d: Row) =>
  `${shortWeekday(d.day)}, ${plural(d.many, 'dog')}${d.short ? (d.many > 1 ? `, ${d.short} short` : ', short') : ''}`
const series = (ink: Ink): ApexOptions['series'] =>
  KINDS.map(({ name, of }, i) => ({
    name,
    data: days.value.map((d) => ({
      x: words(d),
      y: of(d),
      ...(i || !d.most
        ? {}
        : {
            goals: [
              {
                name: 'at most four times in five',
                value: d.most,
                strokeWidth: 2,
                strokeHeight: 18,
                strokeColor: ink.ink,
              },
            ],
          }),
    })),
  }))
const dress = (base: ReturnType<typeof dressed>, ink: Ink): ApexOptions => ({
  ...base,
  chart: { ...base.chart, stacked: true },
  colors: KINDS.map((k) => ink[k.colour]),
  fill: STROKES(KINDS.map((k) => k.style)),
  plotOptions: { bar: { horizontal: true, barHeight: '50%' } },
  grid: { ...base.grid, xaxis: { lines: { show: true } }, yaxis: { lines: { show: false } } },
  xaxis: {
    ...base.xaxis,
    min: 0,
    tickAmount: desk.value ? 4 : 2,
    labels: { ...base.xaxis.labels, formatter: (x: string) => `${Math.round(Number(x))} min` },
  },
  yaxis: { labels: { maxWidth: 180, style: { fontSize: '13.5px', colors: ink.ink } } },
})
const sayKnots = (d: Row) =>
  d.many ? `knots usually ${d.usual} min, at most ${d.most} four times in five` : 'nobody of this room'
const sayGaps = (d: Row) => (d.gaps.length ? `free ${d.gaps.map(saySpan).join(', ')}` : '')
const says = computed(() =>
  days.value.map((d) =>
    [
      words(d),
      d.booked ? `${d.booked} min booked` : '',
      sayKnots(d),
      d.short ? `${plural(d.short, 'dog')} to go short` : '',
      sayGaps(d),
    ]
      .filter(Boolean)
      .join('; '),
  ),
)
const figures = computed(() => ({
  heads: ['Day', 'Dogs', 'Booked', 'Knots', 'At most', 'Go short', 'Free between'],
  rows: days.value.map((d) => [
    shortWeekday(d.day),
    d.many,
    d.booked ? `${d.booked} min` : '',
    d.many ? `${d.usual} min` : '',
    d.many ? `${d.most} min` : '',
    d.short || '',
    d.gaps.map(saySpan).join(', '),
  ]),
}))
</script>

<template>
  <div v-if="days.length" data-room-week>
    <p class="small">
      Rust is what knots usually take, the upright at most four times in five<template v-if="own.known.value"
        >; grey is what else is booked, slanted what lies free between</template
      >.
    </p>
    <InkChart
      type="bar"
      :height="56 + days.length * 30"
      :series="series"
      :dress="dress"
      label="Minutes of each day this week: booked, knots, free between."
      :says="says"
      lies="rows"
      :figures="figures"
    />
    <label class="small flex min-h-11 flex-wrap items-center gap-x-3">
      {{
        own.known.value
          ? 'Your calendar is known on this device, and goes nowhere. Another:'
          : 'With your calendar, read on this device alone, what is booked and what is free stands here too:'
      }}
      <input
        type="file"
        accept=".ics,text/calendar"
        name="week-calendar"
        aria-label="Your calendar, an .ics file"
        class="w-56"
        @change="own.fromPicked"
      />
    </label>
    <NoticeLine v-if="own.problem.value" class="mt-1">{{ own.problem.value }}</NoticeLine>
  </div>
</template>
