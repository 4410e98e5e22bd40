<script setup lang="ts">
import type { Spread } from '#core/simulate/stretches'

/** Minutes of some of the stretches played, a tick each, on one scale. */
const props = defineProps<{ rows: { label: string; spread: Spread; due: boolean }[] }>()
const ends = computed(() => {
  const all = props.rows.flatMap((r) => r.spread.minutes.sample)
  const low = Math.floor(Math.min(...all) / 50) * 50
  const high = Math.max(low + 100, Math.ceil(Math.max(...all) / 50) * 50)
  return [low, high] as const
})
const W = 360
const x = (m: number) => 2 + ((m - ends.value[0]) / (ends.value[1] - ends.value[0])) * (W - 4)
const marks = computed(() => {
  const [low, high] = ends.value
  // Few enough that they stand apart on a phone.
  const step = Math.ceil((high - low) / 150) * 50
  return Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => low + i * step)
})
</script>

<template>
  <div class="grid grid-cols-[auto_1fr_auto] items-center gap-x-5 text-[13.5px]">
    <template v-for="r in rows" :key="r.label">
      <span :class="r.due ? 'text-due' : 'text-ink-2'">minutes, {{ r.label }}</span>
      <svg :viewBox="`0 0 ${W} 22`" class="h-[26px] w-full" preserveAspectRatio="none" aria-hidden="true">
        <path
          :d="r.spread.minutes.sample.map((m) => `M${x(m)} 3v16`).join('')"
          :stroke="r.due ? 'var(--due)' : 'var(--ink)'"
          stroke-width="1.3"
          fill="none"
        />
      </svg>
      <b class="font-semibold"
        >{{ Math.round(r.spread.minutes.low / 5) * 5 }} to
        {{ Math.round(r.spread.minutes.high / 5) * 5 }} min</b
      >
    </template>
    <span class="text-ink-2">a stretch, 8 in 10</span>
    <span class="relative h-6 border-t border-edge">
      <span
        v-for="m in marks"
        :key="m"
        class="absolute -translate-x-1/2 text-ink-2"
        :style="{ left: `${(100 * x(m)) / W}%` }"
        >{{ m }}</span
      >
    </span>
    <span />
  </div>
</template>
