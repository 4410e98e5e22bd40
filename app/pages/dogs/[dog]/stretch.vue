<script setup lang="ts">
import { CARE, isPlanned } from '#core/due/due'
import { careUnits } from '#core/due/care-units'
import { careItems } from '#core/plan/today-care'
import { countGoneBy } from '#core/learn/coats-like'
import { minutesFor, stretchEnd } from '#core/plan/standing'
import { addDays, daysBetween } from '#core/record/day'
import type { Choices } from '#core/record/entries'
import { SETUP_MINUTES } from '#core/coat/minutes'
import { allOnLongDays } from '#core/plan/long-day'
import { waysOut } from '#core/plan/ways-out'
import { sayAgainstLongDays } from '~/words/long-day'
import { capital, listed, plural } from '~/words/numbers'

/** The stretch: the plan from visit to visit, why each thing is there, and what a change would cost. */
const { file, today, coat, planning, stretch: frame } = useDog()
const plan = computed(() => planning.plan.value)
const profile = computed(() => file.value.profile)
const end = computed(() => stretchEnd(profile.value, today.value))
const from = computed(() => frame.value.from)
const to = computed(() => plan.value?.to ?? end.value.to)
const view = useStretchView(plan, from)
const { care, careMinutes, setupAgain, hadOn, forecast, past, ahead, reasons, daysLeft } = view

/** As it was, and from tomorrow as forecast, each day at its worst; just as far as the plan goes. */
const chances = computed(() => [
  ...frame.value.chances.slice(0, daysBetween(from.value, today.value) + 1),
  ...(forecast.value?.before.slice(1) ?? []),
])

const noMinutes = computed(() => profile.value.minutes.every((m) => m <= SETUP_MINUTES))
const headline = computed(() => {
  const n = ahead.value.length
  if (!n && noMinutes.value) return 'No minutes, no plan'
  const left = `${capital(plural(n, 'session'))} left`
  if (end.value.why === 'rolling') return `The next eight weeks, ${plural(n, 'session')}`
  if (end.value.why === 'far-visit') return `The next twelve weeks, ${plural(n, 'session')}`
  const who = profile.value.groomer ?? 'the visit'
  return daysLeft.value === 1
    ? `${capital(who)} tomorrow. ${left}`
    : `${daysLeft.value} days to ${who}, ${left.toLowerCase()}`
})
const why = computed(() => {
  if (noMinutes.value && !plan.value?.sessions.length)
    return 'There are no minutes for the table on any day of the week. Give a day some below, and the plan grows from there.'
  if (end.value.why === 'rolling')
    return 'No visit is booked, so the plan looks eight weeks ahead and goes on rolling.'
  if (end.value.why === 'far-visit')
    return `The visit is ${daysBetween(today.value, profile.value.nextVisit!)} days away, further than a coat can be foretold. The plan looks twelve weeks ahead.`
  return ''
})

const busy = ref(false)
async function choose(choices: Choices) {
  busy.value = true
  move.value = null
  await planning.choose(choices)
  busy.value = false
}

const chosenDay = ref<string | null>(null)
const picked = computed({
  get: () => chosenDay.value ?? plan.value?.sessions[0]?.day ?? today.value,
  set: (day: string) => (chosenDay.value = day),
})
const units = computed(() => careUnits(file.value, coat.value))
const frameRef = ref<HTMLElement | null>(null)
const { move, tried, answer, moving, keep, putBack, undo } = useStretchMoves(view, picked, units, frameRef)
const hung = computed(() => [...past.value, ...ahead.value])
const days = computed(() => Array.from({ length: daysLeft.value }, (_, n) => addDays(today.value, n)))
/** On the lead hangs what comes seldom: looks are for the day itself. */
const hungCare = computed(() => care.value.filter((c) => isPlanned(c.care, profile.value.coat)))
const careThere = computed(() => plan.value?.care?.filter((c) => c.day === picked.value) ?? [])
/** What is planned for the day; care alone is a session too. */
const session = computed(
  () =>
    plan.value?.sessions.find((s) => s.day === picked.value) ??
    (careThere.value.length
      ? { day: picked.value, places: [], pinned: careThere.value.every((c) => c.pinned) }
      : null),
)
const also = computed(() =>
  careItems(
    units.value.filter((u) => careThere.value.some((c) => c.unit === u.unit)),
    (u) => u.minutes,
  ),
)
const isBlocked = computed(() => plan.value?.choices.blocked.includes(picked.value) ?? false)
const minutesThere = computed(() =>
  plan.value ? minutesFor(coat.value, plan.value.choices, picked.value) : 0,
)
function block() {
  const { choices } = plan.value!
  const others = choices.blocked.filter((d) => d !== picked.value)
  void choose({ ...choices, blocked: isBlocked.value ? others : [...others, picked.value] })
}
function pin() {
  const pinned = !session.value!.pinned
  const on = <T extends { day: string; pinned: boolean }>(list: readonly T[]) =>
    list.map((s) => (s.day === picked.value ? { ...s, pinned } : s))
  return planning.set(on(plan.value!.sessions), on(plan.value!.care ?? []))
}
function setMinutes(minutes: number) {
  const { choices } = plan.value!
  void choose({ ...choices, minutesOn: { ...choices.minutesOn, [picked.value]: minutes } })
}

