<script setup lang="ts">
/** Nothing is here, or not yet: what that means, and in the slot what to press. */
const { level = 1 } = defineProps<{ title: string; level?: 1 | 2 }>()
</script>

<template>
  <div>
    <component :is="`h${level}`">{{ title }}</component>
    <div class="why mt-2"><slot name="why" /></div>
    <slot />
  </div>
</template>
