<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { useWakeLock } from '@vueuse/core'
import { COATS } from '#core/coat/coat-types'
import { restMinutes } from '#core/coat/minutes'
import { CAUTIONS, placeRow, regionOf } from '#core/coat/regions'
import { shownMinutes } from '#core/plan/today'
import { COMFORT_IDS, FINDING_IDS } from '#core/record/findings'
import type { Finding } from '#core/record/findings'
import { capital, clock, inHalves, plural, wholeMinutes } from '~/words/numbers'
import { sayReason } from '~/words/reasons'

const { file, today } = useDog()
const router = useRouter()
const base = computed(() => `/dogs/${file.value.id}`)
const t = useTable(file.value.id)
const minutes = computed(() => minutesOn(file.value, today.value) || 14)
const { shades, plan } = useStanding(minutes, ref(null))
const shown = computed(() => shownMinutes(plan.value.items))
const coat = computed(() => COATS[file.value.profile.coat])

const region = computed(() => (t.current.value ? regionOf(t.current.value) : null))
const finished = computed(() => t.loaded.value && !!t.table.value && !t.current.value)
const limit = computed(() => (region.value ? restMinutes(region.value) * 60_000 : 0))
const over = computed(() => t.atPlace.value > limit.value)
const places = computed(() => t.table.value?.regions.length ?? 0)
const done = computed(() => t.found.value.length)

const FINDINGS: Record<Finding, { label: string; size: 'wide' | 'half' | 'small' }> = {
  glides: { label: 'Glides', size: 'wide' },
  snag: { label: 'Snag', size: 'half' },
  knot: { label: 'Knot', size: 'small' },
  mat: { label: 'Mat', size: 'small' },
  felt: { label: 'Felt', size: 'small' },
  refused: { label: 'Refused', size: 'small' },
}
const last = computed(() => t.found.value.at(-1))
const lastSays = computed(() => {
  if (!last.value) return ''
  const { finding, out, count } = last.value
  if (finding === 'knot') return (out ?? 0) >= (count ?? 1) ? 'knot, came out' : 'knot, left in'
  return finding
})
const GROOMERS: Finding[] = ['mat', 'felt']

async function start() {
  await startTable(
    file.value.id,
    today.value,
    plan.value.items.flatMap((i) => i.regions),
  )
  await t.open()
}
const ending = ref(false)
async function finish(to: string) {
  ending.value = true
  await t.finish()
  await router.push(base.value + to)
}

function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey || !t.table.value || finished.value) return
  const key = event.key.toLowerCase()
  const finding = FINDING_IDS[Number(key) - 1]
  if (finding && !t.paused.value) void t.press(finding)
  else if (key === 'e') t.comfort.value = 'easy'
  else if (key === 'f') t.comfort.value = 'fidgety'
  else if (key === 'x') t.comfort.value = 'stopped'
  else if (key === ' ') void t.pause()
  else if (key === 's') void t.skip()
  else if (key === 'n') void t.leaveOut()
  else if (key === 'z') void t.undo()
  else return
  event.preventDefault()
}
const wake = useWakeLock()
onMounted(() => {
  window.addEventListener('keydown', onKey)
  if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey)
  void wake.release().catch(() => undefined)
})
useHead({ title: 'At the table · Grumbo' })
</script>

