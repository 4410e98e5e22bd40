import { FetchError, ofetch } from 'ofetch'
import type { output, ZodType } from 'zod'
import type * as answers from '#shared/answers'
import type { Refusal } from '#shared/api'
import { OURS } from '#shared/limits'
import { TROUBLE } from '~/words/trouble'
import type { TroubleKind } from '~/words/trouble'

/**
 * A call that met no answer of ours: no network, a server that is away, or a network's own page in our
 * place. What it would have changed may or may not be changed; sending it again is safe.
 */
export class NoAnswer extends Error {
  constructor(
    readonly kind: TroubleKind,
    /** How long the server asks to be left alone, ms. */
    readonly retryAfterMs: number | null = null,
  ) {
    super(TROUBLE[kind].says)
  }
}
/** Our server said no, in words. */
export class Refused extends Error {
  constructor(
    readonly statusCode: number,
    message: string,
    readonly fields: Record<string, string> = {},
    readonly code: Refusal['code'] = undefined,
    readonly retryAfterMs: number | null = null,
    readonly refusal: Partial<Refusal> = {},
  ) {
    super(message)
  }
}

interface Options {
  method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  body?: object | Blob
  headers?: Record<string, string>
  responseType?: 'json' | 'blob'
  /** How long it is waited for, ms. */
  timeout?: number
}
/** How long an answer is waited for, ms (judgement). */
const PATIENCE_MS = 15_000

/** Seconds, or a date: as the header may give it, in ms from now. */
function retryAfter(headers: Headers): number | null {
  const said = headers.get('retry-after')
  if (!said) return null
  const ms = /^\d+$/.test(said) ? Number(said) * 1000 : Date.parse(said) - currentMs()
  return Number.isFinite(ms) && ms > 0 ? ms : null
}

/** A call to our own API, made again once whoever calls has said who they are, where that is asked. */
async function call(path: string, options: Options): Promise<unknown> {
  try {
    return await callOnce(path, options)
  } catch (error) {
    if (!(error instanceof Refused) || error.code !== 'again' || !(await askAgain(path))) throw error
    return callOnce(path, options)
  }
}

/** A call to our own API, and what came back, as it came. */
async function callOnce(path: string, options: Options): Promise<unknown> {
  let response: Awaited<ReturnType<typeof ofetch.raw<unknown>>>
  try {
    response = await ofetch.raw<unknown>(path, {
      retry: 0,
      timeout: PATIENCE_MS,
      ...options,
    } as Parameters<typeof ofetch.raw<unknown>>[1])
  } catch (error) {
    if (!(error instanceof FetchError) || !error.response) throw new NoAnswer('no-signal')
    const { status, headers } = error.response
    if (status >= 500) throw new NoAnswer('server-away', retryAfter(headers))
    if (!headers.has(OURS)) throw new NoAnswer('not-ours')
    const said = error.data as { message?: string; data?: Partial<Refusal> } | undefined
    throw new Refused(
      status,
      said?.message ?? 'That did not work.',
      said?.data?.fields,
      said?.data?.code,
      retryAfter(headers),
      said?.data,
    )
  }
  if (!response.headers.has(OURS)) throw new NoAnswer('not-ours')
  return response._data
}

/**
 * A call to our own API that is done or not; what it answers beside that is not looked at.
 * @throws NoAnswer when our server did not answer, Refused with its words when it says no
 */
export async function api(path: string, options: Options = {}): Promise<void> {
  await call(path, options)
}

type Answers = typeof answers
type Answer = { [K in keyof Answers]: Answers[K] extends ZodType ? K : never }[keyof Answers]
/**
 * A call to our own API, its answer read by its schema, which is loaded only when an answer comes.
 * @throws NoAnswer when our server did not answer in words it knows, Refused with its words when it says no
 */
export async function ask<K extends Answer>(
  answer: K,
  path: string,
  options: Options = {},
): Promise<output<Answers[K]>> {
  const raw = await call(path, options)
  const schema: ZodType = (await import('#shared/answers'))[answer]
  const read = schema.safeParse(raw)
  if (!read.success) throw new NoAnswer('not-understood')
  return read.data as output<Answers[K]>
}

/** A file of ours: a picture, a zip. @throws NoAnswer, Refused */
export async function askForFile(
  path: string,
  headers: Record<string, string> = {},
  timeout = PATIENCE_MS,
): Promise<Blob> {
  const raw = await call(path, { responseType: 'blob', headers, timeout })
  if (!(raw instanceof Blob)) throw new NoAnswer('not-understood')
  return raw
}

/**
 * What went wrong, in a sentence.
 * @param left what is to be said of what was being done, where our server did not answer
 */
export const inWords = (error: unknown, left = '') =>
  error instanceof NoAnswer
    ? [error.message, left].filter(Boolean).join(' ')
    : error instanceof Error
      ? error.message
      : 'Something went wrong. Nothing was lost.'
