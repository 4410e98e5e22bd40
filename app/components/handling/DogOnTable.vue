<script setup lang="ts">
import { BOXES } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'
import { HAND } from '#drawing/hand'

/** How the table is learned: sniffed from the floor, front paws up, the hind end lifted, standing on it. */
const props = defineProps<{ build: BuildId; step: number }>()
const LEGS = 150
/** The dog leans up this far with its front paws on the table, degrees. */
const UP = 28
const SNIFFS = 0
const PAWS_UP = 1
const LIFTED = 2
const box = computed(() => BOXES[props.build])
const floor = computed(() => box.value[1] + box.value[3] - 4)
const onIt = computed(() => props.step > LIFTED)
const leans = computed(() => props.step === PAWS_UP || props.step === LIFTED)
/** About its hind feet, which stay where they are. */
const hind = computed(() => [box.value[0] + box.value[2] * 0.82, floor.value] as const)
const view = computed((): [number, number, number, number] => {
  const [x, y, w, h] = box.value
  return onIt.value
    ? [x - 60, y, w + 120, h + LEGS + 20]
    : [x - 260, y - 150, w + (leans.value ? 430 : 320), h + 190]
})
/** How high the front paws come, leaning. */
const lift = computed(() => box.value[2] * 0.5 * Math.sin((UP * Math.PI) / 180))
/** On the table it stands on all of it; else the table stands before it, as high as its front paws come. */
const table = computed(() => {
  const [x, y, w, h] = box.value
  const top = onIt.value ? y + h - 8 : floor.value - lift.value - 20
  const [l, r] = onIt.value ? [x - 20, x + w + 10] : [x - 230, x + (leans.value ? w * 0.42 : 6)]
  const legs = onIt.value ? LEGS : floor.value - top
  return {
    mat: `M${l + 30} ${top}H${r - 30}V${top + 7}H${l + 30}Z`,
    top: `M${l} ${top + 7}H${r}V${top + 24}H${l}Z`,
    legs: `M${l + 34} ${top + 24}V${top + legs}M${l + 50} ${top + 24}V${top + legs}M${r - 34} ${top + 24}V${top + legs}M${r - 50} ${top + 24}V${top + legs}`,
    floor: `M${view.value[0] + 10} ${top + legs}H${view.value[0] + view.value[2] - 10}`,
    treat: [l + (r - l) * 0.55, top - 10] as const,
  }
})
const ground = computed(() => {
  const [x, , w] = box.value
  return `M${x - 20} ${floor.value - 10}H${x + w * 0.62}V${floor.value + 60}H${x - 20}Z`
})
const SAYS = [
  'The dog on the floor, sniffing a steady table with a mat that does not slip.',
  'Front paws up on the table, hind feet on the floor.',
  'Front paws up on the table, your hands under its hind end.',
  'The dog standing on a steady table with a mat that does not slip.',
]
</script>

<template>
  <div :class="leans ? 'overflow-hidden' : ''">
    <DogDrawing
      :sheet="build"
      :states="{}"
      :detail="1.4"
      :window="view"
      whole
      role="img"
      :aria-label="SAYS[step]"
      :style="
        leans
          ? {
              transform: `rotate(${UP}deg)`,
              transformOrigin: `${((hind[0] - view[0]) / view[2]) * 100}% ${((hind[1] - view[1]) / view[3]) * 100}%`,
            }
          : {}
      "
    >
      <g
        stroke="var(--ink)"
        stroke-linejoin="round"
        stroke-linecap="round"
        :transform="leans ? `rotate(${-UP} ${hind[0]} ${hind[1]})` : ''"
      >
        <!-- What the dog stood on in its own drawing leans with it, and is no floor here. -->
        <path
          v-if="leans"
          :d="ground"
          fill="var(--paper)"
          stroke="none"
          :transform="`rotate(${UP} ${hind[0]} ${hind[1]})`"
        />
        <path :d="table.floor" stroke="var(--edge)" stroke-width="2" />
        <path :d="table.legs" fill="none" stroke-width="3" />
        <path :d="table.top" fill="var(--well)" stroke-width="2.6" />
        <path :d="table.mat" fill="var(--rule)" stroke-width="1.8" />
        <circle
          v-if="step === SNIFFS"
          :cx="table.treat[0]"
          :cy="table.treat[1]"
          r="7"
          fill="var(--due)"
          stroke-width="2"
        />
      </g>
      <g
        v-if="step === LIFTED"
        :transform="`translate(${hind[0] + 8} ${floor - box[3] * 0.4}) rotate(205) scale(1.5)`"
      >
        <path :d="HAND.cuff" fill="var(--well)" stroke="var(--ink)" stroke-width="2.2" />
        <path :d="HAND.shape" fill="var(--skin)" stroke="var(--ink)" stroke-width="2.4" />
        <path :d="HAND.lines" fill="none" stroke="var(--ink)" stroke-width="1.6" />
      </g>
    </DogDrawing>
  </div>
</template>
