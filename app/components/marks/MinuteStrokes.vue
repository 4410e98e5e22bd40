<script setup lang="ts">
/** Minutes as strokes of a comb, one a minute, leaning as a hand draws them. */
const { minutes, due } = defineProps<{ minutes: number; due?: boolean }>()
/** More than these are a block that nobody counts. */
const MOST = 40
const APART = 2.9
const n = computed(() => Math.min(MOST, Math.round(minutes)))
const d = computed(() =>
  Array.from({ length: n.value }, (_, i) => {
    const lean = ((i * 7) % 5) - 2
    return `M${(2 + i * APART).toFixed(1)} ${2 + (i % 3) * 0.5}l${(lean * 0.4).toFixed(1)} ${11 + (i % 2)}`
  }).join(''),
)
</script>

<template>
  <svg
    v-if="n"
    :width="n * APART + 4"
    height="16"
    :viewBox="`0 0 ${n * APART + 4} 16`"
    fill="none"
    stroke-width="1.500"
    stroke-linecap="round"
    :stroke="due ? 'var(--due)' : 'var(--ink)'"
    aria-hidden="true"
    class="shrink-0"
  >
    <path :d="d" />
  </svg>
</template>
