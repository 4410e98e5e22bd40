<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { COAT_IDS, COATS } from '#core/coat/coat-types'
import type { CoatId } from '#core/coat/coat-types'
import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { MAX_KG, MIN_KG } from '#core/coat/size'
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { effectOf, inWeeks, kilograms, usualBody } from '~/composables/setup'
import type { Answers } from '~/composables/setup'

definePageMeta({ middleware: 'signed-in' })
const router = useRouter()
const store = useMe()
const today = localDay()
const STORE = 'setup'
const a = reactive<Answers>(freshAnswers())
const at = ref(0)
onMounted(() => {
  const kept = localStorage.getItem(STORE)
  if (kept) Object.assign(a, JSON.parse(kept))
})
watch(a, (now) => localStorage.setItem(STORE, JSON.stringify(now)))

const name = computed(() => a.name.trim() || 'your dog')
const she = computed(() =>
  a.sex === 'female' ? { s: 'she', o: 'her', p: 'her' } : { s: 'he', o: 'him', p: 'his' },
)
const kg = computed(() => kilograms(a))
const effect = computed(() => effectOf(a))

const QUESTIONS = [
  'name',
  'coat',
  'weight',
  'born',
  'last',
  'length',
  'next',
  'gear',
  'minutes',
  'hard',
  'groomer',
] as const
const question = computed(() => QUESTIONS[at.value]!)
const asks = computed(
  () =>
    ({
      name: ['What is your dog called?', 'The name the groomer knows.'],
      coat: [
        `Which is most like ${name.value}?`,
        `Part the hair on ${she.value.p} side and look. The coat decides, not the breed.`,
      ],
      weight: [`How heavy is ${name.value}?`, 'It says how much coat there is.'],
      born: [
        `When was ${name.value} born?`,
        'A puppy’s coat knots worst while it changes. Leave it if you do not know.',
      ],
      last: [
        'When was the last visit to a groomer?',
        'The stretch is counted from that day. Leave it if there was none.',
      ],
      length: [
        'How long was the coat left on the body?',
        `Longer hair knots sooner. The rest of ${she.value.o} follows as is usual for the coat.`,
      ],
      next: ['When is the next visit?', 'The stretch runs to that day. Leave it if none is booked.'],
      gear: [`What does ${name.value} wear?`, 'Coats knot where something rubs.'],
      minutes: ['How many minutes have you, and when?', 'What you can keep up, not your best week.'],
      hard: [
        `Where does ${name.value} mind being touched?`,
        'Those places come late, and go to the groomer with the note.',
      ],
      groomer: ['Who is the groomer?', 'The note is written to them. You can leave this for later.'],
    })[question.value],
)
const HARD: PlaceId[] = [
  'forefoot',
  'hindfoot',
  'armpit',
  'inner-thigh',
  'tail',
  'under-tail',
  'ear',
  'beard',
  'fringe',
  'belly',
]

const refusal = computed(() => {
  switch (question.value) {
    case 'name':
      return a.name.trim() ? '' : 'empty'
    case 'coat':
      return a.coat ? '' : 'empty'
    case 'weight':
      if (!a.kg) return 'empty'
      if (kg.value === null) return 'Give the weight as a number.'
      if (kg.value < MIN_KG) return `A dog weighs at least ${MIN_KG} kg.`
      if (kg.value > MAX_KG) return `A dog weighs at most ${MAX_KG} kg. Was that pounds?`
      return ''
    case 'last':
      return a.lastVisit > today ? 'That day has not come yet.' : ''
    case 'next':
      if (a.nextVisit && a.nextVisit < today) return 'That day has gone.'
      return a.nextVisit && a.nextVisit <= a.lastVisit ? 'The next visit comes before the last.' : ''
    default:
      return ''
  }
})
/** A coat comes with its usual length, until the owner says otherwise. */
function pickCoat(id: CoatId) {
  a.coat = id
  a.bodyMm = usualBody(id)
  guide.value = false
}

