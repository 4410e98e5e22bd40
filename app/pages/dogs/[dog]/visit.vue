<script setup lang="ts">
import { afterVisit } from '#core/care/note/after-visit'
import { dayAndMonth } from '#core/record/say-day'
import type { VisitEntered } from '~/offline/visit-entered'

/** A visit as the owner enters it, from the groomer's slip or what was said at the door. */
const { file, today } = useDog()
const record = useRecord()
const router = useRouter()
const busy = ref(false)
const problem = ref('')
async function enter({ visit, advice }: VisitEntered, finish: () => void) {
  busy.value = true
  problem.value = ''
  const { profile } = file.value
  try {
    await record.add(
      [visit, ...advice].map(({ day, what }) => ({ day, what })),
      [visit, ...advice].map((e) => e.id),
    )
    // It stands in the diary: entered again it would be another.
    finish()
    await record.send()
    await record.changeProfile(afterVisit(profile, visit.day, visit.what))
    await router.push(`/dogs/${file.value.id}`)
  } catch (error) {
    problem.value =
      error instanceof NoAnswer
        ? `${error.message} The visit is kept here and goes up by itself. Set the next visit${
            visit.what.suggests ? `, ${dayAndMonth(visit.what.suggests.day)},` : ''
          } once there is an answer.`
        : inWords(error)
  }
  busy.value = false
}
useHead({ title: computed(() => `${file.value.profile.name}, a visit · Grumbo`) })
</script>

<template>
  <div class="mx-auto max-w-[1000px]">
    <h1 class="pt-1 desk:pt-4">A visit, from the slip</h1>
    <VisitForm
      class="mt-2"
      :record="file"
      :today="today"
      :by="null"
      :kept-as="file.id"
      :busy="busy"
      :problem="problem"
      @enter="enter"
    />
  </div>
</template>
