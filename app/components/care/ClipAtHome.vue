<script setup lang="ts">
import { DANGERS, dangersNear } from '#core/care/tidies/dangers'
import { clipDid, clipLabel, CLIP_FROM, clipOrder, clippable } from '#core/care/led/clip'
import type { ClipFrom, ClipPartId } from '#core/care/led/clip'
import { regionOf, regionsOf } from '#core/coat/regions'
import { buildOf } from '#drawing/build-of'
import { careDrawings } from '#drawing/care/which'
import { listed, plural } from '~/words/numbers'
import { sayClip } from '~/words/clip'

/** A body clip at home: led part by part, over an hour or over days, and each sitting written down as it came out. */
const { file } = useDog()
const combAtTable = useCombAtTable()
const { habits, groomer, she } = useCare()
const profile = computed(() => file.value.profile)
const { run, done, guards, guardMm, from, left, placesLeft, gate, toComb, work, steps } = useClip()
const { runner, led, stage, resume, stopped, takeUp, drop } = run
const { seenTo, see } = useSeenTo()

const answer = computed(() => sayClip(gate.value, { she: she.value, groomer: groomer.value }))
const comb = () => combAtTable(toComb.value.flatMap((p) => regionsOf(p).map((r) => r.id)))
/** With marks of its own, the dog is clipped round them. */
const drawn = computed(() => ({
  sex: profile.value.sex,
  neutered: profile.value.neutered ?? false,
  build: buildOf(profile.value.coat),
  fringe: false,
  bearded: false,
  ears: habits.value.ears,
}))
const drawings = computed(() => careDrawings('clip', drawn.value))
const underside = computed(() => drawings.value.filter((d) => d.startsWith('underside')))
const near = computed(() => dangersNear('clip', profile.value.sex).map((d) => DANGERS[d].label))

/** What stands before cutting is seen to once a sitting. */
const before = () => {
  if (!seenTo()) stage.value = 'before'
}
function start() {
  run.start(`${from.value} ${guardMm.value}`)
  before()
}
function goOn() {
  run.goOn()
  before()
}
function allSeenTo() {
  see()
  stage.value = 'run'
}
const did = computed(() => (led.value ? clipDid(work.value, led.value.run) : null))
/** Parts as they stand: clipped before, clipped now, refused, or still to come. */
const parts = computed(() =>
  clipOrder(work.value.from).map((id) => ({
    id,
    is: done.value.includes(id) ? 'done' : (led.value?.run.did[id] ?? 'left'),
  })),
)
const SAYS = { done: 'clipped', refused: 'would not', left: 'still to come' }
const { written, write: writeIn, undo } = useWritten()
async function write() {
  if (did.value) await writeIn(did.value)
  drop()
}
/** Which places a part takes in, where its name does not say. */
const saysOf = (id: ClipPartId) => {
  const labels = [...new Set(clippable(id, work.value).map((r) => regionOf(r).label.toLowerCase()))]
  if (!labels.length) return 'left for the vet'
  return labels.join() === clipLabel(id).toLowerCase() ? '' : listed(labels)
}
const FROM: Record<ClipFrom, string> = { neck: 'neck first', rump: 'rump first, the neck last' }
</script>

