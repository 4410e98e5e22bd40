<script setup lang="ts">
import { ActButton } from '#components'
import { usePreferredDark } from '@vueuse/core'
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import type { ApexOptions } from 'apexcharts'
import { dressed, readInk } from './dress'
import type { Ink } from './dress'

/**
 * A chart in the house's hand. What it shows is told in words, point by point, under the pointer and by the
 * arrow keys; the same figures stand in a table one press away, and alone where the chart cannot be fetched.
 */
const props = defineProps<{
  type: 'line' | 'rangeArea' | 'bar' | 'rangeBar' | 'scatter' | 'heatmap'
  height: number
  series: (ink: Ink) => ApexOptions['series']
  /** From what all charts have in common to this one. */
  dress: (base: ReturnType<typeof dressed>, ink: Ink) => ApexOptions
  label: string
  /** Each point in words, along the axis. */
  says: readonly string[]
  /** Where the walk by keys begins. */
  at?: number
  /** Points lie on the axis, or bars beside one another; across, or down the page. */
  lies?: 'points' | 'bands' | 'rows'
  figures: { heads: readonly string[]; rows: readonly (readonly (string | number)[])[] }
  /** A point tells more when it is pressed. */
  pickable?: boolean
}>()
const emit = defineEmits<{ pick: [index: number] }>()

const missing = ref(false)
const ApexChart = defineAsyncComponent(() =>
  import('vue3-apexcharts').then(
    (charts) => charts.default,
    () => {
      missing.value = true
      return { render: () => null }
    },
  ),
)
const dark = usePreferredDark()
/** Read anew when the page changes from light to dark. */
const ink = computed(() => (void dark.value, readInk()))
const shownSeries = computed(() => props.series(ink.value))
const options = computed(() => {
  const made = props.dress(dressed(ink.value, props.height), ink.value)
  return { ...made, chart: { ...made.chart, type: props.type } }
})

/** Where the library has put its plot, px within the frame. */
interface Globals {
  translateX: number
  translateY: number
  gridWidth: number
  gridHeight: number
}
const drawn = ref<{ chart?: { w: { globals: Globals } } } | null>(null)
const plot = shallowRef<Globals | null>(null)
const measure = () => (plot.value = { ...drawn.value!.chart!.w.globals })
const n = computed(() => props.says.length)
const shown = ref<number | null>(null)
const clampTo = (i: number) => Math.max(0, Math.min(n.value - 1, i))
const frame = ref<HTMLElement | null>(null)
function point(event: PointerEvent) {
  if (!plot.value || !frame.value || !n.value) return
  const box = frame.value.getBoundingClientRect()
  const { translateX, translateY, gridWidth, gridHeight } = plot.value
  const share =
    props.lies === 'rows'
      ? (event.clientY - box.top - translateY) / gridHeight
      : (event.clientX - box.left - translateX) / gridWidth
  const points = (props.lies ?? 'points') === 'points'
  shown.value = clampTo(points ? Math.round(share * (n.value - 1)) : Math.floor(share * n.value))
}
function walk(by: number) {
  shown.value = clampTo((shown.value ?? (props.at ?? 0) - by) + by)
}
const pick = () => props.pickable && shown.value !== null && emit('pick', shown.value)
/** A thin upright, or a level, through what is told. */
const through = computed(() => {
  if (shown.value === null || !plot.value) return null
  const { translateX, translateY, gridWidth, gridHeight } = plot.value
  const points = (props.lies ?? 'points') === 'points'
  const share = points ? shown.value / Math.max(1, n.value - 1) : (shown.value + 0.5) / n.value
  return props.lies === 'rows'
    ? {
        left: '0px',
        top: `${translateY + share * gridHeight + gridHeight / n.value / 2}px`,
        width: '100%',
        height: '0px',
      }
    : {
        left: `${translateX + share * gridWidth}px`,
        top: `${translateY}px`,
        width: '0px',
        height: `${gridHeight}px`,
      }
})
</script>

<template>
  <figure class="m-0" data-chart>
    <p class="small min-h-[20px] text-right text-due" aria-hidden="true">
      {{ shown === null ? '' : says[shown] }}
    </p>
    <div
      v-if="!missing"
      ref="frame"
      class="chart-frame relative"
      :class="pickable ? 'cursor-pointer' : ''"
      :style="{ minHeight: `${height}px` }"
      role="img"
      tabindex="0"
      :aria-label="`${label} Arrow keys read it${pickable ? ', Enter tells more' : ''}.`"
      @pointermove="point"
      @pointerdown="point"
      @pointerleave="shown = null"
      @click="pick"
      @keydown.left.prevent="walk(-1)"
      @keydown.right.prevent="walk(1)"
      @keydown.up.prevent="walk(-1)"
      @keydown.down.prevent="walk(1)"
      @keydown.enter.prevent="pick"
      @blur="shown = null"
    >
      <ApexChart
        ref="drawn"
        :type="type"
        :height="height"
        :options="options"
        :series="shownSeries"
        aria-hidden="true"
        @mounted="measure"
        @updated="measure"
      />
      <span
        v-if="through"
        class="pointer-events-none absolute border-t border-l border-due"
        :style="through"
        aria-hidden="true"
      />
    </div>
    <p v-else class="why" role="status">The chart could not be fetched; its figures stand here.</p>
    <span class="sr-only" role="status">{{ shown === null ? '' : says[shown] }}</span>
    <Disclosure v-slot="{ open }" :key="String(missing)" :default-open="missing">
      <DisclosureButton :as="ActButton" kind="quiet" class="!min-h-9 text-side">{{
        open ? 'Without the figures' : 'The figures'
      }}</DisclosureButton>
      <DisclosurePanel
        class="max-h-80 overflow-auto"
        tabindex="0"
        role="region"
        :aria-label="`The figures. ${label}`"
      >
        <slot name="figures" />
        <table v-if="figures.rows.length" class="w-full text-side">
          <thead>
            <tr class="small text-left">
              <th v-for="h in figures.heads" :key="h" class="border-b border-ink py-1 pr-3 font-normal">
                {{ h }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in figures.rows" :key="i" class="border-b border-rule">
              <td v-for="(cell, k) in row" :key="k" class="py-1 pr-3">{{ cell }}</td>
            </tr>
          </tbody>
        </table>
      </DisclosurePanel>
    </Disclosure>
  </figure>
</template>

<style scoped>
/* The library clips an upright to the plot; a line has no width, and a browser draws nothing of what it clips to none. */
:deep([class*='goals-markers'] > g) {
  clip-path: none;
}
</style>
