<script setup lang="ts">
import { opensConcern } from '#core/care/look/outcomes'
import { OUTCOMES } from '#core/record/look-outcomes'
import type { LookedAt } from '#core/record/look-outcomes'
import { doneOn } from '#core/due/due'
import { nailsNext, sliverDays } from '#core/due/nails'
import type { Fact } from '#core/record/entries'
import { UNDERCOAT_IDS } from '#core/record/findings'
import { sayDay } from '#core/record/say-day'
import type { CareId } from '#core/record/tidies'
import { sayWhere } from '#core/care/look/look-over'
import { stopsAll } from '#core/care/look/stopped-parts'
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { CareCautionId } from '#core/care/cautions'
import { OUTCOME_SAYS } from '#core/record/care-words'
import { capital } from '~/words/numbers'

/** What is looked at and wiped between: one press each, with the caution beside it. */
const { file, today } = useDog()
const { dueOf, lastOf, habits, she, concerns } = useCare()
interface Row {
  care: 'eyes' | 'teeth' | 'nails' | 'ear-look' | 'undercoat'
  label: string
  how: string
  caution: CareCautionId
  presses: { words: string; what: Fact; also?: Fact[]; bad?: boolean }[]
}
const UNDERCOAT = { clear: 'Clear', some: 'Some', packed: 'Packed' }
/** One press an outcome; a bad one opens a concern as well. */
const outcomes = (tidy: LookedAt): Row['presses'] =>
  OUTCOMES[tidy].map((outcome) => {
    const opens = opensConcern(tidy, outcome)
    return {
      words: capital(OUTCOME_SAYS[outcome]),
      what: { kind: 'tidy', tidy, outcome },
      ...(opens ? { also: [opens], bad: true } : {}),
    }
  })
/** What is told part by part, and opens for that: nails by foot, undercoat by place. */
const apart = ref<Row['care'] | null>(null)
const APART: Partial<Record<Row['care'], string>> = { nails: 'Foot by foot', undercoat: 'Place by place' }
async function writeApart(what: Fact, says: string, also: Fact[] = []) {
  pressed.value = apart.value
  await write(what, says, also)
  apart.value = null
}
const next = computed(() => nailsNext(file.value, today.value))
const earWords = computed(() =>
  habits.value.earCare === 'wipe'
    ? 'Look weekly; wipe what you can see with cleaner on cotton.'
    : `Look weekly: upright ears gather dirt too. Wipe what shows when there is something; pale and odourless is left.`,
)
const rows = computed<Row[]>(() => [
  {
    care: 'eyes',
    label: 'Eyes',
    how: 'Daily, wiped when there is anything: damp cloth, from the corner out.',
    caution: 'dog-only',
    presses: outcomes('eyes'),
  },
  {
    care: 'teeth',
    label: 'Teeth',
    how: 'Three times a week at least. Dog paste; a taste of it first.',
    caution: 'dog-only',
    presses: outcomes('teeth'),
  },
  {
    care: 'nails',
    label: 'Nails',
    how: next.value.slivers
      ? `Being shortened: a sliver every four days lets the quick draw back. ${capital(next.value.slivers === 1 ? 'one' : String(next.value.slivers))} so far; next ${sliverDays(
          next.value.day,
          3,
        )
          .map((d) => sayDay(d, today.value))
          .join(', ')}.`
      : `A look every week or so; softer after a bath. Next ${sayDay(next.value.day, today.value)}${next.value.did === 'trimmed' ? ', with a trim' : ''}.`,
    caution: 'quick',
    presses: outcomes('nails'),
  },
  {
    care: 'ear-look',
    label: 'Ears',
    how: earWords.value,
    caution: 'canal',
    presses: outcomes('ear-look'),
  },
  ...(dueOf('undercoat')
    ? [
        {
          care: 'undercoat' as const,
          label: 'Dead undercoat',
          how:
            file.value.profile.coat === 'wire'
              ? 'Carding with a fine knife takes the soft undercoat and keeps colour and texture.'
              : 'Slicker, then rake, in the lie, in lines, light. Most during a shed; after a bath, forced air loosens more than any tool.',
          caution: (file.value.profile.coat === 'wire' ? 'taut' : 'stop') as CareCautionId,
          presses: UNDERCOAT_IDS.map((finding) => ({
            words: UNDERCOAT[finding],
            what: { kind: 'undercoat', finding } as Fact,
          })),
        },
      ]
    : []),
])
const { written, write, undo } = useWritten()
/** Led the first times, and whenever it is wanted; then one press does. */
const FIRST_TIMES = 2
const LED: readonly Row['care'][] = ['eyes', 'teeth', 'nails', 'ear-look', 'undercoat']
const isNew = (care: CareId) => doneOn(file.value, care).length < FIRST_TIMES
/** The row something was last written at. */
const pressed = ref<Row['care'] | null>(null)
function press(row: Row, p: Row['presses'][number]) {
  pressed.value = row.care
  return write(
    p.what,
    `${row.label}: ${p.words.toLowerCase()}${p.bad ? ', and a concern is open there: ring the vet' : ''}`,
    p.also ?? [],
  )
}
/** The row the day's list leads to: it comes into view and is marked. */
const route = useRoute()
const ledTo = computed(() => route.hash.slice(1))
const show = () => document.getElementById(ledTo.value)?.scrollIntoView({ block: 'start' })
watch(ledTo, show, { flush: 'post' })
onMounted(show)
/** Where a concern is open, nothing is done until it is closed. */
const waits = (row: Row) =>
  row.care === 'undercoat' ? null : stopsAll(row.care, concerns.value, file.value.profile.absent)
