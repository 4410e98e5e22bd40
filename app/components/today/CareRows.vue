<script setup lang="ts">
import type { CareItem } from '#core/plan/today-care'
import { sayCareItem, sayCareReason } from '~/words/care-list'
import { inHalves } from '~/words/numbers'

/** Care on the day's list, after the comb: what, why, and its minutes. Each leads to its own page. */
const { care, minutes, from, compact } = defineProps<{
  care: readonly CareItem[]
  minutes: readonly number[]
  /** How many places come before. */
  from: number
  compact: boolean
}>()
const { file, today } = useDog()
</script>

<template>
  <ol :start="from + 1" aria-label="And care" data-care-list>
    <li v-for="(c, i) in care" :key="c.care" class="border-b border-rule" :data-on-list="c.care">
      <NuxtLink
        :to="`/dogs/${file.id}${careRoute(c)}`"
        class="grid min-h-11 grid-cols-[30px_28px_1fr_auto] items-center"
        :class="compact ? '' : 'py-[7px]'"
      >
        <span class="figure text-head leading-[22px] text-due" :class="compact ? '!text-story' : ''">{{
          from + i + 1
        }}</span>
        <svg
          width="22"
          height="22"
          viewBox="-11 -11 22 22"
          fill="none"
          stroke="currentColor"
          stroke-width="1.6"
          stroke-linecap="round"
          aria-hidden="true"
        >
          <CareMark :care="c.care" />
        </svg>
        <span class="min-w-0">
          <b class="block truncate font-semibold" :class="compact ? 'text-lead' : ''">{{ sayCareItem(c) }}</b>
          <i class="why block truncate text-side">{{ sayCareReason(c, today) }}</i>
        </span>
        <span class="whitespace-nowrap" :class="compact ? '' : 'font-semibold'"
          >{{ inHalves(minutes[i]!) }} min</span
        >
      </NuxtLink>
    </li>
  </ol>
</template>
