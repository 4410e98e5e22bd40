<script setup lang="ts">
import { MOST_KNOTS } from '#core/record/findings'

/** How many of a thing are in one place, by thumb. */
defineProps<{ label: string }>()
const count = defineModel<number>({ required: true })
</script>

<template>
  <div class="mt-2 border-t border-rule">
    <div class="flex items-center justify-between">
      <span class="font-semibold">{{ label }}</span>
      <span class="flex items-center">
        <button
          type="button"
          class="size-14 text-count"
          aria-label="One fewer"
          :disabled="count <= 1"
          @click="count--"
        >
          −
        </button>
        <b class="figure w-8 text-center text-head" aria-live="polite">{{ count }}</b>
        <button
          type="button"
          class="size-14 text-count"
          aria-label="One more"
          :disabled="count >= MOST_KNOTS"
          @click="count++"
        >
          +
        </button>
      </span>
    </div>
    <p v-if="count >= MOST_KNOTS" class="small">More than {{ MOST_KNOTS }} in one place is felt.</p>
  </div>
</template>
