<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { v7 as uuid } from 'uuid'
import { draftNote } from '#core/care/note'
import { stretchStart } from '#core/record/stretch-start'
import { daysBetween } from '#core/record/day'
import { sayDay } from '#core/record/say-day'
import { standingAdvice } from '#core/care/advice'
import { placeRow } from '#core/coat/regions'
import { timeline } from '#core/record/timeline'
import { MOST_NOTE } from '#shared/limits'
import type { Scope } from '#shared/limits'
import type { Attached } from '#shared/api'
import type { Thread } from '#shared/answers'
import { keepDraft, keptDraft } from '~/offline/drafts'
import { askFrom, sayAsk } from '~/words/ask'
import { POSTED } from '~/words/letters'

const { file, today } = useDog()
const record = useRecord()
const base = computed(() => `/api/dogs/${file.value.id}`)
const thread = ref<Thread | null>(null)
const offline = ref(false)
async function load() {
  try {
    thread.value = await ask('threadAnswer', `${base.value}/notes`)
    offline.value = false
  } catch {
    offline.value = true
  }
}
onMounted(load)

/** The draft is the owner's once they change it: kept on this device until it is sent. */
const fromRecord = computed(() => draftNote(file.value, today.value))
const body = ref('')
const route = useRoute()
const router = useRouter()
onMounted(async () => {
  body.value = keptDraft(file.value.id) ?? fromRecord.value
  // Asked for on another page, once: an ask of what if, or about an instruction for home.
  const about = standingAdvice(file.value, today.value).find((a) => a.id === route.query.about)
  const ask = about
    ? `You said${about.place ? ` of the ${placeRow(about.place).plural.toLowerCase()}` : ''}: “${about.says}” `
    : sayAsk(askFrom(route.query))
  if (!ask) return
  if (!body.value.includes(ask)) body.value = `${body.value}\n${ask}`.trim()
  await router.replace({ query: {} })
})
watch(body, (text) => keepDraft(file.value.id, text === fromRecord.value ? null : text))
// What another device wrote comes in while this is open; what the owner changed stays as they put it.
watch(fromRecord, (now, before) => {
  if (body.value === before) body.value = now
})
const changed = computed(() => body.value !== fromRecord.value)

const live = computed(
  () => thread.value?.shares.filter((s) => !s.revoked && Date.parse(s.expires) > currentMs()) ?? [],
)
const groomer = ref(file.value.profile.groomer ?? '')
const sending = ref(false)
const problem = ref('')
const sent = ref(false)
/** Shown once, when the link is made. */
const link = ref('')
const code = ref('')
const linkId = ref(uuid())
/** What became of the letter with it. */
const mailed = ref('')
const email = ref('')
const scope = ref<Scope>('stretch')
const SCOPE_WORDS: Record<Scope, string> = {
  note: 'the notes alone',
  stretch: 'this stretch and its forecast',
  history: 'the whole record',
}
const YEAR = 365

/** What goes along: the map as it stands, and photographs of this stretch. */
const withMap = ref(true)
const { shades } = useStanding(
  computed(() => 0),
  ref(null),
)
const photos = computed(() => {
  const from = stretchStart(file.value, today.value)
  return timeline(file.value.entries)
    .filter((f) => f.what.kind === 'photo' && f.day >= from && f.day <= today.value)
    .slice(-MOST_PHOTOS)
})
const MOST_PHOTOS = 6
const along = ref<string[]>([])
const attached = computed((): Attached | undefined => {
  const map = withMap.value ? { map: { day: today.value, shades: shades.value } } : {}
  const photographs = along.value.length ? { photographs: along.value } : {}
  return withMap.value || along.value.length ? { ...map, ...photographs } : undefined
})
const noteId = ref(uuid())

/** A link stays open to the visit and a week past it, or a month. */
const linkDays = computed(() => {
  const visit = file.value.profile.nextVisit
  const days = visit && visit > today.value ? daysBetween(today.value, visit) + 7 : 30
  return Math.min(YEAR, days)
})
const days = ref<number>()
const DAYS = computed(() => [
  { value: linkDays.value, words: file.value.profile.nextVisit ? 'to the visit' : 'a month' },
  { value: YEAR, words: 'a year' },
])