const busy = ref(false)
const problem = ref('')
async function next() {
  if (refusal.value) return
  if (at.value < QUESTIONS.length - 1) {
    at.value += 1
    return
  }
  busy.value = true
  problem.value = ''
  try {
    const dog = dogFrom(a, today)
    await api('/api/dogs', { method: 'POST', body: dog })
    localStorage.removeItem(STORE)
    await store.load()
    await router.push(`/dogs/${dog.id}`)
  } catch (error) {
    problem.value = inWords(error)
    busy.value = false
  }
}
const back = () => (at.value ? (at.value -= 1) : router.back())
const label = computed(() => {
  if (at.value === QUESTIONS.length - 1) return 'Make the plan'
  if (question.value === 'coat' && a.coat) return COATS[a.coat].label
  if (question.value === 'minutes') return `${effect.value?.has ?? 0} minutes a week`
  if (question.value === 'length') return `${a.bodyMm} mm`
  return 'Next'
})

/** For an owner who does not know: four questions a hand can answer. */
const guide = ref(false)
const GUIDE = [
  ['Short all over, no soft wool under it', 'smooth'],
  ['Short, with dense wool under it; sheds hard', 'double-short'],
  ['Long over dense wool; sheds by season', 'double-long'],
  ['Short body, long ears, chest, legs and tail', 'feathered'],
  ['Harsh to the hand, soft on legs and face', 'wire'],
  ['Long, silky, straight, one layer', 'drop'],
  ['Tight curls, keeps growing, hardly sheds', 'wool'],
  ['Waves or mixed curls, keeps growing', 'wool-cross'],
] as const
const toggle = (p: PlaceId) => (a.hard = a.hard.includes(p) ? a.hard.filter((x) => x !== p) : [...a.hard, p])
const rows = computed(() => {
  const mm = a.bodyMm
  const lengths = [
    ...new Set([mm, Math.round(mm * 0.8), Math.round(mm * 0.65), Math.round(mm * 0.5)]),
  ].filter((x) => x >= 5)
  return lengths.map((l) => ({ mm: l, ...effectOf(a, l)! }))
})
useHead({ title: 'Your dog · Grumbo' })
</script>

