<script setup lang="ts">
import { SETUP_MINUTES } from '#core/coat/minutes'
import { placeRow } from '#core/coat/regions'
import type { PlaceId, RegionId } from '#core/coat/regions'
import { wantsMinutes } from '#core/plan/day-off'
import { playAhead } from '#core/plan/kept'
import { nextSession } from '#core/plan/look-ahead'
import { isSore } from '#core/plan/off-the-table'
import { shownMinutes } from '#core/plan/shown-minutes'
import { addDays } from '#core/record/day'
import { buildOf } from '#drawing/build-of'
import { capital, inHalves, plural } from '~/words/numbers'
import { sayCareDone } from '~/words/care-done'
import { sayChance, sayReason } from '~/words/reasons'
import { sayAt, saySecond, sayToday, sayWhyToday } from '~/words/today-head'

const { file, today, coat, planning } = useDog()
const combAtTable = useCombAtTable()
const profile = computed(() => file.value.profile)
const usual = computed(() => minutesOn(file.value, today.value))
const chosen = ref<number | null>(null)
const minutes = computed(() => chosen.value ?? usual.value)
const choices = computed(() =>
  [...new Set([8, ...(chosen.value === HEAT_MINUTES ? [HEAT_MINUTES] : []), usual.value || 14, 25, 40])]
    .sort((a, b) => a - b)
    .slice(0, 4),
)
/** What the weather asks of today beside the plan. */
const also = ref<PlaceId[]>([])
const { now, past, chances, shades, plan } = useStanding(minutes, chosen, also)
/** In heat a session is short, unless the owner says otherwise. */
const HEAT_MINUTES = 15
const inHeat = () => {
  if (chosen.value === null && usual.value > HEAT_MINUTES) chosen.value = HEAT_MINUTES
}

/** The whole list's minutes, care and comb, in halves that add up. */
const everyMinutes = computed(() => shownMinutes([...plan.value.items, ...plan.value.care]))
const shown = computed(() => everyMinutes.value.slice(0, plan.value.items.length))
const total = computed(() => everyMinutes.value.reduce((sum, m) => sum + m, plan.value.setupMinutes))
/** Nobody has met some of the coat: it is gone over once, and what a hand felt comes first. */
const over = computed(() => plan.value.goingOver)
const felt = computed(() => now.value.felt)
const pelted = computed(() => felt.value === 'many' || felt.value === 'sheet')
const headline = computed(() =>
  sayToday(plan.value, profile.value, {
    minutes: minutes.value,
    total: total.value,
    goneOver: goneOver.value,
    pelted: pelted.value,
  }),
)
const why = computed(() => {
  const ahead = planning.plan.value?.sessions.find((s) => s.day > today.value)
  const next = ahead?.day ?? nextSession(profile.value, today.value)
  return sayWhyToday(plan.value, profile.value, next, !minutes.value && !goneOver.value && wants.value)
})
const goneOver = computed(() => past.value.goneOverOn === today.value)
const wants = computed(() => wantsMinutes(coat.value, past.value))

const SHOWN = 5
const all = ref(false)
const rows = computed(() =>
  over.value
    ? []
    : all.value || plan.value.items.length <= SHOWN + 1
      ? plan.value.items
      : plan.value.items.slice(0, SHOWN),
)

const plates = computed(() =>
  rows.value.map((item, i) => ({
    number: i + 1,
    place: item.place,
    label: placeRow(item.place).plural.toLowerCase(),
  })),
)
const picked = ref<RegionId | null>(null)
/** The next sessions, if today's is kept. */
const COMING = 3
const coming = computed(() => {
  const to = visit.value ?? addDays(today.value, 14)
  return playAhead(
    coat.value,
    to,
    plan.value.items.flatMap((i) => i.regions),
    planning.plan.value?.sessions,
  ).sessions.slice(0, COMING)
})
const visit = computed(() => {
  const day = profile.value.nextVisit
  return day && day > today.value ? day : null
})

