<script setup lang="ts">
import { decideKnot, nearPrivates, teaseOrClip } from '#core/care/knots/knot'
import type { KnotFound } from '#core/care/knots/knot'
import type { KnotAnswer, KnotReason } from '#core/record/knot-answers'
import { CAUTIONS } from '#core/coat/cautions'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { habitsOf } from '#core/record/habits'
import type { Comfort, Finding } from '#core/record/findings'
import { DANGER_STEPS, sayAnswer, sayKnotReason, TEASE_STEPS, WASH_STEPS } from '~/words/knot'
import { knotQuestions } from '~/words/knot-questions'
import type { KnotAsk } from '~/words/knot-questions'
import { plural } from '~/words/numbers'

/**
 * What to do about a knot: a question at a time, then the answer with its reason, its caution and
 * what it would cost. Nothing is written here; what was settled goes to whoever asked.
 */
const props = defineProps<{
  region: RegionId
  found: Exclude<Finding, 'glides' | 'rasps' | 'refused'>
  comfort?: Comfort
}>()
export interface KnotSettled {
  finding: Exclude<Finding, 'glides' | 'rasps'>
  count: number
  out: number
  decided: { answer: KnotAnswer; why: KnotReason }
  /** The dog would not let it be done. */
  comfort?: Comfort
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
const base: KnotFound = {
  region: props.region,
  kind: props.found,
  count: 1,
  skinWell: true,
  privates: false,
  fouled: false,
  matsOverDog: 0,
  allowed: true,
  calm: (props.comfort ?? 'easy') === 'easy',
  tried: false,
  washable: false,
  shownMats: habits.matsShownBy !== null,
  washFirst: habits.wash === 'wash-first',
}
/** What was answered, in order: going back takes the last of it away, and nothing else. */
const given = ref<{ ask: KnotAsk | 'tried'; set: Partial<KnotFound> }[]>([])
const counted = ref(1)
const answers = computed((): KnotFound => {
  const told: KnotFound = Object.assign({}, base, ...given.value.map((g) => g.set))
  const count = told.kind === 'mat' ? told.count : counted.value
  return { ...told, count, matsOverDog: matsElsewhere + (told.kind === 'mat' ? count : 0) }
})
const decision = computed(() => decideKnot(answers.value))
/** Water is asked about where a wash may be the answer. */
const mayWash = computed(
  () =>
    (answers.value.washFirst || answers.value.tried) &&
    decideKnot({ ...answers.value, washable: true }).answer === 'condition',
)
const asks = computed<KnotAsk[]>(() => [
  'skin',
  ...(nearPrivates(props.region) ? (['privates'] as const) : []),
  ...(props.found === 'knot' || props.found === 'snag' ? (['parts'] as const) : []),
  ...(props.found === 'mat' ? (['many'] as const) : []),
  ...(mayWash.value ? (['water'] as const) : []),
])
/** The next question; none once the skin or the spot has settled it, so that nothing more is tried there. */
const ask = computed<KnotAsk | null>(() => {
  if (!answers.value.skinWell || answers.value.privates) return null
  return asks.value.find((a) => !given.value.some((g) => g.ask === a)) ?? null
})
const questions = computed(() => knotQuestions(props.region, she.value))

function choose(set: Partial<KnotFound>) {
  if (ask.value) given.value.push({ ask: ask.value, set })
}
function back() {
  if (timing.value) timing.value = false
  else if (given.value.length) given.value.pop()
  else emit('back')
}

const timing = ref(false)
const settle = (out: number, decided = { answer: decision.value.answer, why: decision.value.why }) =>
  emit('settled', {
    finding: answers.value.kind,
    count: answers.value.count,
    out,
    decided,
    ...(answers.value.allowed ? {} : { comfort: 'stopped' as const }),
  })
function stillThere() {
  timing.value = false
  given.value.push({ ask: 'tried', set: { tried: true } })
}
const leave = () => settle(0, { answer: 'groomer', why: 'owner' })
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)

