<script setup lang="ts">
import { DANGERS, dangersNear } from '#core/care/tidies/dangers'
import { cutting, looking } from '#core/care/led/works'
import { sayWhere } from '#core/care/look/look-over'
import { readOut } from '#core/care/look/read-out'
import type { CarePartId } from '#core/record/care-parts'
import { EAR_CARRIAGES } from '#core/record/habits'
import { isTrim } from '#core/record/tidies'
import type { CutId, WorkId } from '#core/record/tidies'
import { sliverDays, nailsNext } from '#core/due/nails'
import { sayDay, nameDay } from '#core/record/say-day'
import { sayTheParts } from '#core/record/care-words'
import { CARRIAGE_SAYS } from '~/words/truths'
import { ledWith, NOT_TODAY, workLabel } from '~/words/care'
import { WAS_WORDS } from '~/words/was'
import { capital, listed, plural } from '~/words/numbers'

/** One tidy before it is begun: whether today, what with, which parts, where never a blade, and its order. */
const props = defineProps<{
  work: WorkId
  /** A run of it that can be gone on with. */
  resume: { at: number; of: number; band: boolean } | null
  written: { says: string } | null
}>()
const emit = defineEmits<{ start: [parts: CarePartId[]]; 'go-on': []; undo: [] }>()
const { file, today } = useDog()
const { growth, grown, sinceOf, partsWaiting, habits, her, she, lastOf, changeHabits } = useCare()
const {
  steps,
  inOrder,
  parts,
  dueParts,
  toldVet,
  concern,
  blocked,
  may,
  cuts,
  against,
  uncombedAt,
  minutesFor,
  drawings,
  due,
  care,
} = useWork(() => props.work)
const cutWork = computed(() => (cutting(props.work) ? (props.work as CutId) : null))
const near = computed(() =>
  cutWork.value ? dangersNear(cutWork.value, file.value.profile.sex).map((d) => DANGERS[d].label) : [],
)
const combAtTable = useCombAtTable()

const why = computed(() => {
  const d = due.value
  if (props.work === 'nails') return nailsWhy.value
  if (!isTrim(props.work)) {
    const l = care.value && lastOf(care.value)
    return l ? `Last ${sayDay(l.day, today.value)}.` : 'Nothing on record yet.'
  }
  if (!d) return 'Looks come second: clean, clear and comfortable until the visit.'
  const g = grown(d)
  const waiting = partsWaiting(d)
  const weeks = Math.round(g.days / 7)
  const since = g.days < 14 ? plural(g.days, 'day') : plural(weeks, 'week')
  return d.last
    ? `${waiting ? `Due: ${waiting}. ` : ''}${capital(since)} and ${g.mm.toFixed(1)} mm since ${nameDay(sinceOf(d), today.value)}. ${her.value === 'her' ? 'Hers' : 'His'} runs out about every ${Math.round(d.interval.now)} days.`
    : `Nothing on record yet. It runs out about every ${Math.round(d.interval.now)} days on a coat like ${her.value === 'her' ? 'hers' : 'his'}.`
})
/** While long nails are being shortened, the days of the slivers to come. */
const nailsWhy = computed(() => {
  const next = nailsNext(file.value, today.value)
  if (!next.slivers)
    return `Next ${sayDay(next.day, today.value)}${next.did === 'trimmed' ? ', with a trim' : ''}. Softer after a bath.`
  const days = sliverDays(next.day, 4).map((d) => sayDay(d, today.value))
  return `Being shortened, a sliver every four days so that the quick draws back: ${days.join(', ')}, until they are clear of the floor.`
})
/** Those the day's list has, for it had them combed; without a list, what is due. */
const { left } = useLedList()
const asked = computed(
  () =>
    left.value.find((c) => c.care === care.value)?.parts.filter((p) => parts.value.includes(p)) ??
    dueParts.value,
)
const todayParts = ref<CarePartId[]>([])
// What the owner chose stays until others are asked for.
watch(
  () => asked.value.join(' '),
  () => (todayParts.value = [...asked.value]),
  { immediate: true },
)
const uncombed = computed(() => uncombedAt(todayParts.value))
const minutes = computed(() => minutesFor(todayParts.value))
/** Parts that some step of it works on, as the owner is set and how the dog is. */
const worked = computed(() => {
  const on = new Set(inOrder(parts.value).flatMap((s) => s.on))
  return parts.value.filter((p) => on.has(p))
})
const first = computed(() => inOrder(todayParts.value).find((s) => s.id !== 'place'))
const last = computed(() => (care.value ? lastOf(care.value) : null))
const carriages = EAR_CARRIAGES.map((value) => ({ value, words: CARRIAGE_SAYS[value] }))
const banded = computed(() => props.resume?.band)
const { band } = useLedRun(() => props.work)
/** Nothing else is begun over it: a new run would forget the band. */
const bandElsewhere = computed(() => !!band.value && !banded.value)
const { asksFirst } = useRehearsed(() => props.work)
</script>

