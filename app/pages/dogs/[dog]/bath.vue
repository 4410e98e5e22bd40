<script setup lang="ts">
import type { PlaceId } from '#core/coat/regions'
import { PART_WASHES } from '#core/care/bath/part-wash'
import type { PartWash } from '#core/care/bath/part-wash'
import { bathAmounts, meanLength, mustBeDried, WASHING_MINUTES } from '#core/care/bath/bath-recipe'
import { bathSteps } from '#core/care/bath/bath-steps'
import { CARE_CAUTIONS } from '#core/care/cautions'
import { sayWhere } from '#core/care/look/look-over'
import { mayWash } from '#core/care/bath/wash-gate'
import { regionsOf } from '#core/coat/regions'
import { planToday } from '#core/plan/today'
import { addDays, daysBetween } from '#core/record/day'
import { dayAndMonth, sayDay, nameDay } from '#core/record/say-day'
import { driesSlowly } from '#core/season/weather'
import { buildOf } from '#drawing/build-of'
import { clockTime, namesOf, sayWash } from '~/words/bath'
import { capital, inOdds, listed, plural } from '~/words/numbers'

/** May I wash today, what to make up, how long drying takes, the bath in its order, and what is written of it. */
const { file, today, coat } = useDog()
const combAtTable = useCombAtTable()
const { habits, she, groomer, concerns, dueOf, lastOf, changeHabits, problem } = useCare()
const { weather, invented, moves } = useWeather()
const profile = computed(() => file.value.profile)

const skin = ref<'well' | 'sore'>('well')
const stitches = ref(false)
const dirty = ref(false)
const soaks = ref<boolean | undefined>(undefined)
const now = useMinuteOfDay()
const mm = computed(() => meanLength(coat.value))
const bath = computed(() => dueOf('bath')!)
const sinceBath = computed(() => {
  const last = lastOf('bath')
  return last ? daysBetween(last.day, today.value) : null
})
const cold = computed(() => (moves.value && weather.value ? driesSlowly(weather.value) : false))
const gate = computed(() =>
  mayWash({
    coat: coat.value,
    concerns: concerns.value,
    skin: skin.value,
    stitches: stitches.value,
    vetPlan: habits.value.vetPlan,
    dirty: dirty.value,
    sinceBath: sinceBath.value,
    interval: bath.value.interval.now,
    washFirst: habits.value.wash === 'wash-first',
    ...(soaks.value === undefined ? {} : { soaks: soaks.value }),
    dryer: habits.value.dryer,
    ...(habits.value.watts ? { watts: habits.value.watts } : {}),
    cold: cold.value,
    mm: mm.value,
    now: now.value,
    bed: habits.value.bed,
  }),
)
const said = computed(() =>
  sayWash(gate.value, {
    she: she.value,
    groomer: groomer.value,
    today: today.value,
    vetPlan: habits.value.vetPlan,
  }),
)
const go = computed(() => said.value.tone === 'go')
const open = computed(() => (gate.value.answer.answer === 'comb-first' ? gate.value.answer.places : []))
const shades = computed(() =>
  Object.fromEntries(
    open.value.flatMap((p) => [
      [p, 4],
      [`${p}.left`, 4],
      [`${p}.right`, 4],
    ]),
  ),
)
const checks = computed(() => {
  const g = gate.value
  const days = bath.value.interval.now
  return [
    {
      ok: g.combed.places === g.combed.of,
      label: 'Combed through',
      says: `${g.combed.places} of ${g.combed.of} places since yesterday`,
    },
    {
      ok: skin.value === 'well' && !stitches.value,
      label: 'Skin well',
      says: skin.value === 'well' ? 'as you see it' : 'sore',
    },
    {
      ok: sinceBath.value === null || sinceBath.value >= days / 2 || dirty.value,
      label: 'Not too soon',
      says:
        sinceBath.value === null
          ? 'no bath on record'
          : `${plural(sinceBath.value, 'day')} since; about every ${Math.round(days)}`,
    },
    {
      ok:
        g.answer.answer !== 'night' &&
        (g.startBy === null ? !mustBeDried(profile.value.coat) : now.value <= g.startBy),
      label: 'Dry before bed',
      says:
        g.startBy === null
          ? mustBeDried(profile.value.coat)
            ? 'no dryer'
            : 'a towel and a warm room'
          : `start by ${clockTime(g.startBy)}, it is ${clockTime(now.value)}`,
    },
    {
      ok: !habits.value.vetPlan,
      label: 'No vet’s plan against it',
      says: habits.value.vetPlan ?? 'none on file',
    },
  ]
})

