<script setup lang="ts">
import { distance } from '#drawing/geometry'
import type { Pt } from '#drawing/geometry'
import type { CarePanel } from '#drawing/care/panel'
import { judgeLie, judgeMay, judgeOff } from '#drawing/care/judge'
import type { RehearsedId } from '#core/record/tidies'
import { workLabel } from '~/words/care'
import { capital, listed, plural } from '~/words/numbers'

/** One kind rehearsed on paper: where no blade goes, which way the hair lies, where the finger goes. */
const props = defineProps<{ work: RehearsedId; panel: CarePanel }>()
const { file } = useDog()
const { write } = useRehearsed(() => props.work)
const asks = computed(() => props.panel.asks!)
const side = computed(() => Math.max(props.panel.box[2], props.panel.box[3]))

const stage = ref<'off' | 'judged' | 'lie' | 'finger' | 'end'>('off')
const marks = ref<Pt[][]>([])
const hand = ref<'mark' | 'rub'>('mark')
const judged = computed(() => judgeOff(asks.value, marks.value))
const may = computed(() => judgeMay(asks.value, marks.value, side.value))
const left = computed(() => judged.value.filter((j) => !j.kept))
const rub = (p: Pt) =>
  (marks.value = marks.value.filter((m) => !m.some((q) => distance(p, q) < side.value * 0.03)))
const undo = () => (marks.value = marks.value.slice(0, -1))

/** Each point in turn, and again where it was not the way. */
const at = ref(0)
const shown = ref<Pt | null>(null)
const lie = computed(() => asks.value.lies[at.value])
const lieRight = computed(() => (shown.value && lie.value ? judgeLie(lie.value.way, shown.value) : null))
function nextLie() {
  shown.value = null
  if (at.value + 1 < asks.value.lies.length) at.value += 1
  else stage.value = 'finger'
}
/** In another order than they are kept in, so that the first is not always the right one; the same each time. */
const fingers = computed(() => {
  const list = asks.value.fingers
  const by = props.work.length % list.length
  return [...list.slice(by), ...list.slice(0, by)]
})
const picked = ref<number | null>(null)
const fingerRight = computed(() => picked.value !== null && fingers.value[picked.value]!.right)
async function end() {
  await write('kept')
  stage.value = 'end'
}
const router = useRouter()
async function enough() {
  if (left.value.length) await write('open', listed(left.value.map((j) => j.words.toLowerCase())))
  await router.push(`/dogs/${file.value.id}/tidies?at=${props.work}`)
}
const title = computed(() => {
  const open = left.value.reduce((n, j) => n + j.open.length, 0)
  switch (stage.value) {
    case 'off':
      return props.work === 'nails' ? 'Where may the clipper not go?' : 'Where may the blade not go?'
    case 'judged':
      return open ? `${capital(plural(open, 'place'))} left open` : 'All of it kept off'
    case 'lie':
      return 'Which way does the hair lie here?'
    case 'finger':
      return 'Where does your finger go?'
    case 'end':
      return 'Rehearsed'
  }
  return ''
})
const HINT = {
  off: 'Scribble over every place you would keep it from.',
  judged: 'What is skin, and why.',
  lie: 'Drag along it, or press an arrow key.',
  finger: 'Press a number.',
  end: 'Again whenever you like.',
}
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
</script>