const starting = ref(false)
async function start(regions: RegionId[]) {
  starting.value = true
  await combAtTable(regions)
  starting.value = false
}
const router = useRouter()
/** The whole list in one go: the comb first, then what comes after it. */
async function startList() {
  beginList(file.value.id, today.value, plan.value.care)
  if (plan.value.items.length) await start(plan.value.items.flatMap((i) => i.regions))
  else await router.push(`/dogs/${file.value.id}${careRoute(plan.value.care[0]!)}`)
}
const startLabel = computed(() => {
  const first = plan.value.items[0]
  const care = plan.value.care[0]
  if (!first && care) return capital(sayCareDone([care], profile.value))
  return first ? `${over.value?.met ? 'Go on' : 'Start'} ${sayAt(first.place)}` : 'Start'
})
const anyConcern = computed(() => file.value.entries.some((e) => e.what.kind === 'concern'))
const anyAdvice = computed(() => file.value.entries.some((e) => e.what.kind === 'advice'))
const record = useRecord()
async function rubbed() {
  await record.add([
    {
      day: today.value,
      time: localTime(),
      what: { kind: 'brush', depth: 'surface', regions: Object.values(now.value.regions).map((s) => s.id) },
    },
  ])
}

const word = ref<{ author: string; body: string; sent: string } | null>(null)
onMounted(async () => {
  const thread = await lastWord(file.value.id)
  word.value = thread
})
const desk = useDesk()
const compact = computed(() => !desk.value)
</script>