const amounts = computed(() => bathAmounts(profile.value.weightKg, mm.value))
const steps = computed(() => bathSteps(profile.value.coat, amounts.value, habits.value.dryer))
const planEdit = ref(false)
const plan = ref(habits.value.vetPlan ?? '')
const bed = ref(clockTime(habits.value.bed))
const setBed = () => {
  const [h, m] = bed.value.split(':').map(Number)
  if (h !== undefined && m !== undefined) void changeHabits({ bed: h * 60 + m })
}

const stage = ref<'ready' | 'run' | 'log'>('ready')
/** Ended part way: the dog may be wet, and what is in the coat has to come out. */
const stopped = ref(false)
function toLog(early: boolean) {
  stopped.value = early
  stage.value = 'log'
}
const combThese = () => combAtTable(open.value.flatMap((p) => regionsOf(p).map((r) => r.id)))
const { written, write: writeIn, undo } = useWritten()
/** All of the dog, or a part: a soiled rear, feet and legs, a beard. */
const scope = ref<PartWash | 'all'>('all')
const SCOPES = [
  { value: 'all' as const, words: 'all of it' },
  ...PART_WASHES.map((p) => ({ value: p.id, words: p.words })),
]
const washed = computed<readonly PlaceId[] | null>(
  () => PART_WASHES.find((p) => p.id === scope.value)?.places ?? null,
)
/** How long drying took, where it was timed. */
const driedIn = ref('')
const driedWrong = computed(() => {
  const n = Number(driedIn.value)
  return driedIn.value.trim() && !(n >= 1 && n <= 600) ? 'Drying takes 1 to 600 minutes.' : ''
})
async function write(combedOut: boolean, says: string) {
  if (driedWrong.value) return
  const { dryer, watts } = habits.value
  await writeIn({
    kind: 'wash',
    combedOut,
    ...(washed.value ? { places: [...washed.value] } : {}),
    ...(driedIn.value.trim() && dryer !== 'none'
      ? {
          dried: {
            minutes: Math.round(Number(driedIn.value)),
            with: dryer,
            ...(dryer === 'household' && watts ? { watts } : {}),
            ...(cold.value ? { cold: true as const } : {}),
          },
        }
      : {}),
  })
  driedIn.value = ''
  const { chanceIfLeft, until } = planToday(file.value, today.value, 0)
  const odds = `The chance of a mat by ${nameDay(until, today.value)} is now ${inOdds(chanceIfLeft)}.`
  if (written.value) written.value.says = `${says} ${odds}`
  stage.value = 'ready'
}
async function toTable() {
  await write(false, 'Washed; the comb next.')
  await combAtTable(
    coat.value.places.filter((p) => !washed.value || washed.value.includes(p.region.place)).map((p) => p.id),
  )
}
const nextBath = computed(() => {
  const days = bath.value.interval.now
  return [addDays(today.value, Math.round(days * 0.8)), addDays(today.value, Math.round(days * 1.3))] as const
})
/** What it does to the day: its minutes in all, and what is combed with it. */
const wholeDay = computed(() => {
  const g = gate.value
  const comb = g.answer.answer === 'comb-first' ? Math.round(g.answer.minutes) : 0
  const from = WASHING_MINUTES + comb + (g.drying?.from ?? 0)
  const to = WASHING_MINUTES + comb + (g.drying?.to ?? 0)
  return `In all about ${from} to ${to} minutes${comb ? `, ${comb} of them with the comb first` : ''}. What was on today’s table is combed with it.`
})
useHead({ title: computed(() => `${profile.value.name}, bath · Grumbo`) })
</script>

