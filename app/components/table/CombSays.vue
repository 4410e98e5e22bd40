<script setup lang="ts">
import { KEYED_FINDINGS } from '#core/record/findings'
import type { Finding } from '#core/record/findings'

/** What the comb says, in one press; the likeliest answer has the largest button. */
const emit = defineEmits<{ press: [Finding] }>()
const FINDINGS: Record<Exclude<Finding, 'rasps'>, { label: string; size: 'wide' | 'half' | 'small' }> = {
  glides: { label: 'Glides', size: 'wide' },
  snag: { label: 'Snag', size: 'half' },
  knot: { label: 'Knot', size: 'small' },
  mat: { label: 'Mat', size: 'small' },
  felt: { label: 'Felt', size: 'small' },
  refused: { label: 'Refused', size: 'small' },
}
</script>

<template>
  <div class="grid grid-cols-12 gap-[6px]" role="group" aria-label="What the comb says">
    <button
      v-for="f in KEYED_FINDINGS"
      :key="f"
      :data-finding="f"
      class="flex items-center justify-center rounded text-lead font-semibold"
      :class="[
        FINDINGS[f].size === 'wide' ? 'col-span-7 min-h-20 gap-5 bg-due text-head text-on-due' : '',
        FINDINGS[f].size === 'half'
          ? 'col-span-5 min-h-20 gap-4 border-[1.5px] border-edge bg-coat text-story'
          : '',
        FINDINGS[f].size === 'small'
          ? 'col-span-3 min-h-[70px] flex-col gap-1 border-[1.5px] border-edge bg-coat'
          : '',
        f === 'refused' ? 'border-dashed !bg-transparent' : '',
      ]"
      @click="emit('press', f)"
    >
      <FindingMark :finding="f" :size="FINDINGS[f].size === 'small' ? 30 : 36" />{{ FINDINGS[f].label }}
    </button>
  </div>
</template>
