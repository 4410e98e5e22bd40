<script setup lang="ts">
/** What could not be done, or is to be minded, in a line; read out when it comes unless it says itself how. */
const { tag = 'p', marked = false } = defineProps<{ tag?: 'p' | 'span'; marked?: boolean }>()
</script>

<template>
  <component :is="tag" class="refusal" :class="marked && 'flex items-center gap-3'" role="alert">
    <CautionMark v-if="marked" class="shrink-0" /><slot />
  </component>
</template>
