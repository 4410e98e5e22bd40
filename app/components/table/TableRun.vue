<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { adviceAt, standingAdvice } from '#core/care/note/advice'
import { restMinutes, SESSION_ENOUGH, YOUNG_MONTHS } from '#core/coat/minutes'
import { AT_PROTEST, schoolNow } from '#core/care/handling/protest'
import { openConcerns } from '#core/care/look/look-over'
import { CAUTIONS } from '#core/coat/cautions'
import { regionOf } from '#core/coat/regions'
import { monthsOld } from '#core/record/day'
import { COMFORT_IDS, KEYED_FINDINGS } from '#core/record/findings'
import { habitsOf } from '#core/record/habits'
import { buildOf } from '#drawing/build-of'
import { capital, clock } from '~/words/numbers'
import { MARK_SAYS, sayHow } from '~/words/truths'
import { sayFound } from '~/words/found'
import { TROUBLE } from '~/words/trouble'
import type { KnotSettled } from '../knot/KnotQuestions.vue'

/** One place in hand: where, how, with what, what to mind, and what the comb says. */
const { t } = defineProps<{ t: ReturnType<typeof useTable> }>()
const { file, today } = useDog()
const record = useRecord()
const { shades } = useStanding(
  computed(() => minutesOn(file.value, today.value)),
  ref(null),
)
const profile = computed(() => file.value.profile)
const habits = computed(() => habitsOf(profile.value))
const region = computed(() => regionOf(t.current.value!))
/** What stands on her skin here: the tool goes round it. */
const marksHere = computed(() =>
  (profile.value.marks ?? [])
    .filter((m) => m.region === region.value.id)
    .map((m) => m.says || MARK_SAYS[m.what]),
)
/** What the groomer asked for at this place. */
const advice = computed(() => adviceAt(standingAdvice(file.value, today.value), region.value.id))
const limit = computed(() => restMinutes(region.value) * 60_000)
const over = computed(() => t.atPlace.value > limit.value)
const done = computed(() => t.found.value.length)
const last = computed(() => t.found.value.at(-1))
/** The hair lifts and crackles: it was brushed dry. */
const crackles = ref(false)
watch(
  () => region.value.id,
  () => (crackles.value = calmed.value = false),
)
/** What is done when the dog minds, by the owner's school; never held through it where it is sore, weak or was stopped. */
const calmed = ref(false)
const protest = computed(() => {
  const concern = openConcerns(file.value, today.value).some((c) => c.what.where === region.value.place)
  const hurt = concern || !!profile.value.condition?.length || t.comfort.value === 'stopped'
  return AT_PROTEST[schoolNow(habits.value.handling, hurt)]
})
const minds = computed(() => t.comfort.value !== 'easy' && !calmed.value)
function calm() {
  if (protest.value.leaves && t.queue.value.length > 1) void t.skip()
  else calmed.value = true
}
/** A snag is brushed again; what the comb will not pass is decided. */
const asking = computed(() => {
  const finding = t.follow.value?.finding
  return finding === 'knot' || finding === 'mat' || finding === 'felt' ? finding : null
})
/** The brush tears: mist, a smaller section, and the comb before it is clear. */
const rasps = computed(() => t.follow.value?.finding === 'rasps')
const onBreak = ref(false)
async function rest() {
  onBreak.value = true
  await t.pause()
}
async function goOn() {
  onBreak.value = false
  await t.pause()
}
/** Short and pleasant beats complete: when it has been long enough, it is said. */
const young = computed(() => {
  const months = monthsOld(profile.value.born, today.value)
  return months !== null && months < YOUNG_MONTHS
})
const enough = computed(() => SESSION_ENOUGH[young.value ? 'young' : 'most'])
const longEnough = computed(() => t.spent.value > enough.value * 60_000)
const settled = (s: KnotSettled) => t.settle(s)
const catches = () => t.settle({ finding: 'knot' }, false)

