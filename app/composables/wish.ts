import { lastCut } from '#core/care/note/wish-price'
import { PART_IDS, PLACE_IDS, regionsOf } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { Fact } from '#core/record/entries'
import { wishLinesSchema } from '#core/record/wish-lines'
import type { WishLine, WishWhere } from '#core/record/wish-lines'
import {
  answeredOtherwise,
  asAnswered,
  CANNOT_MAT_MM,
  regionsOfLine,
  standingWish,
  whereKey,
} from '#core/record/wishes'
import { ownersDrafts } from '~/offline/drafts'
import { sayMore } from '~/words/wish'

/** A wish as it is written, as it stands, and as it was answered. What is being written is kept here until it is asked. */
export function useWish() {
  const { file, today } = useDog()
  const { written, write, undo } = useWritten()
  const wish = computed(() => standingWish(file.value, today.value))
  const cut = computed(() => lastCut(file.value, today.value))
  /** As the last visit left it, mm: of a part its middle. */
  function before(where: WishWhere): number {
    const mms = regionsOfLine(where, []).flatMap((id) => cut.value.get(id) ?? [])
    return mms.length ? mms.sort((a, b) => a - b)[mms.length >> 1]! : 0
  }
  const asLast = (): WishLine[] =>
    PART_IDS.flatMap((part) => (before({ part }) ? [{ part, mm: Math.round(before({ part })) }] : []))

  const key = computed(() => `${file.value.id}:wish`)
  const draft = ref<WishLine[] | null>(null)
  onMounted(() => {
    const kept = ownersDrafts.kept(key.value)
    try {
      if (kept) draft.value = wishLinesSchema.parse(JSON.parse(kept))
    } catch {
      ownersDrafts.keep(key.value, null)
    }
  })
  watch(draft, (now) => ownersDrafts.keep(key.value, now && JSON.stringify(now)), { deep: true })

  const writing = computed(() => !!draft.value || !wish.value)
  const lines = computed<readonly WishLine[]>(() => draft.value ?? wish.value?.lines ?? asLast())
  const edit = (to: WishLine[]) => (draft.value = to)
  const add = (line: WishLine) => {
    const known = lines.value.some((l) => whereKey(l) === whereKey(line))
    if (known) return
    edit([...lines.value, line.mm === undefined ? { ...line, mm: Math.round(before(line)) } : line])
  }
  const problem = ref('')
  async function tell(what: Fact, says: string) {
    problem.value = ''
    try {
      await write(what, says)
    } catch (error) {
      problem.value = inWords(error, 'What you wished is still here.')
    }
  }
  async function ask() {
    await tell({ kind: 'wish', lines: lines.value.map((l) => ({ ...l })) }, 'Asked.')
    if (!problem.value) draft.value = null
  }
  const answers = computed(() => (writing.value ? [] : (wish.value?.answer?.lines ?? [])))
  const otherwise = computed(() => !!wish.value && !writing.value && answeredOtherwise(wish.value))
  const answeredLines = computed(() => (otherwise.value ? asAnswered(wish.value!) : null))

  const priced = useWishPrice(() => file.value, today)
  const price = priced(lines)
  const answerPrice = priced(answeredLines)
  return {
    wish,
    lines,
    writing,
    answers,
    price,
    answered: computed(() =>
      answeredLines.value && answerPrice.value
        ? { lines: answeredLines.value, price: answerPrice.value }
        : null,
    ),
    places: computed(() =>
      PLACE_IDS.filter((p: PlaceId) => regionsOf(p).some((r) => !file.value.profile.absent.includes(r.id))),
    ),
    before,
    sayChange: sayMore,
    SHORT: CANNOT_MAT_MM,
    add,
    change: (i: number, line: WishLine) => edit(lines.value.map((l, k) => (k === i ? line : l))),
    takeOff: (i: number) => edit(lines.value.filter((_, k) => k !== i)),
    ask,
    again: () => edit([...(wish.value?.lines ?? asLast())]),
    leaveIt: () => (draft.value = null),
    mayTake: computed(() => otherwise.value && !wish.value!.taken),
    take: () => tell({ kind: 'wish-taken', answer: wish.value!.answer!.id }, 'Agreed.'),
    undoable: computed(() => written.value?.says ?? ''),
    undo,
    problem,
  }
}
