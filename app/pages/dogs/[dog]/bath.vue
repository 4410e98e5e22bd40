<script setup lang="ts">
import { WASHING_MINUTES } from '#core/care/bath/bath-recipe'
import { CARE_CAUTIONS } from '#core/care/cautions'
import { bathDid, wasWetted } from '#core/care/led/bath-did'
import { bathPartLabel } from '#core/care/led/bath'
import { planToday } from '#core/plan/today'
import { addDays } from '#core/record/day'
import type { FactOf } from '#core/record/entries'
import { dayAndMonth, nameDay, sayDay } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import { inOdds } from '~/words/numbers'

/** May I wash today, what to make up, how long drying takes, the bath led in its order, and what is written of it. */
const { file, today, coat } = useDog()
const combAtTable = useCombAtTable()
const { habits, lastOf, changeHabits } = useCare()
const { invented } = useWeather()
const profile = computed(() => file.value.profile)
const bath = useBath()
const { scope, washed, mm, share, cold, gate, dryer, interval, waiting, steps, run } = bath
const { runner, led, stage, resume, stopped, goOn, takeUp, drop } = run
const drawings = computed(() => ({
  drying: [`drying-${buildOf(profile.value.coat)}`, 'parting'],
  parting: ['parting'],
}))
/** Ended before any water came on: there is nothing to write. */
function ended() {
  if (led.value && wasWetted(steps.value, led.value.run)) stage.value = 'log'
  else drop()
}
const did = computed(() =>
  led.value?.run.ended ? bathDid(steps.value, led.value.run, waiting.value) : { damp: [], checks: [] },
)
const { written, write: writeIn, undo } = useWritten()
const SAYS = {
  glides: 'Washed, dried and combed out: what was washed counts as clear from today.',
  table: 'Washed; the comb next.',
  later: 'Washed and not combed out. Knots are tighter now and wet hair makes more: comb within a day.',
}
async function write(what: FactOf<'wash'>, then: keyof typeof SAYS) {
  await writeIn(what, '', did.value.checks)
  drop()
  if (then === 'table') {
    const of = coat.value.places.filter((p) => !what.places || what.places.includes(p.region.place))
    return combAtTable(of.map((p) => p.id))
  }
  const { chanceIfLeft, until } = planToday(file.value, today.value, 0)
  const odds = `The chance of a mat by ${nameDay(until, today.value)} is now ${inOdds(chanceIfLeft)}.`
  if (written.value) written.value.says = `${SAYS[then]} ${odds}`
}
const nextBath = computed(
  () =>
    [
      addDays(today.value, Math.round(interval.value * 0.8)),
      addDays(today.value, Math.round(interval.value * 1.3)),
    ] as const,
)
/** What it does to the day: its minutes in all, and what is combed with it. */
const wholeDay = computed(() => {
  const g = gate.value
  const comb = g.answer.answer === 'comb-first' ? Math.round(g.answer.minutes) : 0
  const wash = washed.value ? Math.round(WASHING_MINUTES / 2) : WASHING_MINUTES
  const from = wash + comb + (g.drying?.from ?? 0)
  const to = wash + comb + (g.drying?.to ?? 0)
  return `In all about ${from} to ${to} minutes${comb ? `, ${comb} of them with the comb first` : ''}. What was on today’s table is combed with it.`
})
useHead({ title: computed(() => `${profile.value.name}, bath · Grumbo`) })
</script>

<template>
  <LedRun
    v-if="stage === 'run' && led"
    :title="washed ? 'A part wash' : 'The bath'"
    :order="steps"
    :runner="runner"
    :called="bathPartLabel"
    :drawings="(s) => drawings[s.draws as keyof typeof drawings] ?? []"
    @ended="ended"
  />
  <BathLog
    v-else-if="stage === 'log'"
    :stopped="stopped"
    :scope="scope"
    :dryer="dryer"
    :cold="cold"
    :minutes="stopped ? undefined : runner.minutes('dry')"
    :damp="did.damp"
    @write="write"
    @take-up="takeUp"
    @drop="drop"
  />
  <div v-else class="pt-1 desk:grid desk:grid-cols-[392px_minmax(0,1fr)_330px] desk:gap-10 desk:pt-4">
    <BathGate
      :bath="bath"
      :resume="resume"
      :written="written"
      @start="run.start(scope)"
      @go-on="goOn"
      @told="stage = 'log'"
      @undo="undo"
    />
    <section aria-label="Make up and dry" class="mt-6 desk:mt-0">
      <MakeUp :kg="profile.weightKg" :mm="mm" :share="share" />
      <DryingTimes
        class="mt-5"
        :coat="profile.coat"
        :kg="profile.weightKg"
        :mm="mm"
        :cold="cold"
        :times="coat.dries * share"
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
        <li
          v-for="(s, i) in steps"
          :key="`${s.id} ${s.part ?? ''}`"
          class="grid grid-cols-[26px_1fr] border-b border-rule py-1.5"
        >
          <span class="figure text-story text-due">{{ i + 1 }}</span>
          <span>
            <b class="font-semibold">{{ s.act }}</b>
            <span v-if="s.id === 'slip'">, {{ bathPartLabel(s.part!).toLowerCase() }}</span>
            <span
              v-for="c in s.cautions.slice(0, steps[i - 1]?.id === s.id ? 0 : 1)"
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
