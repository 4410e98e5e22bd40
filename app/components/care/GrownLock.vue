<script setup lang="ts">
/** A lock of hair as far grown as `share` of what is let grow; the bar is where it has run out. */
const props = defineProps<{ share: number; due: boolean }>()
const W = 236
const to = computed(() => Math.max(8, Math.min(1.06, props.share) * W))
const strands = computed(() =>
  [-3, -1, 1.5, 3].map((y, i) => {
    const x = to.value * (0.9 + 0.03 * i)
    return `M2 ${10 + y * 0.6}C${x * 0.3} ${4 + y} ${x * 0.62} ${16 - y} ${x} ${9 + y * 0.9}`
  }),
)
</script>

<template>
  <svg :viewBox="`0 0 ${W + 10} 20`" class="h-5 w-full" preserveAspectRatio="none" aria-hidden="true">
    <path d="M2 3V17" stroke="var(--ink)" stroke-width="1.5" />
    <path
      v-for="d in strands"
      :key="d"
      :d="d"
      fill="none"
      :stroke="due ? 'var(--due)' : 'var(--ink)'"
      stroke-width="1.3"
      vector-effect="non-scaling-stroke"
    />
    <path :d="`M${W} 1V19`" :stroke="due ? 'var(--due)' : 'var(--ink-2)'" stroke-width="2" />
  </svg>
</template>
