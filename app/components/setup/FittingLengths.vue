<script setup lang="ts">
import { effectOf } from '~/composables/setup'
import type { Answers } from '~/composables/setup'

/** The length there is and shorter ones, each by the minutes it wants beside those there are. */
const props = defineProps<{ answers: Answers }>()
const SHARES = [1, 0.8, 0.65, 0.5]
const SHORTEST_MM = 5
/** Minutes there is room to draw. */
const DRAWN = 66
const rows = computed(() => {
  const lengths = SHARES.map((share) => Math.round(props.answers.bodyMm * share))
  return [...new Set(lengths)]
    .filter((mm) => mm >= SHORTEST_MM)
    .map((mm) => ({ mm, ...effectOf(props.answers, mm)! }))
})
</script>

<template>
  <div aria-hidden="true">
    <div v-for="r in rows" :key="r.mm" class="flex items-center gap-2 text-[14px]">
      <span class="w-14" :class="r.mm === answers.bodyMm ? 'font-bold' : 'text-ink-2'">{{ r.mm }} mm</span>
      <svg class="h-[18px] flex-1" viewBox="0 0 200 18" preserveAspectRatio="none">
        <path
          v-for="n in Math.min(DRAWN, r.wants)"
          :key="n"
          :d="`M${n * 3} 2v14`"
          :stroke="n > r.has ? 'var(--due)' : 'var(--ink)'"
          stroke-width="1.500"
        />
        <path
          v-if="r.has < DRAWN"
          :d="`M${r.has * 3 + 1.5} 0v18`"
          stroke="var(--edge)"
          stroke-width="2.500"
        />
      </svg>
      <span class="w-16" :class="r.fits ? '' : 'font-bold text-due'">{{
        r.fits ? 'fits' : `+${r.wants - r.has}`
      }}</span>
    </div>
    <p class="small">one stroke a minute; the upright is the {{ rows[0]?.has }} you have</p>
  </div>
</template>
