<script setup lang="ts">
import { sayWished } from '#core/care/note/wish-words'
import type { Price } from '#core/plan/keeping'
import type { WishAnswerLine, WishLine } from '#core/record/wish-lines'
import { whereLabel } from '#core/record/wishes'
import { sayClear, sayLasts, sayMinutes } from '~/words/wish'

/** One line of a wish: what and how, what it costs, and what the groomer says to it. */
const props = defineProps<{
  number: number
  line: WishLine
  price?: Price | undefined
  answer?: WishAnswerLine | null
  /** What the groomer's own length costs. */
  rather?: Price | undefined
  /** In half a page there is no room for columns. */
  narrow?: boolean
}>()
const label = computed(() => whereLabel(props.line))
const otherwise = computed(() => props.answer && props.answer.how !== 'will')
const ANSWER = { will: 'Will do', rather: 'Rather', not: 'Not on this coat' }
</script>

<template>
  <div
    class="grid grid-cols-[26px_minmax(0,1fr)_auto] gap-x-3 gap-y-0.5 py-2.5"
    :class="narrow ? '' : 'desk:grid-cols-[26px_minmax(0,130px)_150px_76px_88px_minmax(0,1fr)]'"
    :data-wish="label"
  >
    <span class="figure text-story text-due">{{ number }}</span>
    <span class="min-w-0">
      <b class="font-semibold">{{ label }}</b><br />
      <component :is="otherwise && (answer!.mm !== undefined || answer!.how === 'not') ? 's' : 'span'">{{
        sayWished(line)
      }}</component>
      <b v-if="otherwise && answer!.mm !== undefined" class="block font-semibold text-due"
        >{{ answer!.mm }} mm</b
      >
    </span>
    <span class="text-right" :class="narrow ? '' : 'desk:text-left'" data-minutes>
      <template v-if="price">
        <span class="flex items-center justify-end gap-2" :class="narrow ? '' : 'desk:justify-start'"
          ><MinuteStrokes :minutes="price.minutes" :class="narrow ? 'hidden' : 'max-desk:hidden'" /><span
            >{{ sayMinutes(price.minutes)
            }}<span :class="narrow ? '' : 'desk:hidden'"> min a week</span></span
          ></span
        >
        <span
          v-if="rather"
          class="flex items-center justify-end gap-2 font-semibold text-due"
          :class="narrow ? '' : 'desk:mt-2 desk:justify-start'"
          ><MinuteStrokes :minutes="rather.minutes" due :class="narrow ? 'hidden' : 'max-desk:hidden'" />{{
            sayMinutes(rather.minutes)
          }}</span
        >
      </template>
      <span v-else class="text-ink-2" aria-hidden="true">…</span>
    </span>
    <span class="hidden" :class="narrow ? '' : 'desk:block'"
      ><template v-if="price">{{ sayClear(price.clear) }}</template
      ><span v-if="rather" class="block font-semibold text-due desk:mt-2">{{
        sayClear(rather.clear)
      }}</span></span
    >
    <span class="hidden" :class="narrow ? '' : 'desk:block'"
      ><template v-if="price">{{ sayLasts(price) }}</template
      ><span v-if="rather" class="block font-semibold text-due desk:mt-2">{{ sayLasts(rather) }}</span></span
    >
    <span v-if="price" class="small col-span-2 col-start-2" :class="narrow ? '' : 'desk:hidden'"
      >clear {{ sayClear(price.clear) }}, lasts {{ sayLasts(price)
      }}<b v-if="rather" class="font-semibold text-due"
        >; then {{ sayClear(rather.clear) }}, {{ sayLasts(rather) }}</b
      ></span
    >
    <span
      v-if="answer"
      class="col-span-2 col-start-2 flex gap-2"
      :class="narrow ? '' : 'desk:col-span-1 desk:col-start-6'"
      data-answer
    >
      <AnswerMark :how="answer.how" />
      <span
        ><b class="font-semibold" :class="otherwise ? 'text-due' : ''"
          >{{ ANSWER[answer.how] }}{{ answer.how === 'rather' ? ` ${answer.mm} mm` : ''
          }}{{ answer.because ? '.' : '' }}</b
        >
        {{ ' ' }}<i v-if="answer.because" class="why text-body">{{ answer.because }}</i></span
      >
    </span>
    <slot />
  </div>
</template>
