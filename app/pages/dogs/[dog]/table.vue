<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import type { RegionId } from '#core/coat/regions'
import { sayDay } from '#core/record/say-day'
import { plural } from '~/words/numbers'
import { sayFound } from '~/words/found'

/** A session: ready, one place after another, done. It is kept on the device until it is finished. */
const { file, today } = useDog()
const router = useRouter()
const record = useRecord()
const t = useTable(file.value.id)

const finished = computed(() => !!t.table.value && !t.current.value)
/** Left open on another day: gone on with only when told. */
const goneOn = ref(false)
const stale = computed(() => t.leftOpen.value && !goneOn.value)
const found = computed(() => t.found.value.map((f) => ({ ...f, says: sayFound(f) })))

async function start(regions: RegionId[]) {
  if (!useMe().mayLog) {
    record.onlyLooking = true
    return router.push(`/dogs/${file.value.id}`)
  }
  await startTable(file.value.id, today.value, regions)
  await t.open()
}
const ending = ref(false)
async function finish(to: string) {
  ending.value = true
  await t.finish()
  await router.push(`/dogs/${file.value.id}${to}`)
}
async function goOn() {
  await t.open()
  goneOn.value = true
}
async function close() {
  // What was left is read again first, so that the hours nobody was at it are not counted.
  await t.open()
  await t.finish()
  await t.open()
}

const wake = useWakeLock()
onMounted(() => wake.isSupported.value && void wake.request('screen').catch(() => undefined))
onBeforeUnmount(() => void wake.release().catch(() => undefined))
useHead({ title: 'At the table · Grumbo' })
</script>

<template>
  <main v-if="!t.loaded.value" class="p-6"><p class="why">Laying out</p></main>
  <TableReady v-else-if="!t.table.value" @start="start" />
  <main v-else-if="stale" class="mx-auto max-w-[440px] px-4 pt-10">
    <h1>A session is still open</h1>
    <p class="why mt-2">
      From {{ sayDay(t.table.value.day, today) }}, {{ plural(found.length, 'place') }} done. What was pressed
      is in the diary.
    </p>
    <ActButton kind="filled" class="mt-6 w-full text-lead" @click="close">Close it as it was</ActButton>
    <ActButton class="mt-3 w-full" @click="goOn">Go on with it</ActButton>
  </main>
  <TableDone
    v-else-if="finished"
    :found="found"
    :spent="t.spent.value"
    :ending="ending"
    @finish="finish"
    @undo="t.undo()"
  />
  <TableRun v-else :t="t" />
</template>
