<script setup lang="ts">
import { DogDrawing } from '#components'
import type { Pt } from '#drawing/geometry'
import { DOT } from '#drawing/care/panel'
import type { CarePanel } from '#drawing/care/panel'

/**
 * A care drawing without its signs, to be answered on: places scribbled over, a way shown by dragging, or a point
 * picked. By keys the arrows move a cross, and the space bar marks there.
 */
const props = defineProps<{
  panel: CarePanel
  mode: 'mark' | 'rub' | 'way' | 'look'
  label: string
  marks: Pt[][]
  /** Shapes left open, hatched once it was judged. */
  open?: Pt[][]
  /** Lines along which a blade may go, once it was judged. */
  may?: Pt[][]
  /** Where the lie is asked, and the way that was shown. */
  lie?: { at: Pt; way: Pt | null; right: Pt | null } | null
  /** Numbered points to pick among. */
  points?: { at: Pt; tone: 'ask' | 'right' | 'wrong' }[]
}>()
const emit = defineEmits<{ stroke: [Pt[]]; rub: [Pt]; way: [Pt]; undo: [] }>()
const root = ref<HTMLElement | null>(null)
const hatch = useId()
const side = computed(() => Math.max(props.panel.box[2], props.panel.box[3]))
const dot = computed(() => side.value * DOT)

function here(event: PointerEvent): Pt | null {
  const m = root.value?.querySelector('svg')?.getScreenCTM()
  if (!m) return null
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(m.inverse())
  return [p.x, p.y]
}
const drawing = ref<Pt[] | null>(null)
const from = ref<Pt | null>(null)
const shown = ref<Pt | null>(null)
function down(event: PointerEvent) {
  const p = here(event)
  if (!p || props.mode === 'look') return
  const plate = event.currentTarget as HTMLElement
  plate.setPointerCapture(event.pointerId)
  event.preventDefault()
  root.value?.focus({ preventScroll: true })
  if (props.mode === 'mark') drawing.value = [p]
  else if (props.mode === 'way') from.value = p
  else emit('rub', p)
}
function move(event: PointerEvent) {
  const p = here(event)
  if (!p) return
  if (drawing.value) {
    const last = drawing.value.at(-1)!
    if (Math.hypot(p[0] - last[0], p[1] - last[1]) > dot.value * 0.2) drawing.value = [...drawing.value, p]
  } else if (from.value) shown.value = [p[0] - from.value[0], p[1] - from.value[1]]
  else if (props.mode === 'rub' && event.buttons) emit('rub', p)
}
function up() {
  if (drawing.value) emit('stroke', drawing.value)
  if (from.value && shown.value && Math.hypot(...shown.value) > dot.value) emit('way', shown.value)
  drawing.value = from.value = shown.value = null
}

/** The cross, moved by keys. */
const cross = ref<Pt | null>(null)
const WAYS: Record<string, Pt> = {
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
}
function key(event: KeyboardEvent) {
  const way = WAYS[event.key]
  const [x, y, w, h] = props.panel.box
  if (way && props.mode === 'way') emit('way', way)
  else if (way && props.mode !== 'look') {
    const at = cross.value ?? [x + w / 2, y + h / 2]
    const step = side.value * (event.shiftKey ? 0.008 : 0.025)
    cross.value = [
      Math.min(x + w, Math.max(x, at[0] + way[0] * step)),
      Math.min(y + h, Math.max(y, at[1] + way[1] * step)),
    ]
  } else if (event.key === ' ' && cross.value && props.mode === 'mark') emit('stroke', [cross.value])
  else if (event.key === ' ' && cross.value && props.mode === 'rub') emit('rub', cross.value)
  else if (event.key === 'Backspace' && props.mode !== 'look') emit('undo')
  else return
  event.preventDefault()
}