/** The next sessions, with what their minutes are for. */
const MOST_AHEAD = 9
const daysAhead = computed(() =>
  ahead.value.slice(0, MOST_AHEAD).map(({ day }) => {
    const s = forecast.value?.sessions.find((f) => f.day === day)
    const beside = careMinutes.value.get(day) ?? 0
    return {
      day,
      setup: SETUP_MINUTES + setupAgain((s?.minutes ?? SETUP_MINUTES) + beside),
      tease: s?.tease ?? 0,
      comb: s ? s.minutes - s.tease - SETUP_MINUTES : 0,
      beside,
      had: hadOn(day),
      care: listed(
        care.value.filter((c) => !c.past && c.day === day).map((c) => CARE[c.care].label.toLowerCase()),
      ),
    }
  }),
)
const weeks = computed(() => view.weeks(to.value, ahead.value))
const weekChange = computed(() => {
  if (!tried.value) return undefined
  const moved = view.weeks(to.value, view.hang(tried.value.sessions, tried.value.forecast))
  return weeks.value.map((w, i) => Math.round(moved[i]!.planned - w.planned))
})

/** What combing it all on one long day a week comes to: worked out once a plan, not with every drag. */
const against = computed(() => {
  if (!plan.value || !forecast.value) return null
  const all = allOnLongDays(coat.value, plan.value.choices, plan.value.to)
  const bears = { bears: coat.value.bears + SETUP_MINUTES, she: profile.value.sex === 'female' }
  return all && sayAgainstLongDays(forecast.value, all, daysLeft.value, bears)
})
const out = computed(() =>
  forecast.value
    ? waysOut(coat.value, forecast.value, { units: units.value, planned: plan.value?.care })
    : null,
)
</script>

<template>
  <div ref="frameRef" class="pt-2 pb-8 desk:pt-4">
    <template v-if="profile.coat === 'smooth'">
      <h1>Nothing to plan</h1>
      <p class="why mt-2">
        A short coat does not knot. A rub-down every other week is all it wants; Today says when.
      </p>
    </template>
    <template v-else-if="!plan || !forecast">
      <h1 role="status">
        {{ planning.failed.value ? 'The plan could not be made here' : 'Working out the plan' }}
      </h1>
      <p class="why mt-2">
        {{
          planning.failed.value
            ? 'This browser would not start a worker. Today still shows what to comb.'
            : 'A first one takes a moment; it gets better after that.'
        }}
      </p>
    </template>
    <template v-else>
      <div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-1">
        <div class="min-w-0">
          <h1>{{ headline }}</h1>
          <p v-if="why" class="why mt-1 max-w-[62ch]">{{ why }}</p>
        </div>
        <div class="min-h-[116px] desk:h-[116px] desk:w-[600px]" aria-live="polite" data-answer>
          <template v-if="answer">
            <p class="font-serif text-story leading-tight font-medium text-due desk:text-head">
              {{ answer.said }}
            </p>
            <p v-if="answer.over > 0" class="small text-caution">
              {{ capital(plural(answer.over, 'minute')) }} more than that day has.
            </p>
            <p class="flex flex-wrap items-center gap-x-4">
              <ActButton kind="quiet" @click="keep">{{ answer.keep }}</ActButton>
              <ActButton kind="quiet" @click="putBack">Put it back</ActButton>
              <span class="small hidden desk:inline">or ← →, then Enter or Esc</span>
            </p>
          </template>
          <template v-else>
            <p class="small pt-1">Draw a session along the lead to see what it costs.</p>
            <ActButton v-if="planning.changes.value.length" kind="quiet" @click="undo">
              Undo the last change
            </ActButton>
          </template>
        </div>
      </div>

      <StretchLead
        :from="from"
        :to="to"
        :today="today"
        :booked="end.why === 'visit'"
        :chances="chances"
        :hung="hung"
        :picked="picked"
        :move="move"
        :moved="tried?.forecast.before ?? null"
        :blocked="plan.choices.blocked"
        :care="hungCare"
        @pick="picked = $event"
        @move="moving"
        @keep="keep"
        @back="putBack"
      />

      <div class="grid gap-x-11 gap-y-4 desk:grid-cols-2">
        <section aria-label="Minutes by week" class="border-t border-ink pt-2">
          <div class="flex items-baseline justify-between gap-4">
            <h2>Minutes by week</h2>
            <span class="small">the upright is what you have</span>
          </div>
          <WeekMinutes :weeks="weeks" :change="weekChange" />
        </section>
        <section v-if="daysAhead.length" aria-label="The days ahead" class="border-t border-ink pt-2">
          <div class="flex items-baseline justify-between gap-4">
            <h2>The days ahead, in minutes</h2>
            <span class="small">combing, teasing, care, laying out</span>
          </div>
          <DaysAhead :days="daysAhead" />
        </section>
      </div>

      <div class="mt-4 grid gap-x-11 gap-y-6 border-t border-ink pt-3 desk:grid-cols-2">
        <DayPanel
          v-model="picked"
          :days="days"
          :session="session"
          :detail="reasons.get(picked) ?? null"
          :care="also"
          :blocked="isBlocked"
          :minutes="minutesThere"
          :busy="busy"
          @pin="pin"
          @block="block"
          @minutes="setMinutes"
        />
        <PlanWorth
          :plan="plan"
          :gap="planning.gap.value"
          :progress="planning.progress.value"
          :forecast="forecast"
          :moved="tried?.forecast ?? null"
          :out="out"
          :against="against"
          :she="profile.sex === 'female'"
          :count="countGoneBy(profile)"
          :busy="busy"
          @choose="choose"
        />
      </div>
    </template>
  </div>
</template>
