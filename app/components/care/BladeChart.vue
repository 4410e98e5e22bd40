<script setup lang="ts">
import { RUNS_OUT_MM } from '#core/due/due'
import { BLADES } from '#core/record/cutters'
import { cuttersFor, daysToGrow, regrowth } from '#core/care/tidies/blades'
import type { Allowed } from '#core/care/tidies/may'

/** What the guards, and the blades this owner was taught, leave, and how long it is in the weeks after. */
const props = defineProps<{ growth: number; rear?: boolean; allowed: Allowed }>()
const mm = ref<number>(13)
const DAYS = 42
const weeks = computed(() => regrowth(mm.value, props.growth, DAYS).filter((_, d) => d % 7 === 0))
const overPads = computed(() => daysToGrow(RUNS_OUT_MM.paws, { now: props.growth }))
const cutters = computed(() => cuttersFor(props.allowed, props.rear ?? false))
const inchOf = (blade: string) => BLADES.find((b) => b.id === blade)?.inch
</script>

<template>
  <div>
    <PickOne
      v-model="mm"
      class="max-w-72"
      label="Left by the blade or guard"
      name="blade"
      :options="
        cutters.map((c) => ({
          value: c.mm,
          words: `${c.mm} mm${c.blade ? `, bare ${c.blade}, ${inchOf(c.blade)} in` : ', a guard comb'}`,
        }))
      "
    />
    <table class="mt-2 w-full text-body">
      <caption class="small text-left">
        Grows back by
        {{
          growth.toFixed(2)
        }}
        mm a day: hair is over the pads
        {{
          overPads
        }}
        days after it was level. Against the lie a blade leaves about a size less. From memory; makers differ.
      </caption>
      <tbody>
        <tr class="border-t border-rule">
          <th v-for="(_, w) in weeks" :key="w" class="py-1 text-left font-normal text-ink-2">
            {{ w ? `${w} wk` : 'today' }}
          </th>
        </tr>
        <tr class="border-t border-rule">
          <td v-for="(l, w) in weeks" :key="w" class="py-1 font-semibold">{{ Math.round(l) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
