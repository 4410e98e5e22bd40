<script setup lang="ts">
import { PART_WASHES } from '#core/care/bath/part-wash'
import { mustBeDried } from '#core/care/bath/bath-recipe'
import { bathPartLabel } from '#core/care/led/bath'
import { slipMinutes } from '#core/care/bath/put-off'
import { CARE_CAUTIONS } from '#core/care/cautions'
import { sayWhere } from '#core/care/look/look-over'
import { regionsOf } from '#core/coat/regions'
import { buildOf } from '#drawing/build-of'
import type { Bath } from '~/composables/bath'
import { clockTime, namesOf, sayWash } from '~/words/bath'
import { capital, listed, plural } from '~/words/numbers'

/** May I wash today: what the record knows, what the owner sees, and what is first. */
const { bath, resume, written } = defineProps<{
  bath: Bath
  /** Where a bath that was begun stands. */
  resume: { at: number; of: number } | null
  written: { says: string } | null
}>()
const emit = defineEmits<{ start: []; 'go-on': []; told: []; undo: [] }>()
const { file, today } = useDog()
const combAtTable = useCombAtTable()
const { habits, she, groomer, changeHabits, problem } = useCare()
const { scope, seen, soaks, now, sinceBath, interval, inTheWarm, byItself, gate, waiting } = bath
const profile = computed(() => file.value.profile)
const SCOPES = [
  { value: 'all' as const, words: 'all of it' },
  ...PART_WASHES.map((p) => ({ value: p.id, words: p.words })),
]
const said = computed(() =>
  sayWash(gate.value, {
    she: she.value,
    groomer: groomer.value,
    today: today.value,
    vetPlan: habits.value.vetPlan,
    part: scope.value !== 'all',
  }),
)
const go = computed(() => said.value.tone === 'go')
const open = computed(() => (gate.value.answer.answer === 'comb-first' ? gate.value.answer.places : []))
const shades = computed(() =>
  Object.fromEntries(
    open.value.flatMap((p) => [
      [p, 4],
      [`${p}.left`, 4],
      [`${p}.right`, 4],
    ]),
  ),
)
const checks = computed(() => {
  const g = gate.value
  const days = interval.value
  return [
    {
      ok: g.combed.places === g.combed.of,
      label: 'Combed through',
      says: `${g.combed.places} of ${g.combed.of} places since yesterday`,
    },
    {
      ok: seen.skin === 'well' && !seen.stitches,
      label: 'Skin well',
      says: seen.skin === 'well' ? 'as you see it' : 'sore',
    },
    {
      ok: sinceBath.value === null || sinceBath.value >= days / 2 || seen.dirty,
      label: 'Not too soon',
      says:
        sinceBath.value === null
          ? 'no bath on record'
          : `${plural(sinceBath.value, 'day')} since; about every ${Math.round(days)}`,
    },
    {
      ok:
        g.answer.answer !== 'night' &&
        (g.startBy === null ? !mustBeDried(profile.value.coat) : now.value <= g.startBy),
      label: 'Dry before bed',
      says:
        g.startBy === null
          ? mustBeDried(profile.value.coat)
            ? 'no dryer'
            : 'a towel and a warm room'
          : `start by ${clockTime(g.startBy)}, it is ${clockTime(now.value)}`,
    },
    {
      ok: !habits.value.vetPlan,
      label: 'No vet’s plan against it',
      says: habits.value.vetPlan ?? 'none on file',
    },
  ]
})

const TOLD = computed(() => [
  {
    words: 'Skin is sore',
    on: seen.skin === 'sore',
    set: () => (seen.skin = seen.skin === 'sore' ? 'well' : 'sore'),
  },
  { words: 'Stitches', on: seen.stitches, set: () => (seen.stitches = !seen.stitches) },
  { words: 'Really dirty', on: seen.dirty, set: () => (seen.dirty = !seen.dirty) },
])
const planEdit = ref(false)
const plan = ref(habits.value.vetPlan ?? '')
const bed = ref(clockTime(habits.value.bed))
const setBed = () => {
  const [h, m] = bed.value.split(':').map(Number)
  if (h !== undefined && m !== undefined) void changeHabits({ bed: h * 60 + m })
}
const combThese = () => combAtTable(open.value.flatMap((p) => regionsOf(p).map((r) => r.id)))
</script>

