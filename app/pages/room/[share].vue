<script setup lang="ts">
import { useEventListener, useIntervalFn } from '@vueuse/core'
import { sharedViewOf } from '~/words/shared-view'
import { dayAndMonth } from '#core/record/say-day'
import type { Entry } from '#core/record/entries'
import type { WishLine } from '#core/record/wish-lines'
import type { SharedDog } from '#shared/answers'
import { visitBody } from '#shared/api'
import { visitDraft } from '~/composables/visit-form'
import type { VisitEntered } from '~/offline/visit-entered'
import { roomDrafts } from '~/offline/drafts'

/** One dog in the groomer's room: what is coming, the visit, the thread. */
const route = useRoute()
const router = useRouter()
const base = computed(() => `/api/room/dogs/${String(route.params.share)}`)
const shared = ref<SharedDog | null>(null)
const state = ref<'loading' | 'ready' | 'signed-out' | 'missing' | 'no-signal'>('loading')
async function load() {
  try {
    const answer = await ask('roomDogAnswer', base.value)
    if ('nobody' in answer) state.value = 'signed-out'
    else {
      shared.value = answer
      state.value = 'ready'
      void api(`${base.value}/read`, { method: 'POST', body: {} }).catch(() => undefined)
    }
  } catch (error) {
    state.value = error instanceof Refused ? 'missing' : 'no-signal'
  }
}

/** Answers a wish, or says which days there are. */
async function say(entry: Entry) {
  await api(`${base.value}/words`, { method: 'POST', body: { entry } })
  await load()
}
const priceOf = (lines: readonly WishLine[]) =>
  ask('priceAnswer', `${base.value}/price`, { method: 'POST', body: { lines: [...lines] } })
const answering = ref(false)
async function answer(body: { id: string; body: string }) {
  await api(`${base.value}/notes`, { method: 'POST', body })
  await load()
}

const today = useToday()
const { sayDate } = useInstants()
const keptAs = String(route.params.share)
const mine = () => visitDraft(keptAs, shared.value!.groomer)
/** One that was begun on this device is gone on with. */
const begun = ref(false)
const visiting = ref(false)
const busy = ref(false)
const problem = ref('')
const entered = ref<string | null>(null)
/** Entered with no signal: kept here whole, and sent when there is one. */
const WAITS = `${keptAs}:visit-to-send`
const waits = ref(false)
async function post(visit: VisitEntered) {
  await api(`${base.value}/visits`, { method: 'POST', body: visit })
  roomDrafts.keep(WAITS, null)
  roomDrafts.keep(mine(), null)
  waits.value = begun.value = visiting.value = false
  problem.value = ''
  entered.value = visit.visit.what.suggests?.day ?? ''
  await load()
  window.scrollTo({ top: 0 })
}
async function enter(visit: VisitEntered, finish: () => void) {
  busy.value = true
  problem.value = ''
  try {
    await post(visit)
    finish()
  } catch (error) {
    problem.value = inWords(error, 'All of it is still here; press again.')
    if (error instanceof NoAnswer) {
      roomDrafts.keep(WAITS, JSON.stringify(visit))
      waits.value = begun.value = true
      visiting.value = false
      problem.value = ''
      window.scrollTo({ top: 0 })
    } else roomDrafts.keep(WAITS, null)
  }
  busy.value = false
}
/** Who entered what waits: nobody else's telephone sends it as theirs. */
function waiting(): VisitEntered | null {
  try {
    return visitBody.parse(JSON.parse(roomDrafts.kept(WAITS) ?? '')) as VisitEntered
  } catch {
    return null
  }
}
/** What waits is sent, once however often it is asked. */
async function sendWaiting() {
  begun.value = shared.value !== null && roomDrafts.kept(mine()) !== null
  const kept = waiting()
  waits.value = kept !== null
  if (!kept || !shared.value || busy.value || kept.visit.what.by !== shared.value.groomer) return
  busy.value = true
  try {
    await post(kept)
  } catch (error) {
    if (!(error instanceof NoAnswer)) {
      // It is not taken as it is: what is wrong is put right in the form.
      roomDrafts.keep(WAITS, null)
      waits.value = false
      problem.value = inWords(error, 'All of it is still here; open the visit and put it right.')
    }
  }
  busy.value = false
}
/** Opened again it is to be entered again: what waits is not what is written then. */
function openVisit() {
  roomDrafts.keep(WAITS, null)
  waits.value = false
  problem.value = ''
  visiting.value = true
}
function notNow() {
  visiting.value = false
  begun.value = roomDrafts.kept(mine()) !== null
}
async function come() {
  await load()
  await sendWaiting()
}
onMounted(come)
useEventListener(() => window, 'online', come)
/** A server that was away tells nobody that it is back, ms (judgement). */
const AGAIN_MS = 20_000
useIntervalFn(() => waits.value && !visiting.value && void sendWaiting(), AGAIN_MS)
async function letGo() {
  try {
    await api(base.value, { method: 'DELETE' })
    await router.push('/room')
  } catch (error) {
    problem.value = inWords(error)
  }
}
useHead({
  title: computed(() => (shared.value ? `${shared.value.profile.name} · Grumbo` : 'A room · Grumbo')),
})
</script>

