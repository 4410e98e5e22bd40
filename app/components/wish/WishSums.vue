<script setup lang="ts">
import type { PricedWish } from '#core/care/note/wish-price'
import { sayClear, sayLasts, sayMinutes } from '~/words/wish'

/** The whole coat as wished, and as it was answered: does it fit the minutes there are. */
defineProps<{ rows: { label: string; price: PricedWish; due?: boolean }[] }>()
</script>

<template>
  <dl class="border-t border-ink pt-2">
    <div
      v-for="(r, i) in rows"
      :key="r.label"
      class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 py-1 font-serif text-lead desk:grid-cols-[168px_150px_76px_88px_minmax(0,1fr)]"
      :class="r.due ? 'text-due' : ''"
      :data-sum="r.label"
    >
      <dt>{{ r.label }}</dt>
      <dd class="text-right desk:text-left">
        {{ sayMinutes(r.price.all.minutes) }} of your {{ r.price.have }}<span class="desk:hidden"> min</span>
      </dd>
      <dd class="max-desk:col-span-2 max-desk:text-side">
        <span class="desk:hidden">all of it clear </span>{{ sayClear(r.price.all.clear)
        }}<span class="desk:hidden">, lasts {{ sayLasts(r.price.all) }}</span>
      </dd>
      <dd class="hidden desk:block">{{ sayLasts(r.price.all) }}</dd>
      <dd class="small hidden desk:block">{{ i ? '' : 'all of the coat, laying out counted' }}</dd>
    </div>
  </dl>
</template>