<template>
  <main v-if="!t.loaded.value" class="p-6"><p class="why">Laying out</p></main>

  <main v-else-if="!t.table.value" class="mx-auto max-w-[440px] px-4 py-6">
    <NuxtLink :to="base" class="quiet">Back to today</NuxtLink>
    <template v-if="plan.items.length">
      <h1 class="mt-4">
        {{ capital(plural(plan.items.length, 'place')) }} on the table,
        {{ inHalves(shown.reduce((sum, m) => sum + m, plan.setupMinutes)) }} minutes
      </h1>
      <p class="why mt-2">In working order, an easy one last.</p>
      <ol class="mt-4 border-t border-ink">
        <li v-for="(item, i) in plan.items" :key="item.place" class="flex gap-3 border-b border-rule py-2">
          <span class="figure w-6 text-[19px] text-due">{{ i + 1 }}</span>
          <span class="flex-1"
            ><b class="font-semibold">{{ placeRow(item.place).plural }}</b>
            <i class="why text-[15px]">{{ sayReason(item, today) }}</i></span
          >
          <span class="whitespace-nowrap">{{ inHalves(shown[i]!) }} min</span>
        </li>
      </ol>
      <p class="mt-4 flex items-center gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />Never leave a dog alone up there.
      </p>
      <p class="mt-2 flex items-center gap-2 font-semibold text-vet">
        <VetMark class="shrink-0" />First a look and a feel. Sore, wet, hot or lumpy skin: no tool, ring the
        vet.
      </p>
      <button class="act act-filled mt-4 w-full text-[17px]" @click="start">Start</button>
    </template>
    <template v-else>
      <h1 class="mt-4">Nothing waits on the table</h1>
      <p class="why mt-2">Pick a place on the map to comb just that, or come back when there is more time.</p>
      <NuxtLink :to="base" class="act act-filled mt-6 w-full">Back to today</NuxtLink>
    </template>
  </main>

  <main v-else-if="finished" class="mx-auto max-w-[440px] px-4 pt-10 pb-8">
    <h1>
      {{
        done
          ? `${capital(plural(done, 'place'))}, ${wholeMinutes(t.spent.value / 60000)} ${t.spent.value < 90000 ? 'minute' : 'minutes'}`
          : 'Nothing written'
      }}
    </h1>
    <p class="why mt-2">Praise, a treat, clean the tools. It is in the diary already.</p>
    <ul class="mt-5 border-t border-ink" data-summary>
      <li
        v-for="f in t.found.value"
        :key="f.entryId"
        class="flex items-center gap-3 border-b border-rule py-2"
      >
        <FindingMark :finding="f.finding" :size="28" />
        <b class="flex-1 font-semibold">{{ f.label }}</b>
        <span class="text-ink-2">{{ f.finding }}{{ f.comfort === 'easy' ? '' : `, ${f.comfort}` }}</span>
      </li>
    </ul>
    <p
      v-if="t.found.value.some((f) => GROOMERS.includes(f.finding))"
      class="mt-4 flex gap-2 font-semibold text-caution"
    >
      <CautionMark class="shrink-0" />A mat or felt is the groomer’s. Do not wash it, and no scissors.
    </p>
    <button class="act act-filled mt-6 w-full text-[17px]" :disabled="ending" @click="finish('/groomer')">
      Write to {{ file.profile.groomer ?? 'the groomer' }}
    </button>
    <button class="act act-plain mt-3 w-full" :disabled="ending" @click="finish('')">Back to today</button>
    <button v-if="last" class="quiet mt-3" @click="t.undo()">
      Undo {{ last.label.toLowerCase() }}, {{ lastSays }}
    </button>
  </main>

  <main v-else class="mx-auto flex min-h-dvh max-w-[440px] flex-col desk:max-w-[1040px] desk:justify-center">
    <div class="flex h-[58px] items-center gap-3 px-4">
      <p class="whitespace-nowrap">
        <b class="figure text-[18px]">{{ Math.floor(t.spent.value / 60000) }}</b> min
      </p>
      <div
        class="flex min-w-0 flex-1 items-center gap-1 overflow-hidden"
        role="img"
        :aria-label="`${done} of ${places} places done`"
      >
        <span v-for="f in t.found.value.slice(-4)" :key="f.entryId" class="shrink-0 text-ink-3"
          ><FindingMark :finding="f.finding" :size="20"
        /></span>
        <span class="ml-1 size-[15px] shrink-0 rounded-[50%] border-[3px] border-due" />
        <span
          v-for="n in Math.min(7, t.queue.value.length - 1)"
          :key="n"
          class="ml-1 size-[8px] shrink-0 rounded-[50%] border-2 border-edge"
        />
        <span v-if="t.queue.value.length > 8" class="small ml-1">+{{ t.queue.value.length - 8 }}</span>
      </div>
      <button
        class="act act-plain !min-h-11 !px-3 text-[15px]"
        @click="t.table.value.regions = t.found.value.map((f) => f.region)"
      >
        End here
      </button>
      <button
        class="flex size-12 items-center justify-center"
        :aria-label="t.paused.value ? 'Go on' : 'Pause'"
        @click="t.pause()"
      >
        <svg
          width="26"
          height="26"
          viewBox="0 0 26 26"
          fill="none"
          stroke="currentColor"
          stroke-width="3.4"
          stroke-linecap="round"
          aria-hidden="true"
        >
          <path v-if="t.paused.value" d="M8 5l12 8-12 8z" stroke-linejoin="round" />
          <path v-else d="M8.500 4v18M17.500 4v18" />
        </svg>
      </button>
    </div>
    <div v-if="t.paused.value" class="flex flex-1 flex-col justify-center px-4">
      <h1>Paused at {{ clock(t.spent.value) }}</h1>
      <p class="why mt-2">The clock has stopped. Keep a hand on the dog.</p>
      <button class="act act-filled mt-6 w-full text-[17px]" @click="t.pause()">
        Go on with {{ region!.label.toLowerCase() }}
      </button>
    </div>
    <div v-else class="flex flex-1 flex-col desk:grid desk:flex-none desk:grid-cols-2 desk:gap-8">
      <PlaceView
        :key="region!.id"
        :region="region!.id"
        :build="buildOf(file.profile.coat)"
        :shades="shades"
        class="h-[34vh] shrink-0 desk:h-[460px]"
      />
      <div class="flex flex-1 flex-col px-4">
        <div class="mt-2 flex items-baseline justify-between gap-3">
          <h1 class="text-[31px]" aria-live="polite">{{ region!.label }}</h1>
          <p class="whitespace-nowrap" :class="over ? 'font-bold text-caution' : ''">
            <span class="figure text-[19px]">{{ clock(t.atPlace.value) }}</span>
            <span class="small">of {{ clock(limit) }}</span>
          </p>
        </div>
        <dl class="mt-2 space-y-1">
          <div class="flex gap-3">
            <dt class="why w-10 shrink-0">hold</dt>
            <dd class="font-semibold">{{ region!.hold }}</dd>
          </div>
          <div class="flex gap-3">
            <dt class="why w-10 shrink-0">way</dt>
            <dd class="font-semibold">{{ region!.lie }}</dd>
          </div>
          <div class="flex gap-3">
            <dt class="why w-10 shrink-0">tool</dt>
            <dd class="font-semibold">{{ coat.brush }}, flat and light; then the comb</dd>
          </div>
        </dl>
        <p class="mt-2 flex items-center gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{
            over ? 'Long enough here. Rest this place, do another, come back.' : CAUTIONS[region!.caution]
          }}
        </p>
        <p v-if="!done" class="mt-1 flex items-start gap-2 font-semibold text-vet">
          <VetMark class="shrink-0" />First a look and a feel. Sore, wet or hot skin: stop, ring the vet.
          Never alone up there.
        </p>
        <div class="flex-1" />
        <RadioGroup v-model="t.comfort.value" class="mt-3 grid grid-cols-3 border-t border-rule">
          <RadioGroupLabel class="sr-only">How the dog bears it</RadioGroupLabel>
          <RadioGroupOption v-for="c in COMFORT_IDS" :key="c" v-slot="{ checked }" :value="c" as="template">
            <div
              class="flex min-h-14 cursor-pointer items-center justify-center gap-2 border-b-[3px]"
              :class="checked ? 'border-ink font-bold' : 'border-transparent text-ink-2'"
            >
              <ComfortMark :comfort="c" />{{ c }}
            </div>
          </RadioGroupOption>
        </RadioGroup>
        <div class="mt-2 grid grid-cols-12 gap-[6px]" role="group" aria-label="What the comb says">
          <button
            v-for="f in FINDING_IDS"
            :key="f"
            :data-finding="f"
            class="flex items-center justify-center rounded text-[16px] font-semibold"
            :class="[
              FINDINGS[f].size === 'wide' ? 'col-span-7 min-h-20 gap-5 bg-due text-[21px] text-on-due' : '',
              FINDINGS[f].size === 'half'
                ? 'col-span-5 min-h-20 gap-4 border-[1.5px] border-edge bg-coat text-[18px]'
                : '',
              FINDINGS[f].size === 'small'
                ? 'col-span-3 min-h-[70px] flex-col gap-1 border-[1.5px] border-edge bg-coat'
                : '',
              f === 'refused' ? 'border-dashed !bg-transparent' : '',
            ]"
            @click="t.press(f)"
          >
            <FindingMark :finding="f" :size="FINDINGS[f].size === 'small' ? 30 : 36" />{{ FINDINGS[f].label }}
          </button>
        </div>
        <div class="mt-1 mb-2 flex min-h-14 items-center justify-between gap-3">
          <button v-if="last" class="flex min-h-14 min-w-0 items-center gap-2 text-left" @click="t.undo()">
            <svg
              width="22"
              height="22"
              viewBox="0 0 24 24"
              fill="none"
              stroke="currentColor"
              stroke-width="1.9"
              stroke-linecap="round"
              stroke-linejoin="round"
              aria-hidden="true"
              class="shrink-0"
            >
              <path d="M8 5L4 9l4 4M4 9h10a5.500 5.500 0 0 1 0 11h-3" />
            </svg>
            <b class="font-semibold">Undo</b>
            <span class="truncate text-ink-2">{{ last.label.toLowerCase() }}, {{ lastSays }}</span>
          </button>
          <span v-else />
          <button
            v-if="last?.finding === 'knot' && lastSays.endsWith('left in')"
            class="min-h-14 font-semibold whitespace-nowrap"
            @click="t.cameOut()"
          >
            It came out
          </button>
          <button
            v-else-if="t.queue.value.length > 1"
            class="min-h-14 font-semibold whitespace-nowrap"
            @click="t.skip()"
          >
            Skip for now
          </button>
        </div>
      </div>
    </div>
  </main>
</template>
