import { revalidateLogic, useForm } from '@tanstack/vue-form'
import type { input, output, ZodObject } from 'zod'

/** The names a form's fields go by, and what stands in them while it is written. */
type Values<S extends ZodObject> = input<S>

/**
 * A form held to a schema: the same the server reads with, so there is one sentence for each refusal. What is
 * wrong is said at its field once sending was tried, and from then on as it is mended; the first has the focus.
 * What the server refuses is said at the field it names, or else beneath.
 * @param left what is to be said of what was being done, where the server did not answer
 */
export function useSchemaForm<S extends ZodObject>(
  schema: S,
  empty: Values<S>,
  send: (value: output<S>) => Promise<unknown>,
  left = '',
) {
  /** What the server said of fields, until they are changed. */
  const told = ref<Record<string, string>>({})
  const problem = ref('')
  const busy = ref(false)
  const form = useForm({
    defaultValues: empty,
    validationLogic: revalidateLogic(),
    validators: { onDynamic: schema as never },
    onSubmit: async ({ value }) => {
      busy.value = true
      try {
        await send(schema.parse(value))
      } catch (error) {
        const fields = error instanceof Refused ? Object.entries(error.fields) : []
        // What is named and stands on no field here is said beneath.
        const here = fields.filter(([name]) => name in empty)
        told.value = Object.fromEntries(here)
        problem.value = here.length ? '' : inWords(error, left)
      }
      busy.value = false
    },
  })
  async function submit(event: Event) {
    const page = event.currentTarget as HTMLFormElement
    problem.value = ''
    told.value = {}
    await form.handleSubmit()
    await nextTick()
    page.querySelector<HTMLElement>('[aria-invalid=true]')?.focus()
  }
  /** What is wrong with a field as it stands; the server's word until it is changed. */
  const mended = (name: string) => {
    if (told.value[name]) told.value = { ...told.value, [name]: '' }
  }
  return { form, told, problem, busy, submit, mended }
}

/** A form's values one by one, for the controls that are no fields: a choice, a pile of strokes. */
export function modelOf<V extends object>(form: {
  useSelector: (of: (state: { values: V }) => V) => Readonly<Ref<V>>
  setFieldValue: (name: never, value: never) => void
}): V {
  const values = form.useSelector((state) => state.values)
  const each = Object.keys(values.value).map((name) => [
    name,
    computed({
      get: () => values.value[name as keyof V],
      set: (value) => form.setFieldValue(name as never, value as never),
    }),
  ])
  return reactive(Object.fromEntries(each)) as V
}

/** Where a field goes by what stands in others. */
export interface FormWithValues extends FormOfFields {
  form: {
    Field: unknown
    useSelector: (of: (state: { values: Partial<Record<string, string>> }) => string) => Readonly<Ref<string>>
  }
}
/** What a field of a form needs of it. */
export interface FormOfFields {
  form: { Field: unknown }
  told: Readonly<Ref<Partial<Record<string, string>>>>
  mended: (name: string) => void
}
