<script setup lang="ts">
/** What does not belong to the first look, folded under one line that says what it is. */
defineProps<{ says: string }>()
</script>

<template>
  <details>
    <summary class="flex min-h-12 cursor-pointer items-center font-semibold underline">{{ says }}</summary>
    <slot />
  </details>
</template>
