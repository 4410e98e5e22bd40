<script setup lang="ts">
import type { Finding } from '#core/record/findings'

/** What the comb said, as drawn hair: shape alone tells the seven apart. */
defineProps<{ finding: Finding; size?: number }>()
</script>

<template>
  <svg
    :width="size ?? 32"
    :height="size ?? 32"
    viewBox="0 0 32 32"
    fill="none"
    stroke="currentColor"
    stroke-width="1.7"
    stroke-linecap="round"
    stroke-linejoin="round"
    aria-hidden="true"
  >
    <path
      v-if="finding === 'glides'"
      d="M7 4c-1.2 8 1.4 16 0 24M13 4c1.4 8-1.2 16 0 24M19 4c-1.2 8 1.4 16 0 24M25 4c1.4 8-1.2 16 0 24"
    />
    <path
      v-else-if="finding === 'rasps'"
      d="M7 4c-1.200 8 1.400 16 0 24M25 4c1.400 8-1.200 16 0 24M13 4l2 4-3 4 3 4-3 4 2 4-1 4M20 4l-2 4 3 4-3 4 3 4-2 4 1 4"
    />
    <path
      v-else-if="finding === 'snag'"
      d="M7 4c-1.2 8 1.4 16 0 24M25 4c1.2 8-1.4 16 0 24M13 4c0 8 1 10 5.5 11.5 3.5 1.3 3 5-.2 5-4 0-5.3-3.500-5.300-8.500M19 4c.4 5-5.500 9-6 14-.3 4 .3 7 0 10"
    />
    <template v-else-if="finding === 'knot'">
      <path
        d="M6 4c2 6 5 7.500 7.500 9.500M26 4c-2 6-5 7.500-7.500 9.500M13.500 4c.3 3 .8 5 1.500 8M18.500 4c-.3 3-.8 5-1.500 8M13.500 20.500c-2.500 2-5.500 3.500-7.500 7.500M18.500 20.500c2.500 2 5.500 3.500 7.500 7.500M15 21l-1.500 7M17 21l1.500 7"
      />
      <circle cx="16" cy="16.5" r="4.6" stroke-width="2" />
      <path
        d="M12.600 14.200c2.500 3 5.500 4.500 7.600 4.300M19.600 13.600c-2 3.200-4.500 5.300-6.900 5.500"
        stroke-width="1.5"
      />
    </template>
    <template v-else-if="finding === 'mat'">
      <path d="M7 4v7M13 4l.3 5M19 4l-.3 5M25 4v7" />
      <path d="M4.500 27.500c-1.500-9 3-17 11.500-17s13 8 11.500 17z" stroke-width="2" />
      <path
        d="M8 16.500l13 10M12.500 12.500l13 10.500M6 22l7.500 5.500M24 15.500l-13 11M19.500 12.300L6.500 22.500M26.500 20.500l-8 6.500"
        stroke-width="1.5"
      />
    </template>
    <template v-else-if="finding === 'felt'">
      <path
        d="M3.500 8.500c4-1.500 8 1 12.500 0s8.500 1 12.500-.3v17.500c-4 1.400-8-.8-12.500.2s-8.500-1-12.500.3z"
        fill="currentColor"
      />
      <path
        d="M7 13l4 4M11 12.500l-4 5M14 14l5 4M18 13l-4 5.500M22 13l4 4M25.500 12.500l-3.500 5M9 20l4 3.500M13 19.500l-4 4M18 20l5 3.500M23 19.500l-4.500 4.200"
        stroke="var(--paper)"
        stroke-width="1.3"
      />
      <path d="M8 3.500v3M16 3.500v3M24 3.500v3" />
    </template>
    <template v-else>
      <path d="M7 4v24M13 4v24M19 4v24M25 4v24" stroke-dasharray="1.5 4.6" />
      <path d="M4.500 22.500L27.500 9.500" stroke-width="2.3" />
    </template>
  </svg>
</template>
