import { createError } from 'h3'
import type { z } from 'zod'
import type { Refusal } from '../../shared/api'

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
