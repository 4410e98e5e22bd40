import { getHeader } from 'h3'
import type { H3Event } from 'h3'

/** A token goes in a header, where no log and no referrer has it. */
export const bearer = (event: H3Event): string | null =>
  /^Bearer ([\w-]{20,60})$/.exec(getHeader(event, 'authorization') ?? '')?.[1] ?? null
