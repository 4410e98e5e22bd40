<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { BLADES } from '#core/care/tidies/blades'
import { lengthProblem } from '#core/care/tidies/even-up'
import type { VisitEntry } from '#core/care/note/next-visit'
import { VISIT_DID } from '#core/record/visit-did'
import { endsStretch } from '#core/record/visits'
import type { VisitDid } from '#core/record/visit-did'
import { PART_IDS, regionOf, REGIONS } from '#core/coat/regions'
import type { PartId, PlaceId, RegionId } from '#core/coat/regions'
import type { Entry } from '#core/record/entries'
import { COMFORT_IDS, KEYED_FINDINGS } from '#core/record/findings'
import type { Comfort, Finding } from '#core/record/findings'
import { SETTINGS, TAUGHT } from '#core/record/habits'
import type { Setting } from '#core/record/habits'
import type { DogRecord } from '#core/record/fold'
import { buildOf } from '#drawing/build-of'
import { MOST_NOTE } from '#shared/limits'
import { everShown } from '#core/care/tidies/may'
import type { MeansId } from '#core/record/means'
import { CUT_IDS } from '#core/record/tidies'
import type { CutId } from '#core/record/tidies'
import { SETTING_WORDS } from '~/words/care'
import { capital, plural } from '~/words/numbers'
import { saySuggestion } from '~/words/visit'
import { PART_WORDS } from '#core/coat/part-words'

/**
 * A visit, entered on the map: lengths for the whole body in one go, what was found where, what was
 * done, and what is said for home. By the groomer, or by the owner from a slip.
 */
const props = defineProps<{
  record: DogRecord
  today: string
  /** Who did it; null when it is to be asked. */
  by: string | null
  /** Whether a word to the owner goes along. */
  note?: boolean
  busy: boolean
  problem: string
}>()
export interface VisitEntered {
  visit: VisitEntry
  advice: Entry[]
  note?: { id: string; body: string }
}
const emit = defineEmits<{ enter: [entered: VisitEntered] }>()
const profile = computed(() => props.record.profile)
const places = computed(() => REGIONS.filter((r) => !profile.value.absent.includes(r.id)))

const day = ref(props.today)
const who = ref(props.by ?? profile.value.groomer ?? '')
/** Lengths as typed, mm; a blade fills one in. */
const all = ref('')
const parts = reactive<Record<PartId, string>>({ body: '', legs: '', head: '', ears: '', tail: '' })
const blade = ref('')
watch(blade, (id) => {
  const mm = BLADES.find((b) => b.id === id)?.mm
  if (mm !== undefined) all.value = String(mm)
})

interface Marked {
  finding: Finding
  count: number
  mm: string
  says: string
}
const marks = reactive(new Map<RegionId, Marked>())
const picked = ref<RegionId | null>(null)
const mark = computed(() => (picked.value && marks.get(picked.value)) || null)
function find(finding: Finding) {
  const id = picked.value
  if (!id) return
  marks.set(id, { count: 1, mm: '', says: '', ...marks.get(id), finding })
}
const COUNTED: readonly Finding[] = ['snag', 'knot', 'mat']
const DRAWN: Record<Finding, number> = { glides: 0, rasps: 1, snag: 2, knot: 3, mat: 4, felt: 4, refused: 1 }
const shades = computed(() =>
  Object.fromEntries(places.value.map((r) => [r.id, DRAWN[marks.get(r.id)?.finding ?? 'glides']])),
)
const listed = computed(() =>
  [...marks].map(([id, m]) => ({
    id,
    ...m,
    says: [
      m.finding === 'glides' ? '' : COUNTED.includes(m.finding) ? plural(m.count, m.finding) : m.finding,
      m.mm.trim() ? `${m.mm} mm` : '',
      m.says.trim(),
    ]
      .filter(Boolean)
      .join('; '),
  })),
)

const did = ref<VisitDid[]>([])
/** Whether the whole coat was seen to, or only what is ticked. */
const scope = ref<'all' | 'some'>('all')
const some = computed(() => scope.value === 'some' && did.value.length > 0)
const comfort = ref<Comfort>()
const setting = ref<Setting | ''>('')
const shown = ref<Partial<Record<CutId, MeansId[]>>>({})
const mats = ref(false)
const general = ref('')
const word = ref('')

const lengths = computed(() => {
  const given: Partial<Record<PartId, number>> = {}
  for (const p of PART_IDS) {
    const typed = parts[p].trim() || all.value.trim()
    if (typed) given[p] = Number(typed)
  }
  return given
})
const except = computed(() => {
  const by = new Map<PlaceId, number>()
  for (const [id, m] of marks) if (m.mm.trim()) by.set(regionOf(id).place, Number(m.mm))
  return [...by].map(([place, mm]) => ({ place, mm }))
})
const wrong = computed(() => {
  if (!who.value.trim()) return 'Say whose visit it was.'
  if (!day.value || day.value > props.today) return 'A visit is of today or earlier.'
  for (const mm of [...Object.values(lengths.value), ...except.value.map((e) => e.mm)]) {
    const problem = lengthProblem(mm)
    if (problem) return problem
  }
  return ''
})

