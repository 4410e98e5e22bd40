<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import { DANGERS, dangersNear } from '#core/care/tidies/dangers'
import type { TrimId } from '#core/care/tidies/dangers'
import { stoppedParts } from '#core/care/look/part-spots'
import { concernAt, placesOfTrim, readOut, sayWhere } from '#core/care/look/look-over'
import { ledSteps, offered, trimSteps, withheld, workedOn } from '#core/care/tidies/trims'
import type { StepFinding } from '#core/care/tidies/asks'
import { MEANS } from '#core/record/means'
import { regionsOf } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { goLow } from '#core/record/condition'
import { careTakes, usualCareMinutes } from '#core/due/care-minutes'
import { carePart, LENGTH_BY, partsHere } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import type { FactOf, PartDone } from '#core/record/entries'
import { COMFORT_IDS } from '#core/record/findings'
import type { Comfort } from '#core/record/findings'
import { EAR_CARRIAGES, SETTINGS, TAUGHT } from '#core/record/habits'
import type { TaughtId } from '#core/record/habits'
import { longerProblem, lengthProblem } from '#core/care/tidies/even-up'
import { sayDay, nameDay } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import { careDrawings } from '#drawing/care/which'
import { sayTheParts } from '~/words/care-parts'
import { ledAt, NOT_TODAY, SETTING_WORDS, TAUGHT_WORDS, TRIM_WORDS } from '~/words/care'
import type { NotToday } from '~/words/care'
import { capital, listed, plural } from '~/words/numbers'
import type { RunStep } from './StepRun.vue'
import type { KnotSettled } from '../knot/KnotQuestions.vue'

/** One tidy: whether today, what with, where never a blade, its steps, and what is written of it. */
const props = defineProps<{ tidy: TrimId }>()
const { file, today, coat } = useDog()
const {
  growth,
  dueOf,
  grown,
  sinceOf,
  partsWaiting,
  concerns,
  habits,
  her,
  she,
  groomer,
  lastOf,
  changeHabits,
  problem,
} = useCare()
const words = computed(() => TRIM_WORDS[props.tidy])
const profile = computed(() => file.value.profile)

/** Parts that wait for a vet; where all of them do, so does the tidy. */
const toldVet = computed(() => stoppedParts(props.tidy, concerns.value, profile.value.absent))
const concern = computed(() => concernAt(props.tidy, concerns.value))
const blocked = computed(() => (asked.value.every((p) => toldVet.value.includes(p)) ? concern.value : null))
const allowed = computed(() => ({ setting: habits.value.setting, taught: habits.value.taught }))
const steps = computed(() =>
  trimSteps(props.tidy, {
    ...allowed.value,
    sex: profile.value.sex,
    face: habits.value.face,
    ears: habits.value.ears,
    earHair: habits.value.earHair,
    sanitary: habits.value.sanitary,
    floor: habits.value.floor,
    low: goLow(profile.value.condition),
    stopped: toldVet.value,
    ...(profile.value.hairyEars === undefined ? {} : { hairyEars: profile.value.hairyEars }),
  }),
)
const may = computed(() => offered(props.tidy, allowed.value).map((m) => MEANS[m]))
const not = computed(() => withheld(props.tidy, allowed.value).map((m) => MEANS[m]))
const cuts = computed(() => steps.value.some((s) => s.cutsWith.length && !s.waits))
const near = computed(() => dangersNear(props.tidy, profile.value.sex).map((d) => DANGERS[d].label))
const drawings = computed(() =>
  careDrawings(props.tidy, {
    sex: profile.value.sex,
    build: buildOf(profile.value.coat),
    fringe: habits.value.face !== 'corners',
  }),
)