/** What is known to work here on this dog comes before what does on most. */
const works = computed(() => file.value.profile.works?.find((w) => w.place === region.value.place))
const { ways } = useWays()
const { say } = useSpoken(computed(() => ways.value.spoken))
watch(
  [() => region.value.id, () => ways.value.spoken],
  () =>
    say(
      `${region.value.label}. ${works.value ? `Works: ${sayHow(works.value)}` : `Hold ${region.value.hold}`}. ${CAUTIONS[region.value.caution]}`,
    ),
  { immediate: true },
)
watch(over, (now) => now && say('Long enough here. Rest this place.'))

function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const key = event.key.toLowerCase()
  const finding = KEYED_FINDINGS[Number(key) - 1]
  if (key === ' ' && !(event.target instanceof HTMLButtonElement)) void (onBreak.value ? goOn() : t.pause())
  else if (key === 'z') void t.undo()
  else if (t.follow.value || t.paused.value) return
  else if (finding) void t.press(finding)
  else if (key === 'r') void t.press('rasps')
  else if (key === 'e') t.setComfort('easy')
  else if (key === 'f') t.setComfort('fidgety')
  else if (key === 'x') t.setComfort('stopped')
  else if (key === 's') void t.skip()
  else if (key === 'n') void t.leaveOut()
  else return
  event.preventDefault()
}
useEventListener('keydown', onKey)
</script>

