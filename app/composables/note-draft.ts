import { standingAdvice } from '#core/care/note/advice'
import { inOrder, noteFacts, noteText, UNEDITED } from '#core/care/note/note'
import type { NoteEdited } from '#core/care/note/note'
import { noteEdited } from '#shared/drafts'
import { placeRow } from '#core/coat/regions'
import { ownersDrafts } from '~/offline/drafts'
import { askFrom, sayAsk } from '~/words/ask'

/** A note to the groomer as it is written: facts of the record, each to be struck out or moved, and the owner's words around them; kept here until it is sent. */
export function useNoteDraft() {
  const { file, today } = useDog()
  const route = useRoute()
  const router = useRouter()
  const facts = computed(() => noteFacts(file.value, today.value))
  const edited = ref<NoteEdited>(UNEDITED)

  function kept(): NoteEdited {
    const text = ownersDrafts.kept(file.value.id)
    if (!text) return UNEDITED
    try {
      return noteEdited.parse(JSON.parse(text))
    } catch {
      // One that was kept as a text is the owner's own, whole.
      return { ...UNEDITED, before: text, struck: facts.value.map((f) => f.id) }
    }
  }
  /** Asked for on another page: an ask of what if, or about an instruction for home. */
  function asked(): string {
    const about = standingAdvice(file.value, today.value).find((a) => a.id === route.query.about)
    if (!about) return sayAsk(askFrom(route.query)) ?? ''
    const where = about.place ? ` of the ${placeRow(about.place).plural.toLowerCase()}` : ''
    return `You said${where}: “${about.says}” `
  }
  onMounted(async () => {
    edited.value = kept()
    const ask = asked()
    if (!ask) return
    if (!edited.value.after.includes(ask)) change({ after: `${edited.value.after}\n${ask}`.trimStart() })
    // Once is enough.
    await router.replace({ query: {} })
  })
  const changed = computed(
    () =>
      !!edited.value.before.trim() ||
      !!edited.value.after.trim() ||
      edited.value.struck.length > 0 ||
      edited.value.order.length > 0,
  )
  function change(to: Partial<NoteEdited>) {
    edited.value = { ...edited.value, ...to }
    ownersDrafts.keep(file.value.id, changed.value ? JSON.stringify(edited.value) : null)
  }
  const lines = computed(() =>
    inOrder(facts.value, edited.value).map((f) => ({ ...f, struck: edited.value.struck.includes(f.id) })),
  )
  const field = (key: 'before' | 'after') =>
    computed({ get: () => edited.value[key], set: (to: string) => change({ [key]: to }) })
  return {
    lines,
    before: field('before'),
    after: field('after'),
    /** The note as the groomer reads it. */
    body: computed(() => noteText(facts.value, edited.value)),
    changed,
    strike: (id: string) =>
      change({
        struck: edited.value.struck.includes(id)
          ? edited.value.struck.filter((s) => s !== id)
          : [...edited.value.struck, id],
      }),
    /** @param by one up, or one down */
    move(id: string, by: -1 | 1) {
      const ids = lines.value.map((l) => l.id)
      const from = ids.indexOf(id)
      const to = from + by
      if (to < 0 || to >= ids.length) return
      ;[ids[from], ids[to]] = [ids[to]!, ids[from]!]
      change({ order: ids })
    },
    /** As the record has it again. */
    fromStart: () => change(UNEDITED),
    /** It was sent: nothing of it is kept here. */
    done: () => ownersDrafts.keep(file.value.id, null),
  }
}
