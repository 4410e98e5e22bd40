<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { FINDING_IDS } from '#core/record/findings'
import type { Finding } from '#core/record/findings'
import type { Sitting } from '#core/record/sittings'
import { capital, listed, plural } from '~/words/numbers'

/** A sitting at the table in one line, which opens to all that the comb said in it. */
const { sitting } = defineProps<{ sitting: Sitting }>()
const open = defineModel<string | null>('open', { required: true })
const WORDS: Record<Exclude<Finding, 'glides'>, [one: string, many: string]> = {
  rasps: ['place rasps', 'places rasp'],
  snag: ['snag', 'snags'],
  knot: ['knot', 'knots'],
  mat: ['mat', 'mats'],
  felt: ['place felted', 'places felted'],
  refused: ['refused', 'refused'],
}
const checks = computed(() => sitting.checks.flatMap((l) => (l.what?.kind === 'check' ? [l.what] : [])))
const what = computed(() =>
  capital(
    [
      plural(checks.value.length, 'place'),
      sitting.minutes === null ? '' : `${Math.max(1, Math.round(sitting.minutes))} min`,
    ]
      .filter(Boolean)
      .join(', '),
  ),
)
const says = computed(() => {
  const caught = FINDING_IDS.flatMap((id) => {
    const n = checks.value.filter((c) => c.finding === id).length
    return id !== 'glides' && n ? [plural(n, ...WORDS[id])] : []
  })
  return caught.length ? listed(caught) : 'the comb glides everywhere'
})
/** The mark of the line is that of the worst that was met. */
const WORST: readonly Finding[] = ['felt', 'mat', 'knot', 'snag', 'rasps', 'refused', 'glides']
const worst = computed(() => WORST.find((id) => checks.value.some((c) => c.finding === id)) ?? 'glides')
</script>

<template>
  <Disclosure v-slot="{ open: unfolded }" as="li" class="border-b border-rule" data-sitting>
    <DisclosureButton class="flex min-h-12 w-full items-center gap-3 py-1 text-left">
      <span class="w-11 shrink-0 text-ink-2">{{ sitting.time ?? '' }}</span>
      <FindingMark :finding="worst" :size="24" class="shrink-0" />
      <span class="min-w-0 flex-1"
        ><b class="font-semibold">{{ what }}</b
        ><span class="ml-2 text-ink-2">{{ says }}</span></span
      >
      <ChevronMark :class="unfolded ? 'rotate-90' : ''" />
    </DisclosureButton>
    <DisclosurePanel as="ul" class="border-t border-rule pl-4">
      <DiaryEntry v-if="sitting.session" v-model:open="open" :line="sitting.session" />
      <DiaryEntry v-for="l in sitting.checks" :key="l.id" v-model:open="open" :line="l" />
    </DisclosurePanel>
  </Disclosure>
</template>
