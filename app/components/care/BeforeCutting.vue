<script setup lang="ts">
import { CheckIcon } from '@heroicons/vue/24/outline'
import { beforeCutting } from '#core/care/led/before-cutting'
import { CARE_CAUTIONS } from '#core/care/cautions'

/** Before anything cuts, once a sitting: what has to be so, and what to do where it is not. */
const emit = defineEmits<{ begin: []; leave: [] }>()
const { file } = useDog()
const { habits } = useHabits()
const rows = computed(() => beforeCutting({ floor: habits.value.floor, name: file.value.profile.name }))
const not = ref<string | null>(null)
const ended = computed(() => rows.value.find((r) => r.id === not.value && r.ends))
</script>

<template>
  <div class="mx-auto flex min-h-[78dvh] max-w-[620px] flex-col" data-before>
    <h1 class="pt-1 desk:pt-4">Before any cutting</h1>
    <p class="why mt-1">Once a sitting. Press what is not so.</p>
    <ul class="mt-3 border-t border-ink">
      <li v-for="r in rows" :key="r.id" class="border-b border-rule">
        <button
          class="flex min-h-14 w-full items-center gap-3 py-2 text-left"
          :aria-expanded="not === r.id"
          :data-not="r.id"
          @click="not = not === r.id ? null : r.id"
        >
          <span
            class="grid size-6 shrink-0 place-items-center rounded-full border"
            :class="not === r.id ? 'border-caution text-caution' : 'border-ink'"
            aria-hidden="true"
            ><CautionMark v-if="not === r.id" :size="14" /><CheckIcon v-else class="size-4"
          /></span>
          <span class="min-w-0 flex-1">
            <b class="font-semibold" :class="not === r.id ? 'text-caution' : ''">{{ r.so }}</b>
            <span v-for="c in r.cautions ?? []" :key="c" class="block text-side font-semibold text-caution">{{
              CARE_CAUTIONS[c]
            }}</span>
          </span>
        </button>
        <p v-if="not === r.id" class="pb-3 pl-9 font-semibold text-caution" role="alert" data-not-today>
          {{ r.not }}
        </p>
      </li>
    </ul>
    <div class="flex-1" />
    <div class="sticky bottom-[60px] -mx-4 mt-3 bg-paper px-4 pb-2 desk:static desk:mx-0 desk:px-0">
      <ActButton v-if="ended" :to="`/dogs/${file.id}`" class="min-h-16 w-full" @click="emit('leave')"
        >Back to today</ActButton
      >
      <ActButton v-else kind="filled" class="min-h-16 w-full text-story" data-all-so @click="emit('begin')">
        {{ not ? 'It is so now: begin' : 'All of it is so: begin' }}
      </ActButton>
      <ActButton kind="quiet" class="mt-1" @click="emit('leave')">Not today: write nothing</ActButton>
    </div>
  </div>
</template>
