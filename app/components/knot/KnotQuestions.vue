<script setup lang="ts">
import { decideKnot, isDangerPlace, nearPrivates, teaseOrClip } from '#core/care/knot'
import type { KnotAnswer, KnotFound, KnotReason } from '#core/care/knot'
import { CAUTIONS, regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { habitsOf } from '#core/record/habits'
import { MOST_KNOTS } from '#core/record/findings'
import type { Comfort, Finding } from '#core/record/findings'
import { DANGER_STEPS, sayAnswer, sayKnotReason, TEASE_STEPS, WASH_STEPS } from '~/words/knot'
import { clock, plural } from '~/words/numbers'

/**
 * What to do about a knot: a question at a time, then the answer with its reason, its caution and
 * what it would cost. Nothing is written here; what was settled goes to whoever asked.
 */
const props = defineProps<{
  region: RegionId
  found: Exclude<Finding, 'glides' | 'refused'>
  comfort?: Comfort
}>()
export interface KnotSettled {
  finding: Exclude<Finding, 'glides'>
  count: number
  out: number
  decided: { answer: KnotAnswer; why: KnotReason }
}
const emit = defineEmits<{ settled: [KnotSettled]; back: [] }>()
const { file, coat, planning } = useDog()
const profile = computed(() => file.value.profile)
const groomer = computed(() => profile.value.groomer ?? 'the groomer')
const she = computed(() => profile.value.sex === 'female')
const region = computed(() => regionOf(props.region))

const habits = habitsOf(profile.value)
const matsElsewhere = coat.value.places
  .filter((p) => p.id !== props.region && p.last?.finding === 'mat')
  .reduce((sum, p) => sum + p.left.reduce((n, l) => n + l.count, 0), 0)
const answers = reactive<KnotFound>({
  region: props.region,
  kind: props.found,
  count: 1,
  skinWell: true,
  privates: false,
  fouled: false,
  matsOverDog: matsElsewhere,
  allowed: true,
  calm: (props.comfort ?? 'easy') === 'easy',
  tried: false,
  washable: false,
  shownMats: habits.matsShownBy !== null,
  washFirst: habits.wash === 'wash-first',
})

type Ask = 'skin' | 'privates' | 'parts' | 'many' | 'water'
const asks = computed<Ask[]>(() => [
  'skin',
  ...(nearPrivates(props.region) ? (['privates'] as const) : []),
  ...(props.found === 'knot' || props.found === 'snag' ? (['parts'] as const) : []),
  ...(props.found === 'mat' ? (['many'] as const) : []),
  // Wash first is offered where it may be the answer.
  ...(answers.washFirst && answers.kind === 'knot' && answers.allowed && !isDangerPlace(props.region)
    ? (['water'] as const)
    : []),
])
const at = ref(0)
const watering = ref(false)
const ask = computed<Ask | null>(() => (watering.value ? 'water' : (asks.value[at.value] ?? null)))
const decision = computed(() => decideKnot({ ...answers, matsOverDog: matsHere() + matsElsewhere }))
const matsHere = () => (answers.kind === 'mat' ? answers.count : 0)

interface Option {
  words: string
  means: string
  mark?: Finding
  set: Partial<KnotFound>
}
const QUESTIONS = computed<Record<Ask, { title: string; why: string; options: Option[] }>>(() => ({
  skin: {
    title: 'How is the skin under it?',
    why: 'Part the hair beside the knot and look, then feel.',
    options: [
      { words: 'It looks and feels well', means: 'dry, its usual colour, no pain', set: { skinWell: true } },
      {
        words: 'Red, wet, broken or sore',
        means: 'or it smells, is lumpy, or is pulled tight',
        set: { skinWell: false },
      },
    ],
  },
  privates: {
    title: she.value ? 'Is it at the anus or the vulva?' : 'Is it at the anus, sheath or scrotum?',
    why: 'There it is clipped, and not at home.',
    options: [
      {
        words: 'No',
        means: `elsewhere on the ${region.value.label.toLowerCase()}`,
        set: { privates: false },
      },
      { words: 'Yes', means: 'hair only, and it is clean', set: { privates: true } },
      {
        words: 'Yes, and it is fouled',
        means: 'it cannot wait for a visit',
        set: { privates: true, fouled: true },
      },
    ],
  },
  parts: {
    title: 'Does it part between your fingers?',
    why: `Hold the hair between knot and skin first, so no pull reaches ${she.value ? 'her' : 'him'}.`,
    options: [
      {
        words: 'Yes, it starts to split',
        means: 'a knot the hair still moves on',
        mark: 'knot',
        set: { kind: 'knot' },
      },
      { words: 'No, it is solid', means: 'tight against the skin, a mat', mark: 'mat', set: { kind: 'mat' } },
      {
        words: `${she.value ? 'She' : 'He'} will not let me`,
        means: 'leave it today, and say so in the note',
        mark: 'refused',
        set: { allowed: false },
      },
      {
        words: 'It is a sheet of it',
        means: 'felt: no comb will enter',
        mark: 'felt',
        set: { kind: 'felt' },
      },
      { words: 'I cannot tell', means: 'counts as solid, to be careful', set: { kind: 'mat' } },
    ],
  },
  many: {
    title: 'How many mats are here?',
    why: 'Feel all through the place, down to the skin.',
    options: [
      { words: 'One', means: '', mark: 'mat', set: { count: 1 } },
      { words: 'Two', means: '', mark: 'mat', set: { count: 2 } },
      { words: 'Three or more', means: 'many, for one place', mark: 'mat', set: { count: 3 } },
    ],
  },
  water: {
    title: 'Does water soak to the skin there?',
    why: `A cupful will tell. And can you dry ${she.value ? 'her' : 'him'} to the skin after?`,
    options: [
      { words: 'Yes, and I can dry it', means: 'so conditioner can follow', set: { washable: true } },
      { words: 'No, or I cannot', means: 'then a wash would tighten it', set: { washable: false } },
    ],
  },
}))

function choose(option: Option) {
  Object.assign(answers, option.set)
  if (watering.value) watering.value = false
  else at.value += 1
  if (!answers.skinWell) at.value = asks.value.length
}
function back() {
  if (watering.value) watering.value = false
  else if (timing.value !== null) timing.value = null
  else if (at.value > 0) {
    at.value = answers.skinWell ? at.value - 1 : 0
    Object.assign(answers, {
      skinWell: true,
      tried: false,
      washable: false,
      privates: false,
      fouled: false,
      allowed: true,
    })
  } else emit('back')
}

/** Teasing, by the clock. */
const timing = ref<number | null>(null)
const tick = ref(0)
const timer = setInterval(() => (tick.value = Date.now()), 250)
onBeforeUnmount(() => clearInterval(timer))
const left = computed(() =>
  timing.value === null || decision.value.minutes === null
    ? 0
    : Math.max(0, decision.value.minutes * 60_000 - Math.max(0, tick.value - timing.value)),
)
const start = () => (timing.value = tick.value = Date.now())

const KINDS = { snag: 'snag', knot: 'knot', mat: 'mat', felt: 'felt' } as const
const settle = (out: number, decided = { answer: decision.value.answer, why: decision.value.why }) =>
  emit('settled', { finding: KINDS[answers.kind], count: answers.count, out, decided })
function stillThere() {
  timing.value = null
  answers.tried = true
  const would = decideKnot({ ...answers, washable: true })
  if (would.answer === 'condition') watering.value = true
}
const leave = () => settle(0, { answer: 'groomer', why: 'owner' })
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const many = (by: number) => (answers.count = Math.max(1, Math.min(MOST_KNOTS, answers.count + by)))

const worth = computed(() => {
  const here = coat.value.places.find((p) => p.id === props.region)
  const growth = coat.value.learnedGrowth.now
  const bears = planning.plan.value?.choices.longest ?? null
  return here && growth > 0
    ? { mm: here.mm, growth, ...teaseOrClip(answers.kind, answers.count, here.mm, growth, bears) }
    : null
})
const steps = computed(() =>
  decision.value.answer === 'condition'
    ? WASH_STEPS
    : decision.value.why === 'danger'
      ? DANGER_STEPS
      : TEASE_STEPS,
)
const countable = computed(() => answers.kind === 'knot' || answers.kind === 'snag')
</script>

<template>
  <div ref="root" class="flex flex-1 flex-col px-4 pb-4">
    <div class="flex min-h-14 items-center justify-between gap-3">
      <button class="flex min-h-14 items-center gap-2 font-semibold" @click="back">
        <svg
          width="20"
          height="20"
          viewBox="0 0 24 24"
          fill="none"
          stroke="currentColor"
          stroke-width="2"
          stroke-linecap="round"
          stroke-linejoin="round"
          aria-hidden="true"
        >
          <path d="M15 5l-7 7 7 7" />
        </svg>
        Back
      </button>
      <p class="min-w-0 truncate"><b class="font-semibold">Knot</b>, {{ region.label.toLowerCase() }}</p>
    </div>

    <template v-if="ask">
      <h1 class="mt-1" aria-live="polite">{{ QUESTIONS[ask].title }}</h1>
      <p class="why mt-2">{{ QUESTIONS[ask].why }}</p>
      <div class="flex-1" />
      <ul class="mt-5 border-t border-ink">
        <li v-for="o in QUESTIONS[ask].options" :key="o.words" class="border-b border-rule">
          <button
            data-choice
            class="flex min-h-[72px] w-full items-center gap-4 py-2 text-left"
            @click="choose(o)"
          >
            <FindingMark v-if="o.mark" :finding="o.mark" :size="32" class="shrink-0" />
            <span class="min-w-0 flex-1">
              <b class="block text-[17px] font-semibold">{{ o.words }}</b>
              <span v-if="o.means" class="text-ink-2">{{ o.means }}</span>
            </span>
            <svg
              width="18"
              height="18"
              viewBox="0 0 24 24"
              fill="none"
              stroke="currentColor"
              stroke-width="2"
              stroke-linecap="round"
              stroke-linejoin="round"
              aria-hidden="true"
            >
              <path d="M9 5l7 7-7 7" />
            </svg>
          </button>
        </li>
      </ul>
      <button data-choice class="mt-1 min-h-14 self-start font-semibold" @click="leave">
        Leave it for {{ groomer }}
      </button>
    </template>

    <template v-else-if="timing !== null">
      <h1 class="mt-1">{{ left ? 'Teasing' : 'That is long enough' }}</h1>
      <p class="figure mt-2 text-[52px] leading-none" :class="left ? '' : 'text-caution'" role="timer">
        {{ clock(Math.ceil(left / 1000) * 1000) }}
      </p>
      <p class="mt-3 flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />No scissors. {{ CAUTIONS[region.caution] }}
      </p>
      <ol class="mt-3 border-t border-ink">
        <li v-for="(step, i) in steps" :key="i" class="grid grid-cols-[26px_1fr] border-b border-rule py-2">
          <span class="figure text-ink-2">{{ i + 1 }}</span><span>{{ step }}</span>
        </li>
      </ol>
      <div class="flex-1" />
      <button data-choice class="act act-filled mt-4 w-full text-[17px]" @click="settle(answers.count)">
        It came out
      </button>
      <button data-choice class="act act-plain mt-2 w-full" @click="stillThere">It is still there</button>
    </template>

    <template v-else>
      <h1 class="mt-1" data-answer :class="decision.answer === 'vet' ? 'text-vet' : ''">
        {{ sayAnswer(decision, groomer) }}
      </h1>
      <p class="why mt-2">{{ sayKnotReason(decision.why, props.region, she) }}</p>
      <p
        v-if="decision.answer !== 'vet'"
        class="mt-3 flex gap-2 border-t border-rule pt-3 font-semibold text-caution"
      >
        <CautionMark class="shrink-0" />No scissors at a knot: skin tents up into them.
        {{ CAUTIONS[region.caution] }}
      </p>
      <p v-if="decision.answer === 'tease'" class="mt-2 flex gap-2 font-semibold text-vet">
        <VetMark class="shrink-0" />Red, wet or sore: stop and ring the vet.
      </p>
      <div
        v-if="countable && decision.answer === 'tease'"
        class="mt-3 flex items-center justify-between border-t border-rule pt-1"
      >
        <span class="font-semibold">How many here</span>
        <span class="flex items-center">
          <button
            class="size-14 text-[24px]"
            aria-label="One fewer"
            :disabled="answers.count <= 1"
            @click="many(-1)"
          >
            −
          </button>
          <b class="figure w-8 text-center text-[21px]" aria-live="polite">{{ answers.count }}</b>
          <button
            class="size-14 text-[24px]"
            aria-label="One more"
            :disabled="answers.count >= MOST_KNOTS"
            @click="many(1)"
          >
            +
          </button>
        </span>
      </div>
      <template
        v-if="
          worth && (decision.answer === 'tease' || decision.answer === 'groomer') && answers.kind !== 'felt'
        "
      >
        <h2 v-if="decision.answer === 'tease'" class="mt-4 text-[19px]">Worth it?</h2>
        <dl class="mt-1 border-t border-rule">
          <div
            v-if="decision.answer === 'tease'"
            class="flex items-baseline justify-between gap-3 border-b border-rule py-2"
          >
            <dt>
              To tease {{ answers.count > 1 ? 'them' : 'it' }} out<span class="small block"
                >{{ plural(answers.count, answers.kind) }} at {{ worth.teaseMinutes / answers.count }} min{{
                  worth.bears ? `; ${she ? 'she' : 'he'} bears ${worth.bears} in all` : ''
                }}</span
              >
            </dt>
            <dd class="figure text-[19px] whitespace-nowrap">{{ worth.teaseMinutes }} min</dd>
          </div>
          <div class="flex items-baseline justify-between gap-3 border-b border-rule py-2">
            <dt>
              If it is clipped out<span class="small block"
                >{{ Math.round(worth.mm) }} mm at {{ worth.growth.toFixed(2) }} mm a day to grow back</span
              >
            </dt>
            <dd class="figure text-[19px] whitespace-nowrap">{{ worth.regrowDays }} days</dd>
          </div>
        </dl>
      </template>
      <ol v-if="decision.answer === 'condition'" class="mt-3 border-t border-ink">
        <li v-for="(step, i) in steps" :key="i" class="grid grid-cols-[26px_1fr] border-b border-rule py-2">
          <span class="figure text-ink-2">{{ i + 1 }}</span><span>{{ step }}</span>
        </li>
      </ol>
      <div class="flex-1" />
      <p class="small mt-4">
        Goes in the diary{{
          decision.answer === 'vet'
            ? '; no comb here until it is well'
            : `; in the note to ${groomer} if it stays`
        }}.
      </p>
      <template v-if="decision.answer === 'tease'">
        <button data-choice class="act act-filled mt-2 w-full text-[17px]" @click="start">
          Start {{ decision.minutes === 1 ? 'one minute' : 'three minutes' }}
        </button>
        <div class="flex justify-between">
          <button data-choice class="min-h-14 font-semibold" @click="leave">
            Leave it for {{ groomer }}
          </button>
          <button data-choice class="min-h-14 font-semibold" @click="settle(answers.count)">
            It came out
          </button>
        </div>
      </template>
      <button v-else class="act act-filled mt-2 w-full text-[17px]" @click="settle(0)">
        {{ decision.answer === 'vet' ? 'Write it in, and stop here' : 'Write it in' }}
      </button>
    </template>
  </div>
</template>
