<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { shortDay } from '#core/record/say-day'
import { chanceOfMat } from '#core/record/odds'
import { shadeHere } from '#core/record/unmet'
import { buildOf } from '#drawing/build-of'
import { ABOUT_LABELS } from '~/words/about'
import type { About, Told } from '~/words/about'
import { sayChance } from '~/words/reasons'
import { capital } from '~/words/numbers'
import { MARK_SAYS, sayMark } from '~/words/truths'

/** The dog itself: what is true of it, from which day, and what each thing does; changed in place. */
const { file, coat, today } = useDog()
const me = useMe()
const { profile, rows, preview, keep, written, undo } = useAbout()
const open = ref<About | null>(null)
const page = ref<HTMLElement | null>(null)
const opener = (which: About) =>
  page.value?.querySelector<HTMLElement>(`[data-about="${which}"] button, [data-about="${which}"]`)?.focus()
async function kept(which: About, draft: Told, day: string) {
  if (!(await keep(which, draft, day))) return
  await leave(which)
}
async function leave(which: About) {
  open.value = null
  await nextTick()
  opener(which)
}
const states = computed(() => Object.fromEntries(coat.value.places.map((p) => [p.id, p])))
const shades = computed(
  () =>
    Object.fromEntries(coat.value.places.map((p) => [p.id, shadeHere(p, profile.value)])) as Record<
      RegionId,
      number
    >,
)
const marks = computed(() =>
  (profile.value.marks ?? []).map((m, i) => ({ ...m, letter: String.fromCharCode(97 + i) })),
)
const plates = computed(() =>
  marks.value.map((m) => ({
    number: m.letter,
    place: regionOf(m.region).place,
    label: MARK_SAYS[m.what].replace(/^an? /, ''),
  })),
)
const say = (id: RegionId) =>
  states.value[id] ? sayChance(chanceOfMat(states.value[id]), shades.value[id]) : ''
useHead({ title: computed(() => `About ${file.value.profile.name} · Grumbo`) })
</script>

<template>
  <div ref="page" class="desk:grid desk:grid-cols-[minmax(0,760px)_minmax(0,1fr)] desk:gap-12">
    <section aria-label="What is true">
      <h1 class="pt-1 break-words desk:pt-4">About {{ profile.name }}</h1>
      <p class="why mt-1">
        {{
          me.mayChange
            ? 'Change what is no longer so. A line counts from its day; the days before keep what was true.'
            : 'As it stands; its owner changes it.'
        }}
      </p>
      <p
        class="small mt-2 flex min-h-11 items-center justify-between gap-3 border-b border-ink"
        role="status"
      >
        <template v-if="written">
          <span class="min-w-0 [overflow-wrap:anywhere]"
            ><b class="font-semibold text-ink">{{ written.says }}</b
            >, written in</span
          >
          <ActButton kind="quiet" @click="undo">Undo</ActButton>
        </template>
      </p>
      <ul>
        <li v-for="r in rows" :key="r.which" :data-about="r.which">
          <ChangeTruth
            v-if="open === r.which"
            :which="r.which"
            :profile="profile"
            :today="today"
            :effect-of="(draft) => preview(r.which, draft)"
            @keep="(draft, day) => kept(r.which, draft, day)"
            @leave="leave(r.which)"
          />
          <component
            :is="me.mayChange ? 'button' : 'div'"
            v-else
            class="grid min-h-12 w-full grid-cols-[88px_1fr] items-baseline gap-x-3 border-b border-rule py-2 text-left desk:grid-cols-[112px_1fr_72px_1fr]"
            :aria-expanded="me.mayChange ? false : undefined"
            @click="me.mayChange && (open = r.which)"
          >
            <span class="text-ink-2">{{ ABOUT_LABELS[r.which] }}</span>
            <span class="min-w-0 font-semibold [overflow-wrap:anywhere]">{{ r.says }}</span>
            <span class="small max-desk:col-start-2">{{ r.since ? shortDay(r.since, today) : '' }}</span>
            <span class="why text-body max-desk:col-start-2">{{ r.effect }}</span>
          </component>
        </li>
      </ul>
    </section>
    <section aria-label="On her map" class="max-desk:mt-6">
      <CoatMap
        class="mt-3 pr-[72px] desk:mt-6"
        :build="buildOf(profile.coat)"
        :shades="shades"
        :say="say"
        :plates="plates"
        compact
      />
      <ul v-if="marks.length" class="mt-4 border-t border-ink" data-marks>
        <li
          v-for="m in marks"
          :key="m.letter"
          class="grid grid-cols-[28px_1fr] border-b border-rule py-2 [overflow-wrap:anywhere]"
        >
          <span class="figure text-story text-caution">{{ m.letter }}</span>
          <span
            ><b class="font-semibold">{{ capital(sayMark(m)) }}</b
            ><br /><i class="why text-body">a hand over it before pin, comb or blade</i></span
          >
        </li>
      </ul>
    </section>
  </div>
</template>
