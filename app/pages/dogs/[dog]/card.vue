<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { hardPlaces } from '#core/care/handling/handling'
import { stepsOf } from '#core/care/handling/ladders'
import { openConcerns } from '#core/care/look/look-over'
import { readOut } from '#core/care/look/read-out'
import { cardFacts } from '#core/care/note/card'
import { stretchStart } from '#core/record/stretch-start'
import { wishLines } from '#core/care/note/wish-words'
import { standingWish } from '#core/record/wishes'
import { COATS } from '#core/coat/coat-types'
import { PART_IDS } from '#core/coat/regions'
import { CARE, careDue } from '#core/due/due'
import { habitsOf } from '#core/record/habits'
import { daysBetween } from '#core/record/day'
import { dayAndMonth, sayDay } from '#core/record/say-day'
import { chanceOfAnyMat, expectedKnots, expectedMats } from '#core/record/odds'
import { buildOf } from '#drawing/build-of'
import { sayHandled } from '~/words/diary'
import { allowedAt, offered } from '#core/care/tidies/may'
import type { Setting } from '#core/record/habits'
import { MEANS } from '#core/record/means'
import { CUT_IDS } from '#core/record/tidies'
import type { CutId } from '#core/record/tidies'
import { SETTING_WORDS, workLabel } from '~/words/care'
import { inOdds, listed, plural } from '~/words/numbers'
import { PART_WORDS } from '#core/coat/part-words'

/** The handover card: one page for the groomer's table, and their card back to fill by hand. */
const { file, today, coat } = useDog()
const profile = computed(() => file.value.profile)
const shades = useStanding(
  computed(() => 0),
  ref(null),
).shades
const sideOf = (side: 'left' | 'right') =>
  Object.fromEntries(Object.entries(shades.value).map(([id, s]) => [id.replace(`.${side}`, ''), s]))
const left = computed(() => sideOf('left'))
const right = computed(() => sideOf('right'))
const told = computed(() => cardFacts(file.value, today.value))
const hard = computed(() => hardPlaces(file.value, today.value))
/** When each kind of care was last done, and how late it is. */
const care = computed(() =>
  careDue(file.value, today.value, coat.value.perDay)
    .filter((d) => d.care !== 'eyes' && d.care !== 'teeth')
    .map((d) => {
      const late = daysBetween(d.day, today.value)
      const last = d.last ? sayDay(d.last, today.value) : 'not yet'
      return `${CARE[d.care].label.toLowerCase()} ${last}${d.last && late > 2 ? `, ${plural(late, 'day')} late` : ''}`
    }),
)
const concerns = computed(() => openConcerns(file.value, today.value))
const expected = computed(() => {
  const places = coat.value.places
  const knots = places.reduce((s, p) => s + expectedKnots(p).knots, 0)
  const mats = places.reduce((s, p) => s + expectedMats(p), 0)
  return `A mat somewhere: ${inOdds(chanceOfAnyMat(places))}. Expect about ${plural(Math.round(knots), 'tight knot')} and ${plural(Math.round(mats), 'mat')}.`
})
const lengths = computed(() =>
  PART_IDS.map((part) => {
    const rows = coat.value.places.filter((p) => p.region.part === part)
    return `${PART_WORDS[part]} ${Math.round(rows.reduce((s, p) => s + p.mm, 0) / Math.max(1, rows.length))}`
  }).join(', '),
)
const saySetting = (to: Setting, by: string | null) =>
  to === 'taught'
    ? `as ${by} showed`
    : to === 'comb'
      ? 'cloth and comb only'
      : SETTING_WORDS.scissors.label.replace('and ', '')
/** What may be used at one tidy, and whose name is on it. */
function sayMay(id: CutId) {
  const may = allowedAt(id, habitsOf(profile.value))
  const tools = offered(id, may).filter((m) => m !== 'cloth' && m !== 'comb')
  return tools.length
    ? `${listed(tools.map((m) => MEANS[m]))}${may.setting === 'taught' && may.by ? `, shown by ${may.by}` : ''}`
    : 'cloth and comb'
}
const setting = computed(() => {
  const h = habitsOf(profile.value)
  const apart = CUT_IDS.flatMap((id) => (h.may[id] ? [`${workLabel(id).toLowerCase()}: ${sayMay(id)}`] : []))
  return [saySetting(h.setting, h.taughtBy), ...apart].join('; ')
})
const BACK = [
  'Lengths left: body, legs, head, ears, tail',
  'Found, and where',
  'What went well, what to leave',
  'At home until then, and with what',
  'Next visit, and why then',
]
const wish = computed(() => standingWish(file.value, today.value))
const print = () => window.print()
useHead({ title: computed(() => `${profile.value.name}, card · Grumbo`) })
</script>

