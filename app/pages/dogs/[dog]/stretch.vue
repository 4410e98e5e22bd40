<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { CARE } from '#core/care/due'
import { placeRow } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { forecastOf, movedTo } from '#core/plan/forecast'
import { shownMinutes } from '#core/plan/today'
import { minutesFor, stretchEnd } from '#core/plan/standing'
import { addDays, daysBetween } from '#core/record/day'
import { dayAndMonth, shortWeekday, weekdayName } from '#core/record/say-day'
import { waysOut } from '#core/plan/ways-out'
import { inHundred, sayCost } from '~/words/hundred'
import { capital, inHalves, inOdds, plural } from '~/words/numbers'
import { sayReason } from '~/words/reasons'

/** The stretch: the plan from visit to visit, why each thing is there, and what a change would cost. */
const { file, today, coat, planning } = useDog()
const plan = computed(() => planning.plan.value)
const profile = computed(() => file.value.profile)
const end = computed(() => stretchEnd(profile.value, today.value))
const frame = computed(() => stretchOf(file.value, coat.value, today.value, plan.value))
const from = computed(() => frame.value.from)
const to = computed(() => plan.value?.to ?? end.value.to)
const view = useStretchView(plan, from)
const { care, forecast, past, ahead, reasons, daysLeft } = view

const noMinutes = computed(() => profile.value.minutes.every((m) => m <= 4))
const headline = computed(() => {
  const n = plan.value?.sessions.length ?? 0
  if (!n && noMinutes.value) return 'No minutes, no plan'
  const left = `${capital(plural(n, 'session'))} left`
  if (end.value.why === 'rolling') return `The next eight weeks, ${plural(n, 'session')}`
  if (end.value.why === 'far-visit') return `The next twelve weeks, ${plural(n, 'session')}`
  const who = profile.value.groomer ?? 'the visit'
  return daysLeft.value === 1
    ? `${capital(who)} tomorrow. ${left}`
    : `${daysLeft.value} days to ${who}, ${left.toLowerCase()}`
})
const why = computed(() => {
  if (noMinutes.value && !plan.value?.sessions.length)
    return 'There are no minutes for the table on any day of the week. Give a day some below, and the plan grows from there.'
  if (end.value.why === 'rolling')
    return 'No visit is booked, so the plan looks eight weeks ahead and goes on rolling.'
  if (end.value.why === 'far-visit')
    return `The visit is ${daysBetween(today.value, profile.value.nextVisit!)} days away, further than a coat can be foretold. The plan looks twelve weeks ahead.`
  return ''
})

/** A session being moved, before it is kept. */
const move = ref<{ from: string; to: string } | null>(null)
const tried = computed(() => {
  if (!move.value || !plan.value || move.value.from === move.value.to) return null
  performance.mark('drag')
  const sessions = movedTo(plan.value.sessions, move.value.from, move.value.to)
  return { sessions, forecast: forecastOf(coat.value, sessions, plan.value.to) }
})
// How long an answer takes from the hand to the screen, for the bench.
watch(tried, async (now) => {
  if (!now) return
  await nextTick()
  requestAnimationFrame(() => performance.measure('grumbo drag', 'drag'))
})
const hung = computed(() => [...past.value, ...ahead.value])
const answer = computed(() => {
  if (!tried.value || !forecast.value || !move.value) return null
  const mats = tried.value.forecast.mats - forecast.value.mats
  const minutes = tried.value.forecast.minutes - forecast.value.minutes
  const near = daysBetween(move.value.from, move.value.to)
  const day = (d: string) => (Math.abs(near) < 7 ? weekdayName(d) : dayAndMonth(d))
  return {
    said: `Moving ${day(move.value.from)} to ${day(move.value.to)}: ${sayCost(mats, minutes)}`,
    keep: `Keep ${day(move.value.to)}`,
    over: Math.round(
      (tried.value.forecast.sessions.find((s) => s.day === move.value!.to)?.minutes ?? 0) -
        minutesFor(profile.value, plan.value!.choices, move.value.to),
    ),
  }
})
function moving(day: string, target: string) {
  picked.value = day
  move.value = day === target ? null : { from: day, to: target }
}
const frameRef = ref<HTMLElement | null>(null)
async function refocus(day: string) {
  await nextTick()
  frameRef.value?.querySelector<SVGElement>(`[data-session="${day}"]`)?.focus()
}
async function keep() {
  if (!move.value || !tried.value) return
  const target = move.value.to
  const { sessions } = tried.value
  move.value = null
  picked.value = target
  await planning.set(sessions)
  changes.value += 1
  await refocus(target)
}
const putBack = () => (move.value = null)
onKeyStroke('Escape', putBack)

