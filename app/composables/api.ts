import { FetchError, ofetch } from 'ofetch'
import type { Refusal } from '#shared/api'

/** A call to our own API. Refusals come back as `Refused`, no signal as `NoSignal`. */
export class NoSignal extends Error {
  constructor() {
    super('There is no signal just now.')
  }
}
export class Refused extends Error {
  constructor(
    readonly statusCode: number,
    message: string,
    readonly fields: Record<string, string> = {},
    readonly code: Refusal['code'] = undefined,
  ) {
    super(message)
  }
}

interface Options {
  method?: 'GET' | 'POST' | 'PUT' | 'DELETE'
  body?: object | Blob
  headers?: Record<string, string>
  responseType?: 'json' | 'blob'
}

/** @throws NoSignal when the server cannot be reached, Refused with its words when it says no */
export async function api<T>(path: string, options: Options = {}): Promise<T> {
  try {
    return (await ofetch(path, { retry: 0, timeout: 15_000, ...options })) as T
  } catch (error) {
    if (!(error instanceof FetchError) || !error.response || error.response.status >= 500)
      throw new NoSignal()
    const said = error.data as { message?: string; data?: Pick<Refusal, 'fields' | 'code'> } | undefined
    throw new Refused(
      error.response.status,
      said?.message ?? 'That did not work.',
      said?.data?.fields,
      said?.data?.code,
    )
  }
}

export const inWords = (error: unknown) =>
  error instanceof Error ? error.message : 'Something went wrong. Nothing was lost.'
