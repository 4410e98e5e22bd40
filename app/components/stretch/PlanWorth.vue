<script setup lang="ts">
import type { Forecast } from '#core/plan/forecast'
import type { StretchPlan } from '#core/plan/standing'
import type { WaysOut } from '#core/plan/ways-out'
import type { Choices } from '#core/record/entries'
import { inHundred, sayGap } from '~/words/hundred'
import { sayShort, sayWaysOut } from '~/words/ways-out'

/** How good the plan is, how stretches like it end, and what the owner sets for all of it. */
const props = defineProps<{
  plan: StretchPlan
  /** Undefined while it is being weighed, null for one that asks more than the days have. */
  gap: number | null | undefined
  progress: number | null
  forecast: Forecast
  /** The forecast with a session moved, while one is. */
  moved: Forecast | null
  out: WaysOut | null
  /** The plan against combing it all on one day, in words. */
  against: string | null
  she: boolean
  /** The count of coats like it that the dog goes by, if it does. */
  count: number | null
  busy: boolean
}>()
const emit = defineEmits<{ choose: [Choices] }>()

const rows = computed(() => [
  { said: 'as planned', counts: inHundred(props.forecast.odds), due: false },
  ...(props.moved ? [{ said: 'moved', counts: inHundred(props.moved.odds), due: true }] : []),
])
const WORTH = [20, 50, 100, 150, 200, 300, 400]
const worthAt = computed(() =>
  Math.max(
    0,
    WORTH.findIndex((v) => v >= props.plan.choices.matWorth),
  ),
)
const LONGEST = [8, 12, 15, 20, 30, 45]
const numberOf = (event: Event) => Number((event.target as HTMLInputElement).value)
const setWorth = (event: Event) =>
  emit('choose', { ...props.plan.choices, matWorth: WORTH[numberOf(event)]! })
function setLongest(longest: number) {
  const { longest: _gone, ...others } = props.plan.choices
  emit('choose', longest ? { ...others, longest } : others)
}
</script>

<template>
  <section aria-label="How good the plan is">
    <h2>{{ sayGap(gap, plan.gap === undefined) }}</h2>
    <p class="small">
      {{
        progress === null
          ? `A hundred stretches like this one, the plan kept${count ? `, by count ${count} of coats like it` : ''}, end so:`
          : `Looking for a better one, ${Math.round(progress * 100)} %`
      }}
    </p>
    <div class="mt-2 flex flex-wrap items-start gap-x-6 gap-y-2">
      <HundredLocks :odds="(moved ?? forecast).odds" class="min-w-0 basis-[280px]" />
      <table class="min-w-0 flex-1 text-right">
        <thead class="text-fine text-ink-2">
          <tr>
            <td></td>
            <th class="font-normal">no mats</th>
            <th class="font-normal">one</th>
            <th class="font-normal">more</th>
          </tr>
        </thead>
        <tbody class="figure text-head">
          <tr v-for="r in rows" :key="r.said" class="border-t border-rule" :class="r.due ? 'text-due' : ''">
            <th class="py-1 text-left font-sans text-side font-normal">{{ r.said }}</th>
            <td v-for="(n, i) in r.counts" :key="i">{{ n }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="against" class="why mt-2 border-t border-rule pt-2">{{ against }}</p>
    <div v-if="out" class="mt-2 border-t border-rule pt-2" role="note">
      <p class="flex gap-2">
        <CautionMark class="mt-0.5 shrink-0" /><b class="font-semibold">{{ sayShort(out) }}</b>
      </p>
      <p class="why">{{ sayWaysOut(out) }}</p>
    </div>
    <div class="mt-3 border-t border-rule pt-2">
      <label class="block text-center text-side font-semibold" for="worth"
        >a mat is worth {{ plan.choices.matWorth }} minutes</label
      >
      <input
        id="worth"
        type="range"
        min="0"
        :max="WORTH.length - 1"
        step="1"
        class="slider w-full"
        :value="worthAt"
        :disabled="busy"
        :aria-valuetext="`${plan.choices.matWorth} minutes`"
        @change="setWorth"
      />
      <p class="flex justify-between text-fine text-ink-2">
        <span>a few are fine</span><span>keep it long at any cost</span>
      </p>
      <PickOne
        :model-value="plan.choices.longest ?? 0"
        class="mt-2 border-t border-rule text-body"
        row
        :label="`Longest session ${she ? 'she' : 'he'} bears`"
        :disabled="busy"
        :options="[
          { value: 0, words: 'as long as the day has' },
          ...LONGEST.map((value) => ({ value, words: `${value} minutes` })),
        ]"
        @update:model-value="setLongest"
      />
    </div>
  </section>
</template>
