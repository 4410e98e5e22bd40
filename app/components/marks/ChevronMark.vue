<script setup lang="ts">
import { ChevronLeftIcon, ChevronRightIcon } from '@heroicons/vue/24/outline'

/** On to the next, or back to the one before. */
defineProps<{ back?: boolean }>()
</script>

<template>
  <component
    :is="back ? ChevronLeftIcon : ChevronRightIcon"
    class="size-5 shrink-0 stroke-2"
    aria-hidden="true"
  />
</template>
