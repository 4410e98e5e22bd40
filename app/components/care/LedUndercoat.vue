<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import { timeline } from '#core/record/timeline'
import { undercoatDid, undercoatSteps } from '#core/care/led/undercoat'
import { stepAt } from '#core/care/led/run'
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
const runner = useLongRun<PlaceId>('undercoat')
const { led } = runner
const stage = ref<'ready' | 'run' | 'log'>('ready')
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
function start() {
  runner.begin([])
  stage.value = 'run'
}
function goOn() {
  runner.resume()
  stage.value = 'run'
}
const resume = computed(() =>
  led.value && !led.value.run.ended && led.value.before.length
    ? { at: stepAt(steps.value, led.value.run) + 1, of: steps.value.length }
    : null,
)
const did = computed(() =>
  led.value
    ? undercoatDid(led.value.run, led.value.run.ended === 'done' ? runner.minutes() : undefined)
    : null,
)
function drop() {
  runner.end()
  stage.value = 'ready'
}
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
    :run="led.run"
    :runner="runner"
    :paused="!!led.paused"
    :can-back="led.before.length > 0"
    :called="(p) => placeRow(p).plural"
    :drawings="() => drawings"
    @ended="stage = 'log'"
  />
  <div v-else-if="stage === 'log' && led" class="max-w-[560px]" data-log>
    <h1 class="pt-1 desk:pt-4">{{ led.run.ended === 'stopped' ? 'Stopped. So far' : 'So it was' }}</h1>
    <p class="why mt-2">What was met moves when it comes up next.</p>
    <ul class="mt-3 border-t border-ink">
      <li
        v-for="p in places"
        :key="p"
        class="flex min-h-12 items-center justify-between gap-3 border-b border-rule"
        :data-part="p"
      >
        <b class="font-semibold">{{ placeRow(p).plural }}</b><span>{{ metAt(p) }}</span>
      </li>
    </ul>
    <ActButton kind="filled" class="mt-4 w-full text-lead" data-write :disabled="!did" @click="write"
      >Write it in</ActButton
    >
    <ActButton
      v-if="led.run.ended === 'stopped'"
      class="mt-3 w-full"
      data-take-up
      @click="(runner.back(), (stage = 'run'))"
      >Take it up again where it stopped</ActButton
    >
    <ActButton kind="quiet" class="mt-2" @click="drop">Not done: write nothing</ActButton>
  </div>
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
        <ActButton v-if="resume" kind="filled" class="mt-3 w-full text-lead" data-go-on @click="goOn"
          >Go on where you were, step {{ resume.at }} of {{ resume.of }}</ActButton
        >
        <ActButton :kind="resume ? 'plain' : 'filled'" class="mt-3 w-full text-lead" @click="start"
          >Start: {{ placeRow(places[0]!).plural.toLowerCase() }}</ActButton
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
