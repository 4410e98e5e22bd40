<script setup lang="ts">
import type { Arrival } from '#core/care/note/arrival'
import { asAnswered, whereKey } from '#core/record/wishes'
import type { StandingWish } from '#core/record/wishes'
import { sayClear, sayLasts, sayMinutes } from '~/words/wish'

/** The owner's wish as whoever cuts reads it: each line with its price at home, and what was answered. */
const props = defineProps<{ wish: StandingWish; price: Arrival['wish'] }>()
const rather = (key: string) => {
  const answered = props.price?.answered
  if (!answered || props.wish.answer?.lines.find((a) => whereKey(a) === key)?.mm === undefined)
    return undefined
  return answered.lines[asAnswered(props.wish).findIndex((l) => whereKey(l) === key)]
}
</script>

<template>
  <div>
    <ol data-wish-lines>
      <li v-for="(l, i) in wish.lines" :key="whereKey(l)" class="border-b border-rule">
        <WishRow
          narrow
          :number="i + 1"
          :line="l"
          :price="price?.asked.lines[i]"
          :answer="wish.answer?.lines.find((a) => whereKey(a) === whereKey(l)) ?? null"
          :rather="rather(whereKey(l))"
        />
      </li>
    </ol>
    <p v-if="price" class="why mt-2">
      All of it takes {{ sayMinutes(price.asked.all.minutes) }} of their {{ price.asked.have }} minutes a
      week, arrives clear {{ sayClear(price.asked.all.clear) }}, and lasts {{ sayLasts(price.asked.all) }}.
    </p>
  </div>
</template>
