<script setup lang="ts">
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { COATS } from '#core/coat/coat-types'
import { coatOn } from '#core/record/fold'
import { shadeHere } from '#core/record/unmet'
import { buildOf } from '#drawing/build-of'
import { asItIs } from '~/offline/shown'

definePageMeta({ middleware: 'signed-in' })
const route = useRoute()
const router = useRouter()
const store = useMe()
const record = useRecord()
const today = useToday()
const dogId = computed(() => String(route.params.dog))
watch(dogId, (id) => record.open(id), { immediate: true })

const file = computed(() => asItIs(record.file!))
const coat = computed(() => coatOn(file.value, today.value))
const atTable = computed(() => route.path.endsWith('/table'))
/** The stretch has the lead at its full size. */
const onStretch = computed(() => route.path.endsWith('/stretch'))
const planning = usePlan(
  computed(() => record.file && file.value),
  today,
  atTable,
)
const stretch = computed(() => stretchOf(file.value, coat.value, today.value, planning.plan.value))
provide(dogKey, { file, today, coat, planning, stretch })
const now = computed(() => coat.value.state())
const shades = computed(() =>
  Object.fromEntries(
    Object.values(now.value.regions).map((s) => [
      s.id.replace('.left', ''),
      shadeHere(s, file.value.profile),
    ]),
  ),
)
const others = computed(() => store.me?.dogs.filter((d) => d.id !== dogId.value) ?? [])
const SECTIONS = [
  { path: '', label: 'Today', key: 't' },
  { path: '/stretch', label: 'Stretch', key: 's' },
  { path: '/table', label: 'Table', key: 'b' },
  { path: '/bath', label: 'Bath', key: 'a' },
  { path: '/tidies', label: 'Tidies', key: 'y' },
  { path: '/diary', label: 'Diary', key: 'd' },
  { path: '/handling', label: 'Handling', key: 'h' },
  { path: '/progress', label: 'Progress', key: 'p' },
  { path: '/what-if', label: 'What if', key: 'i' },
  { path: '/groomer', label: 'Groomer', key: 'w' },
]
/** On a phone the rest stands behind More. */
const AT_HAND = ['', '/stretch', '/table', '/groomer']
const atHand = SECTIONS.filter((s) => AT_HAND.includes(s.path))
const behind = SECTIONS.filter((s) => !AT_HAND.includes(s.path))
const sectionOf = (path: string) => path.replace(/^\/dogs\/[^/]+/, '')
/** Pages that are come to from a section stand under it. */
const UNDER: Record<string, string> = { '/wish': '/groomer', '/visit': '/groomer', '/card': '/groomer' }
const sectionHere = computed(() => UNDER[sectionOf(route.path)] ?? sectionOf(route.path))
const to = (dog: string, section: string) => `/dogs/${dog}${section}`
const bodyMm = computed(() =>
  Math.round(now.value.regions['side.left']?.mm ?? now.value.regions.back?.mm ?? 0),
)
useHead({ title: computed(() => (record.file ? `${record.file.profile.name} · Grumbo` : 'Grumbo')) })

/** A band that a tidy put on and nobody took off: its words are fetched only then. */
const banded = ref(false)
watch(
  () => route.fullPath,
  () => (banded.value = bandOn()),
  { immediate: true },
)

/** A letter after G within this is a section's, ms (judgement). */
const ARMED_MS = 1_200
/** G then a letter goes to a section; ? tells the keys. */
const keysShown = ref(false)
const {
  isPending: armed,
  start: arm,
  stop: disarm,
} = useTimeoutFn(() => undefined, ARMED_MS, { immediate: false })
function onKey(event: KeyboardEvent) {
  if (event.target instanceof HTMLElement && event.target.closest('input, textarea, select')) return
  if (event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === '?') keysShown.value = !keysShown.value
  else if (event.key === 'Escape') keysShown.value = false
  else if (event.key.toLowerCase() === 'g') {
    arm()
  } else if (armed.value) {
    const section = SECTIONS.find((s) => s.key === event.key.toLowerCase())
    disarm()
    if (!section) return
    event.stopImmediatePropagation()
    void router.push(to(dogId.value, section.path))
  }
}
useEventListener('keydown', onKey, { capture: true })
</script>

