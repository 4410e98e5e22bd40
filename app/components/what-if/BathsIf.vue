<script setup lang="ts">
import { DRYERS } from '#core/coat/drying'
import type { Dryer } from '#core/coat/drying'
import { careDue } from '#core/due/due'
import { bathMinutes } from '#core/simulate/baths-if'
import type { BathSettings } from '#core/simulate/baths-if'
import { plural, wholeMinutes } from '~/words/numbers'

/** What baths cost between two visits: how often, and with which dryer. It stands in the address as well. */
const { weeks } = defineProps<{ weeks: number }>()
const { file, today, coat } = useDog()
const { habits } = useHabits()
const route = useRoute()
const router = useRouter()
const MOST_WEEKS = 12
const RANGE = [1, MOST_WEEKS, 1] as const
const now = computed<BathSettings>(() => {
  const due = careDue(file.value, today.value, coat.value.perDay).find((d) => d.care === 'bath')
  const every = Math.round((due?.interval.now ?? 42) / 7)
  return { every: Math.min(MOST_WEEKS, Math.max(1, every)), dryer: habits.value.dryer }
})
const given = Number(route.query.bath)
const every = ref(given >= 1 && given <= MOST_WEEKS ? Math.round(given) : now.value.every)
const dryer = ref<Dryer>(DRYERS.find((d) => d === route.query.dryer) ?? now.value.dryer)
watch([every, dryer], () => {
  const { bath: _bath, dryer: _dryer, ...others } = route.query
  void router.replace({
    query: {
      ...others,
      ...(every.value === now.value.every ? {} : { bath: String(every.value) }),
      ...(dryer.value === now.value.dryer ? {} : { dryer: dryer.value }),
    },
  })
})
const costs = (s: BathSettings) => bathMinutes(file.value, coat.value, s, weeks)
const asked = computed(() => costs({ every: every.value, dryer: dryer.value }))
const isNow = computed(() => every.value === now.value.every && dryer.value === now.value.dryer)
const differ = computed(() => Math.round(asked.value.minutes - costs(now.value).minutes))
const DRYER_WORDS: Record<Dryer, string> = {
  none: 'towels',
  household: 'household',
  forced: 'forced air',
}
</script>

<template>
  <section aria-label="Baths between visits">
    <h2>Baths between visits</h2>
    <div class="grid gap-x-8 desk:grid-cols-2">
      <AskSlider
        v-model="every"
        label="A bath every"
        :now="now.every"
        :range="RANGE"
        :say="(v) => plural(v, 'week')"
      />
      <ChoiceRow
        v-model="dryer"
        label="Dried with"
        :choices="DRYERS.map((value) => ({ value, words: DRYER_WORDS[value] }))"
        class="self-center"
      />
    </div>
    <p class="min-h-[50px] pt-2 font-serif text-story" aria-live="polite" data-baths>
      <b class="font-semibold">{{ plural(Math.round(asked.minutes), 'minute') }}</b> in
      {{ plural(weeks, 'week') }}: {{ wholeMinutes(asked.each) }} a bath, {{ wholeMinutes(asked.drying) }} of
      them drying{{
        isNow
          ? ', as it is now.'
          : differ === 0
            ? ', the same as now.'
            : `, ${plural(Math.abs(differ), 'minute')} ${differ < 0 ? 'fewer' : 'more'} than now.`
      }}
    </p>
    <p class="small">The combing before a bath is the week’s own and is not counted here.</p>
  </section>
</template>