<template>
  <main class="mx-auto flex min-h-dvh max-w-[480px] flex-col px-4 pt-2 desk:pt-8">
    <div class="flex min-h-12 items-center justify-between">
      <button class="flex min-h-12 items-center gap-2 pr-4 font-semibold" @click="back">
        <svg
          width="22"
          height="22"
          viewBox="0 0 24 24"
          fill="none"
          stroke="currentColor"
          stroke-width="2"
          stroke-linecap="round"
          aria-hidden="true"
        >
          <path d="M14.500 5L8 12l6.500 7" /></svg
        >Back
      </button>
      <span class="text-ink-2">question {{ at + 1 }} of {{ QUESTIONS.length }}</span>
    </div>
    <CombProgress :step="at + 1" :of="QUESTIONS.length" class="mt-1" />
    <form class="flex flex-1 flex-col" @submit.prevent="next">
      <h1 class="mt-4 break-words">{{ asks[0] }}</h1>
      <p class="why mt-1">{{ asks[1] }}</p>
      <div class="mt-4 flex-1">
        <template v-if="question === 'name'">
          <label class="block"
            ><span class="small">Name</span
            ><input
              v-model="a.name"
              class="field !text-[22px]"
              maxlength="40"
              name="dog"
              autocomplete="off"
              required
          /></label>
          <ChoiceRow
            v-model="a.sex"
            class="mt-6"
            label="She or he"
            :choices="[
              { value: 'female', words: 'she' },
              { value: 'male', words: 'he' },
            ]"
          />
        </template>

        <template v-else-if="question === 'coat'">
          <ul v-if="guide" class="border-t border-rule">
            <li v-for="[words, id] in GUIDE" :key="id" class="border-b border-rule">
              <button
                type="button"
                class="flex min-h-12 w-full items-center justify-between gap-3 text-left"
                @click="pickCoat(id)"
              >
                {{ words }}
              </button>
            </li>
          </ul>
          <RadioGroup
            v-else
            :model-value="a.coat ?? undefined"
            class="grid grid-cols-2 gap-x-4"
            @update:model-value="pickCoat"
          >
            <RadioGroupLabel class="sr-only">Coat type</RadioGroupLabel>
            <RadioGroupOption v-for="id in COAT_IDS" :key="id" v-slot="{ checked }" :value="id" as="template">
              <div
                class="cursor-pointer border-t pt-2 pb-2"
                :class="
                  checked
                    ? 'border-b-[4px] border-t-rule border-b-due'
                    : 'border-b-[4px] border-rule border-b-transparent'
                "
                :data-coat="id"
              >
                <CoatPatch :coat="id" />
                <b class="mt-1 block font-semibold" :class="checked ? 'text-due' : ''">{{
                  COATS[id].label
                }}</b>
                <i class="why block text-[14.5px]">{{ COATS[id].tell }}</i>
              </div>
            </RadioGroupOption>
          </RadioGroup>
        </template>

        <div v-else-if="question === 'weight'" class="flex items-end gap-3">
          <label class="flex-1"
            ><span class="small">Weight</span
            ><input
              v-model="a.kg"
              class="field !text-[22px]"
              inputmode="decimal"
              name="weight"
              autocomplete="off"
          /></label>
          <ChoiceRow
            v-model="a.unit"
            class="w-32"
            label="Unit"
            :choices="[
              { value: 'kg', words: 'kg' },
              { value: 'lb', words: 'lb' },
            ]"
          />
        </div>

        <label v-else-if="question === 'born'" class="block"
          ><span class="small">Month of birth</span
          ><input v-model="a.born" class="field" type="month" name="born" :max="today.slice(0, 7)"
        /></label>

        <template v-else-if="question === 'last'">
          <label class="block"
            ><span class="small">Day of the last visit</span
            ><input v-model="a.lastVisit" class="field" type="date" name="last" :max="today"
          /></label>
          <div class="mt-3 flex flex-wrap gap-2">
            <button
              v-for="w in [1, 2, 4, 6, 8]"
              :key="w"
              type="button"
              class="act act-plain !min-h-12"
              @click="a.lastVisit = inWeeks(today, -w)"
            >
              {{ w === 1 ? 'a week' : `${w} weeks` }} ago
            </button>
          </div>
        </template>

        <template v-else-if="question === 'length'">
          <p class="figure text-[40px]">
            {{ a.bodyMm }} mm <span class="small font-sans">{{ (a.bodyMm / 25.4).toFixed(1) }} inch</span>
          </p>
          <input
            v-model.number="a.bodyMm"
            type="range"
            min="3"
            max="120"
            class="mt-2 h-12 w-full accent-[var(--due)]"
            aria-label="Length on the body, millimetres"
            name="length"
          />
          <div class="mt-1 flex flex-wrap gap-2">
            <button
              v-for="mm in [6, 10, 13, 20, 25, 40]"
              :key="mm"
              type="button"
              class="act act-plain !min-h-12 !px-4"
              @click="a.bodyMm = mm"
            >
              {{ mm }}
            </button>
          </div>
        </template>

        <template v-else-if="question === 'next'">
          <label class="block"
            ><span class="small">Day of the next visit</span
            ><input v-model="a.nextVisit" class="field" type="date" name="next" :min="today"
          /></label>
          <div class="mt-3 flex flex-wrap gap-2">
            <button
              v-for="w in [4, 6, 8, 12]"
              :key="w"
              type="button"
              class="act act-plain !min-h-12"
              @click="
                a.nextVisit = inWeeks(a.lastVisit && inWeeks(a.lastVisit, w) > today ? a.lastVisit : today, w)
              "
            >
              {{ w }} weeks{{ a.lastVisit && inWeeks(a.lastVisit, w) > today ? ' on' : '' }}
            </button>
          </div>
        </template>

        <template v-else-if="question === 'gear'">
          <p class="small">Harness, hours a day</p>
          <ChoiceRow
            v-model="a.harnessHours"
            label="Harness, hours a day"
            :choices="[0, 1, 2, 4, 8].map((h) => ({ value: h, words: h ? String(h) : 'none' }))"
          />
          <label class="mt-6 flex min-h-14 items-center gap-3"
            ><input
              v-model="a.collarAllDay"
              type="checkbox"
              class="size-6 accent-[var(--due)]"
              name="collar"
            />A collar stays on all day</label
          >
        </template>

        <MinutesWeek v-else-if="question === 'minutes'" v-model="a.minutes" />

        <div v-else-if="question === 'hard'" class="grid grid-cols-2 gap-x-4">
          <button
            v-for="p in HARD"
            :key="p"
            type="button"
            :aria-pressed="a.hard.includes(p)"
            class="flex min-h-14 items-center gap-2 border-b border-rule text-left"
            :class="a.hard.includes(p) ? 'font-bold' : 'text-ink-2'"
            @click="toggle(p)"
          >
            <FindingMark :finding="a.hard.includes(p) ? 'refused' : 'glides'" :size="24" />{{
              placeRow(p).plural
            }}
          </button>
        </div>

        <template v-else>
          <label class="block"
            ><span class="small">Groomer’s name</span
            ><input v-model="a.groomer" class="field" maxlength="40" name="groomer" autocomplete="off"
          /></label>
          <label class="mt-5 block"
            ><span class="small">What you would like of them</span
            ><input
              v-model="a.wish"
              class="field"
              maxlength="200"
              name="wish"
              autocomplete="off"
              placeholder="Body at 13 mm, short behind the ears"
          /></label>
          <p class="mt-6 flex gap-2 font-semibold text-caution"><CautionMark class="shrink-0" />{{ LAW }}</p>
        </template>
        <p v-if="refusal && refusal !== 'empty'" class="refusal mt-3" role="alert">{{ refusal }}</p>
        <p v-if="problem" class="refusal mt-3" role="alert">{{ problem }}</p>
      </div>

      <div class="sticky bottom-0 -mx-4 mt-4 border-t border-ink bg-paper px-4 pt-3 pb-4">
        <p
          v-if="effect && a.coat"
          class="font-serif text-[19px] leading-snug font-medium"
          aria-live="polite"
          data-effect
        >
          <template v-if="at >= 8">
            At {{ a.bodyMm }} mm this coat wants about {{ effect.wants }} minutes a week; you have
            {{ effect.has }}.
            <span v-if="effect.fits" class="text-due">That fits.</span>
            <span v-else-if="effect.shorter" class="text-due">{{ effect.shorter }} mm would fit.</span>
            <span v-else class="text-due">No length fits: more minutes, or visits closer together.</span>
          </template>
          <template v-else>
            {{ COATS[a.coat].label }} at {{ a.bodyMm }} mm, {{ kg && !refusal ? `${kg} kg` : 'at 12 kg' }}:
            <span class="text-due">about {{ effect.wants }} minutes a week.</span>
          </template>
        </p>
        <div v-if="question === 'minutes'" class="mt-2" aria-hidden="true">
          <div v-for="r in rows" :key="r.mm" class="flex items-center gap-2 text-[14px]">
            <span class="w-14" :class="r.mm === a.bodyMm ? 'font-bold' : 'text-ink-2'">{{ r.mm }} mm</span>
            <svg class="h-[18px] flex-1" viewBox="0 0 200 18" preserveAspectRatio="none">
              <path
                v-for="n in Math.min(66, r.wants)"
                :key="n"
                :d="`M${n * 3} 2v14`"
                :stroke="n > r.has ? 'var(--due)' : 'var(--ink)'"
                stroke-width="1.500"
              />
              <path
                v-if="r.has < 66"
                :d="`M${r.has * 3 + 1.5} 0v18`"
                stroke="var(--edge)"
                stroke-width="2.500"
              />
            </svg>
            <span class="w-16" :class="r.fits ? '' : 'font-bold text-due'">{{
              r.fits ? 'fits' : `+${r.wants - r.has}`
            }}</span>
          </div>
          <p class="small">one stroke a minute; the upright is the {{ effect?.has }} you have</p>
        </div>
        <div class="mt-2 flex gap-3">
          <button
            v-if="question === 'coat'"
            type="button"
            class="act act-plain flex-1"
            @click="guide = !guide"
          >
            {{ guide ? 'Look again' : 'I cannot tell' }}
          </button>
          <button class="act act-filled flex-[1.6] text-[17px]" :disabled="busy || !!refusal">
            {{ label }}
          </button>
        </div>
      </div>
    </form>
  </main>
</template>
