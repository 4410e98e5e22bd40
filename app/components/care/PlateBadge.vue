<script setup lang="ts">
import type { Pt } from '#drawing/geometry'

/** A number or a letter on a care drawing, in its ring; filled for a mark of this dog. */
defineProps<{ at: Pt; dot: number; colour: string; filled?: boolean }>()
</script>

<template>
  <g>
    <circle
      :cx="at[0]"
      :cy="at[1]"
      :r="dot"
      :fill="filled ? colour : 'var(--paper)'"
      :stroke="filled ? 'var(--paper)' : colour"
      :stroke-width="dot * 0.17"
    />
    <text
      :x="at[0]"
      :y="at[1] + dot * 0.45"
      text-anchor="middle"
      :font-size="dot * 1.35"
      font-weight="700"
      :fill="filled ? 'var(--paper)' : colour"
    >
      <slot />
    </text>
  </g>
</template>
