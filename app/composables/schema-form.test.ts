import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { pageGlobals } from '../../tests/support/page-globals'
import { signUpBody } from '#shared/api'

class Refused extends Error {
  constructor(
    message: string,
    readonly fields: Record<string, string> = {},
  ) {
    super(message)
  }
}
const schema = signUpBody.omit({ timeZone: true })
const ada = { name: 'Ada', email: 'Ada@example.org', password: 'comb-to-the-skin' }

/** A page with a form of these fields on it, and which of them has the focus. */
function page(wrong: () => string[]) {
  const focused = ref('')
  const form = {
    querySelector: () => (wrong()[0] ? { focus: () => (focused.value = wrong()[0]!) } : null),
  }
  return { event: { currentTarget: form } as unknown as Event, focused }
}
async function formOf(send: (value: unknown) => Promise<unknown>, values = ada) {
  const { useSchemaForm } = await import('./schema-form')
  return effectScope().run(() => useSchemaForm(schema, values, send, 'Nothing was changed.'))!
}
type Form = Awaited<ReturnType<typeof formOf>>
/** What is wrong, by the schema, field by field. */
const issues = ({ form }: Form) =>
  Object.entries((form.state.errorMap.onDynamic ?? {}) as Record<string, { message: string }[]>).map(
    ([name, all]) => [name, all[0]!.message],
  )

beforeEach(() => pageGlobals({ Refused, inWords: (e: Error, left: string) => `${e.message} ${left}`.trim() }))

describe('a form held to a schema', () => {
  it('sends what the schema makes of it', async () => {
    const send = vi.fn(async () => undefined)
    const form = await formOf(send)
    await form.submit(page(() => []).event)
    expect(send).toHaveBeenCalledWith({ ...ada, email: 'ada@example.org' })
    expect([form.busy.value, form.problem.value]).toEqual([false, ''])
  })
  it('sends nothing that the schema refuses, and says why in its sentences', async () => {
    const send = vi.fn(async () => undefined)
    const form = await formOf(send, { ...ada, email: 'ada', password: 'short' })
    expect(issues(form)).toEqual([])
    await form.submit(page(() => []).event)
    expect(send).not.toHaveBeenCalled()
    expect(issues(form)).toEqual([
      ['email', 'That is not an email address.'],
      ['password', 'A password wants 12 characters or more.'],
    ])
  })
  it('says what the server refuses at the field it names, until that is changed, and goes there', async () => {
    const form = await formOf(() =>
      Promise.reject(new Refused('No.', { email: 'That address has an account.' })),
    )
    const { event, focused } = page(() => Object.keys(form.told.value).filter((n) => form.told.value[n]))
    await form.submit(event)
    await nextTick()
    expect(form.told.value).toEqual({ email: 'That address has an account.' })
    expect([form.problem.value, focused.value]).toEqual(['', 'email'])
    form.mended('email')
    expect(form.told.value.email).toBe('')
  })
  it('says beneath what stands on no field of it, and what met no answer', async () => {
    const form = await formOf(() =>
      Promise.reject(new Refused('No.', { timeZone: 'That is not a time zone.' })),
    )
    await form.submit(page(() => []).event)
    expect([form.problem.value, form.told.value]).toEqual(['No. Nothing was changed.', {}])
    const away = await formOf(() => Promise.reject(new Error('No signal.')))
    await away.submit(page(() => []).event)
    expect([away.problem.value, away.busy.value]).toEqual(['No signal. Nothing was changed.', false])
  })
})
