<script setup lang="ts">
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { MOST_MINUTES } from '#core/record/profile'
import { WEEKDAYS_SHORT } from '~/words/days'

/** Minutes by day of the week, each a pile of strokes, one a minute; pick a day, then more or less. */
const minutes = defineModel<number[]>({ required: true })
const day = ref(5)
const STEP = 5
const most = computed(() => Math.max(20, ...minutes.value))
</script>

<template>
  <div>
    <RadioGroup v-model="day" class="grid grid-cols-7 gap-1" aria-label="Day of the week">
      <RadioGroupOption
        v-for="(m, i) in minutes"
        :key="i"
        as="div"
        :value="i"
        :aria-label="`${WEEKDAYS_SHORT[i]}, ${m} minutes`"
        class="flex h-[150px] cursor-pointer flex-col items-center justify-end"
      >
        <span
          class="figure text-story"
          :class="day === i ? 'text-due' : m ? '' : 'font-sans !text-fine text-ink-3'"
          >{{ m || 'none' }}</span
        >
        <svg
          width="34"
          :height="8 + (m / most) * 84"
          :viewBox="`0 0 34 ${8 + (m / most) * 84}`"
          aria-hidden="true"
          class="overflow-visible"
        >
          <path d="M1 3h32" :stroke="day === i ? 'var(--due)' : 'var(--edge)'" stroke-width="3.500" />
          <path
            v-for="n in Math.min(30, m)"
            :key="n"
            :d="`M3 ${6 + (n / Math.min(30, m)) * (m / most) * 84}q14 ${n % 2 ? 2 : -2} 28 0`"
            fill="none"
            stroke="var(--ink)"
            stroke-width="1.100"
          />
        </svg>
        <span
          class="mt-1 w-full border-t-[1.5px] border-ink pt-1 text-side"
          :class="day === i ? 'font-bold' : 'text-ink-2'"
          >{{ WEEKDAYS_SHORT[i] }}</span
        >
      </RadioGroupOption>
    </RadioGroup>
    <NumberStepper
      :model-value="minutes[day] ?? 0"
      class="mt-4 border-y"
      :label="WEEKDAYS_SHORT[day]!"
      fewer="Five minutes less"
      more="Five minutes more"
      unit="min"
      :most="MOST_MINUTES"
      :step="STEP"
      @update:model-value="(m) => (minutes = minutes.map((was, i) => (i === day ? m : was)))"
    />
  </div>
</template>
