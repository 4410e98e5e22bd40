<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { capital, plural } from '~/words/numbers'
import { leadOfCauses, sayCauses, sayNotSeen } from '~/words/causes'

/** Why a dog knots: what each cause does to it, as its checks have it, against what it does to coats like it. */
const { file, coat } = useDog()
const said = computed(() => sayCauses(coat.value.causes, file.value.profile.harnessHours))
const lead = computed(() => leadOfCauses(said.value, file.value.profile.name))
const notSeen = computed(() => sayNotSeen(coat.value.causes, COATS[file.value.profile.coat]))
const TELLING = { more: 'font-semibold text-due', less: 'font-semibold' } as const
const seen = computed(() => Math.round(coat.value.causes.reduce((s, c) => s + c.exposure, 0)))
</script>

<template>
  <section aria-label="What makes it knot" class="mt-6 border-t border-ink pt-2" data-causes>
    <h2>{{ lead }}</h2>
    <p v-if="said.length" class="why">
      How many times as fast the places under it fill, from {{ plural(seen, 'knot') }} to be expected there.
      Today’s odds, the plan and what if go by it.
    </p>
    <table v-if="said.length" class="mt-2 w-full max-w-[720px] text-side">
      <thead>
        <tr class="text-left text-ink-2">
          <th class="py-1 font-normal">Under</th>
          <th class="py-1 pl-3 text-right font-normal">{{ file.profile.name }}</th>
          <th class="py-1 pl-3 text-right font-normal">likely</th>
          <th class="py-1 pl-3 text-right font-normal">coats like it</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in said" :key="c.cause" class="border-t border-rule" :data-cause="c.cause">
          <th scope="row" class="py-1.5 text-left font-normal">{{ capital(c.words) }}</th>
          <td class="figure text-right whitespace-nowrap" :class="c.telling ? TELLING[c.telling] : ''">
            {{ c.now }}
          </td>
          <td class="pl-3 text-right whitespace-nowrap">{{ c.likely }}</td>
          <td class="pl-3 text-right">{{ c.usual }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="notSeen" class="small mt-2">
      Not seen often enough at the comb, and taken as in coats like it: {{ notSeen }}.
    </p>
  </section>
</template>
