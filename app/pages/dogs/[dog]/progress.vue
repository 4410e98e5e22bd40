<script setup lang="ts">
import { isWhere, PART_IDS, PLACE_IDS, placeRow, REGIONS } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { likelyAhead } from '#core/plan/forecast'
import { addDays, daysBetween } from '#core/record/day'
import { assessEach } from '#core/record/fold'
import { likelyChance, placesOf } from '#core/record/odds'
import { dayAndMonth, shortDay } from '#core/record/say-day'
import type { Comfort } from '#core/record/findings'
import type { Learned } from '#core/learn/normal'
import { leadShape } from '~/components/lead/lead'
import { capital, plural } from '~/words/numbers'
import { PART_WORDS } from '#core/coat/part-words'
import {
  learnedFinding,
  learnedGrowth,
  learnedGrowthOf,
  learnedPace,
  learnedPaceAt,
  learnedTightening,
} from '#core/record/learned'

/** Progress: what the comb has said, what was spent, what has been learned of this dog. */
const { file, today, coat, planning, stretch: frame } = useDog()
const from = computed(() => frame.value.from)
const { days, said, comfort, stretches } = useProgressView(from)
const view = useStretchView(planning.plan, from)
/** Weeks begun. */
const weeks = computed(() => view.weeks(addDays(today.value, 1), []))
const her = computed(() => (file.value.profile.sex === 'female' ? 'Her' : 'His'))

const headline = computed(() => {
  const worst = said.value[0]
  if (!days.value.length) return 'Nothing combed in this stretch yet'
  if (!worst?.trouble) return 'The comb has gone through every time'
  const name = placeRow(worst.place).plural.toLowerCase()
  const rest = said.value.slice(1).some((r) => r.trouble > 1)
  const many = worst.trouble > 1
  const where = isWhere(worst.place)
  return `${where ? capital(name) : `${her.value} ${name}`} ${many ? (where ? 'keeps catching' : 'keep catching') : 'caught once'}, ${rest ? 'others now and then' : 'the rest holds'}`
})
/** The worst place lies under a harness that is worn. */
const rubbed = computed(() => {
  const worst = said.value[0]
  const worn = file.value.profile.harnessHours > 0
  return worn && !!worst?.trouble && placeRow(worst.place).covers.includes('harness')
})
const why = computed(() => {
  const worst = said.value[0]
  if (!worst?.trouble) return ''
  return `Something caught at ${worst.trouble} of ${worst.by.size} combings${rubbed.value ? ', most likely the harness' : ''}.`
})
const combings = computed(() => [
  ...frame.value.sessions.map((s) => s.day),
  ...(planning.plan.value?.sessions.filter((s) => s.day > today.value).map((s) => s.day) ?? []),
])
/** What the chance is likely to be, by day: as recorded, then with the plan kept. */
const likely = computed(() => {
  const past = assessEach(file.value, frame.value.from, today.value).map((s) => likelyChance(placesOf(s)))
  const end = addDays(frame.value.from, frame.value.chances.length - 1)
  const ahead = end > today.value ? likelyAhead(coat.value, planning.plan.value?.sessions ?? [], end) : []
  return [...past, ...ahead.slice(1)]
})
const told = ref<string | null>(null)
/** The cut is shown to the visit, or some weeks on. */
const grownTo = computed(() => addDays(frame.value.from, frame.value.chances.length - 1))
const picked = ref<RegionId | null>(null)
const storyOf = (place: string) => (picked.value = REGIONS.find((r) => r.place === place)!.id)
const COMFORT_PATH: Record<Comfort, string> = {
  easy: 'M2 10h28',
  fidgety: 'M2 10c3-9 6-9 9 0s6 9 9 0 6-9 10 0',
  stopped: 'M2 10h20M24 2v16',
}

const leads = computed(() =>
  stretches.value.map((s) => ({
    ...s,
    shape: leadShape(s.chances, s.chances.length, {
      x0: 4,
      x1: 4 + (230 * s.chances.length) / longest.value,
      y: 18,
      thin: 3,
      thick: 30,
    }),
  })),
)
const longest = computed(() => Math.max(28, ...stretches.value.map((s) => s.chances.length)))

