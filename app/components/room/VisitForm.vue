<script setup lang="ts">
import { PART_IDS } from '#core/coat/regions'
import { PART_WORDS } from '#core/coat/part-words'
import { COMFORT_IDS } from '#core/record/findings'
import type { Comfort } from '#core/record/findings'
import type { DogRecord } from '#core/record/fold'
import { SETTINGS } from '#core/record/habits'
import type { Setting } from '#core/record/habits'
import { endsStretch } from '#core/record/visits'
import { MOST_NOTE } from '#shared/limits'
import type { VisitEntered } from '~/offline/visit-entered'
import { SETTING_WORDS } from '~/words/care'
import { capital } from '~/words/numbers'
import { sayWish } from '#core/care/note/wish-words'

/**
 * A visit, entered on the map: lengths for the whole body in one go, what was found where, what was
 * done, and what is said for home. By the groomer, or by the owner from a slip.
 */
const props = defineProps<{
  record: DogRecord
  today: string
  /** Who did it; null when it is to be asked. */
  by: string | null
  /** Its name on this device, under which it is kept until it is entered. */
  keptAs: string
  /** Whether a word to the owner goes along. */
  note?: boolean
  busy: boolean
  problem: string
}>()
const emit = defineEmits<{ enter: [entered: VisitEntered, finish: () => void] }>()
const v = useVisitForm(props)
const { f, wrong, some, visit, agreed, resumed } = v
const comfort = computed({
  get: () => f.comfort || undefined,
  set: (to: Comfort | undefined) => (f.comfort = to ?? ''),
})
async function enter() {
  const entered = await v.entered()
  if (entered) emit('enter', entered, v.finish)
}
const SETTING_SAYS: Record<Setting, string> = {
  comb: 'cloth and comb only',
  scissors: 'comb and blunt tips',
  taught: 'what I showed',
}
</script>

<template>
  <form class="desk:grid desk:grid-cols-2 desk:gap-12" data-visit-form @submit.prevent="enter">
    <p v-if="resumed" class="col-span-2 flex items-center gap-4" role="status">
      <span class="font-semibold">Taken up where it was left, on this device.</span>
      <ActButton kind="quiet" @click="v.startOver">Start over</ActButton>
    </p>
    <VisitFound :v="v" :record="record" />
    <section aria-label="What was done" class="mt-5 desk:mt-0">
      <FormField
        v-if="by === null"
        v-model="f.who"
        label="Whose visit"
        name="by"
        maxlength="40"
        autocomplete="off"
      />
      <label class="mt-2 flex items-center gap-3 border-b border-rule">
        <span class="flex-1">Day</span>
        <input v-model="f.day" type="date" name="day" :max="today" class="h-14 bg-transparent" />
      </label>
      <ActButton v-if="agreed.length" class="mt-2 w-full" data-as-agreed @click="v.asAgreed"
        >As agreed: {{ sayWish(agreed) }}</ActButton
      >
      <VisitCut v-model="f.all" label="All of it left at" name="all" class="font-semibold" />
      <details class="border-b border-rule" :open="PART_IDS.some((p) => f.parts[p].mm)">
        <ActButton kind="quiet" tag="summary" class="cursor-pointer">Not the same everywhere</ActButton>
        <VisitCut
          v-for="p in PART_IDS"
          :key="p"
          v-model="f.parts[p]"
          :label="capital(PART_WORDS[p])"
          :name="`part-${p}`"
          :placeholder="f.all.mm"
        />
      </details>
      <VisitDidTicks v-model:did="f.did" v-model:scope="f.scope" class="mt-3">
        <i v-if="some && !endsStretch(visit.what)" class="why text-side"
          >The coat was neither combed nor cut: the stretch goes on.</i
        >
      </VisitDidTicks>
      <FormField
        v-model="f.knotMinutes"
        class="mt-2 border-b border-rule"
        row
        label="Knots and mats took"
        unit="min"
        name="knot-minutes"
        inputmode="numeric"
      />
      <p class="small mt-3">How {{ record.profile.name }} was, on the whole</p>
      <ChoiceRow
        v-model="comfort"
        label="How the dog was"
        :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
      />
      <h2 class="mt-6 border-b border-ink pb-1">For home</h2>
      <PickOne
        v-model="f.setting"
        class="mt-2 border-b border-rule"
        row
        label="The owner may use"
        name="setting"
        :options="[
          { value: '', words: 'as before' },
          ...SETTINGS.map((s) => ({ value: s, words: SETTING_SAYS[s] })),
        ]"
      />
      <p v-if="f.setting" class="small mt-1">{{ SETTING_WORDS[f.setting].means }}</p>
      <ShownTools v-if="f.setting === 'taught'" v-model="f.shown" />
      <label v-if="f.setting" class="flex min-h-14 items-center gap-2">
        <input v-model="f.mats" type="checkbox" name="mats" class="size-5 accent-ink" />may try a single mat
        for a few minutes, as shown
      </label>
      <FormField
        v-model="f.general"
        class="mt-2"
        label="Anything else to do at home"
        name="advice"
        maxlength="200"
        autocomplete="off"
      />
      <label v-if="note" class="mt-3 block">
        <span class="small">A word to the owner</span>
        <textarea
          v-model="f.word"
          name="word"
          rows="3"
          :maxlength="MOST_NOTE"
          class="w-full rounded border border-rule bg-coat p-3 font-serif text-lead"
        />
      </label>
      <VisitNext :v="v" />
      <NoticeLine v-if="wrong || problem" class="mt-3">{{ wrong || problem }}</NoticeLine>
      <ActButton
        kind="filled"
        type="submit"
        class="mt-4 w-full text-lead"
        :disabled="busy || v.entering.value || !!wrong"
      >
        Enter the visit
      </ActButton>
    </section>
  </form>
</template>