<template>
  <div class="desk:grid desk:grid-cols-[minmax(0,1fr)_330px] desk:gap-10">
    <section :aria-label="workLabel(work)">
      <h1 class="pt-1 desk:pt-0">
        {{ ledWith(work, cuts)(her) }}, {{ minutes }} {{ minutes === 1 ? 'minute' : 'minutes' }}
      </h1>
      <div v-if="banded" class="mt-3 border-y border-caution py-2" role="alert" data-band-waits>
        <p class="flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />A band may still be on. It comes off before anything else.
        </p>
        <ActButton kind="filled" class="mt-2 w-full text-lead" data-go-on @click="emit('go-on')"
          >To the band</ActButton
        >
      </div>
      <p class="why mt-2">{{ why }}</p>
      <EveryDays v-if="care" :care="care" class="mt-1" />
      <p v-if="written" class="mt-2 flex min-h-11 flex-wrap items-center gap-x-4" role="status">
        <span>Written in. {{ written.says }}</span
        ><ActButton kind="quiet" @click="emit('undo')">Undo</ActButton>
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
      <template v-if="!blocked && !banded && !bandElsewhere">
        <WhatYouMayUse v-if="cutWork" :work="cutWork" class="mt-3 border-t border-rule pt-2" />
        <ChoiceRow
          v-if="work === 'ears' && cuts && !habits.ears"
          :model-value="undefined"
          tight
          label="How are the ears carried?"
          class="mt-2 flex-wrap items-center border-t border-rule pt-2"
          :choices="carriages"
          @update:model-value="(ears) => ears && changeHabits({ ears })"
        />
        <PartsToday
          v-if="worked.length > 1 && !looking(work)"
          v-model="todayParts"
          :parts="worked"
          class="mt-2 border-t border-rule pt-2"
        />
        <p v-if="against" class="mt-2 flex gap-2 font-semibold text-caution" role="alert" data-not-today>
          <CautionMark class="shrink-0" />{{ NOT_TODAY[against] }}
        </p>
        <template v-else-if="uncombed.length">
          <p class="mt-2 flex gap-2 font-semibold text-caution">
            <CautionMark class="shrink-0" />Comb {{ she ? 'her' : 'him' }} through there first: a blade stops
            at what the comb has not met.
          </p>
          <ActButton
            kind="filled"
            class="mt-2 w-full text-lead"
            data-comb-first
            @click="combAtTable(uncombed)"
            >Comb there first, {{ plural(uncombed.length, 'place') }}</ActButton
          >
        </template>
        <p v-if="near.length" class="mt-2 flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />Never a blade at {{ listed(near) }}.
        </p>
        <template v-if="!against && !uncombed.length">
          <RehearseFirst v-if="asksFirst && !resume" :work="work" />
          <template v-else>
            <ActButton
              v-if="resume"
              kind="filled"
              class="mt-3 w-full text-lead"
              data-go-on
              @click="emit('go-on')"
            >
              Go on where you were, step {{ resume.at }} of {{ resume.of }}
            </ActButton>
            <ActButton
              :kind="resume ? 'plain' : 'filled'"
              class="sticky bottom-[68px] z-10 mt-3 w-full text-lead desk:static"
              :disabled="!first"
              @click="
                emit(
                  'start',
                  todayParts.filter((p) => worked.includes(p)),
                )
              "
            >
              {{ first ? `Start: ${first.act.toLowerCase()}` : 'Choose a part' }}
            </ActButton>
          </template>
        </template>
        <ActButton v-else-if="against" :to="`/dogs/${file.id}`" class="mt-3 w-full">Back to today</ActButton>
        <RehearseLink v-if="!asksFirst || against || uncombed.length" :work="work" />
        <CareDiagram v-if="drawings.length" :names="drawings" class="mt-5" />
      </template>
    </section>
    <section v-if="!blocked" aria-label="In this order" class="mt-6 desk:mt-0">
      <StepOrder :steps="steps" />
      <details v-if="cuts && work === 'sanitary'" class="mt-4 border-t border-rule">
        <ActButton kind="quiet" tag="summary" class="cursor-pointer"
          >What a blade leaves, and how it grows back</ActButton
        >
        <BladeChart rear :growth="growth" :allowed="may!" class="pb-2" />
      </details>
      <div v-if="last && isTrim(work)" class="mt-5">
        <h2 class="border-b border-ink pb-1">Last time</h2>
        <p class="why mt-2">
          {{ capital(sayDay(last.day, today))
          }}{{ last.was ? `: ${WAS_WORDS[last.was].toLowerCase()}` : '' }}.
        </p>
      </div>
    </section>
  </div>
</template>
