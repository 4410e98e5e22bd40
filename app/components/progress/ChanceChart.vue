<script setup lang="ts">
import { addDays, daysBetween } from '#core/record/day'
import { shortDay } from '#core/record/say-day'
import { inOdds } from '~/words/numbers'

/**
 * Chance of a mat by day: as it was, and dashed, as it will be with the plan kept. A tooth below is a
 * combing. Drawn here rather than by a charting library, whose inline styles the page's content policy refuses.
 */
const props = defineProps<{
  from: string
  chances: number[]
  /** Days from the first to today. */
  at: number
  /** Days on which something was or is to be combed. */
  combings: string[]
}>()
const { frame, w } = useFrameWidth(300)
const H = 286
const [LEFT, RIGHT, TOP, BASE] = [62, 10, 26, 236]
const LINES = [
  { at: 0.1, say: '1 in 10' },
  { at: 0.25, say: '1 in 4' },
  { at: 0.5, say: '1 in 2' },
  { at: 0.75, say: '3 in 4' },
]
const most = computed(() => Math.min(1, Math.max(0.3, Math.max(...props.chances) * 1.12)))
const lines = computed(() => LINES.filter((l) => l.at < most.value))
const x = (n: number) => LEFT + ((w.value - LEFT - RIGHT) * n) / Math.max(1, props.chances.length - 1)
const y = (c: number) => BASE - ((BASE - TOP) * c) / most.value
const path = (list: readonly number[], from: number) =>
  list.map((c, i) => `${i ? 'L' : 'M'}${x(from + i).toFixed(1)} ${y(c).toFixed(1)}`).join('')
const past = computed(() => path(props.chances.slice(0, props.at + 1), 0))
const ahead = computed(() => path(props.chances.slice(props.at), props.at))
const teeth = computed(() =>
  props.combings.map((d) => `M${x(daysBetween(props.from, d)).toFixed(1)} ${BASE + 3}v8`).join(''),
)
const weeks = computed(() => {
  const every = w.value > 520 ? 7 : 14
  return Array.from({ length: Math.ceil(props.chances.length / every) }, (_, n) => n * every).filter(
    (n) => x(n) < w.value - 40,
  )
})

/** The day under the pointer, or walked to by the arrow keys. */
const shown = ref<number | null>(null)
function point(event: PointerEvent) {
  const left = frame.value!.getBoundingClientRect().left
  const n = Math.round(
    ((event.clientX - left - LEFT) / (w.value - LEFT - RIGHT)) * (props.chances.length - 1),
  )
  shown.value = Math.min(props.chances.length - 1, Math.max(0, n))
}
function walk(by: number) {
  shown.value = Math.min(props.chances.length - 1, Math.max(0, (shown.value ?? props.at) + by))
}
const said = computed(() =>
  shown.value === null
    ? ''
    : `${shortDay(addDays(props.from, shown.value))}: ${inOdds(props.chances[shown.value]!)}`,
)
const label = computed(
  () =>
    `Chance of a mat by day, from ${shortDay(props.from)}: today ${inOdds(props.chances[props.at] ?? 0)}, at the end ${inOdds(props.chances.at(-1) ?? 0)}. Arrow keys read it day by day.`,
)
const labelX = computed(() => {
  const px = x(shown.value ?? 0)
  return px > w.value - 90 ? { x: px - 8, anchor: 'end' } : { x: px + 8, anchor: 'start' }
})
</script>

<template>
  <div ref="frame" class="h-[286px]">
    <svg
      :viewBox="`0 0 ${w} ${H}`"
      :width="w"
      :height="H"
      class="block"
      role="img"
      tabindex="0"
      :aria-label="label"
      @pointermove="point"
      @pointerleave="shown = null"
      @keydown.left.prevent="walk(-1)"
      @keydown.right.prevent="walk(1)"
      @blur="shown = null"
    >
      <g font-size="13" fill="var(--ink-2)">
        <template v-for="l in lines" :key="l.at">
          <path :d="`M${LEFT} ${y(l.at)}H${w - RIGHT}`" stroke="var(--rule)" stroke-width="1" />
          <text x="0" :y="y(l.at) + 4">{{ l.say }}</text>
        </template>
        <path :d="`M${LEFT} ${BASE}H${w - RIGHT}`" stroke="var(--edge)" stroke-width="1.6" />
        <text v-for="n in weeks" :key="n" :x="x(n)" :y="BASE + 30">{{ shortDay(addDays(from, n)) }}</text>
      </g>
      <path :d="teeth" stroke="var(--ink-3)" stroke-width="1.6" />
      <path :d="past" fill="none" stroke="var(--ink)" stroke-width="2.2" stroke-linejoin="round" />
      <path
        :d="ahead"
        fill="none"
        stroke="var(--ink)"
        stroke-width="1.8"
        stroke-dasharray="4 4"
        stroke-linejoin="round"
      />
      <path :d="`M${x(at)} ${TOP - 8}V${BASE + 14}`" stroke="var(--due)" stroke-width="2" />
      <text
        v-if="shown === null"
        :x="x(at)"
        :y="TOP - 13"
        font-size="13.5"
        font-weight="650"
        fill="var(--due)"
        text-anchor="middle"
      >
        today
      </text>
      <template v-else>
        <circle :cx="x(shown)" :cy="y(chances[shown]!)" r="4.5" fill="var(--due)" />
        <text
          :x="labelX.x"
          :y="TOP - 10"
          :text-anchor="labelX.anchor"
          font-size="13.5"
          font-weight="650"
          fill="var(--due)"
        >
          {{ said }}
        </text>
      </template>
    </svg>
    <span class="sr-only" role="status">{{ said }}</span>
  </div>
</template>