<template>
  <main class="mx-auto flex min-h-dvh max-w-[440px] flex-col desk:max-w-[1040px] desk:justify-center">
    <TableTop :t="t" @pause="t.paused.value ? goOn() : t.pause()" />

    <div v-if="t.paused.value" class="flex flex-1 flex-col justify-center px-4">
      <h1>{{ onBreak ? 'A break' : `Paused at ${clock(t.spent.value)}` }}</h1>
      <p class="why mt-2">
        {{ onBreak ? 'Let it stand down, drink, shake. A minute or two.' : 'The clock has stopped.' }} Keep a
        hand on the dog.
      </p>
      <ActButton kind="filled" class="mt-6 w-full text-lead" @click="goOn()">
        Go on with {{ region.label.toLowerCase() }}
      </ActButton>
    </div>

    <div v-else class="relative flex flex-1 flex-col desk:grid desk:flex-none desk:grid-cols-2 desk:gap-8">
      <p v-if="record.trouble" class="small absolute top-0 left-4 z-10 bg-paper" role="status">
        {{ TROUBLE[record.trouble].short }}: all of it is kept here
      </p>
      <p
        v-else-if="t.elsewhere.value"
        class="small absolute top-0 left-4 z-10 bg-paper"
        role="status"
        data-elsewhere
      >
        {{ t.elsewhere.value }}: done on another device
      </p>
      <PlaceView
        :key="region.id"
        :region="region.id"
        :build="buildOf(profile.coat)"
        :shades="shades"
        class="shrink-0 desk:h-[460px]"
        :class="
          asking
            ? 'h-[17vh]'
            : minds || crackles
              ? 'h-[18vh]'
              : t.follow.value || !done
                ? 'h-[28vh]'
                : 'h-[34vh]'
        "
      />
      <KnotQuestions
        v-if="asking"
        :key="t.follow.value!.entryId"
        :region="region.id"
        :found="asking"
        :comfort="t.comfort.value"
        @settled="settled"
        @back="t.undo()"
      />
      <div v-else class="flex flex-1 flex-col px-4">
        <div class="mt-2 flex items-baseline justify-between gap-3">
          <h1 class="text-show" aria-live="polite">{{ region.label }}</h1>
          <p class="whitespace-nowrap" :class="over ? 'font-bold text-caution' : ''">
            <span class="figure text-story">{{ clock(t.atPlace.value) }}</span>
            <span class="small ml-1">of {{ clock(limit) }}</span>
          </p>
        </div>
        <PlaceHow v-model:crackles="crackles" :t="t" :works="works" />
        <p v-if="crackles" class="mt-1 font-semibold text-due" role="status">
          Two squirts, a hand down the coat, then on. Never brushed bone dry.
        </p>
        <p v-for="m in marksHere" :key="m" class="mt-1 font-semibold text-caution" data-mark>
          {{ capital(m) }} here: a hand over it before pin or comb.
        </p>
        <p v-for="a in advice" :key="a.id" class="why mt-1 text-ink" data-advice>
          <b class="font-sans text-body font-semibold not-italic">{{ a.from }}:</b> {{ a.says }}
        </p>
        <p class="mt-2 flex items-center gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{
            over ? 'Long enough here. Rest this place, do another, come back.' : CAUTIONS[region.caution]
          }}
        </p>
        <p v-if="!done" class="mt-1 flex items-start gap-2 font-semibold text-vet">
          <VetMark class="shrink-0" />First a look and a feel. Sore, wet or hot skin: stop, ring the vet.
          Never alone up there.
        </p>
        <p v-else-if="t.breakDue.value || longEnough" class="mt-1 flex items-center justify-between gap-2">
          <span class="why">{{
            longEnough
              ? `${enough} minutes are long enough for ${young ? 'a young dog' : 'most dogs'}. End while it is pleasant.`
              : 'Ten minutes. A break keeps it pleasant.'
          }}</span>
          <button
            v-if="t.breakDue.value"
            class="min-h-12 font-semibold whitespace-nowrap underline"
            @click="rest"
          >
            Take a break
          </button>
        </p>
        <div class="flex-1" />
        <SnagAgain
          v-if="t.follow.value"
          :key="t.follow.value.entryId"
          :rasps="rasps"
          @glides="(n) => t.settle(rasps ? { finding: 'glides' } : { count: n, out: n })"
          @catches="catches"
          @dirty="t.settle({ finding: 'snag', open: true })"
        />
        <template v-else>
          <RadioGroup
            :model-value="t.comfort.value"
            @update:model-value="t.setComfort"
            class="mt-3 grid grid-cols-3 border-t border-rule"
          >
            <RadioGroupLabel as="span" class="sr-only">How the dog bears it</RadioGroupLabel>
            <RadioGroupOption v-for="c in COMFORT_IDS" :key="c" v-slot="{ checked }" :value="c" as="template">
              <div
                class="flex min-h-14 cursor-pointer items-center justify-center gap-2 border-b-3"
                :class="checked ? 'border-ink font-bold' : 'border-transparent text-ink-2'"
              >
                <ComfortMark :comfort="c" />{{ c }}
              </div>
            </RadioGroupOption>
          </RadioGroup>
          <p v-if="minds" class="flex items-center gap-3 border-b border-rule" role="status" data-protest>
            <span class="min-w-0 flex-1 py-1 text-side">{{ protest.says }}</span>
            <button class="min-h-14 shrink-0 font-semibold underline underline-offset-4" @click="calm">
              {{ protest.calm }}
            </button>
          </p>
          <CombSays class="mt-2" @press="t.press" />
        </template>
        <div class="mt-1 mb-2 flex min-h-14 items-center justify-between gap-3">
          <button v-if="last" class="flex min-h-14 min-w-0 items-center gap-2 text-left" @click="t.undo()">
            <svg
              width="22"
              height="22"
              viewBox="0 0 24 24"
              fill="none"
              stroke="currentColor"
              stroke-width="1.9"
              stroke-linecap="round"
              stroke-linejoin="round"
              aria-hidden="true"
              class="shrink-0"
            >
              <path d="M8 5L4 9l4 4M4 9h10a5.500 5.500 0 0 1 0 11h-3" />
            </svg>
            <b class="font-semibold">Undo</b>
            <span class="truncate text-ink-2">{{ last.label.toLowerCase() }}, {{ sayFound(last) }}</span>
          </button>
          <span v-else />
          <button
            v-if="!t.follow.value && t.queue.value.length > 1"
            class="min-h-14 font-semibold whitespace-nowrap"
            @click="t.skip()"
          >
            Skip for now
          </button>
        </div>
      </div>
    </div>
  </main>
</template>