const worth = computed(() => {
  const here = coat.value.places.find((p) => p.id === props.region)
  const growth = here ? coat.value.perDay[here.region.part] : 0
  const bears = planning.plan.value?.choices.longest ?? null
  return here && growth > 0
    ? { mm: here.mm, growth, ...teaseOrClip(answers.value.kind, answers.value.count, here.mm, growth, bears) }
    : null
})
const steps = computed(() =>
  decision.value.answer === 'condition'
    ? WASH_STEPS
    : decision.value.why === 'danger'
      ? DANGER_STEPS
      : TEASE_STEPS,
)
const countable = computed(() => answers.value.kind === 'knot' || answers.value.kind === 'snag')
</script>

<template>
  <div ref="root" class="flex flex-1 flex-col px-4 pb-4">
    <div class="flex min-h-14 items-center justify-between gap-3">
      <button class="flex min-h-14 items-center gap-2 font-semibold" @click="back">
        <ChevronMark back />
        Back
      </button>
      <p class="min-w-0 truncate"><b class="font-semibold">Knot</b>, {{ region.label.toLowerCase() }}</p>
    </div>

    <template v-if="ask">
      <h1 class="mt-1" aria-live="polite">{{ questions[ask].title }}</h1>
      <p class="why mt-2">{{ questions[ask].why }}</p>
      <div class="flex-1" />
      <ul class="mt-5 border-t border-ink">
        <li v-for="o in questions[ask].options" :key="o.words" class="border-b border-rule">
          <button
            data-choice
            class="flex min-h-[72px] w-full items-center gap-4 py-2 text-left"
            @click="choose(o.set)"
          >
            <FindingMark v-if="o.mark" :finding="o.mark" :size="32" class="shrink-0" />
            <span class="min-w-0 flex-1">
              <b class="block text-lead font-semibold">{{ o.words }}</b>
              <span v-if="o.means" class="text-ink-2">{{ o.means }}</span>
            </span>
            <ChevronMark />
          </button>
        </li>
      </ul>
      <button data-choice class="mt-1 min-h-14 self-start font-semibold" @click="leave">
        Leave it for {{ groomer }}
      </button>
    </template>

    <KnotTeasing
      v-else-if="timing"
      :minutes="decision.minutes ?? 1"
      :steps="steps"
      :caution="CAUTIONS[region.caution]"
      @out="settle(answers.count)"
      @still="stillThere"
    />

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
      <KnotCount v-if="countable && decision.answer === 'tease'" v-model="counted" label="How many here" />
      <template
        v-if="
          worth && (decision.answer === 'tease' || decision.answer === 'groomer') && answers.kind !== 'felt'
        "
      >
        <h2 v-if="decision.answer === 'tease'" class="mt-4 text-story">Worth it?</h2>
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
            <dd class="figure text-story whitespace-nowrap">{{ worth.teaseMinutes }} min</dd>
          </div>
          <div class="flex items-baseline justify-between gap-3 border-b border-rule py-2">
            <dt>
              If it is clipped out<span class="small block"
                >{{ Math.round(worth.mm) }} mm at {{ worth.growth.toFixed(2) }} mm a day to grow back</span
              >
            </dt>
            <dd class="figure text-story whitespace-nowrap">{{ worth.regrowDays }} days</dd>
          </div>
        </dl>
      </template>
      <NumberedSteps v-if="decision.answer === 'condition'" :steps="steps" class="mt-3" />
      <div class="flex-1" />
      <p class="small mt-4">
        Goes in the diary{{
          decision.answer === 'vet'
            ? '; no comb here until it is well'
            : `; in the note to ${groomer} if it stays`
        }}.
      </p>
      <template v-if="decision.answer === 'tease'">
        <ActButton data-choice kind="filled" class="mt-2 w-full text-lead" @click="timing = true">
          Start {{ decision.minutes === 1 ? 'one minute' : 'three minutes' }}
        </ActButton>
        <div class="flex justify-between">
          <button data-choice class="min-h-14 font-semibold" @click="leave">
            Leave it for {{ groomer }}
          </button>
          <button data-choice class="min-h-14 font-semibold" @click="settle(answers.count)">
            It came out
          </button>
        </div>
      </template>
      <ActButton v-else data-choice kind="filled" class="mt-2 w-full text-lead" @click="settle(0)">
        {{ decision.answer === 'vet' ? 'Write it in, and stop here' : 'Write it in' }}
      </ActButton>
    </template>
  </div>
</template>
