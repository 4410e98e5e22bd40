<script setup lang="ts">
import { openConcerns, sayWhere } from '#core/care/look/look-over'
import { readOut } from '#core/care/look/read-out'
import { ROUND } from '#core/care/look/look-round'
import type { FactOf } from '#core/record/entries'
import { SPOTS } from '#core/record/spots'
import type { PlaceId } from '#core/coat/regions'
import { sayDay } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import { capital, plural } from '~/words/numbers'

/** A walk over the dog, a minute long. What is seen is said to a vet; nothing here says what it might be. */
const { file, today } = useDog()
const record = useRecord()
const profile = computed(() => file.value.profile)
const she = computed(() => profile.value.sex === 'female')
const concerns = computed(() => openConcerns(file.value, today.value))
const at = ref(-1)
const stop = computed(() => ROUND[at.value])
const seen = ref(0)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)

const raising = ref(false)
const raised = ref<{ id: string; place: PlaceId | null } | null>(null)
async function write(what: FactOf<'concern'>) {
  const [entry] = await record.add([{ day: today.value, time: localTime(), what }])
  if (!entry) return
  raised.value = { id: entry.id, place: what.where in SPOTS ? null : (what.where as PlaceId) }
  raising.value = false
  seen.value += 1
  foundAt.value.push(at.value)
}
const open = computed(() => concerns.value.find((c) => c.id === raised.value?.id) ?? null)
async function on() {
  raised.value = null
  if (at.value < ROUND.length - 1) {
    at.value += 1
    return
  }
  await record.add([{ day: today.value, time: localTime(), what: { kind: 'tidy', tidy: 'look-over' } }])
  at.value = ROUND.length
}
const close = (id: string, how: 'vet' | 'well' | 'mistaken') =>
  record.add([{ day: today.value, time: localTime(), what: { kind: 'concern-closed', concern: id, how } }])
const takeBack = (id: string, day: string) => record.takeBack({ id, day })
/** Stops at which something was seen this time. */
const foundAt = ref<number[]>([])
useHead({ title: computed(() => `${profile.value.name}, look-over · Grumbo`) })
</script>

<template>
  <div ref="root" class="desk:grid desk:grid-cols-[minmax(0,1fr)_400px] desk:gap-12 desk:pt-4" data-look-over>
    <div class="hidden desk:block">
      <WalkedDog :build="buildOf(profile.coat)" :at="at" :found="foundAt" class="mx-auto max-h-[560px]" />
    </div>
    <div>
      <template v-if="open">
        <h1 class="pt-1 text-vet desk:pt-4">Stop here and ring the vet</h1>
        <p class="why mt-2">No comb, no bath and no tidy there until it is closed. Read this out:</p>
        <p class="mt-3 border-y border-vet py-3 text-story" data-read-out>
          {{ readOut(file, open, today) }}
        </p>
        <AddPhotograph
          class="mt-3"
          label="Add a photograph of it"
          v-bind="raised?.place ? { place: raised.place } : {}"
        />
        <ActButton data-choice kind="filled" class="mt-5 w-full" @click="on">
          {{ at < ROUND.length - 1 ? 'Go on with the rest' : 'That was all' }}
        </ActButton>
        <ActButton kind="quiet" class="mt-2" @click="takeBack(open.id, open.day)"
          >Undo: it was nothing</ActButton
        >
      </template>
      <SeenForm v-else-if="raising && stop" :where="stop.where" @write="write" @back="raising = false" />
      <template v-else-if="stop">
        <p class="small pt-2 desk:pt-4">{{ at + 1 }} of {{ ROUND.length }}</p>
        <h1 aria-live="polite">{{ stop.stop }}</h1>
        <p class="why mt-2">{{ stop.look }}</p>
        <WalkedDog
          :build="buildOf(profile.coat)"
          :at="at"
          :found="foundAt"
          class="mx-auto mt-4 max-h-[38vh] desk:hidden"
        />
        <ActButton data-choice kind="filled" class="mt-5 min-h-16 w-full text-story" @click="on">
          All well
        </ActButton>
        <ActButton data-choice class="mt-2 w-full" @click="raising = true">
          <VetMark class="shrink-0" />Something is there
        </ActButton>
        <button v-if="at > 0" class="min-h-14 font-semibold" @click="at -= 1">Back</button>
      </template>
      <template v-else-if="at === ROUND.length">
        <h1 class="pt-1 desk:pt-4">
          {{ seen ? `${capital(plural(seen, 'thing'))} for the vet` : 'Looked over, all well' }}
        </h1>
        <p class="why mt-2">It is in the diary. {{ seen ? 'Ring them today.' : 'Again in about a week.' }}</p>
        <NextUp class="mt-5" />
      </template>
      <template v-else>
        <h1 class="pt-1 desk:pt-4">Look {{ she ? 'her' : 'him' }} over, one minute</h1>
        <p class="why mt-2">
          Eyes and flat hands, nose to tail, before any tool. It says what to tell the vet, never what it is.
        </p>
        <ul v-if="concerns.length" class="mt-4 border-t border-vet">
          <li v-for="c in concerns" :key="c.id" class="border-b border-rule py-2" data-open-concern>
            <p class="flex gap-2 font-semibold text-vet">
              <VetMark class="shrink-0" />{{ sayWhere(c.what.where) }}, {{ sayDay(c.day, today) }}
            </p>
            <p class="mt-1">{{ readOut(file, c, today) }}</p>
            <div class="flex flex-wrap gap-x-5">
              <ActButton kind="quiet" @click="close(c.id, 'vet')">The vet has seen it</ActButton>
              <ActButton kind="quiet" @click="close(c.id, 'well')">It is well</ActButton>
              <ActButton kind="quiet" @click="close(c.id, 'mistaken')">It was nothing</ActButton>
            </div>
          </li>
        </ul>
        <ActButton kind="filled" class="mt-5 w-full text-lead" @click="at = 0">Begin at the eyes</ActButton>
        <ol class="mt-5 border-t border-ink" aria-label="The seven stops">
          <li
            v-for="(r, i) in ROUND"
            :key="r.stop"
            class="grid grid-cols-[26px_1fr] border-b border-rule py-1.5"
          >
            <span class="figure text-story text-due">{{ i + 1 }}</span>
            <span
              ><b class="font-semibold">{{ r.stop }}</b> <i class="why block text-body">{{ r.look }}</i></span
            >
          </li>
        </ol>
      </template>
    </div>
  </div>
</template>
