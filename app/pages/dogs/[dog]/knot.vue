<script setup lang="ts">
import { REGIONS } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
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
  <div class="mx-auto flex max-w-[560px] flex-col">
    <template v-if="!region">
      <h1 class="pt-1 desk:pt-4">Where is the knot?</h1>
      <p class="why mt-2">Press the place on the map, or name it.</p>
      <CoatMap
        v-model:picked="region"
        :build="buildOf(file.profile.coat)"
        :shades="shades"
        :say="(id) => sayChance(chances[id])"
        compact
        class="mt-3 pr-[72px]"
      />
      <label class="mt-4 block border-t border-rule pt-2">
        <span class="font-semibold">or name it</span>
        <select v-model="region" class="mt-1 h-14 w-full border-b border-edge bg-transparent text-[17px]">
          <option :value="null">choose a place</option>
          <option v-for="r in here" :key="r.id" :value="r.id">{{ r.label }}</option>
        </select>
      </label>
    </template>
    <KnotQuestions
      v-else
      :key="region"
      :region="region"
      found="knot"
      class="-mx-4 min-h-[70dvh]"
      @settled="settled"
      @back="region = null"
    />
  </div>
</template>
