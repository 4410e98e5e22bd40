<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { countGoneBy } from '#core/learn/coats-like'
import type { KnotClass } from '#core/coat/regions'
import type { CoatsLike, Household } from '#shared/answers'
import { sayTimes, WHAT_IS_SHARED } from '~/words/coats-like'

/** What coats like it come to: taken so far, or counted; going by it; and whether one's own are shared, asked once. */
const { file } = useDog()
const { sayDate } = useInstants()
const me = useMe()
const { written, write, undo } = useWritten()
const told = ref<CoatsLike['last']>(null)
const home = ref<Household | null>(null)
const problem = ref('')
const offline = ref(false)
const profile = computed(() => file.value.profile)
const coatName = computed(() => COATS[profile.value.coat].label.toLowerCase())
const goesBy = computed(() => countGoneBy(profile.value))
const times = computed((): Partial<Record<KnotClass, number>> => told.value?.times[profile.value.coat] ?? {})
const rows = computed(() => sayTimes(times.value))

async function load() {
  try {
    const [last, household] = await Promise.all([
      ask('coatsLikeAnswer', '/api/coats-like'),
      ask('householdAnswer', '/api/household'),
    ])
    told.value = last.last
    home.value = household
    offline.value = false
  } catch (error) {
    if (error instanceof NoAnswer) offline.value = true
    else problem.value = inWords(error)
  }
}
onMounted(load)
async function share(sharesCounts: boolean) {
  problem.value = ''
  const { name, timeZone } = home.value!
  try {
    await api('/api/household', { method: 'PUT', body: { name, timeZone, sharesCounts } })
    await load()
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
}
const goBy = (version: number, these: Partial<Record<KnotClass, number>>) =>
  write(
    { kind: 'dog', like: { version, coat: profile.value.coat, times: these } },
    Object.keys(these).length
      ? `${profile.value.name} goes by count ${version}`
      : `${profile.value.name} goes by what is taken`,
  )
</script>

<template>
  <section aria-label="Coats like it" class="mt-6 border-t border-ink pt-2" data-coats-like>
    <h2>What coats like it come to</h2>
    <p v-if="offline" class="small" role="status">
      No signal: what was counted shows when there is one.
      <ActButton kind="quiet" @click="load">Try again</ActButton>
    </p>
    <template v-else-if="home">
      <template v-if="!rows.length">
        <p class="why">
          What is taken of such coats ({{ coatName }}) is our judgement so far. Counts that households share
          make it evidence.
        </p>
        <p v-if="goesBy" class="text-side">
          {{ profile.name }} goes by count {{ goesBy }}, which is told no more.
          <ActButton v-if="me.mayChange" kind="quiet" @click="goBy(goesBy, {})"
            >Go by what is taken instead</ActButton
          >
        </p>
      </template>
      <template v-else>
        <p class="why">
          Counted on {{ sayDate(told!.made) }} of what {{ told!.households }} households share; count
          {{ told!.version }}.
        </p>
        <ul class="mt-1 max-w-[720px]">
          <li
            v-for="r in rows"
            :key="r.of"
            class="flex justify-between gap-4 border-t border-rule py-1 text-side"
          >
            <span>{{ r.of }}</span><span class="font-semibold">{{ r.says }}</span>
          </li>
        </ul>
        <p v-if="written" class="small mt-1 flex items-center gap-3" role="status">
          {{ written.says }}, written in <ActButton kind="quiet" @click="undo">Undo</ActButton>
        </p>
        <p v-else-if="goesBy === told!.version" class="text-side">
          {{ profile.name }} goes by it.
          <ActButton v-if="me.mayChange" kind="quiet" @click="goBy(goesBy, {})"
            >Go by what is taken instead</ActButton
          >
        </p>
        <p v-else class="text-side">
          {{
            goesBy
              ? `${profile.name} goes by count ${goesBy}; this is a newer one.`
              : `${profile.name} goes by what is taken; from the day you say so the odds go by this.`
          }}
          <ActButton v-if="me.mayChange" kind="quiet" @click="goBy(told!.version, times)">Go by it</ActButton>
        </p>
      </template>
      <template v-if="home.sharesCounts === null && me.mayChange">
        <p class="mt-2 max-w-[720px] text-side">{{ WHAT_IS_SHARED }}</p>
        <div class="flex gap-6">
          <ActButton kind="quiet" @click="share(true)">Share our counts</ActButton>
          <ActButton kind="quiet" @click="share(false)">Keep them</ActButton>
        </div>
      </template>
      <p v-else-if="home.sharesCounts !== null" class="mt-2 text-side">
        {{ home.sharesCounts ? 'You share your counts.' : 'You keep your counts.' }}
        <ActButton to="/household" kind="quiet">Household</ActButton>
      </p>
    </template>
    <p v-else-if="!problem" class="small" role="status">Reading what was counted</p>
    <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
  </section>
</template>
