<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { buildOf } from '#drawing/build-of'
import type { Household, Me } from '#shared/answers'
import { ROLE_SAYS } from '~/words/roles'

/**
 * Who is here: the dogs on one ground line, each as large as its weight makes it beside the others, and
 * above them a rail with a lead for each person. Who may only look has an empty peg.
 */
const props = defineProps<{ dogs: Me['dogs']; home: Household | null }>()
/** A dog's height goes with the cube root of its weight; the largest fills its place. */
const heaviest = computed(() => Math.max(1, ...props.dogs.map((d) => d.profile.weightKg)))
const tall = (kg: number) => Math.max(0.45, Math.cbrt(kg / heaviest.value))
const pegs = computed(() => [
  ...(props.home?.members ?? []).map((m) => ({
    id: m.id,
    name: m.you ? `${m.name}, you` : m.name,
    says: ROLE_SAYS[m.role].short,
    role: m.role,
    pale: false,
  })),
  ...(props.home?.invitations ?? []).map((i) => ({
    id: i.id,
    name: i.name,
    says: 'invited',
    role: i.role,
    pale: true,
  })),
])
const LEAD = { owner: 5.5, helper: 3.4, viewer: 0 } as const
</script>

<template>
  <section aria-label="Who is here, drawn">
    <ul v-if="pegs.length" class="flex flex-wrap border-t-5 border-ink" aria-label="People">
      <li v-for="p in pegs" :key="p.id" class="flex min-w-28 flex-1 flex-col items-center px-2 text-center">
        <svg width="64" height="84" viewBox="0 0 64 84" aria-hidden="true" :opacity="p.pale ? 0.45 : 1">
          <path d="M32 0v9" stroke="var(--ink)" stroke-width="5" stroke-linecap="round" />
          <template v-if="LEAD[p.role]">
            <path
              d="M32 9C14 18 12 52 22 70C28 81 38 80 43 69C52 50 49 18 32 9"
              fill="none"
              stroke="var(--ink)"
              :stroke-width="LEAD[p.role]"
              :stroke-dasharray="p.pale ? '4 5' : undefined"
            />
            <path
              d="M32 9C14 18 12 52 22 70C28 81 38 80 43 69C52 50 49 18 32 9"
              fill="none"
              stroke="var(--coat)"
              :stroke-width="LEAD[p.role] * 0.34"
            />
            <path d="M28 44l9 6M27 52l10 6" stroke="var(--due)" stroke-width="2.4" stroke-linecap="round" />
          </template>
        </svg>
        <b class="max-w-full truncate font-semibold">{{ p.name }}</b>
        <span class="small">{{ p.says }}</span>
      </li>
    </ul>
    <ul class="mt-4 flex flex-wrap items-end justify-center gap-x-4 border-b-2 border-edge" aria-label="Dogs">
      <li
        v-for="d in dogs"
        :key="d.id"
        class="min-w-24 flex-1"
        :style="{ maxWidth: `${tall(d.profile.weightKg) * 290}px` }"
      >
        <NuxtLink :to="`/dogs/${d.id}`" class="block" :aria-label="`${d.profile.name}, today`">
          <DogDrawing :sheet="buildOf(d.profile.coat)" :states="{}" :detail="1.8" />
        </NuxtLink>
      </li>
    </ul>
    <ul class="flex flex-wrap justify-center gap-x-4">
      <li
        v-for="d in dogs"
        :key="d.id"
        class="min-w-24 flex-1 pt-1 text-center"
        :style="{ maxWidth: `${Math.max(0.75, tall(d.profile.weightKg)) * 290}px` }"
      >
        <NuxtLink :to="`/dogs/${d.id}`" class="block truncate font-serif text-head font-medium">{{
          d.profile.name
        }}</NuxtLink>
        <span class="small block"
          >{{ d.profile.weightKg }} kg, {{ COATS[d.profile.coat].label.toLowerCase() }}</span
        >
        <ActButton :to="`/dogs/${d.id}/data`" kind="quiet"
          ><span class="max-desk:sr-only">{{ d.profile.name }}’s&nbsp;</span>data, out and in</ActButton
        >
      </li>
    </ul>
  </section>
</template>
