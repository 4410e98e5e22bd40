<script setup lang="ts">
/** Seven strokes, Monday first: tall where it was done, a stub where it was missed, today's dashed, a dot to come. */
export type Stroke = 'done' | 'missed' | 'today' | 'ahead'
const { strokes } = defineProps<{ strokes: readonly Stroke[] }>()
const PATH: Record<Stroke, string> = {
  done: 'M0 1v14',
  today: 'M0 1v14',
  missed: 'M0 10v5',
  ahead: 'M0 14v1',
}
</script>

<template>
  <svg
    width="68"
    height="17"
    viewBox="0 0 68 17"
    fill="none"
    stroke-linecap="round"
    aria-hidden="true"
    class="my-0.5"
  >
    <path
      v-for="(s, i) in strokes"
      :key="i"
      :d="PATH[s]"
      :transform="`translate(${3 + i * 10} 1)`"
      :class="s === 'today' ? 'stroke-due' : 'stroke-ink'"
      :stroke-width="s === 'done' ? 2 : 1.6"
      :stroke-dasharray="s === 'today' ? '2.5 2.5' : undefined"
    />
  </svg>
</template>