/** What the record knows against it today. */
const places = computed(() =>
  placesOfTrim(props.tidy).flatMap((p) => coat.value.places.filter((r) => r.region.place === p)),
)
const known = computed<NotToday[]>(() => [
  ...(places.value.some((p) => p.wetTo && p.wetTo >= today.value) ? (['wet'] as const) : []),
  ...(places.value.some((p) => p.left.length && (p.last?.finding === 'mat' || p.last?.finding === 'felt'))
    ? (['matted'] as const)
    : []),
])
/** What the comb has not been through today: it goes first, where anything cuts. */
const uncombed = computed(() =>
  profile.value.coat === 'smooth'
    ? []
    : places.value.filter((p) => !p.clearOn || p.clearOn < today.value).map((p) => p.id),
)
const combAtTable = useCombAtTable()
const said = ref<NotToday | null>(null)
const against = computed<NotToday | null>(() => (cuts.value ? (said.value ?? known.value[0] ?? null) : null))
watch(
  () => props.tidy,
  () => {
    said.value = null
    stage.value = 'ready'
    written.value = null
  },
)

const due = computed(() => (words.value.care ? dueOf(words.value.care) : null))
const why = computed(() => {
  const d = due.value
  if (!d) return 'Looks come second: clean, clear and comfortable until the visit.'
  const g = grown(d)
  const waiting = partsWaiting(d)
  const weeks = Math.round(g.days / 7)
  const since = g.days < 14 ? plural(g.days, 'day') : plural(weeks, 'week')
  return d.last
    ? `${waiting ? `Due: ${waiting}. ` : ''}${capital(since)} and ${g.mm.toFixed(1)} mm since ${nameDay(sinceOf(d), today.value)}. ${her.value === 'her' ? 'Hers' : 'His'} runs out about every ${Math.round(d.interval.now)} days.`
    : `Nothing on record yet. It runs out about every ${Math.round(d.interval.now)} days on a coat like ${her.value === 'her' ? 'hers' : 'his'}.`
})

