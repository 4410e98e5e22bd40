<script setup lang="ts">
import type { CareItem } from '#core/plan/today-care'
import { placeRow } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { shownMinutes } from '#core/plan/shown-minutes'
import type { TodayPlan } from '#core/plan/today'
import { SETUP_MINUTES } from '#core/coat/minutes'
import type { Planned } from '#core/record/entries'
import { dayAndMonth, shortWeekday, weekdayName } from '#core/record/say-day'
import { inHalves, inOdds, plural } from '~/words/numbers'
import { sayCareItem, sayCareReason } from '~/words/care-list'
import { sayReason } from '~/words/reasons'

/** One day of the stretch: what is planned for it and why, and what the owner can change of it. */
const props = defineProps<{
  days: readonly string[]
  session: Planned | null
  /** The session's places with their reasons; null while there is none. */
  detail: TodayPlan | null
  care: readonly CareItem[]
  blocked: boolean
  minutes: number
  busy: boolean
}>()
const day = defineModel<string>({ required: true })
const emit = defineEmits<{ pin: []; block: []; minutes: [number] }>()

const SHOWN = 6
const all = ref(false)
/** The place whose story is told. */
const told = ref<RegionId | null>(null)
watch(day, () => {
  all.value = false
  told.value = null
})
/** The likeliest to mat first. */
const rows = computed(() => {
  if (!props.detail) return []
  const minutes = shownMinutes(props.detail.items)
  const list = props.detail.items.map((item, i) => ({ item, minutes: minutes[i]! }))
  list.sort((a, b) => b.item.chanceIfLeft - a.item.chanceIfLeft)
  return all.value ? list : list.slice(0, SHOWN)
})
const named = computed(() => `${weekdayName(day.value)} ${dayAndMonth(day.value)}`)
const none = computed(() =>
  props.blocked
    ? 'You keep this day free.'
    : props.minutes > SETUP_MINUTES
      ? `No session: ${props.minutes} minutes here would save less than they cost.`
      : 'No minutes for the table on this day.',
)
const STEP = 5
const MOST = 240
const add = (by: number) => emit('minutes', Math.max(0, Math.min(MOST, props.minutes + by)))
</script>

<template>
  <section aria-label="The day">
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h2>{{ session ? `Why ${named}` : named }}</h2>
      <PickOne
        v-model="day"
        class="small"
        row
        label="another day"
        :options="days.map((value) => ({ value, words: shortWeekday(value) }))"
      />
    </div>
    <p v-if="!session" class="why border-t border-rule py-2">{{ none }}</p>
    <ul v-else>
      <li
        v-for="{ item, minutes: each } in rows"
        :key="item.place"
        class="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-t border-rule py-[7px] desk:grid-cols-[9rem_1fr_auto]"
      >
        <button
          class="-my-[7px] min-h-[38px] text-left font-semibold"
          :aria-expanded="told === item.regions[0]"
          @click="told = told === item.regions[0] ? null : item.regions[0]!"
        >
          {{ placeRow(item.place).plural }}
        </button>
        <i class="why order-3 text-side desk:order-none">{{ sayReason(item, day) }}</i>
        <span class="text-right text-side whitespace-nowrap text-ink-2"
          >{{ inHalves(each) }} min; left,
          <b class="font-semibold text-ink">{{ inOdds(item.chanceIfLeft) }}</b></span
        >
      </li>
    </ul>
    <ActButton v-if="detail && rows.length < detail.items.length" kind="quiet" @click="all = true">
      {{ plural(detail.items.length - rows.length, 'more place', 'more places') }}
    </ActButton>
    <ToldStory v-if="told" :region="told" />
    <ul v-if="care.length" aria-label="Care that day">
      <li
        v-for="c in care"
        :key="c.care"
        class="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-t border-rule py-[7px] desk:grid-cols-[9rem_1fr_auto]"
        :data-care-on-day="c.care"
      >
        <b class="font-semibold">{{ sayCareItem(c) }}</b>
        <i class="why order-3 text-side desk:order-none"
          >{{ sayCareReason(c, day) }}{{ c.care === 'bath' ? '; all of it is combed out first' : '' }}</i
        >
        <span class="text-right text-side whitespace-nowrap text-ink-2">{{ inHalves(c.minutes) }} min</span>
      </li>
    </ul>
    <div class="mt-1 flex flex-wrap items-center gap-x-5 border-t border-rule">
      <ActButton v-if="session" kind="quiet" :aria-pressed="session.pinned" @click="emit('pin')">
        {{ session.pinned ? 'Unpin it' : 'Pin it here' }}
      </ActButton>
      <ActButton kind="quiet" :disabled="busy" @click="emit('block')">
        {{ blocked ? 'Give the day back' : 'Keep this day free' }}
      </ActButton>
      <span v-if="!blocked" class="flex items-center gap-1 text-body">
        <ActButton
          kind="quiet"
          class="px-3"
          :disabled="busy"
          aria-label="Five minutes fewer that day"
          @click="add(-STEP)"
        >
          −
        </ActButton>
        <span>{{ minutes }} min</span>
        <ActButton
          kind="quiet"
          class="px-3"
          :disabled="busy"
          aria-label="Five minutes more that day"
          @click="add(STEP)"
        >
          +
        </ActButton>
      </span>
    </div>
  </section>
</template>