async function send() {
  sending.value = true
  problem.value = ''
  try {
    const name = groomer.value.trim()
    if (!live.value.length && !name) throw new Error('Say whom it is for: the groomer’s name.')
    await record.send()
    await api(`${base.value}/notes`, {
      method: 'POST',
      body: {
        id: noteId.value,
        body: body.value,
        ...(attached.value ? { attached: attached.value } : {}),
      },
    })
    if (!live.value.length) await makeLink(name)
    noteId.value = uuid()
    sent.value = true
    keepDraft(file.value.id, null)
    await load()
  } catch (error) {
    problem.value = inWords(error, 'The words are safe here.')
  }
  sending.value = false
}
async function makeLink(name: string) {
  const to = email.value.trim()
  const made = await ask('shareAnswer', `${base.value}/shares`, {
    method: 'POST',
    body: {
      id: linkId.value,
      groomer: name,
      scope: scope.value,
      days: days.value ?? linkDays.value,
      ...(to ? { email: to } : {}),
    },
  })
  link.value = `${location.origin}/l/${made.token}`
  code.value = made.code.replace(/(.{4})(?=.)/g, '$1-')
  mailed.value = made.mailed ? POSTED[made.mailed] : ''
  // The answer is here: the next link is another. Until then asking again gives the same one.
  linkId.value = uuid()
}
async function another() {
  problem.value = ''
  try {
    await makeLink(groomer.value.trim() || live.value[0]?.groomer || 'the groomer')
    email.value = ''
    await load()
  } catch (error) {
    problem.value = inWords(error)
  }
}
async function revoke(id: string) {
  try {
    await api(`${base.value}/shares/${id}`, { method: 'DELETE' })
    link.value = ''
    await load()
  } catch (error) {
    problem.value = inWords(error)
  }
}
const copied = ref(false)
async function copy() {
  await navigator.clipboard.writeText(link.value).then(
    () => (copied.value = true),
    () => (copied.value = false),
  )
}
const to = computed(() => live.value[0]?.groomer ?? (groomer.value.trim() || 'the groomer'))
const { sayWhen, sayDate } = useInstants()
</script>

