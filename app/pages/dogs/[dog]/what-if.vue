<script setup lang="ts">
import { refThrottled, watchDebounced } from '@vueuse/core'
import { clampTo, keptShare, RANGES, settingsOf, SURENESS } from '#core/simulate/what-if'
import type { Question, Settings } from '#core/simulate/what-if'
import type { HowMany } from '#core/record/odds'
import type { Spread } from '#core/simulate/stretches'
import type { GroomerAsk } from '~/words/ask'
import { inHundred } from '~/words/hundred'
import { capital, countWord, plural } from '~/words/numbers'

/** What if: a stretch from visit to visit, played ten thousand times as it is and as it might be. */
const { file, today } = useDog()
const route = useRoute()
const router = useRouter()
const now = computed(() => settingsOf(file.value, today.value))
const KEYS = Object.keys(RANGES) as (keyof Settings)[]

/** What is asked for stands in the address, so that a link shows the same. */
const asked = ref<Settings>({ ...now.value })
for (const key of KEYS) {
  const given = Number(route.query[key])
  if (route.query[key] !== undefined && Number.isFinite(given)) asked.value[key] = clampTo(key, given)
}
const surely = ref<number>(SURENESS[0])
const whatIf = useWhatIf()
const { spreads, backwards, progress, stopped, failed } = whatIf
const changed = computed(() => KEYS.filter((k) => asked.value[k] !== now.value[k]))
onMounted(() => whatIf.ask(now.value, { ...asked.value }, surely.value))
watchDebounced(
  [asked, surely],
  () => {
    void whatIf.ask(now.value, { ...asked.value }, surely.value)
    const { bath, dryer } = route.query
    const query = Object.fromEntries(changed.value.map((k) => [k, String(asked.value[k])]))
    void router.replace({ query: { ...query, ...(bath ? { bath } : {}), ...(dryer ? { dryer } : {}) } })
  },
  { debounce: 250, deep: true },
)

const weeks = (n: number) => plural(n, 'week')
const ASKS: {
  key: keyof Settings
  label: string
  say: (v: number) => string
  /** The change in a sentence. */
  told: (v: number) => string
}[] = [
  { key: 'mm', label: 'Cut to, at the visit', say: (v) => `${v} mm`, told: (v) => `cut to ${v} mm` },
  { key: 'ears', label: 'Ears left at', say: (v) => `${v} mm`, told: (v) => `ears at ${v} mm` },
  { key: 'weeks', label: 'Between visits', say: weeks, told: (v) => `${weeks(v)} between visits` },
  {
    key: 'minutes',
    label: 'Minutes a week',
    say: (v) => (v ? String(v) : 'none'),
    told: (v) => (v ? `${v} minutes a week` : 'no minutes at all'),
  },
  {
    key: 'harnessHours',
    label: 'Harness, hours a day',
    say: (v) => (v ? String(v) : 'never'),
    told: (v) => (v ? `the harness on ${plural(v, 'hour')} a day` : 'no harness'),
  },
  {
    key: 'jumperHours',
    label: 'Jumper, hours a day, these months',
    say: (v) => (v ? String(v) : 'never'),
    told: (v) => (v ? `a jumper on ${plural(v, 'hour')} a day` : 'no jumper'),
  },
  {
    key: 'swims',
    label: 'Swims a week, not combed dry',
    say: (v) => (v ? String(v) : 'none'),
    told: (v) => (v ? `${plural(v, 'swim')} a week, not combed dry` : 'no swims'),
  },
  {
    key: 'missed',
    label: 'Sessions missed',
    say: (v) => (v ? `${Math.round(v * 10)} in 10` : 'none'),
    told: (v) => (v ? `${countWord(Math.round(v * 10))} sessions in ten missed` : 'no session missed'),
  },
]
const odds = (s: Spread): HowMany => [s.counts[0] / s.runs, s.counts[1] / s.runs, s.counts[2] / s.runs]
const kept = (s: Spread | null) => (s ? Math.round(keptShare(s) * 100) : null)
const headline = computed(() => {
  const [a, b] = [kept(spreads.value.now), kept(spreads.value.asked)]
  if (a === null) return 'Playing the stretch'
  if (b === null || !changed.value.length) return `At most one mat ${a} times in 100`
  return b === a ? `No different: ${a} times in 100` : `At most one mat ${b} times in 100, not ${a}`
})
const saidOf = (s: Settings) => `${s.mm} mm, ${weeks(s.weeks)}, ${s.minutes} minutes a week`
const why = computed(() => {
  if (!changed.value.length) return 'Change something, and the same stretches are played again with it.'
  const parts = ASKS.filter((q) => changed.value.includes(q.key)).map((q) => q.told(asked.value[q.key]))
  return `${capital(parts.join(', '))}. The same luck both times, so that what differs is what you changed.`
})
/** A chart drawn anew with every answer would take the page from whoever is on it. */
const DRAW_AGAIN_MS = 1_000
const drawn = refThrottled(spreads, DRAW_AGAIN_MS)
const rows = computed(() => {
  const list = []
  if (drawn.value.now)
    list.push({
      key: 'now',
      label: 'as it is',
      said: saidOf(now.value),
      spread: drawn.value.now,
      due: false,
    })
  if (drawn.value.asked && changed.value.length)
    list.push({
      key: 'asked',
      label: 'as you ask',
      said: saidOf(asked.value),
      spread: drawn.value.asked,
      due: true,
    })
  return list
})

