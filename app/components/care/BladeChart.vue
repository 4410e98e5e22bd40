<script setup lang="ts">
import { RUNS_OUT_MM } from '#core/care/due'
import { BLADES, daysToGrow, GUARDS_MM, leaves, regrowth, SHORTEST_AT_THE_REAR } from '#core/care/blades'

/** What blades and guards leave, and how long it is in the weeks after. */
const props = defineProps<{ growth: number; rear?: boolean }>()
const mm = ref<number>(13)
const DAYS = 42
const weeks = computed(() => regrowth(mm.value, props.growth, DAYS).filter((_, d) => d % 7 === 0))
const overPads = computed(() => daysToGrow(RUNS_OUT_MM.paws, { now: props.growth }))
const shortest = props.rear ? leaves(SHORTEST_AT_THE_REAR) : 0
const sizes = [...new Set([...BLADES.map((b) => b.mm), ...GUARDS_MM])]
  .filter((s) => s >= shortest)
  .sort((a, b) => a - b)
const named = (size: number) => BLADES.find((b) => b.mm === size)?.id
</script>

<template>
  <div>
    <label class="block">
      <span class="small block">Left by the blade or guard</span>
      <select v-model.number="mm" name="blade" class="h-11 border-b border-edge bg-transparent pr-2">
        <option v-for="s in sizes" :key="s" :value="s">
          {{ s }} mm{{
            named(s) ? `, ${named(s)}, ${BLADES.find((b) => b.mm === s)?.inch} in` : ', a guard comb'
          }}
        </option>
      </select>
    </label>
    <table class="mt-2 w-full text-[15px]">
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