<template>
  <RoomDoor v-if="state === 'signed-out'" @in="come" />
  <main v-else-if="!shared" class="mx-auto max-w-[440px] px-4 pt-24">
    <EmptyState v-if="state === 'missing'" title="This dog is not in your room">
      <template #why>The owner closed the share, or it has run out. Ask for a new code.</template>
      <ActButton to="/room" kind="filled" class="mt-6 w-full">Back to the list</ActButton>
    </EmptyState>
    <template v-else>
      <p class="why" role="status">
        {{ state === 'no-signal' ? 'No signal: it shows when there is one.' : 'Reading the record' }}
      </p>
      <p v-if="waits" class="mt-3 font-semibold">The visit you entered is kept on this device.</p>
      <ActButton v-if="state === 'no-signal'" class="mt-4 w-full" @click="come">Try again</ActButton>
    </template>
  </main>
  <main v-else class="mx-auto max-w-[1080px] px-4 pb-8 desk:px-10">
    <p class="flex min-h-12 items-center justify-between gap-3 border-b border-ink text-side">
      <NuxtLink to="/room" class="flex min-h-11 items-center font-semibold">All dogs</NuxtLink>
      <span class="text-ink-2">from {{ shared.owner }}, open until {{ sayDate(shared.expires) }}</span>
    </p>
    <template v-if="visiting">
      <div class="flex items-end justify-between gap-4">
        <h1 class="mt-4">{{ shared.profile.name }}, the visit</h1>
        <ActButton kind="quiet" @click="notNow">Not now</ActButton>
      </div>
      <VisitForm
        class="mt-1"
        :record="{ profile: shared.profile, began: shared.began, entries: shared.entries }"
        :today="shared.today"
        :by="shared.groomer"
        :kept-as="keptAs"
        note
        :busy="busy"
        :problem="problem"
        @enter="enter"
      />
    </template>
    <template v-else>
      <p v-if="entered !== null" class="mt-3 font-semibold" role="status">
        The visit is in {{ shared.owner }}’s record{{
          entered ? `; ${dayAndMonth(entered, today)} is suggested for the next` : ''
        }}.
      </p>
      <p v-if="waits" class="mt-3 font-semibold" role="status" data-visit-waits>
        No signal: the visit is kept on this device and goes up by itself when there is one.
      </p>
      <NoticeLine v-else-if="problem" class="mt-3">{{ problem }}</NoticeLine>
      <SharedDogView
        :shared="shared"
        :view="sharedViewOf(shared)"
        :photographs="`${base}/photographs`"
        :answer="answer"
      >
        <template #wish="{ wish, price }">
          <WishAnswers
            v-if="answering"
            :key="wish.id"
            :wish="wish"
            :asked="price?.asked ?? null"
            :groomer="shared.groomer"
            :today="shared.today"
            :price-of="priceOf"
            :send="say"
            @done="answering = false"
            @cancel="answering = false"
          />
          <template v-else>
            <WishShown :wish="wish" :price="price" />
            <p v-if="wish.taken" class="mt-2 font-semibold">
              {{ shared.owner }} took your answer: it is agreed.
            </p>
            <ActButton
              :kind="wish.answer ? 'plain' : 'filled'"
              class="mt-3 w-full text-lead"
              @click="answering = true"
              >{{ wish.answer ? 'Answer otherwise' : 'Answer the wish' }}</ActButton
            >
          </template>
        </template>
        <template #when>
          <DaysToPropose v-if="shared.scope !== 'note'" :shared="shared" :send="say" />
        </template>
        <template #acts>
          <ActButton v-if="shared.scope !== 'note'" class="mt-3 w-full text-lead" @click="openVisit">
            {{ begun ? 'Go on with the visit' : 'Enter a visit' }}
          </ActButton>
          <details class="mt-2 border-t border-rule">
            <ActButton kind="quiet" tag="summary" class="cursor-pointer"
              >Let {{ shared.profile.name }} go</ActButton
            >
            <p class="small">The dog leaves your list. What you wrote stays with the owner.</p>
            <ActButton class="mt-2 w-full" @click="letGo">Take off my list</ActButton>
          </details>
        </template>
      </SharedDogView>
    </template>
  </main>
</template>
