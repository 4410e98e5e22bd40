<script setup lang="ts">
/** Stop, ring the vet: a stop sign with a receiver in it. */
defineProps<{ size?: number }>()
</script>

<template>
  <svg
    :width="size ?? 26"
    :height="size ?? 26"
    viewBox="0 0 32 32"
    fill="none"
    stroke="currentColor"
    stroke-width="2.5"
    stroke-linejoin="round"
    aria-hidden="true"
  >
    <path d="M10.600 2.500H21.400L29.500 10.600V21.400L21.400 29.500H10.600L2.500 21.400V10.600Z" />
    <path
      d="M11.900 8.300C10.300 8.800 8.800 10.600 9.200 13.100C10 17.900 14.100 22 18.900 22.800C21.400 23.200 23.200 21.700 23.700 20.100C23.900 19.400 23.600 18.800 23 18.500L20.300 17.100C19.700 16.800 19 16.900 18.500 17.400L17.600 18.300C16 17.500 14.500 16 13.700 14.400L14.600 13.500C15.100 13 15.200 12.300 14.900 11.700L13.500 9C13.200 8.400 12.600 8.100 11.900 8.300Z"
      fill="currentColor"
      stroke="none"
    />
  </svg>
</template>