<template>
  <div class="desk:grid desk:grid-cols-[minmax(0,1fr)_356px] desk:grid-rows-[auto_1fr] desk:gap-x-11">
    <section aria-label="Today" class="desk:col-start-2 desk:row-start-1">
      <LazySorePlaces v-if="coat.places.some(isSore)" class="mt-1 desk:mt-4" />
      <LazyOpenConcerns v-if="anyConcern" />
      <LazyHandFelt v-if="felt && felt !== 'nothing'" :felt="felt" />
      <LazySilentRecord v-if="plan.silent !== null" :days="plan.silent" />
      <h1 class="pt-1 desk:pt-4">
        {{ headline.act }}
        <span v-if="headline.minutes" class="desk:block">{{ headline.minutes }}</span>
      </h1>
      <p class="why mt-2 desk:mt-3">{{ why }}</p>
      <div v-if="!compact" class="hidden desk:block">
        <ol v-if="rows.length" class="mt-4 border-t border-ink">
          <li
            v-for="(item, i) in rows"
            :key="item.place"
            class="grid grid-cols-[30px_28px_1fr_auto] items-center border-b border-rule"
          >
            <span class="figure text-head leading-[22px] text-due">{{ i + 1 }}</span>
            <span class="comb-spine" aria-hidden="true" />
            <span class="py-[5px]">
              <b class="block font-semibold">{{ placeRow(item.place).plural }}</b>
              <i class="why text-side">{{ sayReason(item, today) }}</i>
            </span>
            <span class="font-semibold whitespace-nowrap">{{ inHalves(shown[i]!) }} min</span>
          </li>
        </ol>
      </div>
    </section>

    <section aria-label="The coat" class="mt-3 desk:col-start-1 desk:row-span-2 desk:row-start-1 desk:mt-2">
      <CoatMap
        v-model:picked="picked"
        :build="buildOf(profile.coat)"
        :shades="shades"
        :say="(id) => sayChance(chances[id], shades[id])"
        :plates="plates"
        :compact="compact"
        class="mx-auto"
        :class="compact ? 'pr-[72px]' : 'pr-8 pl-[116px]'"
      />
      <LazyPlaceStory
        v-if="picked"
        :region="picked"
        :chance="chances[picked]"
        :shade="shades[picked]"
        :until="plan.until"
        @comb="start([picked])"
      />
      <LazyShadeLegend class="mt-2 hidden desk:flex" :unmet="!!over" />
      <LazyDailyPresses v-if="!compact" class="mt-2 border-t border-ink pt-2" />
      <div v-if="!compact" class="mt-2 grid grid-cols-[1fr_300px] gap-8 border-t border-ink pt-2">
        <LazyComingDays :sessions="coming" :visit="visit" :groomer="profile.groomer ?? ''" />
        <LazyGroomerWord v-if="word" :word="word" :today="today" :to="`/dogs/${file.id}/groomer`" />
      </div>
    </section>

    <section aria-label="On the table" class="desk:col-start-2">
      <ol v-if="compact && rows.length" class="mt-3 border-t border-ink">
        <li
          v-for="(item, i) in rows"
          :key="item.place"
          class="flex min-h-[43px] items-center gap-2 border-b border-rule"
        >
          <span class="figure w-6 text-story text-due">{{ i + 1 }}</span>
          <b class="shrink-0 text-lead font-semibold">{{ placeRow(item.place).plural }}</b>
          <i class="why min-w-0 flex-1 truncate text-body">{{ sayReason(item, today) }}</i>
          <span class="whitespace-nowrap">{{ inHalves(shown[i]!) }} min</span>
        </li>
      </ol>
      <LazyGoingOver v-if="over" :over="over" class="mt-3 desk:mt-4" />
      <ActButton v-if="!over && rows.length < plan.items.length" kind="quiet" @click="all = true">
        and {{ plural(plan.items.length - rows.length, 'more place', 'more places') }}
      </ActButton>
      <LazyCareRows
        v-if="plan.care.length"
        :care="plan.care"
        :minutes="everyMinutes.slice(plan.items.length)"
        :from="plan.items.length"
        :compact="compact"
        :class="plan.items.length ? '' : 'mt-3 border-t border-ink'"
      />
      <p v-if="plan.setupMinutes" class="flex justify-between py-2 text-side text-ink-2">
        <span>and to lay out and put away, once</span><span>{{ plan.setupMinutes }} min</span>
      </p>
      <p v-if="!over && plan.waiting.length && plan.items.length" class="small pb-2">
        {{ capital(plural(plan.waiting.length, 'place waits', 'places wait')) }} for a longer day.
      </p>
      <p v-if="plan.second" class="small pb-2" data-second>{{ saySecond(plan.second, profile) }}</p>
      <ActButton
        v-if="plan.setupMinutes"
        :kind="pelted ? 'plain' : 'filled'"
        class="sticky bottom-[68px] z-10 mt-1 w-full text-lead desk:static"
        :disabled="starting"
        data-start
        @click="startList"
      >
        {{ startLabel }}
      </ActButton>
      <ActButton
        v-if="plan.rubDown"
        :kind="plan.setupMinutes ? 'plain' : 'filled'"
        class="mt-4 w-full text-lead"
        @click="rubbed"
      >
        Rubbed down, write it in
      </ActButton>
      <div class="mt-1 flex flex-wrap items-center gap-x-1">
        <span class="mr-2 flex min-h-12 items-center text-ink-2">I have</span>
        <LazyChoiceRow
          :model-value="minutes"
          tight
          label="Minutes today"
          :choices="choices.map((m) => ({ value: m, words: String(m) }))"
          @update:model-value="(m: number | undefined) => (chosen = m ?? null)"
        />
        <span class="text-ink-2">min</span>
      </div>
      <p v-if="coat.bears + SETUP_MINUTES < minutes" class="small pb-1" data-bears>
        {{ capital(plural(coat.bears, 'minute')) }} at one go is what {{ profile.name }} bears so far; a step
        more each time it goes well.
      </p>
      <LazyCareWaits v-if="!over && plan.careWaits.length" :care="plan.careWaits" />
      <LazyWeekShort v-if="!over && profile.coat !== 'smooth'" />
      <LazyDailyPresses v-if="compact" class="mt-1 border-t border-ink pt-2" />
      <div class="mt-1 border-t border-rule">
        <LazyProposedDays v-if="file.entries.some((e) => e.what.kind === 'proposed')" class="mt-4" />
        <LazyAdviceToday v-if="anyAdvice" />
        <LazyAfterClothes v-if="profile.garments?.length" />
        <LazyWeatherToday @places="also = $event" @hot="inHeat" />
      </div>
      <LazySinceThen class="mt-2 pb-3" />
      <details class="border-t border-rule">
        <ActButton kind="quiet" tag="summary" class="cursor-pointer">How to do it</ActButton>
        <LazyHowTo class="pb-4" />
      </details>
    </section>

    <LazyGroomerWord
      v-if="word && compact"
      :word="word"
      :today="today"
      :to="`/dogs/${file.id}/groomer`"
      class="mt-4 border-t border-ink pt-3"
    />
  </div>
</template>
