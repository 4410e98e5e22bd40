import { createError } from 'h3'
import type { z } from 'zod'
import type { Refusal } from '../../shared/api'
import { codeOf, log } from '../log'

/** A refusal in words, with no stack and nothing about anyone else. */
export const refuse = (statusCode: number, message: string, more?: Omit<Refusal, 'statusCode' | 'message'>) =>
  createError({ statusCode, message, data: more })

/** What a schema minded, one sentence a field; the first leads. */
export function refuseFor(error: z.ZodError) {
  const fields: Record<string, string> = {}
  for (const issue of error.issues) {
    const inner = issue.code === 'invalid_union' ? deepest(issue) : issue
    fields[[...issue.path, ...(inner === issue ? [] : inner.path)].join('.') || 'body'] ??= inner.message
  }
  return refuse(422, Object.values(fields)[0] ?? 'That could not be read.', { fields })
}

/** Of a choice of shapes, the complaint of the one that came nearest: the fewest issues. */
function deepest(issue: Extract<z.core.$ZodIssue, { code: 'invalid_union' }>): z.core.$ZodIssue {
  const nearest = issue.errors.filter((list) => list.length).sort((a, b) => a.length - b.length)[0]
  const first = nearest?.[0]
  if (!first) return issue
  return first.code === 'invalid_union' ? deepest(first) : first
}

/**
 * Something failed here that nobody foresaw. The log gets a code, the route, the call's number and how long it took,
 * and never a body, a name or a link; whoever called gets the number to ask after.
 */
export function failure(call: string, route: string, error: unknown, ms: number) {
  log.error({ call, route, code: codeOf(error), ms: Math.round(ms) }, 'failed')
  return createError({
    statusCode: 500,
    message: `Something failed here; nothing was changed. Its number is ${call}.`,
  })
}
