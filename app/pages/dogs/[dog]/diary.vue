<script setup lang="ts">
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { history } from '#core/record/history'
import type { DiaryLine } from '#core/record/history'
import { sayDay } from '#core/record/say-day'
import { foldSittings } from '#core/record/sittings'
import { DIARY_KINDS, placesOfFact, sayFact } from '~/words/diary'
import type { DiaryKind } from '~/words/diary'
import { capital, plural } from '~/words/numbers'

/** Everything recorded, by day and by place; each entry can be put right or taken back. */
const { file, today } = useDog()
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
const narrowed = computed(() => kind.value !== 'all' || place.value !== 'all' || !!search.value.trim())
const byDay = computed(() => {
  const days = new Map<string, DiaryLine[]>()
  for (const l of matching.value) days.set(l.day, [...(days.get(l.day) ?? []), l])
  // Looked for by itself a check is not folded away with its sitting.
  return [...days].map(([day, list]) => [day, narrowed.value ? list : foldSittings(list)] as const)
})

const open = ref<string | null>(null)
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
      <PickOne
        v-model="kind"
        class="flex-1 desk:w-52 desk:flex-none"
        label="What"
        name="kind"
        :options="[
          { value: 'all', words: 'everything' },
          ...KINDS.map(([value, k]) => ({ value, words: k.label.toLowerCase() })),
        ]"
      />
      <PickOne
        v-model="place"
        class="flex-1 desk:w-52 desk:flex-none"
        label="Where"
        name="place"
        :options="[
          { value: 'all', words: 'anywhere' },
          ...PLACE_IDS.map((value) => ({ value, words: placeRow(value).plural.toLowerCase() })),
        ]"
      />
    </form>
    <section v-for="[day, list] in byDay.slice(0, many)" :key="day" class="mt-5">
      <h2 class="border-b border-ink pb-1">{{ capital(sayDay(day, today)) }}</h2>
      <ul>
        <template v-for="l in list" :key="l.id">
          <DiarySitting v-if="'checks' in l" v-model:open="open" :sitting="l" />
          <DiaryEntry v-else v-model:open="open" :line="l" />
        </template>
      </ul>
    </section>
    <ActButton v-if="byDay.length > many" class="mt-5 w-full" @click="many += DAYS_AT_ONCE">
      Earlier days
    </ActButton>
  </div>
</template>
