<script setup lang="ts">
import { BOXES } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'

/** What learning the table leads to: the dog standing on it, on a mat that does not slip, at a wall. */
const props = defineProps<{ build: BuildId }>()
const LEGS = 150
const view = computed((): [number, number, number, number] => {
  const [x, y, w, h] = BOXES[props.build]
  return [x - 60, y, w + 120, h + LEGS + 20]
})
const table = computed(() => {
  const [x, y, w, h] = BOXES[props.build]
  const top = y + h - 8
  const [l, r] = [x - 20, x + w + 10]
  return {
    mat: `M${l + 30} ${top}H${r - 30}V${top + 7}H${l + 30}Z`,
    top: `M${l} ${top + 7}H${r}V${top + 24}H${l}Z`,
    legs: `M${l + 34} ${top + 24}V${top + LEGS}M${l + 50} ${top + 24}V${top + LEGS}M${r - 34} ${top + 24}V${top + LEGS}M${r - 50} ${top + 24}V${top + LEGS}M${l + 50} ${top + 86}H${r - 50}`,
    floor: `M${l - 30} ${top + LEGS}H${r + 30}`,
  }
})
</script>

<template>
  <DogDrawing
    :sheet="build"
    :states="{}"
    :detail="1.4"
    :window="view"
    whole
    role="img"
    aria-label="The dog standing on a steady table with a mat that does not slip."
  >
    <g stroke="var(--ink)" stroke-linejoin="round" stroke-linecap="round">
      <path :d="table.floor" stroke="var(--edge)" stroke-width="2" />
      <path :d="table.legs" fill="none" stroke-width="3" />
      <path :d="table.top" fill="var(--well)" stroke-width="2.6" />
      <path :d="table.mat" fill="var(--rule)" stroke-width="1.8" />
    </g>
  </DogDrawing>
</template>
