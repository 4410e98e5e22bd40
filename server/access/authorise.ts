import type { RouteKey } from './routes'
import { routeRow } from './routes'

/** Somebody signed in. */
export interface Member {
  kind: 'member'
  sessionId: string
  accountId: string
  householdId: string
  name: string
  email: string
}
/** Somebody with a live link to one dog. */
export interface LinkHolder {
  kind: 'link'
  shareId: string
  householdId: string
  dogId: string
  groomer: string
  scope: 'note' | 'stretch'
  expires: Date
}
export type Visitor = { kind: 'anonymous' } | Member | LinkHolder
/** What a route is about: one dog, or nothing in particular. */
export type Thing = { householdId: string; dogId: string } | null

/**
 * Whether this visitor may do this act to this thing. One answer for every route: `yes`, `sign-in`
 * (nobody is signed in), or `nothing-there`, which is also what another household's thing looks like.
 */
export function authorise(
  visitor: Visitor,
  act: RouteKey,
  thing: Thing,
): 'yes' | 'sign-in' | 'nothing-there' {
  switch (routeRow(act).access) {
    case 'anyone':
      return 'yes'
    case 'member':
      return visitor.kind === 'member' ? 'yes' : 'sign-in'
    case 'household':
      if (visitor.kind !== 'member') return 'sign-in'
      return thing && thing.householdId === visitor.householdId ? 'yes' : 'nothing-there'
    case 'link':
      return visitor.kind === 'link' ? 'yes' : 'nothing-there'
  }
}
