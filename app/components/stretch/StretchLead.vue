<script setup lang="ts">
import { CARE } from '#core/due/due'
import type { CareId } from '#core/record/tidies'
import { addDays, daysBetween } from '#core/record/day'
import { dayAndMonth, shortDay, shortWeekday, weekdayName } from '#core/record/say-day'
import type { Hung } from '~/composables/stretch-view'
import { leadShape, swell } from '~/components/lead/lead'
import { standClear } from '~/components/lead/stand-clear'

/**
 * The stretch as a lead, sessions hung on it by day. One can be drawn to another day by pointer, or
 * by the arrow keys; what that would do shows as a dashed line.
 */
const props = defineProps<{
  from: string
  to: string
  today: string
  booked: boolean
  /** Chance of a mat each day, first to last. */
  chances: number[]
  hung: Hung[]
  picked: string | null
  move: { from: string; to: string } | null
  /** Chances from today with the move made. */
  moved: number[] | null
  blocked: readonly string[]
  /** Care beside the comb, done or to come. */
  care: { day: string; care: CareId; past: boolean }[]
}>()
const emit = defineEmits<{ pick: [string]; move: [string, string]; keep: []; back: [] }>()

const { frame, w } = useFrameWidth()
const wide = computed(() => w.value > 700)
const Y = 92
const total = computed(() => daysBetween(props.from, props.to))
const at = computed(() => daysBetween(props.from, props.today))
const box = computed(() => ({
  x0: wide.value ? 54 : 28,
  x1: w.value - (wide.value ? 56 : 42),
  y: Y,
  thin: 4,
  thick: wide.value ? 50 : 34,
}))
const shape = computed(() => leadShape(props.chances, at.value, box.value))
const x = (day: string) => {
  const { x0, x1 } = box.value
  return x0 + ((x1 - x0) * daysBetween(props.from, day)) / Math.max(1, total.value)
}
const todayX = computed(() => x(props.today))
const weeks = computed(() =>
  Array.from({ length: Math.floor(total.value / 7) + 1 }, (_, n) => addDays(props.from, n * 7)).filter(
    (day, n) =>
      (wide.value || n % 2 === 0) &&
      x(day) < w.value - 70 &&
      (todayX.value < x(day) - 4 || todayX.value > x(day) + (wide.value ? 84 : 50)),
  ),
)
const ticks = computed(() => {
  let d = ''
  for (let n = 0; n <= total.value; n++) {
    const px = x(addDays(props.from, n)).toFixed(1)
    d += n % 7 === 0 ? `M${px} 28v16` : `M${px} 39v5`
  }
  return d
})
/** Chances closer than this look the same. */
const SHOWS_FROM = 0.008
/** The outline with the move made, where it differs. */
const dashed = computed(() => {
  if (!props.moved) return ''
  const { thin, thick } = box.value
  // The bare outline of the lead as it would be.
  const half = (chance: number) => (thin + (thick - thin) * swell(chance)) / 2 + 1
  let upper = ''
  let lower = ''
  const differs = (n: number) =>
    Math.abs((props.moved![n] ?? 0) - (props.chances[at.value + n] ?? 0)) > SHOWS_FROM
  props.moved.forEach((chance, n) => {
    if (!differs(n) && !differs(n - 1) && !differs(n + 1)) return
    const px = x(addDays(props.today, n)).toFixed(1)
    const go = upper && (differs(n - 1) || differs(n - 2) || differs(n)) ? 'L' : 'M'
    upper += `${go}${px} ${(Y - half(chance)).toFixed(1)}`
    lower += `${go}${px} ${(Y + half(chance)).toFixed(1)}`
  })
  return upper + lower
})

