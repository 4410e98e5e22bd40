<script setup lang="ts">
import { TRIM_IDS } from '#core/care/tidies/dangers'
import type { TrimId } from '#core/care/tidies/dangers'
import { sayDay } from '#core/record/say-day'
import { CARE, leftToVisit } from '#core/due/due'
import { ledAt } from '~/words/care'

/** The care beside the comb that has fallen due. */
const { file, today } = useDog()
const { due, habits, partsWaiting } = useCare()
const MOST = 3
/** Habits stand on the tidies' page; what is led stands here. */
const DAILY = ['eyes', 'teeth', 'look-over', 'ear-look', 'nails']
const now = computed(() =>
  due.value.filter(
    (d) =>
      d.day <= today.value &&
      !DAILY.includes(d.care) &&
      !leftToVisit(d.care, file.value.profile.nextVisit, today.value),
  ),
)
const isTrim = (care: string): care is TrimId => (TRIM_IDS as readonly string[]).includes(care)
const to = (care: string) =>
  care === 'bath'
    ? `/dogs/${file.value.id}/bath`
    : `/dogs/${file.value.id}/tidies${isTrim(care) ? `?at=${care}` : ''}`
const minutes = (care: string) => (isTrim(care) ? ledAt(care, habits.value.setting).minutes : null)
</script>

<template>
  <ul v-if="now.length" aria-label="Also due" data-due>
    <li v-for="d in now.slice(0, MOST)" :key="d.care" class="border-b border-rule">
      <NuxtLink :to="to(d.care)" class="flex min-h-11 items-center gap-2">
        <b class="font-semibold">{{ CARE[d.care].label }}</b>
        <i class="why min-w-0 flex-1 truncate text-body">{{
          partsWaiting(d) || (d.last ? `last ${sayDay(d.last, today)}` : 'not done yet')
        }}</i>
        <span v-if="minutes(d.care)">{{ minutes(d.care) }} min</span>
      </NuxtLink>
    </li>
  </ul>
</template>
