<script setup lang="ts">
import type { LeadShape } from './lead'

/** The lead itself, inside another drawing: clip, hair, and the hand's loop where a visit ends it. */
defineProps<{ shape: LeadShape; x0: number; x1: number; y: number; booked?: boolean }>()
</script>

<template>
  <g
    fill="none"
    stroke="var(--ink)"
    stroke-width="1.7"
    stroke-linecap="round"
    :transform="`translate(${x0 - 1} ${y})`"
  >
    <path d="M0 0h-4" />
    <circle cx="-7.500" cy="0" r="3" />
    <path
      d="M-10.500-1.500h-4M-10.500 1.500h-4M-14.500-2.800c-5-3-11-2-12 2-1 3.600 3.500 5.600 7 5 2-.4 3.500-1.200 5-2M-14.500-2.800v5"
    />
  </g>
  <path :d="shape.body" fill="var(--coat)" />
  <path :d="shape.tint" fill="var(--tint)" fill-opacity=".3" />
  <path :d="shape.past" fill="var(--ink)" fill-opacity=".85" />
  <path :d="shape.ahead" fill="var(--ink)" fill-opacity=".5" />
  <path :d="shape.edges" fill="var(--ink)" fill-opacity=".9" />
  <g v-if="booked" fill="none" :transform="`translate(${x1 + 1} ${y})`" stroke-linecap="round">
    <path d="M0 0c10-13 34-15 37-1 2.500 13-20 15-37 3" stroke="var(--ink)" stroke-width="3.600" />
    <path d="M0 0c10-13 34-15 37-1 2.500 13-20 15-37 3" stroke="var(--coat)" stroke-width="1.100" />
    <path d="M-2.500-3.600v7.600M0-3.600v7.600" stroke="var(--ink)" stroke-width="1.300" />
  </g>
</template>