<template>
  <LazyDogNotHere
    v-if="record.state === 'missing' || (record.state === 'no-answer' && !record.file)"
    :dog-id="dogId"
  />
  <div v-else-if="!record.file" class="mx-auto max-w-[1280px] px-4 pt-24 desk:px-10" role="status">
    <p class="why">Reading the diary</p>
    <div class="mt-3 border-t border-rule" />
  </div>
  <div v-else-if="atTable">
    <NotKept />
    <NuxtPage />
  </div>
  <div v-else class="mx-auto flex min-h-dvh max-w-[1280px] flex-col pb-[76px] desk:pb-6">
    <a href="#main" class="sr-only focus:not-sr-only focus:absolute focus:p-3">To the page</a>
    <header class="frame px-4 pt-2 desk:px-10">
      <div class="flex items-center gap-3">
        <NuxtLink
          :to="to(dogId, '')"
          class="w-[52px] shrink-0 desk:w-[68px]"
          :aria-label="`${file.profile.name}, today`"
        >
          <DogDrawing :sheet="buildOf(file.profile.coat)" :states="shades" :detail="3.6" />
        </NuxtLink>
        <div class="min-w-0 flex-1">
          <p class="truncate font-serif text-title leading-tight font-medium desk:text-show">
            {{ file.profile.name }}
          </p>
          <NuxtLink :to="to(dogId, '/about')" class="small block truncate py-1 underline">
            {{ file.profile.weightKg }} kg, {{ COATS[file.profile.coat].label.toLowerCase() }},
            {{ bodyMm }} mm
          </NuxtLink>
        </div>
        <nav aria-label="Sections" class="ml-auto hidden shrink-0 items-center desk:flex">
          <NuxtLink
            v-for="s in SECTIONS"
            :key="s.path"
            :to="to(dogId, s.path)"
            class="flex h-11 items-center px-2.5 whitespace-nowrap"
            :class="sectionHere === s.path ? 'border-b-[2.5px] border-due font-semibold' : 'text-ink-2'"
            :aria-current="sectionHere === s.path ? 'page' : undefined"
            >{{ s.label }}</NuxtLink
          >
          <span class="mx-2 h-5 w-px bg-rule" />
          <NuxtLink
            v-for="d in others.slice(0, 3)"
            :key="d.id"
            :to="to(d.id, sectionOf(route.path))"
            class="flex h-11 max-w-24 items-center px-2 text-ink-2"
            ><span class="truncate">{{ d.profile.name }}</span></NuxtLink
          >
          <NuxtLink to="/household" class="flex h-11 items-center px-2 text-ink-2">Household</NuxtLink>
        </nav>
        <NuxtLink
          v-if="others[0]"
          :to="to(others[0].id, sectionOf(route.path))"
          class="flex min-h-11 max-w-28 items-center gap-2 text-ink-2 desk:hidden"
          :aria-label="`Switch to ${others[0].profile.name}`"
        >
          <span class="truncate">{{ others[0].profile.name }}</span>
        </NuxtLink>
      </div>
      <LeadMini v-if="!onStretch" v-bind="stretch" :today="today" class="mt-1" />
      <div v-else class="mt-2 border-t border-rule" />
      <NotKept />
      <LazyRecordNotices v-if="record.notices" :dog-id="dogId" />
    </header>
    <LazyBandWaits v-if="banded" class="mx-4 desk:mx-10" :within="String(route.query.at ?? '')" />
    <main id="main" class="flex-1 px-4 desk:px-10"><NuxtPage :key="dogId" /></main>
    <nav
      aria-label="Sections"
      class="fixed inset-x-0 bottom-0 z-10 flex h-[60px] border-t border-ink bg-paper px-2 desk:hidden"
    >
      <NuxtLink
        v-for="s in atHand"
        :key="s.path"
        :to="to(dogId, s.path)"
        class="-mt-px flex items-center border-t-3 px-2.5 text-lead"
        :class="sectionHere === s.path ? 'border-due font-semibold' : 'border-transparent text-ink-2'"
        :aria-current="sectionHere === s.path ? 'page' : undefined"
        >{{ s.label }}</NuxtLink
      >
      <LazyMoreSections
        :base="to(dogId, '')"
        :sections="behind"
        :here="behind.some((x) => x.path === sectionOf(route.path))"
      />
    </nav>
    <LazyKeyList v-if="keysShown" @close="keysShown = false" />
  </div>
</template>
