<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { likelyChance } from '#core/record/odds'
import type { CombedTold, HandFeels } from '#core/record/hand'
import { inOdds, plural } from '~/words/numbers'

/** A record nobody has written in for longer than the coat bears: how little is known, and a way to tell it. */
const props = defineProps<{ days: number }>()
const { file, today, coat } = useDog()
const record = useRecord()
const profile = computed(() => file.value.profile)
const says = computed(() => {
  const [low, high] = likelyChance(coat.value.places).map(inOdds)
  const between = low === high ? low : `between ${low} and ${high}`
  return `${COATS[profile.value.coat].ceilingDays} is as long as this coat goes uncombed. What stands here is reckoned, not met: a mat somewhere, ${between}.`
})
const telling = ref(false)
const combed = ref<CombedTold | null>(null)
const feels = ref<HandFeels | null>(null)
async function write() {
  if (!combed.value || !feels.value) return
  await record.add([
    { day: today.value, time: localTime(), what: { kind: 'hand', combed: combed.value, feels: feels.value } },
  ])
}
</script>

<template>
  <section aria-label="A silent record" class="mb-3 border-y border-rule py-2" data-silent>
    <p>
      <b class="font-semibold">Nothing written for {{ plural(props.days, 'day') }}.</b>
      <i class="why">{{ ` ${says}` }}</i>
    </p>
    <ActButton v-if="!telling && useMe().mayLog" kind="quiet" @click="telling = true"
      >{{ profile.sex === 'female' ? 'She' : 'He' }} was combed, unwritten</ActButton
    >
    <form v-else-if="telling" class="mt-2" @submit.prevent="write">
      <HandOver v-model:combed="combed" v-model:feels="feels" />
      <p class="small mt-2">Every place is met anew from here: a first going-over.</p>
      <div class="mt-2 flex gap-3">
        <ActButton class="flex-1" @click="telling = false">Not now</ActButton>
        <ActButton kind="filled" type="submit" class="flex-1" :disabled="!combed || !feels"
          >Write it in</ActButton
        >
      </div>
    </form>
  </section>
</template>