/** As learned from those that were timed; a neatening is no care that comes round. */
const minutes = computed(() =>
  Math.round(
    words.value.care
      ? careTakes(file.value, words.value.care, today.value).now
      : usualCareMinutes(profile.value, props.tidy),
  ),
)
const led = computed(() => ledAt(props.tidy, habits.value.setting))
/** What was found at a step and is seen to now: the vet's, a knot's questions, or a part wash. */
const seen = ref<StepFinding | null>(null)
const stage = ref<'ready' | 'run' | 'log' | 'vet' | 'knot' | 'wash'>('ready')
const kept = useLedRun(() => props.tidy)
const { run } = kept
/** The run was ended for the dog's sake, or the owner's: some of it may be done, or none. */
const stopped = ref(false)
/** Ended between band on and band off: that comes before anything else. */
const bandOn = ref(false)
/** Minutes since Start, for what a tidy takes here; a run left lying is no telling. */
const MOST_LED = 60
function ranFor(): number | undefined {
  const began = run.value?.began
  const took = began ? Math.round((currentMs() - began) / 30_000) / 2 : 0
  return began && took >= 0.5 && took <= MOST_LED ? took : undefined
}
const took = ref<number>()
function toLog(early: boolean, at = '') {
  took.value = early ? undefined : ranFor()
  stopped.value = early
  bandOn.value = at === 'edge' && steps.value.some((s) => s.id === 'band-off')
  comfort.value = early ? 'stopped' : 'easy'
  more.value = false
  did.value = Object.fromEntries(parts.value.map((p) => [p, run.value?.did[p] ?? (early ? 'left' : 'done')]))
  stage.value = 'log'
}
const inOrder = computed(() =>
  ledSteps(
    props.tidy,
    steps.value,
    parts.value.filter((p) => !toldVet.value.includes(p)),
  ),
)
const runSteps = computed<RunStep[]>(() =>
  inOrder.value.map((s) => ({
    id: s.id,
    act: s.act,
    how: s.how,
    cautions: s.cautions,
    asks: s.asks,
    ...(s.part ? { part: carePart(s.part).label } : {}),
    ...(s.cutsWith.length ? { tool: s.cutsWith.map((m) => MEANS[m]).join(', or ') } : {}),
  })),
)
/** Where the run is among its steps. A part that has gone from them since, as a concern stops it, is passed over. */
const at = computed(() => {
  const r = run.value
  if (!r?.step) return 0
  const there = inOrder.value.findIndex((s) => s.id === r.step && s.part === r.part)
  if (there >= 0) return there
  const next = inOrder.value.findIndex((s) => s.part && !r.did[s.part])
  return next >= 0 ? next : inOrder.value.length - 1
})
const inHand = computed(() => inOrder.value[at.value])
function goTo(n: number) {
  const step = inOrder.value[n]
  if (!run.value || !step) return
  run.value.step = step.id
  if (step.part) run.value.part = step.part
  else delete run.value.part
}
/** A step on, or back; a part whose last step is behind is done. */
function step(n: number) {
  const part = inHand.value?.part
  if (run.value && part && n > at.value && inOrder.value[n]?.part !== part) run.value.did[part] = 'done'
  left.value = ''
  goTo(n)
}
function start() {
  kept.begin()
  stage.value = 'run'
}
/** The part in hand, or what the step works on, comes to this; then on to what does not. */
function becomes(what: PartDone['did']) {
  const now = inHand.value
  if (!run.value || !now) return
  const from = at.value
  const on = now.part ? [now.part] : workedOn(props.tidy, now.id)
  for (const p of on) run.value.did[p] = what
  const next = inOrder.value.findIndex((s, i) => i > from && (!now.part || s.part !== now.part))
  if (next < 0) toLog(false)
  else goTo(next)
}
const left = ref('')
async function found(f: StepFinding) {
  seen.value = f
  left.value = ''
  if (f.leads === 'knot' && f.at) stage.value = 'knot'
  else if (f.leads === 'vet') {
    // Whatever the vet says, that part is left for today; the rest may go on.
    if (run.value && inHand.value?.part) run.value.did[inHand.value.part] = 'left'
    stage.value = 'vet'
  } else if (f.leads === 'wash') stage.value = 'wash'
  else {
    left.value = f.then ?? ''
    becomes('left')
  }
}
const record = useRecord()
/** A knot was seen to: it is written where it was found, and the tidy goes on. */
async function knotSettled({ comfort: bore, ...settled }: KnotSettled) {
  const region = seen.value!.at!
  await record.add([
    {
      day: today.value,
      time: localTime(),
      what: { kind: 'check', region, comfort: bore ?? 'easy', ...settled },
    },
  ])
  stage.value = 'run'
  if (settled.out < settled.count) {
    left.value = 'What was left in is not cut over: that part waits.'
    becomes('left')
  }
}
const theirs = computed(() => steps.value.filter((s) => !s.mine))

/** Parts of this tidy that this dog has; those that run out are asked for, the rest when wanted. */
const parts = computed(() => partsHere(props.tidy, profile.value.absent))
const asked = computed(() => {
  const run = due.value?.parts.map((p) => p.part) ?? []
  return parts.value.filter((p) => !run.length || run.includes(p))
})
const more = ref(false)
const listedParts = computed(() =>
  (more.value ? parts.value : asked.value).filter(
    // What was told of a part before a concern was opened there is kept.
    (p) => !toldVet.value.includes(p) || run.value?.did[p],
  ),
)
const did = ref<Partial<Record<CarePartId, PartDone['did']>>>({})
/** With cloth and comb a corner is cleaned, and the rest combed; nothing is cut. */
const howOf = (part: CarePartId): PartDone['how'] =>
  cuts.value ? 'cut' : part.startsWith('eye-corner') ? 'cleaned' : 'combed'
