<script setup lang="ts">
import { toolsFor, TOOL_IDS, TOOLS } from '#core/coat/tools'
import type { ToolId } from '#core/coat/tools'
import { mistFor } from '#core/care/bath/mist'
import type { Habits } from '#core/record/profile'
import type { HabitsChange } from '~/composables/habits'
import { CARE_SCHOOLS } from '~/words/care'
import { SCHOOLS } from '~/words/habits'

/** How the owner works: where groomers differ, the tools there are, and the mist. */
const { file } = useDog()
const { habits, changeHabits, problem } = useHabits()
const { invented, moves } = useWeather()
const kept = ref(false)
async function change(more: HabitsChange | ((now: Habits) => HabitsChange)) {
  kept.value = false
  kept.value = await changeHabits(more)
}
const owned = computed(() => habits.value.tools ?? [])
const wanted = computed(() => toolsFor(file.value.profile.coat))
const own = (tool: ToolId, on: boolean) =>
  change(({ tools = [] }) => ({
    tools: on ? [...new Set([...tools, tool])] : tools.filter((t) => t !== tool),
  }))
const shownBy = ref(habits.value.matsShownBy ?? '')

const bottle = ref('250')
const dry = ref(false)
const water = ref<'distilled' | 'tap'>('distilled')
const DRY = [
  { value: 'no', words: 'as usual' },
  { value: 'yes', words: 'dry' },
]
const WATER = [
  { value: 'distilled' as const, words: 'distilled' },
  { value: 'tap' as const, words: 'tap' },
]
const mix = computed(() => mistFor(Number(bottle.value), dry.value))
useHead({ title: computed(() => `${file.value.profile.name}, how you work · Grumbo`) })
</script>

<template>
  <div class="mx-auto max-w-[960px]">
    <h1 class="pt-1 desk:pt-4">How you work</h1>
    <p class="why mt-2">
      Groomers differ. What stands first is ours unless you say otherwise; a vet’s or groomer’s word comes
      before both.
    </p>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <p v-else class="small mt-2 h-5" role="status">{{ kept ? 'Kept.' : '' }}</p>
    <div class="desk:grid desk:grid-cols-2 desk:gap-x-12">
      <section aria-label="Schools">
        <fieldset
          v-for="s in [...SCHOOLS, ...CARE_SCHOOLS]"
          :key="s.id"
          class="border-t border-ink pt-2 pb-4"
        >
          <legend class="float-left w-full font-serif text-story font-medium">{{ s.question }}</legend>
          <label
            v-for="(way, id) in s.ways"
            :key="id"
            class="flex min-h-14 w-full cursor-pointer items-start gap-3 border-b border-rule py-2"
          >
            <input
              type="radio"
              class="mt-0.5 size-5 shrink-0 accent-due"
              :name="s.id"
              :value="id"
              :checked="habits[s.id] === id"
              @change="change({ [s.id]: id })"
            />
            <span
              ><b class="font-semibold">{{ way.label }}</b>
              <span class="small block">{{ way.means }}</span></span
            >
          </label>
        </fieldset>
      </section>
      <section aria-label="Tools and mist">
        <label class="mb-3 flex min-h-14 cursor-pointer items-center gap-3 border-y border-rule">
          <input
            type="checkbox"
            name="weather"
            class="size-5 shrink-0 accent-due"
            :checked="moves"
            @change="change({ weather: ($event.target as HTMLInputElement).checked })"
          />
          <span
            ><b class="font-semibold">Let the weather move the plan</b>
            <span class="small block"
              >A wet walk to write in, feet in seed time, drying in the cold.
              {{
                invented ? 'The weather here is invented: it moves nothing until you turn it on.' : ''
              }}</span
            ></span
          >
        </label>
        <h2 class="border-t border-ink pt-2">Tools you own</h2>
        <p class="small mt-1">
          Until one is ticked, all are taken to be there. This coat wants those in bold.
        </p>
        <label
          v-for="t in TOOL_IDS"
          :key="t"
          class="flex min-h-11 cursor-pointer items-center gap-3 border-b border-rule"
          :class="wanted.includes(t) ? 'font-semibold' : 'text-ink-2'"
        >
          <input
            type="checkbox"
            class="size-5 accent-due"
            :checked="owned.includes(t)"
            @change="own(t, ($event.target as HTMLInputElement).checked)"
          />{{ TOOLS[t].label }}
        </label>

        <CuttersOwned @change="change" />

        <h2 class="mt-6 border-t border-ink pt-2">Mist</h2>
        <div class="mt-1 flex flex-wrap items-end gap-x-5 gap-y-2">
          <label>
            <span class="small block">Bottle, ml</span>
            <input
              v-model="bottle"
              name="bottle"
              inputmode="numeric"
              class="h-11 w-20 border-b border-edge bg-transparent text-story"
            />
          </label>
          <ChoiceRow
            :model-value="dry ? 'yes' : 'no'"
            tight
            label="The coat is"
            :choices="DRY"
            @update:model-value="(v: string | undefined) => (dry = v === 'yes')"
          />
          <ChoiceRow v-model="water" tight label="Water" :choices="WATER" />
        </div>
        <p v-if="mix" class="mt-3" data-mist>
          <b class="figure text-head">{{ mix.conditionerMl }} ml</b> of dog conditioner, filled up with
          <b class="figure text-head">{{ mix.waterMl }} ml</b> of {{ water }} water.
          <span class="small block">{{
            water === 'tap'
              ? 'Tap water grows bacteria within a day: empty the bottle tonight.'
              : 'Distilled water keeps. Shake it before use; a mist that smells is thrown out.'
          }}</span>
        </p>
        <NoticeLine v-else class="mt-3">A bottle holds 20 to 2,000 ml.</NoticeLine>

        <h2 class="mt-6 border-t border-ink pt-2">A single mat</h2>
        <p class="small mt-1">
          Left alone unless your groomer has shown you how one is tried, on a calm dog and away from danger
          places.
        </p>
        <form
          class="mt-1 flex items-end gap-3"
          @submit.prevent="change({ matsShownBy: shownBy.trim() || undefined })"
        >
          <label class="min-w-0 flex-1">
            <span class="small block">Shown by</span>
            <input
              v-model="shownBy"
              name="shown"
              maxlength="40"
              placeholder="nobody"
              class="h-11 w-full border-b border-edge bg-transparent"
            />
          </label>
          <ActButton type="submit" class="!min-h-11">Keep</ActButton>
        </form>
        <label class="mt-4 flex min-h-14 cursor-pointer items-start gap-3 border-t border-ink pt-3">
          <input
            type="checkbox"
            class="size-5 accent-due"
            :checked="habits.floor"
            @change="change({ floor: ($event.target as HTMLInputElement).checked })"
          />
          <span
            ><b class="font-semibold">On the floor</b>
            <span class="small block"
              >For a dog used to it. Raised is the default: height makes a dog attend.</span
            ></span
          >
        </label>
      </section>
    </div>
  </div>
</template>
