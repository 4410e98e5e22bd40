<script setup lang="ts">
/** On to the next, or back to the one before. */
defineProps<{ back?: boolean }>()
</script>

<template>
  <svg
    width="20"
    height="20"
    viewBox="0 0 24 24"
    fill="none"
    stroke="currentColor"
    stroke-width="2"
    stroke-linecap="round"
    stroke-linejoin="round"
    aria-hidden="true"
    class="shrink-0"
  >
    <path :d="back ? 'M15 5l-7 7 7 7' : 'M9 5l7 7-7 7'" />
  </svg>
</template>
