<script setup lang="ts">
import { dayAndMonth } from '#core/record/say-day'
import { capital, plural } from '~/words/numbers'
import { bringDog, previewOf, saveAs } from '~/composables/bring-in'
import type { Preview } from '~/composables/bring-in'

/** The record belongs to its owner: all of it out, in open formats, and in again. */
const { file, today, planning } = useDog()
const record = useRecord()
const store = useMe()
const router = useRouter()
const profile = computed(() => file.value.profile)
const slug = computed(
  () =>
    profile.value.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'dog',
)
const named = (end: string) => `${slug.value}-${today.value}.${end}`

async function saveRecord() {
  const { writeRecordFile } = await import('#shared/record-file')
  saveAs(
    named('json'),
    'application/json',
    writeRecordFile(
      { id: file.value.id, profile: file.value.began ?? profile.value },
      file.value.entries,
      currentInstant(),
    ),
  )
}
async function saveDiary() {
  const { writeDiaryCsv } = await import('#shared/diary-csv')
  saveAs(named('csv'), 'text/csv;charset=utf-8', writeDiaryCsv(file.value.entries))
}
async function saveCalendar() {
  const { calendarOf } = await import('~/composables/gather')
  saveAs(
    named('ics'),
    'text/calendar;charset=utf-8',
    calendarOf(file.value, planning.plan.value, today.value),
  )
}
const gathering = ref(0)
/** The record, the diary, the calendar, the thread and every photograph, in one zip. */
async function saveAll() {
  if (gathering.value) return
  gatherProblem.value = ''
  const { Cancelled, gatherAll } = await import('~/composables/gather')
  stopper = new AbortController()
  gathering.value = 0.01
  try {
    const zip = await gatherAll(
      file.value,
      planning.plan.value,
      today.value,
      (share) => (gathering.value = share),
      stopper.signal,
    )
    saveAs(named('zip'), 'application/zip', zip)
  } catch (error) {
    if (!(error instanceof Cancelled)) gatherProblem.value = `${inWords(error)} Nothing was saved.`
  }
  gathering.value = 0
}
const gatherProblem = ref('')
let stopper: AbortController | undefined
onBeforeUnmount(() => stopper?.abort())
const feed = ref('')
async function makeFeed() {
  problem.value = ''
  try {
    const { token } = await ask('tokenAnswer', `/api/dogs/${file.value.id}/feed`, {
      method: 'POST',
      body: {},
    })
    feed.value = `${location.origin}/api/feed/${token}.ics`
  } catch (error) {
    problem.value = inWords(error, 'Nothing was made.')
  }
}
async function closeFeed() {
  problem.value = ''
  try {
    await api(`/api/dogs/${file.value.id}/feed`, { method: 'DELETE' })
    feed.value = ''
    done.value = 'No calendar address of this dog works any more.'
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
}
const SAVES = [
  {
    words: 'The whole record, JSON',
    says: 'Everything shown is computed from it. Its schema is published with the program.',
    go: saveRecord,
  },
  { words: 'The diary as a table, CSV', says: 'A line an entry, for a spreadsheet.', go: saveDiary },
  { words: 'Plan and visit, iCalendar', says: 'Whole days, for any calendar.', go: saveCalendar },
  {
    words: 'Everything, with photographs, zip',
    says: 'All of the above, the thread, and every picture.',
    go: saveAll,
  },
]

const chooser = ref<HTMLInputElement | null>(null)
const preview = shallowRef<Preview | null>(null)
const problem = ref('')
const done = ref('')
const busy = ref(false)
async function choose() {
  const chosen = chooser.value?.files?.[0]
  if (!chosen) return
  problem.value = done.value = ''
  preview.value = null
  busy.value = true
  try {
    preview.value = await previewOf(chosen, file.value.id, file.value.entries, today.value)
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
  if (chooser.value) chooser.value.value = ''
}
async function add() {
  const p = preview.value
  if (!p) return
  busy.value = true
  try {
    if (p.kind === 'entries') {
      await record.add(
        p.fresh.map(({ day, time, what }) => ({ day, what, ...(time ? { time } : {}) })),
        p.fresh.map((e) => e.id),
      )
      done.value = `${capital(plural(p.fresh.length, 'entry', 'entries'))} added.`
    } else if (p.kind === 'dog') {
      const taken = store.me?.dogs.some((d) => d.id === p.id) ?? false
      const id = await bringDog(p, taken)
      await store.load()
      await router.push(`/dogs/${id}`)
    }
    preview.value = null
  } catch (error) {
    problem.value = inWords(error, 'Press again: what is missing is added, and nothing twice.')
  }
  busy.value = false
}
async function visitOn(day: string) {
  try {
    await record.changeProfile({ ...profile.value, nextVisit: day })
    done.value = `The next visit is ${dayAndMonth(day)}.`
    preview.value = null
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
}
const goesOn = computed(() => store.me?.dogs.find((d) => d.id === file.value.id)?.deleteAfter ?? null)
const SHOWN = 8
useHead({ title: computed(() => `${profile.value.name}, your data · Grumbo`) })
</script>

<template>
  <div class="desk:grid desk:grid-cols-[330px_minmax(0,1fr)_330px] desk:gap-10">
    <section aria-label="Out">
      <h1 class="pt-1 desk:pt-4">It is yours</h1>
      <p class="why mt-2">All of {{ profile.name }}’s record, in open formats, made on this device.</p>
      <ul class="mt-4 border-t border-ink">
        <li v-for="s in SAVES" :key="s.words" class="border-b border-rule py-3">
          <ActButton class="w-full" @click="s.go">{{ s.words }}</ActButton>
          <p class="small mt-1">{{ s.says }}</p>
        </li>
      </ul>
      <p v-if="gathering" class="mt-2 flex min-h-11 items-center justify-between gap-3" role="status">
        <span class="small">Gathering, {{ Math.round(100 * gathering) }} in a hundred</span>
        <ActButton kind="quiet" @click="stopper?.abort()">Cancel</ActButton>
      </p>
      <NoticeLine v-if="gatherProblem" class="mt-2">{{ gatherProblem }}</NoticeLine>
    </section>
    <RecordSheet class="mt-8 self-start desk:mt-4" />
    <section aria-label="In" class="mt-8 desk:mt-4">
      <h2 class="border-b border-ink pb-1">Bring in</h2>
      <p class="why mt-2">
        A record, a diary as a table, or a groomer’s calendar. You see what it adds first.
      </p>
      <ActButton
        kind="filled"
        tag="label"
        class="mt-4 w-full cursor-pointer focus-within:outline-2 focus-within:outline-offset-2"
      >
        <input
          ref="chooser"
          type="file"
          name="bring-in"
          accept=".json,.csv,.ics,application/json,text/csv,text/calendar"
          class="sr-only"
          @change="choose"
        />
        {{ busy ? 'Reading it' : 'Choose a file' }}
      </ActButton>
      <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
      <p v-if="done" class="mt-3 font-semibold" role="status">{{ done }}</p>
      <div v-if="preview" class="mt-4 border-t border-rule pt-2" data-preview>
        <template v-if="preview.kind === 'visits'">
          <h3 class="text-story">
            {{
              preview.visits.length
                ? `${capital(plural(preview.visits.length, 'day'))} ahead in it`
                : 'No day ahead in it'
            }}
          </h3>
          <ul>
            <li
              v-for="v in preview.visits.slice(0, SHOWN)"
              :key="v.day + v.title"
              class="flex items-center gap-3 border-b border-rule py-1"
            >
              <span class="min-w-0 flex-1 truncate"
                >{{ dayAndMonth(v.day) }}<span class="small ml-2">{{ v.title }}</span></span
              >
              <ActButton kind="quiet" @click="visitOn(v.day)">Next visit</ActButton>
            </li>
          </ul>
        </template>
        <template v-else-if="preview.kind === 'dog'">
          <h3 class="text-story">The record of {{ preview.profile.name }}, another dog</h3>
          <p>
            {{ capital(plural(preview.entries.length, 'entry', 'entries')) }} since
            {{ dayAndMonth(preview.profile.since) }}.
          </p>
          <ActButton class="mt-3 w-full" :disabled="busy" @click="add">
            Add {{ preview.profile.name }} to this household
          </ActButton>
        </template>
        <template v-else>
          <h3 class="text-story">{{ capital(plural(preview.fresh.length, 'new entry', 'new entries')) }}</h3>
          <p>
            {{
              preview.known
                ? `${capital(plural(preview.known, 'is', 'are'))} here already and stay as they are.`
                : ''
            }}
          </p>
          <ActButton v-if="preview.fresh.length" class="mt-3 w-full" :disabled="busy" @click="add">
            Add {{ preview.fresh.length === 1 ? 'it' : `the ${preview.fresh.length}` }}
          </ActButton>
        </template>
        <div v-if="preview.wrong.length" class="mt-4" data-wrong>
          <NoticeLine :role="undefined"
            >{{ capital(plural(preview.wrong.length, 'line is', 'lines are')) }} left out:</NoticeLine
          >
          <ul>
            <li
              v-for="w in preview.wrong.slice(0, SHOWN)"
              :key="w.line"
              class="border-b border-rule py-1 text-body"
            >
              <b class="font-semibold">{{ w.line }}</b> {{ w.why }}
            </li>
          </ul>
          <p v-if="preview.wrong.length > SHOWN" class="small">
            and {{ preview.wrong.length - SHOWN }} more.
          </p>
        </div>
        <ActButton kind="quiet" class="mt-2" @click="preview = null">Leave it</ActButton>
      </div>
      <template v-if="store.mayChange">
        <h2 class="mt-6 border-b border-ink pb-1">A calendar that keeps up</h2>
        <p class="why mt-2">
          An address your calendar reads by itself. Whoever has it sees the plan and the visit, nothing else.
        </p>
        <LinkShown v-if="feed" :link="feed" class="mt-2" label="The calendar’s address" data-feed />
        <p class="flex gap-6">
          <ActButton kind="quiet" @click="makeFeed">
            {{ feed ? 'A new one instead' : 'Make an address' }}
          </ActButton>
          <ActButton kind="quiet" @click="closeFeed">Close it</ActButton>
        </p>
        <p class="small">It is shown once; a new one ends the one before.</p>
        <GoesForGood
          class="mt-8"
          :title="`Delete ${profile.name}`"
          :base="`/api/dogs/${file.id}/deletion`"
          :at="goesOn"
          @changed="store.load"
          >The record, photographs, notes and shares of {{ profile.name }}.</GoesForGood
        >
      </template>
    </section>
  </div>
</template>