const line = (pts: readonly Pt[]) => `M${pts.map((p) => p.map(Math.round).join(' ')).join('L')}`
/** A press is drawn as a small scribble, never as a neat hatch, which would pass for a caution. */
const scribble = ([x, y]: Pt) => {
  const r = dot.value * 0.9
  return line([
    [x - r, y + r * 0.5],
    [x - r * 0.3, y - r * 0.8],
    [x - r * 0.1, y + r * 0.7],
    [x + r * 0.5, y - r * 0.7],
    [x + r * 0.6, y + r * 0.5],
    [x + r, y - r * 0.4],
  ])
}
const strokeOf = (m: readonly Pt[]) => (m.length > 2 ? line(m) : scribble(m[0]!))
const allMarks = computed(() => [...props.marks, ...(drawing.value ? [drawing.value] : [])])
const arrow = (at: Pt, way: Pt) => {
  const n = Math.hypot(...way) || 1
  const d: Pt = [way[0] / n, way[1] / n]
  const k = side.value * 0.09
  const a: Pt = [at[0] - d[0] * k, at[1] - d[1] * k]
  const b: Pt = [at[0] + d[0] * k, at[1] + d[1] * k]
  const barb = (t: number): Pt => [
    b[0] - (d[0] * Math.cos(t) - d[1] * Math.sin(t)) * k * 0.45,
    b[1] - (d[0] * Math.sin(t) + d[1] * Math.cos(t)) * k * 0.45,
  ]
  return `${line([a, b])}${line([barb(0.5), b, barb(-0.5)])}`
}
const POINTS = { ask: 'var(--ink)', right: 'var(--due)', wrong: 'var(--caution)' }
const over = computed(() => props.panel.over)
</script>

<template>
  <div
    ref="root"
    class="touch-none outline-offset-2 select-none focus-visible:outline-2 focus-visible:outline-due"
    :tabindex="mode === 'look' ? -1 : 0"
    role="application"
    :aria-label="label"
    data-plate
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
    @keydown="key"
  >
    <component
      :is="over ? DogDrawing : 'svg'"
      v-bind="
        over
          ? { sheet: over, states: {}, detail: 1.6, window: panel.box, whole: true }
          : { viewBox: panel.box.join(' ') }
      "
      class="mx-auto block max-h-[56vh] w-full"
      :class="over ? '!h-auto !overflow-hidden' : ''"
    >
      <CareSigns bare :panel="panel" :hatch="hatch" :dot="dot">
        <PlateHatch
          v-for="(s, i) in open ?? []"
          :key="`o${i}`"
          :d="`${line(s)}Z`"
          :hatch="hatch"
          :dot="dot"
          data-open
        />
        <path
          v-for="(m, i) in may ?? []"
          :key="`m${i}`"
          :d="line(m)"
          fill="none"
          stroke="var(--due)"
          :stroke-width="dot * 0.3"
          :stroke-dasharray="`${dot * 0.9} ${dot * 0.6}`"
        />
        <path
          v-for="(m, i) in allMarks"
          :key="`k${i}`"
          :d="strokeOf(m)"
          fill="none"
          stroke="var(--ink)"
          :stroke-width="dot * 0.32"
          stroke-linecap="round"
          stroke-linejoin="round"
          data-mark
        />
        <template v-if="lie">
          <circle
            :cx="lie.at[0]"
            :cy="lie.at[1]"
            :r="dot * 0.9"
            fill="var(--paper)"
            stroke="var(--due)"
            :stroke-width="dot * 0.22"
          />
          <path
            v-if="shown || lie.way"
            :d="arrow(lie.at, shown ?? lie.way!)"
            fill="none"
            stroke="var(--ink)"
            :stroke-width="dot * 0.3"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
          <path
            v-if="lie.right"
            :d="arrow(lie.at, lie.right)"
            fill="none"
            stroke="var(--due)"
            :stroke-width="dot * 0.3"
            :stroke-dasharray="`${dot * 0.9} ${dot * 0.6}`"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
        </template>
        <PlateBadge
          v-for="(p, i) in points ?? []"
          :key="`p${i}`"
          :at="p.at"
          :dot="dot * 1.1"
          :colour="POINTS[p.tone]"
          >{{ i + 1 }}</PlateBadge
        >
        <path
          v-if="cross && (mode === 'mark' || mode === 'rub')"
          :d="`M${cross[0] - dot} ${cross[1]}h${2 * dot}M${cross[0]} ${cross[1] - dot}v${2 * dot}`"
          stroke="var(--due)"
          :stroke-width="dot * 0.25"
        />
      </CareSigns>
    </component>
  </div>
</template>
