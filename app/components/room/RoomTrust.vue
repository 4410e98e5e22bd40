<script setup lang="ts">
import { trustIn } from '#core/care/note/told-and-found'
import { scoreFrom } from '#core/record/score-sums'
import type { RoomDog } from '#shared/answers'
import { capital, plural } from '~/words/numbers'
import { LEAST_CHECKS, sayTogether } from '~/words/score'

/** How far to trust what is told here: what the room's own visits met, against what had been told of them. */
const props = defineProps<{ dogs: readonly RoomDog[] }>()
const trust = computed(() => trustIn(props.dogs.flatMap((d) => d.arrival?.met ?? [])))
/** Fewer visits than these say nothing in all (judgement). */
const ENOUGH = 3
const says = computed(() => {
  const { visits, told, found, within } = trust.value
  const mats = `${Math.round(told)} told, ${found} found`
  const held = `the count lay within what was told at ${within} of ${visits}`
  if (visits < ENOUGH)
    return `So far ${plural(visits, 'visit')}: mats, ${mats}. Too few to say how far to trust it.`
  const share = within / visits
  const trusted =
    share >= 0.7
      ? 'About as good as it says: four times in five.'
      : 'It has been surer than it should: allow more either way.'
  return `Of ${visits} visits, ${held}; mats in all, ${mats}. ${trusted}`
})
const who = computed(() => {
  const n = right.value.length
  return n > 1 ? `${capital(plural(n, 'dog'))} of the room together` : 'One dog of the room'
})
/** And what was said at their homes, comb by comb. */
const right = computed(() => props.dogs.flatMap((d) => (d.arrival?.right?.checks ? [d.arrival.right] : [])))
const together = computed(() => scoreFrom(right.value))
const atHome = computed(() => {
  const score = together.value
  return score && score.checks >= LEAST_CHECKS ? sayTogether(score, who.value) : null
})
</script>

<template>
  <section
    v-if="trust.visits || atHome"
    aria-label="Told and found"
    class="mt-6 border-t border-rule pt-2"
    data-trust
  >
    <h2>Told and found</h2>
    <p v-if="trust.visits" class="why mt-1">{{ says }}</p>
    <p v-if="atHome" class="small mt-1" data-at-home>{{ atHome }}</p>
  </section>
</template>
