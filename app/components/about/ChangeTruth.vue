<script setup lang="ts">
import { COAT_IDS, COATS } from '#core/coat/coat-types'
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { addDays } from '#core/record/day'
import { EAR_CARRIAGES, GROUNDS } from '#core/record/habits'
import { CONDITIONS } from '#core/record/condition'
import type { Profile } from '#core/record/profile'
import { HELPS } from '#core/record/what-works'
import { ABOUT_LABELS, HELPS_ASKS, MISSING } from '~/words/about'
import type { About, Told } from '~/words/about'
import { CARRIAGE_SAYS, CONDITION_SAYS } from '~/words/truths'

/** One thing about the dog being changed: what it becomes, what that does, and from which day. */
const props = defineProps<{
  which: About
  profile: Profile
  today: string
  /** What a change would do. */
  effectOf: (draft: Told) => string
}>()
const emit = defineEmits<{ keep: [draft: Told, day: string]; leave: [] }>()
const p = props.profile
const draft = reactive({
  weightKg: p.weightKg,
  born: p.born ?? '',
  neutered: p.neutered ?? false,
  coat: p.coat,
  ears: p.habits?.ears ?? 'hanging',
  absent: [...p.absent],
  marks: [...(p.marks ?? [])],
  condition: [...(p.condition ?? [])],
  harnessHours: p.harnessHours,
  collarAllDay: p.collarAllDay,
  hairyEars: p.hairyEars ?? false,
  works: [...(p.works ?? [])],
  helps: { breaks: '', treats: '', mouth: '', noises: '', ...p.helps },
  garments: [...(p.garments ?? [])],
  ground: p.habits?.ground ?? 'hard',
  hard: [...p.hard],
  minutes: [...p.minutes],
  groomer: p.groomer ?? '',
  nextVisit: p.nextVisit ?? '',
})
const told = computed<Told>(() => {
  const { which } = props
  if (which === 'nextVisit') return { nextVisit: draft.nextVisit || null }
  if (which === 'helps')
    return {
      helps: Object.fromEntries(
        HELPS.flatMap((of) => (draft.helps[of].trim() ? [[of, draft.helps[of].trim()]] : [])),
      ),
    }
  if (which === 'groomer') return { groomer: draft.groomer.trim() }
  return JSON.parse(JSON.stringify({ [which]: draft[which] })) as Told
})
const missing = computed({
  get: () => MISSING.filter((m) => m.regions.every((r) => draft.absent.includes(r))).map((m) => m.words),
  set: (words) => {
    const all = MISSING.flatMap((m) => m.regions as readonly RegionId[])
    draft.absent = [
      ...draft.absent.filter((r) => !all.includes(r)),
      ...MISSING.filter((m) => words.includes(m.words)).flatMap((m) => m.regions as readonly RegionId[]),
    ]
  },
})
/** Lists of more than one field: what they are of stands above them. */
const LISTED: readonly About[] = ['marks', 'garments', 'works', 'helps', 'minutes']
const YES = [
  { value: 'yes', words: 'yes' },
  { value: 'no', words: 'no' },
]
const yes = (key: 'neutered' | 'collarAllDay' | 'hairyEars') =>
  computed({ get: () => (draft[key] ? 'yes' : 'no'), set: (v) => (draft[key] = v === 'yes') })
const neutered = yes('neutered')
const collar = yes('collarAllDay')
const hairy = yes('hairyEars')
const from = ref<'today' | 'other'>('today')
const FROM = [
  { value: 'today' as const, words: 'today' },
  { value: 'other' as const, words: 'another day' },
]
const other = ref(addDays(props.today, -7))
const day = computed(() => (from.value === 'today' ? props.today : other.value))
const problem = computed(() => {
  if (!day.value || day.value > props.today) return 'From today or an earlier day.'
  if (props.which === 'groomer' && !draft.groomer.trim()) return 'Who is the groomer?'
  if (props.which === 'born' && !draft.born) return 'Give the month.'
  if (props.which === 'nextVisit' && draft.nextVisit && draft.nextVisit <= props.today)
    return 'That day has gone.'
  return ''
})
</script>