const anyRefused = computed(() => listedParts.value.some((p) => did.value[p] === 'refused'))
const anyDone = computed(() => listedParts.value.some((p) => did.value[p] === 'done'))
const by = ref<NonNullable<PartDone['by']>>('measure')
const BY = { measure: 'measured', guard: 'by the guard', fingers: 'by finger' } as const
/** What was done with which, where there is but one that cuts. */
const using = computed(() => {
  const cutters = offered(props.tidy, allowed.value).filter((m) => m !== 'cloth' && m !== 'comb')
  return cutters.length === 1 ? cutters[0] : undefined
})
function partsDone(): PartDone[] {
  const length = mm.value.trim() === '' ? undefined : Number(mm.value)
  return listedParts.value.map((part) => {
    const what = did.value[part] ?? 'left'
    if (what !== 'done') return { part, did: what }
    const how = howOf(part)
    const side = part.endsWith('.left') ? 'left' : part.endsWith('.right') ? 'right' : null
    const left = how === 'cut' ? ((side && sides.value?.[side]) ?? length) : undefined
    return {
      part,
      did: 'done',
      ...(how ? { how } : {}),
      ...(how === 'cut' && using.value ? { using: using.value } : {}),
      ...(left === undefined ? {} : { mm: left, by: sides.value ? ('measure' as const) : by.value }),
    }
  })
}

const comfort = ref<Comfort>('easy')
const sides = ref<{ left: number; right: number } | null>(null)
const mm = ref('')
const before = computed(() => {
  const first = placesOfTrim(props.tidy).find((p) => coat.value.places.some((r) => r.region.place === p))
  const ids = first ? regionsOf(first as PlaceId).map((r) => r.id) : []
  const rows = coat.value.places.filter((p) => ids.includes(p.id))
  return rows.length ? Math.max(...rows.map((p) => p.mm)) : null
})
const lengthWrong = computed(() => {
  if (mm.value.trim() === '') return null
  const n = Number(mm.value)
  return lengthProblem(n) ?? (before.value === null ? null : longerProblem(before.value, n))
})
const { written, write: writeIn, undo } = useWritten()
const WAS = [
  { was: 'not-yet', words: 'Not yet needed' },
  { was: 'right', words: 'Just right' },
  { was: 'overdue', words: 'Overdue' },
] as const
async function write(was: (typeof WAS)[number]['was']) {
  if (lengthWrong.value) return
  const what: FactOf<'tidy'> = {
    kind: 'tidy',
    tidy: props.tidy,
    ...(anyDone.value ? { was } : {}),
    parts: partsDone(),
    ...(comfort.value === 'easy' ? {} : { comfort: comfort.value }),
    ...(took.value === undefined ? {} : { minutes: took.value }),
  }
  await writeIn(what)
  const next = words.value.care ? dueOf(words.value.care) : null
  if (written.value)
    written.value.says = next ? `Next about ${sayDay(next.day, today.value)}.` : 'In the diary.'
  kept.end()
  stage.value = 'ready'
  mm.value = ''
  comfort.value = 'easy'
}
const last = computed(() => (words.value.care ? lastOf(words.value.care) : null))

const settings = computed(() =>
  SETTINGS.map((value) => ({
    value,
    words:
      value === 'taught' && habits.value.taughtBy
        ? `as ${habits.value.taughtBy} showed me`
        : SETTING_WORDS[value].label,
  })),
)
const taughtBy = ref(habits.value.taughtBy ?? profile.value.groomer ?? '')
const naming = ref(false)
const carriages = EAR_CARRIAGES.map((value) => ({ value, words: `ears ${value}` }))
async function setting(s: (typeof SETTINGS)[number]) {
  if (s === 'taught' && !habits.value.taughtBy) {
    naming.value = true
    return
  }
  naming.value = false
  await changeHabits({ setting: s })
}
const shown = (t: TaughtId) => habits.value.taught.includes(t)
const teach = (t: TaughtId, on: boolean) =>
  changeHabits({ taught: on ? [...habits.value.taught, t] : habits.value.taught.filter((x) => x !== t) })
</script>

