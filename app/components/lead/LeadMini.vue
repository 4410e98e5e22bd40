<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { daysBetween } from '#core/record/day'
import { shortDay, shortWeekday } from '#core/record/say-day'
import { inOdds } from '~/words/numbers'
import { leadShape } from './lead'

/** The stretch in miniature: the rule under a dog's name. */
const props = defineProps<{
  from: string
  to: string
  today: string
  /** Whether `to` is a booked visit. */
  booked: boolean
  chances: number[]
  /** Days on which the comb went through something, with how many places. */
  sessions: { day: string; places: number }[]
}>()

const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const w = computed(() => Math.max(320, width.value || 358))
const Y = 20
const at = computed(() => daysBetween(props.from, props.today))
const shape = computed(() =>
  leadShape(props.chances, at.value, {
    x0: 30,
    x1: w.value - 42,
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
const FULL = 15
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
      <g
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.6"
        stroke-linecap="round"
        :transform="`translate(29 ${Y})`"
      >
        <path d="M0 0h-4" />
        <circle cx="-7.500" cy="0" r="3" />
        <path
          d="M-10.500-1.500h-4M-10.500 1.500h-4M-14.500-2.800c-5-3-11-2-12 2-1 3.600 3.500 5.600 7 5 2-.4 3.500-1.200 5-2M-14.500-2.800v5"
        />
      </g>
      <path :d="shape.body" fill="var(--coat)" />
      <path :d="shape.tint" fill="var(--tint)" fill-opacity=".3" />
      <path :d="shape.past" fill="var(--ink)" fill-opacity=".85" />
      <path :d="shape.ahead" fill="var(--ink)" fill-opacity=".5" />
      <path :d="shape.edges" fill="var(--ink)" fill-opacity=".9" />
      <g fill="none" :transform="`translate(${w - 41} ${Y})`" stroke-linecap="round">
        <path d="M0 0c10-13 34-15 37-1 2.500 13-20 15-37 3" stroke="var(--ink)" stroke-width="3.600" />
        <path d="M0 0c10-13 34-15 37-1 2.500 13-20 15-37 3" stroke="var(--coat)" stroke-width="1.100" />
        <path d="M-2.500-3.600v7.600M0-3.600v7.600" stroke="var(--ink)" stroke-width="1.300" />
      </g>
      <path
        v-for="s in sessions"
        :key="s.day"
        :d="`M${shape.x(daysBetween(from, s.day))} ${Y + shape.half(daysBetween(from, s.day)) + 2}v${s.places >= FULL ? 8 : 4.5}`"
        stroke="var(--ink-3)"
        :stroke-width="s.places >= FULL ? 1.8 : 1.4"
      />
      <path :d="`M${todayX} 2v34`" stroke="var(--due)" stroke-width="2.2" />
      <g font-size="12.5" fill="var(--ink-2)">
        <text v-if="todayX > 96" x="0" y="50">{{ w > 700 ? 'last visit, ' : '' }}{{ shortDay(from) }}</text>
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
