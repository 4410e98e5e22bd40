<script setup lang="ts">
import { clipSteps, mayClip } from '#core/care/tidies/clip'
import { allowedAt } from '#core/care/tidies/may'
import { DANGERS, dangersNear } from '#core/care/tidies/dangers'
import { longerProblem, lengthProblem } from '#core/care/tidies/even-up'
import { bladeFor } from '#core/care/tidies/blades'
import { PART_IDS, regionsOf } from '#core/coat/regions'
import type { PartId } from '#core/coat/regions'
import { buildOf } from '#drawing/build-of'
import { careDrawings } from '#drawing/care/which'
import { capital, listed, plural } from '~/words/numbers'
import { sayClip } from '~/words/clip'
import { PART_WORDS } from '~/words/parts'
import type { RunStep } from './StepRun.vue'

/** A body clip at home: led, and written down as a visit done at home with the lengths left. */
const { file, coat } = useDog()
const combAtTable = useCombAtTable()
const { growth, habits, groomer, she } = useCare()
const profile = computed(() => file.value.profile)
const stage = ref<'ready' | 'run' | 'log'>('ready')
const drawings = computed(() =>
  careDrawings('clip', {
    sex: profile.value.sex,
    neutered: profile.value.neutered ?? false,
    build: buildOf(profile.value.coat),
    fringe: false,
    bearded: false,
    ears: habits.value.ears,
  }),
)
const near = computed(() => dangersNear('clip', profile.value.sex).map((d) => DANGERS[d].label))
const steps = computed<RunStep[]>(() => clipSteps(profile.value.sex).map((s, i) => ({ id: String(i), ...s })))
const said = ref<'dirty' | 'fidgety' | null>(null)
const gate = computed(() =>
  mayClip({
    coat: coat.value,
    setting: allowed.value.setting,
    dirty: said.value === 'dirty',
    fidgety: said.value === 'fidgety',
  }),
)
const answer = computed(() => sayClip(gate.value, { she: she.value, groomer: groomer.value }))
const toComb = computed(() =>
  'places' in gate.value && gate.value.answer !== 'groomer' ? gate.value.places : [],
)
const comb = () => combAtTable(toComb.value.flatMap((p) => regionsOf(p).map((r) => r.id)))
const allowed = computed(() => allowedAt('clip', habits.value))

const lengthNow = (part: PartId) => {
  const rows = coat.value.places.filter((p) => p.region.part === part)
  return rows.length ? Math.round(rows.reduce((s, p) => s + p.mm, 0) / rows.length) : 0
}
const lengths = reactive<Record<PartId, string>>({ body: '', legs: '', head: '', ears: '', tail: '' })
const given = computed(() => PART_IDS.filter((p) => lengths[p].trim() !== ''))
const wrong = computed(() => {
  for (const p of given.value) {
    const n = Number(lengths[p])
    const problem = lengthProblem(n) ?? longerProblem(lengthNow(p), n)
    if (problem) return `${capital(PART_WORDS[p])}: ${problem}`
  }
  return null
})
const { written, write: writeIn, undo } = useWritten()
async function write() {
  const left = Object.fromEntries(given.value.map((p) => [p, Number(lengths[p])]))
  await writeIn({ kind: 'visit', home: true, lengths: left, found: [] })
  stage.value = 'ready'
}
</script>

<template>
  <PlainRun
    v-if="stage === 'run'"
    title="A body clip at home"
    :steps="steps"
    :drawings="drawings.slice(0, 1)"
    @done="stage = 'log'"
    @stop="stage = 'log'"
  />
  <form v-else-if="stage === 'log'" class="max-w-[560px]" @submit.prevent="write">
    <h1 class="pt-1 desk:pt-4">How long was it left?</h1>
    <p class="why mt-2">
      What you leave empty stays as it was, and so do elbows, hocks, flanks, feet and under the tail: no
      clipper there.
    </p>
    <label v-for="p in PART_IDS" :key="p" class="mt-2 flex items-center gap-3 border-b border-rule py-1">
      <span class="flex-1"
        >{{ capital(PART_WORDS[p]) }}
        <span class="small"
          >now {{ lengthNow(p) }} mm{{
            lengths[p].trim() === '' || wrong ? '' : `, near a ${bladeFor(Number(lengths[p]))}`
          }}</span
        ></span
      >
      <input
        v-model="lengths[p]"
        :name="`clip-${p}`"
        inputmode="decimal"
        class="h-11 w-20 border-b border-edge bg-transparent text-right"
      />
      mm
    </label>
    <NoticeLine v-if="wrong" class="mt-2">{{ wrong }}</NoticeLine>
    <ActButton kind="filled" type="submit" class="mt-4 w-full" :disabled="!!wrong || !given.length"
      >Write the clip in</ActButton
    >
    <ActButton kind="quiet" class="mt-2" @click="stage = 'ready'">Not done: write nothing</ActButton>
  </form>
  <div v-else class="desk:grid desk:grid-cols-[minmax(0,1fr)_330px] desk:gap-10">
    <section aria-label="A body clip at home">
      <h1 class="pt-1 desk:pt-0">A body clip at home</h1>
      <p class="why mt-2">It is the groomer’s trade and wants practice. This helps it go safely.</p>
      <WhatYouMayUse work="clip" class="mt-3 border-t border-rule pt-2" />
      <p v-if="written" class="mt-2 flex items-center gap-4" role="status">
        Written in as a clip at home.<ActButton kind="quiet" @click="undo">Undo</ActButton>
      </p>
      <div v-if="gate.answer !== 'not-set'" class="mt-2 flex flex-wrap items-center gap-1.5">
        <span class="mr-1 text-ink-2">Not today if</span>
        <button
          v-for="n in ['dirty', 'fidgety'] as const"
          :key="n"
          class="min-h-11 rounded border px-2.5 text-body font-semibold"
          :class="said === n ? 'border-caution text-caution' : 'border-edge'"
          :aria-pressed="said === n"
          @click="said = said === n ? null : n"
        >
          {{ n }}
        </button>
      </div>
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
      <ActButton
        v-if="gate.answer === 'yes'"
        kind="filled"
        class="mt-3 w-full text-lead"
        @click="stage = 'run'"
      >
        Start
      </ActButton>
      <ActButton v-else-if="toComb.length" kind="filled" class="mt-3 w-full text-lead" @click="comb">
        Comb {{ toComb.length > 8 ? (she ? 'her' : 'him') + ' through' : plural(toComb.length, 'place') }}
      </ActButton>
      <ActButton v-else :to="`/dogs/${file.id}/tidies`" class="mt-3 w-full">To the tidies</ActButton>
      <CareDiagram :names="drawings" class="mt-5" />
    </section>
    <section aria-label="Lengths" class="mt-6 desk:mt-0">
      <template v-if="gate.answer !== 'not-set'">
        <h2 class="border-b border-ink pb-1">What a guard leaves</h2>
        <BladeChart :growth="growth" :allowed="allowed" class="mt-2 mb-5" />
      </template>
      <h2 class="border-b border-ink pb-1">In this order</h2>
      <ol>
        <li v-for="(s, i) in steps" :key="s.id" class="grid grid-cols-[26px_1fr] border-b border-rule py-1.5">
          <span class="figure text-story text-due">{{ i + 1 }}</span>
          <span
            ><b class="font-semibold">{{ s.act }}</b>
            <span class="why block text-body">{{ s.how }}</span></span
          >
        </li>
      </ol>
    </section>
  </div>
</template>
