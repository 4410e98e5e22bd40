<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import { timeline } from '#core/record/timeline'
import { undercoatDid, undercoatSteps } from '#core/care/led/undercoat'
import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { rakedAt } from '#core/care/tidies/rake'
import { sayDay } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import { plural } from '~/words/numbers'

/** Dead undercoat at the table: place by place, in lines, and what came of each. */
const { file, coat, today } = useDog()
const { dueOf, concerns } = useCare()
const profile = computed(() => file.value.profile)
/** A concern stops its own place and no other. */
const left = computed(() => {
  const at = new Set<string>(concerns.value.map((c) => c.what.where))
  return rakedAt(profile.value.coat).filter((p) => at.has(p))
})
const wire = computed(() => profile.value.coat === 'wire')
const steps = computed(() => undercoatSteps(profile.value.coat, profile.value.absent, left.value))
const places = computed(() => [...new Set(steps.value.map((s) => s.part!))])
const wet = computed(() =>
  coat.value.places.some(
    (p) => places.value.includes(p.region.place) && p.wetTo !== null && p.wetTo >= today.value,
  ),
)
const due = computed(() => dueOf('undercoat'))
const drawings = computed(() =>
  wire.value ? ['carding'] : [`rake-${buildOf(profile.value.coat)}`, 'parting'],
)
const { runner, led, stage, resume, stopped, start, goOn, takeUp, drop } = useLongWork<PlaceId>(
  'undercoat',
  () => steps.value,
)
const did = computed(() =>
  led.value ? undercoatDid(led.value.run, stopped.value ? undefined : runner.minutes()) : null,
)
const { written, write: writeIn, undo } = useWritten()
async function write() {
  if (!did.value) return
  await writeIn(did.value)
  drop()
  if (written.value && due.value) written.value.says = `Next about ${sayDay(due.value.day, today.value)}.`
}
const MET = { clear: 'clear', some: 'some came', packed: 'packed' }
/** What each place was the last time it was told. */
const last = computed(() =>
  timeline(file.value.entries).flatMap((f) => (f.what.kind === 'undercoat' ? (f.what.places ?? []) : [])),
)
const lastAt = (p: PlaceId) => {
  const at = last.value.findLast((x) => x.place === p)
  return at ? `last time ${MET[at.finding]}` : ''
}
const metAt = (p: PlaceId) =>
  (did.value?.places ?? [])
    .filter((x) => x.place === p)
    .map((x) => MET[x.finding])
    .join(', then ') || (led.value?.run.did[p] === 'refused' ? 'would not' : 'not yet')
</script>

<template>
  <LedRun
    v-if="stage === 'run' && led"
    title="Dead undercoat"
    :order="steps"
    :runner="runner"
    :called="(p) => placeRow(p).plural"
    :drawings="() => drawings"
    @ended="stage = 'log'"
  />
  <PartsLog
    v-else-if="stage === 'log' && led"
    :head="stopped ? 'Stopped. So far' : 'So it was'"
    why="What was met moves when it comes up next."
    :rows="
      places.map((p) => ({ id: p, label: placeRow(p).plural, says: metAt(p), done: !!led!.run.answers[p] }))
    "
    words="Write it in"
    :may="!!did"
    :stopped="stopped"
    @write="write"
    @take-up="takeUp"
    @drop="drop"
  />
  <div v-else class="desk:grid desk:grid-cols-[minmax(0,1fr)_330px] desk:gap-10">
    <section aria-label="Dead undercoat">
      <h1 class="pt-1 desk:pt-0">
        {{ wire ? 'Card' : 'Rake' }} {{ profile.sex === 'female' ? 'her' : 'him' }},
        {{ plural(places.length, 'place') }}
      </h1>
      <p class="why mt-2">
        {{
          wire
            ? 'The soft undercoat of a jacket, a few strokes a place; stripped or clipped, it keeps its colour and texture.'
            : 'Slicker, then rake, line by line from the rear forward. Most of it during a shed; after a bath and a dryer it comes easiest.'
        }}
        <template v-if="due"> Due {{ sayDay(due.day, today) }}.</template>
      </p>
      <EveryDays v-if="due" care="undercoat" class="mt-1" />
      <p v-if="written" class="mt-2 flex min-h-11 flex-wrap items-center gap-x-4" role="status">
        <span>Written in. {{ written.says }}</span
        ><ActButton kind="quiet" @click="undo">Undo</ActButton>
      </p>
      <NextUp v-if="written" class="mt-2 mb-3" />
      <p v-if="left.length" class="mt-2 flex gap-2 font-semibold text-vet" data-blocked>
        <VetMark class="shrink-0" />A concern is open at
        {{ left.map((p) => placeRow(p).plural.toLowerCase()).join(', ') }}: left alone until the vet has seen
        it.
      </p>
      <p v-if="wet" class="mt-2 flex gap-2 font-semibold text-caution" data-not-today>
        <CautionMark class="shrink-0" />Not on a wet coat: it stretches and breaks. Dry it to the skin first.
      </p>
      <template v-else-if="places.length">
        <GoOnOrStart :resume="resume" @go-on="goOn" @start="start()"
          >Start: {{ placeRow(places[0]!).plural.toLowerCase() }}</GoOnOrStart
        >
      </template>
      <CareDiagram :names="drawings" class="mt-5" />
    </section>
    <section aria-label="In this order" class="mt-6 desk:mt-0">
      <h2 class="border-b border-ink pb-1">In this order</h2>
      <ol>
        <li
          v-for="(p, i) in places"
          :key="p"
          class="grid grid-cols-[26px_1fr_auto] items-baseline border-b border-rule py-2"
        >
          <span class="figure text-story text-due">{{ i + 1 }}</span>
          <b class="font-semibold">{{ placeRow(p).plural }}</b>
          <span class="small">{{ lastAt(p) }}</span>
        </li>
      </ol>
      <p class="mt-3 flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />{{ CARE_CAUTIONS[wire ? 'taut' : 'rake'] }}
      </p>
    </section>
  </div>
</template>