<template>
  <div v-if="stage === 'run'">
    <StepRun
      :title="words.label"
      :steps="runSteps"
      :at="at"
      :drawings="drawings.slice(0, 2)"
      @update:at="step"
      @done="toLog(false)"
      @stop="(at: string) => toLog(true, at)"
      @found="found"
      @refused="becomes('refused')"
    />
    <p v-if="left" class="mx-auto max-w-[620px] border-t border-rule py-2" role="status" data-left>
      {{ left }}
    </p>
  </div>
  <KnotQuestions
    v-else-if="stage === 'knot' && seen?.at"
    :region="seen.at"
    found="knot"
    class="-mx-4 min-h-[70dvh] desk:mx-auto desk:max-w-[620px]"
    @settled="knotSettled"
    @back="stage = 'run'"
  />
  <div v-else-if="stage === 'wash' && seen" class="max-w-[560px]" data-part-wash>
    <h1 class="pt-1 desk:pt-4">A part wash first</h1>
    <p class="why mt-2">{{ seen.then }} Sore, or the opening plugged: the vet today.</p>
    <ActButton :to="`/dogs/${file.id}/bath`" kind="filled" class="mt-5 w-full">To the bath</ActButton>
    <ActButton class="mt-3 w-full" @click="stage = 'run'">It is clean and dry now: go on</ActButton>
    <ActButton kind="quiet" class="mt-2" @click="stage = 'ready'">Leave it for today</ActButton>
  </div>
  <StopForVet
    v-else-if="stage === 'vet' && seen?.spot && seen.sign"
    :where="seen.spot"
    :seen="seen.says"
    :sign="seen.sign"
    @back="stage = 'ready'"
  />
  <div v-else-if="stage === 'log'" class="max-w-[560px]">
    <p v-if="bandOn" class="flex gap-2 pt-2 font-semibold text-caution" role="alert">
      <CautionMark class="shrink-0" />The band comes off first, from both ears. {{ CARE_CAUTIONS.band }}
    </p>
    <h1 class="pt-1 desk:pt-4">{{ stopped ? 'Stopped. How far did it come?' : 'Was it time?' }}</h1>
    <p class="why mt-2">
      {{
        stopped
          ? 'What is done is written as done; the rest stays due.'
          : 'Praise and a treat. What you say moves when it comes up next.'
      }}
    </p>
    <PartsDone v-model="did" :parts="listedParts" class="mt-3" />
    <ActButton v-if="!more && asked.length < parts.length" kind="quiet" @click="more = true"
      >and {{ plural(parts.length - asked.length, 'more part') }}</ActButton
    >
    <ChoiceRow
      v-model="comfort"
      label="How the dog bore it"
      :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
      class="mt-3"
    />
    <div v-if="cuts && anyDone" class="mt-3 flex flex-wrap items-end gap-x-4">
      <label class="block">
        <span class="small block">Length left, mm, if you know it</span>
        <input
          v-model="mm"
          name="left"
          inputmode="decimal"
          class="h-11 w-32 border-b border-edge bg-transparent"
        />
      </label>
      <ChoiceRow
        v-if="mm.trim()"
        v-model="by"
        tight
        label="How the length is known"
        :choices="LENGTH_BY.map((value) => ({ value, words: BY[value] }))"
      />
    </div>
    <NoticeLine v-if="lengthWrong" class="mt-2">{{ lengthWrong }}</NoticeLine>
    <EvenUp
      v-if="cuts && anyDone && (tidy === 'ears' || tidy === 'face')"
      class="mt-4"
      @sides="sides = $event"
    />
    <div v-if="anyDone" class="mt-4 grid gap-2">
      <ActButton
        v-for="w in WAS"
        :key="w.was"
        class="w-full"
        :kind="w.was === 'right' ? 'filled' : 'plain'"
        :disabled="!!lengthWrong"
        @click="write(w.was)"
      >
        {{ w.words }}
      </ActButton>
    </div>
    <ActButton v-else class="mt-4 w-full" :disabled="!anyRefused" @click="write('right')">
      Write down what was refused
    </ActButton>
    <ActButton kind="quiet" class="mt-2" @click="(kept.end(), (stage = 'ready'))"
      >Not done: write nothing</ActButton
    >
  </div>
  <div v-else class="desk:grid desk:grid-cols-[minmax(0,1fr)_330px] desk:gap-10">
    <section :aria-label="words.label">
      <h1 class="pt-1 desk:pt-0">{{ led(her) }}, {{ minutes }} minutes</h1>
      <p class="why mt-2">{{ why }}</p>
      <EveryDays v-if="words.care" :care="words.care" class="mt-1" />
      <p v-if="written" class="mt-2 flex min-h-11 flex-wrap items-center gap-x-4" role="status">
        <span>Written in. {{ written.says }}</span
        ><ActButton kind="quiet" @click="undo">Undo</ActButton>
      </p>
      <NextUp v-if="written" class="mt-2 mb-3" />
      <div v-if="concern" class="mt-3 border-y border-vet py-2" role="alert" data-blocked>
        <p class="flex gap-2 font-semibold text-vet">
          <VetMark class="shrink-0" />{{ sayWhere(concern.what.where) }}: a concern is open there.
          {{ blocked ? 'No tidy' : `Nothing there (${sayTheParts(toldVet, parts)})` }}
          until the vet has seen it{{ blocked ? '' : '; the rest goes on' }}.
        </p>
        <p class="mt-1">{{ readOut(file, concern, today) }}</p>
        <ActButton :to="`/dogs/${file.id}/look-over`" kind="quiet">To the look-over</ActButton>
      </div>
      <template v-if="!blocked">
        <fieldset class="mt-3 border-t border-rule pt-2">
          <legend class="float-left text-side text-ink-2">What you may use</legend>
          <p class="small mb-1 text-right">a vet’s or groomer’s word comes first</p>
          <ChoiceRow
            :model-value="habits.setting"
            tight
            label="What you may use"
            class="flex-wrap"
            :choices="settings"
            @update:model-value="(s) => s && setting(s)"
          />
          <p class="small mt-1">
            {{ capital(may.join(', ')) }}.
            <template v-if="not.length"
              ><s v-for="n in not" :key="n" class="mr-1">{{ n }}</s></template
            >
          </p>
          <form
            v-if="naming"
            class="mt-2 flex items-end gap-3"
            @submit.prevent="
              changeHabits({ setting: 'taught', taughtBy }).then((ok) => ok && (naming = false))
            "
          >
            <label class="flex-1"
              ><span class="small block">Which groomer showed you?</span>
              <input
                v-model="taughtBy"
                name="taught-by"
                maxlength="40"
                class="h-11 w-full border-b border-edge bg-transparent"
            /></label>
            <ActButton type="submit" class="!min-h-11" :disabled="!taughtBy.trim()">That one</ActButton>
          </form>
          <div v-if="habits.setting === 'taught'" class="mt-1">
            <label v-for="t in TAUGHT" :key="t" class="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                class="size-5 accent-due"
                :checked="shown(t)"
                @change="teach(t, ($event.target as HTMLInputElement).checked)"
              />
              {{ TAUGHT_WORDS[t] }}
            </label>
          </div>
          <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
        </fieldset>
        <ChoiceRow
          v-if="tidy === 'ears' && cuts && !habits.ears"
          :model-value="undefined"
          tight
          label="How are the ears carried?"
          class="mt-2 flex-wrap items-center border-t border-rule pt-2"
          :choices="carriages"
          @update:model-value="(ears) => ears && changeHabits({ ears })"
        />
        <div v-if="cuts" class="mt-2 border-t border-rule pt-2">
          <p class="flex flex-wrap items-center gap-1.5">
            <span class="mr-1 text-ink-2">Not today if</span>
            <button
              v-for="(n, id) in NOT_TODAY"
              :key="id"
              class="min-h-11 rounded border px-2.5 text-body font-semibold"
              :class="against === id ? 'border-caution text-caution' : 'border-edge'"
              :aria-pressed="against === id"
              @click="said = said === id ? null : id"
            >
              {{ n.label.toLowerCase() }}
            </button>
          </p>
          <p v-if="against" class="mt-2 flex gap-2 font-semibold text-caution" role="alert" data-not-today>
            <CautionMark class="shrink-0" />{{ NOT_TODAY[against].says }}
          </p>
          <template v-else-if="uncombed.length">
            <p class="mt-2 flex gap-2 font-semibold text-caution">
              <CautionMark class="shrink-0" />Comb {{ she ? 'her' : 'him' }} through there first: a blade
              stops at what the comb has not met.
            </p>
            <ActButton
              kind="filled"
              class="mt-2 w-full text-lead"
              data-comb-first
              @click="combAtTable(uncombed)"
              >Comb there first, {{ plural(uncombed.length, 'place') }}</ActButton
            >
          </template>
        </div>
        <p class="mt-2 flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />Never a blade at {{ listed(near) }}.
        </p>
        <template v-if="!against && !(cuts && uncombed.length)">
          <ActButton v-if="at" kind="filled" class="mt-3 w-full text-lead" data-go-on @click="stage = 'run'">
            Go on where you were, step {{ at + 1 }} of {{ runSteps.length }}
          </ActButton>
          <ActButton
            :kind="at ? 'plain' : 'filled'"
            class="sticky bottom-[68px] z-10 mt-3 w-full text-lead desk:static"
            @click="start"
          >
            {{ `Start: ${runSteps[1]?.act.toLowerCase()}` }}
          </ActButton>
        </template>
        <ActButton v-else-if="against" :to="`/dogs/${file.id}`" class="mt-3 w-full">Back to today</ActButton>
        <CareDiagram :names="drawings" class="mt-5" />
      </template>
    </section>
    <section v-if="!blocked" aria-label="In this order" class="mt-6 desk:mt-0">
      <h2 class="border-b border-ink pb-1">In this order</h2>
      <ol>
        <li
          v-for="(s, i) in steps"
          :key="s.id"
          class="grid grid-cols-[26px_1fr] border-b border-rule py-2"
          :data-step="s.id"
        >
          <span class="figure text-story" :class="s.mine ? 'text-due' : 'text-ink-3'">{{ i + 1 }}</span>
          <span>
            <span
              v-for="c in s.mine && !s.waits ? s.cautions : []"
              :key="c"
              class="flex gap-1.5 text-side font-semibold text-caution"
              ><CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}</span
            >
            <b class="font-semibold" :class="s.mine ? '' : 'text-ink-2'">{{ s.act }}</b>
            <span class="why block text-body">{{
              s.waits ? 'not until the vet has seen it' : s.mine ? s.how : `for ${groomer}, as you are set`
            }}</span>
          </span>
        </li>
      </ol>
      <p v-if="theirs.length" class="small mt-2">
        {{ capital(plural(theirs.length, 'step')) }} left to {{ groomer }}.
      </p>
      <EvenUp v-if="cuts && (tidy === 'ears' || tidy === 'face')" class="mt-5" @sides="sides = $event" />
      <details v-if="cuts && tidy === 'sanitary'" class="mt-4 border-t border-rule">
        <ActButton kind="quiet" tag="summary" class="cursor-pointer"
          >What a blade leaves, and how it grows back</ActButton
        >
        <BladeChart rear :growth="growth" :allowed="allowed" class="pb-2" />
      </details>
      <div v-if="last" class="mt-5">
        <h2 class="border-b border-ink pb-1">Last time</h2>
        <p class="why mt-2">
          {{ capital(sayDay(last.day, today))
          }}{{ last.was ? `: ${WAS.find((w) => w.was === last!.was)!.words.toLowerCase()}` : '' }}.
        </p>
      </div>
    </section>
  </div>
</template>
