<script setup lang="ts">
import { stretchDays } from '#core/care/note/wish-price'
import { PART_IDS, placeRow, regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { dayAndMonth, sayDay } from '#core/record/say-day'
import { whereKey, whereLabel } from '#core/record/wishes'
import { buildOf } from '#drawing/build-of'
import { capital, plural } from '~/words/numbers'
import { PART_WORDS } from '#core/coat/part-words'
import { sayMinutes, sayStanding, sayTaken } from '~/words/wish'

/** The wish for the next cut, place by place, each with what it costs at home; and what the groomer says to it. */
const { file, today } = useDog()
const w = useWish()
const { wish, lines, writing, price, answered, answers } = w
const profile = computed(() => file.value.profile)
const groomer = computed(() => wish.value?.answer?.from ?? profile.value.groomer ?? 'the groomer')
const days = computed(() => price.value?.days ?? stretchDays(file.value, today.value))
const me = useMe()
const open = ref<string | null>(null)

const picked = ref<RegionId | null>(null)
watch(picked, (id) => {
  if (!id || !writing.value) return
  const { place, part } = regionOf(id)
  const own = lines.value.find((l) => l.place === place)
  // A part that is wished for whole is opened; the place by itself is added from there.
  const key = whereKey(own ?? lines.value.find((l) => l.part === part) ?? { place })
  if (!lines.value.some((l) => whereKey(l) === key)) w.add({ place })
  open.value = key
})
const toAdd = computed(() => [
  { value: '', words: 'Add a part or a place' },
  ...PART_IDS.filter((p) => !lines.value.some((l) => l.part === p)).map((p) => ({
    value: `part.${p}`,
    words: capital(PART_WORDS[p]),
  })),
  ...w.places.value
    .filter((p) => !lines.value.some((l) => l.place === p))
    .map((p) => ({ value: p as string, words: placeRow(p).plural })),
])
const adding = computed({
  get: () => '',
  set: (key: string) => {
    const part = PART_IDS.find((p) => `part.${p}` === key)
    const place = w.places.value.find((p) => p === key)
    if (part) w.add({ part })
    else if (place) w.add({ place })
    else return
    open.value = key
  },
})
/** Where each line stands on the map: at its place, or at one that shows its part. */
const SHOWS = { body: 'side', legs: 'foreleg', head: 'beard', ears: 'ear', tail: 'tail' } as const
const plates = computed(() =>
  lines.value.map((l, i) => ({
    number: i + 1,
    place: l.place ?? SHOWS[l.part!],
    label: `${whereLabel(l).split(' and ')[0]!.toLowerCase()}${l.mm === undefined ? '' : `, ${l.mm} mm`}`,
  })),
)
/** As it stands now: denser where a mat is nearer, so that it is seen where short would help. */
const { shades } = useStanding(
  computed(() => 0),
  ref(null),
)
const rather = computed(
  () =>
    new Map(
      answers.value.flatMap((a) =>
        a.how !== 'will' && a.mm !== undefined ? [[whereKey(a), a.mm] as const] : [],
      ),
    ),
)
const priceOfAnswer = (key: string) => {
  const at = answered.value?.lines.findIndex((l) => whereKey(l) === key) ?? -1
  return at < 0 || !rather.value.has(key) ? undefined : answered.value!.price.lines[at]
}
const sums = computed(() => [
  ...(price.value ? [{ label: 'As you wish', price: price.value }] : []),
  ...(answered.value ? [{ label: 'As answered', price: answered.value.price, due: true }] : []),
])
const short = computed(() => (writing.value ? (price.value?.short ?? []) : []))
const untilWhen = computed(() =>
  profile.value.nextVisit ? `for ${dayAndMonth(profile.value.nextVisit, today.value)}` : 'for the next visit',
)
useHead({ title: computed(() => `${profile.value.name}, the wish · Grumbo`) })
</script>

<template>
  <div class="pt-2 pb-8 desk:pt-5">
    <h1>{{ writing ? `What you would like of ${groomer}` : sayStanding(wish, groomer) }}</h1>
    <p class="why mt-2">
      Your wish {{ untilWhen }}, place by place, with what each costs you in the
      {{ plural(Math.round(days / 7), 'week') }} after it.
    </p>
    <div class="mt-3 grid gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,440px)_minmax(0,1fr)]">
      <div class="min-w-0">
        <CoatMap
          v-model:picked="picked"
          compact
          class="pr-[72px]"
          :build="buildOf(profile.coat)"
          :shades="shades"
          :say="
            (id: RegionId) =>
              lines.find((l) => l.place === regionOf(id).place) ? 'wished for' : 'in its part'
          "
          :plates="plates"
        />
        <WishLengths class="mt-4 max-desk:hidden" :lines="lines" :rather="rather" />
      </div>
      <section aria-label="The wish, line by line" class="min-w-0">
        <div
          class="small hidden items-end gap-x-3 border-b border-ink pb-1.5 desk:grid desk:grid-cols-[26px_minmax(0,130px)_150px_76px_88px_minmax(0,1fr)]"
          aria-hidden="true"
        >
          <span /><span>you wish</span><span>minutes<br />a week</span><span>arrives<br />clear</span
          ><span>lasts</span
          ><span>{{
            wish?.answer && !writing ? `${wish.answer.from}, ${sayDay(wish.answer.day, today)}` : ''
          }}</span>
        </div>
        <ol class="max-desk:border-t max-desk:border-ink" data-wish-lines>
          <li
            v-for="(l, i) in lines"
            :key="whereKey(l)"
            class="border-b border-rule"
            :class="open === whereKey(l) ? 'border-l-3 border-l-due pl-2' : ''"
          >
            <button
              v-if="writing"
              type="button"
              class="block w-full text-left"
              :aria-expanded="open === whereKey(l)"
              @click="open = open === whereKey(l) ? null : whereKey(l)"
            >
              <WishRow :number="i + 1" :line="l" :price="price?.lines[i]">
                <span v-if="price?.lines[i]" class="small max-desk:hidden">{{
                  w.sayChange(price.lines[i].more)
                }}</span>
              </WishRow>
            </button>
            <WishRow
              v-else
              :number="i + 1"
              :line="l"
              :price="price?.lines[i]"
              :answer="answers.find((a) => whereKey(a) === whereKey(l)) ?? null"
              :rather="priceOfAnswer(whereKey(l))"
            />
            <WishEdit
              v-if="writing && open === whereKey(l)"
              :line="l"
              :before="w.before(l)"
              :up-to="price?.lines[i]?.upTo"
              @change="w.change(i, $event)"
              @off="((open = null), w.takeOff(i))"
              @done="open = null"
            />
          </li>
        </ol>
        <template v-if="writing">
          <PickOne
            v-model="adding"
            class="mt-2"
            bare
            label="Add a part or a place"
            name="add-wish"
            :options="toAdd"
          />
          <div v-if="short.length" class="mt-3" data-short>
            <p class="small">Short, so that it cannot mat, spares you minutes every week:</p>
            <p class="mt-1 flex flex-wrap gap-2">
              <ActButton v-for="s in short" :key="s.place" @click="w.add({ place: s.place, mm: w.SHORT })"
                >{{ placeRow(s.place).plural }}, {{ sayMinutes(s.saves) }} min less</ActButton
              >
            </p>
          </div>
        </template>
        <WishSums v-if="sums.length" class="mt-3" :rows="sums" />
        <p v-else class="small mt-3" role="status">Working out what it costs</p>
        <NoticeLine v-if="w.problem.value" class="mt-2" marked>{{ w.problem.value }}</NoticeLine>
        <div class="mt-3 flex flex-wrap gap-3">
          <p v-if="!me.mayChange" class="why">What is wished of the groomer is for the owner to say.</p>
          <template v-else-if="writing">
            <ActButton kind="filled" class="flex-1 text-lead" :disabled="!lines.length" @click="w.ask">
              Ask {{ groomer }}
            </ActButton>
            <ActButton v-if="wish" @click="w.leaveIt">Leave it as it was</ActButton>
          </template>
          <template v-else>
            <ActButton v-if="w.mayTake.value" kind="filled" class="flex-1 text-lead" @click="w.take">
              Take the answer{{ wish ? `, ${sayTaken(wish)}` : '' }}
            </ActButton>
            <ActButton @click="w.again">Wish again</ActButton>
          </template>
        </div>
        <p v-if="w.undoable.value" class="mt-2 flex items-center gap-4" role="status">
          <span class="font-semibold">{{ w.undoable.value }}</span>
          <ActButton kind="quiet" @click="w.undo">Undo</ActButton>
        </p>
        <p v-if="!writing && wish && !wish.answer" class="small mt-2">
          {{ groomer }} sees it on the shared page, and answers from their room. Where nothing is shared yet,
          do that under <NuxtLink :to="`/dogs/${file.id}/groomer`" class="underline">Groomer</NuxtLink>.
        </p>
        <p class="small mt-3">
          Each length is kept at its own best rhythm, as this coat has knotted so far. {{ groomer }} decides
          what the coat allows.
        </p>
      </section>
    </div>
  </div>
</template>