const FULL = 'M-7-6h14M-7-6v11M-3.5-6v11M0-6v11M3.500-6v11M7-6v11'
const SHORT = 'M-4-6h8M-4-6v8M0-6v8M4-6v8'
const rowOf = (h: Hung) => (h.full ? 182 : 146)
/** Those of one day stand side by side. */
const careDays = computed(() => {
  const days = new Map<string, { day: string; past: boolean; care: CareId[] }>()
  for (const c of props.care) {
    const there = days.get(c.day) ?? { day: c.day, past: c.past, care: [] }
    there.care.push(c.care)
    days.set(c.day, there)
  }
  return [...days.values()]
})
const careSaid = (care: readonly CareId[]) => care.map((c) => CARE[c].label.toLowerCase()).join(', ')
/** Pixels a mark takes, and a letter below it about. */
const MARK = 21
const LETTER = 7.2
/** Clear between the words of two days, px. */
const BETWEEN = 8
/** Where each day's marks stand: at their day, or moved aside as far as their neighbours need. */
const careAt = computed(() => {
  const days = [...careDays.value].sort((a, b) => (a.day < b.day ? -1 : 1))
  const half = days.map(({ care }) => {
    const said = wide.value ? careSaid(care).length * LETTER : 0
    return Math.max(care.length * MARK, said) / 2 + BETWEEN / 2
  })
  const centre = standClear(
    days.map((c) => x(c.day)),
    half,
    w.value,
  )
  return new Map(days.map((c, n) => [c.day, centre[n]! - x(c.day)]))
})
const CARE_Y = 232
/** Its thread starts at the lead, or below the session of that day. */
const careTop = (day: string) => {
  const session = props.hung.find((h) => h.day === day)
  return session ? rowOf(session) + 27 : Y + shape.value.half(daysBetween(props.from, day)) + 2
}
/** A number that the frame of the one picked would cut through is left out, px. */
const FRAME_CLEAR = 24
const crowded = (h: Hung) => {
  const held = props.hung.find((p) => !p.past && p.day === props.picked)
  if (!held || held === h || rowOf(held) !== rowOf(h)) return false
  return Math.abs(x(dayShown(held)) - x(dayShown(h))) < FRAME_CLEAR
}
/** The session that moves stands over the one of that day, which it would join. */
const covered = (h: Hung) => props.move?.to === h.day && props.move.from !== h.day
const dayShown = (h: Hung) => (props.move?.from === h.day ? props.move.to : h.day)
const said = (h: Hung) =>
  `${weekdayName(h.day)} ${dayAndMonth(h.day)}, ${h.minutes} minutes, ${h.past ? 'done' : h.pinned ? 'planned and pinned' : 'planned'}`

/** The day under the pointer, kept to days that can have a session. */
function dayAt(clientX: number): string {
  const left = frame.value!.getBoundingClientRect().left
  const { x0, x1 } = box.value
  const n = Math.round(((clientX - left - x0) / (x1 - x0)) * total.value)
  const last = total.value - 1
  return addDays(props.from, Math.max(at.value, Math.min(last, n)))
}
const { down, drag, up, key } = useLeadDrag(props, dayAt, {
  pick: (day) => emit('pick', day),
  move: (from, to) => emit('move', from, to),
  keep: () => emit('keep'),
  back: () => emit('back'),
})
</script>

