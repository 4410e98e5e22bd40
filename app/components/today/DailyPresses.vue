<script setup lang="ts">
import { HANDLING_MINUTES, handlingToday, hardPlaces } from '#core/care/handling/handling'
import { stepsOf } from '#core/care/handling/ladders'
import type { HandledId } from '#core/care/handling/ladders'
import { opensConcern } from '#core/care/look/outcomes'
import { stopsAll } from '#core/care/look/stopped-parts'
import { OUTCOMES } from '#core/record/look-outcomes'
import type { OutcomeId } from '#core/record/look-outcomes'
import { addDays, weekday } from '#core/record/day'
import type { Fact } from '#core/record/entries'
import { timeline } from '#core/record/timeline'
import { OUTCOME_SAYS } from '#core/record/care-words'
import { sayHandled } from '~/words/diary'
import type { Stroke } from './WeekStrokes.vue'

/** What takes a minute each day: a press when it is done, the same press to take it back, and one more for what is amiss. */
const { file, today } = useDog()
const { concerns } = useCare()
const record = useRecord()
type Daily = 'eyes' | 'teeth'
const DONE: Record<Daily, OutcomeId> = { eyes: 'clear', teeth: 'done' }
const LABEL: Record<Daily, string> = { eyes: 'Eyes', teeth: 'Teeth' }
const monday = computed(() => addDays(today.value, -weekday(today.value)))
const facts = computed(() => timeline(file.value.entries).filter((f) => f.day >= monday.value))
/** Eyes, teeth, or a place that is brought along. */
const isOf = (what: Fact, daily: Daily | HandledId) =>
  what.kind === 'handling'
    ? what.place === daily
    : what.kind === 'tidy' && what.tidy === daily && what.outcome !== 'refused'
/** The week's seven strokes: done, missed, today, to come. */
const week = (daily: Daily | HandledId) =>
  Array.from({ length: 7 }, (_, n): Stroke => {
    const day = addDays(monday.value, n)
    const done = facts.value.some((f) => f.day === day && isOf(f.what, daily))
    return done ? 'done' : day === today.value ? 'today' : day < today.value ? 'missed' : 'ahead'
  })
const todays = (daily: Daily) => facts.value.filter((f) => f.day === today.value && isOf(f.what, daily))
const said = (daily: Daily) => {
  const what = todays(daily).at(-1)?.what
  return what?.kind === 'tidy' && what.outcome && what.outcome !== DONE[daily]
    ? OUTCOME_SAYS[what.outcome]
    : ''
}
async function press(daily: Daily) {
  const before = todays(daily)
  if (before.length) for (const f of before) await record.takeBack(f)
  else await write(daily, DONE[daily])
}
async function write(daily: Daily, outcome: OutcomeId) {
  const opens = opensConcern(daily, outcome)
  const facts: Fact[] = [{ kind: 'tidy', tidy: daily, outcome }, ...(opens ? [opens] : [])]
  await record.add(facts.map((what) => ({ day: today.value, time: localTime(), what })))
}
/** What else it came to takes the place of what was pressed. */
async function instead(daily: Daily, outcome: OutcomeId) {
  for (const f of todays(daily)) await record.takeBack(f)
  await write(daily, outcome)
  more.value = null
}
const more = ref<Daily | null>(null)
const others = (daily: Daily) => OUTCOMES[daily].filter((o) => o !== DONE[daily])
const boxes = computed(() =>
  (['eyes', 'teeth'] as const).map((daily) => ({
    daily,
    week: week(daily),
    done: todays(daily).length > 0,
    waits: !!stopsAll(daily, concerns.value, file.value.profile.absent),
  })),
)
const count = (strokes: readonly string[]) => strokes.filter((s) => s === 'done').length
const hard = computed(() => hardPlaces(file.value, today.value))
/** Those done today, and those still to come. */
const hands = computed(() => [
  ...hard.value.filter((h) => h.today && !h.snapped),
  ...handlingToday(hard.value),
])
</script>

<template>
  <section aria-label="Each day, a minute or less">
    <div class="flex items-baseline justify-between gap-3">
      <h2>Each day, a minute or less</h2>
      <span class="small hidden desk:inline">press when it is done</span>
    </div>
    <div class="mt-1 grid gap-2" :class="hands.length === 1 ? 'grid-cols-3' : 'grid-cols-2 desk:grid-cols-4'">
      <div v-for="b in boxes" :key="b.daily" class="min-w-0">
        <button
          class="block min-h-16 w-full rounded border px-2 py-1.5 text-left"
          :class="b.done ? 'border-b-3 border-ink bg-coat' : 'border-edge'"
          :aria-pressed="b.done"
          :disabled="b.waits"
          :data-daily="b.daily"
          @click="press(b.daily)"
        >
          <b class="font-semibold">{{ LABEL[b.daily] }}</b>
          <span v-if="said(b.daily)" class="small ml-1">{{ said(b.daily) }}</span>
          <WeekStrokes :strokes="b.week" />
          <span class="small block">{{
            b.waits ? 'the vet first' : `${b.done ? 'today, ' : ''}${count(b.week)} this week`
          }}</span>
        </button>
        <ActButton
          v-if="b.done"
          kind="quiet"
          class="!min-h-11 text-side"
          :aria-expanded="more === b.daily"
          @click="more = more === b.daily ? null : b.daily"
          >something else?</ActButton
        >
      </div>
      <NuxtLink
        v-for="hand in hands"
        :key="hand.place"
        :to="`/dogs/${file.id}/handling?at=${hand.place}`"
        class="block min-h-16 min-w-0 rounded border px-2 py-1.5"
        :class="hand.today ? 'border-b-3 border-ink bg-coat' : 'border-edge'"
        :data-handling="hand.place"
      >
        <b class="block truncate font-semibold">{{ sayHandled(hand.place) }}</b>
        <WeekStrokes :strokes="week(hand.place)" />
        <span class="small block truncate">{{
          hand.today ? `today, ${hand.today}` : `${stepsOf(hand.place)[hand.step]}, ${HANDLING_MINUTES} min`
        }}</span>
      </NuxtLink>
    </div>
    <div v-if="more" class="mt-1 flex flex-wrap gap-1.5" :aria-label="`${LABEL[more]}: what else`">
      <button
        v-for="o in others(more)"
        :key="o"
        class="min-h-11 rounded border px-3 font-semibold"
        :class="opensConcern(more, o) ? 'border-vet text-vet' : 'border-edge'"
        @click="instead(more, o)"
      >
        {{ OUTCOME_SAYS[o] }}
      </button>
    </div>
  </section>
</template>
