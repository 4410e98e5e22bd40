import type { Role, Scope } from '../../shared/limits'
import { currentInstant } from '../clock'
import type { SessionState } from '../services/sessions'
import type { RouteKey } from './routes'
import { routeRow } from './routes'

/** Somebody signed in to a household. */
export interface Member extends SessionState {
  kind: 'member'
  sessionId: string
  accountId: string
  householdId: string
  role: Role
  name: string
  email: string
  /** Whoever reads the mail there said that the account is theirs. */
  claimed: boolean
}
/** Somebody whose session outlived their place in the household. */
export interface Former {
  kind: 'former'
  household: string
}
/** A groomer signed in to their room. */
export interface Groomer extends SessionState {
  kind: 'groomer'
  sessionId: string
  groomerId: string
  /** The room they work in, by whose it is: their own, or a colleague's. */
  roomId: string
  name: string
  room: string
  email: string
  claimed: boolean
}
/** Somebody with a live link to one dog. */
export interface LinkHolder {
  kind: 'link'
  shareId: string
  householdId: string
  dogId: string
  groomer: string
  scope: Scope
  expires: Date
}
export type Visitor = { kind: 'anonymous' } | Member | Former | Groomer | LinkHolder
/** A live share of one dog, kept in a groomer's room. */
export interface Kept {
  roomId: string
  share: LinkHolder
}
/** What a route is about: one dog, a share in a room, or nothing in particular. */
export type Thing = { householdId: string; dogId: string } | Kept | null

export type Answer = 'yes' | 'again' | 'sign-in' | 'no-longer' | 'not-yours' | 'nothing-there'

const WIDER: readonly Scope[] = ['stretch', 'history']

/**
 * Whether this visitor may do this act to this thing. One answer for every route: `yes`; `sign-in`,
 * nobody is signed in; `no-longer`, they were a member once; `not-yours`, their role does not go so
 * far; `nothing-there`, which is also what another household's thing looks like; or `again`, they may and are to say
 * once more who they are.
 */
export function authorise(visitor: Visitor, act: RouteKey, thing: Thing): Answer {
  const may = mayAtAll(visitor, act, thing)
  if (may !== 'yes' || !routeRow(act).again) return may
  return 'provedUntil' in visitor && visitor.provedUntil > currentInstant() ? 'yes' : 'again'
}

function mayAtAll(visitor: Visitor, act: RouteKey, thing: Thing): Exclude<Answer, 'again'> {
  const { access, role = 'viewer', wider } = routeRow(act)
  switch (access) {
    case 'anyone':
      return 'yes'
    case 'member':
    case 'household': {
      if (visitor.kind === 'former') return 'no-longer'
      if (visitor.kind !== 'member') return 'sign-in'
      if (access === 'household' && !(thing && 'dogId' in thing && thing.householdId === visitor.householdId))
        return 'nothing-there'
      return REACH[visitor.role] >= REACH[role] ? 'yes' : 'not-yours'
    }
    case 'link':
      if (visitor.kind !== 'link') return 'nothing-there'
      return wider && !WIDER.includes(visitor.scope) ? 'nothing-there' : 'yes'
    case 'groomer':
      return visitor.kind === 'groomer' ? 'yes' : 'sign-in'
    case 'invited': {
      if (visitor.kind !== 'groomer') return 'sign-in'
      if (!(thing && 'share' in thing && thing.roomId === visitor.roomId)) return 'nothing-there'
      return wider && !WIDER.includes(thing.share.scope) ? 'nothing-there' : 'yes'
    }
  }
}

/** How far a role reaches: each may do what those below it may. */
const REACH: Record<Role, number> = { viewer: 0, helper: 1, owner: 2 }
