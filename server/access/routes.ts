import type { Role } from '../../shared/limits'

/**
 * Every route of the API and who may call it. A route that is not here cannot be defined, and a test
 * walks this list for every kind of caller.
 */
interface RouteRow {
  /**
   * Who is let in: anyone; a member signed in; a member of the dog's household; a live link; a
   * groomer signed in; the groomer in whose room this share is.
   */
  access: 'anyone' | 'member' | 'household' | 'link' | 'groomer' | 'invited'
  /** Of members, the least role that may; looking is for all of them. */
  role?: Exclude<Role, 'viewer'>
  /** Of links and shares, only those that open more than the thread. */
  wider?: true
  /** Asked before anybody is known to be signed in: where nobody is, the answer is that, and no refusal. */
  orNobody?: true
  /** Whoever has not said lately who they are says it once more. */
  again?: true
  /** Guesses are rationed: so many from one address in so many seconds. */
  ration?: { points: number; seconds: number }
}

const SIGN_IN = { points: 10, seconds: 300 }
const SIGN_UP = { points: 20, seconds: 3600 }

/** All of somebody's is dear to gather. */
const EVERYTHING = { points: 10, seconds: 3600 }

export const ROUTES = {
  'GET /api/health': { access: 'anyone' },
  'GET /api/ready': { access: 'anyone' },
  'POST /api/account': { access: 'anyone', ration: SIGN_UP },
  'POST /api/session': { access: 'anyone', ration: SIGN_IN },
  'POST /api/demo': { access: 'anyone', ration: { points: 60, seconds: 300 } },
  'DELETE /api/session': { access: 'member' },
  'GET /api/me': { access: 'member', orNobody: true },
  'PUT /api/me': { access: 'member' },
  'POST /api/me/confirmation': { access: 'member' },
  'POST /api/me/again': { access: 'member', ration: SIGN_IN },
  'PUT /api/me/password': { access: 'member', ration: SIGN_IN },
  'POST /api/me/address': { access: 'member', again: true },
  'GET /api/me/sessions': { access: 'member' },
  'DELETE /api/me/sessions': { access: 'member' },
  'DELETE /api/me/sessions/[session]': { access: 'member' },
  'GET /api/me/everything': { access: 'member', again: true, ration: EVERYTHING },
  'GET /api/me/passkeys': { access: 'member' },
  'POST /api/me/passkeys/options': { access: 'member', again: true },
  'POST /api/me/passkeys': { access: 'member', again: true },
  'DELETE /api/me/passkeys/[key]': { access: 'member', again: true },
  'POST /api/passkey/options': { access: 'anyone', ration: { points: 30, seconds: 300 } },
  'POST /api/passkey': { access: 'anyone', ration: SIGN_IN },
  'POST /api/password': { access: 'anyone', ration: SIGN_IN },
  'GET /api/password': { access: 'anyone', ration: SIGN_IN },
  'PUT /api/password': { access: 'anyone', ration: SIGN_IN },
  'POST /api/address': { access: 'anyone', ration: SIGN_IN },
  'POST /api/letters': { access: 'anyone', ration: { points: 30, seconds: 300 } },
  'GET /api/weather': { access: 'member' },
  'GET /api/coats-like': { access: 'member' },

  'GET /api/household': { access: 'member' },
  'PUT /api/household': { access: 'member', role: 'owner' },
  'POST /api/household/invitations': { access: 'member', role: 'owner', again: true },
  'DELETE /api/household/invitations/[invitation]': { access: 'member', role: 'owner' },
  'PUT /api/household/members/[member]': { access: 'member', role: 'owner' },
  // Anyone may leave; taking somebody else out is the owner's, and the service says so.
  'DELETE /api/household/members/[member]': { access: 'member' },
  'POST /api/household/deletion': { access: 'member', role: 'owner', again: true },
  'DELETE /api/household/deletion': { access: 'member', role: 'owner' },
  'GET /api/invitation': { access: 'anyone', ration: { points: 30, seconds: 300 } },
  'POST /api/invitation': { access: 'anyone', ration: SIGN_UP },

  'POST /api/dogs': { access: 'member', role: 'owner' },
  'GET /api/dogs/[dog]': { access: 'household' },
  'PUT /api/dogs/[dog]': { access: 'household', role: 'owner' },
  'POST /api/dogs/[dog]/deletion': { access: 'household', role: 'owner', again: true },
  'DELETE /api/dogs/[dog]/deletion': { access: 'household', role: 'owner' },
  'POST /api/dogs/[dog]/entries': { access: 'household', role: 'helper' },
  'GET /api/dogs/[dog]/photographs/[photograph]': { access: 'household' },
  'PUT /api/dogs/[dog]/photographs/[photograph]': {
    access: 'household',
    role: 'helper',
    ration: { points: 200, seconds: 3600 },
  },
  'GET /api/dogs/[dog]/notes': { access: 'household' },
  'POST /api/dogs/[dog]/notes': { access: 'household', role: 'owner' },
  'POST /api/dogs/[dog]/shares': { access: 'household', role: 'owner', again: true },
  'DELETE /api/dogs/[dog]/shares/[share]': { access: 'household', role: 'owner' },
  'POST /api/dogs/[dog]/feed': { access: 'household', role: 'owner', again: true },
  'DELETE /api/dogs/[dog]/feed': { access: 'household', role: 'owner' },
  'GET /api/feed/[token]': { access: 'anyone', ration: { points: 120, seconds: 300 } },

  'GET /api/shared': { access: 'link', ration: { points: 120, seconds: 300 } },
  'GET /api/shared/picture': { access: 'link', wider: true, ration: { points: 120, seconds: 300 } },
  'POST /api/shared/read': { access: 'link', ration: { points: 120, seconds: 300 } },
  'POST /api/shared/notes': { access: 'link', ration: { points: 30, seconds: 300 } },
  'GET /api/shared/photographs/[photograph]': {
    access: 'link',
    wider: true,
    ration: { points: 300, seconds: 300 },
  },

  'POST /api/groomer/account': { access: 'anyone', ration: SIGN_UP },
  'POST /api/groomer/session': { access: 'anyone', ration: SIGN_IN },
  'POST /api/groomer/demo': { access: 'anyone', ration: { points: 60, seconds: 300 } },
  'DELETE /api/groomer/session': { access: 'groomer' },
  'GET /api/room': { access: 'groomer', orNobody: true },
  'PUT /api/room': { access: 'groomer' },
  'POST /api/room/invitations': { access: 'groomer', again: true },
  'DELETE /api/room/invitations/[invitation]': { access: 'groomer' },
  'GET /api/room/invitation': { access: 'anyone', ration: { points: 30, seconds: 300 } },
  'POST /api/room/invitation': { access: 'groomer', ration: { points: 30, seconds: 300 } },
  // Anyone may leave; sending somebody else away is for whose room it is, and the service says so.
  'DELETE /api/room/colleagues/[groomer]': { access: 'groomer' },
  'POST /api/room/confirmation': { access: 'groomer' },
  'POST /api/room/again': { access: 'groomer', ration: SIGN_IN },
  'PUT /api/room/password': { access: 'groomer', ration: SIGN_IN },
  'POST /api/room/address': { access: 'groomer', again: true },
  'POST /api/room/deletion': { access: 'groomer', again: true },
  'DELETE /api/room/deletion': { access: 'groomer' },
  'GET /api/room/everything': { access: 'groomer', again: true, ration: EVERYTHING },
  'GET /api/room/passkeys': { access: 'groomer' },
  'POST /api/room/passkeys/options': { access: 'groomer', again: true },
  'POST /api/room/passkeys': { access: 'groomer', again: true },
  'DELETE /api/room/passkeys/[key]': { access: 'groomer', again: true },
  'GET /api/room/sessions': { access: 'groomer' },
  'DELETE /api/room/sessions': { access: 'groomer' },
  'DELETE /api/room/sessions/[session]': { access: 'groomer' },
  'POST /api/room/dogs': { access: 'groomer', ration: { points: 30, seconds: 300 } },
  'GET /api/room/dogs/[share]': { access: 'invited', orNobody: true },
  'DELETE /api/room/dogs/[share]': { access: 'invited' },
  'POST /api/room/dogs/[share]/read': { access: 'invited' },
  'POST /api/room/dogs/[share]/notes': { access: 'invited' },
  'POST /api/room/dogs/[share]/visits': { access: 'invited', wider: true },
  'POST /api/room/dogs/[share]/words': { access: 'invited', wider: true },
  'POST /api/room/dogs/[share]/price': {
    access: 'invited',
    wider: true,
    ration: { points: 300, seconds: 300 },
  },
  'GET /api/room/dogs/[share]/photographs/[photograph]': { access: 'invited', wider: true },
} as const satisfies Record<string, RouteRow>

export type RouteKey = keyof typeof ROUTES
export type AccessOf<K extends RouteKey> = (typeof ROUTES)[K]['access']
export const routeRow = (key: RouteKey): RouteRow => ROUTES[key]
