<script setup lang="ts">
import { EASY_DAYS, handlingToday, hardPlaces } from '#core/care/handling/handling'
import { isTool, stepsOf } from '#core/care/handling/ladders'
import type { HardPlace } from '#core/care/handling/handling'
import type { HandledId } from '#core/care/handling/ladders'
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import { AT_PROTEST, schoolNow } from '#core/care/handling/protest'
import { LEARNT_TOOLS } from '#core/record/ladders'
import { COMFORT_IDS } from '#core/record/findings'
import type { Comfort } from '#core/record/findings'
import { habitsOf } from '#core/record/habits'
import { buildOf } from '#drawing/build-of'
import { sayHandled } from '~/words/diary'
import { HANDLING_SCHOOLS } from '~/words/habits'

/** Bringing hard places, tools and noises along: two minutes a day, a step at a time, several in the same weeks. */
const { file, today } = useDog()
const record = useRecord()
const she = computed(() => (file.value.profile.sex === 'female' ? 'she' : 'he'))
const hard = computed(() => hardPlaces(file.value, today.value))
const route = useRoute()
const picked = ref(route.query.at as HandledId | undefined)
const chosen = computed<HardPlace | null>(
  () =>
    hard.value.find((h) => h.place === picked.value) ?? handlingToday(hard.value)[0] ?? hard.value[0] ?? null,
)
/** Those brought along today: a couple a day, the longest left first. */
const now = computed(() => new Set(handlingToday(hard.value).map((h) => h.place)))
const build = computed(() => buildOf(file.value.profile.coat))
/** The place in hand; with none, one that most dogs mind, so that it is seen what is meant. */
const drawn = computed<HandledId>(() => chosen.value?.place ?? (adding.value || 'forefoot'))
/** What is done when the dog minds; a dog that is sore, weak or was stopped there is never held through it. */
const school = computed(() =>
  schoolNow(
    habitsOf(file.value.profile).handling,
    !!file.value.profile.condition?.length || chosen.value?.why === 'stopped' || !!chosen.value?.snapped,
  ),
)
const protest = computed(() => AT_PROTEST[school.value])
/** The dog has minded, and the school's way is being gone. */
const minding = ref(false)
watch(
  () => chosen.value?.place,
  () => (minding.value = false),
)
const { written: last, write, undo } = useWritten()
async function log(h: HardPlace, went: Comfort, snapped = false) {
  if (
    !(await write({
      kind: 'handling',
      place: h.place,
      step: h.step,
      went,
      ...(snapped ? { snapped } : {}),
    }))
  )
    return
  picked.value = h.place
  minding.value = false
}
/** Somebody was asked, and they begin again from the first step. */
const helped = ref(false)
const others = computed(() => PLACE_IDS.filter((p) => !hard.value.some((h) => h.place === p)))
const tableToo = computed(() => !hard.value.some((h) => h.place === 'table'))
const tools = computed(() => LEARNT_TOOLS.filter((t) => !hard.value.some((h) => h.place === t)))
const adding = ref<HandledId | ''>('')
const problem = ref('')
async function add() {
  if (!adding.value) return
  const { profile } = file.value
  try {
    await record.changeProfile(
      adding.value === 'table'
        ? { ...profile, habits: { ...profile.habits, tableToLearn: true } }
        : isTool(adding.value)
          ? {
              ...profile,
              habits: { ...profile.habits, learns: [...(profile.habits?.learns ?? []), adding.value] },
            }
          : { ...profile, hard: [...profile.hard, adding.value] },
    )
    picked.value = adding.value
    problem.value = ''
  } catch (error) {
    problem.value = inWords(error)
  }
  adding.value = ''
}
const WHY = { said: 'you find it hard', refused: 'refused at the table', stopped: 'stopped at the table' }
const WENT: Record<Comfort, string> = { easy: 'Easy', fidgety: 'Fidgety', stopped: 'Stopped' }
useHead({ title: computed(() => `${file.value.profile.name}, handling · Grumbo`) })
</script>

