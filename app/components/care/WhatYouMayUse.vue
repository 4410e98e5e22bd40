<script setup lang="ts">
import { allowedAt, everAt, missing, offered, withheld } from '#core/care/tidies/may'
import { SETTINGS } from '#core/record/habits'
import type { Setting } from '#core/record/habits'
import { MEANS } from '#core/record/means'
import type { MeansId } from '#core/record/means'
import type { CutId } from '#core/record/tidies'
import { settingLabel } from '~/words/care'
import { capital, listed } from '~/words/numbers'

/** What an owner may use at one tidy, tool by tool, and whose name is on it. */
const props = defineProps<{ work: CutId }>()
const { file } = useDog()
const { habits, changeHabits, problem } = useHabits()
const may = computed(() => allowedAt(props.work, habits.value))
const setting = computed(() => may.value.setting)
/** What is used, what another permission would add, and what may be used and is not there. */
const tools = computed(() => {
  const words = (list: typeof offered) => list(props.work, may.value).map((m) => MEANS[m])
  return { use: words(offered), not: words(withheld), missing: words(missing) }
})
const by = computed(() => may.value.by)
const choices = computed(() =>
  SETTINGS.map((value) => ({
    value,
    words: value === 'taught' && by.value ? `as ${by.value} showed me` : settingLabel(props.work, value),
  })),
)
const name = ref(by.value ?? habits.value.taughtBy ?? file.value.profile.groomer ?? '')
const naming = ref(false)
const set = (to: { setting: Setting; by?: string; with?: MeansId[] }) =>
  changeHabits({ may: { ...habits.value.may, [props.work]: to } })
async function choose(to: Setting) {
  naming.value = to === 'taught' && !by.value
  if (naming.value) return
  await set(to === 'taught' ? { setting: to, by: by.value!, with: shown.value } : keepName(to))
}
/** The name stays where another setting is chosen, for when it is chosen back. */
const keepName = (to: Setting) => ({ setting: to, ...(by.value ? { by: by.value } : {}) })
const shown = computed(() => {
  const { with: named } = habits.value.may[props.work] ?? {}
  return (
    named ??
    offered(props.work, { ...may.value, setting: 'taught', owned: undefined }).filter((m) => m in TOOLS.value)
  )
})
const TOOLS = computed(
  () => Object.fromEntries(everAt(props.work).map((m) => [m, MEANS[m]])) as Record<MeansId, string>,
)
const teach = (m: MeansId, on: boolean) =>
  set({
    setting: 'taught',
    by: by.value!,
    with: everAt(props.work).filter((one) => (one === m ? on : shown.value.includes(one))),
  })
</script>

<template>
  <fieldset>
    <legend class="float-left text-side text-ink-2">What you may use here</legend>
    <p class="small mb-1 text-right">a vet’s or groomer’s word comes first</p>
    <ChoiceRow
      :model-value="setting"
      tight
      label="What you may use here"
      class="flex-wrap"
      :choices="choices"
      @update:model-value="(s) => s && choose(s)"
    />
    <p class="small mt-1">
      {{ capital(tools.use.join(', ')) }}.
      <template v-if="tools.not.length"
        ><s v-for="n in tools.not" :key="n" class="mr-1">{{ n }}</s></template
      >
      <span v-if="tools.missing.length" data-missing
        >Not among your tools, or dull: {{ listed(tools.missing) }}.
        <NuxtLink :to="`/dogs/${file.id}/ways#cutters`" class="underline decoration-rule"
          >Your tools</NuxtLink
        ></span
      >
    </p>
    <form
      v-if="naming"
      class="mt-2 flex items-end gap-3"
      @submit.prevent="
        set({ setting: 'taught', by: name.trim(), with: shown }).then((ok) => ok && (naming = false))
      "
    >
      <label class="flex-1"
        ><span class="small block">Which groomer showed you?</span>
        <input
          v-model="name"
          name="taught-by"
          maxlength="40"
          class="h-11 w-full border-b border-edge bg-transparent"
      /></label>
      <ActButton type="submit" class="!min-h-11" :disabled="!name.trim()">That one</ActButton>
    </form>
    <div v-else-if="setting === 'taught'" class="mt-1">
      <label v-for="(words, m) in TOOLS" :key="m" class="flex min-h-11 items-center gap-2" :data-taught="m">
        <input
          type="checkbox"
          class="size-5 accent-due"
          :checked="shown.includes(m)"
          @change="teach(m, ($event.target as HTMLInputElement).checked)"
        />
        {{ words }}
      </label>
    </div>
    <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
  </fieldset>
</template>
