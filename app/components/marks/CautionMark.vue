<script setup lang="ts">
/** Caution: a tented fold of skin, hatched like the danger places. */
defineProps<{ size?: number }>()
</script>

<template>
  <svg
    :width="size ?? 26"
    :height="size ?? 26"
    viewBox="0 0 26 26"
    fill="none"
    stroke="currentColor"
    stroke-width="2"
    stroke-linecap="round"
    stroke-linejoin="round"
    aria-hidden="true"
  >
    <path d="M1.500 22c6 0 7-18 11.500-18S18.500 22 24.500 22" />
    <path d="M9.800 17.500L14 11M12 20.500L16.200 14.200M11.300 11.500L13 8.800" stroke-width="1.700" />
  </svg>
</template>
