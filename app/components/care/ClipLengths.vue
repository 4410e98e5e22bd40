<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { clipLengths } from '#core/plan/clip-lengths'
import { addDays } from '#core/record/day'
import type { PlaceId } from '#core/coat/regions'
import { dayAndMonth } from '#core/record/say-day'

/** What each guard comb costs from here to the visit, before the first pass. */
const props = defineProps<{ guards: readonly number[]; places: readonly PlaceId[] }>()
const mm = defineModel<number>({ required: true })
const { file, coat, today } = useDog()
/** As far as is looked with no visit booked, days (judgement). */
const LOOKED = 56
const to = computed(() => {
  const visit = file.value.profile.nextVisit
  return visit && visit > today.value ? visit : addDays(today.value, LOOKED)
})
const costs = computed(() => clipLengths(coat.value, props.places, props.guards, to.value))
const now = computed(() => costs.value[0]!)
const mats = (n: number) => (n < 0.05 ? 'hardly any' : n.toFixed(1))
</script>

<template>
  <div>
    <h2 class="border-b border-ink pb-1">What each length costs</h2>
    <p class="why mt-1">To {{ dayAndMonth(to) }}, combed through once a week.</p>
    <RadioGroup v-model="mm" class="mt-1">
      <RadioGroupLabel class="sr-only">Guard comb</RadioGroupLabel>
      <div class="grid grid-cols-[1fr_5.5rem_5.5rem] py-1 text-side text-ink-2" aria-hidden="true">
        <span>Guard</span><span class="text-right">min a week</span><span class="text-right">mats</span>
      </div>
      <div class="grid min-h-10 grid-cols-[1fr_5.5rem_5.5rem] items-center border-t border-rule text-ink-2">
        <span>as it is</span><span class="text-right">{{ Math.round(now.minutes) }}</span
        ><span class="text-right">{{ mats(now.mats) }}</span>
      </div>
      <RadioGroupOption
        v-for="c in costs.slice(1)"
        :key="c.mm!"
        v-slot="{ checked }"
        :value="c.mm!"
        as="template"
      >
        <div
          class="grid min-h-11 cursor-pointer grid-cols-[1fr_5.5rem_5.5rem] items-center border-t border-rule"
          :class="checked ? '-ml-2 border-l-3 border-l-due pl-2 font-semibold' : ''"
          :data-guard="c.mm"
        >
          <span
            ><span class="sr-only">Guard comb, </span>{{ c.mm }} mm<span class="sr-only"
              >, {{ Math.round(c.minutes) }} minutes a week, mats {{ mats(c.mats) }}</span
            ></span
          >
          <span class="text-right" aria-hidden="true">{{ Math.round(c.minutes) }}</span>
          <span class="text-right" aria-hidden="true">{{ mats(c.mats) }}</span>
        </div>
      </RadioGroupOption>
    </RadioGroup>
  </div>
</template>
