<script setup lang="ts">
import { shownMinutes } from '#core/plan/shown-minutes'
import type { TodayPlan } from '#core/plan/today'
import { dayAndMonth, shortDay, weekdayName } from '#core/record/say-day'
import { capital, inHalves, plural } from '~/words/numbers'

/** What is coming: the next sessions if today's is kept, and the visit. */
defineProps<{ sessions: TodayPlan[]; visit: string | null; groomer: string }>()
const minutesOf = (p: TodayPlan) => inHalves(shownMinutes(p.items).reduce((s, m) => s + m, p.setupMinutes))
</script>

<template>
  <ol class="flex divide-x divide-rule" aria-label="What is coming">
    <li v-for="p in sessions" :key="p.day" class="min-w-0 flex-1 px-3 first:pl-0">
      <p class="font-serif text-lead font-medium">
        {{ weekdayName(p.day).slice(0, 3) }} <span class="small font-sans">{{ shortDay(p.day) }}</span>
      </p>
      <p class="text-side">
        <b class="font-semibold">{{ capital(plural(p.items.length, 'place')) }}</b><br />{{ minutesOf(p) }}
        min
      </p>
    </li>
    <li v-if="visit" class="min-w-0 flex-1 px-3 first:pl-0">
      <p class="font-serif text-lead font-medium">
        {{ weekdayName(visit).slice(0, 3) }} <span class="small font-sans">{{ shortDay(visit) }}</span>
      </p>
      <p class="truncate text-side" :title="dayAndMonth(visit)">
        <b class="font-semibold">The visit</b><br />{{ groomer }}
      </p>
    </li>
  </ol>
</template>
