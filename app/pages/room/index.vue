<script setup lang="ts">
import { addDays } from '#core/record/day'
import { shortWeekday } from '#core/record/say-day'
import { capital, plural } from '~/words/numbers'
import { roomDrafts } from '~/offline/drafts'
import type { RoomOnly } from '~/composables/room-table'
import { allowed } from '~/words/visit'

/** The groomer's own list: dogs coming, what they will need, and the way to each. */
const { room, state, load, leave, takeCarried } = useRoom()
const router = useRouter()
const today = useToday()
onMounted(load)
async function come() {
  await load()
  try {
    const share = await takeCarried()
    if (share) await router.push(`/room/${share}`)
  } catch (error) {
    problem.value = inWords(error)
  }
}

const problem = ref('')
const MINUTES_BY = [
  { value: 'dog', words: 'dog by dog' },
  { value: 'day', words: 'day by day' },
] as const
const minutesBy = ref<(typeof MINUTES_BY)[number]['value']>('dog')
const WHEN = [
  { value: 'week', words: 'This week' },
  { value: 'later', words: 'Later' },
  { value: 'all', words: 'All dogs' },
] as const
type When = (typeof WHEN)[number]['value']
const chosen = ref<When | undefined>()
const name = ref('')
const end = computed(() => addDays(today.value, 7))
const dogs = computed(() => room.value?.dogs ?? [])
const week = computed(() => dogs.value.filter((d) => d.visit && d.visit < end.value))
const when = computed({
  get: (): When => chosen.value ?? (week.value.length ? 'week' : 'all'),
  set: (w) => (chosen.value = w),
})
/** Who is looked for by name is looked for among all. */
const among = computed(() => {
  if (name.value.trim() || when.value === 'all') return dogs.value
  return when.value === 'week' ? week.value : dogs.value.filter((d) => d.visit && d.visit >= end.value)
})
const { shown, order, only, day, days } = useRoomTable(among, name)

const headline = computed(() => {
  if (!dogs.value.length) return 'No dog yet'
  if (!week.value.length) return `${capital(plural(dogs.value.length, 'dog'))}, none this week`
  const minutes = week.value.reduce((sum, d) => sum + (d.arrival ? allowed(d.arrival) : 0), 0)
  return `${capital(plural(week.value.length, 'dog'))} this week, ${minutes} min for knots`
})
const why = computed(() => {
  const short = week.value.filter((d) => d.arrival?.short).map((d) => d.name)
  const silent = week.value.filter((d) => d.arrival && !d.arrival.known).map((d) => d.name)
  if (short.length) return `${short.slice(0, 3).join(', ')} will need to go short. Ring before the day.`
  if (silent.length) return `Of ${silent.slice(0, 3).join(', ')} nothing was written; ask before the day.`
  if (week.value.length) return 'None should need to go short.'
  return dogs.value.length ? 'Later ones are below.' : 'An owner gives you a link or a code.'
})

const adding = ref(false)
const code = ref('')
const busy = ref(false)
async function add() {
  busy.value = true
  problem.value = ''
  try {
    await api('/api/room/dogs', { method: 'POST', body: { code: code.value } })
    code.value = ''
    adding.value = false
    chosen.value = 'all'
    await load()
  } catch (error) {
    problem.value = inWords(error, 'The code is still here.')
  }
  busy.value = false
}
async function change(mailNotes: boolean) {
  try {
    await api('/api/room', { method: 'PUT', body: { room: room.value!.room, mailNotes } })
    await load()
  } catch (error) {
    problem.value = inWords(error)
  }
}
/** A visit that has not gone up would go with whoever signs out. */
const unsent = ref(false)
async function goOut(sure = false) {
  unsent.value = !sure && roomDrafts.any(':visit-to-send')
  if (unsent.value) return
  try {
    await leave()
  } catch (error) {
    problem.value = inWords(error)
  }
}
useHead({ title: computed(() => (room.value ? `${room.value.room} · Grumbo` : 'A room · Grumbo')) })
</script>

