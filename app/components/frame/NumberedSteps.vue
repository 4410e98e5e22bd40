<script setup lang="ts">
/** Steps in their order, a line each. */
defineProps<{ steps: readonly string[] }>()
</script>

<template>
  <ol class="border-t border-ink">
    <li v-for="(step, i) in steps" :key="i" class="grid grid-cols-[26px_1fr] border-b border-rule py-2">
      <span class="figure text-ink-2">{{ i + 1 }}</span><span>{{ step }}</span>
    </li>
  </ol>
</template>