/** Changes made here that can be undone, one after another. */
const changes = ref(0)
async function undo() {
  if (!changes.value) return
  changes.value -= 1
  move.value = null
  await planning.undo()
}
const busy = ref(false)
async function chooseAll(choices: NonNullable<typeof plan.value>['choices']) {
  busy.value = true
  move.value = null
  await planning.choose(choices)
  busy.value = false
  changes.value += 1
}
function choose(change: Partial<NonNullable<typeof plan.value>['choices']>) {
  if (plan.value) void chooseAll({ ...plan.value.choices, ...change })
}

const chosenDay = ref<string | null>(null)
const picked = computed({
  get: () => chosenDay.value ?? plan.value?.sessions[0]?.day ?? today.value,
  set: (day: string) => (chosenDay.value = day),
})
const days = computed(() => Array.from({ length: daysLeft.value }, (_, n) => addDays(today.value, n)))
const session = computed(() => plan.value?.sessions.find((s) => s.day === picked.value) ?? null)
const detail = computed(() => reasons.value.get(picked.value) ?? null)
const also = computed(() => care.value.filter((c) => !c.past && c.day === picked.value).map((c) => c.care))
const SHOWN = 6
const all = ref(false)
/** The place whose story is told. */
const told = ref<RegionId | null>(null)
const standing = useStanding(
  computed(() => minutesOn(file.value, today.value)),
  ref(null),
)
watch(picked, () => {
  all.value = false
  told.value = null
})
const rows = computed(() => {
  if (!detail.value) return []
  const minutes = shownMinutes(detail.value.items)
  const list = detail.value.items.map((item: (typeof detail.value.items)[number], i: number) => ({
    item,
    minutes: minutes[i]!,
  }))
  list.sort((a: (typeof list)[number], b: (typeof list)[number]) => b.item.chanceIfLeft - a.item.chanceIfLeft)
  return all.value ? list : list.slice(0, SHOWN)
})
const isBlocked = computed(() => plan.value?.choices.blocked.includes(picked.value) ?? false)
const minutesThere = computed(() =>
  plan.value ? minutesFor(profile.value, plan.value.choices, picked.value) : 0,
)
function block() {
  const { blocked } = plan.value!.choices
  choose({
    blocked: isBlocked.value ? blocked.filter((d) => d !== picked.value) : [...blocked, picked.value],
  })
}
async function pin() {
  await planning.set(
    plan.value!.sessions.map((s) => (s.day === picked.value ? { ...s, pinned: !s.pinned } : s)),
  )
  changes.value += 1
}
const STEP = 5
function addMinutes(by: number) {
  const now = Math.max(0, Math.min(240, minutesThere.value + by))
  choose({ minutesOn: { ...plan.value!.choices.minutesOn, [picked.value]: now } })
}

const weeks = computed(() => view.weeks(to.value, ahead.value))
const weekChange = computed(() => {
  if (!tried.value) return undefined
  const moved = view.weeks(to.value, view.hang(tried.value.sessions, tried.value.forecast))
  return weeks.value.map((w, i) => Math.round(moved[i]!.planned - w.planned))
})

const WORTH = [20, 50, 100, 150, 200, 300, 400]
const worth = computed(() => plan.value?.choices.matWorth ?? 150)
const LONGEST = [8, 12, 15, 20, 30, 45]
function setLongest(minutes: number) {
  const { longest: _gone, ...others } = plan.value!.choices
  void chooseAll(minutes ? { ...others, longest: minutes } : others)
}
const gap = computed(() => {
  const g = plan.value?.gap ?? 0
  return g < 0.005 ? 'The best plan there is' : `Within ${Math.ceil(g * 100)} % of the best plan there is`
})
const asPlanned = computed(() => (forecast.value ? inHundred(forecast.value.odds) : null))
const asMoved = computed(() => (tried.value ? inHundred(tried.value.forecast.odds) : null))
const out = computed(() => (forecast.value ? waysOut(coat.value, forecast.value) : null))
</script>

