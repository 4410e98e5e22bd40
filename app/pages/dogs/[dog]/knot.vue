<script setup lang="ts">
import { regionOf, REGIONS } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { sayDay } from '#core/record/say-day'
import { timeline } from '#core/record/timeline'
import { buildOf } from '#drawing/build-of'
import { sayFound } from '~/words/found'
import { sayChance } from '~/words/reasons'
import type { KnotSettled } from '~/components/knot/KnotQuestions.vue'

/** A knot found between sessions: where it is, the questions, and what is written of it. */
const { file, today } = useDog()
const record = useRecord()
const router = useRouter()
const { chances, shades } = useStanding(
  computed(() => minutesOn(file.value, today.value)),
  ref(null),
)
const here = computed(() => REGIONS.filter((r) => !file.value.profile.absent.includes(r.id)))
/** Where something caught last, each place once. */
const MOST_LATELY = 4
const lately = computed(() => {
  const told = new Set<RegionId>()
  return [...timeline(file.value.entries)]
    .reverse()
    .flatMap(({ id, day, what }) => {
      if (what.kind !== 'check' || what.finding === 'glides' || what.finding === 'refused') return []
      if (told.has(what.region)) return []
      told.add(what.region)
      return [{ ...what, id, day }]
    })
    .slice(0, MOST_LATELY)
})
const region = ref<RegionId | null>(null)
async function settled(s: KnotSettled) {
  await record.add([
    {
      day: localDay(),
      time: localTime(),
      what: { kind: 'check', region: region.value!, comfort: 'easy', ...s },
    },
  ])
  await router.push(`/dogs/${file.value.id}`)
}
useHead({ title: 'A knot · Grumbo' })
</script>

<template>
  <div
    v-if="!region"
    class="grid desk:grid-cols-[minmax(0,1fr)_350px] desk:grid-rows-[auto_1fr] desk:gap-x-12 desk:pt-4"
  >
    <div class="desk:col-start-2">
      <h1 class="pt-1 desk:pt-0">Where is the knot?</h1>
      <p class="why mt-2">Press the place on the map, or name it. Then a few questions, one at a time.</p>
    </div>
    <CoatMap
      v-model:picked="region"
      :build="buildOf(file.profile.coat)"
      :shades="shades"
      :say="(id) => sayChance(chances[id], shades[id])"
      compact
      class="mt-3 pr-[72px] desk:col-start-1 desk:row-span-2 desk:row-start-1 desk:mt-0"
    />
    <section aria-label="Where" class="desk:col-start-2">
      <PickOne
        v-model="region"
        class="mt-4 border-t border-rule pt-2"
        label="or name it"
        name="region"
        :options="[
          { value: null, words: 'choose a place' },
          ...here.map((r) => ({ value: r.id, words: r.label })),
        ]"
      />
      <template v-if="lately.length">
        <h2 class="mt-6 border-b border-ink pb-1">Caught there before</h2>
        <ul>
          <li v-for="l in lately" :key="l.id" class="border-b border-rule">
            <button class="flex min-h-14 w-full items-center gap-3 text-left" @click="region = l.region">
              <FindingMark :finding="l.finding" :size="28" class="shrink-0" />
              <span class="min-w-0 flex-1"
                ><b class="font-semibold">{{ regionOf(l.region).label }}</b>
                <i class="why block text-body">{{ sayFound(l) }}, {{ sayDay(l.day, today) }}</i></span
              >
              <ChevronMark />
            </button>
          </li>
        </ul>
      </template>
      <p class="mt-4 flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />No scissors at a knot: skin is drawn up into it.
      </p>
    </section>
  </div>
  <div v-else class="mx-auto max-w-[560px] desk:grid desk:max-w-none desk:grid-cols-2 desk:gap-12 desk:pt-4">
    <div class="hidden desk:block">
      <PlaceView
        :key="region"
        :region="region"
        :build="buildOf(file.profile.coat)"
        :shades="shades"
        class="h-[500px]"
      />
      <p class="mt-3 flex flex-wrap gap-x-6">
        <span
          ><i class="why">hold</i>&ensp;<b class="font-semibold">{{ regionOf(region).hold }}</b></span
        >
        <span
          ><i class="why">way</i>&ensp;<b class="font-semibold">{{ regionOf(region).lie }}</b></span
        >
      </p>
    </div>
    <KnotQuestions
      :key="region"
      :region="region"
      found="knot"
      class="-mx-4 min-h-[70dvh] desk:mx-0 desk:min-h-[460px]"
      @settled="settled"
      @back="region = null"
    />
  </div>
</template>
