<script setup lang="ts">
import { dayAndMonth } from '#core/record/say-day'
import type { HowRight } from '#core/record/score'
import type { Score } from '#core/record/score-sums'
import { asItIs, recordOf } from '~/offline/shown'
import { hire, plainly } from '~/workers/hire'
import type { ScoreWork } from '~/workers/score.worker'
import { plural } from '~/words/numbers'
import { LEAST_CHECKS, sayChanged, sayDrift, sayHeld, sayScore, sayTogether, sayWorth } from '~/words/score'

/** How right it was: what was said of a place before the comb went through it, against what the comb met. */
const { file, today } = useDog()
const worker = hire<ScoreWork>(
  () => new Worker(new URL('../../workers/score.worker.ts', import.meta.url), { type: 'module' }),
)
onBeforeUnmount(worker.dismiss)
const told = shallowRef<HowRight | null>(null)
const failed = ref(false)
let newest = 0
async function goOver() {
  const mine = ++newest
  failed.value = false
  const record = plainly(recordOf(file.value))
  const answer = await worker.ask((w) => w.howRight(record, today.value)).catch(() => null)
  if (mine !== newest) return
  told.value = answer
  failed.value = !answer
}
/** The other dogs of the household are asked for when somebody wants them: each is a whole record. */
const me = useMe()
const others = computed(() => (me.me?.dogs ?? []).filter((d) => d.id !== file.value.id))
const together = shallowRef<Score | null>(null)
const adding = ref(false)
const notAdded = ref('')
async function addHousehold() {
  adding.value = true
  notAdded.value = ''
  try {
    const rest = await Promise.all(others.value.map((d) => ask('dogAnswer', `/api/dogs/${d.id}`)))
    const records = [file.value, ...rest.map(asItIs)].map((f) => plainly(recordOf(f)))
    together.value = await worker.ask((w) => w.howRightTogether(records, today.value))
  } catch (error) {
    notAdded.value = inWords(error, 'The others of the household are not here without a signal.')
  }
  adding.value = false
}
watch([() => file.value.entries, today], goOver)
onMounted(goOver)
const says = computed(() => told.value && sayScore(told.value.score, told.value.groups))
/** What is found has left what was said, or had, and the dog was taken to have changed. */
const left = computed(() => {
  const { changed = null, drift = null } = told.value ?? {}
  // What came last is said: a dog may be taken to have changed, and still leave what is said of it now.
  if (changed && !(drift && drift.on > changed.on)) return sayChanged(changed)
  return drift && sayDrift(drift)
})
const enough = computed(() => (told.value?.score?.checks ?? 0) >= LEAST_CHECKS)
const counts = computed(() => {
  const s = told.value?.score
  return s
    ? [
        { label: 'found with the comb', many: s.found },
        { label: `said, knowing ${file.value.profile.name}`, many: s.said },
        { label: 'said, by coats like it alone', many: s.like },
      ]
    : []
})
/** Places told of by themselves; the rest is folded. */
const PLACES = 4
const most = computed(() => Math.max(1, ...counts.value.map((c) => c.many)))
</script>

<template>
  <section aria-label="How right it was" class="mt-6 border-t border-ink pt-2" data-score>
    <template v-if="told && says">
      <h2>{{ says.lead }}</h2>
      <p class="why">{{ says.rest }}</p>
      <div v-if="left" class="mt-2" data-drift>
        <p class="font-semibold text-due">{{ left.lead }}</p>
        <p class="text-side">{{ left.rest }}</p>
        <ActButton :to="`/dogs/${file.id}/about`" kind="quiet">Say what is true now</ActButton>
      </div>
      <div v-if="enough" class="mt-2 grid gap-x-10 gap-y-4 desk:grid-cols-2">
        <div>
          <p class="small">
            Across, what was said; the line, how many of those caught; shaded, where that likely lies; dashed,
            had it been just right; thin, what coats like it alone would have said.
          </p>
          <ScoreChart :groups="told.groups" />
          <h3 v-if="told.stretches.length > 1" class="mt-3 font-serif text-story">Stretch by stretch</h3>
          <ol v-if="told.stretches.length > 1">
            <li
              v-for="s in told.stretches"
              :key="s.from"
              class="flex justify-between gap-4 border-t border-rule py-1 text-side"
            >
              <span>from {{ dayAndMonth(s.from, today) }}, {{ plural(s.score.checks, 'combing') }}</span>
              <span>said {{ Math.round(s.score.said) }}, found {{ s.score.found }}</span>
            </li>
          </ol>
        </div>
        <div>
          <h3 class="font-serif text-story">Snags, knots and mats in all</h3>
          <dl class="mt-1">
            <div
              v-for="c in counts"
              :key="c.label"
              class="grid grid-cols-[190px_1fr_44px] items-center gap-2 border-t border-rule py-1.5"
            >
              <dt class="text-side">{{ c.label }}</dt>
              <dd class="contents">
                <span class="h-2 bg-ink" :style="{ width: `${(100 * c.many) / most}%` }" aria-hidden="true" />
                <span class="figure text-right">{{ Math.round(c.many) }}</span>
              </dd>
            </div>
          </dl>
          <p class="mt-2 text-side" data-worth>{{ sayWorth(told.score!, file.profile.name) }}</p>
          <p class="mt-1 text-side" data-held>{{ sayHeld(told.score!) }}</p>
          <h3 class="mt-3 font-serif text-story">By place, the furthest out first</h3>
          <PlaceScores :places="told.places.slice(0, PLACES)" data-by-place />
          <FoldedMore
            v-if="told.places.length > PLACES"
            :says="`and ${plural(told.places.length - PLACES, 'place')} more`"
            class="border-t border-rule"
          >
            <PlaceScores :places="told.places.slice(PLACES)" />
          </FoldedMore>
          <p v-if="together" class="border-t border-rule py-2 text-side" role="status" data-household>
            {{ sayTogether(together, `The household’s ${plural(others.length + 1, 'dog')} together`) }}
          </p>
          <ActButton v-else-if="others.length" kind="quiet" :disabled="adding" @click="addHousehold">{{
            adding ? 'Going over the others' : 'And the whole household'
          }}</ActButton>
          <NoticeLine v-if="notAdded">{{ notAdded }}</NoticeLine>
        </div>
      </div>
    </template>
    <template v-else>
      <h2>How right it was</h2>
      <p class="why" role="status">
        {{ failed ? 'It could not be worked out here.' : 'Going over the record, as it stood each day' }}
      </p>
      <ActButton v-if="failed" kind="quiet" @click="goOver">Try again</ActButton>
    </template>
  </section>
</template>