const visitId = uuid()
const visit = computed<VisitEntry>(() => ({
  id: visitId,
  day: day.value,
  what: {
    kind: 'visit',
    lengths: lengths.value,
    // Who goes over the whole coat tells of every place: what was not marked combed through.
    found: places.value.flatMap(({ id }) => {
      if (some.value && !marks.has(id)) return []
      const m = marks.get(id)
      return m && COUNTED.includes(m.finding)
        ? [{ region: id, finding: m.finding, count: m.count }]
        : [{ region: id, finding: m?.finding ?? ('glides' as const) }]
    }),
    by: who.value.trim(),
    ...(except.value.length ? { except: except.value } : {}),
    ...(did.value.length ? { did: VISIT_DID.filter((d) => did.value.includes(d)) } : {}),
    ...(some.value ? { only: true as const } : {}),
    ...(comfort.value ? { comfort: comfort.value } : {}),
    ...(setting.value
      ? {
          allows: {
            setting: setting.value,
            taught: setting.value === 'taught' ? TAUGHT.filter((t) => everShown(t, shown.value)) : [],
            ...(setting.value === 'taught' ? { may: withEach(shown.value) } : {}),
            mats: mats.value,
          },
        }
      : {}),
  },
}))
const { suggestion, latest } = useSuggestion(
  () => props.record,
  computed(() => (wrong.value ? null : visit.value)),
)
const next = ref('')
const nextShown = computed({
  get: () => next.value || (suggestion.value?.day ?? ''),
  set: (d: string) => (next.value = d),
})
const why = computed(() => (suggestion.value && !next.value ? saySuggestion(suggestion.value) : ''))

const entering = ref(false)
async function enter() {
  if (wrong.value || entering.value) return
  entering.value = true
  // What goes along is of the visit as it is entered, not as it was a moment before.
  if (!next.value) await latest()
  entering.value = false
  const from = who.value.trim()
  const say = (says: string, place?: PlaceId): Entry => ({
    id: uuid(),
    day: day.value,
    what: { kind: 'advice', from, says, ...(place ? { place } : {}) },
  })
  const advice = [...marks].flatMap(([id, m]) =>
    m.says.trim() ? [say(m.says.trim(), regionOf(id).place)] : [],
  )
  if (general.value.trim()) advice.push(say(general.value.trim()))
  const suggests = nextShown.value > day.value ? { day: nextShown.value, why: why.value } : undefined
  emit('enter', {
    visit: { ...visit.value, what: { ...visit.value.what, ...(suggests ? { suggests } : {}) } },
    advice,
    ...(word.value.trim() ? { note: { id: uuid(), body: word.value.trim() } } : {}),
  })
}
/** A tidy that nothing was shown of is left to cloth and comb. */
const withEach = (of: Partial<Record<CutId, MeansId[]>>) =>
  Object.fromEntries(CUT_IDS.map((id) => [id, of[id] ?? []]))
const SETTING_SAYS: Record<Setting, string> = {
  comb: 'cloth and comb only',
  scissors: 'comb and blunt tips',
  taught: 'what I showed',
}
</script>

