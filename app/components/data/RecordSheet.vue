<script setup lang="ts">
import type { Fact } from '#core/record/entries'
import { FINDING_IDS } from '#core/record/findings'
import type { Finding } from '#core/record/findings'
import { dayAndMonth } from '#core/record/say-day'
import { timeline } from '#core/record/timeline'
import { buildOf } from '#drawing/build-of'
import { plural } from '~/words/numbers'

/** What a file of this dog holds, as one sheet of paper: counted from the record itself. */
const { file, today } = useDog()
const facts = computed(() => timeline(file.value.entries))
const of = (...kinds: Fact['kind'][]) => facts.value.filter((f) => kinds.includes(f.what.kind)).length
const checks = computed(() => {
  const by = new Map<Finding, number>()
  for (const f of facts.value)
    if (f.what.kind === 'check') by.set(f.what.finding, (by.get(f.what.finding) ?? 0) + 1)
  return FINDING_IDS.flatMap((id) => (by.get(id) ? [{ id, n: by.get(id)! }] : []))
})
const rows = computed(() =>
  (
    [
      [of('session'), 'session', 'sessions', 'their minutes'],
      [of('visit'), 'visit', 'visits', 'lengths, findings, what was said'],
      [of('wash', 'tidy', 'undercoat'), 'bath or tidy', 'baths and tidies', ''],
      [of('handling'), 'handling', 'handlings', 'steps, and how they went'],
      [of('wet', 'gear', 'measure'), 'walk, gear or length', 'walks, gear and lengths', ''],
      [of('photo'), 'photograph', 'photographs', 'in the zip alone'],
      [of('plan'), 'plan', 'plans', 'the one that stands, and those before'],
    ] as const
  ).filter(([n]) => n),
)
const since = computed(() => facts.value[0]?.day ?? file.value.profile.since)
/** What the whole record weighs as JSON, kB. */
const kb = computed(() => Math.max(1, Math.round(JSON.stringify(file.value.entries).length / 1000)))
const SHADES = { 'behind-ear': 2, armpit: 2, beard: 1, 'tail-base': 2, chest: 1, belly: 1 }
</script>

<template>
  <section aria-label="What it holds" class="sheet relative bg-coat px-6 pt-5 pb-6">
    <span class="fold" aria-hidden="true" />
    <p class="small">{{ file.profile.name }}, since {{ dayAndMonth(since, today) }}</p>
    <DogDrawing
      :sheet="buildOf(file.profile.coat)"
      :states="SHADES"
      :detail="2"
      class="mx-auto mt-1 max-h-[190px]"
    />
    <p class="mt-3 border-t border-rule pt-2">
      <b class="figure text-count">{{ of('check') }}</b>
      comb {{ of('check') === 1 ? 'check' : 'checks' }}, place by place
    </p>
    <ul v-if="checks.length" class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
      <li v-for="c in checks" :key="c.id" class="flex items-center gap-1.5 text-body">
        <FindingMark :finding="c.id" :size="24" />{{ c.n }} {{ c.id }}
      </li>
    </ul>
    <ul class="mt-2">
      <li
        v-for="[n, one, more, what] in rows"
        :key="one"
        class="flex min-h-9 items-baseline gap-2 border-t border-rule pt-1"
      >
        <b class="figure w-9 text-right text-story">{{ n }}</b>
        <span>{{ n === 1 ? one : more }}</span>
        <i v-if="what" class="why ml-auto min-w-0 truncate text-side">{{ what }}</i>
      </li>
    </ul>
    <p class="small mt-2 border-t border-ink pt-2">
      {{ plural(file.entries.length, 'entry', 'entries') }} in all, about {{ kb }} kB, and the profile. What
      was put right stays on file beside what it was.
    </p>
  </section>
</template>

<style scoped>
.sheet {
  border: 1.5px solid var(--ink);
  clip-path: polygon(0 0, calc(100% - 34px) 0, 100% 34px, 100% 100%, 0 100%);
}
.fold {
  position: absolute;
  top: -1.5px;
  right: -1.5px;
  width: 36px;
  height: 36px;
  background: linear-gradient(
    45deg,
    var(--well) calc(50% - 1px),
    var(--ink) calc(50% - 1px),
    var(--ink) calc(50% + 1px),
    transparent calc(50% + 1px)
  );
  border-left: 1.5px solid var(--ink);
  border-bottom: 1.5px solid var(--ink);
}
</style>
