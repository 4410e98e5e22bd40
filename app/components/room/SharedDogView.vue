<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { placeRow } from '#core/coat/regions'
import { scoreFrom } from '#core/record/score-sums'
import { sayHelps } from '#core/record/what-works'
import { dayAndMonth, sayDay, weekdayName } from '#core/record/say-day'
import { MOST_NOTE } from '#shared/limits'
import type { SharedDog } from '#shared/answers'
import type { SharedView } from '~/words/shared-view'
import { workLabel } from '~/words/care'
import { capital, listed, plural } from '~/words/numbers'
import { sayHandled } from '~/words/diary'
import { sayRight } from '~/words/score'
import { CONDITION_SAYS, sayMark, sayWorks } from '~/words/truths'
import { sayAllowed, sayArrival, sayMoved } from '~/words/visit'

/** A dog as its groomer sees it: what they are about to find, what was found, and the thread. */
const props = defineProps<{
  shared: SharedDog
  /** What its record comes to, worked out beforehand. */
  view: SharedView
  /** The dog's left side drawn beforehand, for a page that stands before its program comes. */
  standing?: string
  /** Where photographs are, and what to ask for them with. */
  photographs: string
  headers?: Record<string, string>
  /** Sends an answer. @throws NoAnswer, Refused */
  answer: (body: { id: string; body: string }) => Promise<void>
}>()

const wide = computed(() => props.shared.scope !== 'note')
const arrival = computed(() => props.shared.arrival)
const says = computed(() => arrival.value && sayArrival(arrival.value, props.shared.today))
const moved = computed(() => arrival.value && sayMoved(arrival.value.next, props.shared.today))
/** What the last visits by the same hands met, against what had been told. */
const LAST_MET = 2
const met = computed(() => (arrival.value?.met ?? []).slice(-LAST_MET))
/** How right it was at home. */
const right = computed(() => sayRight(scoreFrom(arrival.value?.right ? [arrival.value.right] : [])))
const sayMats = (n: number) => (n < 0.95 ? 'less than one mat' : plural(Math.round(n), 'mat'))
const ADVICE_STATE = { new: 'not read yet', read: 'read', asked: 'they ask about it' }
/** What is told at once; the rest is folded. */
const FIRST = 5
/** Findings that stand in the first look at a dog; the gravest lead. */
const STORIES = 6

/** Who has rehearsed what on paper, before cutting it. */
const rehearsed = computed(() => {
  const by = new Map<string, Set<string>>()
  for (const { what } of props.shared.entries)
    if (what.kind === 'rehearsed' && what.went === 'kept') {
      const who = what.by ?? props.shared.owner
      by.set(who, (by.get(who) ?? new Set()).add(workLabel(what.of).toLowerCase()))
    }
  return [...by].map(([who, of]) => `${who} has rehearsed ${listed([...of])}`).join('; ')
})
/** What stands of the dog itself that a hand should know before it touches. */
const before = computed(() => {
  const { works = [], marks = [], condition = [] } = props.shared.profile
  return [
    { label: 'works', says: works.map(sayWorks).join('; ') },
    { label: 'helps', says: sayHelps(props.shared.profile.helps) },
    { label: 'seen', says: props.view.went.map((w) => w.says).join('; ') },
    { label: 'jacket', says: props.view.jacket },
    { label: 'skin', says: marks.map(sayMark).join('; ') },
    { label: 'on paper', says: rehearsed.value },
    { label: 'mind', says: condition.map((c) => CONDITION_SAYS[c]).join('; ') },
  ].filter((t) => t.says)
})

const reply = ref('')
const replyId = ref(uuid())
const busy = ref(false)
const problem = ref('')
const sent = ref(false)
async function write() {
  busy.value = true
  problem.value = ''
  try {
    await props.answer({ id: replyId.value, body: reply.value })
    replyId.value = uuid()
    reply.value = ''
    sent.value = true
  } catch (e) {
    problem.value = inWords(e, 'The words are still here; try again in a moment.')
  }
  busy.value = false
}
const { sayWhen } = useInstants()
</script>

