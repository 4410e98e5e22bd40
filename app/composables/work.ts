import { concernAt, stoppedParts } from '#core/care/look/stopped-parts'
import { growsBeard } from '#core/care/led/face'
import { ledSteps, workSteps, cutting } from '#core/care/led/works'
import type { WorkAsked } from '#core/care/led/step'
import { cutGate } from '#core/care/tidies/cut-gate'
import type { NotToday } from '#core/care/tidies/cut-gate'
import { allowedAt } from '#core/care/tidies/may'
import { goLow } from '#core/record/condition'
import { combedFirst, partsHere } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import { isTrim } from '#core/record/tidies'
import type { WorkId } from '#core/record/tidies'
import { careTakes, usualCareMinutes } from '#core/due/care-minutes'
import { buildOf } from '#drawing/build-of'
import { careDrawings } from '#drawing/care/which'
import { careOf } from '~/words/care'

/** One led work on this dog: what may be used, its steps and parts, and what the record knows against it. */
export function useWork(work: () => WorkId) {
  const { file, today, coat } = useDog()
  const { dueOf, concerns, habits } = useCare()
  const profile = computed(() => file.value.profile)
  /** The work where it cuts; a look has no permission. */
  const cut = computed(() => {
    const w = work()
    return cutting(w) ? w : null
  })
  const may = computed(() => (cut.value ? allowedAt(cut.value, habits.value) : null))

  /** Parts of this work that this dog has; those that run out are asked for, the rest when wanted. */
  const parts = computed(() => partsHere(work(), profile.value.absent))
  const care = computed(() => careOf(work()))
  const due = computed(() => (care.value ? dueOf(care.value) : null))
  const dueParts = computed(() => {
    const run = due.value?.parts.map((p) => p.part) ?? []
    return parts.value.filter((p) => !run.length || run.includes(p))
  })
  /** Parts that wait for a vet; where all of them do, so does the work. */
  const toldVet = computed(() => stoppedParts(work(), concerns.value, profile.value.absent))
  const concern = computed(() => concernAt(work(), concerns.value))
  const blocked = computed(() =>
    concern.value && dueParts.value.every((p) => toldVet.value.includes(p)) ? concern.value : null,
  )

  const asked = computed((): WorkAsked => ({
    setting: 'comb',
    taught: [],
    ...may.value,
    sex: profile.value.sex,
    neutered: profile.value.neutered,
    face: habits.value.face,
    ears: habits.value.ears,
    earHair: habits.value.earHair,
    earCare: habits.value.earCare,
    sanitary: habits.value.sanitary,
    bearded: growsBeard(profile.value.coat),
    floor: habits.value.floor,
    low: goLow(profile.value.condition),
    stopped: toldVet.value,
    ...(profile.value.hairyEars === undefined ? {} : { hairyEars: profile.value.hairyEars }),
  }))
  const steps = computed(() => workSteps(work(), asked.value))
  const cuts = computed(() => steps.value.some((s) => s.cutsWith.length && !s.waits))
  const inOrder = (of: readonly CarePartId[]) =>
    ledSteps(
      work(),
      steps.value,
      of.filter((p) => !toldVet.value.includes(p)),
    )

  /** Where on the map it works. */
  const placesFor = (of: readonly CarePartId[]) =>
    combedFirst(of).flatMap((p) => coat.value.places.filter((r) => r.region.place === p))
  const places = computed(() => placesFor(parts.value))
  const gateFor = (of: readonly CarePartId[]) => cutGate(placesFor(of), today.value, profile.value.coat)
  const against = computed<NotToday | null>(() =>
    cuts.value && isTrim(work()) ? gateFor(parts.value).against : null,
  )
  /** What of these the comb has not been through today: it goes first, where hair is cut. */
  const uncombedAt = (of: readonly CarePartId[]) => (cuts.value ? gateFor(of).uncombed : [])
  /** Of these parts: as learned from those that were timed; a neatening is no care that comes round. */
  const minutesFor = (of: readonly CarePartId[]) => {
    const all = care.value
      ? careTakes(file.value, care.value, today.value).now
      : usualCareMinutes(profile.value, work())
    // What is learned is of all that comes round.
    const usual = due.value?.parts.length
    return Math.max(1, Math.round(usual && of.length ? (all * of.length) / usual : all))
  }
  const drawings = computed(() =>
    careDrawings(work(), {
      sex: profile.value.sex,
      neutered: profile.value.neutered ?? false,
      build: buildOf(profile.value.coat),
      fringe: habits.value.face !== 'corners',
      bearded: asked.value.bearded,
      ears: habits.value.ears,
    }),
  )
  const setting = computed(() => may.value?.setting ?? 'comb')
  return {
    asked,
    steps,
    inOrder,
    parts,
    dueParts,
    toldVet,
    concern,
    blocked,
    may,
    setting,
    cuts,
    places,
    against,
    uncombedAt,
    minutesFor,
    drawings,
    due,
    care,
  }
}
