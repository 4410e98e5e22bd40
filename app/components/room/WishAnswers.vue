<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import type { PricedWish } from '#core/care/note/wish-price'
import { whereLabel, whereKey } from '#core/record/wishes'
import type { StandingWish } from '#core/record/wishes'
import type { Entry } from '#core/record/entries'
import type { WishAnswerLine, WishLine } from '#core/record/wish-lines'
import { sayMinutes } from '~/words/wish'

/** A wish answered line by line: will do, rather so long, or not on this coat; beside each what it costs at home. */
const props = defineProps<{
  wish: StandingWish
  asked: PricedWish | null
  groomer: string
  today: string
  /** What lengths cost at home. @throws NoAnswer, Refused */
  priceOf: (lines: readonly WishLine[]) => Promise<PricedWish>
  /** Sends the answer. @throws NoAnswer, Refused */
  send: (entry: Entry) => Promise<void>
}>()
const emit = defineEmits<{ done: []; cancel: [] }>()
type How = WishAnswerLine['how']
const given = reactive(
  props.wish.lines.map((line) => {
    const before = props.wish.answer?.lines.find((a) => whereKey(a) === whereKey(line))
    return {
      line,
      how: before?.how as How | undefined,
      mm: before?.mm ?? line.mm ?? 20,
      because: before?.because ?? '',
    }
  }),
)
const CHOICES: { value: How; words: string }[] = [
  { value: 'will', words: 'will do' },
  { value: 'rather', words: 'rather' },
  { value: 'not', words: 'not' },
]
const left = computed(() => given.filter((g) => !g.how).length)
const lines = computed(() =>
  given.flatMap((g): WishAnswerLine[] => {
    if (!g.how) return []
    const { part, place } = g.line
    const because = g.because.trim() ? { because: g.because.trim() } : {}
    return [
      {
        ...(place ? { place } : { part }),
        how: g.how,
        ...(g.how === 'rather' ? { mm: g.mm } : {}),
        ...because,
      },
    ]
  }),
)
/** The cut as it is being answered. */
const wouldBe = computed<WishLine[]>(() =>
  given.flatMap((g): WishLine[] =>
    g.how === 'not'
      ? []
      : g.how === 'rather'
        ? [{ ...(g.line.place ? { place: g.line.place } : { part: g.line.part }), mm: g.mm }]
        : [g.line],
  ),
)
const price = shallowRef<PricedWish | null>(props.asked)
watchDebounced(
  wouldBe,
  async (of) => {
    // A figure that cannot be had is not shown; the answer goes without.
    price.value = of.length ? await props.priceOf(of).catch(() => null) : null
  },
  { debounce: 300, immediate: true },
)
const priceAt = (line: WishLine) => {
  const i = wouldBe.value.findIndex((l) => whereKey(l) === whereKey(line))
  return i < 0 ? undefined : price.value?.lines[i]
}

const busy = ref(false)
const problem = ref('')
const id = uuid()
async function answer() {
  busy.value = true
  problem.value = ''
  try {
    await props.send({
      id,
      day: props.today,
      what: { kind: 'wish-answer', wish: props.wish.id, from: props.groomer, lines: lines.value },
    })
    emit('done')
  } catch (e) {
    problem.value = inWords(e, 'Your answers are still here; press again.')
  }
  busy.value = false
}
function allOfIt() {
  for (const g of given) g.how = 'will'
}
</script>

<template>
  <form data-answering @submit.prevent="answer">
    <ActButton class="mt-2 w-full" @click="allOfIt">All of it: will do</ActButton>
    <ol class="mt-2">
      <li v-for="(g, i) in given" :key="whereKey(g.line)" class="border-b border-rule pb-3">
        <WishRow narrow :number="i + 1" :line="g.line" :price="asked?.lines[i]" />
        <ChoiceRow v-model="g.how" :label="whereLabel(g.line)" :choices="CHOICES" />
        <template v-if="g.how === 'rather'">
          <NumberStepper
            v-model="g.mm"
            :label="`${whereLabel(g.line)}, rather`"
            fewer="Shorter"
            more="Longer"
            unit="mm"
            :least="2"
            :most="160"
          />
          <p v-if="priceAt(g.line)" class="why text-body" data-rather-price>
            {{ sayMinutes(priceAt(g.line)!.minutes) }} minutes a week at home, where the wish takes
            {{ asked ? sayMinutes(asked.lines[i]!.minutes) : 'more' }}.
          </p>
        </template>
        <FormField
          v-if="g.how"
          v-model="g.because"
          class="mt-1"
          :label="g.how === 'will' ? 'A word with it, if you like' : 'Because'"
          :name="`because-${whereKey(g.line)}`"
          maxlength="120"
          autocomplete="off"
        />
      </li>
    </ol>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <div class="mt-3 flex gap-3">
      <ActButton kind="filled" type="submit" class="flex-1 text-lead" :disabled="busy || left > 0">{{
        left ? `${left} still to answer` : 'Send the answer'
      }}</ActButton>
      <ActButton kind="quiet" @click="emit('cancel')">Not now</ActButton>
    </div>
  </form>
</template>
