<script setup lang="ts">
import { daysBetween } from '#core/record/day'
import { shortDay, shortWeekday } from '#core/record/say-day'
import { inOdds } from '~/words/numbers'
import { FULL_FROM, leadShape } from './lead'

/** The stretch in miniature: the rule under a dog's name. */
const props = defineProps<{
  from: string
  to: string
  today: string
  /** Whether `to` is a booked visit. */
  booked: boolean
  /** Whether `from` is a visit, and not only where the record began. */
  visited: boolean
  chances: number[]
  /** Days on which the comb went through something, with how many places. */
  sessions: { day: string; places: number }[]
}>()

const { frame, w } = useFrameWidth()
const Y = 20
const [X0, X1] = [30, 42]
const at = computed(() => daysBetween(props.from, props.today))
const shape = computed(() =>
  leadShape(props.chances, at.value, {
    x0: X0,
    x1: w.value - X1,
    y: Y,
    thin: 3,
    thick: w.value > 700 ? 26 : 22,
  }),
)
const todayX = computed(() => shape.value.x(at.value))
const total = computed(() => daysBetween(props.from, props.to))
const todayAnchor = computed(() =>
  todayX.value < 150 ? 'start' : todayX.value > w.value - 190 ? 'end' : 'middle',
)
const arrival = computed(() => inOdds(props.chances.at(-1) ?? 0))
</script>

<template>
  <div ref="frame" class="h-[54px]">
    <svg
      :viewBox="`0 0 ${w} 54`"
      :width="w"
      height="54"
      class="block overflow-visible"
      role="img"
      :aria-label="`The stretch: day ${at} of ${total}, ${shortDay(from)} to ${shortDay(to)}. With the plan kept, the chance of a mat at the end is ${arrival}.`"
    >
      <LeadBody :shape="shape" :x0="X0" :x1="w - X1" :y="Y" booked />
      <path
        v-for="s in sessions"
        :key="s.day"
        :d="`M${shape.x(daysBetween(from, s.day))} ${Y + shape.half(daysBetween(from, s.day)) + 2}v${s.places >= FULL_FROM ? 8 : 4.5}`"
        stroke="var(--ink-3)"
        :stroke-width="s.places >= FULL_FROM ? 1.8 : 1.4"
      />
      <path :d="`M${todayX} 2v34`" stroke="var(--due)" stroke-width="2.2" />
      <g font-size="12.5" fill="var(--ink-2)">
        <text v-if="todayX > 96" x="0" y="50">
          {{ w > 700 ? (visited ? 'last visit, ' : 'began ') : '' }}{{ shortDay(from) }}
        </text>
        <text :x="todayX" y="50" font-weight="650" fill="var(--ink)" :text-anchor="todayAnchor">
          today, day {{ at }} of {{ total }}
        </text>
        <text v-if="todayX < w - 96" :x="w" y="50" text-anchor="end">
          {{ booked ? (w > 700 ? 'next visit, ' + shortWeekday(to) : shortDay(to)) : 'no visit booked' }}
        </text>
      </g>
    </svg>
  </div>
</template>
