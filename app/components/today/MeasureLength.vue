<script setup lang="ts">
import { PART_IDS, REGIONS } from '#core/coat/regions'
import type { PartId } from '#core/coat/regions'
import { habitsOf } from '#core/record/habits'
import { capital } from '~/words/numbers'
import { PART_WORDS } from '#core/coat/part-words'

/** A length, by ruler or by finger widths; a finger is measured once. */
const emit = defineEmits<{ written: [] }>()
const { file, today } = useDog()
const record = useRecord()
const part = ref<PartId>('body')
const by = ref<'mm' | 'fingers'>('mm')
const BY = [
  { value: 'mm' as const, words: 'Ruler' },
  { value: 'fingers' as const, words: 'Fingers' },
]
const amount = ref('')
const finger = ref(String(habitsOf(file.value.profile).fingerMm ?? ''))
const mm = computed(() => {
  const n = Number(amount.value.replace(',', '.'))
  if (!amount.value.trim() || !Number.isFinite(n)) return null
  return by.value === 'mm' ? n : n * Number(finger.value)
})
const wrong = computed(() => {
  if (!amount.value.trim()) return ''
  if (mm.value === null) return 'Give a number, such as 25.'
  if (by.value === 'fingers' && !(Number(finger.value) >= 8 && Number(finger.value) <= 30))
    return 'A finger is 8 to 30 mm wide: lay it on a ruler once.'
  return mm.value <= 0 || mm.value > 400 ? 'A length is above 0 and at most 400 mm.' : ''
})
const problem = ref('')
async function write() {
  if (mm.value === null || wrong.value) return
  const regions = REGIONS.filter((r) => r.part === part.value && !file.value.profile.absent.includes(r.id))
  await record.add([
    {
      day: today.value,
      time: localTime(),
      what: { kind: 'measure', regions: regions.map((r) => r.id), mm: Math.round(mm.value * 10) / 10 },
    },
  ])
  const fingerMm = Number(finger.value)
  if (by.value === 'fingers' && fingerMm !== habitsOf(file.value.profile).fingerMm) {
    const { profile } = file.value
    try {
      await record.changeProfile({ ...profile, habits: { ...profile.habits, fingerMm } })
    } catch (error) {
      problem.value = `The length is written in. The finger is not kept yet: ${inWords(error)}`
      return
    }
  }
  emit('written')
}
</script>

<template>
  <form class="border-t border-rule pt-2" @submit.prevent="write">
    <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
      <PickOne
        v-model="part"
        label="Where"
        name="part"
        :options="PART_IDS.map((value) => ({ value, words: capital(PART_WORDS[value]) }))"
      />
      <ChoiceRow v-model="by" tight label="Measured by" :choices="BY" />
      <label class="block">
        <span class="small block">{{ by === 'mm' ? 'Millimetres' : 'Finger widths' }}</span>
        <input
          v-model="amount"
          name="length"
          inputmode="decimal"
          autocomplete="off"
          class="h-12 w-24 border-b border-edge bg-transparent text-story"
        />
      </label>
      <label v-if="by === 'fingers'" class="block">
        <span class="small block">One finger, mm</span>
        <input
          v-model="finger"
          name="finger"
          inputmode="decimal"
          autocomplete="off"
          class="h-12 w-20 border-b border-edge bg-transparent text-story"
        />
      </label>
      <ActButton type="submit" class="!min-h-12" :disabled="mm === null || !!wrong">
        Write in{{ by === 'fingers' && mm && !wrong ? ` ${Math.round(mm)} mm` : '' }}
      </ActButton>
    </div>
    <NoticeLine v-if="wrong || problem" class="mt-2">{{ wrong || problem }}</NoticeLine>
  </form>
</template>
