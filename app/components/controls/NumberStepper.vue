<script setup lang="ts">
/** A number by thumb: fewer, more, and what it is of. It goes by steps from the least to the most, or along a list. */
const {
  least = 0,
  most = Infinity,
  step = 1,
  along,
} = defineProps<{
  label: string
  fewer: string
  more: string
  unit?: string
  least?: number
  most?: number
  step?: number
  /** The numbers there are, in order. */
  along?: readonly number[]
}>()
const count = defineModel<number>({ required: true })
const low = computed(() => along?.[0] ?? least)
const high = computed(() => along?.at(-1) ?? most)
function go(by: 1 | -1) {
  const next = along
    ? by > 0
      ? along.find((n) => n > count.value)
      : along.filter((n) => n < count.value).at(-1)
    : count.value + by * step
  count.value = Math.max(low.value, Math.min(high.value, next ?? count.value))
}
</script>

<template>
  <div class="flex items-center justify-between border-rule">
    <span class="font-semibold">{{ label }}</span>
    <span class="flex items-center">
      <button
        type="button"
        class="size-14 text-count"
        :aria-label="fewer"
        :disabled="count <= low"
        @click="go(-1)"
      >
        −
      </button>
      <b class="figure min-w-8 text-center text-head" aria-live="polite">{{ count }}</b>
      <button
        type="button"
        class="size-14 text-count"
        :aria-label="more"
        :disabled="count >= high"
        @click="go(1)"
      >
        +
      </button>
      <template v-if="unit">{{ unit }}</template>
    </span>
  </div>
</template>
