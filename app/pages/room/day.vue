<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { dayAndMonth, weekdayName } from '#core/record/say-day'
import { saveAs } from '~/composables/bring-in'
import { roomHappenings, sayDaySum, sheetLine } from '~/words/day-sheet'
import { capital } from '~/words/numbers'

/** The day's sheet for the table: who comes, what to look for, and room to write. To print, or to take into a calendar. */
const { room, state, load } = useRoom()
const route = useRoute()
const today = useToday()
onMounted(load)
const days = computed(() =>
  [
    ...new Set((room.value?.dogs ?? []).flatMap((d) => (d.visit && d.visit >= today.value ? [d.visit] : []))),
  ].sort(),
)
const day = computed(() => {
  const asked = String(route.query.on ?? '')
  return days.value.includes(asked) ? asked : (days.value[0] ?? null)
})
const dogs = computed(() => (room.value?.dogs ?? []).filter((d) => d.visit === day.value))
const at = computed(() => days.value.indexOf(day.value ?? ''))
const to = (i: number) => ({ path: '/room/day', query: { on: days.value[i]! } })
const print = () => window.print()
async function save() {
  const { writeCalendar } = await import('#shared/calendar')
  const name = room.value!.room
  saveAs(
    `${name}.ics`,
    'text/calendar;charset=utf-8',
    writeCalendar(name, roomHappenings(room.value!.dogs, today.value), currentInstant()),
  )
}
useHead({ title: computed(() => (room.value ? `${room.value.room}, the day · Grumbo` : 'A room · Grumbo')) })
</script>

<template>
  <RoomDoor v-if="state === 'signed-out'" @in="load" />
  <main v-else-if="!room" class="mx-auto max-w-[440px] px-4 pt-24">
    <p class="why" role="status">
      {{ state === 'no-signal' ? 'No signal: the day shows when there is one.' : 'Reading the list' }}
    </p>
    <ActButton v-if="state === 'no-signal'" class="mt-4 w-full" @click="load">Try again</ActButton>
  </main>
  <main v-else class="mx-auto max-w-[900px] px-4 pb-8 desk:px-10">
    <p
      class="flex min-h-12 flex-wrap items-center justify-between gap-x-4 border-b border-ink text-side print:hidden"
    >
      <NuxtLink to="/room" class="flex min-h-11 items-center font-semibold">All dogs</NuxtLink>
      <span class="flex gap-4">
        <ActButton v-if="days.length" kind="quiet" @click="save">Save all days, .ics</ActButton>
        <ActButton v-if="day" kind="quiet" @click="print">Print</ActButton>
      </span>
    </p>
    <EmptyState v-if="!day" class="mt-8" title="No visit is booked">
      <template #why>When owners book or take a day, it stands here.</template>
    </EmptyState>
    <template v-else>
      <div class="mt-4 flex items-end justify-between gap-4">
        <h1>{{ weekdayName(day) }} {{ dayAndMonth(day) }}</h1>
        <nav aria-label="Days" class="flex gap-2 print:hidden">
          <ActButton v-if="at > 0" kind="quiet" :to="to(at - 1)">Before</ActButton>
          <ActButton v-if="at < days.length - 1" kind="quiet" :to="to(at + 1)">Next day</ActButton>
        </nav>
      </div>
      <p class="why mt-1">{{ capital(sayDaySum(dogs)) }}</p>
      <ul class="mt-3 border-t border-ink" data-day-sheet>
        <li
          v-for="{ d, line } in dogs.map((d) => ({ d, line: sheetLine(d, today) }))"
          :key="d.share"
          class="grid break-inside-avoid gap-x-6 gap-y-1 border-b border-rule py-3 desk:grid-cols-[200px_minmax(0,1fr)_110px] print:grid-cols-[200px_minmax(0,1fr)_110px]"
        >
          <span>
            <NuxtLink :to="`/room/${d.share}`" class="font-serif text-head font-medium">{{
              d.name
            }}</NuxtLink>
            <span class="small block">{{ d.owner }}</span>
            <span class="small block">{{ d.weightKg }} kg, {{ COATS[d.coat].label.toLowerCase() }}</span>
          </span>
          <span class="min-w-0">
            <b class="font-semibold">{{ line.lead }}</b>
            <i v-if="line.rest" class="why block text-body">{{ line.rest }}</i>
            <span v-for="c in line.concerns" :key="c" class="flex items-start gap-2 font-semibold text-vet"
              ><VetMark class="shrink-0" :size="20" />{{ c }}</span
            >
            <span v-if="line.moved" class="block font-semibold text-due">{{ line.moved }}</span>
            <span v-if="line.care.length" class="block">{{ line.care.join('; ') }}</span>
            <span class="mt-5 block border-b border-edge" aria-hidden="true" />
            <span class="mt-6 block border-b border-edge" aria-hidden="true" />
          </span>
          <b class="figure text-story desk:text-right">{{ line.allow }}</b>
        </li>
      </ul>
      <p class="small mt-3">
        Forecasts, not findings. Nothing here is a diagnosis; local law and your own code come first.
      </p>
    </template>
  </main>
</template>
