<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { placeRow } from '#core/coat/regions'
import { toldFrom, weekOf } from '#core/plan/week-told'
import type { GoingOver } from '#core/plan/going-over'
import type { Finding } from '#core/record/findings'
import { sayDay, weekdayName } from '#core/record/say-day'
import { between, timeline } from '#core/record/timeline'
import { isUnmet } from '#core/record/unmet'
import { capital, plural, wholeMinutes } from '~/words/numbers'

/** A coat nobody knows, met once: its sittings, a stroke a place, what the comb said so far, and what it will tell. */
const props = defineProps<{ over: GoingOver }>()
const { file, today, coat } = useDog()
const her = computed(() => (file.value.profile.sex === 'female' ? ['Her', 'hers'] : ['His', 'his']))

const met = computed(() => {
  const days = new Map<string, number>()
  for (const p of coat.value.places) if (p.clearOn) days.set(p.clearOn, (days.get(p.clearOn) ?? 0) + 1)
  return [...days].sort(([a], [b]) => (a < b ? -1 : 1))
})
const names = (places: GoingOver['sittings'][number]['places']) =>
  places.map((p) => placeRow(p).plural.toLowerCase()).join(', ')
const rows = computed(() => [
  ...met.value.map(([day, n]) => ({
    day,
    title: capital(sayDay(day, today.value)),
    says: plural(n, 'place'),
    met: n,
    toMeet: 0,
    minutes: 'met',
    now: false,
  })),
  ...props.over.sittings.map((s) => ({
    day: `${s.day}+`,
    title: s.day === today.value ? 'Now' : weekdayName(s.day),
    says: `${plural(s.regions.length, 'place')}: ${names(s.places)}`,
    met: 0,
    toMeet: s.regions.length,
    minutes: `${wholeMinutes(s.minutes)} min`,
    now: s.day === today.value,
  })),
])

const tally = computed(() => {
  const from = coat.value.places.reduce<string>(
    (a, p) => (p.clearOn && p.clearOn < a ? p.clearOn : a),
    today.value,
  )
  const found = new Map<Finding, number>()
  for (const { what } of between(timeline(file.value.entries), from, today.value))
    if (what.kind === 'check') found.set(what.finding, (found.get(what.finding) ?? 0) + 1)
  return (['glides', 'rasps', 'snag', 'knot', 'mat', 'felt', 'refused'] as const).flatMap((finding) => {
    const n = found.get(finding)
    return n ? [{ finding, n }] : []
  })
})
const tells = computed(() => {
  const [whose, likes] = her.value
  const week = weekOf(coat.value)
  const near = (n: number) => Math.max(5, Math.round(n / 5) * 5)
  if ('about' in week) return `${whose} coat wants about ${near(week.about)} minutes a week as it is.`
  return `${whose} week can be told from ${toldFrom(props.over.of)} places on. Till then, coats like ${likes}: ${near(week.low)} to ${near(week.high)} minutes.`
})

const strokes = ref<HTMLElement | null>(null)
const { width } = useElementSize(strokes)
const most = computed(() => Math.max(1, ...rows.value.map((r) => r.met + r.toMeet)))
const step = computed(() => Math.min(11, (width.value || 120) / most.value))
const unmet = computed(() => coat.value.places.filter(isUnmet).length)
</script>

<template>
  <section aria-label="The sittings" data-going-over>
    <ol class="border-t border-ink">
      <li
        v-for="(r, i) in rows"
        :key="r.day"
        class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule py-2"
        :class="{ '-ml-4 border-l-3 border-l-due pl-[13px] desk:-ml-3 desk:pl-[9px]': r.now }"
      >
        <b class="font-semibold" :class="{ 'text-due': r.now }">{{ r.title }}</b>
        <span class="text-right whitespace-nowrap" :class="r.now ? 'font-semibold text-due' : 'text-ink-2'">{{
          r.minutes
        }}</span>
        <span :ref="i === 0 ? 'strokes' : undefined" class="col-span-2 block h-[26px]">
          <svg width="100%" height="26" aria-hidden="true" class="overflow-visible">
            <path
              v-for="n in r.met + r.toMeet"
              :key="n"
              :d="`M${(n - 0.5) * step} ${4 + (n % 3)}v${17 + (n % 2) * 2}`"
              :stroke="r.met ? 'var(--ink)' : r.now ? 'var(--due)' : 'var(--edge)'"
              :stroke-width="r.met || r.now ? 2 : 1.4"
              stroke-linecap="round"
            />
          </svg>
        </span>
        <span class="small col-span-2 truncate">{{ r.says }}</span>
      </li>
    </ol>
    <ul
      v-if="tally.length"
      class="flex flex-wrap gap-x-5 gap-y-1 py-2"
      aria-label="What the comb said so far"
    >
      <li v-for="t in tally" :key="t.finding" class="flex items-center gap-1.5">
        <FindingMark :finding="t.finding" :size="24" /><span
          ><b class="figure text-story">{{ t.n }}</b> <span class="text-ink-2">{{ t.finding }}</span></span
        >
      </li>
    </ul>
    <p class="why border-t border-rule py-2">
      {{ tells }} It tells where the knots are, what is for the groomer, and how long
      {{ file.profile.sex === 'female' ? 'she' : 'he' }} takes.
      <span class="sr-only">{{ plural(unmet, 'place') }} not met yet.</span>
    </p>
  </section>
</template>
