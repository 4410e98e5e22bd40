<script setup lang="ts">
import { nextVisitOf } from '#core/record/next-visit'
import { shortWeekday } from '#core/record/say-day'

/** Days the groomer gave: one is taken by a press, and the stretch is planned to it. */
const { file, today } = useDog()
const record = useRecord()
const proposed = computed(() => nextVisitOf(file.value, today.value).proposed)
const busy = ref(false)
const problem = ref('')
async function take(day: string) {
  busy.value = true
  problem.value = ''
  try {
    await record.changeProfile({ ...file.value.profile, nextVisit: day })
  } catch (error) {
    problem.value = inWords(error, 'The days still stand; press again.')
  }
  busy.value = false
}
</script>

<template>
  <section
    v-if="proposed"
    class="mb-4 border-l-3 border-l-due pl-3"
    aria-label="Days for the visit"
    data-proposed
  >
    <p class="font-semibold">{{ proposed.from }} could take {{ file.profile.name }} on:</p>
    <p v-if="proposed.says" class="why">{{ proposed.says }}</p>
    <div class="mt-2 flex flex-wrap gap-3">
      <ActButton v-for="d in proposed.days" :key="d" :disabled="busy" @click="take(d)">{{
        shortWeekday(d)
      }}</ActButton>
    </div>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <p class="small mt-1">
      A press books it, and your stretch runs to it. It can be moved again under About.
    </p>
  </section>
</template>
