<script setup lang="ts">
import { REGIONS } from '#core/coat/regions'
import { MARKS } from '#core/record/marks'
import type { Told } from '~/words/about'
import { capital } from '~/words/numbers'
import { MARK_SAYS, sayMark } from '~/words/truths'

/** Standing marks on the skin, by place, and one more. */
type Marks = NonNullable<Told['marks']>
const marks = defineModel<Marks>({ required: true })
const what = ref<Marks[number]['what']>('mole')
const region = ref<Marks[number]['region']>('belly')
const says = ref('')
function add() {
  const own = says.value.trim()
  marks.value = [...marks.value, { what: what.value, region: region.value, ...(own ? { says: own } : {}) }]
  says.value = ''
}
</script>

<template>
  <div>
    <p
      v-for="(m, i) in marks"
      :key="i"
      class="flex min-h-11 items-center gap-3 border-b border-rule [overflow-wrap:anywhere]"
    >
      <span class="flex-1">{{ capital(sayMark(m)) }}</span>
      <ActButton kind="quiet" @click="marks = marks.filter((_, n) => n !== i)">It is gone</ActButton>
    </p>
    <div class="flex flex-wrap items-end gap-x-5 gap-y-2 pt-2">
      <PickOne
        v-model="what"
        class="w-48"
        label="What it is"
        name="mark"
        :options="MARKS.map((value) => ({ value, words: MARK_SAYS[value] }))"
      />
      <PickOne
        v-model="region"
        class="w-48"
        label="Where"
        name="mark-place"
        :options="REGIONS.map((r) => ({ value: r.id, words: r.label.toLowerCase() }))"
      />
      <FormField
        v-model="says"
        class="w-56"
        label="In your words, if you like"
        name="mark-says"
        maxlength="80"
      />
      <ActButton :disabled="marks.length >= 20" @click="add">Add it</ActButton>
    </div>
  </div>
</template>
