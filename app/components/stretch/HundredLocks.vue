<script setup lang="ts">
import type { HowMany } from '#core/record/odds'
import { inHundred } from '~/words/hundred'

/** A hundred stretches as a hundred locks of hair: straight, with one knot, or matted. */
const props = defineProps<{ odds: HowMany; label?: string; perRow?: number }>()
const counts = computed(() => inHundred(props.odds))
const per = computed(() => props.perRow ?? 25)
const [W, H] = [11.4, 22]
const at = (n: number) => [(n % per.value) * W + 6, Math.floor(n / per.value) * H + 3] as const
const paths = computed(() => {
  const [none, one] = counts.value
  let straight = ''
  let knot = ''
  let mat = ''
  for (let n = 0; n < 100; n++) {
    const [x, y] = at(n)
    const bend = n % 2 ? 1 : -1
    if (n < none) straight += `M${x} ${y}c${bend} 5 ${-bend} 9 0 14`
    else if (n < none + one)
      knot += `M${x} ${y}v4M${x} ${y + 10}v4M${x + 3} ${y + 7}a3 3 0 1 1-6 0a3 3 0 1 1 6 0`
    else mat += `M${x - 4} ${y + 1}l8 12M${x + 4} ${y + 1}l-8 12M${x} ${y}v14M${x - 4.5} ${y + 7}h9`
  }
  return { straight, knot, mat }
})
const rows = computed(() => Math.ceil(100 / per.value))
const said = computed(
  () =>
    `${props.label ? `${props.label}: ` : ''}of a hundred, ${counts.value[0]} without a mat, ${counts.value[1]} with one, ${counts.value[2]} with more`,
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${per * W + 1} ${rows * H}`"
    class="block h-auto w-full max-w-[300px]"
    fill="none"
    stroke-linecap="round"
    role="img"
    :aria-label="said"
  >
    <path :d="paths.straight" stroke="var(--ink-2)" stroke-width="1.4" />
    <path :d="paths.knot" stroke="var(--ink)" stroke-width="1.7" />
    <path :d="paths.mat" stroke="var(--due)" stroke-width="1.4" />
  </svg>
</template>
