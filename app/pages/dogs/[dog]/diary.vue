<script setup lang="ts">
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import { history } from '#core/record/history'
import type { DiaryLine } from '#core/record/history'
import { sayDay } from '#core/record/say-day'
import { DIARY_KINDS, placesOfFact, sayFact } from '~/words/diary'
import type { DiaryKind } from '~/words/diary'
import { capital, plural } from '~/words/numbers'

/** Everything recorded, by day and by place; each entry can be put right or taken back. */
const { file, today } = useDog()
const record = useRecord()
const route = useRoute()

const kind = ref<DiaryKind | 'all'>('all')
const asked = String(route.query.place ?? '')
const place = ref<PlaceId | 'all'>((PLACE_IDS as string[]).includes(asked) ? (asked as PlaceId) : 'all')
const search = ref('')
const KINDS = Object.entries(DIARY_KINDS) as [DiaryKind, (typeof DIARY_KINDS)[DiaryKind]][]

const lines = computed(() =>
  history(file.value.entries).filter((l) => (l.what ?? l.earlier[0])?.kind !== 'plan'),
)
const shownAs = (l: DiaryLine) => sayFact((l.what ?? l.earlier.at(-1))!)
/** What it said before, where that reads otherwise: saying more of a knot is not putting it right. */
const saidBefore = (l: DiaryLine) => {
  const before = l.what ? l.earlier : l.earlier.slice(0, -1)
  const now = shownAs(l)
  return before.map(sayFact).filter((b) => b.what !== now.what || b.says !== now.says)
}
const matching = computed(() => {
  const words = search.value.trim().toLowerCase().split(/\s+/).filter(Boolean)
  return lines.value.filter((l) => {
    const fact = (l.what ?? l.earlier.at(-1))!
    if (kind.value !== 'all' && !(DIARY_KINDS[kind.value].kinds as readonly string[]).includes(fact.kind))
      return false
    if (place.value !== 'all' && !placesOfFact(fact)?.includes(place.value)) return false
    if (!words.length) return true
    const { what, says } = shownAs(l)
    const text = `${what} ${says} ${sayDay(l.day, today.value)} ${l.day}`.toLowerCase()
    return words.every((w) => text.includes(w))
  })
})
/** Days on a screen before the earlier ones are asked for. */
const DAYS_AT_ONCE = 14
const many = ref(DAYS_AT_ONCE)
watch([kind, place, search], () => (many.value = DAYS_AT_ONCE))
const byDay = computed(() => {
  const days = new Map<string, DiaryLine[]>()
  for (const l of matching.value) days.set(l.day, [...(days.get(l.day) ?? []), l])
  return [...days]
})
const narrowed = computed(() => kind.value !== 'all' || place.value !== 'all' || !!search.value.trim())

const altOf = (photo: FactOf<'photo'>) => {
  const { what, says } = sayFact(photo)
  return `Photograph: ${says || what.toLowerCase()}`
}

const open = ref<string | null>(null)
const takeBack = (l: DiaryLine) => record.takeBack(l)
/** Brings back what was taken back: what it last said holds again. */
const bringBack = (l: DiaryLine) =>
  record.add([{ day: l.day, what: { kind: 'correction', replaces: l.id, by: l.earlier.at(-1)! } }])
useHead({ title: computed(() => `${file.value.profile.name}, diary · Grumbo`) })
</script>

<template>
  <div class="mx-auto max-w-[860px]">
    <h1 class="pt-1 desk:pt-4">{{ matching.length || !narrowed ? 'The diary' : 'Nothing like that' }}</h1>
    <p class="why mt-2">
      {{
        lines.length
          ? `${capital(plural(matching.length, 'entry', 'entries'))}. What was put right keeps what it said before.`
          : 'Nothing yet. What the comb says at the table stands here, and so does what happens between.'
      }}
    </p>
    <LazyAddPhotograph class="mt-3" />
    <form
      v-if="lines.length"
      class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2 border-t border-ink pt-2"
      @submit.prevent
    >
      <label class="min-w-0 flex-1 basis-full desk:basis-40">
        <span class="small block">Search</span>
        <input
          v-model="search"
          name="search"
          type="search"
          maxlength="60"
          class="h-11 w-full border-b border-edge bg-transparent"
        />
      </label>
      <label class="flex-1 desk:flex-none">
        <span class="small block">What</span>
        <select v-model="kind" name="kind" class="h-11 w-full border-b border-edge bg-transparent pr-2">
          <option value="all">everything</option>
          <option v-for="[id, k] in KINDS" :key="id" :value="id">{{ k.label.toLowerCase() }}</option>
        </select>
      </label>
      <label class="flex-1 desk:flex-none">
        <span class="small block">Where</span>
        <select v-model="place" name="place" class="h-11 w-full border-b border-edge bg-transparent pr-2">
          <option value="all">anywhere</option>
          <option v-for="p in PLACE_IDS" :key="p" :value="p">{{ placeRow(p).plural.toLowerCase() }}</option>
        </select>
      </label>
    </form>
    <section v-for="[day, list] in byDay.slice(0, many)" :key="day" class="mt-5">
      <h2 class="border-b border-ink pb-1">{{ capital(sayDay(day, today)) }}</h2>
      <ul>
        <li v-for="l in list" :key="l.id" class="border-b border-rule" :data-entry="l.what?.kind ?? 'gone'">
          <button
            class="flex min-h-12 w-full items-center gap-3 py-1 text-left"
            :aria-expanded="open === l.id"
            @click="open = open === l.id ? null : l.id"
          >
            <span class="w-11 shrink-0 text-ink-2">{{ l.time ?? '' }}</span>
            <FindingMark
              v-if="l.what?.kind === 'check'"
              :finding="l.what.finding"
              :size="24"
              class="shrink-0"
            />
            <LazyPhotoShown
              v-if="l.what?.kind === 'photo' && open !== l.id"
              :dog-id="file.id"
              :photo="l.id"
              :alt="altOf(l.what)"
              class="my-1 shrink-0"
            />
            <span class="min-w-0 flex-1" :class="l.what ? '' : 'text-ink-3 line-through'">
              <b class="font-semibold">{{ shownAs(l).what }}</b><span class="ml-2 text-ink-2">{{
                shownAs(l).says
              }}</span>
            </span>
            <span v-if="!l.what || saidBefore(l).length" class="small shrink-0">{{
              l.what ? 'put right' : 'taken back'
            }}</span>
          </button>
          <div v-if="open === l.id" class="pb-3 pl-14" data-open>
            <LazyPhotoShown
              v-if="l.what?.kind === 'photo'"
              large
              :dog-id="file.id"
              :photo="l.id"
              :alt="altOf(l.what)"
            />
            <p v-for="(b, i) in saidBefore(l)" :key="i" class="small">
              It said: {{ b.what.toLowerCase() }}, {{ b.says }}
            </p>
            <CorrectCheck
              v-if="l.what?.kind === 'check'"
              :key="JSON.stringify(l.what)"
              :entry="{ id: l.id, day: l.day, what: l.what }"
              @done="open = null"
            />
            <button v-if="l.what" class="act act-plain mt-2 !min-h-11" @click="takeBack(l)">
              Take it back
            </button>
            <button v-else class="act act-plain mt-2 !min-h-11" @click="bringBack(l)">Bring it back</button>
          </div>
        </li>
      </ul>
    </section>
    <button v-if="byDay.length > many" class="act act-plain mt-5 w-full" @click="many += DAYS_AT_ONCE">
      Earlier days
    </button>
  </div>
</template>