<template>
  <PlainRun v-if="stage === 'run'" title="The bath" :steps="steps" @done="toLog(false)" @stop="toLog(true)" />
  <div v-else-if="stage === 'log'" class="mx-auto max-w-[560px]">
    <h1 class="pt-1 desk:pt-4">
      {{ stopped ? 'Stopped part way' : `Dry. Now comb ${she ? 'her' : 'him'} through` }}
    </h1>
    <p v-if="stopped" class="why mt-2">
      What is in the coat is rinsed out, then dried to the skin, a towel at least; and the comb as soon as
      {{ she ? 'she' : 'he' }} bears it. Pain, red skin or blood: ring the vet.
    </p>
    <p v-else class="why mt-2">
      {{ she ? 'Her' : 'His' }} clock for knots starts again at this comb check, not at the bath.
    </p>
    <p class="small mt-4">What was washed</p>
    <ChoiceRow v-model="scope" tight class="flex-wrap" label="What was washed" :choices="SCOPES" />
    <FormField
      v-if="habits.dryer !== 'none'"
      v-model="driedIn"
      class="mt-3 max-w-60"
      label="Minutes to dry, if you timed it"
      name="dried"
      inputmode="numeric"
    />
    <NoticeLine v-if="driedWrong" class="mt-2">{{ driedWrong }}</NoticeLine>
    <div class="mt-5 grid gap-2">
      <ActButton
        kind="filled"
        class="w-full"
        @click="
          write(
            true,
            washed
              ? 'Washed there, dried and combed out: those places count as clear from today.'
              : 'Washed, dried and combed out. All of it counts as clear from today.',
          )
        "
      >
        The comb glides everywhere
      </ActButton>
      <ActButton class="w-full" @click="toTable">It catches: to the table</ActButton>
      <ActButton
        class="w-full"
        @click="
          write(
            false,
            'Washed and not combed out. Knots are tighter now and wet hair makes more: comb within a day.',
          )
        "
      >
        Not combed out today
      </ActButton>
    </div>
    <ActButton kind="quiet" class="mt-3" @click="stage = 'ready'">No bath after all: write nothing</ActButton>
  </div>
  <div v-else class="pt-1 desk:grid desk:grid-cols-[392px_minmax(0,1fr)_330px] desk:gap-10 desk:pt-4">
    <section aria-label="May I wash today?">
      <h1 :class="said.tone === 'vet' ? 'text-vet' : ''" data-wash>{{ said.head }}</h1>
      <p class="why mt-2">{{ said.why }}</p>
      <p v-if="written" class="mt-2 flex min-h-11 flex-wrap items-center gap-x-4" role="status">
        <span>{{ written.says }}</span><ActButton kind="quiet" @click="undo">Undo</ActButton>
      </p>
      <NextUp v-if="written" class="mt-2" />
      <ul class="mt-3 border-t border-ink">
        <li v-for="c in checks" :key="c.label" class="flex min-h-11 items-center gap-3 border-b border-rule">
          <svg
            width="18"
            height="18"
            viewBox="0 0 18 18"
            fill="none"
            stroke-width="2.2"
            aria-hidden="true"
            :stroke="c.ok ? 'var(--ink)' : 'var(--due)'"
          >
            <path v-if="c.ok" d="M2 10l4 5L16 3" />
            <circle v-else cx="9" cy="9" r="6.5" />
          </svg>
          <b class="font-semibold" :class="c.ok ? '' : 'text-due'"
            >{{ c.label }}<span class="sr-only">{{ c.ok ? ': yes' : ': not yet' }}</span></b
          >
          <i class="why ml-auto min-w-0 text-right text-side">{{ c.says }}</i>
        </li>
      </ul>
      <EveryDays care="bath" class="mt-2" />
      <div class="mt-2 flex flex-wrap items-center gap-1.5">
        <button
          v-for="t in [
            {
              words: 'Skin is sore',
              on: skin === 'sore',
              set: () => (skin = skin === 'sore' ? 'well' : 'sore'),
            },
            { words: 'Stitches', on: stitches, set: () => (stitches = !stitches) },
            { words: 'Really dirty', on: dirty, set: () => (dirty = !dirty) },
          ]"
          :key="t.words"
          class="min-h-11 rounded border px-2.5 text-body font-semibold"
          :class="t.on ? 'border-ink bg-well' : 'border-edge'"
          :aria-pressed="t.on"
          @click="t.set()"
        >
          {{ t.words }}
        </button>
        <ActButton kind="quiet" class="ml-1" :aria-expanded="planEdit" @click="planEdit = !planEdit">
          Vet’s plan, bedtime
        </ActButton>
      </div>
      <form
        v-if="planEdit"
        class="mt-2 grid gap-2 border-t border-rule pt-2"
        @submit.prevent="changeHabits({ vetPlan: plan.trim() || undefined })"
      >
        <label
          ><span class="small block">What the vet said of baths, if anything</span>
          <input
            v-model="plan"
            name="vet-plan"
            maxlength="200"
            class="h-11 w-full border-b border-edge bg-transparent"
        /></label>
        <div class="flex items-end gap-4">
          <ActButton type="submit" class="!min-h-11">Keep it</ActButton>
          <label class="ml-auto"
            ><span class="small block">In bed by</span>
            <input
              v-model="bed"
              type="time"
              name="bed"
              class="h-11 border-b border-edge bg-transparent"
              @change="setBed"
          /></label>
        </div>
      </form>
      <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
      <div
        v-if="gate.answer.answer === 'comb-first' && (gate.answer.tryWater || soaks !== undefined)"
        class="mt-2 border-t border-rule pt-2"
      >
        <p class="font-semibold">The water test, at what catches: does water soak to the skin?</p>
        <div class="mt-1 flex gap-2">
          <ActButton class="!min-h-11 flex-1" @click="soaks = true">It soaks in</ActButton>
          <ActButton class="!min-h-11 flex-1" @click="soaks = false">It runs off</ActButton>
        </div>
        <p v-if="soaks === false" class="small mt-1">
          Where water cannot go, that coat will come off: {{ groomer }}.
        </p>
      </div>
      <template v-if="gate.answer.answer === 'comb-first'">
        <DogDrawing
          v-if="open.length <= 8"
          :sheet="buildOf(profile.coat)"
          :states="shades"
          :detail="1.9"
          class="mx-auto mt-3 max-h-[220px]"
        />
        <p class="small mt-1">
          {{ capital(namesOf(gate.answer).slice(0, 8).join(', '))
          }}{{ open.length > 8 ? ` and ${open.length - 8} more` : '' }}.
        </p>
        <ActButton kind="filled" class="mt-3 w-full text-lead" @click="combThese">
          {{
            open.length > 8 ? `Comb ${she ? 'her' : 'him'} through` : `Comb ${plural(open.length, 'place')}`
          }}
        </ActButton>
      </template>
      <template v-else-if="go">
        <p v-if="gate.keptDry.length" class="mt-3 flex gap-2 font-semibold text-vet" data-kept-dry>
          <VetMark class="shrink-0" />{{ listed(gate.keptDry.map((w) => sayWhere(w).toLowerCase())) }}: kept
          dry and left alone until the vet has seen it.
        </p>
        <p class="mt-3 flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{ CARE_CAUTIONS.alone }} {{ CARE_CAUTIONS.mains }}
        </p>
        <ActButton kind="filled" class="mt-3 w-full text-lead" @click="stage = 'run'"
          >Start the bath</ActButton
        >
      </template>
      <ActButton v-else-if="said.tone === 'stop'" :to="`/dogs/${file.id}`" class="mt-4 w-full"
        >Back to today</ActButton
      >
      <ActButton v-if="said.tone !== 'vet'" kind="quiet" class="mt-1" @click="toLog(false)">
        It was washed already: write it in
      </ActButton>
    </section>

    <section aria-label="Make up and dry" class="mt-6 desk:mt-0">
      <MakeUp :kg="profile.weightKg" :mm="mm" />
      <DryingTimes
        class="mt-5"
        :coat="profile.coat"
        :kg="profile.weightKg"
        :mm="mm"
        :cold="cold"
        :invented="invented"
        :dryer="habits.dryer"
        :watts="habits.watts"
        @dryer="changeHabits({ dryer: $event })"
        @watts="changeHabits({ watts: $event })"
      />
    </section>

    <section aria-label="In this order" class="mt-6 desk:mt-0">
      <h2 class="border-b border-ink pb-1">In this order</h2>
      <ol>
        <li v-for="(s, i) in steps" :key="s.id" class="grid grid-cols-[26px_1fr] border-b border-rule py-1.5">
          <span class="figure text-story text-due">{{ i + 1 }}</span>
          <span>
            <b class="font-semibold">{{ s.act }}</b>
            <span
              v-for="c in s.cautions.slice(0, 1)"
              :key="c"
              class="flex gap-1.5 text-side font-semibold text-caution"
              ><CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}</span
            >
          </span>
        </li>
      </ol>
      <h2 class="mt-5 border-t border-ink pt-2">Then</h2>
      <p class="why mt-1">{{ wholeDay }}</p>
      <p class="why mt-1">
        Next bath between {{ dayAndMonth(nextBath[0]) }} and {{ dayAndMonth(nextBath[1]) }}.
        {{ lastOf('bath') ? `Last ${sayDay(lastOf('bath')!.day, today)}.` : '' }}
      </p>
    </section>
  </div>
</template>