<template>
  <div ref="frameRef" class="pt-2 pb-8 desk:pt-4">
    <template v-if="profile.coat === 'smooth'">
      <h1>Nothing to plan</h1>
      <p class="why mt-2">
        A short coat does not knot. A rub-down every other week is all it wants; Today says when.
      </p>
    </template>
    <template v-else-if="!plan || !forecast">
      <h1 role="status">
        {{ planning.failed.value ? 'The plan could not be made here' : 'Working out the plan' }}
      </h1>
      <p class="why mt-2">
        {{
          planning.failed.value
            ? 'This browser would not start a worker. Today still shows what to comb.'
            : 'A first one takes a moment; it gets better after that.'
        }}
      </p>
    </template>
    <template v-else>
      <div class="flex flex-wrap items-start justify-between gap-x-8 gap-y-1">
        <div class="min-w-0">
          <h1>{{ headline }}</h1>
          <p v-if="why" class="why mt-1 max-w-[62ch]">{{ why }}</p>
        </div>
        <div class="h-[92px] desk:w-[490px]" aria-live="polite" data-answer>
          <template v-if="answer">
            <p class="font-serif text-[20px] leading-tight font-medium text-due">{{ answer.said }}</p>
            <p v-if="answer.over > 0" class="small text-caution">
              {{ answer.over }} minutes more than that day has.
            </p>
            <p class="flex flex-wrap items-center gap-x-4">
              <button class="quiet" @click="keep">{{ answer.keep }}</button>
              <button class="quiet" @click="putBack">Put it back</button>
              <span class="small hidden desk:inline">or ← →, then Enter or Esc</span>
            </p>
          </template>
          <template v-else>
            <p class="small pt-1">Draw a session along the lead to see what it costs.</p>
            <button v-if="changes" class="quiet" @click="undo">Undo the last change</button>
          </template>
        </div>
      </div>

      <StretchLead
        :from="from"
        :to="to"
        :today="today"
        :booked="end.why === 'visit'"
        :chances="frame.chances.slice(0, daysBetween(from, to) + 1)"
        :hung="hung"
        :picked="picked"
        :move="move"
        :moved="tried?.forecast.before ?? null"
        :blocked="plan.choices.blocked"
        :care="care"
        @pick="picked = $event"
        @move="moving"
        @keep="keep"
        @back="putBack"
      />

      <section aria-label="Minutes by week" class="border-t border-ink pt-2">
        <p class="mb-1 flex justify-between text-[13.5px] text-ink-2">
          <span>Minutes by week, one stroke a minute</span
          ><span class="hidden desk:inline">the upright is what you have</span>
        </p>
        <WeekMinutes :weeks="weeks" :change="weekChange" />
      </section>

      <div class="mt-4 grid gap-x-11 gap-y-6 border-t border-ink pt-3 desk:grid-cols-2">
        <section aria-label="The day">
          <div class="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2>
              {{
                session
                  ? `Why ${weekdayName(picked)} ${dayAndMonth(picked)}`
                  : `${weekdayName(picked)} ${dayAndMonth(picked)}`
              }}
            </h2>
            <label class="small flex min-h-11 items-center gap-2">
              another day
              <select v-model="picked" class="h-9 border-b border-edge bg-transparent">
                <option v-for="d in days" :key="d" :value="d">{{ shortWeekday(d) }}</option>
              </select>
            </label>
          </div>
          <p v-if="!session" class="why border-t border-rule py-2">
            {{
              isBlocked
                ? 'You keep this day free.'
                : minutesThere > 4
                  ? `No session: ${minutesThere} minutes here would save less than they cost.`
                  : 'No minutes for the table on this day.'
            }}
          </p>
          <ul v-else>
            <li
              v-for="{ item, minutes } in rows"
              :key="item.place"
              class="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-t border-rule py-[7px] desk:grid-cols-[9rem_1fr_auto]"
            >
              <button
                class="-my-[7px] min-h-[38px] text-left font-semibold"
                :aria-expanded="told === item.regions[0]"
                @click="told = told === item.regions[0] ? null : item.regions[0]!"
              >
                {{ placeRow(item.place).plural }}
              </button>
              <i class="why order-3 text-[14.5px] desk:order-none">{{ sayReason(item, picked) }}</i>
              <span class="text-right text-[14px] whitespace-nowrap text-ink-2"
                >{{ inHalves(minutes) }} min; left,
                <b class="font-semibold text-ink">{{ inOdds(item.chanceIfLeft) }}</b></span
              >
            </li>
          </ul>
          <button v-if="detail && rows.length < detail.items.length" class="quiet" @click="all = true">
            {{ plural(detail.items.length - rows.length, 'more place', 'more places') }}
          </button>
          <LazyPlaceStory
            v-if="told"
            :region="told"
            :chance="standing.chances.value[told]"
            :shade="standing.shades.value[told]"
            :until="standing.plan.value.until"
            @comb="$router.push(`/dogs/${file.id}/table`)"
          />
          <p v-if="also.length" class="border-t border-rule py-2">
            Also that day:
            <b class="font-semibold">{{ also.map((c) => CARE[c].label.toLowerCase()).join(', ') }}</b>{{
              also.includes('bath') ? '; comb it all out first.' : '.'
            }}
          </p>
          <div class="mt-1 flex flex-wrap items-center gap-x-5 border-t border-rule">
            <button v-if="session" class="quiet" :aria-pressed="session.pinned" @click="pin">
              {{ session.pinned ? 'Unpin it' : 'Pin it here' }}
            </button>
            <button class="quiet" :disabled="busy" @click="block">
              {{ isBlocked ? 'Give the day back' : 'Keep this day free' }}
            </button>
            <span v-if="!isBlocked" class="flex items-center gap-1 text-[15px]">
              <button
                class="quiet px-3"
                :disabled="busy"
                aria-label="Five minutes fewer that day"
                @click="addMinutes(-STEP)"
              >
                −
              </button>
              <span>{{ minutesThere }} min</span>
              <button
                class="quiet px-3"
                :disabled="busy"
                aria-label="Five minutes more that day"
                @click="addMinutes(STEP)"
              >
                +
              </button>
            </span>
          </div>
        </section>

        <section aria-label="How good the plan is">
          <h2>{{ gap }}</h2>
          <p class="small">
            {{
              planning.progress.value === null
                ? 'A hundred stretches like this one, the plan kept, end so:'
                : `Looking for a better one, ${Math.round(planning.progress.value * 100)} %`
            }}
          </p>
          <div class="mt-2 flex flex-wrap items-start gap-x-6 gap-y-2">
            <HundredLocks :odds="(tried?.forecast ?? forecast).odds" class="min-w-0 basis-[280px]" />
            <table class="min-w-0 flex-1 text-right">
              <thead class="text-[13.5px] text-ink-2">
                <tr>
                  <td></td>
                  <th class="font-normal">no mats</th>
                  <th class="font-normal">one</th>
                  <th class="font-normal">more</th>
                </tr>
              </thead>
              <tbody class="figure text-[20px]">
                <tr class="border-t border-rule">
                  <th class="py-1 text-left font-sans text-[14px] font-normal">as planned</th>
                  <td v-for="(n, i) in asPlanned" :key="i">{{ n }}</td>
                </tr>
                <tr v-if="asMoved" class="border-t border-rule text-due">
                  <th class="py-1 text-left font-sans text-[14px] font-normal">moved</th>
                  <td v-for="(n, i) in asMoved" :key="i">{{ n }}</td>
                </tr>
              </tbody>
            </table>
          </div>
          <div v-if="out" class="mt-2 border-t border-rule pt-2" role="note">
            <p class="flex gap-2">
              <CautionMark /><b class="font-semibold">These minutes cannot keep this coat.</b>
            </p>
            <p class="why">
              About {{ Math.round(forecast.mats) }} mats are likely. Three ways out:
              {{ out.minutes ? `${out.minutes} minutes a week` : 'more minutes than a week has'
              }}{{ out.mm ? `, a coat of ${out.mm} mm at the visit` : ''
              }}{{ out.days ? `, or a visit in ${plural(out.days, 'day')}` : ', or a visit now' }}.
            </p>
          </div>
          <div class="mt-3 border-t border-rule pt-2">
            <label class="block text-center text-[14px] font-semibold" for="worth"
              >a mat is worth {{ worth }} minutes</label
            >
            <input
              id="worth"
              type="range"
              min="0"
              :max="WORTH.length - 1"
              step="1"
              class="slider w-full"
              :value="
                Math.max(
                  0,
                  WORTH.findIndex((v) => v >= worth),
                )
              "
              :disabled="busy"
              :aria-valuetext="`${worth} minutes`"
              @change="choose({ matWorth: WORTH[Number(($event.target as HTMLInputElement).value)]! })"
            />
            <p class="flex justify-between text-[13px] text-ink-2">
              <span>a few are fine</span><span>keep it long at any cost</span>
            </p>
            <label class="mt-2 flex min-h-11 items-center gap-2 border-t border-rule text-[15px]">
              Longest session {{ profile.sex === 'female' ? 'she' : 'he' }} bears
              <select
                class="h-9 border-b border-edge bg-transparent font-semibold"
                :value="plan.choices.longest ?? 0"
                :disabled="busy"
                @change="setLongest(Number(($event.target as HTMLSelectElement).value))"
              >
                <option :value="0">as long as the day has</option>
                <option v-for="m in LONGEST" :key="m" :value="m">{{ m }} minutes</option>
              </select>
            </label>
          </div>
        </section>
      </div>
    </template>
  </div>
</template>