const learned = computed(() => [
  {
    what: 'Growth',
    unit: 'mm a week',
    times: 7,
    l: learnedGrowth(coat.value),
    none: 'nothing measured yet',
    apart: PART_IDS.map((part) => ({ of: PART_WORDS[part], l: learnedGrowthOf(coat.value, part) })),
  },
  {
    what: 'Your pace',
    unit: 'times the usual minutes',
    times: 1,
    l: learnedPace(coat.value),
    none: 'no place timed yet',
    apart: PLACE_IDS.map((place) => ({
      of: placeRow(place).plural.toLowerCase(),
      l: learnedPaceAt(coat.value, place),
    })),
  },
  {
    what: 'From a tangle to a tight knot',
    unit: 'days',
    times: 1,
    l: learnedTightening(coat.value),
    none: 'nothing caught after a known gap yet',
    apart: [],
  },
  {
    what: 'What your comb finds',
    unit: 'of ten knots there',
    times: 10,
    l: learnedFinding(coat.value),
    none: 'no groomer has gone over it within days of your comb yet',
    apart: [],
  },
])
/** Parts that are told by themselves: a few, those that differ most from the whole, by a tenth at least (judgement). */
const APART = { most: 4, by: 0.1 }
const sayApart = ({ l: whole, times, apart }: (typeof learned.value)[number]) =>
  apart
    .map(({ of, l }) => ({ of, l, by: Math.abs(l.now / whole.now - 1) }))
    .filter(({ l, by }) => l.seen && by >= APART.by)
    .sort((a, b) => b.by - a.by)
    .slice(0, APART.most)
    .map(({ of, l }) => `${of} ${two(l.now * times)}`)
    .join(', ')
const two = (x: number) => Number(x.toPrecision(2))
const sayLearned = (l: Learned, times: number) =>
  `${two(l.now * times)}, likely ${two(l.interval[0] * times)} to ${two(l.interval[1] * times)}`
</script>