<template>
  <form
    class="-ml-4 border-b border-l-3 border-rule border-l-due py-3 pl-4"
    :data-change="which"
    novalidate
    @submit.prevent="problem || emit('keep', told, day)"
  >
    <p v-if="LISTED.includes(which)" class="font-semibold">{{ ABOUT_LABELS[which] }}</p>
    <NumberStepper
      v-if="which === 'weightKg'"
      v-model="draft.weightKg"
      class="max-w-80"
      label="Weight"
      fewer="Half a kilogram less"
      more="Half a kilogram more"
      unit="kg"
      :least="0.5"
      :most="120"
      :step="0.5"
    />
    <NumberStepper
      v-else-if="which === 'harnessHours'"
      v-model="draft.harnessHours"
      class="max-w-96"
      label="Harness, hours a day"
      fewer="An hour less"
      more="An hour more"
      :most="24"
    />
    <FormField
      v-else-if="which === 'born'"
      v-model="draft.born"
      label="Born in"
      type="month"
      name="born"
      class="max-w-60"
    />
    <FormField
      v-else-if="which === 'groomer'"
      v-model="draft.groomer"
      label="Groomer"
      name="groomer"
      maxlength="40"
      class="max-w-80"
    />
    <template v-else-if="which === 'nextVisit'">
      <FormField
        v-model="draft.nextVisit"
        label="Next visit"
        type="date"
        name="next"
        :min="addDays(today, 1)"
        class="max-w-60"
      />
      <ActButton kind="quiet" :disabled="!draft.nextVisit" @click="draft.nextVisit = ''"
        >Called off</ActButton
      >
    </template>
    <ChoiceRow v-else-if="which === 'neutered'" v-model="neutered" tight label="Neutered" :choices="YES" />
    <ChoiceRow
      v-else-if="which === 'collarAllDay'"
      v-model="collar"
      tight
      label="A collar all day"
      :choices="YES"
    />
    <ChoiceRow
      v-else-if="which === 'hairyEars'"
      v-model="hairy"
      tight
      label="Hair in the ear openings"
      :choices="YES"
    />
    <WorksList v-else-if="which === 'works'" v-model="draft.works" />
    <div v-else-if="which === 'helps'" class="flex flex-wrap gap-x-5 gap-y-2">
      <FormField
        v-for="of in HELPS"
        :key="of"
        v-model="draft.helps[of]"
        class="w-full max-w-72"
        :label="HELPS_ASKS[of]"
        :name="`helps-${of}`"
        maxlength="60"
        autocomplete="off"
      />
    </div>
    <ChoiceRow
      v-else-if="which === 'ears'"
      v-model="draft.ears"
      tight
      label="Ears"
      :choices="EAR_CARRIAGES.map((value) => ({ value, words: CARRIAGE_SAYS[value] }))"
    />
    <ChoiceRow
      v-else-if="which === 'ground'"
      v-model="draft.ground"
      tight
      label="Walks on"
      :choices="GROUNDS.map((value) => ({ value, words: `${value} ground` }))"
    />
    <PickOne
      v-else-if="which === 'coat'"
      v-model="draft.coat"
      class="max-w-80"
      label="Coat"
      name="coat"
      :options="COAT_IDS.map((value) => ({ value, words: `${COATS[value].label}: ${COATS[value].tell}` }))"
    />
    <TickList
      v-else-if="which === 'absent'"
      v-model="missing"
      label="Not there"
      :options="MISSING.map((m) => ({ value: m.words, words: m.words }))"
    />
    <TickList
      v-else-if="which === 'condition'"
      v-model="draft.condition"
      label="Condition"
      :options="CONDITIONS.map((value) => ({ value, words: CONDITION_SAYS[value] }))"
    />
    <TickList
      v-else-if="which === 'hard'"
      v-model="draft.hard"
      label="Finds hard"
      :options="PLACE_IDS.map((value) => ({ value, words: placeRow(value).plural.toLowerCase() }))"
    />
    <MarkList v-else-if="which === 'marks'" v-model="draft.marks" />
    <GarmentList v-else-if="which === 'garments'" v-model="draft.garments" />
    <MinutesWeek v-else-if="which === 'minutes'" v-model="draft.minutes" />
    <p class="why mt-2 text-due" role="status">{{ effectOf(told) }}</p>
    <div class="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
      <span class="small">counts from</span>
      <ChoiceRow v-model="from" tight label="Counts from" :choices="FROM" />
      <FormField
        v-if="from === 'other'"
        v-model="other"
        label="Day"
        type="date"
        name="from-day"
        :max="today"
      />
      <span class="flex flex-1 items-center justify-end gap-4">
        <ActButton kind="quiet" @click="emit('leave')">Leave it</ActButton>
        <ActButton kind="filled" type="submit" :disabled="!!problem">Keep it</ActButton>
      </span>
    </div>
    <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
    <span class="sr-only">{{ ABOUT_LABELS[which] }}</span>
  </form>
</template>
