<script setup lang="ts">
import { nextSession } from '#core/plan/look-ahead'
import type { CareItem } from '#core/plan/today-care'
import { sayCareItem, sayWaits } from '~/words/care-list'

/** What is due and does not fit today: when it comes, and what waiting costs. */
const { care } = defineProps<{ care: readonly CareItem[] }>()
const { file, today, planning } = useDog()
const until = (c: CareItem) => {
  const planned = (planning.plan.value?.care ?? [])
    .filter((p) => p.day > today.value && c.units.includes(p.unit))
    .map((p) => p.day)
    .sort()[0]
  // Where no plan puts it on a day, the next one with time; a bath is longer than those.
  return planned ?? (c.care === 'bath' ? null : nextSession(file.value.profile, today.value))
}
</script>

<template>
  <p class="py-2" data-waits>
    <span v-for="c in care" :key="c.care" class="mr-1.5">
      <NuxtLink :to="`/dogs/${file.id}${careRoute(c)}`" class="font-semibold underline decoration-rule">{{
        sayCareItem(c)
      }}</NuxtLink>
      {{ ' ' }}<i class="why text-body">{{ sayWaits(c, until(c), today) }}.</i>
    </span>
  </p>
</template>