<template>
  <div class="[overflow-wrap:anywhere] desk:grid desk:grid-cols-2 desk:gap-12">
    <div>
      <h1 class="mt-4 break-words">
        {{ shared.profile.name
        }}<template v-if="arrival?.visit"
          ><br />{{ weekdayName(arrival.visit) }} {{ dayAndMonth(arrival.visit) }}</template
        >
      </h1>
      <template v-if="arrival && says">
        <p class="why mt-2" data-arrival>{{ says.lead }}; {{ says.rest }}.</p>
        <p class="mt-1">
          <template v-if="arrival.short">Teasing would take {{ sayAllowed(arrival) }}.</template>
          <template v-else
            ><b class="font-semibold">{{ capital(sayAllowed(arrival)) }}</b> for knots, beside bath and
            cut.</template
          >
        </p>
      </template>
      <p v-if="moved" class="mt-1 font-semibold text-due" data-moved>{{ moved }}</p>
      <p v-for="m in met" :key="m.day" class="small mt-1" data-met>
        {{ dayAndMonth(m.day, shared.today) }}: told {{ sayMats(m.told.mats) }}, likely {{ m.told.low }} to
        {{ m.told.high }}; found {{ m.found.mats }}.
      </p>
      <p v-if="right" class="small mt-1" data-right>{{ right }}</p>
      <slot name="when" />
      <p class="small mt-1">{{ shared.profile.weightKg }} kg, {{ shared.profile.sex }}.</p>
      <p v-for="c in arrival?.concerns" :key="c" class="mt-2 flex items-start gap-2 font-semibold text-vet">
        <VetMark class="shrink-0" /><span>For the vet, still open: {{ c }}</span>
      </p>
      <CoatToRead v-if="arrival" :shared="shared" :view="view" :standing="standing" />
      <slot name="acts" />
    </div>
    <div>
      <ol v-if="wide" class="mt-3 border-t border-ink desk:mt-6" data-stories>
        <StoryLine
          v-for="s in view.stories.slice(0, STORIES)"
          :key="s.number"
          :story="s"
          :today="shared.today"
        />
        <li v-if="view.stories.length > STORIES" class="border-b border-rule">
          <FoldedMore :says="`and ${plural(view.stories.length - STORIES, 'finding')} more`">
            <ol class="border-t border-rule">
              <StoryLine
                v-for="s in view.stories.slice(STORIES)"
                :key="s.number"
                :story="s"
                :today="shared.today"
                class="last:border-b-0"
              />
            </ol>
          </FoldedMore>
        </li>
        <li class="grid grid-cols-[26px_40px_1fr_auto] items-center border-b border-rule py-2">
          <span /><FindingMark finding="glides" :size="28" />
          <span
            ><b class="font-semibold">The {{ view.stories.length ? 'other ' : '' }}{{ view.rest }} places</b
            ><br /><i class="why text-body">{{ arrival?.days ? 'nothing found' : 'not combed' }}</i></span
          >
          <span
            >{{
              view.range[0] === view.range[1] ? view.range[0] : `${view.range[0]}–${view.range[1]}`
            }}
            mm</span
          >
        </li>
      </ol>
      <dl class="mt-3 space-y-1">
        <div v-if="shared.profile.wish" class="flex gap-4">
          <dt class="why w-16 shrink-0">asks</dt>
          <dd class="min-w-0">{{ shared.profile.wish }}</dd>
        </div>
        <div v-for="t in before" :key="t.label" class="flex gap-4" :data-true="t.label">
          <dt class="why w-16 shrink-0">{{ t.label }}</dt>
          <dd class="min-w-0">{{ t.says }}</dd>
        </div>
        <div v-if="arrival?.refuses.length" class="flex gap-4">
          <dt class="why w-16 shrink-0">hard</dt>
          <dd>
            <p v-for="r in arrival.refuses" :key="r.place">
              {{ sayHandled(r.place) }}{{ r.snapped ? ', snapped' : '' }};
              <i class="why text-body">at home as far as: {{ r.works }}</i>
            </p>
          </dd>
        </div>
      </dl>
      <template v-if="wide && view.wish">
        <h2 class="mt-6 border-b border-ink pb-2">The wish, place by place</h2>
        <slot name="wish" :wish="view.wish" :price="arrival?.wish ?? null">
          <WishShown :wish="view.wish" :price="arrival?.wish ?? null" />
        </slot>
      </template>
      <template v-if="wide && (view.care.length || arrival?.overdue)">
        <h2 class="mt-6 border-b border-ink pb-2">Beside the comb</h2>
        <dl v-if="arrival?.overdue" data-overdue>
          <CareLine :line="{ label: 'Overdue', says: arrival.overdue }" />
        </dl>
        <dl data-care-since>
          <CareLine v-for="c in view.care.slice(0, FIRST)" :key="c.label + c.says" :line="c" />
        </dl>
        <FoldedMore
          v-if="view.care.length > FIRST"
          :says="`and ${plural(view.care.length - FIRST, 'thing')} more`"
          class="border-b border-rule"
        >
          <dl><CareLine v-for="c in view.care.slice(FIRST)" :key="c.label + c.says" :line="c" /></dl>
        </FoldedMore>
      </template>
      <FoldedMore
        v-if="view.facts.length"
        says="All of it in words"
        class="mt-3 border-b border-rule"
        data-in-words
      >
        <ul class="pb-3">
          <li v-for="f in view.facts" :key="f.id" class="py-0.5">{{ f.says }}</li>
        </ul>
      </FoldedMore>
      <template v-if="wide && view.advice.length">
        <h2 class="mt-6 border-b border-ink pb-2">For home, still standing</h2>
        <p v-for="a in view.advice" :key="a.id" class="border-b border-rule py-2" data-standing>
          <b v-if="a.place" class="font-semibold">{{ placeRow(a.place).plural }}:</b> {{ a.says }}
          <span class="small">{{ ADVICE_STATE[a.state] }}</span>
        </p>
      </template>
      <template v-if="wide && view.photos.length">
        <h2 class="mt-6 border-b border-ink pb-2">Photographs</h2>
        <ul class="mt-2 flex flex-wrap gap-3" data-wants-program>
          <li v-for="p in view.photos" :key="p.id" class="w-28">
            <SharedPhoto
              :address="`${photographs}/${p.id}`"
              :headers="headers"
              :alt="p.says ?? 'Photograph'"
            />
            <span class="small block truncate"
              >{{ p.place ? placeRow(p.place).plural : (p.says ?? '') }}
              {{ sayDay(p.day, shared.today) }}</span
            >
          </li>
        </ul>
      </template>
      <h2 class="mt-6 border-b border-ink pb-2">Notes</h2>
      <p v-if="!shared.notes.length" class="why py-2">Nothing yet.</p>
      <ol>
        <li v-for="n in shared.notes" :key="n.id" class="border-b border-rule py-3" :data-author="n.author">
          <p class="small flex justify-between gap-3">
            <b class="font-semibold text-ink">{{ n.author === 'groomer' ? 'You' : n.authorName }}</b><span
              >{{ sayWhen(n.sent)
              }}{{ n.author === 'groomer' ? (n.read ? ', read' : ', not read yet') : '' }}</span
            >
          </p>
          <p class="mt-1 break-words whitespace-pre-line">{{ n.body }}</p>
          <NoteAttached :note="n" :coat="shared.profile.coat">
            <template #photo="{ id }">
              <SharedPhoto
                v-if="wide"
                :address="`${photographs}/${id}`"
                :headers="headers"
                alt="Photograph"
              />
            </template>
          </NoteAttached>
        </li>
      </ol>
      <form class="mt-4" @submit.prevent="write">
        <label class="block"
          ><span class="small">Write back to {{ shared.owner }}</span>
          <textarea
            v-model="reply"
            rows="4"
            :maxlength="MOST_NOTE"
            name="reply"
            class="w-full rounded border border-rule bg-coat p-3 font-serif text-lead"
          />
        </label>
        <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
        <p v-if="sent && !reply" class="font-semibold" role="status">
          Sent. {{ shared.owner }} sees it on the dog’s page.
        </p>
        <ActButton
          kind="filled"
          type="submit"
          class="mt-2 w-full text-lead"
          :disabled="busy || !reply.trim()"
        >
          Write back
        </ActButton>
      </form>
      <p class="small mt-4">
        Forecasts, not findings: it shows chances worked out from what was combed. Nothing here is a
        diagnosis; local law and your own code come first.
      </p>
    </div>
  </div>
</template>