<template>
  <div ref="frame" class="h-[262px] touch-pan-y select-none">
    <svg
      :viewBox="`0 0 ${w} 262`"
      :width="w"
      height="262"
      class="block overflow-visible"
      role="group"
      :aria-label="`The stretch, ${shortDay(from)} to ${shortDay(to)}`"
    >
      <path :d="ticks" stroke="var(--rule)" stroke-width="1.3" />
      <g font-size="13" fill="var(--ink-2)">
        <text v-for="day in weeks" :key="day" :x="x(day) + 5" y="38">
          {{ wide ? shortWeekday(day) : shortDay(day) }}
        </text>
      </g>
      <path
        v-for="day in blocked.filter((d) => d >= today && d < to)"
        :key="day"
        :d="`M${x(day) - 4} ${Y - 30}l8 60`"
        stroke="var(--edge)"
        stroke-width="1.6"
      />
      <LeadBody :shape="shape" :x0="box.x0" :x1="box.x1" :y="Y" :booked="booked" />
      <path
        v-if="dashed"
        :d="dashed"
        fill="none"
        stroke="var(--due)"
        stroke-width="2"
        stroke-dasharray="4 3"
      />
      <path :d="`M${todayX} 22V${Y + 40}`" stroke="var(--due)" stroke-width="2" />
      <text :x="todayX" y="16" font-size="14" font-weight="650" fill="var(--due)" text-anchor="middle">
        today
      </text>
      <g
        v-for="c in careDays"
        :key="c.day"
        :transform="`translate(${x(c.day)} 0)`"
        :style="{ color: c.past ? 'var(--ink-3)' : 'var(--ink)' }"
        fill="none"
        stroke="currentColor"
        stroke-width="1.6"
        stroke-linecap="round"
      >
        <title>{{ careSaid(c.care) }}</title>
        <path
          :d="`M0 ${careTop(c.day)}V${CARE_Y - 20}L${careAt.get(c.day)} ${CARE_Y - 11}`"
          stroke-width="1"
          stroke="var(--edge)"
        />
        <CareMark
          v-for="(id, i) in c.care"
          :key="id"
          :care="id"
          :transform="`translate(${careAt.get(c.day)! + (i - (c.care.length - 1) / 2) * MARK} ${CARE_Y})`"
        />
        <text
          v-if="wide"
          :x="careAt.get(c.day)"
          :y="CARE_Y + 23"
          text-anchor="middle"
          stroke="none"
          fill="currentColor"
          font-size="13"
        >
          {{ careSaid(c.care) }}
        </text>
      </g>
      <g
        v-for="h in hung"
        :key="h.day"
        :transform="`translate(${x(dayShown(h))} 0)`"
        :role="h.past ? undefined : 'button'"
        :tabindex="h.past ? undefined : 0"
        :aria-label="h.past ? undefined : said(h)"
        :aria-pressed="h.past ? undefined : picked === h.day"
        :data-session="h.past ? undefined : h.day"
        :class="h.past ? '' : 'cursor-grab'"
        :opacity="covered(h) ? 0 : 1"
        :style="{ color: h.past ? 'var(--ink-3)' : move?.from === h.day ? 'var(--due)' : 'var(--ink)' }"
        @pointerdown="down($event, h)"
        @pointermove="drag"
        @pointerup="up"
        @pointercancel="up"
        @keydown="key($event, h)"
        @click="!h.past && emit('pick', h.day)"
      >
        <rect v-if="!h.past" x="-12" :y="Y - 26" width="24" :height="rowOf(h) - Y + 56" fill="transparent" />
        <path
          :d="`M0 ${Y + shape.half(daysBetween(from, h.day)) + 2}V${rowOf(h) - 8}`"
          stroke="currentColor"
          stroke-width="1"
        />
        <rect
          v-if="picked === h.day"
          x="-15"
          :y="rowOf(h) - 13"
          width="30"
          height="40"
          rx="3"
          fill="var(--paper)"
          stroke="currentColor"
          stroke-width="2"
        />
        <path
          :d="h.full ? FULL : SHORT"
          :transform="`translate(0 ${rowOf(h)})`"
          fill="none"
          stroke="currentColor"
          stroke-width="1.7"
        />
        <text
          v-if="picked === h.day || (wide && !crowded(h))"
          :y="rowOf(h) + 21"
          font-size="13.5"
          text-anchor="middle"
          fill="currentColor"
          :font-weight="h.past ? 450 : 600"
        >
          {{ h.minutes }}
        </text>
        <path
          v-if="h.pinned"
          :transform="`translate(0 ${rowOf(h) - 16})`"
          d="M0-5a3.500 3.500 0 1 1-.01 0M0 2v5"
          fill="none"
          stroke="currentColor"
          stroke-width="1.8"
        />
      </g>
    </svg>
  </div>
</template>