<template>
  <div class="desk:grid desk:grid-cols-[minmax(0,1fr)_350px_260px] desk:gap-10">
    <div class="hidden desk:block desk:pt-4" data-drawn>
      <DogOnTable v-if="drawn === 'table'" :build="build" :step="chosen?.step ?? 0" />
      <HandOnPlace v-else-if="drawn" :key="drawn" :place="drawn" :step="chosen?.step ?? 0" :build="build" />
    </div>
    <section v-if="chosen" :aria-label="sayHandled(chosen.place)">
      <template v-if="chosen.snapped && !helped">
        <h1 class="pt-1 text-vet desk:pt-4">Stop with the {{ sayHandled(chosen.place).toLowerCase() }}</h1>
        <p class="why mt-2">
          A dog that snaps or bites is frightened or in pain. Ring the vet first, so that pain is ruled out;
          then a professional who works with behaviour, or your groomer. Muzzle training is theirs to advise.
          Never shout, never drag.
        </p>
        <ActButton class="mt-5 w-full desk:w-auto" @click="helped = true">
          We have been helped: begin again
        </ActButton>
      </template>
      <template v-else>
        <h1 class="pt-1 desk:pt-4">
          {{ chosen.today ? 'Done for today' : `${sayHandled(chosen.place)}, two minutes` }}
        </h1>
        <p class="why mt-2">
          {{
            chosen.today
              ? `It was ${chosen.today}. Tomorrow again: ${stepsOf(chosen.place)[chosen.step]}.`
              : `Today: ${stepsOf(chosen.place)[chosen.step]}. Rewarded while ${she} is calm, and ended before ${she} minds.`
          }}
        </p>
        <div class="mt-2 desk:hidden">
          <DogOnTable
            v-if="chosen.place === 'table'"
            :build="build"
            :step="chosen.step"
            class="mx-auto max-h-[230px]"
          />
          <HandOnPlace
            v-else
            :key="chosen.place"
            :place="chosen.place"
            :step="chosen.step"
            :build="build"
            class="mx-auto max-w-[300px]"
          />
        </div>
        <ol class="mt-4 border-t border-ink" aria-label="The steps">
          <li
            v-for="(step, i) in stepsOf(chosen.place)"
            :key="step"
            class="flex min-h-11 items-center gap-3 border-b border-rule"
            :class="i === chosen.step ? 'font-bold' : i < chosen.step ? 'text-ink-2' : 'text-ink-3'"
            :aria-current="i === chosen.step ? 'step' : undefined"
          >
            <span class="figure w-6 text-story" :class="i === chosen.step ? 'text-due' : ''">{{
              i + 1
            }}</span>
            <span class="flex-1">{{ step }}</span>
            <span v-if="i === chosen.step" class="small"
              >{{ chosen.easyDays }} of {{ EASY_DAYS }} easy days</span
            >
            <span v-else-if="i < chosen.step" class="small">behind you</span>
          </li>
        </ol>
        <p class="mt-3 flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />Let go and reward when {{ she }} is calm, not while {{ she }} pulls.
          Old, sore or hurt: ask the vet first.
        </p>
        <p v-if="!chosen.today" class="mt-2" data-when-minding>
          <i class="why">when {{ she }} minds</i>&ensp;<b class="font-semibold">{{ protest.says }}</b>
        </p>
        <div
          v-if="!chosen.today && minding"
          class="mt-3 grid grid-cols-2 gap-2"
          role="group"
          aria-label="How it ended"
          data-minding
        >
          <ActButton kind="filled" class="!px-2" @click="log(chosen, 'fidgety')">{{
            protest.calm
          }}</ActButton>
          <ActButton class="!px-2" @click="log(chosen, 'stopped')">No calmer: stop for today</ActButton>
        </div>
        <div
          v-else-if="!chosen.today"
          class="mt-3 grid grid-cols-3 gap-2"
          role="group"
          aria-label="How it went"
        >
          <ActButton
            v-for="c in COMFORT_IDS"
            :key="c"
            class="!gap-1.5 !px-2"
            :kind="c === 'easy' ? 'filled' : 'plain'"
            @click="c === 'fidgety' ? (minding = true) : log(chosen, c)"
          >
            <ComfortMark :comfort="c" class="shrink-0" />{{ WENT[c] }}
          </ActButton>
        </div>
        <div class="mt-1 flex flex-wrap justify-between gap-x-5">
          <button v-if="last" class="min-h-12 font-semibold underline" @click="undo">Undo</button>
          <button class="min-h-12 font-semibold text-vet underline" @click="log(chosen, 'stopped', true)">
            {{ she === 'she' ? 'She' : 'He' }} snapped or bit
          </button>
        </div>
      </template>
    </section>
    <section v-else aria-label="Nothing is hard">
      <h1 class="pt-1 desk:pt-4">Nothing is hard just now</h1>
      <p class="why mt-2">
        A place that is refused or stopped at the table comes here by itself. Or name a place, or a tool and
        its noise, to bring along, two minutes a day.
      </p>
    </section>

    <section aria-label="Being brought along" class="mt-6 desk:mt-4">
      <h2 class="border-b border-ink pb-1">{{ hard.length ? 'Being brought along' : 'Name one' }}</h2>
      <ul>
        <li v-for="h in hard" :key="h.place" class="border-b border-rule">
          <button
            class="flex min-h-14 w-full items-center gap-3 text-left"
            :aria-pressed="h.place === chosen?.place"
            v-bind="!h.today && now.has(h.place) ? { 'data-today-too': '' } : {}"
            @click="picked = h.place"
          >
            <span class="min-w-0 flex-1"
              ><b class="font-semibold" :class="h.place === chosen?.place ? 'text-due' : ''">{{
                sayHandled(h.place)
              }}</b>
              <span class="small block">{{ WHY[h.why] }}</span></span
            >
            <span class="text-right">
              <span class="flex justify-end gap-1" aria-hidden="true">
                <span
                  v-for="(_, i) in stepsOf(h.place)"
                  :key="i"
                  class="size-[7px] rounded-full border"
                  :class="
                    i < h.step ? 'border-ink bg-ink' : i === h.step ? 'border-due bg-due' : 'border-edge'
                  "
                />
              </span>
              <span class="small mt-1 block">{{
                h.snapped
                  ? 'stop, ask first'
                  : `${h.today ? 'done today, ' : now.has(h.place) ? 'today, ' : ''}step ${h.step + 1}, ${stepsOf(h.place)[h.step]}`
              }}</span>
            </span>
          </button>
        </li>
      </ul>
      <form class="mt-2 flex items-end gap-3" @submit.prevent="add">
        <PickOne
          v-model="adding"
          class="min-w-0 flex-1"
          label="A place, or a tool"
          name="another"
          :options="[
            { value: '', words: 'choose one' },
            ...(tableToo ? [{ value: 'table', words: 'The table itself' }] : []),
            ...tools.map((value) => ({ value, words: sayHandled(value) })),
            ...others.map((value) => ({ value, words: placeRow(value).plural })),
          ]"
        />
        <ActButton type="submit" class="!min-h-11" :disabled="!adding">Add it</ActButton>
      </form>
      <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
      <h2 class="mt-6 border-b border-ink pb-1">How you handle</h2>
      <p class="mt-2">
        <b class="font-semibold">{{ HANDLING_SCHOOLS[school].label }}.</b>
        {{ HANDLING_SCHOOLS[school].means }}
      </p>
      <ActButton :to="`/dogs/${file.id}/ways`" kind="quiet" class="mt-1">Change how you work</ActButton>
    </section>
  </div>
</template>