<template>
  <div class="desk:grid desk:grid-cols-[minmax(0,1fr)_400px] desk:gap-14">
    <section aria-label="A note" class="max-w-165">
      <h1 class="pt-2 desk:pt-5">{{ sent ? `Sent to ${to}` : `Tell ${to}` }}</h1>
      <p class="why mt-2">
        {{
          sent
            ? 'It stands in the thread. Nothing is sent by itself.'
            : 'Drafted from what you wrote down. Change it as you like; nothing goes until you send it.'
        }}
      </p>

      <div v-if="link" class="mt-4 border-l-3 border-due pl-3">
        <p class="font-semibold">Give {{ to }} this link</p>
        <p class="small">
          It opens with no account and is shown this once. Anyone who has it can read and answer.
        </p>
        <p v-if="mailed" class="small" role="status" data-mailed>{{ mailed }}</p>
        <p class="mt-1 flex items-center gap-3">
          <LinkShown :link="link" class="flex-1" label="The link" data-link />
          <ActButton kind="quiet" @click="copy()">{{ copied ? 'Copied' : 'Copy' }}</ActButton>
        </p>
        <p class="mt-2">
          Or, for a room of theirs, this code: <b class="figure text-story" data-code>{{ code }}</b>
          <span class="small block">It serves once and runs out in two weeks.</span>
        </p>
      </div>

      <form v-if="!sent" class="mt-4" @submit.prevent="send">
        <FormField
          v-if="!live.length"
          v-model="groomer"
          class="mb-4"
          label="Groomer’s name"
          maxlength="40"
          autocomplete="off"
        />
        <label class="block">
          <span class="small">The note</span>
          <textarea
            v-model="body"
            :maxlength="MOST_NOTE"
            rows="10"
            class="w-full rounded border border-rule bg-coat p-4 font-serif text-lead leading-[1.45]"
          />
        </label>
        <p class="flex justify-between">
          <ActButton v-if="changed" kind="quiet" @click="body = fromRecord"> Back to the draft</ActButton
          ><span v-else />
          <span v-if="body.length > MOST_NOTE * 0.9" class="small pt-2"
            >{{ MOST_NOTE - body.length }} letters left</span
          >
        </p>
        <fieldset class="border-t border-rule">
          <legend class="small float-left w-full pt-2">Goes along</legend>
          <label class="clear-left flex min-h-11 w-full items-center gap-2">
            <input v-model="withMap" type="checkbox" name="with-map" class="size-5 accent-ink" />the coat map
            as it stands today
          </label>
          <div v-if="photos.length" class="flex flex-wrap gap-2">
            <label v-for="p in photos" :key="p.id" class="flex flex-col items-center">
              <PhotoShown :dog-id="file.id" :photo="p.id" alt="Photograph" />
              <input
                v-model="along"
                type="checkbox"
                :value="p.id"
                class="size-5 accent-ink"
                :aria-label="`Photograph of ${sayDay(p.day, today)}`"
              />
            </label>
          </div>
        </fieldset>
        <NoticeLine v-if="problem" class="mt-1 flex gap-2">
          <CautionMark class="shrink-0" />{{ problem }}
        </NoticeLine>
        <ActButton
          kind="filled"
          type="submit"
          class="mt-3 w-full text-lead"
          :disabled="sending || !body.trim()"
        >
          Send to {{ to }}
        </ActButton>
        <p class="small mt-3">
          {{ LAW }}
        </p>
      </form>
      <p class="flex flex-wrap gap-x-6">
        <ActButton :to="`/dogs/${file.id}/card`" kind="quiet" class="mt-2"
          >The handover card, one page</ActButton
        >
        <ActButton :to="`/dogs/${file.id}/visit`" kind="quiet" class="mt-2"
          >Enter a visit from a slip</ActButton
        >
      </p>
      <ActButton v-if="sent" class="mt-5" @click="((sent = false), (body = fromRecord))">
        Write another
      </ActButton>
    </section>

    <section aria-label="The thread" class="mt-8 desk:mt-6">
      <h2 class="border-b border-ink pb-2">Between you</h2>
      <p v-if="offline" class="small py-3" role="status">
        No signal: the thread shows when there is one.
        <ActButton kind="quiet" @click="load">Try again</ActButton>
      </p>
      <p v-else-if="!thread" class="small py-3" role="status">Reading the thread</p>
      <p v-else-if="!thread.notes.length" class="why py-3">Nothing yet.</p>
      <ol v-else>
        <li
          v-for="n in [...thread.notes].reverse()"
          :key="n.id"
          class="border-b border-rule py-3"
          :data-author="n.author"
        >
          <p class="small flex justify-between gap-3">
            <b class="font-semibold text-ink">{{ n.author === 'owner' ? 'You' : n.authorName }}</b>
            <span
              >{{ sayWhen(n.sent)
              }}{{ n.author === 'owner' ? (n.read ? ', read' : ', not read yet') : '' }}</span
            >
          </p>
          <p
            class="mt-1 break-words whitespace-pre-line"
            :class="n.author === 'groomer' ? 'why text-ink' : ''"
          >
            {{ n.body }}
          </p>
          <NoteAttached :note="n" :coat="file.profile.coat">
            <template #photo="{ id }">
              <PhotoShown :dog-id="file.id" :photo="id" alt="Photograph" />
            </template>
          </NoteAttached>
        </li>
      </ol>
      <h2 class="mt-8 border-b border-ink pb-2">Links</h2>
      <p v-if="thread && !thread.shares.length" class="why py-3">None open. The first note makes one.</p>
      <ul v-if="thread">
        <li
          v-for="s in thread.shares"
          :key="s.id"
          class="flex items-center justify-between gap-3 border-b border-rule py-2"
          :data-share="s.id"
        >
          <span>
            <b class="font-semibold">{{ s.groomer }}</b><br />
            <span class="small">{{
              s.revoked
                ? 'closed'
                : Date.parse(s.expires) < currentMs()
                  ? 'run out'
                  : `${SCOPE_WORDS[s.scope]}, open until ${sayDate(s.expires)}${s.room ? `, in ${s.room}` : ''}${s.lastOpened ? `, opened ${sayWhen(s.lastOpened)}` : ', not opened yet'}`
            }}</span>
          </span>
          <ActButton
            v-if="!s.revoked && Date.parse(s.expires) > currentMs()"
            kind="quiet"
            class="whitespace-nowrap"
            @click="revoke(s.id)"
          >
            Close it
          </ActButton>
        </li>
      </ul>
      <form v-if="thread" class="mt-3" @submit.prevent="another">
        <h3 class="text-story">Share {{ file.profile.name }}</h3>
        <FormField
          v-model="groomer"
          class="mt-1"
          label="With whom"
          name="share-groomer"
          maxlength="40"
          autocomplete="off"
          required
        />
        <label class="mt-2 flex items-center gap-3 border-b border-rule">
          <span class="flex-1">They see</span>
          <select v-model="scope" name="scope" class="h-12 max-w-[70%] bg-transparent text-right">
            <option v-for="(words, id) in SCOPE_WORDS" :key="id" :value="id">{{ words }}</option>
          </select>
        </label>
        <div class="flex items-center gap-3 border-b border-rule">
          <span class="flex-1">For how long</span>
          <ChoiceRow
            :model-value="days ?? linkDays"
            tight
            label="For how long"
            :choices="DAYS"
            @update:model-value="(d: number | undefined) => (days = d)"
          />
        </div>
        <FormField
          v-model="email"
          class="mt-2"
          label="Mail them the link, if you like"
          type="email"
          name="share-email"
          autocomplete="off"
        />
        <ActButton type="submit" class="mt-3 w-full">Make a link and a code</ActButton>
      </form>
    </section>
  </div>
</template>