const often = computed(() =>
  surely.value === 0.5
    ? 'one time in two'
    : surely.value === 0.75
      ? 'three times in four'
      : 'nine times in ten',
)
const sentences = computed(() => {
  const a = asked.value
  const say = (q: Question, yes: (v: number) => [string, string, string], no: string) => {
    const value = backwards.value[q]
    if (value === undefined) return { q, value, words: null, no: '' }
    return value === null ? { q, value, words: null, no } : { q, value, words: yes(value), no: '' }
  }
  return [
    say(
      'mm',
      (v) => [`${a.minutes} minutes a week can keep `, `${v} mm`, ` for ${weeks(a.weeks)}, ${often.value}.`],
      `${a.minutes} minutes a week keep no length for ${weeks(a.weeks)} ${often.value}.`,
    ),
    say(
      'weeks',
      (v) => [`On ${a.minutes} minutes a week, ${a.mm} mm can wait `, weeks(v), ' between visits.'],
      `On ${a.minutes} minutes a week, ${a.mm} mm cannot wait three weeks.`,
    ),
    say(
      'minutes',
      (v) => [
        `Keeping ${a.mm} mm for ${weeks(a.weeks)} takes `,
        `${v} minutes a week`,
        v > now.value.minutes ? `, ${v - now.value.minutes} over yours.` : '.',
      ],
      `No minutes keep ${a.mm} mm for ${weeks(a.weeks)} ${often.value}: cut it shorter or come sooner.`,
    ),
  ]
})
const tryIt = (q: Question, value: number) => (asked.value = { ...asked.value, [q]: value })
const putBack = () => (asked.value = { ...now.value })
const SURE = SURENESS.map((s) => ({
  value: s as number,
  words: s === 0.5 ? '1 in 2' : s === 0.75 ? '3 in 4' : '9 in 10',
}))
/** What only the groomer can grant, to be put into a note. */
const ask = computed<GroomerAsk>(() => ({
  ...(asked.value.mm !== now.value.mm ? { mm: asked.value.mm } : {}),
  ...(asked.value.weeks !== now.value.weeks ? { weeks: asked.value.weeks } : {}),
}))
const askGroomer = computed(() => {
  const { mm, weeks: every } = ask.value
  const parts = [...(mm ? [`${mm} mm`] : []), ...(every ? [weeks(every)] : [])]
  return parts.length ? `Ask ${file.value.profile.groomer ?? 'the groomer'} for ${parts.join(' and ')}` : ''
})
</script>