<template>
  <div ref="root" class="desk:grid desk:grid-cols-[minmax(0,1fr)_400px] desk:gap-10" data-rehearsal>
    <div>
      <h1 class="pt-1 desk:pt-4" aria-live="polite">{{ title }}</h1>
      <p class="why mt-1">{{ HINT[stage] }} Nothing here touches {{ file.profile.name }}.</p>
      <RehearsePlate
        class="mt-3"
        :panel="panel"
        :mode="stage === 'off' ? hand : stage === 'lie' && !lieRight ? 'way' : 'look'"
        :label="`${panel.title}. ${title}`"
        :marks="stage === 'off' || stage === 'judged' ? marks : []"
        :open="stage === 'judged' ? left.flatMap((j) => j.open) : []"
        :may="stage === 'judged' ? asks.may.map((m) => m.line) : []"
        :lie="
          stage === 'lie' && lie
            ? { at: lie.at, way: shown, right: lieRight === false ? lie.way : null }
            : null
        "
        :points="
          stage === 'finger'
            ? fingers.map((f, i) => ({
                at: f.at,
                tone: picked !== i ? 'ask' : f.right ? 'right' : 'wrong',
              }))
            : []
        "
        @stroke="(m) => marks.push(m)"
        @rub="rub"
        @undo="undo"
        @way="(w) => (shown = w)"
      />
      <p
        v-if="stage === 'judged'"
        class="small mt-2 flex flex-wrap justify-center gap-x-4"
        aria-hidden="true"
      >
        <span><b class="text-ink">scribbled</b>: your marks</span
        ><span><b class="text-caution">hatched</b>: left open</span
        ><span><b class="text-due">dashed</b>: here it may</span>
      </p>
    </div>
    <div class="mt-3 desk:mt-0 desk:pt-4">
      <template v-if="stage === 'off'">
        <div class="flex items-center gap-5 border-t border-ink">
          <button
            v-for="h in ['mark', 'rub'] as const"
            :key="h"
            class="min-h-12 border-b-3"
            :class="hand === h ? 'border-ink font-semibold' : 'border-transparent text-ink-2'"
            :aria-pressed="hand === h"
            @click="hand = h"
          >
            {{ h === 'mark' ? 'Mark' : 'Rub out' }}
          </button>
          <span class="flex-1" />
          <ActButton v-if="marks.length" kind="quiet" @click="undo">Undo</ActButton>
        </div>
        <p class="small mt-2 hidden desk:block">
          By keys: arrows move the cross, space marks, backspace takes the last mark back.
        </p>
        <ActButton
          kind="filled"
          class="mt-3 min-h-14 w-full text-lead"
          :disabled="!marks.length"
          data-all-of-them
          @click="stage = 'judged'"
          >That is all of them</ActButton
        >
        <ActButton class="mt-2 w-full" data-not-sure @click="stage = 'judged'">Not sure: show me</ActButton>
      </template>
      <template v-else-if="stage === 'judged'">
        <ul class="border-t border-ink" data-judged>
          <li
            v-for="j in judged"
            :key="j.words"
            class="flex gap-3 border-b border-rule py-2"
            :data-kept="j.kept"
          >
            <CautionMark v-if="!j.kept" class="shrink-0 text-caution" />
            <span>
              <b class="font-semibold" :class="j.kept ? '' : 'text-caution'"
                >{{ j.words }}: {{ j.kept ? 'kept off' : 'left open' }}</b
              >
              <span class="why block text-body">{{ j.why }}</span>
            </span>
          </li>
          <li v-for="m in may" :key="m.words" class="border-b border-rule py-2">
            <b class="font-semibold text-due"
              >{{ m.words }}: {{ m.marked ? 'kept off, and here it may' : 'here it may' }}</b
            >
            <span class="why block text-body">{{ m.why }}</span>
          </li>
        </ul>
        <ActButton
          v-if="left.length"
          kind="filled"
          class="mt-3 min-h-14 w-full text-lead"
          data-mark-rest
          @click="stage = 'off'"
          >Mark what was left open</ActButton
        >
        <ActButton v-else kind="filled" class="mt-3 min-h-14 w-full text-lead" data-on @click="stage = 'lie'"
          >On: the lie of the hair</ActButton
        >
        <ActButton kind="quiet" class="mt-1" @click="enough">Enough for now</ActButton>
      </template>
      <template v-else-if="stage === 'lie' && lie">
        <p class="border-t border-ink pt-2 text-lead" data-lie-at>{{ lie.words }}</p>
        <p v-if="lieRight === true" class="mt-2 font-semibold text-due" role="status">
          So it lies. With it, the blade leaves more and does not itch.
        </p>
        <p v-else-if="lieRight === false" class="mt-2 font-semibold text-caution" role="status">
          It lies as the dashes show. Show it again.
        </p>
        <ActButton
          kind="filled"
          class="mt-3 min-h-14 w-full text-lead"
          :disabled="!lieRight"
          data-on
          @click="nextLie"
          >{{ at + 1 < asks.lies.length ? 'Next' : 'On: the finger' }}</ActButton
        >
      </template>
      <template v-else-if="stage === 'finger'">
        <ul class="border-t border-ink">
          <li v-for="(f, i) in fingers" :key="f.words" class="border-b border-rule">
            <button
              data-choice
              class="flex min-h-14 w-full items-center gap-3 text-left font-semibold"
              :class="picked === i ? (f.right ? 'text-due' : 'text-caution') : ''"
              :data-finger="f.right"
              :aria-pressed="picked === i"
              @click="picked = i"
            >
              <span class="figure text-story">{{ i + 1 }}</span>{{ f.words }}
            </button>
          </li>
        </ul>
        <p v-if="picked !== null && !fingerRight" class="mt-2 font-semibold text-caution" role="status">
          Not there. Where would a slip meet the finger, and not the skin?
        </p>
        <p v-else-if="fingerRight" class="mt-2 font-semibold text-due" role="status">
          There: a slip meets the finger.
        </p>
        <ActButton
          kind="filled"
          class="mt-3 min-h-14 w-full text-lead"
          :disabled="!fingerRight"
          data-on
          @click="end"
          >Done</ActButton
        >
      </template>
      <template v-else>
        <p class="border-t border-ink pt-2 text-lead" role="status" data-rehearsed>
          {{ workLabel(work) }}: rehearsed, and written down. {{ file.profile.groomer ?? 'Your groomer' }} can
          see that you have.
        </p>
        <ActButton
          kind="filled"
          class="mt-3 min-h-14 w-full text-lead"
          :to="`/dogs/${file.id}/tidies?at=${work}`"
          >To the tidy</ActButton
        >
      </template>
    </div>
  </div>
</template>
