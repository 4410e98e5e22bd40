<script setup lang="ts">
/** How far setup has come: a comb gaining its teeth. */
const props = defineProps<{ step: number; of: number }>()
const TEETH = 48
const grown = computed(() => Math.round((props.step / props.of) * TEETH))
const before = computed(() => Math.round(((props.step - 1) / props.of) * TEETH))
</script>

<template>
  <svg
    viewBox="0 0 358 14"
    class="block w-full"
    preserveAspectRatio="none"
    role="img"
    :aria-label="`Question ${step} of ${of}`"
  >
    <path d="M0 1h358" stroke="var(--ink)" stroke-width="1.5" />
    <path
      v-for="n in TEETH"
      :key="n"
      :d="`M${(n - 0.5) * (358 / TEETH)} 1v${n <= grown ? 12 : 5}`"
      :stroke="n <= before ? 'var(--ink)' : n <= grown ? 'var(--due)' : 'var(--edge)'"
      :stroke-width="n <= grown ? 2 : 1"
    />
  </svg>
</template>