<template>
  <div v-if="file.profile.coat === 'smooth'" class="pt-4">
    <h1>Nothing to ask</h1>
    <p class="why mt-2">A short coat does not knot, whatever is changed.</p>
  </div>
  <div v-else class="grid gap-x-12 gap-y-6 pt-3 pb-8 desk:grid-cols-[400px_1fr]">
    <section aria-label="What if you changed" class="order-2 desk:order-none">
      <h2 class="border-b border-ink pb-2">What if you changed</h2>
      <AskSlider
        v-for="q in ASKS"
        :key="q.key"
        v-model="asked[q.key]"
        :label="q.label"
        :now="now[q.key]"
        :range="RANGES[q.key]"
        :say="q.say"
      />
      <div class="mt-4 flex gap-3">
        <ActButton :disabled="!changed.length" @click="putBack">Put it back</ActButton>
        <ActButton
          v-if="askGroomer"
          :to="{ path: `/dogs/${file.id}/groomer`, query: { ...ask } }"
          kind="filled"
          class="flex-1"
          >{{ askGroomer }}</ActButton
        >
      </div>
    </section>
    <div class="min-w-0">
      <h1 aria-live="polite" data-headline>{{ headline }}</h1>
      <p class="why mt-2 min-h-[44px]">{{ why }}</p>
      <div class="flex min-h-11 items-center gap-4 border-b border-ink text-side text-ink-2">
        <template v-if="progress !== null">
          <span role="status" data-progress>{{
            progress < 1 ? `Playing, ${Math.round(progress * 100)} %` : 'Asking backwards'
          }}</span>
          <span class="h-[3px] flex-1 bg-rule"
            ><span class="block h-full bg-ink" :style="{ width: `${progress * 100}%` }"
          /></span>
          <ActButton kind="quiet" @click="whatIf.stop()">Stop</ActButton>
        </template>
        <span v-else-if="failed" role="alert"
          >This could not be played here. Move something to try again.</span
        >
        <span v-else-if="stopped" role="status"
          >Stopped after {{ (spreads.asked ?? spreads.now)?.runs.toLocaleString('en') ?? 'no' }} stretches.
          Move something to go on.</span
        >
        <span v-else>{{ (spreads.now?.runs ?? 0).toLocaleString('en') }} stretches played each way</span>
      </div>
      <div
        v-for="r in rows"
        :key="r.key"
        class="grid grid-cols-1 items-center gap-x-6 gap-y-1 border-b border-rule py-3 desk:grid-cols-[150px_1fr_230px]"
        :data-row="r.key"
      >
        <div>
          <p class="font-serif text-story font-medium" :class="r.due ? 'text-due' : ''">
            {{ capital(r.label) }}
          </p>
          <p class="small">{{ r.said }}</p>
        </div>
        <HundredLocks :odds="odds(r.spread)" :label="r.label" :per-row="34" class="!max-w-[380px]" />
        <dl class="grid grid-cols-3 text-right">
          <div v-for="(n, i) in inHundred(odds(r.spread))" :key="i" class="flex flex-col-reverse">
            <dt class="small">{{ ['no mats', 'one', 'more'][i] }}</dt>
            <dd class="figure text-head leading-tight">{{ n }}</dd>
          </div>
        </dl>
      </div>
      <div v-if="rows.length" class="mt-3 grid gap-x-8 gap-y-4 desk:grid-cols-[1fr_240px]">
        <SpreadMinutes :rows="rows" />
        <SpreadMats :rows="rows.map((r) => ({ ...r, odds: odds(r.spread) }))" />
      </div>
      <section aria-label="Asked backwards" class="mt-6 border-t border-ink pt-3">
        <div class="flex flex-wrap items-center justify-between gap-x-4">
          <h2>Asked backwards</h2>
          <span class="flex items-center text-side text-ink-2"
            >at most one mat<ChoiceRow v-model="surely" tight label="How surely" :choices="SURE" class="ml-1"
          /></span>
        </div>
        <ul>
          <li
            v-for="s in sentences"
            :key="s.q"
            class="flex min-h-[50px] items-center justify-between gap-4 border-t border-rule font-serif text-story"
            :data-backwards="s.q"
          >
            <span v-if="s.words"
              >{{ s.words[0] }}<b class="font-semibold">{{ s.words[1] }}</b
              >{{ s.words[2] }}</span
            >
            <span v-else-if="s.no">{{ s.no }}</span>
            <span v-else class="text-ink-2">{{ stopped ? 'Not asked' : 'Working it out' }}</span>
            <ActButton
              v-if="s.value"
              kind="quiet"
              class="font-sans text-body whitespace-nowrap"
              @click="tryIt(s.q, s.value)"
            >
              Try it
            </ActButton>
          </li>
        </ul>
      </section>
      <BathsIf :weeks="asked.weeks" class="mt-6 border-t border-ink pt-3" />
    </div>
  </div>
</template>
