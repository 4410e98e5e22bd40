<script setup lang="ts">
import { layOut, TOOLS } from '#core/coat/tools'
import { placeRow, regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { shownMinutes } from '#core/plan/shown-minutes'
import { CONDITION_CHANGES } from '#core/record/condition'
import { habitsOf } from '#core/record/habits'
import { buildOf } from '#drawing/build-of'
import { capital, inHalves, plural } from '~/words/numbers'
import { CONDITION_SAYS } from '~/words/truths'
import { sayReason } from '~/words/reasons'

/** Before the first place: what there is to do, what is seen to, and what is laid out. */
const emit = defineEmits<{ start: [RegionId[]] }>()
const { file, today } = useDog()
/** What the dog cannot do, or not for long, said before it is put up. */
const condition = computed(() => {
  const { name, condition: all = [] } = file.value.profile
  return all.length
    ? `${name} ${all.map((c) => CONDITION_SAYS[c]).join(', ')}: ${all.map((c) => CONDITION_CHANGES[c].asks).join('; ')}.`
    : ''
})
const base = computed(() => `/dogs/${file.value.id}`)
const usual = computed(() => minutesOn(file.value, today.value) || 14)

/** The plan's session, a number of minutes, or the hot places alone. */
type What = 'plan' | 'minutes' | 'hot'
const what = ref<What>('plan')
const own = ref(usual.value)
const chosen = computed(() => (what.value === 'plan' ? null : what.value === 'minutes' ? own.value : 240))
const { plan, shades } = useStanding(
  computed(() => chosen.value ?? usual.value),
  chosen,
)
const items = computed(() =>
  plan.value.items.filter((i) => what.value !== 'hot' || placeRow(i.place).class === 'hot'),
)
/** With nothing to list, the dog as it stands: where it would be worth a few minutes all the same. */
const drawn = computed(() =>
  Object.fromEntries(Object.entries(shades.value).map(([id, s]) => [regionOf(id as RegionId).place, s])),
)
const shown = computed(() => shownMinutes(items.value))
const SHOWN = 7
const all = ref(false)
const rows = computed(() =>
  all.value || items.value.length <= SHOWN + 1 ? items.value : items.value.slice(0, SHOWN),
)
const WHAT = [
  { value: 'plan' as const, words: 'As planned' },
  { value: 'minutes' as const, words: 'Minutes' },
  { value: 'hot' as const, words: 'Hot places' },
]
const MINUTES = [5, 8, 12, 15, 20, 30, 45, 60, 90]

const { ways, change } = useWays()
const habits = computed(() => habitsOf(file.value.profile))
const READY = computed(() => [
  { id: 'walked', words: 'Walked and toileted' },
  habits.value.floor
    ? { id: 'floor', words: 'A non-slip spot on the floor, against a wall' }
    : { id: 'raised', words: 'Raised, steady, non-slip, against a wall' },
  { id: 'gear', words: 'Collar, harness and coat off' },
  { id: 'helper', words: 'A helper or a lick mat, with nothing on it that has xylitol (birch sugar)' },
  { id: 'loose', words: 'No loop or tether, unless someone holds the dog' },
  { id: 'hello', words: 'The tool sniffed, its back over the coat' },
])
const tick = (id: string, on: boolean) =>
  change({ ready: on ? [...new Set([...ways.value.ready, id])] : ways.value.ready.filter((r) => r !== id) })
const allReady = computed(() => READY.value.every((r) => ways.value.ready.includes(r.id)))

const tools = computed(() => layOut(file.value.profile.coat, habits.value.tools))
const missing = computed(() => tools.value.filter((t) => !t.use))
const sayTool = (t: (typeof tools.value)[number]) =>
  t.use === t.tool
    ? TOOLS[t.tool].label
    : t.use
      ? `${TOOLS[t.use].label} for the ${TOOLS[t.tool].label.toLowerCase()}`
      : `${TOOLS[t.tool].label}: none`
const spoken = computed(() => ways.value.spoken)
const { can, say } = useSpoken(spoken)
async function speak(on: boolean) {
  await change({ spoken: on })
  if (on) say('I will say each place.')
}
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 py-4 desk:max-w-[900px]">
    <ActButton :to="base" kind="quiet">Back to today</ActButton>
    <h1 v-if="items.length" class="mt-2">
      {{ capital(plural(items.length, 'place')) }} on the table,
      {{ inHalves(shown.reduce((sum, m) => sum + m, plan.setupMinutes)) }} minutes
    </h1>
    <h1 v-else class="mt-2">{{ what === 'plan' ? 'Nothing waits on the table' : 'Nothing there is due' }}</h1>
    <p class="why mt-2">
      {{
        items.length
          ? 'In working order, an easy one last.'
          : 'Take some minutes, the hot places, or pick a place on the map.'
      }}
    </p>
    <div class="desk:grid desk:grid-cols-2 desk:gap-12">
      <section aria-label="What to comb">
        <ChoiceRow v-model="what" label="What to comb" :choices="WHAT" class="mt-3" />
        <NumberStepper
          v-if="what === 'minutes'"
          v-model="own"
          class="border-b"
          label="I have"
          fewer="Fewer minutes"
          more="More minutes"
          unit="min"
          :along="MINUTES"
        />
        <p v-if="condition" class="mt-3 font-semibold text-caution" data-condition>
          {{ condition }}
        </p>
        <ol v-if="items.length" class="mt-3 border-t border-ink">
          <li v-for="(item, i) in rows" :key="item.place" class="flex gap-3 border-b border-rule py-2">
            <span class="figure w-6 text-story text-due">{{ i + 1 }}</span>
            <span class="min-w-0 flex-1"
              ><b class="font-semibold">{{ placeRow(item.place).plural }}</b>
              <i class="why ml-2 text-body">{{ sayReason(item, today) }}</i></span
            >
            <span class="whitespace-nowrap">{{ inHalves(shown[i]!) }} min</span>
          </li>
        </ol>
        <DogDrawing
          v-if="!items.length"
          :sheet="buildOf(file.profile.coat)"
          :states="drawn"
          :detail="1.4"
          class="mx-auto mt-5 max-h-[30vh] desk:max-h-[430px]"
        />
        <ActButton v-if="rows.length < items.length" kind="quiet" @click="all = true">
          and {{ plural(items.length - rows.length, 'more place', 'more places') }}
        </ActButton>
      </section>
      <section aria-label="Before you start" class="mt-4 desk:mt-3">
        <p class="flex items-center gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />Never leave a dog alone up there.
        </p>
        <p class="mt-2 flex items-start gap-2 font-semibold text-vet">
          <VetMark class="shrink-0" />First a look and a feel. Sore, wet, hot or lumpy skin: no tool, ring the
          vet.
        </p>
        <ActButton
          v-if="items.length"
          kind="filled"
          class="mt-4 w-full text-lead"
          @click="
            emit(
              'start',
              items.flatMap((i) => i.regions),
            )
          "
        >
          Start
        </ActButton>
        <ActButton v-else :to="base" class="mt-4 w-full">Pick a place on the map</ActButton>
        <details class="mt-3 border-t border-rule" :open="!allReady">
          <ActButton kind="quiet" tag="summary" class="cursor-pointer">{{
            allReady ? 'Ready as last time' : 'Ready?'
          }}</ActButton>
          <label
            v-for="r in READY"
            :key="r.id"
            class="flex min-h-12 cursor-pointer items-center gap-3 border-t border-rule"
          >
            <input
              type="checkbox"
              class="size-5 accent-due"
              :checked="ways.ready.includes(r.id)"
              @change="tick(r.id, ($event.target as HTMLInputElement).checked)"
            />{{ r.words }}
          </label>
        </details>
        <h2 class="mt-4 text-story">Laid out</h2>
        <ul class="mt-1 border-t border-rule">
          <li
            v-for="t in tools"
            :key="t.tool"
            class="border-b border-rule py-2"
            :class="t.use ? '' : 'font-semibold text-caution'"
          >
            {{ sayTool(t) }}
          </li>
        </ul>
        <p v-if="missing.some((t) => t.tool.endsWith('comb'))" class="small mt-2">
          Nothing stands in for a comb: without one no place is known to be clear.
        </p>
        <ActButton :to="`${base}/ways`" kind="quiet" class="mt-1">How you work, tools and mist</ActButton>
        <label v-if="can" class="mt-2 flex min-h-12 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            class="size-5 accent-due"
            :checked="ways.spoken"
            @change="speak(($event.target as HTMLInputElement).checked)"
          />Say each place aloud
        </label>
      </section>
    </div>
  </main>
</template>