<template>
  <div class="pt-3 pb-8">
    <div class="flex flex-wrap items-baseline justify-between gap-x-8">
      <h1>{{ headline }}</h1>
      <p class="why">
        {{ why }}
        <ActButton
          v-if="rubbed"
          :to="`/dogs/${file.id}/what-if?harnessHours=0`"
          kind="quiet"
          class="font-sans text-body not-italic"
          >Try without it</ActButton
        >
      </p>
    </div>
    <div class="mt-3 grid gap-x-10 gap-y-6 desk:grid-cols-[1fr_400px]">
      <section aria-label="Chance of a mat, by day" class="border-t border-ink pt-2">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
          <h2>Chance of a mat, by day</h2>
          <span class="small">dashed: the plan kept; shaded: four times in five; a dot, a combing</span>
        </div>
        <ChanceChart
          :from="frame.from"
          :chances="frame.chances"
          :likely="likely"
          :at="daysBetween(frame.from, today)"
          :combings="combings"
          @day="told = $event"
        />
        <DayStory v-if="told" :day="told" />
      </section>

      <section aria-label="What the comb said" class="border-t border-ink pt-2">
        <div class="flex items-baseline justify-between gap-4">
          <h2>What the comb said</h2>
          <span class="small hidden desk:inline">the darker, the worse</span>
        </div>
        <p v-if="!days.length" class="why py-4">
          After the first session its findings stand here, place by place.
        </p>
        <FindingsChart v-else :days="days" :said="said" @place="storyOf">
          <table class="mt-1 w-full">
            <thead>
              <tr class="small">
                <td />
                <th v-for="d in days" :key="d" class="w-9 text-center font-normal">
                  {{ Number(d.slice(8)) }}
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in said" :key="row.place" class="border-t border-rule">
                <th class="text-left font-normal">
                  <button
                    class="flex min-h-[31px] items-center text-left font-semibold"
                    :class="row.trouble > 1 ? 'text-due' : ''"
                    @click="storyOf(row.place)"
                  >
                    {{ placeRow(row.place).plural }}
                  </button>
                </th>
                <td
                  v-for="d in days"
                  :key="d"
                  class="text-center"
                  :class="row.by.get(d) && row.by.get(d) !== 'glides' && row.trouble > 1 ? 'text-due' : ''"
                >
                  <FindingMark
                    v-if="row.by.get(d)"
                    :finding="row.by.get(d)!"
                    :size="21"
                    class="mx-auto block"
                  />
                  <span class="sr-only">{{ row.by.get(d) ?? 'not combed' }}</span>
                </td>
              </tr>
            </tbody>
          </table>
        </FindingsChart>
        <ToldStory v-if="picked" :region="picked" />
      </section>
    </div>

    <div class="mt-6 grid gap-x-10 gap-y-6 desk:grid-cols-2">
      <section aria-label="Minutes" class="border-t border-ink pt-2">
        <div class="flex items-baseline justify-between">
          <h2>Minutes</h2>
          <span class="small">the upright is what you had</span>
        </div>
        <WeekMinutes :weeks="weeks" />
      </section>

      <GrownChart :from="frame.from" :to="grownTo" />

      <section aria-label="Comfort" class="border-t border-ink pt-2">
        <div class="flex items-baseline justify-between">
          <h2>Comfort</h2>
          <span class="small">a wave is fidgety, an upright stopped</span>
        </div>
        <p v-if="!days.length" class="why py-3">Nothing yet.</p>
        <ul v-else>
          <li
            v-for="row in comfort"
            :key="row.part"
            class="grid min-h-[36px] grid-cols-[110px_1fr] items-center"
          >
            <span class="text-side text-ink-2">{{ PART_WORDS[row.part] }}</span>
            <svg
              :viewBox="`0 0 ${row.by.length * 34} 20`"
              class="h-5 w-full max-w-[250px]"
              preserveAspectRatio="xMinYMid meet"
              role="img"
              :aria-label="row.by.map((c) => c ?? 'not combed').join(', ')"
            >
              <template v-for="(c, i) in row.by" :key="i">
                <path
                  v-if="c"
                  :d="COMFORT_PATH[c]"
                  :transform="`translate(${i * 34} 0)`"
                  fill="none"
                  :stroke="c === 'stopped' ? 'var(--due)' : 'var(--ink)'"
                  stroke-width="2.2"
                  stroke-linecap="round"
                />
              </template>
            </svg>
          </li>
        </ul>
        <h2 class="mt-4 border-t border-rule pt-2 text-story">Learned of {{ file.profile.name }}</h2>
        <dl>
          <div
            v-for="row in learned"
            :key="row.what"
            class="border-t border-rule py-1.5 text-side"
            :data-learned="row.what"
          >
            <dt class="font-semibold">{{ row.what }}, {{ row.unit }}</dt>
            <dd class="text-ink-2">
              Most like this {{ two(row.l.prior * row.times) }};
              {{
                row.l.seen
                  ? `seen ${two(row.l.seen.mean * row.times)}, ${plural(row.l.seen.times, 'time')}`
                  : row.none
              }}. <b class="font-semibold text-ink">Held now: {{ sayLearned(row.l, row.times) }}</b
              >{{ row.l.telling ? '.' : ', no more than a guess yet.' }}
              <span v-if="sayApart(row)" class="block">{{ capital(sayApart(row)) }}.</span>
            </dd>
          </div>
        </dl>
      </section>

      <section aria-label="Against other stretches" class="border-t border-ink pt-2">
        <h2>Stretch against stretch</h2>
        <ol>
          <li v-for="s in leads" :key="s.from" class="grid grid-cols-[1fr_auto] items-center gap-3 py-1">
            <div>
              <p class="text-fine font-semibold">
                {{ s.running ? 'This one' : `From ${dayAndMonth(s.from)}` }}{{ s.mm ? `, ${s.mm} mm` : '' }}
              </p>
              <svg
                viewBox="0 0 240 36"
                class="h-9 w-full"
                preserveAspectRatio="xMinYMid meet"
                aria-hidden="true"
              >
                <path :d="s.shape.body" fill="var(--coat)" />
                <path :d="s.shape.tint" fill="var(--tint)" fill-opacity=".3" />
                <path :d="s.shape.past + s.shape.edges" fill="var(--ink)" fill-opacity=".85" />
              </svg>
            </div>
            <p class="text-right" :class="s.running ? 'text-due' : ''">
              <span class="font-serif text-story font-medium">{{
                capital(plural(s.mats, 'mat'))
              }}</span><br /><span class="small">{{ s.minutes }} min{{ s.running ? ' so far' : '' }}</span>
            </p>
          </li>
        </ol>
        <p v-if="leads.length < 2" class="why py-2">
          After the next visit the two stretches stand side by side.
        </p>
        <p class="small">from {{ shortDay(from) }}, day by day</p>
      </section>
    </div>
    <ScoreShown />
    <CausesShown />
    <CoatsLike />
  </div>
</template>
