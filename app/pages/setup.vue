<script setup lang="ts">
import { useForm } from '@tanstack/vue-form'
import { LAW } from '#core/care/cautions'
import { COATS } from '#core/coat/coat-types'
import type { CoatId } from '#core/coat/coat-types'
import { answersFrom, dogFrom, effectOf, inWeeks, usualBody } from '~/offline/setup-answered'
import type { Answers } from '~/offline/setup-answered'
import { problemOf, wrongOf } from '~/offline/setup-wrong'
import { QUESTIONS, sayQuestion } from '~/words/setup'

definePageMeta({ middleware: 'signed-in' })
const router = useRouter()
const store = useMe()
const today = localDay()
const STORE = 'setup'
const kept = () => {
  try {
    return localStorage.getItem(STORE)
  } catch {
    return null
  }
}
const form = useForm({ defaultValues: answersFrom(kept()) })
const a = modelOf<Answers>(form as never)
/** What is wrong is said as it is written, and of what was kept here too. */
const fields = { form, told: computed(() => wrongOf(a, today)), mended: () => undefined }
const at = ref(0)
watch(a, (now) => {
  try {
    localStorage.setItem(STORE, JSON.stringify(now))
  } catch {
    // A browser that keeps nothing: the answers stand on the page.
  }
})

const effect = computed(() => effectOf(a))
const question = computed(() => QUESTIONS[at.value]!)
const asked = computed(() =>
  sayQuestion(question.value, { name: a.name, she: a.sex === 'female', visited: !!a.lastVisit }),
)
const refusal = computed(() => problemOf(question.value, a, today))
/** For an owner who cannot tell by the pictures. */
const byHand = ref(false)
/** A coat comes with its usual length, until the owner says otherwise. */
function pickCoat(id: CoatId) {
  a.coat = id
  a.bodyMm = usualBody(id)
  byHand.value = false
}
/** From the last visit on, where that leads past today. */
const onFrom = (weeks: number) => {
  const on = a.lastVisit && inWeeks(a.lastVisit, weeks)
  return on > today ? { day: on, on: true } : { day: inWeeks(today, weeks), on: false }
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
    <form class="flex flex-1 flex-col" novalidate @submit.prevent="next">
      <h1 class="mt-4 break-words">{{ asked.title }}</h1>
      <p class="why mt-1">{{ asked.why }}</p>
      <div class="mt-4 flex-1">
        <template v-if="question === 'name'">
          <SchemaField
            :of="fields"
            name="name"
            input-name="dog"
            label="Name"
            large
            maxlength="40"
            autocomplete="off"
          />
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

        <CoatQuestion v-else-if="question === 'coat'" :coat="a.coat" :by-hand="byHand" @pick="pickCoat" />

        <div v-else-if="question === 'weight'" class="flex items-start gap-3">
          <SchemaField
            :of="fields"
            name="kg"
            input-name="weight"
            label="Weight"
            large
            class="flex-1"
            inputmode="decimal"
            autocomplete="off"
          />
          <ChoiceRow
            v-model="a.unit"
            class="mt-3 w-32"
            label="Unit"
            :choices="[
              { value: 'kg', words: 'kg' },
              { value: 'lb', words: 'lb' },
            ]"
          />
        </div>

        <SchemaField
          v-else-if="question === 'born'"
          :of="fields"
          name="born"
          label="Month of birth"
          type="month"
          :max="today.slice(0, 7)"
        />

        <template v-else-if="question === 'last'">
          <SchemaField
            :of="fields"
            name="lastVisit"
            input-name="last"
            label="Day of the last visit"
            type="date"
            :max="today"
          />
          <div class="mt-3 flex flex-wrap gap-2">
            <ActButton
              v-for="w in [1, 2, 4, 6, 8]"
              :key="w"
              class="!min-h-12"
              @click="a.lastVisit = inWeeks(today, -w)"
            >
              {{ w === 1 ? 'a week' : `${w} weeks` }} ago
            </ActButton>
          </div>
          <template v-if="!a.lastVisit">
            <h2 class="mt-7 border-t border-rule pt-3">None yet, or nobody knows?</h2>
            <HandOver v-model:combed="a.combed" v-model:feels="a.feels" />
            <p v-if="a.combed && a.feels" class="small mt-2">
              No place counts as clear until the comb has been through it: the plan begins with a first
              going-over.
            </p>
          </template>
        </template>

        <BodyLength v-else-if="question === 'length'" v-model="a.bodyMm" />

        <template v-else-if="question === 'next'">
          <SchemaField
            :of="fields"
            name="nextVisit"
            input-name="next"
            label="Day of the next visit"
            type="date"
            :min="today"
          />
          <div class="mt-3 flex flex-wrap gap-2">
            <ActButton
              v-for="w in [4, 6, 8, 12]"
              :key="w"
              class="!min-h-12"
              @click="a.nextVisit = onFrom(w).day"
            >
              {{ onFrom(w).on ? `${w} weeks after` : `in ${w} weeks` }}
            </ActButton>
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
            ><input v-model="a.collarAllDay" type="checkbox" class="size-6 accent-due" name="collar" />A
            collar stays on all day</label
          >
        </template>

        <MinutesWeek v-else-if="question === 'minutes'" v-model="a.minutes" />

        <HardPlaces v-else-if="question === 'hard'" v-model="a.hard" />

        <template v-else>
          <SchemaField :of="fields" name="groomer" label="Groomer’s name" maxlength="40" autocomplete="off" />
          <SchemaField
            :of="fields"
            name="wish"
            label="What you would like of them"
            class="mt-5"
            maxlength="200"
            autocomplete="off"
            placeholder="Body at 13 mm, short behind the ears"
          />
          <p class="mt-6 flex gap-2 font-semibold text-caution"><CautionMark class="shrink-0" />{{ LAW }}</p>
        </template>

        <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
      </div>

      <div class="sticky bottom-0 -mx-4 mt-4 border-t border-ink bg-paper px-4 pt-3 pb-4">
        <p
          v-if="effect && a.coat"
          class="font-serif text-story leading-snug font-medium"
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
            {{ COATS[a.coat].label }} at {{ a.bodyMm }} mm, {{ effect.isOwn ? '' : 'for '
            }}{{ effect.kg }} kg:
            <span class="text-due">about {{ effect.wants }} minutes a week.</span>
          </template>
        </p>
        <FittingLengths v-if="question === 'minutes' && a.coat" :answers="a" class="mt-2" />
        <div class="mt-2 flex gap-3">
          <ActButton v-if="question === 'coat'" class="flex-1" @click="byHand = !byHand">
            {{ byHand ? 'Look again' : 'I cannot tell' }}
          </ActButton>
          <ActButton kind="filled" type="submit" class="flex-[1.6] text-lead" :disabled="busy || !!refusal">
            {{ label }}
          </ActButton>
        </div>
      </div>
    </form>
  </main>
</template>
