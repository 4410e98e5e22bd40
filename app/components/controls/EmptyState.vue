<script setup lang="ts">
/** Nothing is here, or not yet: what that means, and in the slot what to press. */
defineProps<{ title: string }>()
</script>

<template>
  <div>
    <h1>{{ title }}</h1>
    <div class="why mt-2"><slot name="why" /></div>
    <slot />
  </div>
</template>
