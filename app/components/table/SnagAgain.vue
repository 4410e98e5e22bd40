<script setup lang="ts">
import { MOST_KNOTS } from '#core/record/findings'

/** A snag leads back to the brush, and to the comb again before the place counts as clear. */
const count = ref(1)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const emit = defineEmits<{ glides: [count: number]; catches: [] }>()
</script>

<template>
  <div ref="root">
    <h2 class="mt-2">Back to the brush, then the comb again</h2>
    <p class="why mt-1">Ends first, in light pats. It is clear when the comb glides.</p>
    <div class="mt-2 flex items-center justify-between border-t border-rule">
      <span class="font-semibold">Snags here</span>
      <span class="flex items-center">
        <button class="size-14 text-[24px]" aria-label="One fewer" :disabled="count <= 1" @click="count--">
          −
        </button>
        <b class="figure w-8 text-center text-[21px]" aria-live="polite">{{ count }}</b>
        <button
          class="size-14 text-[24px]"
          aria-label="One more"
          :disabled="count >= MOST_KNOTS"
          @click="count++"
        >
          +
        </button>
      </span>
    </div>
    <p v-if="count >= MOST_KNOTS" class="small">More than {{ MOST_KNOTS }} in one place is felt.</p>
    <button
      data-choice
      class="act act-filled mt-2 min-h-20 w-full text-[19px]"
      @click="emit('glides', count)"
    >
      <FindingMark finding="glides" :size="34" class="mr-2" />It glides now
    </button>
    <button data-choice class="act act-plain mt-2 w-full" @click="emit('catches')">It still catches</button>
  </div>
</template>
