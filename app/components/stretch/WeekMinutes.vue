<script setup lang="ts">
import { shortDay } from '#core/record/say-day'

/** Minutes by week, one stroke a minute; an upright stands at the minutes there are. */
const props = defineProps<{
  weeks: { from: string; spent: number; planned: number; had: number }[]
  /** Minutes that a change under way adds or takes, by week. */
  change?: number[]
}>()
const most = computed(() => Math.max(20, ...props.weeks.map((w) => Math.max(w.had, w.spent + w.planned))))
const strokes = (from: number, to: number) => {
  let d = ''
  for (let m = from; m < to; m++) d += `M${m * 2 + 1} 2v14`
  return d
}
const said = (w: { spent: number; planned: number; had: number }) => {
  const over = w.spent + w.planned - w.had
  return over > 0.5 ? `, ${Math.round(over)} over` : ` of ${w.had}`
}
</script>

<template>
  <ol
    class="grid grid-cols-2 gap-x-4 gap-y-2 desk:auto-cols-fr desk:grid-flow-col desk:grid-cols-none desk:gap-x-3"
  >
    <li v-for="(w, i) in weeks" :key="w.from" class="min-w-0">
      <svg
        :viewBox="`0 0 ${most * 2 + 4} 18`"
        preserveAspectRatio="none"
        class="block h-[20px] w-full"
        fill="none"
        aria-hidden="true"
      >
        <path :d="strokes(0, w.spent)" stroke="var(--ink-3)" stroke-width="1.2" />
        <path
          :d="strokes(w.spent, Math.min(w.spent + w.planned, Math.max(w.had, w.spent)))"
          stroke="var(--ink)"
          stroke-width="1.3"
        />
        <path
          :d="strokes(Math.max(w.had, w.spent), w.spent + w.planned)"
          stroke="var(--caution)"
          stroke-width="1.3"
        />
        <path :d="`M${w.had * 2 + 2} 0v18`" stroke="var(--edge)" stroke-width="2" />
      </svg>
      <p class="text-[13px] text-ink-2">
        {{ shortDay(w.from) }}
        <b class="font-semibold text-ink">{{ w.spent + w.planned }}</b>{{ said(w) }}
        <b v-if="change?.[i]" class="font-semibold text-due"
          >{{ change[i]! > 0 ? '+' : '−' }}{{ Math.abs(change[i]!) }}</b
        >
      </p>
    </li>
  </ol>
</template>
