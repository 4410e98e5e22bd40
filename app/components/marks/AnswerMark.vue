<script setup lang="ts">
/** A groomer's answer as hair: three strands whole, cut across, or struck out. */
defineProps<{ how: 'will' | 'rather' | 'not' }>()
</script>

<template>
  <svg
    width="26"
    height="24"
    viewBox="0 0 26 24"
    fill="none"
    stroke-linecap="round"
    aria-hidden="true"
    class="shrink-0"
  >
    <path
      d="M7 3.500q1.200 8-.6 17M13 3q-1 9 .4 18M19 3.500q.8 9-.8 17"
      stroke="var(--ink)"
      stroke-width="2"
      :stroke-dasharray="how === 'not' ? '3 2.600' : undefined"
    />
    <path v-if="how === 'rather'" d="M2 12.500h22" stroke="var(--due)" stroke-width="2.500" />
    <path v-else-if="how === 'not'" d="M3 20 23 5" stroke="var(--due)" stroke-width="2.500" />
  </svg>
</template>
