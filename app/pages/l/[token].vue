<script setup lang="ts">
import type { SharedDog } from '#shared/answers'
import type { SharedView } from '~/words/shared-view'

/** What a groomer sees by link, with no account: what they are about to find. */
const token = String(useRoute().params.token)
const headers = { authorization: `Bearer ${token}` }
// What is no token is asked of nobody.
const isToken = /^[\w-]{20,60}$/.test(token)
/**
 * Drawn with the page by the server; asked for here where this page was come to from another of ours. What the
 * record comes to goes along instead of the record: a telephone need not work it out again.
 */
const shared = useState<SharedDog | null>('shared', () => null)
const view = useState<SharedView | null>('shared-view', () => null)
const drawnIn = useDrawnIn()
const fetchHere = useRequestFetch()
async function load() {
  if (!isToken) return 404
  try {
    const answer = import.meta.server
      ? await fetchHere<SharedDog>('/api/shared', { headers })
      : await ask('sharedDogAnswer', '/api/shared', { headers })
    const { sharedViewOf } = await import('~/words/shared-view')
    view.value = sharedViewOf(answer)
    shared.value = { ...answer, entries: [] }
    drawnIn.value = { timeZone: answer.timeZone, today: answer.today }
    return 200
  } catch (error) {
    shared.value = null
    return (error as { statusCode?: number }).statusCode ?? 503
  }
}
/** The dog as the server draws it into the page; its program draws it anew, so it is not sent twice. */
const standing = ref('')
if (import.meta.server || !useNuxtApp().isHydrating) {
  const status = await load()
  if (import.meta.server) {
    setResponseStatus(useRequestEvent()!, status)
    if (shared.value?.arrival)
      standing.value = (await fetchHere<{ picture: string }>('/api/shared/picture', { headers })).picture
  }
}

const { sayDate } = useInstants()
useWoken()

/** It was fetched by whoever previews links, too: read is what somebody has before their eyes. */
onMounted(() => {
  if (shared.value && document.visibilityState === 'visible')
    void api('/api/shared/read', { method: 'POST', body: {}, headers }).catch(() => undefined)
})

async function answer(body: { id: string; body: string }) {
  await api('/api/shared/notes', { method: 'POST', body, headers })
  await load()
}
const router = useRouter()
const problem = ref('')
/** Into the groomer's own room; one who has none yet opens it on the way. */
async function keep() {
  problem.value = ''
  try {
    const { share } = await ask('keptAnswer', '/api/room/dogs', { method: 'POST', body: { token } })
    await router.push(`/room/${share}`)
  } catch (e) {
    if (e instanceof Refused && e.statusCode === 401) {
      carriedLink.keep(token)
      await router.push('/room')
    } else problem.value = inWords(e)
  }
}
useHead({
  title: computed(() => (shared.value ? `${shared.value.profile.name} · Grumbo` : 'Grumbo')),
  meta: [
    { name: 'robots', content: 'noindex, nofollow' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})
</script>

<template>
  <main v-if="!shared || !view" class="mx-auto max-w-[440px] px-4 pt-24">
    <EmptyState title="This link does not open anything">
      <template #why>
        It has run out, was closed, or lost a letter on the way. Ask the owner for a new one.
      </template>
    </EmptyState>
  </main>
  <main v-else class="mx-auto max-w-[1080px] px-4 pb-8 desk:px-10" :data-days-in="shared.timeZone">
    <p class="flex min-h-12 items-center justify-between gap-3 border-b border-ink text-side">
      <span
        >For <b class="font-semibold">{{ shared.groomer }}</b> from {{ shared.owner }}</span
      >
      <span class="text-ink-2">open until {{ sayDate(shared.expires) }}</span>
    </p>
    <SharedDogView
      :shared="shared"
      :view="view"
      :standing="standing"
      photographs="/api/shared/photographs"
      :headers="headers"
      :answer="answer"
    >
      <template #acts>
        <ActButton class="mt-3 w-full" @click="keep"> Keep {{ shared.profile.name }} in my room </ActButton>
        <p class="small mt-1">
          A room lists every dog shared with you, and there you mark a visit on the map.
        </p>
        <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
      </template>
    </SharedDogView>
  </main>
</template>