<template>
  <LedRun
    v-if="stage === 'run' && led"
    title="A clip at home"
    :order="steps"
    :runner="runner"
    :called="clipLabel"
    :drawings="
      (s) =>
        s.draws
          ? s.part === 'belly'
            ? underside
            : [`clip-${drawn.build}`]
          : s.id === 'leave'
            ? drawings.slice(0, 1)
            : []
    "
    @ended="stage = 'log'"
  />
  <BeforeCutting v-else-if="stage === 'before'" @begin="allSeenTo" @leave="stage = 'ready'" />
  <PartsLog
    v-else-if="stage === 'log' && led"
    :head="stopped ? 'Stopped. So far' : 'Clipped'"
    :why="`What is clipped is ${work.guardMm} mm from today, or as short as it was. The rest goes on today or in the next days; elbows, hocks, flanks, feet and under the tail stay as they were.`"
    :rows="parts.map((p) => ({ id: p.id, label: clipLabel(p.id), says: SAYS[p.is], done: p.is === 'done' }))"
    words="Write the clip in"
    :may="!!did"
    :stopped="stopped"
    @write="write"
    @take-up="takeUp"
    @drop="drop"
  >
    <ClipProgress :parts="parts" class="mt-3" />
  </PartsLog>
  <div v-else class="desk:grid desk:grid-cols-[minmax(0,1fr)_350px] desk:gap-10">
    <section aria-label="A body clip at home">
      <h1 class="pt-1 desk:pt-0">
        {{ done.length ? `The clip, ${plural(left.length, 'part')} to go` : 'A body clip at home' }}
      </h1>
      <p class="why mt-2">It is the groomer’s trade and wants practice. This helps it go safely.</p>
      <p v-if="written" class="mt-2 flex items-center gap-4" role="status">
        Written in as a clip at home.<ActButton kind="quiet" @click="undo">Undo</ActButton>
      </p>
      <ClipProgress v-if="done.length" :parts="parts" class="mt-3" data-clip-progress />
      <WhatYouMayUse work="clip" class="mt-3 border-t border-rule pt-2" />
      <ChoiceRow
        v-model="from"
        tight
        class="mt-2 flex-wrap items-center border-t border-rule pt-2"
        label="Where it begins"
        :choices="CLIP_FROM.map((value) => ({ value, words: FROM[value] }))"
      />
      <p
        v-if="answer"
        class="mt-3 flex gap-2 font-semibold"
        :class="answer.vet ? 'text-vet' : 'text-caution'"
        role="alert"
        data-clip-gate
      >
        <VetMark v-if="answer.vet" class="shrink-0" /><CautionMark v-else class="shrink-0" />{{ answer.says }}
      </p>
      <p class="mt-2 flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />Never a blade at {{ listed(near) }}.
      </p>
      <GoOnOrStart v-if="gate.answer === 'yes' && left.length" :resume="resume" @go-on="goOn" @start="start"
        >Start: {{ clipLabel(left[0]!).toLowerCase() }}</GoOnOrStart
      >
      <ActButton
        v-else-if="toComb.length"
        kind="filled"
        class="mt-3 w-full text-lead"
        data-comb-first
        @click="comb"
      >
        Comb {{ toComb.length > 8 ? (she ? 'her' : 'him') + ' through' : plural(toComb.length, 'place') }}
      </ActButton>
      <ActButton v-else :to="`/dogs/${file.id}/tidies`" class="mt-3 w-full">To the tidies</ActButton>
      <CareDiagram :names="[`clip-${drawn.build}`, ...drawings]" class="mt-5" />
    </section>
    <section aria-label="Lengths" class="mt-6 desk:mt-0">
      <ClipLengths v-if="gate.answer !== 'not-set'" v-model="guardMm" :guards="guards" :places="placesLeft" />
      <h2 class="mt-5 border-b border-ink pb-1">In this order</h2>
      <ol>
        <li
          v-for="(id, i) in clipOrder(from)"
          :key="id"
          class="grid grid-cols-[26px_1fr_auto] border-b border-rule py-1.5"
        >
          <span class="figure text-story text-due">{{ i + 1 }}</span>
          <span
            ><b class="font-semibold">{{ clipLabel(id) }}</b>
            <span class="why block text-body">{{ saysOf(id) }}</span></span
          >
          <span class="small">{{ done.includes(id) ? 'clipped' : '' }}</span>
        </li>
      </ol>
      <p class="why mt-2">
        Then elbows, hocks and flanks are combed and left; feet, head and rear are tidies of their own.
      </p>
    </section>
  </div>
</template>