<template>
  <RoomDoor v-if="state === 'signed-out'" @in="come" />
  <main v-else-if="!room" class="mx-auto max-w-[1280px] px-4 pt-24 desk:px-10" role="status">
    <p class="why">
      {{ state === 'no-signal' ? 'No signal: the room shows when there is one.' : 'Reading the list' }}
    </p>
    <ActButton v-if="state === 'no-signal'" class="mt-4" @click="load">Try again</ActButton>
  </main>
  <main v-else class="mx-auto max-w-[1280px] px-4 pt-3 pb-8 desk:px-10 desk:pt-6">
    <header class="flex flex-wrap items-center gap-x-6 border-b border-ink">
      <p class="font-serif text-count font-medium desk:text-title">{{ room.room }}</p>
      <span class="small mr-auto">{{ room.name }}</span>
      <ChoiceRow v-model="when" tight label="Which dogs" :choices="WHEN" />
    </header>
    <div class="flex flex-wrap items-start gap-4 pt-4">
      <div class="min-w-0 flex-1 basis-72">
        <h1>{{ headline }}</h1>
        <p class="why mt-1">{{ why }}</p>
      </div>
      <ActButton
        v-if="!adding"
        class="text-lead max-desk:w-full"
        :kind="dogs.length ? 'plain' : 'filled'"
        @click="adding = true"
      >
        Add a dog by its code
      </ActButton>
      <form v-else class="flex w-full max-w-[420px] items-end gap-3" @submit.prevent="add">
        <FormField
          v-model="code"
          class="flex-1"
          label="The code the owner gave you"
          name="code"
          autocomplete="off"
          maxlength="40"
        />
        <ActButton kind="filled" type="submit" :disabled="busy || !code.trim()">Add</ActButton>
      </form>
    </div>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <section
      v-if="when === 'week' && !name.trim() && week.length"
      aria-label="Minutes for knots"
      class="mt-4 border-t border-ink pt-1"
    >
      <div class="flex flex-wrap items-center justify-between gap-x-4">
        <h2>Minutes for knots, this week</h2>
        <ChoiceRow v-model="minutesBy" tight label="Minutes" :choices="MINUTES_BY" />
      </div>
      <RoomMinutes v-if="minutesBy === 'dog'" :dogs="week" />
      <RoomWeek v-else :dogs="week" :today="today" />
    </section>
    <div
      v-if="shown.length > 3 || name.trim() || only !== 'all' || day"
      class="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2"
    >
      <FormField
        v-if="dogs.length > 8"
        v-model="name"
        class="w-full max-w-[320px]"
        label="Find by name, dog or owner"
        type="search"
        name="find"
        autocomplete="off"
      />
      <PickOne
        v-model="only"
        class="min-w-44"
        label="Only those"
        name="only"
        :options="
          (Object.keys(ROOM_ONLY) as RoomOnly[]).map((value) => ({ value, words: ROOM_ONLY[value].words }))
        "
      />
      <PickOne
        v-if="days.length > 1"
        v-model="day"
        class="min-w-36"
        label="On"
        name="on-day"
        :options="[
          { value: '', words: 'any day' },
          ...days.map((value) => ({ value, words: shortWeekday(value) })),
        ]"
      />
      <p class="small -mr-4 mb-3" aria-hidden="true">in the order of</p>
      <ChoiceRow
        v-model="order"
        tight
        label="In the order of"
        :choices="ROOM_ORDERS.map((o) => ({ value: o.id, words: o.words }))"
      />
    </div>
    <div
      class="small mt-4 hidden grid-cols-[92px_120px_190px_minmax(0,1fr)_minmax(0,0.8fr)_110px] gap-x-4 border-b border-ink pb-1 desk:grid"
      aria-hidden="true"
    >
      <span>when</span><span>as forecast</span><span /><span>what you will find</span
      ><span>refuses, and how far at home</span><span class="text-right">allow</span>
    </div>
    <div class="max-desk:mt-3 max-desk:border-t max-desk:border-ink">
      <RoomList :dogs="shown" :today="today" />
      <p v-if="!shown.length" class="why py-6">
        {{
          name.trim()
            ? 'Nobody by that name.'
            : only !== 'all' || day
              ? 'None of those.'
              : dogs.length
                ? 'None then.'
                : 'The list is empty.'
        }}
      </p>
    </div>
    <p v-if="shown.length > 12" class="small mt-2" role="status">{{ plural(shown.length, 'dog') }} listed</p>
    <p v-if="dogs.some((d) => d.visit)" class="mt-3">
      <ActButton to="/room/day" kind="quiet">The day’s sheet, to print or as .ics</ActButton>
    </p>
    <RoomTrust :dogs="dogs" />
    <RoomPeople :room="room" @changed="load" />
    <footer class="mt-2 flex flex-wrap items-center gap-x-6 border-t border-rule pt-2">
      <label class="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          class="size-5 accent-ink"
          :checked="room.mailNotes"
          @change="change(($event.target as HTMLInputElement).checked)"
        />
        owners’ notes, wishes and days by mail too, to {{ room.email
        }}{{ room.host ? '' : '; those of this room go to whose it is' }}
      </label>
      <ActButton to="/room/account" kind="quiet" class="ml-auto">Your account</ActButton>
      <ActButton kind="quiet" @click="goOut()">Sign out</ActButton>
    </footer>
    <LazyAskFirst
      v-if="unsent"
      title="Sign out with a visit unsent?"
      why="A visit you entered with no signal is still on this device. Open its dog to send it; signed out, it is gone."
      yes="Sign out"
      @yes="goOut(true)"
      @no="unsent = false"
    />
    <LettersMayCome :letters="room.letters" again="/api/room/confirmation" />
    <p class="small mt-2">
      Forecasts, not findings, each with the owner’s plan kept until the day. Nothing here is a diagnosis.
    </p>
  </main>
</template>
