<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { placeRow, regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { namePlaces, placeStories, stretchStart } from '#core/care/note'
import { playAhead } from '#core/plan/kept'
import { coatOn } from '#core/record/fold'
import { chanceOfAnyMat, chanceOfMat, expectedMats, placesOf, shadeOf } from '#core/record/odds'
import { dayAndMonth, sayDay, shortDay, weekdayName } from '#core/record/say-day'
import { useMediaQuery } from '@vueuse/core'
import { MOST_NOTE } from '#shared/limits'
import type { SharedDog } from '#shared/api'
import { capital, inOdds, plural } from '~/words/numbers'
import { sayChance } from '~/words/reasons'

/** What a groomer sees by link, with no account: what they are about to find. */
const token = String(useRoute().params.token)
const headers = { authorization: `Bearer ${token}` }
const { data: shared, error, refresh } = await useFetch<SharedDog>('/api/shared', { headers, key: 'shared' })
if (error.value && import.meta.server) setResponseStatus(useRequestEvent()!, error.value.statusCode ?? 404)

const view = computed(() => {
  const s = shared.value
  if (!s) return null
  const record = { profile: s.profile, entries: s.entries }
  const visit = s.profile.nextVisit && s.profile.nextVisit >= s.today ? s.profile.nextVisit : null
  const now = coatOn(record, s.today)
  const then = (visit ? playAhead(now, visit).coat : now).state()
  const places = placesOf(then)
  const from = stretchStart(record, s.today)
  const stories = placeStories(record, from, s.today)
  const chance = Object.fromEntries(places.map((p) => [p.id, chanceOfMat(p)])) as Record<RegionId, number>
  const likely = places.filter((p) => chance[p.id] >= 0.25).sort((a, b) => chance[b.id] - chance[a.id])
  const mats = places.reduce((sum, p) => sum + expectedMats(p), 0)
  const told = new Set(stories.map((t) => t.place))
  const clear = places.filter((p) => !told.has(regionOf(p.id).place))
  const lengths = clear.map((p) => Math.round(p.mm))
  const mmOf = (regions: RegionId[]) => Math.round(then.regions[regions[0]!]?.mm ?? 0)
  const days = [...new Set(s.entries.filter((e) => e.what.kind === 'check').map((e) => e.day))]
  return {
    visit,
    stories: stories.map((t, i) => ({ ...t, number: i + 1, mm: mmOf(t.regions) })),
    shades: Object.fromEntries(places.map((p) => [p.id, shadeOf(chance[p.id])])) as Record<RegionId, number>,
    chance,
    any: chanceOfAnyMat(places),
    mats,
    likely: likely[0] ? regionOf(likely[0].id) : null,
    rest: clear.length,
    range: lengths.length ? [Math.min(...lengths), Math.max(...lengths)] : [0, 0],
    days: days.length,
    last: days.sort().at(-1) ?? null,
    plates: stories
      .slice(0, 5)
      .map((t, i) => ({ number: i + 1, place: t.place, label: placeRow(t.place).plural.toLowerCase() })),
  }
})
const expectation = computed(() => {
  const v = view.value
  if (!v) return ''
  const kept = v.visit ? 'Combed as planned until then: ' : ''
  if (v.mats >= 3) return `${kept}about ${Math.round(v.mats)} mats to be expected. Allow time, or shorter.`
  const where = v.likely
    ? `, most likely ${v.likely.label.startsWith('Behind') ? '' : 'at the '}${v.likely.label.toLowerCase()}`
    : ''
  if (v.any >= 0.5) return `${kept}a mat is likely, ${inOdds(v.any)}${where}. The rest should comb through.`
  return `${kept}it should comb through. The chance of a mat anywhere is ${inOdds(v.any)}.`
})
const ended = { out: 'came out', left: 'left for you', refused: 'then refused' } as const
const tellStory = (s: NonNullable<typeof view.value>['stories'][number]) =>
  s.finding === 'refused'
    ? `not allowed, last ${sayDay(s.day, shared.value!.today)}`
    : `${s.finding} ${sayDay(s.day, shared.value!.today)}, ${ended[s.ended]}`

const reply = ref('')
const replyId = ref(uuid())
const busy = ref(false)
const problem = ref('')
const sent = ref(false)
async function write() {
  busy.value = true
  problem.value = ''
  try {
    await api('/api/shared/notes', {
      method: 'POST',
      body: { id: replyId.value, body: reply.value },
      headers,
    })
    replyId.value = uuid()
    reply.value = ''
    sent.value = true
    await refresh()
  } catch (e) {
    problem.value =
      e instanceof NoSignal ? 'It did not go. The words are still here; try again in a moment.' : inWords(e)
  }
  busy.value = false
}
const picked = ref<RegionId | null>(null)
const wide = useMediaQuery('(min-width: 60rem)')
const day = (iso: string) => iso.slice(0, 10)
useHead({
  title: computed(() => (shared.value ? `${shared.value.profile.name} · Grumbo` : 'Grumbo')),
  meta: [
    { name: 'robots', content: 'noindex, nofollow' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})
</script>

<template>
  <main v-if="!shared || !view" class="mx-auto max-w-[440px] px-4 pt-24">
    <h1>This link does not open anything</h1>
    <p class="why mt-3">
      It has run out, was closed, or lost a letter on the way. Ask the owner for a new one.
    </p>
  </main>
  <main v-else class="mx-auto max-w-[1080px] px-4 pb-8 desk:px-10">
    <p class="flex min-h-12 items-center justify-between gap-3 border-b border-ink text-[14px]">
      <span
        >For <b class="font-semibold">{{ shared.groomer }}</b> from {{ shared.owner }}</span
      >
      <span class="text-ink-2">open until {{ shortDay(day(shared.expires)) }}</span>
    </p>
    <div class="desk:grid desk:grid-cols-2 desk:gap-12">
      <div>
        <h1 class="mt-4 break-words">
          {{ shared.profile.name
          }}<template v-if="view.visit"
            ><br />{{ weekdayName(view.visit) }} {{ dayAndMonth(view.visit) }}</template
          >
        </h1>
        <p v-if="shared.scope === 'stretch'" class="why mt-2">{{ capital(expectation) }}</p>
        <p class="small mt-1">
          {{ shared.profile.weightKg }} kg.
          {{
            view.days
              ? `Combed on ${plural(view.days, 'day')} since the last visit, last ${sayDay(view.last!, shared.today)}.`
              : 'Nothing written since the last visit.'
          }}
        </p>
        <CoatMap
          v-if="shared.scope === 'stretch'"
          v-model:picked="picked"
          class="mt-3 pr-[72px]"
          compact
          :build="buildOf(shared.profile.coat)"
          :shades="view.shades"
          :say="(id: RegionId) => sayChance(view!.chance[id])"
          :plates="view.plates"
        />
        <p v-if="picked" class="small" role="status">
          {{ regionOf(picked).label }}: {{ sayChance(view.chance[picked]) }} of a mat
          {{ view.visit ? 'on the day' : 'today' }}.
        </p>
      </div>
      <div>
        <ol v-if="shared.scope === 'stretch'" class="mt-3 border-t border-ink desk:mt-6" data-stories>
          <li
            v-for="s in view.stories"
            :key="s.number"
            class="grid grid-cols-[26px_40px_1fr_auto] items-center border-b border-rule py-2"
          >
            <span class="figure text-[19px] text-due">{{ s.number }}</span>
            <FindingMark :finding="s.finding" :size="28" />
            <span
              ><b class="font-semibold">{{ capital(namePlaces(s).replace(/^the /, '')) }}</b
              ><br /><i class="why text-[15px]">{{ tellStory(s) }}</i></span
            >
            <span>{{ s.mm }} mm</span>
          </li>
          <li class="grid grid-cols-[26px_40px_1fr_auto] items-center border-b border-rule py-2">
            <span /><FindingMark finding="glides" :size="28" />
            <span
              ><b class="font-semibold">The {{ view.stories.length ? 'other ' : '' }}{{ view.rest }} places</b
              ><br /><i class="why text-[15px]">{{ view.days ? 'nothing found' : 'not combed' }}</i></span
            >
            <span
              >{{
                view.range[0] === view.range[1] ? view.range[0] : `${view.range[0]}–${view.range[1]}`
              }}
              mm</span
            >
          </li>
        </ol>
        <dl class="mt-3 space-y-1">
          <div v-if="shared.profile.wish" class="flex gap-4">
            <dt class="why w-16 shrink-0">asks</dt>
            <dd class="break-words">{{ shared.profile.wish }}</dd>
          </div>
          <div v-if="shared.profile.hard.length" class="flex gap-4">
            <dt class="why w-16 shrink-0">hard</dt>
            <dd>
              {{ capital(shared.profile.hard.map((p) => placeRow(p).plural.toLowerCase()).join(', ')) }}
            </dd>
          </div>
        </dl>
        <h2 class="mt-6 border-b border-ink pb-2">Notes</h2>
        <ol>
          <li v-for="n in shared.notes" :key="n.id" class="border-b border-rule py-3" :data-author="n.author">
            <p class="small flex justify-between">
              <b class="font-semibold text-ink">{{
                n.author === 'groomer' ? 'You' : n.authorName
              }}</b><span>{{ sayDay(day(n.sent), shared.today) }}</span>
            </p>
            <p class="mt-1 break-words whitespace-pre-line">{{ n.body }}</p>
          </li>
        </ol>
        <form class="mt-4" @submit.prevent="write">
          <label class="block"
            ><span class="small">Write back to {{ shared.owner }}</span>
            <textarea
              v-model="reply"
              rows="4"
              :maxlength="MOST_NOTE"
              name="reply"
              class="w-full rounded border border-rule bg-coat p-3 font-serif text-[17px]"
            />
          </label>
          <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
          <p v-if="sent && !reply" class="font-semibold" role="status">
            Sent. {{ shared.owner }} sees it on the dog’s page.
          </p>
          <button class="act act-filled mt-2 w-full text-[17px]" :disabled="busy || !reply.trim()">
            Write back
          </button>
        </form>
        <p class="small mt-4">
          Forecasts, not findings: {{ wide ? 'the drawing shows' : 'it shows' }} chances worked out from what
          was combed. Nothing here is a diagnosis; local law and your own code come first.
        </p>
      </div>
    </div>
  </main>
</template>