<template>
  <div class="mx-auto max-w-[800px]">
    <div class="flex items-center justify-between gap-4 pt-2 desk:pt-4 print:hidden">
      <p class="why">One page for {{ profile.groomer ?? 'the groomer' }}, to print or save as PDF.</p>
      <ActButton kind="filled" class="shrink-0" @click="print">Print or save</ActButton>
    </div>
    <article
      class="mt-3 border border-ink p-5 [overflow-wrap:anywhere] print:mt-0 print:border-0 print:p-0"
      data-card
    >
      <header class="flex items-end justify-between gap-4 border-b border-ink pb-2">
        <div>
          <h1 class="!text-show">{{ profile.name }}</h1>
          <p>
            {{ profile.sex }}, {{ profile.weightKg }} kg, {{ COATS[profile.coat].label.toLowerCase()
            }}{{ profile.breed ? `, ${profile.breed}` : '' }}
          </p>
        </div>
        <p class="text-right">
          {{ dayAndMonth(today) }}<br /><span class="small">{{
            profile.nextVisit ? `visit ${dayAndMonth(profile.nextVisit)}` : 'no visit booked'
          }}</span>
        </p>
      </header>
      <div class="grid grid-cols-[3fr_2fr] gap-5 pt-3 max-desk:grid-cols-1 print:grid-cols-[3fr_2fr]">
        <div class="grid grid-cols-2 items-center gap-2">
          <DogDrawing :sheet="buildOf(profile.coat)" :states="left" :detail="1.9" />
          <DogDrawing :sheet="buildOf(profile.coat)" :states="right" :detail="1.9" mirrored />
          <DogDrawing sheet="under" :states="shades" :detail="1.9" class="mx-auto !w-3/4" />
          <DogDrawing sheet="head" :states="shades" :detail="1.9" class="mx-auto !w-2/3" />
        </div>
        <div>
          <h2 class="text-story">Today’s coat</h2>
          <p>{{ expected }}</p>
          <p class="small mt-1">mm now: {{ lengths }}. Denser hair on the drawing, nearer a mat.</p>
          <h2 class="mt-3 text-story">Handling</h2>
          <p v-if="!hard.length">Nothing is hard just now.</p>
          <p v-for="h in hard" :key="h.place">
            {{ sayHandled(h.place) }}: {{ h.why === 'said' ? 'found hard' : h.why }}, at “{{
              stepsOf(h.place)[h.step]
            }}”{{ h.snapped ? '; snapped' : '' }}
          </p>
          <p class="small mt-1">At home: {{ setting }}.</p>
          <template v-if="care.length">
            <h2 class="mt-3 text-story">Beside the comb</h2>
            <p data-card-care>{{ care.join('; ') }}.</p>
          </template>
          <template v-if="concerns.length">
            <h2 class="mt-3 text-story text-vet">For the vet, still open</h2>
            <p v-for="c in concerns" :key="c.id">
              {{ readOut(file, c, today).split('. ').slice(1).join('. ') }}
            </p>
          </template>
          <template v-if="profile.wish || wish">
            <h2 class="mt-3 text-story">Wished for</h2>
            <p v-if="profile.wish">{{ profile.wish }}</p>
            <p v-for="l in wish ? wishLines(wish) : []" :key="l.label" data-wished>
              {{ l.label }}: {{ l.says }}{{ l.answer ? `; ${wish!.answer!.from}: ${l.answer}` : '' }}
            </p>
          </template>
        </div>
      </div>
      <h2 class="mt-3 border-t border-ink pt-2 text-story">
        Since {{ dayAndMonth(stretchStart(file, today)) }}
      </h2>
      <ul>
        <li v-for="f in told.lines" :key="f.id" class="border-b border-rule py-1">{{ f.says }}</li>
      </ul>
      <p v-if="told.close.length" class="small py-1.5" data-card-close>
        {{ told.close.map((f) => f.says).join(' ') }}
      </p>
      <h2 class="mt-3 text-story">{{ profile.groomer ?? 'The groomer' }}’s card back</h2>
      <div v-for="b in BACK" :key="b" class="flex h-9 items-end border-b border-edge pb-0.5">
        <span class="small">{{ b }}</span>
      </div>
      <p class="small mt-3">{{ LAW }}</p>
    </article>
  </div>
</template>
