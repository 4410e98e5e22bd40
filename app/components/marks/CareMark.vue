<script setup lang="ts">
import type { CareId } from '#core/record/tidies'

/** A small mark for each kind of care, about its own middle; inside another drawing. */
defineProps<{ care: CareId }>()
const PATHS: Partial<Record<CareId, string>> = {
  bath: 'M0-8c3.500 5 5 7 5 9.500a5 5 0 0 1-10 0c0-2.500 1.500-4.500 5-9.500z',
  face: 'M-8 0c4-5.500 12-5.500 16 0-4 5.500-12 5.500-16 0zM-1.500 0a1.500 1.500 0 1 0 3 0a1.500 1.500 0 1 0-3 0',
  paws: 'M-5 4.500c0-3.500 2.500-5.500 5-5.500s5 2 5 5.500c0 2.500-3 1.600-5 1.600s-5 .9-5-1.600zM-6-2.500v-1M-2.200-5.500v-1M2.200-5.500v-1M6-2.500v-1',
  ears: 'M-3-7c6-1 9 5 6 11-1.500 3-5 4-6 1-1.500-4 1-6 0-12z',
  undercoat: 'M-7-5h14M-6-5v9M-3-5v10M0-5v11M3-5v10M6-5v9',
  nails: 'M-7 5c4 0 8-3 9-10M-1 7c3-1 6-5 7-10',
  'ear-look': 'M-3-7c6-1 9 5 6 11-1.500 3-5 4-6 1-1.500-4 1-6 0-12zM0 0h.2',
  'look-over': 'M-7-2a5 5 0 1 0 10 0a5 5 0 1 0-10 0M1.600 1.600l5 5',
  sanitary: 'M-6 5c0-6 2-9 6-9s6 3 6 9M0-4c1-4 4-5 7-4',
}
</script>

<template>
  <path :d="PATHS[care] ?? 'M-5 0h10M0-5v10'" />
</template>