<template>
  <form class="desk:grid desk:grid-cols-2 desk:gap-12" @submit.prevent="enter">
    <section aria-label="What was found">
      <p class="why">
        Press a place where something was found, the length differs, or there is something to do at home. All
        the others combed through.
      </p>
      <CoatMap
        v-model:picked="picked"
        class="mt-3"
        compact
        :build="buildOf(profile.coat)"
        :shades="shades"
        :say="(id: RegionId) => marks.get(id)?.finding ?? 'combed through'"
      />
      <div v-if="picked" class="mt-2 border-t border-ink pt-2" data-place>
        <h2>{{ regionOf(picked).label }}</h2>
        <div class="mt-1 grid grid-cols-3 gap-1">
          <button
            v-for="f in KEYED_FINDINGS"
            :key="f"
            type="button"
            class="flex min-h-14 items-center justify-center gap-2 border"
            :class="mark?.finding === f ? 'border-ink font-bold' : 'border-rule'"
            :aria-pressed="mark?.finding === f"
            @click="find(f)"
          >
            <FindingMark :finding="f" :size="24" />{{ f }}
          </button>
        </div>
        <template v-if="mark">
          <KnotCount
            v-if="COUNTED.includes(mark.finding)"
            v-model="mark.count"
            :label="`How many ${mark.finding}s`"
          />
          <FormField
            v-model="mark.mm"
            class="mt-2 border-b border-rule"
            row
            label="Left at another length"
            unit="mm"
            name="place-mm"
            inputmode="decimal"
          />
          <FormField
            v-model="mark.says"
            class="mt-2"
            label="For home, at this place"
            name="place-advice"
            maxlength="200"
            autocomplete="off"
          />
        </template>
        <ActButton class="mt-3 w-full" @click="picked = null">Next place</ActButton>
      </div>
      <ul v-if="listed.length" class="mt-3 border-t border-rule" aria-label="Marked">
        <li
          v-for="m in listed"
          :key="m.id"
          class="flex min-h-11 items-center gap-3 border-b border-rule"
          data-marked
        >
          <FindingMark :finding="m.finding" :size="24" />
          <button type="button" class="min-h-11 min-w-0 flex-1 truncate text-left" @click="picked = m.id">
            <b class="font-semibold">{{ regionOf(m.id).label }}</b> {{ m.says }}
          </button>
          <ActButton
            kind="quiet"
            :aria-label="`Take off: ${regionOf(m.id).label}`"
            @click="marks.delete(m.id)"
          >
            Take off
          </ActButton>
        </li>
      </ul>
    </section>

    <section aria-label="What was done" class="mt-5 desk:mt-0">
      <FormField
        v-if="by === null"
        v-model="who"
        label="Whose visit"
        name="by"
        maxlength="40"
        autocomplete="off"
      />
      <label class="mt-2 flex items-center gap-3 border-b border-rule">
        <span class="flex-1">Day</span>
        <input v-model="day" type="date" name="day" :max="today" class="h-12 bg-transparent" />
      </label>
      <FormField
        v-model="all"
        class="border-b border-rule font-semibold"
        row
        label="All of it left at"
        unit="mm"
        name="all"
        inputmode="decimal"
      />
      <PickOne
        v-model="blade"
        class="border-b border-rule"
        row
        label="or by the blade"
        name="blade"
        :options="[
          { value: '', words: 'none' },
          ...BLADES.map((b) => ({ value: b.id, words: `${b.id}, ${b.mm} mm` })),
        ]"
      />
      <details class="border-b border-rule">
        <ActButton kind="quiet" tag="summary" class="cursor-pointer">Not the same everywhere</ActButton>
        <FormField
          v-for="p in PART_IDS"
          :key="p"
          v-model="parts[p]"
          class="border-t border-rule"
          row
          :label="capital(PART_WORDS[p])"
          unit="mm"
          :name="`part-${p}`"
          inputmode="decimal"
          :placeholder="all"
        />
      </details>
      <VisitDidTicks v-model:did="did" v-model:scope="scope" class="mt-3">
        <i v-if="some && !endsStretch(visit.what)" class="why text-side"
          >The coat was neither combed nor cut: the stretch goes on.</i
        >
      </VisitDidTicks>
      <p class="small mt-3">How {{ profile.name }} was</p>
      <ChoiceRow
        v-model="comfort"
        label="How the dog was"
        :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
      />
      <h2 class="mt-6 border-b border-ink pb-1">For home</h2>
      <PickOne
        v-model="setting"
        class="mt-2 border-b border-rule"
        row
        label="The owner may use"
        name="setting"
        :options="[
          { value: '', words: 'as before' },
          ...SETTINGS.map((s) => ({ value: s, words: SETTING_SAYS[s] })),
        ]"
      />
      <p v-if="setting" class="small mt-1">{{ SETTING_WORDS[setting].means }}</p>
      <template v-if="setting === 'taught'">
        <ShownTools v-model="shown" />
      </template>
      <label v-if="setting" class="flex min-h-11 items-center gap-2">
        <input v-model="mats" type="checkbox" name="mats" class="size-5 accent-ink" />may try a single mat for
        a few minutes, as shown
      </label>
      <FormField
        v-model="general"
        class="mt-2"
        label="Anything else to do at home"
        name="advice"
        maxlength="200"
        autocomplete="off"
      />
      <label v-if="note" class="mt-3 block">
        <span class="small">A word to the owner</span>
        <textarea
          v-model="word"
          name="word"
          rows="3"
          :maxlength="MOST_NOTE"
          class="w-full rounded border border-rule bg-coat p-3 font-serif text-lead"
        />
      </label>
      <label class="mt-3 flex items-center gap-3 border-b border-rule">
        <span class="flex-1 font-semibold">Next visit</span>
        <input v-model="nextShown" type="date" name="next" :min="day" class="h-12 bg-transparent" />
      </label>
      <p v-if="why" class="why mt-1">{{ why }}</p>
      <NoticeLine v-if="wrong || problem" class="mt-3">{{ wrong || problem }}</NoticeLine>
      <ActButton
        kind="filled"
        type="submit"
        class="mt-4 w-full text-lead"
        :disabled="busy || entering || !!wrong"
      >
        Enter the visit
      </ActButton>
    </section>
  </form>
</template>