<template>
  <section aria-label="May I wash today?">
    <h1 :class="said.tone === 'vet' ? 'text-vet' : ''" data-wash>{{ said.head }}</h1>
    <p class="why mt-2">{{ said.why }}</p>
    <p v-if="written" class="mt-2 flex min-h-11 flex-wrap items-center gap-x-4" role="status">
      <span>{{ written.says }}</span><ActButton kind="quiet" @click="emit('undo')">Undo</ActButton>
    </p>
    <NextUp v-if="written" class="mt-2" />
    <!-- The dog may be wet: what was begun is gone on with, whatever has been seen since. -->
    <ActButton v-if="resume" kind="filled" class="mt-3 w-full text-lead" data-go-on @click="emit('go-on')"
      >Go on where you were, step {{ resume.at }} of {{ resume.of }}</ActButton
    >
    <p class="small mt-3">What is washed</p>
    <ChoiceRow v-model="scope" tight class="flex-wrap" label="What is washed" :choices="SCOPES" />
    <ul v-if="scope === 'all'" class="mt-3 border-t border-ink">
      <li v-for="c in checks" :key="c.label" class="flex min-h-11 items-center gap-3 border-b border-rule">
        <svg
          width="18"
          height="18"
          viewBox="0 0 18 18"
          fill="none"
          stroke-width="2.2"
          aria-hidden="true"
          :stroke="c.ok ? 'var(--ink)' : 'var(--due)'"
        >
          <path v-if="c.ok" d="M2 10l4 5L16 3" />
          <circle v-else cx="9" cy="9" r="6.5" />
        </svg>
        <b class="font-semibold" :class="c.ok ? '' : 'text-due'"
          >{{ c.label }}<span class="sr-only">{{ c.ok ? ': yes' : ': not yet' }}</span></b
        >
        <i class="why ml-auto min-w-0 text-right text-side">{{ c.says }}</i>
      </li>
    </ul>
    <EveryDays v-if="scope === 'all'" care="bath" class="mt-2" />
    <div class="mt-2 flex flex-wrap items-center gap-1.5">
      <button
        v-for="t in TOLD"
        :key="t.words"
        class="min-h-11 rounded border px-2.5 text-body font-semibold"
        :class="t.on ? 'border-ink bg-well' : 'border-edge'"
        :aria-pressed="t.on"
        @click="t.set()"
      >
        {{ t.words }}
      </button>
      <ActButton kind="quiet" class="ml-1" :aria-expanded="planEdit" @click="planEdit = !planEdit">
        Vet’s plan, bedtime
      </ActButton>
    </div>
    <form
      v-if="planEdit"
      class="mt-2 grid gap-2 border-t border-rule pt-2"
      @submit.prevent="changeHabits({ vetPlan: plan.trim() || undefined })"
    >
      <label
        ><span class="small block">What the vet said of baths, if anything</span>
        <input
          v-model="plan"
          name="vet-plan"
          maxlength="200"
          class="h-11 w-full border-b border-edge bg-transparent"
      /></label>
      <div class="flex items-end gap-4">
        <ActButton type="submit" class="!min-h-11">Keep it</ActButton>
        <label class="ml-auto"
          ><span class="small block">In bed by</span>
          <input
            v-model="bed"
            type="time"
            name="bed"
            class="h-11 border-b border-edge bg-transparent"
            @change="setBed"
        /></label>
      </div>
    </form>
    <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
    <div
      v-if="gate.answer.answer === 'comb-first' && (gate.answer.tryWater || soaks !== undefined)"
      class="mt-2 border-t border-rule pt-2"
    >
      <p class="font-semibold">The water test, at what catches: does water soak to the skin?</p>
      <div class="mt-1 flex gap-2">
        <ActButton class="!min-h-11 flex-1" @click="soaks = true">It soaks in</ActButton>
        <ActButton class="!min-h-11 flex-1" @click="soaks = false">It runs off</ActButton>
      </div>
      <p v-if="soaks === false" class="small mt-1">
        Where water cannot go, that coat will come off: {{ groomer }}.
      </p>
    </div>
    <template v-if="gate.answer.answer === 'comb-first'">
      <DogDrawing
        v-if="open.length <= 8"
        :sheet="buildOf(profile.coat)"
        :states="shades"
        :detail="1.9"
        class="mx-auto mt-3 max-h-[220px]"
      />
      <p class="small mt-1">
        {{ capital(namesOf(gate.answer).slice(0, 8).join(', '))
        }}{{ open.length > 8 ? ` and ${open.length - 8} more` : '' }}.
      </p>
      <ActButton kind="filled" class="mt-3 w-full text-lead" @click="combThese">
        {{ open.length > 8 ? `Comb ${she ? 'her' : 'him'} through` : `Comb ${plural(open.length, 'place')}` }}
      </ActButton>
    </template>
    <template v-else-if="go">
      <p v-if="gate.keptDry.length" class="mt-3 flex gap-2 font-semibold text-vet" data-kept-dry>
        <VetMark class="shrink-0" />{{ listed(gate.keptDry.map((w) => sayWhere(w).toLowerCase())) }}: kept dry
        and left alone until the vet has seen it.
      </p>
      <label
        v-if="byItself && habits.dryer !== 'none'"
        class="mt-2 flex min-h-12 cursor-pointer items-center gap-3"
      >
        <input v-model="inTheWarm" type="checkbox" class="size-5 accent-due" name="in-the-warm" />Towelled,
        brushed through, and left to dry in the warm
      </label>
      <p v-if="waiting.length" class="mt-3" data-put-off-to>
        <b class="font-semibold">For the conditioner:</b>
        {{ listed(waiting.map((p) => bathPartLabel(p.region).toLowerCase())) }}, about
        {{
          plural(
            waiting.reduce((sum, p) => sum + slipMinutes(p), 0),
            'minute',
          )
        }}.
      </p>
      <p class="mt-3 flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />{{ CARE_CAUTIONS.alone }} {{ CARE_CAUTIONS.mains }}
      </p>
      <ActButton :kind="resume ? 'plain' : 'filled'" class="mt-3 w-full text-lead" @click="emit('start')">{{
        scope === 'all' ? 'Start the bath' : 'Start the part wash'
      }}</ActButton>
    </template>
    <ActButton v-else-if="said.tone === 'stop'" :to="`/dogs/${file.id}`" class="mt-4 w-full"
      >Back to today</ActButton
    >
    <ActButton v-if="said.tone !== 'vet'" kind="quiet" class="mt-1" @click="emit('told')">
      It was washed already: write it in
    </ActButton>
  </section>
</template>
