<script setup lang="ts">
import { MONTHS } from '#core/record/say-day'
import type { Told } from '~/words/about'
import { sayGarment } from '~/words/truths'

/** What the dog wears: each garment with its months and its hours, and one more. */
type Garments = NonNullable<Told['garments']>
const worn = defineModel<Garments>({ required: true })
const what = ref('jumper')
const from = ref(11)
const to = ref(3)
const hours = ref(2)
const months = MONTHS.map((words, i) => ({ value: i + 1, words }))
const add = () =>
  (worn.value = [
    ...worn.value,
    { what: what.value.trim(), from: from.value, to: to.value, hours: hours.value },
  ])
</script>

<template>
  <div>
    <p v-for="(g, i) in worn" :key="i" class="flex min-h-11 items-center gap-3 border-b border-rule">
      <span class="flex-1">{{ sayGarment(g) }}</span>
      <ActButton kind="quiet" @click="worn = worn.filter((_, n) => n !== i)">Take off</ActButton>
    </p>
    <div class="flex flex-wrap items-end gap-x-5 gap-y-2 pt-2">
      <FormField v-model="what" class="w-32" label="It wears" name="garment" maxlength="30" />
      <PickOne v-model="from" class="w-32" label="from" name="garment-from" :options="months" />
      <PickOne v-model="to" class="w-32" label="to" name="garment-to" :options="months" />
    </div>
    <div class="flex flex-wrap items-center gap-x-5">
      <NumberStepper
        v-model="hours"
        class="gap-3"
        label="Hours a day"
        fewer="An hour less"
        more="An hour more"
        :most="24"
      />
      <ActButton :disabled="!what.trim() || worn.length >= 6" @click="add">Add the {{ what }}</ActButton>
    </div>
  </div>
</template>
