<script setup lang="ts">
import { forecastOf } from '#core/plan/forecast'
import { waysOut } from '#core/plan/ways-out'
import { careUnits } from '#core/due/care-units'
import { sayShort, sayWaysOut } from '~/words/ways-out'

/** Where the minutes cannot hold it all: said once, with what would do, and where to change it. */
const { file, coat, planning } = useDog()
const out = computed(() => {
  const plan = planning.plan.value
  if (!plan) return null
  return waysOut(coat.value, forecastOf(coat.value, plan.sessions, plan.to), {
    units: careUnits(file.value, coat.value),
    planned: plan.care,
  })
})
</script>

<template>
  <p v-if="out" class="flex gap-2 py-2" data-week-short>
    <CautionMark class="mt-0.5 shrink-0" />
    <span
      ><b class="font-semibold">{{ sayShort(out) }}</b>
      <i class="why">{{ ` ${sayWaysOut(out)} ` }}</i>
      <NuxtLink
        :to="`/dogs/${file.id}/stretch`"
        class="font-semibold whitespace-nowrap underline decoration-rule"
        >See the stretch</NuxtLink
      ></span
    >
  </p>
</template>
