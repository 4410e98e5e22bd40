<script setup lang="ts">
import type { Comfort } from '#core/record/findings'

/** How the dog bore it: a flat line, a waving one, one that stops. */
defineProps<{ comfort: Comfort }>()
</script>

<template>
  <svg
    width="22"
    height="22"
    viewBox="0 0 24 24"
    fill="none"
    stroke="currentColor"
    stroke-width="2"
    stroke-linecap="round"
    aria-hidden="true"
  >
    <path v-if="comfort === 'easy'" d="M3 12h18" />
    <path v-else-if="comfort === 'fidgety'" d="M2 14c3-7 5-7 7-1s4 6 6 0 4-6 7-2" />
    <path v-else d="M3 12h12M19 5v14" />
  </svg>
</template>