const when = (care: CareId) => {
  const l = lastOf(care)
  return l ? sayDay(l.day, today.value) : 'not yet'
}
</script>

<template>
  <section aria-label="Looked at between">
    <h2 class="border-b border-ink pb-1">Looked at between</h2>
    <ul>
      <li
        v-for="r in rows"
        :id="r.care"
        :key="r.care"
        class="scroll-mt-2 border-b border-rule py-2"
        :class="ledTo === r.care ? 'border-l-3 border-l-due pl-3' : ''"
        :data-care="r.care"
      >
        <p class="flex items-baseline justify-between gap-3">
          <span class="font-serif text-story font-medium">{{ r.label }}</span>
          <span class="small">{{ when(r.care) }}</span>
        </p>
        <p class="text-side text-ink-2">{{ r.how }}</p>
        <p class="flex gap-1.5 text-side font-semibold text-caution">
          <CautionMark class="shrink-0" />{{ CARE_CAUTIONS[r.caution] }}
        </p>
        <p v-if="waits(r)" class="flex gap-1.5 font-semibold text-vet" role="status">
          <VetMark class="shrink-0" />{{ sayWhere(waits(r)!.what.where) }}: a concern is open. Leave it until
          the vet has seen it.
        </p>
        <div v-else class="mt-1 flex flex-wrap gap-1.5">
          <button
            v-for="p in r.presses"
            :key="p.words"
            class="min-h-11 rounded border px-3 text-body font-semibold"
            :class="p.bad ? 'border-vet text-vet' : 'border-edge'"
            @click="press(r, p)"
          >
            {{ p.words }}
          </button>
          <ActButton v-if="APART[r.care] && apart !== r.care" kind="quiet" @click="apart = r.care">{{
            APART[r.care]
          }}</ActButton>
          <ActButton
            v-if="LED.includes(r.care)"
            :to="`/dogs/${file.id}/tidies?at=${r.care}`"
            :kind="isNew(r.care) ? 'plain' : 'quiet'"
            :class="isNew(r.care) ? 'w-full' : ''"
            :data-lead="r.care"
            >{{ isNew(r.care) ? 'Lead me through it' : 'Lead me' }}</ActButton
          >
        </div>
        <NailFeet
          v-if="r.care === 'nails' && apart === 'nails' && !waits(r)"
          @write="(what, also) => writeApart(what, 'Nails, foot by foot', also)"
        />
        <UndercoatPlaces
          v-if="r.care === 'undercoat' && apart === 'undercoat'"
          @write="(what) => writeApart(what, 'Undercoat, place by place')"
        />
        <template v-if="written && pressed === r.care">
          <p class="flex min-h-11 items-center gap-4" role="status">
            <span>{{ written.says }}, written in.</span>
            <ActButton kind="quiet" @click="undo">Undo</ActButton>
          </p>
          <NextUp class="mb-2" />
        </template>
        <EveryDays :care="r.care" />
      </li>
      <li class="py-2">
        <ActButton :to="`/dogs/${file.id}/look-over`" class="w-full"
          >Look {{ she ? 'her' : 'him' }} over, one minute</ActButton
        >
      </li>
    </ul>
  </section>
</template>
