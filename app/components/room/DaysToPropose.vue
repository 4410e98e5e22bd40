<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { addDays } from '#core/record/day'
import { sayProposed } from '#core/record/next-visit'
import type { Entry } from '#core/record/entries'
import type { SharedDog } from '#shared/answers'
import { plural } from '~/words/numbers'
import { shortWeekday } from '#core/record/say-day'

/** Days the groomer could take the dog, for the owner to accept one. */
const props = defineProps<{
  shared: SharedDog
  /** @throws NoAnswer, Refused */
  send: (entry: Entry) => Promise<void>
}>()
const open = ref(false)
const standing = computed(() => props.shared.arrival?.next?.proposed ?? null)
const MOST = 3
const days = ref<string[]>(Array<string>(MOST).fill(''))
const says = ref('')
const given = computed(() => [...new Set(days.value.filter((d) => d > props.shared.today))].sort())
const early = computed(() => days.value.some((d) => d && d <= props.shared.today))
const own = useOwnCalendar()
/** The day that is booked, or six weeks on. */
const USUAL_DAYS = 42
const about = computed(() => props.shared.arrival?.visit ?? addDays(props.shared.today, USUAL_DAYS))
const free = computed(() => own.freest(about.value, props.shared.today))
const takeFree = () => (days.value = [...free.value, '', '', ''].slice(0, MOST))
const sayOwn = (day: string) =>
  !own.known.value || !day
    ? ''
    : own.on(day)
      ? `${plural(own.on(day), 'other thing')} that day`
      : 'nothing else that day'
const busy = ref(false)
const problem = ref('')
const id = ref(uuid())
async function propose() {
  busy.value = true
  problem.value = ''
  try {
    await props.send({
      id: id.value,
      day: props.shared.today,
      what: {
        kind: 'proposed',
        from: props.shared.groomer,
        days: given.value,
        ...(says.value.trim() ? { says: says.value.trim() } : {}),
      },
    })
    id.value = uuid()
    open.value = false
  } catch (e) {
    problem.value = inWords(e, 'The days are still here; press again.')
  }
  busy.value = false
}
</script>

<template>
  <div class="mt-1" data-days>
    <p v-if="standing" class="why">{{ sayProposed(standing, shared.profile.name) }}. Not answered yet.</p>
    <ActButton v-if="!open" kind="quiet" @click="open = true">{{
      shared.arrival?.visit ? 'Another day?' : 'Propose days'
    }}</ActButton>
    <form v-else class="border-t border-rule pb-2" @submit.prevent="propose">
      <label v-for="n in MOST" :key="n" class="flex items-center gap-3 border-b border-rule">
        <span class="flex-1"
          >{{ n === 1 ? 'A day you could take' : 'or' }}
          <span class="small block" :data-own="n">{{ sayOwn(days[n - 1]!) }}</span></span
        >
        <input
          v-model="days[n - 1]"
          type="date"
          :name="`day-${n}`"
          :min="addDays(shared.today, 1)"
          class="h-12 bg-transparent"
        />
      </label>
      <label class="flex min-h-12 items-center gap-3 border-b border-rule">
        <span class="flex-1">{{
          own.known.value ? 'Your calendar is known here' : 'From your calendar, .ics'
        }}</span>
        <input
          type="file"
          accept=".ics,text/calendar"
          name="own-calendar"
          aria-label="Your calendar, an .ics file"
          class="w-40 text-side"
          @change="own.fromPicked"
        />
      </label>
      <ActButton v-if="free.length" class="mt-2 w-full" data-free @click="takeFree"
        >Your emptiest: {{ free.map((d) => shortWeekday(d)).join(', ') }}</ActButton
      >
      <p class="small mt-1">The file is read on this device and goes nowhere.</p>
      <NoticeLine v-if="own.problem.value" class="mt-1">{{ own.problem.value }}</NoticeLine>
      <FormField
        v-model="says"
        class="mt-2"
        label="A word with it"
        name="days-word"
        maxlength="200"
        autocomplete="off"
      />
      <NoticeLine v-if="problem || early" class="mt-2">{{
        problem || 'Days to come, from tomorrow on.'
      }}</NoticeLine>
      <div class="mt-2 flex gap-3">
        <ActButton kind="filled" type="submit" class="flex-1" :disabled="busy || !given.length"
          >Propose</ActButton
        >
        <ActButton kind="quiet" @click="open = false">Not now</ActButton>
      </div>
    </form>
  </div>
</template>
